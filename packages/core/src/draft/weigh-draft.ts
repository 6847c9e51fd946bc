import { unitsOf } from './facts/units.ts'
import { factsOf } from './facts/facts.ts'
import type { Item } from '../item/model.ts'
import { LEAST_PROBABILITY, oddness } from './doubt/doubt.ts'
import { countsOf, gainOf, type Counts } from './doubt/worth.ts'
import { judgeByValues } from './keys/judgements.ts'
import { giveListedKeys, strayLists } from './keys/lists.ts'
import { withListsByFit } from './keys/lists-by-fit.ts'
import { findSigns, takeTwoSigns } from './keys/signs.ts'
import { takeSlots } from './keys/slots.ts'
import { settleRecord, takeBarePoints, trimStem } from './kinds/settle.ts'
import { mark, type Mark } from './marks.ts'
import type { AsideLine, DraftSource, Line, ReadItem, Reading, ReadPassage } from './model.ts'
import { cleanLines } from './passes/clean.ts'
import { compose } from './passes/compose.ts'
import { assemble, type Assembled, type KeyLines } from './records/assemble.ts'
import { partSoleLines } from './records/entries.ts'
import { dropFieldWords } from './records/field-words.ts'
import { NO_SECTION, type DraftRecord } from './records/record.ts'
import { alternativesOf } from './roles/alternatives.ts'
import { readRoles, surround, type ReaderWeights, type ReadRoles } from './roles/read-roles.ts'
import { ROLES, type Role } from './roles/roles.ts'
import { placeOf } from './kinds/working.ts'

/**
 * Reads a draft by weighing whole readings: facts of every line, series and groups of the draft, the best roles for all
 * lines together, records made of them, keys given by fit, kinds settled.
 */
export function weighDraft(source: DraftSource, weights: ReaderWeights): Reading {
  const lines = cleanLines(source)
  const read = readRoles(surround(unitsOf(lines)), weights)
  const base = settled(withListsByFit(read), lines, source)
  let best = base
  let most = LEAST_GAIN
  for (const { read: turned, loss } of alternativesOf(read, Math.min(MOST_OTHERS, MOST_TEXT / source.text.length))) {
    const other = settled(turned, lines, source)
    const gain = gainOf(other.counts, base.counts, loss)
    if (gain <= most) continue
    most = gain
    best = settled(withListsByFit(turned), lines, source)
  }
  return best.reading
}

/** How many other readings of a draft are tried, and how much text they may have in all, so that the time stays linear. */
const MOST_OTHERS = 10
const MOST_TEXT = 50_000
/** How much better a reading has to be than the one that its lines alone explain best. */
const LEAST_GAIN = 0.5

/** The reading that given roles come to: all that follows once every line has one. @internal For tests. */
export function readingFrom(read: ReadRoles, lines: readonly Line[], source: DraftSource): Reading {
  return settled(read, lines, source).reading
}

interface Settled {
  readonly reading: Reading
  readonly counts: Counts
}

function settled(read: ReadRoles, lines: readonly Line[], source: DraftSource): Settled {
  const assembled = assemble(read)
  const { records } = assembled
  dropFieldWords(records)
  partSoleLines(records)
  takeTwoSigns(records)
  const trimmed = records.map((record) => trimStem(record))
  takeBarePoints(records)
  const stray = strayLists(records)
  takeSlots(records)
  const own = [...assembled.keys, ...stray]
  const blocks = source.keyText === undefined ? own : [...own, keyFileBlock(source.keyText, records.length)]
  giveListedKeys(blocks, records)
  judgeByValues(records)
  giveSectionPoints(records)
  const signs = findSigns(records)
  const doubts: Doubt[] = []
  const items = records.map((record, at): ReadItem => {
    const one = settleRecord(
      record,
      trimmed[at] as ReturnType<typeof trimStem>,
      signs.marked[at] ?? [],
      signs.names[at] ?? null,
    )
    const doubt = doubtOf(record, one.item, read)
    doubts.push({ ...doubt, namesNone: one.namesNone })
    return {
      item: one.item,
      ...placeOf(record),
      number: record.label?.id ?? null,
      pointsSaid: record.points !== null || record.section.pointsEach !== null,
      passageId: passageOf(record, assembled),
      places: one.places,
      marks: [...one.marks, ...marksOf(doubt, record)],
    }
  })
  const passages = passagesOf(assembled)
  const reading: Reading = {
    title: assembled.title,
    passages,
    items,
    aside: withUnread(assembled.aside, lines, source.text, [...items, ...passages]),
    marks: draftMarks(items, lines),
  }
  const counts = countsOf(items, {
    odd: doubts.filter((doubt) => doubt.odd !== null).length,
    doubtful: doubts.filter((doubt) => doubt.odd === null && doubt.line !== null).length,
    namesNone: doubts.filter((doubt) => doubt.namesNone).length,
  })
  return { reading, counts }
}

