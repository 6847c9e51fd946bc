import { spanText, type LineStyle, type Span } from '../model.ts'
import type { Piece } from '../text/compose.ts'
import { replaceSpans } from '../text/pieces.ts'
import type { DraftRecord } from '../records/record.ts'
import { trueFalseJudged, truthOf } from '../truth-words.ts'
import { cues, keywordsWithin } from '../words.ts'
import { fitOf, stemText } from './fit.ts'
import { takeRecurringPlaces } from './recurring-places.ts'
import { judgement } from './values.ts'

/** A place in an item's lines where its key may stand: what it is, and the text without it. */
interface Slot {
  readonly value: Span
  readonly statement: Span
  readonly take: () => void
  /** Says itself that it is a key. */
  readonly isSure?: boolean
  /** Stood on the line of an alternative. */
  readonly isGlued?: boolean
}

type FindSlot = (record: DraftRecord) => Slot | null
type SlotKind = readonly [name: string, find: FindSlot, fewest: number]

const BRACKET = /\s*[([{（【]\s?([^()[\]{}（）【】]{1,80}(?:\([^()]*\)[^()[\]{}]{0,20})?)\s?[)\]}）】]\s*$/u
const ARROW = /\s*(?:->|=>|→|➡️?|⇒|<<|>>|\s=(?=\s)|\s[–—](?=\s)|::|\s\.{3}(?=\s)|\s…(?=\s))\s*([^→⇒]{1,90})$/u
const WIDE = /(?<=\S)(?:\s{3,}|\t)\s*(\S(?:.{0,60}\S)?)\s*$/u
const ASKED = /(?<=[?？])\s+(?:\p{L}\s?[:：]\s*)?(\S.{0,60})$/u

/**
 * Places in the lines of an item that may hold its key, in the order in which they are tried. None of them is a key by
 * its form: a place counts where, in item after item, what stands there fits the item.
 */
const SLOTS: readonly SlotKind[] = [
  ['a word', gluedSlot, 1],
  ['behind "true or false?"', judgedSlot, 1],
  ['brackets behind the options', (record) => lastEntrySlot(record, BRACKET), 2],
  ['a judgement in brackets', bracketedJudgement, 1],
  ['brackets behind the stem', (record) => stemSlot(record, BRACKET), 2],
  ['an arrow', (record) => stemSlot(record, ARROW), 2],
  ['the mark before the number', leadSlot, 2],
  ['the right margin', (record) => stemSlot(record, WIDE), 2],
]

/** The same of places that nothing but a blank sets off. */
const BARE_SLOTS: readonly SlotKind[] = [
  ['a number behind the question', numberSlot, 2],
  ['the text behind the question', askedSlot, 2],
  ['a judgement behind the statement', judgementSlot, 2],
  ['a dressed word in the stem', dressedSlot, 2],
]

