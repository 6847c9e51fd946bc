import type { DraftSource, Line, StyleRange } from '../model.ts'
import { remembered } from '../remember.ts'
import { cleanCharacters, type CleanText } from './characters.ts'
import { opensEmphasis, readMarkup, type MarkedText } from './markup.ts'

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
  const carried = carriedEmphasis(raw.map((line, index) => (code[index] ? '' : line.text)))
  const given = [...(source.styles ?? [])].sort((a, b) => a.from - b.from)
  let next = 0
  const lines = raw.map(({ from, text }, index) => {
    const to = from + text.length
    while (next < given.length && (given[next]?.to ?? 0) <= from) next++
    const own: StyleRange[] = []
    for (let at = next; at < given.length && (given[at]?.from ?? 0) < to; at++) {
      const style = given[at]
      if (style && style.to > from)
        own.push({ from: Math.max(0, style.from - from), to: Math.min(to, style.to) - from, style: style.style })
    }
    const carry = carried[index]
    return cleanLine(index + 1, from, text, code[index] ?? null, own, carry ?? NO_CARRY)
  })
  return outdented(lines)
}

/** A draft that stands indented as a whole is read as if it did not. */
function outdented(lines: Line[]): Line[] {
  const shared = lines.reduce(
    (least, line) => (line.text.trim() ? Math.min(least, line.indent) : least),
    Number.POSITIVE_INFINITY,
  )
  return shared > 0 && Number.isFinite(shared)
    ? lines.map((line) => ({ ...line, indent: Math.max(0, line.indent - shared) }))
    : lines
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

interface Carry {
  /** A delimiter whose closing stands in the next line, and one whose opening stood in the line before. */
  readonly opens: string | null
  readonly closes: string | null
}

const NO_CARRY: Carry = { opens: null, closes: null }
const EMPHASIS = /(?<!\\)\*{1,2}/g

/** Emphasis that an editor's wrap parted: an odd delimiter in one line and its partner in the next. */
function carriedEmphasis(texts: readonly string[]): Carry[] {
  const carries: Carry[] = texts.map(() => NO_CARRY)
  for (let index = 0; index + 1 < texts.length; index++) {
    const next = texts[index + 1] ?? ''
    for (const delimiter of ['**', '*']) {
      if (carries[index]?.opens || !isOdd(texts[index] ?? '', delimiter, carries[index]?.closes === delimiter)) continue
      const text = texts[index] ?? ''
      const opening = text.lastIndexOf(delimiter)
      const closing = next.indexOf(delimiter)
      const whole = opensEmphasis(text, opening, delimiter.length) && closing > 0 && /\S/.test(next.charAt(closing - 1))
      if (!whole || next.trim() === '' || !isOdd(next, delimiter, false)) continue
      carries[index] = { opens: delimiter, closes: carries[index]?.closes ?? null }
      carries[index + 1] = { opens: null, closes: delimiter }
    }
  }
  return carries
}

function isOdd(text: string, delimiter: string, closed: boolean): boolean {
  const found = [...text.replace(/^\s*\*\s+/, '').matchAll(EMPHASIS)].filter((one) => one[0] === delimiter).length
  return (found - (closed ? 1 : 0)) % 2 === 1
}

/** Drops a delimiter whose partner stands in another line; what it covers in this one is styled all the same. */
function withoutCarried(piece: CleanText, carry: Carry): MarkedText {
  const cuts: { at: number; length: number }[] = []
  const closing = carry.closes ? piece.text.indexOf(carry.closes) : -1
  const opening = carry.opens ? piece.text.lastIndexOf(carry.opens) : -1
  if (carry.closes && closing >= 0) cuts.push({ at: closing, length: carry.closes.length })
  if (carry.opens && opening >= 0 && opening !== closing) cuts.push({ at: opening, length: carry.opens.length })
  if (!cuts.length) return { ...piece, styles: [] }
  let text = ''
  const map: number[] = []
  const edges: number[] = []
  for (let at = 0; at < piece.text.length; at++) {
    const cut = cuts.find((one) => one.at === at)
    if (cut) {
      edges.push(text.length)
      at += cut.length - 1
      continue
    }
    text += piece.text.charAt(at)
    map.push(piece.map ? (piece.map[at] ?? 0) : at)
  }
  map.push(piece.map ? (piece.map.at(-1) ?? 0) : piece.text.length)
  const styleOf = (delimiter: string): StyleRange['style'] => (delimiter === '**' ? 'strong' : 'emphasis')
  const styles: StyleRange[] = []
  if (carry.closes && closing >= 0) styles.push({ from: 0, to: edges[0] ?? 0, style: styleOf(carry.closes) })
  if (carry.opens && opening >= 0)
    styles.push({ from: edges.at(-1) ?? 0, to: text.length, style: styleOf(carry.opens) })
  return { text, map, styles }
}

/** A line as it stands alone; nearly every line does. */
const cleanedText = remembered((raw: string): MarkedText => cleanText(raw, null, NO_CARRY))

function cleanText(raw: string, role: CodeRole, carry: Carry): MarkedText {
  const characters = cleanCharacters(raw)
  const whole = carry === NO_CARRY ? { ...characters, styles: [] } : withoutCarried(characters, carry)
  const marked = role === 'code' ? whole : readMarkup(whole)
  return whole.styles.length ? { ...marked, styles: [...marked.styles, ...restyled(whole, marked)] } : marked
}

function cleanLine(
  number: number,
  from: number,
  raw: string,
  role: CodeRole,
  given: readonly StyleRange[],
  carry: Carry,
): Line {
  if (role === 'fence')
    return {
      number,
      from,
      to: from + raw.length,
      text: '',
      map: [raw.length],
      styles: [],
      indent: 0,
      preformatted: false,
    }
  const piece = role === null && carry === NO_CARRY ? cleanedText(raw) : cleanText(raw, role, carry)
  const map = piece.map
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

/** The styles of a text before its markup was read, over the text after. */
function restyled(whole: MarkedText, marked: MarkedText): StyleRange[] {
  const at = (unit: number): number => (whole.map ? (whole.map[unit] ?? 0) : unit)
  return toCleaned(
    whole.styles.map((range) => ({ ...range, from: at(range.from), to: at(range.to) })),
    marked.map,
    marked.text.length,
  )
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

/** Columns before the first character; a tab goes to the next multiple of four. */
export function indentOf(text: string): number {
  let columns = 0
  for (const character of text) {
    if (character === '\t') columns = (Math.floor(columns / 4) + 1) * 4
    else if (character === ' ') columns++
    else break
  }
  return columns
}
