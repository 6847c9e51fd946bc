import { keywordAt } from '../words.ts'
import type { Line, StyleRange } from '../model.ts'
import { remembered } from '../remember.ts'
import { shapeOf, type Shape } from './shape.ts'

const MIN_BROKEN_LINES = 4
const WIDEST_WRAP = 110
const NARROWEST_WRAP = 36
const MAX_JOINED_LINES = 60

/**
 * Second pass: lines that an editor or a page broke are joined again, so that what follows sees whole sentences,
 * brackets and lists. A line goes on in the next one where a bracket is still open, or where the draft is wrapped at
 * a width and the next word would not have fitted.
 */
export function unwrapLines(given: readonly Shape[]): Shape[] {
  const shapes = joinLoneLabels(given)
  const width = wrapWidth(shapes)
  const joined: Shape[] = []
  let count = 1
  for (const shape of shapes) {
    const last = joined.at(-1)
    if (last && count < MAX_JOINED_LINES && goesOn(last, shape, width)) {
      joined[joined.length - 1] = shapeOf(joinLines(last.line, shape.line))
      count++
    } else {
      joined.push(shape)
      count = 1
    }
  }
  return joined
}

const LONE_LETTER = /^\s*\(?([A-Ha-h])\s*[).:]?\s*$/
const LONE_NUMBER = /^\s*(\d{1,3})\s*[).]?\s*$/

/**
 * "A" above "contract", "B" above "extend": a copy that broke behind each label. A letter that stands alone is joined
 * to the line below it where the next letter, or the one before, stands so too; a number likewise.
 */
function joinLoneLabels(shapes: readonly Shape[]): Shape[] {
  const letters = loneRuns(shapes, LONE_LETTER, (text) => text.toLowerCase().charCodeAt(0) - 97)
  const numbers = loneRuns(shapes, LONE_NUMBER, (text) => Number(text) - 1)
  if (!letters.size && !numbers.size) return [...shapes]
  const joined: Shape[] = []
  for (let index = 0; index < shapes.length; index++) {
    const shape = shapes[index]
    const next = shapes[index + 1]
    const isLabel = letters.has(index) || numbers.has(index)
    if (shape && next && isLabel) {
      joined.push(shapeOf(joinLines(shape.line, next.line, /[\p{L}\d]\s*$/u.test(shape.line.text) ? '. ' : ' ')))
      index++
    } else if (shape) joined.push(shape)
  }
  return joined
}

/** Places of labels that stand alone above a line of text and count up from the first. */
function loneRuns(shapes: readonly Shape[], label: RegExp, valueOf: (text: string) => number): ReadonlySet<number> {
  const found = new Set<number>()
  let run: { index: number; value: number }[] = []
  const close = (): void => {
    if (run.length > 1) for (const { index } of run) found.add(index)
    run = []
  }
  shapes.forEach((shape, index) => {
    const text = shape.line.preformatted ? null : label.exec(shape.line.text)?.[1]
    const next = shapes[index + 1]
    if (!text || !next || next.blank || next.line.preformatted || label.test(next.line.text)) return
    const value = valueOf(text)
    if (value !== (run.at(-1)?.value ?? -1) + 1) close()
    if (value === run.length) run.push({ index, value })
  })
  close()
  return found
}

/** Columns at which the draft was wrapped by an editor; null where its lines end by themselves. */
function wrapWidth(shapes: readonly Shape[]): number | null {
  const lengths = shapes
    .filter((shape) => !shape.blank && !shape.rule && !shape.tableRow && !shape.line.preformatted)
    .map((shape) => lineEnd(shape.line.text).length)
  if (!lengths.length) return null
  // A few lines that no wrap touched, such as a long word or an address, do not hide the width of the others.
  const sorted = [...lengths].sort((a, b) => a - b)
  const longest = sorted[Math.floor((sorted.length - 1) * 0.96)] ?? 0
  if (longest > WIDEST_WRAP || longest < NARROWEST_WRAP) return null
  const broken = shapes.filter((shape, index) => {
    const before = shapes[index - 1]
    return (
      before !== undefined &&
      !before.blank &&
      !shape.blank &&
      lineStart(shape.line.text).lower &&
      overflows(before, shape, longest) &&
      isPlain(shape)
    )
  })
  return broken.length >= MIN_BROKEN_LINES ? longest : null
}

interface LineEnd {
  readonly length: number
  readonly opensBracket: boolean
  readonly comma: boolean
  readonly ended: boolean
}

