import type { ItemKind } from '../../item/model.ts'
import { spanText, type LineStyle } from '../model.ts'
import type { Piece } from '../text/compose.ts'
import type { DraftRecord } from '../records/record.ts'
import { falsehoodFirst, trueFalseLead, trueFalseBoxed, trueFalseTail, truthOf } from '../truth-words.ts'
import { cues, keywordAt, kindLabelAt, kindNamed, remarksIn } from '../words.ts'
import { findPoints } from '../points.ts'

/** What a stem says beside its question: taken out of its lines and told. */
export interface Trimmed {
  readonly saidKind: ItemKind | null
  /** The stem itself asks for a judgement: "True or false: …". */
  readonly truthCue: boolean
}

const SLASHED = /(?:\s{2,}|\s(?=\/\d{1,2}\s*$))\/\s?(\d{1,3})\s*$/u
const SQUARE = /\s*\[\s?(\d{1,2})\s?\]\s*$/u
const RANGE = /^\s*[([]0\s?[-–—]\s?(\d{1,2})[)\]]\s*/u
const REMARK = /\s*[([（]([^()[\]（）]{2,60})[)\]）]\s*$/u

const MARKS: readonly LineStyle[] = ['highlight', 'colour', 'strong', 'underline']

/** "… True / **False**": the one of the two words that stands out is the key. */
function takeDressed(record: DraftRecord, { span }: Piece, from: number): void {
  for (const style of MARKS) {
    const own = span.line.styles.filter((range) => range.style === style && range.from >= from && range.to <= span.to)
    const [only] = own
    if (!only || own.length > 1) continue
    const value = { ...span, from: only.from, to: only.to }
    if (truthOf(spanText(value), true) === null) continue
    record.statements.push({ value, statement: value, more: [], source: 'slot' })
    return
  }
}

const ROOM = /(?:\s+(?:(?:\d{1,3}\s?[.)]\s*)?(?:_{2,}|\.{4,}|…{2,})|[([]\s*[)\]])|\s*（\s*）)\s*$/u

/** "1) ____" in a column of its own. */
const ROOM_ALONE = /^\s*\d{1,3}\s?[.)]\s*_{2,}\s*$/u

/** How many words may stand before room in a wide gap, as in a list of words to translate. */
const LONGEST_TERM = 4

/** Room for the answer at the right margin, behind a stem that is whole without it. */
function dropRoom(record: DraftRecord): void {
  const at = record.stem.length - 1
  const last = record.stem[at]
  if (!last) return
  const text = spanText(last.span)
  if (at > 0 && ROOM_ALONE.test(text)) {
    record.stem.pop()
    return
  }
  const found = ROOM.exec(text)
  const before = text.slice(0, found?.index)
  const isTerm = found !== null && /^\s{2,}[_.…]/.test(found[0]) && before.trim().split(/\s+/).length <= LONGEST_TERM
  if (!found || !(/\d\s?[.)]\s*_/u.test(found[0]) || /[.?!。？]\s*$/.test(before) || isTerm)) return
  record.stem[at] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
}

/** Takes labels of kinds, points and remarks out of a record's stem. */
export function trimStem(record: DraftRecord): Trimmed {
  let saidKind = record.kindSaid
  let truthCue = saidKind === 'truefalse'
  takePoints(record)
  dropRoom(record)
  takeRemarks(record, (kind) => (saidKind ??= kind))
  takeLeading(record, (kind) => (saidKind ??= kind))
  truthCue ||= saidKind === 'truefalse'
  const several = cues.severalLead(firstText(record))
  if (several > 0) {
    saidKind ??= 'multiple'
    cutStart(record, several)
  }
  const label = kindLabelAt(firstText(record))
  if (label) {
    saidKind = label.kind
    truthCue ||= label.kind === 'truefalse'
    if (!isWhole(record, label.length) || !ASKED_BY_NAME.has(label.kind)) cutStart(record, label.length)
  }
  if (takeChosen(record) || takeLead(record)) truthCue = true
  else if (!record.entries.length && takeTail(record)) truthCue = true
  takePoints(record)
  dropLead(record)
  if (truthCue && !record.entries.length) record.kindSaid ??= 'truefalse'
  return { saidKind, truthCue }
}

