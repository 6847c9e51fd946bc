import { isEmptyContent } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { hasKey, type Item } from '../../item/model.ts'
import type { Mark } from '../marks.ts'
import { sourceRange, type ItemPlaces } from '../model.ts'
import { marksOfItem, unkeyedParts } from '../doubt/marks-of-item.ts'
import { stemText } from '../keys/fit.ts'
import { noteLength } from '../words.ts'
import type { DraftRecord } from '../records/record.ts'
import { choiceItem } from './choice.ts'
import { orderItem } from './order.ts'
import { pairsItem } from './pairs.ts'
import { saidOf } from './said.ts'
import { scaleItem } from './scale.ts'
import { cutStart, type Trimmed } from './trim.ts'
import { typedItem } from './typed.ts'
import { common, tell, type Working } from './working.ts'

export interface Settled {
  readonly item: Item
  readonly places: ItemPlaces
  readonly marks: readonly Mark[]
  /** A statement of its key names none of its alternatives. */
  readonly namesNone: boolean
}

/** The kind and the key of one record, and what a person should look at. */
export function settleRecord(
  record: DraftRecord,
  trimmed: Trimmed,
  { signs, signName, isGuess }: Pick<Working, 'signs' | 'signName' | 'isGuess'>,
): Settled {
  const working: Working = {
    record,
    trimmed,
    signs,
    signName,
    isGuess,
    said: saidOf(record),
    marks: [],
    remark: null,
    namesNone: false,
  }
  const item =
    noteItem(working) ??
    scaleItem(working) ??
    pairsItem(working) ??
    orderItem(working) ??
    (record.entries.length > 1 ? choiceItem(working) : typedItem(soleEntry(working)))
  // Behind the item: what keyed an option where it stands is no part of the option.
  const places = placesOf(record)
  markItem(working, item)
  working.marks.push(...marksOfItem(record, item))
  return { item, places, marks: working.marks, namesNone: working.namesNone }
}

/** "Note: …" tells and asks nothing. */
function noteItem(working: Working): Item | null {
  const { record } = working
  const length = noteLength(stemText(record))
  if (!length || working.said.length || record.entries.length) return null
  cutStart(record, length)
  return { ...common(working), kind: 'note', points: 0 }
}

/** One alternative alone is no choice: it goes on with the stem. */
function soleEntry(working: Working): Working {
  const { record } = working
  if (record.entries.some((entry) => entry.value >= 0)) tell(working, 'option-single')
  for (const entry of record.entries.splice(0)) record.stem.push(...entry.pieces)
  return working
}

function placesOf(record: DraftRecord): ItemPlaces {
  const last = record.entries.at(-1)?.pieces.at(-1)?.span ?? record.stem.at(-1)?.span
  return {
    stem: record.stem.map((piece) => sourceRange(piece.span)),
    options: record.entries.map((entry) => {
      const ranges = entry.pieces.map((piece) => sourceRange(piece.span))
      return { from: ranges[0]?.from ?? 0, to: ranges.at(-1)?.to ?? 0 }
    }),
    labels: record.entries.map((entry) => entry.labelText),
    keys: record.statements.map((one) => sourceRange(one.statement)),
    keyAt: last?.line.to ?? 0,
  }
}

function markItem(working: Working, item: Item): void {
  const { marks } = working
  if (isEmptyContent(item.stem)) tell(working, 'stem-empty')
  if (item.kind === 'single' || item.kind === 'multiple') {
    const texts = item.options.map((option) => plainText(option.content).toLowerCase())
    const twin = texts.findIndex((text, at) => texts.indexOf(text) < at)
    if (twin > 0)
      tell(working, 'option-duplicate', { first: letter(texts.indexOf(texts[twin] ?? '')), second: letter(twin) })
    if (!item.shuffle) tell(working, 'options-refer')
  }
  if (!hasKey(item) && !unkeyedParts(item).length && !marks.some((one) => one.code === 'key-names-no-option'))
    tell(working, 'key-missing')
}

function letter(at: number): string {
  return String.fromCharCode(65 + at)
}
