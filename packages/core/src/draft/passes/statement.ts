import type { Span } from '../model.ts'
import { findPoints, type Keyword } from '../words.ts'
import type { Piece } from './compose.ts'
import { takeMetadata, trimBracket } from './line-findings.ts'
import type { RawItem } from './raw.ts'
import type { Shape } from './shape.ts'

/** What the next plain line goes on with. */
export type OpenStatement = { readonly pieces: Piece[] } | { readonly keyOf: RawItem }

/**
 * Gives an item what a statement says of it: from its keyword at `start` to `end` of the line.
 *
 * @returns what a plain line below goes on with; null where nothing does.
 */
export function giveStatement(
  item: RawItem,
  shape: Shape,
  keyword: Keyword,
  start: number,
  end: number,
): OpenStatement | null {
  const { line } = shape
  const whole = insideBrackets({ line, from: keyword.end, to: end }, start)
  const span = keyword.role === 'answer' || keyword.role === 'sample' ? withoutPoints(item, whole) : whole
  switch (keyword.role) {
    case 'answer': {
      const source = start > shape.body ? 'glued' : 'line'
      item.keys.push({ statement: { line, from: start, to: end }, values: [span], source })
      return { keyOf: item }
    }
    case 'feedback': {
      const option = item.lists.at(-1)?.entries.at(-1)
      const nested = option && line.indent > option.indent && !item.keys.length
      return openOn(nested ? option.feedback : item.feedback, span)
    }
    case 'hint':
      item.hint.push({ span: trimBracket(span), join: 'paragraph' })
      return { pieces: item.hint }
    case 'sample':
      return openOn(item.sample, span)
    case 'points': {
      const value = /\d+(?:[.,]\d+)?/.exec(line.text.slice(keyword.end, end))
      if (value) item.points = Number(value[0].replace(',', '.'))
      return null
    }
    case 'wordBank':
      item.wordBank = line.text.slice(span.from, span.to).trim()
      return null
    default:
      takeMetadata(item, line.text.slice(start, end))
      return null
  }
}

/** "Ans: c) Keel [1 mark]": what the answer is worth is no part of it. */
function withoutPoints(item: RawItem, span: Span): Span {
  const text = span.line.text.slice(span.from, span.to)
  const found = findPoints(text)
  if (!found || text.slice(found.to).trim() || !text.slice(0, found.from).trim()) return span
  item.points ??= found.points
  return { ...span, to: span.from + found.from }
}

/** "(Answer: 3.5 %)": the bracket that opens in front of the keyword closes behind the value, and is no part of it. */
function insideBrackets(span: Span, keywordAt: number): Span {
  const [open] =
    /^[([]/.exec(span.line.text.slice(keywordAt)) ?? /[([](?=[\s*_]*$)/.exec(span.line.text.slice(0, keywordAt)) ?? []
  if (!open) return span
  const text = span.line.text.slice(span.from, span.to)
  const closing = open === '(' ? ')' : ']'
  const at = text.lastIndexOf(closing)
  const isLast = at >= 0 && /^[\s.*_]*$/.test(text.slice(at + 1))
  const opened = text.slice(0, at).split(open).length
  const closed = text.slice(0, at).split(closing).length
  return isLast && opened === closed ? { ...span, to: span.from + at } : span
}

function openOn(pieces: Piece[], span: Span): OpenStatement {
  if (span.to > span.from) pieces.push({ span, join: 'paragraph' })
  return { pieces }
}