const LEADING = /^\s*[([（【]([^()[\]（）【】]{1,40})[)\]）】]\s*(?=\S|$)/u
const STRAY = /^\s*[:：,，)\]]\s*(?=\S)/u
const DASH = /^\s*[-–—/]\s+(?=\S)/u

/** "(单选，2分) …", "[Easy] …": remarks in front of the stem, and a sign that parted it from what was taken off. */
function takeLeading(record: DraftRecord, tellKind: (kind: ItemKind | null) => void): void {
  const found = LEADING.exec(firstText(record))
  const remarks = found?.[1] ? remarksIn(found[1]) : null
  if (!found || !remarks || (found[0].length >= firstText(record).length && record.stem.length < 2)) return
  for (const { role, value } of remarks) giveRemark(record, role, value, tellKind)
  cutStart(record, found[0].length)
}

function giveRemark(record: DraftRecord, role: string, value: string, tellKind: (kind: ItemKind | null) => void): void {
  if (role === 'kind') tellKind(kindNamed(value))
  else if (role === 'points') record.points ??= Number(value)
  else if (role === 'level' || role === 'difficulty' || role === 'outcome') record[role] ??= value
}

const LEAD_ROOM = /^\s*(?:[_.…]{2,}|[([]\s*[)\]])\s+(?=\S)/u

function dropLead(record: DraftRecord): void {
  const found =
    STRAY.exec(firstText(record)) ??
    (record.label ? DASH.exec(firstText(record)) : null) ??
    (record.section.truth ? LEAD_ROOM.exec(firstText(record)) : null)
  if (found) cutStart(record, found[0].length)
}

function firstText(record: DraftRecord): string {
  const first = record.stem[0]
  return first ? spanText(first.span) : ''
}

const BARE_POINTS = /\s*[([](\d{1,2})[)\]]\s*$/u
const MOST_POINTS = 12

/** A small number in brackets behind nearly every stem is what it is worth; behind a few it may be anything. */
export function takeBarePoints(records: readonly DraftRecord[]): void {
  const found = records.map((record) => {
    const last = record.stem.at(-1)
    const points = last ? BARE_POINTS.exec(spanText(last.span)) : null
    return points && Number(points[1]) <= MOST_POINTS && points.index > 0 ? points : null
  })
  const count = found.filter((one) => one !== null).length
  if (count < 3 || count < records.length * 0.6) return
  found.forEach((points, at) => {
    const record = records[at]
    const last = record?.stem.at(-1)
    if (!points || !record || !last) return
    record.points ??= Number(points[1])
    record.stem[record.stem.length - 1] = { ...last, span: { ...last.span, to: last.span.from + points.index } }
  })
}

const REQUIRED = /\s+\*\s*$/u

/** "Closing time *": a star behind several stems says that they have to be answered. */
export function dropRequired(records: readonly DraftRecord[]): void {
  const found = records.map(({ stem }) => {
    const last = stem.at(-1)
    return last ? REQUIRED.exec(spanText(last.span)) : null
  })
  if (found.filter(Boolean).length < 2) return
  found.forEach((star, at) => {
    const stem = records[at]?.stem
    const last = stem?.at(-1)
    if (star && stem && last)
      stem[stem.length - 1] = { ...last, span: { ...last.span, to: last.span.from + star.index } }
  })
}

/** "Ordne zu:" says what to do, where nothing else does. */
const ASKED_BY_NAME: ReadonlySet<ItemKind> = new Set(['match', 'order'])

function isWhole({ stem }: DraftRecord, units: number): boolean {
  return stem.length === 1 && stem[0] !== undefined && spanText(stem[0].span).slice(units).trim() === ''
}