/** What no part of the reading holds, as the fence of a block of code, is set aside: no line is without a place. */
function withUnread(
  aside: readonly AsideLine[],
  lines: readonly Line[],
  text: string,
  parts: readonly { readonly lines: readonly [number, number] }[],
): AsideLine[] {
  const kept = new Set(aside.map((one) => one.line))
  for (const { lines: own } of parts) for (let line = own[0]; line <= own[1]; line++) kept.add(line)
  const unread = lines.filter((line) => !kept.has(line.number) && text.slice(line.from, line.to).trim() !== '')
  if (!unread.length) return [...aside]
  const rest = unread.map(({ number, from, to }): AsideLine => ({ line: number, from, to, reason: 'other' }))
  return [...aside, ...rest].sort((a, b) => a.from - b.from)
}

const ROLE_WORDS: Readonly<Record<Role, string>> = {
  out: 'no part of any item',
  passage: 'part of a passage',
  stem: 'the start of an item',
  more: 'part of the question',
  option: 'an option',
  wrapped: 'the rest of an option',
  answer: 'a key',
  feedback: 'feedback',
  hint: 'a hint',
  facts: 'a remark about the item',
  row: 'a pair',
  bank: 'a word bank',
  lines: 'room to write',
  keys: 'part of a list of keys',
  remark: 'feedback to an option',
}

/** What speaks against an item as it came out: something odd about it, or a line that could as well be something else. */
interface Doubt {
  readonly odd: string | null
  readonly line: string | null
  readonly namesNone: boolean
}

function doubtOf(record: DraftRecord, item: Item, read: ReadRoles): Omit<Doubt, 'namesNone'> {
  const last = record.units.at(-1)?.index ?? 0
  const units = [...record.units.map((unit) => unit.index), last + 1].filter((at) => at < read.probabilities.length)
  const least = units.reduce(
    (worst, at) => ((read.probabilities[at] ?? 1) < (read.probabilities[worst] ?? 1) ? at : worst),
    units[0] ?? 0,
  )
  const isUnsure = (read.probabilities[least] ?? 1) < LEAST_PROBABILITY
  const line = read.draft.facts[least]?.unit.line.number ?? 1
  const other = ROLE_WORDS[ROLES[read.others[least] ?? 0] ?? 'out']
  return { odd: oddness(item, record), line: isUnsure ? `line ${line} could also be ${other}` : null }
}

/** One mark per item, whatever is wrong with it. */
function marksOf({ odd, line }: Omit<Doubt, 'namesNone'>, record: DraftRecord): Mark[] {
  const why = odd ?? line
  return why === null ? [] : [mark('reading-unsure', placeOf(record), { why })]
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

const RANGE = /(\d{1,3})\s?(?:[-–—]|to|and|bis|und|à|et|a|y|e|до|и)\s?(\d{1,3})/iu

/** A passage is for the items that the line above it names, else for those behind it up to the next section. */
function passageOf(record: DraftRecord, assembled: Assembled): string | null {
  if (record.passage === null) return null
  const passage = assembled.passages[record.passage]
  const range = passage?.heads
    .map((head) => RANGE.exec(head.unit.text.replace(/\*/g, '')))
    .find((found) => found !== null)
  const number = Number(record.label?.id)
  if (range && number && (number < Number(range[1]) || number > Number(range[2]))) return null
  return `p${record.passage + 1}`
}

function passagesOf(assembled: Assembled): ReadPassage[] {
  return assembled.passages.map((passage, at) => ({
    id: `p${at + 1}`,
    title: null,
    content: compose(passage.pieces),
    lines: [passage.units[0]?.line.number ?? 1, passage.units.at(-1)?.line.number ?? 1],
  }))
}

function draftMarks(items: readonly ReadItem[], lines: readonly Line[]): Mark[] {
  if (items.length || !lines.some((line) => line.text.trim())) return []
  return [mark('no-items', { lines: [1, lines.length], from: 0, to: lines.at(-1)?.to ?? 0 })]
}
