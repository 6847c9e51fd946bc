import { unitsOf } from './facts/units.ts'
import { factsOf } from './facts/facts.ts'
import type { Item } from '../item/model.ts'
import { LEAST_PROBABILITY, oddness } from './doubt/doubt.ts'
import { giveListedKeys, strayLists } from './keys/lists.ts'
import { withListsByFit } from './keys/lists-by-fit.ts'
import { findSigns, takeTwoSigns } from './keys/signs.ts'
import { takeSlots } from './keys/slots.ts'
import { settleRecord, takeBarePoints, trimStem } from './kinds/settle.ts'
import { mark, type Mark } from './marks.ts'
import type { DraftSource, Line, ReadItem, Reading, ReadPassage } from './model.ts'
import { cleanLines } from './passes/clean.ts'
import { compose } from './passes/compose.ts'
import { assemble, type Assembled, type KeyLines } from './records/assemble.ts'
import { partSoleLines } from './records/entries.ts'
import { dropFieldWords } from './records/field-words.ts'
import { NO_SECTION, type DraftRecord } from './records/record.ts'
import { readRoles, surround, type ReaderWeights, type ReadRoles } from './roles/read-roles.ts'
import { ROLES, type Role } from './roles/roles.ts'
import { placeOf } from './kinds/working.ts'

/**
 * Reads a draft by weighing whole readings: facts of every line, series and groups of the draft, the best roles for all
 * lines together, records made of them, keys given by fit, kinds settled.
 */
export function weighDraft(source: DraftSource, weights: ReaderWeights): Reading {
  const lines = cleanLines(source)
  return readingFrom(withListsByFit(readRoles(surround(unitsOf(lines)), weights)), lines, source.keyText)
}

/** The reading that given roles come to: all that follows once every line has one. @internal For tests. */
export function readingFrom(read: ReadRoles, lines: readonly Line[], keyText?: string): Reading {
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
  const blocks = keyText === undefined ? own : [...own, keyFileBlock(keyText, records.length)]
  giveListedKeys(blocks, records)
  giveSectionPoints(records)
  const signs = findSigns(records)
  const items = records.map((record, at): ReadItem => {
    const settled = settleRecord(
      record,
      trimmed[at] as ReturnType<typeof trimStem>,
      signs.marked[at] ?? [],
      signs.names[at] ?? null,
    )
    return {
      item: settled.item,
      ...placeOf(record),
      number: record.label?.id ?? null,
      pointsSaid: record.points !== null || record.section.pointsEach !== null,
      passageId: passageOf(record, assembled),
      places: settled.places,
      marks: [...settled.marks, ...doubtOf(record, settled.item, read)],
    }
  })
  return {
    title: assembled.title,
    passages: passagesOf(assembled),
    items,
    aside: assembled.aside,
    marks: draftMarks(items, lines),
  }
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

/** One mark where an item is not sure: a line of it could as well be something else, or the item as a whole is odd. */
function doubtOf(record: DraftRecord, item: Item, read: ReadRoles): Mark[] {
  const last = record.units.at(-1)?.index ?? 0
  const units = [...record.units.map((unit) => unit.index), last + 1].filter((at) => at < read.probabilities.length)
  const least = units.reduce(
    (worst, at) => ((read.probabilities[at] ?? 1) < (read.probabilities[worst] ?? 1) ? at : worst),
    units[0] ?? 0,
  )
  const isUnsure = (read.probabilities[least] ?? 1) < LEAST_PROBABILITY
  const line = read.draft.facts[least]?.unit.line.number ?? 1
  const other = ROLE_WORDS[ROLES[read.others[least] ?? 0] ?? 'out']
  const why = oddness(item, record) ?? (isUnsure ? `line ${line} could also be ${other}` : null)
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
