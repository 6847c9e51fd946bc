import { asRoman, type Label } from '../labels.ts'
import { cues, keywordAt } from '../words.ts'
import { asksAndAnswers, isFresh, type Labelling, stemText } from './line-findings.ts'
import { isComplete, type RawItem, type Section } from './raw.ts'
import { bodyText, type Shape } from './shape.ts'

/** The label that the last item started with. */
export interface LastLabel {
  readonly value: number
  readonly delimiter: string
  readonly indent: number
}

/** What stands above a line that may start an item. */
export interface Above {
  readonly item: RawItem | null
  readonly section: Section
  readonly last: LastLabel | null
  /** Empty lines right above. */
  readonly blanks: number
}

/** A number; or a roman numeral where a section is numbered so. */
export function startLabel(shape: Shape, labelled: Labelling, { item, section, last, blanks }: Above): Label | null {
  if (shape.number) return shape.number
  if (labelled === 'roman') return shape.letter?.upper ? asRoman(shape.letter) : null
  const roman = shape.letter && !shape.letter.upper && shape.letter.delimiter === '.' ? asRoman(shape.letter) : null
  if (!roman || shape.line.indent > 2) return null
  const fresh = !item || isFresh(item, section)
  return (roman.value === 0 && fresh && blanks > 0) || (last?.delimiter === 'roman' && roman.value === last.value + 1)
    ? { ...roman, delimiter: 'roman' }
    : null
}

/** Whether a label starts an item, and not an entry of the list above. `index`: place of the line in the draft. */
export function isStart(label: Label, shape: Shape, index: number, { item, section, last, blanks }: Above): boolean {
  const rest = shape.line.text.slice(label.to)
  if (label.delimiter === ' ' && !/\p{L}/u.test(rest)) return false
  const next = label.value === (last?.value ?? -2) + 1
  if (!last || !item) return label.delimiter !== ' ' || label.value === 0 || next
  const nested = item.lists.findLast((list) => list.style === 'number')
  const continuesList =
    nested !== undefined &&
    nested.entries.at(-1)?.label?.value === label.value - 1 &&
    nested.entries.at(-1)?.label?.delimiter === label.delimiter
  // The left side of a matching item, or entries to order, numbered as the items are.
  const text = stemText(item)
  const asksForList = cues.asksMatch(text) || cues.asksOrder(text)
  if (continuesList && asksForList && (blanks === 0 || !next)) return false
  if (continuesList && (label.delimiter !== last.delimiter || shape.line.indent > last.indent)) return false
  if (shape.line.indent > last.indent + 1 && !(next && blanks > 0 && isComplete(item))) return false
  if (next) return true
  if (label.delimiter === ' ') return false
  if (label.value === 0 && !isComplete(item) && item.section === section) return false
  if (label.value === 0 && item.section === section && blanks === 0 && label.delimiter !== last.delimiter) return false
  return label.value > last.value || isComplete(item) || item.section !== section || index === 0
}

/** Whether a line may be a title: it is short, instructs nobody, and says nothing of an item. */
export function isTitleLike(shape: Shape): boolean {
  const text = bodyText(shape)
  const role = keywordAt(shape.line.text, shape.body)?.role
  if (role === 'answer' || role === 'wordBank' || text.length >= 120) return false
  return !cues.isInstruction(text) && !/[^.]\.$|^(?:answer|choose|circle|complete|read|select|write)\b.*:$/i.test(text)
}

/** Whether a line above all items, where they have no numbers, is the title; `next`: the line right below. */
export function couldBeTitle(shape: Shape, next: Shape | undefined): boolean {
  const text = bodyText(shape)
  const isCaption = next !== undefined && /[?？]\s*$/.test(bodyText(next)) && /^\p{Lu}[^.,:;!?…_]{2,40}$/u.test(text)
  return (
    (!next || next.blank || cues.isIdentity(bodyText(next)) || (isCaption && text.split(/\s+/).length <= 4)) &&
    !/[?？]\s*$/.test(text) &&
    !shape.letter &&
    !asksAndAnswers(shape) &&
    text.length < 140 &&
    !/\d\s*=\s*\p{L}.*\d\s*=/u.test(text)
  )
}
