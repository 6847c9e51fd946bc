import type { DraftSource, Line, StyleRange } from '../model.ts'
import { cleanCharacters } from './characters.ts'
import { readMarkup } from './markup.ts'

const LINE_END = /\r\n|[\n\r\u2028\u2029\f\v]/g
const FENCE = /^\s*(?:```|~~~)/
/** A line that only a draft has, never program text: it decides that a fence wraps a draft, not code. */
const DRAFT_LINE = /^\s*(?:(?:q(?:uestion)?\s*)?\d+\s*[.):]\s+\S|[a-h]\s*[.)]\s+\S|\S{2,20}\s*:\s*[a-h]\s*$)/i

/**
 * First pass: text → lines, each cleaned of what copying left behind (mojibake, entities, zero-width
 * and soft hyphens, ligatures, Markdown), with the map back to the text as given.
 */
export function cleanLines(source: DraftSource): Line[] {
  const raw = splitLines(source.text)
  const code = findCodeLines(raw.map((line) => line.text))
  const given = [...(source.styles ?? [])].sort((a, b) => a.from - b.from)
  let next = 0
  return raw.map(({ from, text }, index) => {
    const to = from + text.length
    while (next < given.length && (given[next]?.to ?? 0) <= from) next++
    const own: StyleRange[] = []
    for (let at = next; at < given.length && (given[at]?.from ?? 0) < to; at++) {
      const style = given[at]
      if (style && style.to > from)
        own.push({ from: Math.max(0, style.from - from), to: Math.min(to, style.to) - from, style: style.style })
    }
    return cleanLine(index + 1, from, text, code[index] ?? null, own)
  })
}

interface RawLine {
  readonly from: number
  readonly text: string
}

function splitLines(text: string): RawLine[] {
  const lines: RawLine[] = []
  let from = 0
  for (const end of text.matchAll(LINE_END)) {
    lines.push({ from, text: text.slice(from, end.index) })
    from = end.index + end[0].length
  }
  lines.push({ from, text: text.slice(from) })
  return lines
}

type CodeRole = 'fence' | 'code' | null

/** A fence that wraps whole questions is only a wrapper; any other holds program text. */
function findCodeLines(texts: readonly string[]): CodeRole[] {
  const roles: CodeRole[] = texts.map(() => null)
  let open = -1
  texts.forEach((text, index) => {
    if (!FENCE.test(text)) return
    roles[index] = 'fence'
    if (open < 0) {
      open = index
      return
    }
    const inside = texts.slice(open + 1, index)
    if (!isWrappedDraft(inside)) for (let at = open + 1; at < index; at++) roles[at] = 'code'
    open = -1
  })
  return roles
}

function isWrappedDraft(lines: readonly string[]): boolean {
  return lines.filter((line) => DRAFT_LINE.test(line)).length >= 3
}

function cleanLine(number: number, from: number, raw: string, role: CodeRole, given: readonly StyleRange[]): Line {
  if (role === 'fence')
    return {
      number,
      from,
      to: from + raw.length,
      text: '',
      map: [from + raw.length],
      styles: [],
      indent: 0,
      preformatted: false,
    }
  const characters = cleanCharacters(raw)
  const piece = role === 'code' ? { ...characters, styles: [] } : readMarkup(characters)
  const map = piece.map && piece.map.map((at) => from + at)
  const styles = given.length ? [...piece.styles, ...toCleaned(given, piece.map, piece.text.length)] : piece.styles
  return {
    number,
    from,
    to: from + raw.length,
    text: piece.text,
    map,
    styles,
    indent: indentOf(piece.text),
    preformatted: role === 'code',
  }
}

function toCleaned(given: readonly StyleRange[], map: readonly number[] | null, length: number): StyleRange[] {
  if (!map) return [...given]
  return given
    .map((range) => ({
      ...range,
      from: firstAtOrAfter(map, range.from),
      to: Math.min(length, firstAtOrAfter(map, range.to)),
    }))
    .filter((range) => range.from < range.to)
}

function firstAtOrAfter(map: readonly number[], source: number): number {
  const found = map.findIndex((at) => at >= source)
  return found < 0 ? map.length - 1 : found
}

function indentOf(text: string): number {
  let columns = 0
  for (const character of text) {
    if (character === '\t') columns = (Math.floor(columns / 4) + 1) * 4
    else if (character === ' ') columns++
    else break
  }
  return columns
}