const lineEnd = remembered((text: string): LineEnd => {
  const end = text.trimEnd()
  return {
    length: end.length,
    opensBracket: opensBracket(end),
    comma: end.endsWith(','),
    ended: /[.!?:。？！]["”»)*_]*$/.test(end),
  }
})

interface LineStart {
  readonly wordLength: number
  readonly closesBracket: boolean
  readonly lower: boolean
  readonly wordLike: boolean
}

const lineStart = remembered((text: string): LineStart => {
  const start = text.trimStart()
  return {
    wordLength: /^\S+/.exec(start)?.[0].length ?? 0,
    closesBracket: closesBracket(start),
    lower: /^\p{Ll}/u.test(start),
    wordLike: /^[\p{L}\p{N}(]/u.test(start),
  }
})

/** The next line's first word would not have fitted, and nothing ended. */
function overflows(before: Shape, shape: Shape, width: number): boolean {
  const end = lineEnd(before.line.text)
  return !end.ended && end.length - (before.line.joinedAt ?? 0) + 1 + lineStart(shape.line.text).wordLength > width
}

function goesOn(before: Shape, shape: Shape, width: number | null): boolean {
  if (shape.blank || before.blank || before.rule || before.heading || before.tableRow || before.line.preformatted)
    return false
  const end = lineEnd(before.line.text)
  const start = lineStart(shape.line.text)
  const wrapped =
    width !== null && start.wordLike && shape.line.indent >= before.line.indent - 1 && overflows(before, shape, width)
  // The dearest question last: nearly no line gets that far.
  return (wrapped || (end.opensBracket && start.closesBracket) || (end.comma && start.lower)) && isPlain(shape)
}

/** Nothing at its start says that the line is more than the rest of a sentence. */
function isPlain(shape: Shape): boolean {
  return (
    !shape.blank &&
    !shape.rule &&
    !shape.heading &&
    !shape.quote &&
    !shape.tableRow &&
    !shape.bullet &&
    !shape.box &&
    !shape.question &&
    shape.bareQuestion < 0 &&
    !shape.number &&
    !shape.letter &&
    !shape.dotted &&
    !shape.sign &&
    !shape.line.preformatted &&
    keywordAt(shape.line.text, shape.body) === null
  )
}

function opensBracket(text: string): boolean {
  const open = Math.max(text.lastIndexOf('('), text.lastIndexOf('['), text.lastIndexOf('（'))
  // "a)" closes nothing, so only what stands behind the last opening bracket counts.
  return open >= 0 && !/[)\]）]/.test(text.slice(open)) && text.length - open < 80
}

function closesBracket(text: string): boolean {
  return /^[^()[\]（）]{0,70}[)\]）]/.test(text)
}

function joinLines(first: Line, second: Line, gap = ' '): Line {
  const firstMap = mapOf(first)
  const secondMap = mapOf(second)
  const lead = second.text.length - second.text.trimStart().length
  let kept = first.text.trimEnd()
  if (/\p{Ll}{2}-$/u.test(kept) && /^\p{Ll}{2}/u.test(second.text.trimStart())) kept = kept.slice(0, -1)
  const tight = kept !== first.text.trimEnd() || /[\u3040-\u30FF\u3400-\u9FFF。、，]$/.test(kept)
  const start = kept.length + (tight ? 0 : gap.length)
  const behind = second.from - first.from
  const map = [
    ...firstMap.slice(0, kept.length),
    ...(tight ? [] : Array.from(gap, () => firstMap[kept.length] ?? first.to - first.from)),
    ...secondMap.slice(lead).map((at) => at + behind),
  ]
  const shifted: StyleRange[] = second.styles.map((range) => ({
    ...range,
    from: Math.max(0, range.from - lead) + start,
    to: Math.max(0, range.to - lead) + start,
  }))
  return {
    ...first,
    to: second.to,
    lastNumber: second.lastNumber ?? second.number,
    text: `${kept}${tight ? '' : gap}${second.text.slice(lead)}`,
    map,
    styles: bridged([...first.styles.filter((range) => range.from < kept.length), ...shifted], kept.length, start),
    joinedAt: start,
  }
}

/** A style that ends one line and starts the next runs through the join. */
function bridged(styles: readonly StyleRange[], end: number, start: number): StyleRange[] {
  const merged: StyleRange[] = []
  for (const range of styles) {
    const before = merged.findIndex(
      (one) => one.style === range.style && one.to >= end && one.to <= start && range.from === start,
    )
    const known = merged[before]
    if (known) merged[before] = { ...known, to: range.to }
    else merged.push(range)
  }
  return merged
}

function mapOf(line: Line): readonly number[] {
  return line.map ?? Array.from({ length: line.text.length + 1 }, (_none, at) => at)
}
