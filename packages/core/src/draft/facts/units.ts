import type { Line } from '../model.ts'
import { linePrefixes, type Prefix } from './prefixes.ts'

/** A line with text on it, as what is read: its own text without what copying put before it. */
export interface Unit {
  readonly index: number
  readonly line: Line
  readonly prefix: Prefix
  /** The own text in the line, half-open, without blanks at its ends. */
  readonly from: number
  readonly to: number
  readonly text: string
  /** Columns before the text, counted behind the prefix. */
  readonly indent: number
  /** How many empty lines stand before it. */
  readonly gap: number
}

/** The lines of a draft that have text, in order. */
export function unitsOf(lines: readonly Line[]): readonly Unit[] {
  const prefixes = linePrefixes(lines)
  const units: Unit[] = []
  let gap = 0
  lines.forEach((line, at) => {
    const prefix = prefixes[at] as Prefix
    const rest = line.text.slice(prefix.end)
    const text = rest.trim()
    if (!text) {
      gap++
      return
    }
    const from = prefix.end + (rest.length - rest.trimStart().length)
    const indent = columnsOf(rest)
    units.push({ index: units.length, line, prefix, from, to: from + text.length, text, indent, gap })
    gap = 0
  })
  return units
}

function columnsOf(text: string): number {
  let columns = 0
  for (const character of text) {
    if (character === '\t') columns = (Math.floor(columns / 4) + 1) * 4
    else if (character === ' ') columns++
    else break
  }
  return columns
}
