import type { Facts } from './facts.ts'

/** A row of a table between bars, as its cells; empty cells stay. */
export function barCells(text: string): string[] {
  const inner = text.replace(/^\s*\|/, '').replace(/\|\s*$/, '')
  return inner.split('|').map((cell) => cell.trim())
}

const FIGURE = /^(?:\p{L}{2,12}\.?\s)?\(?\p{L}?\d{1,3}(?:\.\d{1,2})?\)?[.:)]?$/u
const TICK = /^(?:[xX✓✔✗☑☒●×☐□]|[([]\s?[xX✓✔]?\s?[)\]])$/u
const RULED = /^:?-{2,}:?$/
const SHORT_CELL = 40

/**
 * What sort of table each row between bars stands in, seen from all of its rows: `across` counts items in a row with
 * their keys below, `down` has the number of an item before each key, `ticks` is to be ticked, `pairs` has two columns,
 * `wide` anything else. By unit; null for lines that are no rows.
 */
export function tableSorts(facts: readonly Facts[]): readonly (string | null)[] {
  const sorts: (string | null)[] = facts.map(() => null)
  for (let at = 0; at < facts.length; at++) {
    if (!isRow(facts[at])) continue
    let end = at + 1
    while (end < facts.length && isRow(facts[end])) end++
    const sort = sortOf(facts.slice(at, end).map((one) => barCells(one.unit.text)))
    for (let row = at; row < end; row++) sorts[row] = sort
    at = end
  }
  return sorts
}

function isRow(facts: Facts | undefined): boolean {
  return facts !== undefined && facts.bars >= 2
}

function sortOf(all: readonly (readonly string[])[]): string {
  const rows = all.filter((cells) => !cells.every((cell) => cell === '' || RULED.test(cell)))
  const [first = []] = rows
  const figures = first.filter((cell) => FIGURE.test(cell)).length
  if (rows.length <= 3 && figures >= 2 && figures >= first.length * 0.6) return 'across'
  const body = rows.slice(1)
  const ticked = body.flat().filter((cell) => TICK.test(cell)).length
  if (ticked >= Math.max(1, body.length * 0.5) && ticked <= body.length * (first.length - 1)) return 'ticks'
  const numbered = body.filter((cells) => FIGURE.test(cells[0] ?? '')).length
  const short = body.filter((cells) => (cells[1] ?? '').length > 0 && (cells[1] ?? '').length < SHORT_CELL).length
  if (body.length > 1 && numbered >= body.length * 0.6)
    return short >= body.length * 0.5 && first.length < 5 ? 'down' : 'numbered'
  const empty = body.filter((cells) => cells.slice(1).every((cell) => cell === '')).length
  if (body.length > 1 && first.length > 2 && empty >= body.length * 0.6) return 'ticks'
  return Math.max(...rows.map((cells) => cells.length)) === 2 ? 'pairs' : 'wide'
}
