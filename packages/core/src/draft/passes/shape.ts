import { bulletEnd, boxAt, letterLabelAt, numberLabelAt, type Box, type Label } from '../labels.ts'
import type { Line } from '../model.ts'
import { remembered } from '../remember.ts'
import { bareQuestionEnd, namedOptionAt, questionLabelAt, type QuestionLabel } from '../words.ts'

/** What a line looks like on its own; which part it plays is decided later, among its neighbours. */
export interface Shape {
  readonly line: Line
  readonly blank: boolean
  /** A line drawn across the page. */
  readonly rule: boolean
  /** 1 to 6 for a Markdown heading, else 0. */
  readonly heading: number
  readonly quote: boolean
  readonly tableRow: boolean
  /** Where the text starts, behind heading, quote and ornament signs. */
  readonly start: number
  /** Behind a bullet, if there is one; else `start`. */
  readonly body: number
  readonly bullet: boolean
  /** A star, tick or arrow before the label: "*b) …" is the key. */
  readonly sign: string | null
  readonly box: Box | null
  readonly question: QuestionLabel | null
  /** Where the text behind "Question:" without a number starts; −1. */
  readonly bareQuestion: number
  readonly number: Label | null
  readonly letter: Label | null
  /** "2.1": a number of two levels; items are told by it only where the whole draft is numbered so. */
  readonly dotted: DottedLabel | null
}

export interface DottedLabel {
  readonly major: number
  readonly minor: number
  readonly text: string
  readonly end: number
}

const RULE = /^\s*(?:[-*_=~–—―.…·＿]\s*){3,}$/
/** "— End of the check —": a line between two strokes is an ornament, not a bullet. */
const BETWEEN_STROKES = /^\s*([-–—―~*=]{1,3})\s+\S.*\S\s+\1\s*$/
const SIGNED_LABEL = /^(\*{1,2}|✓|✔|✅|→|=>|>{1,2}|☑|\+)\s*(?=\(?(?:\p{L}|\d{1,2})(?:[).]|\s[-–]\s)\s*\S)/u
const DOTTED = /^(\d{1,2})\.(\d{1,2})(?:\.(\d{1,2}))?[.):]?\s+(?=\S)/
const HEADING = /^\s{0,12}(#{1,6})\s+/
const QUOTE = /^\s{0,3}>\s?/
const ORNAMENT = /^\s*(?:[\p{Extended_Pictographic}\uFE0F\u200D]+\s*)+/u

/** `after`: the number of the last item before these lines. */
export function shapeLines(lines: readonly Line[], after = 0): Shape[] {
  return withCountedLines(lines.map(shapeOf), after)
}

const COUNTED = /^(?:(\d{1,3})\s|[A-Z](\d{1,3})[.):]\s+)(?=[\p{Lu}\p{Lo}"“„«¿¡])/u

/**
 * "1 Choose …", "2 Name …", or "A1. …", "A2. …": figures with one blank behind or a
 * letter before them number the items of a draft that has no other numbers, where they count up behind empty lines.
 */
function withCountedLines(shapes: Shape[], after: number): Shape[] {
  if (shapes.some((shape) => shape.question ?? shape.number)) return shapes
  const labels = new Map<number, Label>()
  let next = after + 1
  shapes.forEach((shape, index) => {
    const found = shape.line.preformatted || !(shapes[index - 1]?.blank ?? true) ? null : COUNTED.exec(shape.line.text)
    const text = found?.[1] ?? found?.[2]
    if (!found || Number(text) !== next) return
    const range = { from: 0, to: found[0].length }
    labels.set(index, { script: 'number', value: next - 1, delimiter: '.', upper: false, text: String(next), ...range })
    next++
  })
  if (labels.size < 2) return shapes
  return shapes.map((shape, index) => ({ ...shape, number: labels.get(index) ?? null }))
}

export function shapeOf(line: Line): Shape {
  return { ...(line.preformatted ? shapeOfText(line.text, true) : plainShape(line.text)), line }
}

type TextShape = Omit<Shape, 'line'>

const plainShape = remembered((text: string): TextShape => shapeOfText(text, false))

function shapeOfText(text: string, preformatted: boolean): TextShape {
  const heading = preformatted ? null : HEADING.exec(text)
  const quote = !heading && !preformatted ? QUOTE.exec(text) : null
  let start = heading?.[0].length ?? quote?.[0].length ?? 0
  const ornament = ORNAMENT.exec(text.slice(start))
  if (ornament && !boxAt(text, start + leadingBlanks(text.slice(start)))) start += ornament[0].length
  start += leadingBlanks(text.slice(start))
  const box = boxAt(text, start)
  const afterBullet = box || BETWEEN_STROKES.test(text) ? -1 : bulletEnd(text, start)
  const unsigned = afterBullet > 0 ? afterBullet : start
  const sign = SIGNED_LABEL.exec(text.slice(unsigned))
  const body = unsigned + (sign?.[0].length ?? 0)
  const innerBox = box ?? (afterBullet > 0 ? boxAt(text, body) : null)
  return {
    blank: text.trim() === '',
    rule: !preformatted && RULE.test(text) && !box,
    heading: heading?.[1]?.length ?? 0,
    quote: quote !== null,
    tableRow: !preformatted && /^\s*\|.*\|\s*$/.test(text),
    start,
    body,
    bullet: afterBullet > 0,
    sign: sign?.[1] ?? null,
    box: innerBox,
    question: questionLabelAt(text, body),
    bareQuestion: bareQuestionEnd(text, body),
    number: numberLabelAt(text, body),
    letter: letterLabelAt(text, body) ?? namedOptionAt(text, body),
    dotted: dottedAt(text, body),
  }
}

function dottedAt(text: string, at: number): DottedLabel | null {
  const found = DOTTED.exec(text.slice(at))
  if (!found?.[1] || !found[2]) return null
  return {
    major: Number(found[1]),
    minor: Number(found[3] ?? found[2]),
    text: found[0].trim().replace(/[.):]$/, ''),
    end: at + found[0].length,
  }
}

function leadingBlanks(text: string): number {
  return text.length - text.trimStart().length
}

export function bodyText(shape: Shape): string {
  return shape.line.text.slice(shape.start).trim()
}
