import type { Unit } from '../facts/units.ts'

/** A cell of a row, as a stretch of its unit. */
export interface Cell {
  readonly unit: Unit
  readonly from: number
  readonly to: number
  readonly text: string
}

/** The cells of a row: between bars, else at wide gaps, with `o` and dots for drawing lines left out. */
export function cellsOf(unit: Unit): Cell[] {
  const sign = unit.text.includes('|') ? /\|/gu : /\s{2,}[o•·○]?(?:\s{2,}[o•·○])?\s{1,}|\t+|\s+[o•○]\s+[o•○]\s+/gu
  const cells: Cell[] = []
  let from = 0
  const push = (to: number): void => {
    const raw = unit.text.slice(from, to)
    const text = raw.trim()
    if (text && !/^[o•·○]$/.test(text)) {
      const start = from + (raw.length - raw.trimStart().length)
      cells.push({ unit, from: start, to: start + text.length, text })
    }
  }
  for (const found of unit.text.matchAll(sign)) {
    push(found.index)
    from = found.index + found[0].length
  }
  push(unit.text.length)
  return cells
}