const JUDGED = /(?<=[.!。]["”»]?)\s+(\p{L}[\p{L} ]{0,14}(?:[,.;:–—(-].{0,120})?)$/u

const LEAST_FIT = 0.62

/** Takes keys out of the lines of the items, place by place, where they fit. */
export function takeSlots(records: readonly DraftRecord[]): void {
  const taken = takeEach(SLOTS, records)
  // What sets keys off behind stems does so behind options as well, however few have some.
  if (taken.some((name) => IN_BRACKETS.has(name)))
    takeEach(
      SLOTS.filter(([name]) => IN_BRACKETS.has(name)).map(([name, find]) => [name, find, 1]),
      records,
    )
  takeRecurringPlaces(records)
  takeEach(BARE_SLOTS, records)
}

const IN_BRACKETS: ReadonlySet<string> = new Set(['brackets behind the options', 'brackets behind the stem'])

/** @returns the names of the places that held keys. */
function takeEach(slots: readonly SlotKind[], records: readonly DraftRecord[]): string[] {
  const taken: string[] = []
  for (const [name, find, fewest] of slots) {
    const found = records.map((record) => (hasKey(record) ? null : find(record)))
    const judged = judgedValues(found)
    const fits = found.map((slot, at) =>
      slot
        ? slot.isSure || (judged && isJudgedStatement(slot, records[at] as DraftRecord))
          ? 1
          : fitOf(spanText(slot.value), records[at] as DraftRecord)
        : 0,
    )
    const count = found.filter((slot) => slot !== null).length
    const right = fits.filter((fit) => fit > 0.5).length
    const open = records.filter((record) => !hasKey(record)).length
    const isPlace =
      right >= fewest && right >= count * LEAST_FIT && right >= Math.min(open * 0.3, 3) && !recurs(found, records)
    if (isPlace) taken.push(name)
    found.forEach((slot, at) => {
      if (!slot || !(isPlace || slot.isSure) || (fits[at] ?? 0) <= 0.5) return
      slot.take()
      records[at]?.statements.push({
        value: slot.value,
        statement: slot.statement,
        more: [],
        source: slot.isGlued ? 'glued' : 'slot',
      })
    })
  }
  return taken
}

/** "(opposite)" behind item after item says what to do with each: keys that are typed are not all the same. */
function recurs(found: readonly (Slot | null)[], records: readonly DraftRecord[]): boolean {
  const typed = found.flatMap((slot, at) => {
    const text = slot && !records[at]?.entries.length ? spanText(slot.value).trim().toLowerCase() : ''
    return text.length > 2 && truthOf(text, true) === null ? [text] : []
  })
  return typed.length > 2 && new Set(typed).size <= typed.length / 2
}

/** Both judgements stand in a slot, item after item: there even single letters are judgements. */
function judgedValues(found: readonly (Slot | null)[]): boolean {
  const truths = found.flatMap((slot) => (slot ? [truthOf(spanText(slot.value), true)] : []))
  return truths.includes(true) && truths.includes(false)
}

function isJudgedStatement(slot: Slot, record: DraftRecord): boolean {
  const isJudged =
    !record.entries.length &&
    truthOf(spanText(slot.value), true) !== null &&
    !/[?？]\s*$/.test(stemText(record).replace(/\s*[([][^()]*[)\]]\s*$/, ''))
  if (isJudged) record.kindSaid ??= 'truefalse'
  return isJudged
}

function hasKey(record: DraftRecord): boolean {
  return record.statements.some((one) => spanText(one.value).trim() !== '')
}

function cut(pieces: Piece[], at: number, to: number): () => void {
  return () => {
    const piece = pieces[at]
    if (piece) pieces[at] = { ...piece, span: { ...piece.span, to } }
  }
}

/** "1 = not sure … 5 = very sure" names the ends of a scale. */
const SCALE_ENDS = /(?<![\d.,])\d{1,2}\s*=\s*\D.*\d{1,2}\s*=/u

function slotIn(pieces: Piece[], pattern: RegExp): Slot | null {
  const at = pieces.length - 1
  const piece = pieces[at]
  if (!piece || piece.join === 'preformatted') return null
  const text = spanText(piece.span)
  const found = pattern.exec(text)
  if (!found?.[1] || found.index === 0 || SCALE_ENDS.test(text)) return null
  const { span } = piece
  const from = span.from + found.index + found[0].indexOf(found[1])
  return {
    value: { ...span, from, to: from + found[1].trimEnd().length },
    statement: { ...span, from: span.from + found.index },
    take: () =>
      isBroken(text.slice(0, found.index))
        ? leaveGap(pieces, at, {
            ...span,
            from: span.from + found.index,
            to: span.from + found.index + found[0].length,
          })
        : cut(pieces, at, span.from + found.index)(),
  }
}

/** "中国最长的河流是（ A ）": brackets in a sentence that breaks off stand where the answer is to be written. */
function isBroken(before: string): boolean {
  return /[\u3040-\u30ff\u4e00-\u9fff]\s*$/u.test(before)
}

function leaveGap(pieces: Piece[], at: number, hole: Span): void {
  const piece = pieces[at]
  if (piece) pieces.splice(at, 1, ...replaceSpans([piece], [hole]))
}

function stemSlot(record: DraftRecord, pattern: RegExp): Slot | null {
  return slotIn(record.stem, pattern)
}

function lastEntrySlot(record: DraftRecord, pattern: RegExp): Slot | null {
  const last = record.entries.at(-1)
  return last ? slotIn(last.pieces, pattern) : null
}

/** "d) Rye Answer: b)": a statement glued to what stands before it. */
function gluedSlot(record: DraftRecord): Slot | null {
  const last = record.entries.at(-1)
  const lists = last ? [last.pieces, record.stem] : [record.stem]
  for (const pieces of lists) {
    const at = pieces.findLastIndex((piece) => gluedAt(piece) !== null)
    const piece = pieces[at]
    const found = piece ? gluedAt(piece) : null
    if (!piece || !found) continue
    const { span } = piece
    const text = spanText(span)
    const isOpen = /^[([]/.test(text.slice(found.start))
    const end = isOpen ? text.trimEnd().length - (/[)\]]\.?$/.exec(text.trimEnd())?.[0].length ?? 0) : text.length
    return {
      isGlued: pieces !== record.stem,
      value: { ...span, from: span.from + found.end, to: span.from + Math.max(found.end, end) },
      statement: { ...span, from: span.from + found.start },
      take: () => {
        cut(pieces, at, span.from + found.start)()
        pieces.length = at + 1
      },
    }
  }
  return null
}

function gluedAt(piece: Piece): { readonly start: number; readonly end: number } | null {
  const text = spanText(piece.span)
  const found = keywordsWithin(text, 0).find((keyword) => keyword.role === 'answer')
  if (!found) return null
  const open = /[([]\s*$/.exec(text.slice(0, found.start))
  return { start: open ? open.index : found.start, end: found.end }
}

/** "What is …? A harbour": nothing that asks for sentences is answered on its own line. */
function askedSlot(record: DraftRecord): Slot | null {
  return cues.asksEssay(stemText(record)) ? null : stemSlot(record, ASKED)
}

/** "A raft has no keel. (False)": a whole word for a judgement in brackets behind a statement. */
function bracketedJudgement(record: DraftRecord): Slot | null {
  const slot = record.entries.length ? null : stemSlot(record, BRACKET)
  const value = slot ? spanText(slot.value) : ''
  return slot && /\p{L}{3}/u.test(value) && truthOf(value, false) !== null ? { ...slot, isSure: true } : null
}

const NUMBER_ASKED = /(?<=[?？])\s+([-−]?\d[\d.,]*(?:\s?\p{L}{1,3}[²³]?)?(?:\s*\([^()]{3,60}\))?)\s*$/u

/** "How many …? 8": nothing else is said behind a question in figures. */
function numberSlot(record: DraftRecord): Slot | null {
  const slot = record.entries.length ? null : stemSlot(record, NUMBER_ASKED)
  return slot && { ...slot, isSure: true }
}

/** "A raft has no keel. True": a judgement behind the statement. */
function judgementSlot(record: DraftRecord): Slot | null {
  const slot = record.entries.length ? null : stemSlot(record, JUDGED)
  const judged = slot ? judgement(spanText(slot.value), record.section.truth || record.kindSaid === 'truefalse') : null
  return slot && judged
    ? {
        ...slot,
        isSure: record.section.truth || record.kindSaid === 'truefalse' || /^\p{L}{3}/u.test(spanText(slot.value)),
      }
    : null
}

/** "… True or false? T": the judgement behind the question for it. */
function judgedSlot(record: DraftRecord): Slot | null {
  const at = record.stem.length - 1
  const piece = record.stem[at]
  const found = piece && !record.entries.length ? trueFalseJudged(spanText(piece.span)) : null
  if (!piece || !found) return null
  const { span } = piece
  const value = { ...span, from: span.from + found.value, to: span.from + spanText(span).trimEnd().length }
  const take = (): void => {
    cut(record.stem, at, span.from + found.from)()
    record.kindSaid ??= 'truefalse'
  }
  return { value, statement: value, take, isSure: true }
}

const DRESSES: readonly LineStyle[] = ['strong', 'underline', 'highlight', 'colour']

/** "… is called water **vapour**.": the one word of a stem that stands out is what a gap will ask for. */
function dressedSlot(record: DraftRecord): Slot | null {
  if (record.entries.length || record.rows.length) return null
  for (const [at, piece] of record.stem.entries()) {
    const { span } = piece
    const own = span.line.styles.filter(
      (range) =>
        DRESSES.includes(range.style) && range.from >= span.from && range.to <= span.to && range.from > span.from,
    )
    const [only] = own
    if (!only || own.length > 1 || only.to - only.from > 40) continue
    const value = { ...span, from: only.from, to: only.to }
    const isTail =
      /[?.!:。？]\s*$/.test(span.line.text.slice(span.from, only.from)) &&
      span.line.text.slice(only.to, span.to).trim() === ''
    return {
      value,
      statement: value,
      take: () => (isTail ? cut(record.stem, at, only.from)() : leaveGap(record.stem, at, value)),
    }
  }
  return null
}

/** `_C_ 1.`, `(T) 3.`: the mark before the number. */
function leadSlot(record: DraftRecord): Slot | null {
  const { label, labelUnit } = record
  const lead = label?.lead.replace(/^[_()[\]\s]+|[_()[\]\s]+$/g, '') ?? ''
  // "D. 12. …": the letter of a section.
  if (!label || !labelUnit || !lead || /^[^_([]+[).:]$|^\d{1,2}\s?pt?s?\.?$/i.test(label.lead)) return null
  const text = labelUnit.text
  const from = labelUnit.from + text.indexOf(lead)
  const value = { line: labelUnit.line, from, to: from + lead.length }
  return { value, statement: value, take: () => undefined }
}
