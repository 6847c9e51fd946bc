import { parse } from 'csv-parse/sync'
import type { DocumentBlock } from '@zakuska/core'
import { PackageError } from '../common/zip.ts'

const DELIMITERS = ['\t', ';', ',', '|'] as const
const SEEN_ROWS = 30
/** Letters that are looked at for a delimiter. */
const SEEN_LETTERS = 200_000
export const MAX_CELLS = 1_000_000

/** The delimiter of text that is a table of values; null: it is no such table. */
export function csvDelimiter(text: string): string | null {
  let best: { delimiter: string; score: number } | null = null
  const seen = text.slice(0, SEEN_LETTERS)
  for (const delimiter of DELIMITERS) {
    const rows = records(seen, delimiter, SEEN_ROWS)?.filter((row) => row.some(Boolean))
    const widths = (rows ?? []).map((row) => row.length)
    if (widths.length < 2) continue
    const usual = mostFrequent(widths)
    const share = widths.filter((width) => width === usual).length / widths.length
    // A few commas in each line are prose; a table has at least three columns in nearly every row.
    if (usual < 3 || share < 0.8) continue
    const score = share * usual
    if (!best || score > best.score) best = { delimiter, score }
  }
  return best?.delimiter ?? null
}

/**
 * Rows of comma, semicolon or tab separated values (RFC 4180, with the delimiter that is there).
 *
 * @throws PackageError where there are more cells than anybody reads.
 */
export function readCsv(text: string, delimiter: string): DocumentBlock[] {
  if (countOf(text, delimiter) + countOf(text, '\n') > MAX_CELLS)
    throw new PackageError(`The table holds more than ${MAX_CELLS.toLocaleString('en')} cells. Open a part of it.`)
  const rows = records(text, delimiter) ?? []
  const runs = (cell: string) => (cell ? [{ text: unescapedCell(cell), styles: [] }] : [])
  return [{ type: 'table', rows: rows.map((row) => row.map(runs)) }]
}

/** A cell that a sheet would take for a formula is written with an apostrophe before it. */
const ESCAPED = /^'(?=[=+\-@])/

export function unescapedCell(cell: string): string {
  return cell.replace(ESCAPED, '')
}

export function escapedCell(cell: string): string {
  const isNumber = cell.trim() !== '' && Number.isFinite(Number(cell.replace(',', '.')))
  return /^[=+\-@\t\r]/.test(cell) && !isNumber ? `'${cell}` : cell
}

/** The first rows, or all; counted in rows, since a quoted cell may run over many lines. */
function records(text: string, delimiter: string, count?: number): string[][] | null {
  for (const quote of ['"', null])
    try {
      return parse(text, {
        delimiter,
        quote,
        bom: true,
        relax_column_count: true,
        skip_empty_lines: true,
        ...(count !== undefined && { to: count }),
        ...(delimiter === '\t' && { quote: null }),
      })
    } catch {
      continue
    }
  return null
}

function countOf(text: string, sign: string): number {
  let count = 0
  for (let at = text.indexOf(sign); at >= 0; at = text.indexOf(sign, at + 1)) count++
  return count
}

function mostFrequent(values: readonly number[]): number {
  const counts = new Map<number, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  return [...counts].reduce((most, one) => (one[1] > most[1] ? one : most))[0]
}

/** The rows of a table of values, whatever parts its cells; one cell a row where nothing does. */
export function csvRows(text: string): string[][] {
  const fitting = csvDelimiter(text) ?? DELIMITERS.find((one) => (text.split('\n', 1)[0] ?? '').includes(one)) ?? ','
  return records(text, fitting) ?? []
}
