import type { Line } from '../model.ts'
import { indentOf } from '../text/clean.ts'
import { pageEnds } from '../text/page-ends.ts'
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

/** The lines of a draft that have text but for ends of pages, in order; a line that is very long, or has a very wide gap, as several. */
export function unitsOf(lines: readonly Line[]): readonly Unit[] {
  const prefixes = linePrefixes(lines)
  const units: Unit[] = []
  const isColumned = standsInColumns(lines)
  const ends = pageEnds(lines)
  let gap = 0
  lines.forEach((line, at) => {
    if (ends.has(at)) return
    const prefix = prefixes[at] as Prefix
    const pieces = isColumned
      ? itemsAcross(line.text, piecesOf(line.text, prefix.end))
      : piecesOf(line.text, prefix.end)
    if (!pieces.length) gap++
    for (const [from, to] of pieces) {
      const indent = indentOf(line.text.slice(prefix.end, from))
      units.push({ index: units.length, line, prefix, from, to, text: line.text.slice(from, to), indent, gap })
      gap = 0
    }
  })
  return units
}

const ACROSS = /\s{3,}(?=\(?\d{1,3}[.)]\s)/gu
const NUMBERED = /^\s{0,40}\(?\d{1,3}[.)]\s/u
const ASKS = /_{2,}|\.{4,}|…|[?？]/u

/** Items side by side, "1. go ____      4. see ____", on two lines or more; lists of keys ask nothing. */
function standsInColumns(lines: readonly Line[]): boolean {
  const across = lines
    .filter((line) => NUMBERED.test(line.text))
    .map(({ text }) => itemsAcross(text, piecesOf(text, 0)).map(([from, to]) => text.slice(from, to)))
    .filter((parts) => parts.length > 1)
  const parts = across.flat()
  return across.length > 1 && parts.filter((part) => ASKS.test(part)).length >= parts.length * 0.6
}

function itemsAcross(text: string, pieces: readonly [number, number][]): [number, number][] {
  if (!NUMBERED.test(text)) return [...pieces]
  return pieces.flatMap(([from, to]) => {
    const parts: [number, number][] = []
    let start = from
    for (const gap of text.slice(from, to).matchAll(ACROSS)) {
      parts.push([start, from + gap.index])
      start = from + gap.index + gap[0].length
    }
    return [...parts, [start, to]] as [number, number][]
  })
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
