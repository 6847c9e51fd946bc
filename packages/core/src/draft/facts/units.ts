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

/** Longer texts are read in pieces, so that no pattern ever looks far: the time stays linear in the text. */
const LONGEST = 1200
const WIDEST_GAP = /\s{100,}/g

/** The lines of a draft that have text, in order; a line that is very long, or has a very wide gap, as several. */
export function unitsOf(lines: readonly Line[]): readonly Unit[] {
  const prefixes = linePrefixes(lines)
  const units: Unit[] = []
  let gap = 0
  lines.forEach((line, at) => {
    const prefix = prefixes[at] as Prefix
    const pieces = piecesOf(line.text, prefix.end)
    if (!pieces.length) gap++
    for (const [from, to] of pieces) {
      const indent = columnsOf(line.text.slice(prefix.end, from))
      units.push({ index: units.length, line, prefix, from, to, text: line.text.slice(from, to), indent, gap })
      gap = 0
    }
  })
  return units
}

/** Half-open stretches of a line that have text, without blanks at their ends. */
function piecesOf(text: string, start: number): [number, number][] {
  const pieces: [number, number][] = []
  const push = (from: number, to: number): void => {
    const raw = text.slice(from, to)
    const own = raw.trim()
    const lead = from + (raw.length - raw.trimStart().length)
    if (own) pieces.push([lead, lead + own.length])
  }
  let from = start
  const cut = (end: number): void => {
    while (end - from > LONGEST) {
      const blank = text.lastIndexOf(' ', from + LONGEST)
      const to = blank > from + LONGEST / 2 ? blank : from + LONGEST
      push(from, to)
      from = to
    }
    push(from, end)
  }
  for (const wide of text.slice(start).matchAll(WIDEST_GAP)) {
    cut(start + wide.index)
    from = start + wide.index + wide[0].length
  }
  cut(text.length)
  return pieces
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
