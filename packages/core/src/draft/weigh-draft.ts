import { plainText } from '../content/plain.ts'
import { unitsOf } from './facts/units.ts'
import { factsOf } from './facts/facts.ts'
import { doubtOf, type Doubt } from './doubt/doubt-of-item.ts'
import { doubtAsWhole } from './doubt/draft-doubt.ts'
import { asideMarks } from './doubt/aside-marks.ts'
import { unsureMarks } from './doubt/unsure-mark.ts'
import { countsOf, gainOf, type Counts } from './doubt/worth.ts'
import { judgeByValues } from './keys/judgements.ts'
import { giveListedKeys, unknownEntries } from './keys/lists.ts'
import { strayLists } from './keys/stray-lists.ts'
import { withListsByFit } from './keys/lists-by-fit.ts'
import { takeSharedPoints } from './keys/shared-points.ts'
import { dropSharedWords } from './keys/shared-words.ts'
import { arrowsIntoStems } from './keys/signed-lines.ts'
import { findSigns, signsAt, takeShares, takeTwoSigns } from './keys/signs.ts'
import { takeSlots } from './keys/slots.ts'
import { settleRecord } from './kinds/settle.ts'
import { dropRequired, takeBarePoints, trimStem, trimTail, type Trimmed } from './kinds/trim.ts'
import { mark, type Mark } from './marks.ts'
import type { AsideLine, DraftSource, Line, ReadItem, Reading } from './model.ts'
import { cleanLines } from './text/clean.ts'
import { pageEnds } from './text/page-ends.ts'
import { assemble, type Assembled, type KeyLines } from './records/assemble.ts'
import { partSoleLines } from './records/entries.ts'
import { dropFieldWords } from './records/field-words.ts'
import { takeDistractors } from './kinds/distractors.ts'
import { takeInlineOptions, takeNamedOptions } from './kinds/inline-options.ts'
import { judgedParts } from './kinds/judged-parts.ts'
import { withUnread } from './records/ledger.ts'
import { lowerFirstParts } from './records/first-parts.ts'
import { passageOf, passagesOf } from './records/passages.ts'
import { NO_SECTION, type DraftRecord } from './records/record.ts'
import { alternativesOf, type Alternative } from './roles/alternatives.ts'
import { ROLE_INDEX } from './roles/roles.ts'
import { readRoles, surround, type ReadRoles } from './roles/read-roles.ts'
import type { ReaderWeights } from './roles/weights.ts'
import { placeOf } from './kinds/working.ts'
import type { Notation } from './teaching/model.ts'
import { notationFrom } from './teaching/notation.ts'
import { evidenceOf, linePartsOf, teachingOf } from './teaching/teaching.ts'

/**
 * Reads a draft by weighing whole readings: facts of every line, series and groups of the draft, the best roles for all
 * lines together, records made of them, keys given by fit, kinds settled.
 */
export function weighDraft(source: DraftSource, weights: ReaderWeights): Reading {
  const lines = cleanLines(source)
  const read = rolesOf(source, lines, weights)
  const base = settled(withListsByFit(read), lines, source)
  const hasKeys = base.reading.aside.some(({ reason }) => reason === 'keys')
  let best = base
  let most = LEAST_GAIN
  for (const { read: turned, loss } of othersOf(read, source)) {
    const other = settled(listed(turned, source), lines, source)
    const isFound = base.reading.items.length === 0 && findsItems(other)
    // Keys without an item are none, so that it costs nothing to take them for something else.
    const cost = isFound && hasKeys ? 0 : loss
    const gain = gainOf(other.counts, base.counts, cost) + (isFound ? ITEMS_FOUND : 0)
    if (gain <= most) continue
    most = gain
    best = other
  }
  return best.reading
}

function rolesOf(source: DraftSource, lines: readonly Line[], weights: ReaderWeights): ReadRoles {
  const draft = surround(unitsOf(lines))
  const teaching = teachingOf(source)
  return readRoles(draft, weights, teaching && ((untaught) => evidenceOf(draft, untaught, teaching)))
}

/** What was taught about a draft as a notation, so that others can be read by it. */
export function weighNotation(source: DraftSource, weights: ReaderWeights, name: string): Notation {
  const draft = surround(unitsOf(cleanLines(source)))
  const teaching = teachingOf(source)
  return teaching ? notationFrom(name, draft, readRoles(draft, weights).roles, teaching) : { name, rules: [] }
}