export function cutStart(record: DraftRecord, units: number): void {
  const first = record.stem[0]
  if (!first) return
  const rest = spanText(first.span).slice(units)
  if (rest.trim()) record.stem[0] = { ...first, span: { ...first.span, from: first.span.from + units } }
  else record.stem.shift()
}

const CHOSEN =
  /^\s*(?:([(\[*])\s?(\p{L}{1,9})\s?[)\]*]\s{1,6}(?:\/\s*)?(\p{L}{1,9})|(\p{L}{1,9})\s{1,6}(?:\/\s*)?[(\[*]\s?(\p{L}{1,9})\s?[)\]*])\s+(?=\S)/u

/** "V  (F)  A raft has no keel.": both judgements before the statement, the chosen one with a ring round it. */
function takeChosen(record: DraftRecord): boolean {
  const [first] = record.stem
  const found = first && !record.entries.length ? CHOSEN.exec(spanText(first.span)) : null
  if (!first || !found) return false
  const [chosen = '', other = ''] = found[2] ? [found[2], found[3]] : [found[5], found[4]]
  const [right, wrong] = [truthOf(chosen, true), truthOf(other, true)]
  if (right === null || wrong === null || right === wrong) return false
  record.judged = right
  cutStart(record, found[0].length)
  return true
}

function takeLead(record: DraftRecord): boolean {
  const lead = trueFalseLead(firstText(record))
  if (!lead || (lead.to >= firstText(record).length && record.stem.length === 1)) return false
  cutStart(record, lead.to)
  return true
}

