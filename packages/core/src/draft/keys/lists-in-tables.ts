import type { DraftRecord } from '../records/record.ts'
import { fitOf } from './fit.ts'
import type { Ids } from './list-ids.ts'
import type { ListEntry } from './list-entry.ts'

interface Cell {
  readonly text: string
  readonly from: number
  readonly to: number
}

/** A list drawn as a table: a row for each item, or its columns are the items. */
export function tableEntries(texts: readonly string[], ids: Ids, records: readonly DraftRecord[]): ListEntry[] {
  const rows = texts.map((text) => (text.includes('|') ? cellsOf(text) : []))
  const taken = new Set<number>()
  return rows.flatMap((row, line) => {
    if (row.length < 2 || taken.has(line)) return []
    const below = rows[line + 1] ?? []
    const across = acrossEntries(row, below, line, ids)
    if (across.length) taken.add(line + 1)
    if (across.length) return across
    const inCells = cellEntries(row, line, ids)
    return inCells.length > 1 ? inCells : rowEntries(row, line, ids, records)
  })
}

function cellsOf(text: string): Cell[] {
  const cells: Cell[] = []
  let from = text.startsWith('|') ? 1 : 0
  for (let at = from; at <= text.length; at++) {
    if (at < text.length && text.charAt(at) !== '|') continue
    const raw = text.slice(from, at)
    const lead = raw.length - raw.trimStart().length
    if (at < text.length || raw.trim())
      cells.push({ text: raw.trim(), from: from + lead, to: from + raw.trimEnd().length })
    from = at + 1
  }
  return cells
}

function idIn(text: string, ids: Ids): readonly number[] | undefined {
  return ids.get(
    text
      .toLowerCase()
      .replace(/^(?:\p{L}{2,14}\.?\s)+(?=\d)/u, '')
      .replace(/[.):°]+$/, ''),
  )
}

/** Numbers of items in one row, their keys in the row below. */
function acrossEntries(row: readonly Cell[], below: readonly Cell[], line: number, ids: Ids): ListEntry[] {
  const numbers = row.map((cell) => idIn(cell.text, ids)?.[0])
  const count = numbers.filter((one) => one !== undefined).length
  if (count < 2 || count < row.length * 0.6 || below.length < row.length - 1) return []
  if (below.filter((cell) => idIn(cell.text, ids) !== undefined).length > below.length * 0.6) return []
  // Where the next number stands below the first one and not beside it, they go down and not across.
  const first = numbers.findIndex((one) => one !== undefined)
  const next = (numbers[first] ?? 0) + 1
  if (numbers[first + 1] !== next && idIn(below[first]?.text ?? '', ids)?.[0] === next) return []
  return numbers.flatMap((record, at) => {
    const cell = below[at]
    return record === undefined || !cell?.text
      ? []
      : [{ record, value: { line: line + 1, from: cell.from, endLine: line + 1, to: cell.to } }]
  })
}

/** "| 1 B | 2 B | 3 D |": number and key in one cell. */
function cellEntries(row: readonly Cell[], line: number, ids: Ids): ListEntry[] {
  return row.flatMap((cell) => {
    const found = /^(\S{1,5}?)[.):]?\s+(?=\S)/u.exec(cell.text)
    const record = found?.[1] ? idIn(found[1], ids)?.[0] : undefined
    return found && record !== undefined
      ? [{ record, value: { line, from: cell.from + found[0].length, endLine: line, to: cell.to } }]
      : []
  })
}

/** The number of an item in the first cells of a row, and its key in the first cell behind it that fits. */
function rowEntries(row: readonly Cell[], line: number, ids: Ids, records: readonly DraftRecord[]): ListEntry[] {
  const at = row.slice(0, 2).findIndex((cell) => idIn(cell.text, ids) !== undefined)
  const record = at < 0 ? undefined : idIn(row[at]?.text ?? '', ids)?.[0]
  const own = record === undefined ? undefined : records[record]
  if (record === undefined || !own) return []
  const cell = row.slice(at + 1).find((one) => one.text !== '' && fitOf(one.text, own) > 0)
  return cell ? [{ record, value: { line, from: cell.from, endLine: line, to: cell.to } }] : []
}