/** A reading of a draft with what it comes to, and how much worse its lines alone explain it than the first does. */
export interface Way extends Settled {
  readonly loss: number
}

/** The readings that are weighed against each other, the one first that the lines explain best. @internal For fitting. */
export function waysOf(source: DraftSource, weights: ReaderWeights): Way[] {
  const lines = cleanLines(source)
  const read = rolesOf(source, lines, weights)
  return [
    { ...settled(withListsByFit(read), lines, source), loss: 0 },
    ...othersOf(read, source).map(({ read: turned, loss }) => ({
      ...settled(listed(turned, source), lines, source),
      loss,
    })),
  ]
}

/** Looking for lists takes its time, so that it is done for other readings of short drafts only. */
function listed(read: ReadRoles, source: DraftSource): ReadRoles {
  return source.text.length <= MOST_LISTED ? withListsByFit(read) : read
}

const MOST_LISTED = 4000

/**
 * A question with its options, a numbered one with its key, or several items that all have their keys: no plan or letter
 * comes to that.
 */
function findsItems({ reading: { items }, counts }: Settled): boolean {
  const isKeyed = counts.keyed === items.length
  const isNumbered = items.every(({ number, places }) => number !== null && places.keys.length > 0)
  return (
    items.some((read) => asksWithOptions(read)) || (isKeyed && (items.length > 1 || (items.length > 0 && isNumbered)))
  )
}

/** A question, or half a sentence, with lettered options: no list of things to bring, no step of a plan. */
function asksWithOptions({ item, places }: ReadItem): boolean {
  if (!('options' in item)) return false
  const stem = plainText(item.stem)
  const isLettered = places.labels.some((label) => /\p{L}/u.test(label))
  return /[?？]\s*$/.test(stem) || (isLettered && !/[.。]\s*$/.test(stem))
}

function othersOf(read: ReadRoles, source: DraftSource): Alternative[] {
  return alternativesOf(read, Math.min(MOST_OTHERS, MOST_TEXT / source.text.length))
}

/** How many other readings of a draft are tried, and how much text they may have in all, so that the time stays linear. */
const MOST_OTHERS = 10
const MOST_TEXT = 50_000
/** What speaks for a reading that finds items where the first one finds nothing at all. */
const ITEMS_FOUND = 2
/** How much better a reading has to be than the one that its lines alone explain best. */
const LEAST_GAIN = 0.6

/** The reading that given roles come to: all that follows once every line has one. @internal For tests. */
export function readingFrom(read: ReadRoles, lines: readonly Line[], source: DraftSource): Reading {
  return settled(read, lines, source).reading
}

interface Settled {
  readonly reading: Reading
  readonly counts: Counts
}

/** Gives records what other lines say of them, in the one order in which each step finds what it needs. */
function keyed(assembled: Assembled, source: DraftSource) {
  const { records } = assembled
  lowerFirstParts(records)
  dropFieldWords(records)
  dropSharedWords(records)
  partSoleLines(records)
  arrowsIntoStems(records)
  takeTwoSigns(records)
  takeShares(records)
  takeDistractors(records)
  const trimmed = records.map((record) => trimStem(record))
  takeBarePoints(records)
  dropRequired(records)
  const stray = strayLists(records)
  takeInlineOptions(records)
  takeSlots(records)
  const own = [...assembled.keys, ...stray]
  const blocks = source.keyText === undefined ? own : [...own, keyFileBlock(source.keyText, records.length)]
  giveListedKeys(blocks, records)
  takeSharedPoints(records)
  takeNamedOptions(records)
  judgeByValues(records)
  giveSectionPoints(records)
  return { ...withParts(records, trimmed), blocks }
}

/** Statements that one question asks to be judged are items of their own, once its key is known. */
function withParts(records: readonly DraftRecord[], trimmed: readonly Trimmed[]) {
  const all = records.map((record, at) => {
    const parts = judgedParts(record)
    return parts
      ? { records: parts, trimmed: parts.map((): Trimmed => ({ saidKind: 'truefalse', truthCue: true })) }
      : { records: [record], trimmed: trimmed.slice(at, at + 1) }
  })
  return { records: all.flatMap((one) => one.records), trimmed: all.flatMap((one) => one.trimmed) }
}

