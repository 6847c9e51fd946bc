import { expandTable } from '../columns/expand.ts'
import { guessLayout } from '../columns/guess.ts'
import { expandByShape } from '../columns/shapes.ts'
import type { DocumentBlock, DocumentCell } from './blocks.ts'
import { paragraphOf } from './blocks.ts'

const ROW = /^\s*\|.*\|\s*$/
/** "+----+------+": the line between rows of a table that is drawn with signs. */
const DRAWN = /^\s*\+(?:[-=]{2,}\+){1,30}\s*$/
/** "Nr | Question | Answer", without bars at its ends. */
const BARE = /^[^|]*\S\s\|\s[^|]*(?:\s\|\s?[^|]*)+$/
const DIVIDER = /^\s*\|(?:\s*:?-{2,}:?\s*\|)+\s*$/

/**
 * Plain text with Markdown tables as a document: a table whose columns hold questions is taken apart into items.
 *
 * @returns null where no table of the text holds questions, so that the text is best read as it is.
 */
export function tablesInText(text: string): DocumentBlock[] | null {
  const lines = text.split(/\r?\n/)
  const blocks: DocumentBlock[] = []
  let found = false
  for (let at = 0; at < lines.length;) {
    const end = tableEnd(lines, at)
    if (end - at < 2) {
      blocks.push({ ...paragraphOf(lines[at] ?? ''), isPrintedLine: true })
      at++
      continue
    }
    const rows = rowsOf(lines.slice(at, end))
    const shaped = expandByShape(rows)
    const layout = shaped ? null : guessLayout(rows)
    if (shaped) {
      found = true
      blocks.push(...shaped)
    } else if (layout) {
      found = true
      blocks.push(...expandTable(rows, layout))
    } else for (const line of lines.slice(at, end)) blocks.push({ ...paragraphOf(line), isPrintedLine: true })
    at = end
  }
  return found ? blocks : null
}

/** The rows of a table; in a drawn one all lines between two rules are one row. */
function rowsOf(lines: readonly string[]): DocumentCell[][] {
  if (!lines.some((line) => DRAWN.test(line))) return lines.filter((line) => !DIVIDER.test(line)).map(cellsOf)
  const rows: string[][] = []
  let open: string[][] = []
  for (const line of lines) {
    if (!DRAWN.test(line)) open.push(line.trim().slice(1, -1).split('|'))
    else if (open.length) {
      rows.push(joined(open))
      open = []
    }
  }
  if (open.length) rows.push(joined(open))
  return rows.map((row) => row.map((cell) => (cell ? [{ text: cell, styles: [] }] : [])))
}

function joined(lines: readonly (readonly string[])[]): string[] {
  const width = Math.max(...lines.map((line) => line.length))
  return Array.from({ length: width }, (_none, at) =>
    lines
      .map((line) => (line[at] ?? '').trim())
      .filter(Boolean)
      .join('\n'),
  )
}

function tableEnd(lines: readonly string[], from: number): number {
  let end = from
  while (end < lines.length && (ROW.test(lines[end] ?? '') || DRAWN.test(lines[end] ?? ''))) end++
  return end > from ? end : bareEnd(lines, from)
}

/** Three rows or more with as many bars in each are a table, even without bars round them. */
function bareEnd(lines: readonly string[], from: number): number {
  const bars = (line: string): number => line.split('|').length
  const first = lines[from] ?? ''
  let end = from
  while (end < lines.length && BARE.test(lines[end] ?? '') && bars(lines[end] ?? '') === bars(first)) end++
  return end - from > 2 ? end : from
}

/** A row without the bars at its ends, where it has them. */
function withoutEnds(line: string): string {
  const plain = line.trim()
  return ROW.test(line) ? plain.slice(1, -1) : plain
}

function cellsOf(line: string): DocumentCell[] {
  return withoutEnds(line)
    .split(/(?<!\\)\|/)
    .map((cell) =>
      cell
        .trim()
        .replaceAll('\\|', '|')
        .replace(/<br\s*\/?>/gi, '\n'),
    )
    .map((cell) => (cell ? [{ text: cell, styles: [] }] : []))
}
