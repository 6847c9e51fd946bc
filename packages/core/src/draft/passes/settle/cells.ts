import type { Line } from '../../model.ts'

export function cellsOf(line: Line): string[] {
  return line.text
    .trim()
    .replace(/^\||\|$/g, '')
    .split('|')
    .map((cell) => cell.trim())
}

export interface Cells {
  readonly texts: readonly string[]
  /** Lower case; counted where the cells have none: 1, 2 … */
  readonly labels: readonly string[]
}

export const NO_CELLS: Cells = { texts: [], labels: [] }

/** A column of a matching table without the numbers or letters that its cells start with; empty cells are none. */
export function labelledCells(cells: readonly string[]): Cells {
  const filled = cells.map((cell) => cell.trim()).filter(Boolean)
  const parted = filled.map((cell) => /^\(?(\d{1,2}|\p{L})[).:]\s*(\S.*)$/u.exec(cell))
  if (filled.length > 1 && parted.every((one) => one !== null))
    return { texts: parted.map((one) => one[2] ?? ''), labels: parted.map((one) => (one[1] ?? '').toLowerCase()) }
  return { texts: filled, labels: filled.map((_cell, index) => String(index + 1)) }
}