function settled(read: ReadRoles, lines: readonly Line[], source: DraftSource): Settled {
  const assembled = assemble(read)
  const { records, trimmed, blocks } = keyed(assembled, source)
  const signs = findSigns(records)
  const doubts: (Doubt & { readonly namesNone: boolean })[] = []
  const items = records.map((record, at): ReadItem => {
    const tail = trimTail(record, trimmed[at] as Trimmed)
    const one = settleRecord(record, tail, signsAt(signs, at))
    const doubt = doubtOf(record, one.item, read)
    doubts.push({ ...doubt, namesNone: one.namesNone })
    return {
      item: one.item,
      ...placeOf(record),
      number: record.label?.id ?? null,
      pointsSaid: record.points !== null || record.section.pointsEach !== null,
      passageId: passageOf(record, assembled),
      places: one.places,
      marks: [...one.marks, ...unsureMarks(doubt, record)],
    }
  })
  const passages = passagesOf(assembled)
  const reading: Reading = {
    title: assembled.title,
    passages,
    items: doubtAsWhole(numberMarks(items)),
    aside: withUnread([...assembled.aside, ...endsOfPages(lines)], lines, source.text, [...items, ...passages]),
    marks: [...draftMarks(items, lines), ...asideMarks(read), ...blocks.flatMap((one) => strangeKeys(one, records))],
    parts: linePartsOf(read, assembled.aside),
  }
  const counts = countsOf(items, {
    odd: doubts.filter((doubt) => doubt.odd !== null).length,
    namesNone: doubts.filter((doubt) => doubt.namesNone).length,
    holes: holesIn(read),
  })
  return { reading, counts }
}

function endsOfPages(lines: readonly Line[]): AsideLine[] {
  return [...pageEnds(lines)].flatMap((at) => {
    const line = lines[at]
    return line ? [{ line: line.number, from: line.from, to: line.to, reason: 'page' as const }] : []
  })
}

function keyFileBlock(text: string, count: number): KeyLines {
  const lines: Line[] = cleanLines({ text }).map((line) => ({
    ...line,
    from: 0,
    to: 0,
    map: new Array<number>(line.text.length + 1).fill(0),
  }))
  return { facts: unitsOf(lines).map((unit) => factsOf(unit)), after: count, section: NO_SECTION }
}

/** "Part D (4 points)" above a single item is that item's points; above several it says nothing about each. */
function giveSectionPoints(records: readonly DraftRecord[]): void {
  const bySection = new Map<number, DraftRecord[]>()
  for (const record of records)
    bySection.set(record.section.index, [...(bySection.get(record.section.index) ?? []), record])
  for (const own of bySection.values()) {
    const [only] = own
    if (own.length === 1 && only && only.section.pointsInAll !== null) only.points ??= only.section.pointsInAll
  }
}

function draftMarks(items: readonly ReadItem[], lines: readonly Line[]): Mark[] {
  if (items.length || !lines.some((line) => line.text.trim())) return []
  return [mark('no-items', { lines: [1, lines.length], from: 0, to: lines.at(-1)?.to ?? 0 })]
}

/** Entries of a list of keys that are for no item. */
function strangeKeys(block: KeyLines, records: readonly DraftRecord[]): Mark[] {
  return unknownEntries(block, records).map(({ id, unit: { line } }) =>
    mark('key-for-no-item', { lines: [line.number, line.number], from: line.from, to: line.to }, { number: id }),
  )
}

const MOSTLY = 0.7

/** Says of items whose number stands twice, and of those without one where nearly all have one. */
function numberMarks(items: readonly ReadItem[]): ReadItem[] {
  const numbered = items.filter((item) => item.number !== null).length
  const isNumbered = numbered > 2 && numbered > items.length * MOSTLY
  return items.map((item, at) => {
    const { number } = item
    const isAgain = number !== null && number !== '1' && number === items[at - 1]?.number
    if (isAgain) return { ...item, marks: [...item.marks, mark('number-repeated', item, { number })] }
    return number === null && isNumbered ? { ...item, marks: [...item.marks, mark('number-missing', item)] } : item
  })
}

/** Lines that count on in a series most of whose lines begin an item, and begin none themselves. */
function holesIn({ draft, roles }: ReadRoles): number {
  const counts = new Map<number, { stems: number; others: number }>()
  draft.places.forEach((place, at) => {
    if (!place || place.series.members.length < 2 || roles[at] === ROLE_INDEX.keys) return
    const count = counts.get(place.series.id) ?? { stems: 0, others: 0 }
    if (roles[at] === ROLE_INDEX.stem) count.stems++
    else count.others++
    counts.set(place.series.id, count)
  })
  return [...counts.values()].reduce((sum, { stems, others }) => (stems >= others ? sum + others : sum), 0)
}