const TICKED = /[☑☒■✅●]|[[(]\s?[xX✓✔]/u

const TWO_BOXES = /\s+([☐☑☒□■✅]|[[(]\s?[xX✓✔]?\s?[)\]])\s+([☐☑☒□■✅]|[[(]\s?[xX✓✔]?\s?[)\]])\s*$/u

/** "…   [x]   [ ]": two columns of boxes, headed by the two judgements, the one for true first unless the head says other. */
function takeColumns(record: DraftRecord, piece: Piece): boolean {
  const text = spanText(piece.span)
  const found = TWO_BOXES.exec(text)
  if (!found?.[1] || !found[2] || !record.section.truth) return false
  const [first, second] = [TICKED.test(found[1]), TICKED.test(found[2])]
  const isTrueFirst = !falsehoodFirst(record.section.text)
  record.judged = first === second ? null : first === isTrueFirst
  record.stem[record.stem.length - 1] = { ...piece, span: { ...piece.span, to: piece.span.from + found.index } }
  return true
}

/** "… True ☐ False ☑" behind the statement: the ticked word is the key. */
function takeBoxed(record: DraftRecord): boolean {
  const at = record.stem.length - 1
  const piece = record.stem[at]
  if (piece && takeColumns(record, piece)) return true
  const boxed = piece ? trueFalseBoxed(spanText(piece.span)) : null
  if (!piece || !boxed?.[0]) return false
  const start = piece.span.from
  const ticked = boxed.filter(({ box }) => TICKED.test(box))
  const [only] = ticked
  if (only && ticked.length === 1) {
    const value = { ...piece.span, from: start + only.from, to: start + only.from + only.word.length }
    record.statements.push({ value, statement: value, more: [], source: 'slot' })
  }
  if (boxed[0].from > 0) record.stem[at] = { ...piece, span: { ...piece.span, to: start + boxed[0].from } }
  else record.stem.splice(at, 1)
  return true
}

/** "… T / F", "… True or false?" behind the statement. */
function takeTail(record: DraftRecord): boolean {
  if (takeBoxed(record)) return true
  for (let at = record.stem.length - 1; at >= 0; at--) {
    const piece = record.stem[at] as Piece
    const text = spanText(piece.span)
    const alone = at > 0 && trueFalseTail(`- ${text}`)?.from === 1
    const tail = alone ? { from: 0 } : trueFalseTail(text)
    if (!tail) continue
    const stop = /^[.?!]/.exec(text.slice(tail.from)) ? 1 : 0
    takeDressed(record, piece, piece.span.from + tail.from)
    if (alone) record.stem.splice(at, 1)
    else record.stem[at] = { ...piece, span: { ...piece.span, to: piece.span.from + tail.from + stop } }
    return true
  }
  return false
}

/** "2p  4  Explain …": what an item is worth, before its number. */
const POINTS_BEFORE = /^(\d{1,2})\s?p/i

function takePoints(record: DraftRecord): void {
  const before = POINTS_BEFORE.exec(record.label?.lead ?? '')?.[1]
  if (before) record.points ??= Number(before)
  record.stem.forEach((piece, at) => {
    if (piece.join === 'preformatted') return
    const found = pointsIn(spanText(piece.span), at === record.stem.length - 1)
    if (!found) return
    record.points ??= found.points
    record.stem.splice(at, 1, ...without(piece, found.from, found.to))
  })
  for (const entry of record.entries) {
    const piece = entry.pieces.at(-1)
    const found = piece ? findPoints(spanText(piece.span)) : null
    if (!piece || !found || found.to < spanText(piece.span).trimEnd().length || found.from === 0) continue
    record.points ??= found.points
    entry.pieces.splice(-1, 1, ...without(piece, found.from, found.to))
  }
}

function pointsIn(text: string, isLast: boolean): { from: number; to: number; points: number } | null {
  const range = RANGE.exec(text)
  if (range?.[1]) return { from: 0, to: range[0].length, points: Number(range[1]) }
  const found = findPoints(text)
  if (found) return found
  const slashed = (isLast ? SLASHED.exec(text) : null) ?? SQUARE.exec(text)
  return slashed?.[1] && slashed.index > 0
    ? { from: slashed.index, to: slashed.index + slashed[0].length, points: Number(slashed[1]) }
    : null
}

/** A piece without a stretch of it; what stands on both sides stays one paragraph. */
export function without(piece: Piece, from: number, to: number): Piece[] {
  const text = spanText(piece.span)
  const [before, behind] = [text.slice(0, from), text.slice(to)]
  const start = piece.span.from
  const parts: Piece[] = []
  if (before.trim()) parts.push({ ...piece, span: { ...piece.span, to: start + from } })
  if (behind.trim()) parts.push({ join: parts.length ? 'wrap' : piece.join, span: { ...piece.span, from: start + to } })
  return parts
}

function takeRemarks(record: DraftRecord, tellKind: (kind: ItemKind | null) => void): void {
  for (let round = 0; round < 4; round++) {
    const at = record.stem.length - 1
    const last = record.stem[at]
    const found = last && REMARK.exec(spanText(last.span))
    if (last && found && takeSaid(record, last, found)) continue
    const remarks = found?.[1] ? remarksIn(found[1]) : null
    if (!last || !found || !remarks || found.index === 0) return
    for (const { role, value } of remarks) giveRemark(record, role, value, tellKind)
    record.stem[at] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
  }
}

/** "(Hint: think of bread.)" behind a stem. */
function takeSaid(record: DraftRecord, last: Piece, found: RegExpExecArray): boolean {
  const inner = found[1] ?? ''
  const cue = keywordAt(inner, 0)
  if (!cue || (cue.role !== 'hint' && cue.role !== 'feedback') || found.index === 0) return false
  const from = last.span.from + found.index + found[0].indexOf(inner)
  const span = { ...last.span, from: from + cue.end, to: from + inner.length }
  const list = cue.role === 'hint' ? record.hint : record.feedback
  list.push({ span, join: 'paragraph' })
  record.stem[record.stem.length - 1] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
  return true
}

/** What asks for a judgement may show only once the key is taken off behind it: "… True/False Answer: True". */
export function trimTail(record: DraftRecord, trimmed: Trimmed): Trimmed {
  // A key that stood behind the room is gone by now.
  if (record.statements.some((one) => one.source === 'slot')) dropRoom(record)
  return !trimmed.truthCue && !record.entries.length && takeTail(record) ? { ...trimmed, truthCue: true } : trimmed
}
