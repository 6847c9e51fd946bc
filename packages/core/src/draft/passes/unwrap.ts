import { keywordAt } from '../words.ts'
import type { Line, StyleRange } from '../model.ts'
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
export function unwrapLines(shapes: readonly Shape[]): Shape[] {
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

/** Columns at which the draft was wrapped by an editor; null where its lines end by themselves. */
function wrapWidth(shapes: readonly Shape[]): number | null {
  const lengths = shapes
    .filter((shape) => !shape.blank && !shape.rule && !shape.tableRow && !shape.line.preformatted)
    .map((shape) => shape.line.text.trimEnd().length)
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
      overflows(before, shape, longest) &&
      /^\s*\p{Ll}/u.test(shape.line.text) &&
      isPlain(shape)
    )
  })
  return broken.length >= MIN_BROKEN_LINES ? longest : null
}

/** The next line's first word would not have fitted, and nothing ended. */
function overflows(before: Shape, shape: Shape, width: number): boolean {
  const word = /^\S+/.exec(shape.line.text.trimStart())?.[0].length ?? 0
  const text = before.line.text.trimEnd()
  return lastLineLength(before.line) + 1 + word > width && !/[.!?:。？！]["”»)*_]*$/.test(text)
}

function goesOn(before: Shape, shape: Shape, width: number | null): boolean {
  if (shape.blank || before.blank || before.rule || before.heading || before.tableRow || before.line.preformatted)
    return false
  const text = before.line.text.trimEnd()
  const next = shape.line.text.trimStart()
  const inBracket = opensBracket(text) && closesBracket(next)
  const afterComma = text.endsWith(',') && /^\p{Ll}/u.test(next)
  const wrapped =
    width !== null &&
    shape.line.indent >= before.line.indent - 1 &&
    overflows(before, shape, width) &&
    /^[\p{L}\p{N}(]/u.test(next)
  // The dearest question last: nearly no line gets that far.
  return (inBracket || afterComma || wrapped) && isPlain(shape)
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

function lastLineLength(line: Line): number {
  return line.text.trimEnd().length - (line.joinedAt ?? 0)
}

function joinLines(first: Line, second: Line): Line {
  const firstMap = mapOf(first)
  const secondMap = mapOf(second)
  const lead = second.text.length - second.text.trimStart().length
  let kept = first.text.trimEnd()
  if (/\p{Ll}{2}-$/u.test(kept) && /^\p{Ll}{2}/u.test(second.text.trimStart())) kept = kept.slice(0, -1)
  const tight = kept !== first.text.trimEnd() || /[\u3040-\u30FF\u3400-\u9FFF。、，]$/.test(kept)
  const start = kept.length + (tight ? 0 : 1)
  const behind = second.from - first.from
  const map = [
    ...firstMap.slice(0, kept.length),
    ...(tight ? [] : [firstMap[kept.length] ?? first.to - first.from]),
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
    text: `${kept}${tight ? '' : ' '}${second.text.slice(lead)}`,
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
