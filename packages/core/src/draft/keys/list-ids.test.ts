import { labelsAt } from '../facts/labels.ts'
import { unitsOf } from '../facts/units.ts'
import { NO_SECTION, type DraftRecord, type Section } from '../records/record.ts'
import { cleanLines } from '../text/clean.ts'
import { idsOf, isRowId, rowIds, sectionIn } from './list-ids.ts'

const unitsIn = (text: string) => unitsOf(cleanLines({ text }))

/** A record of which only its number, its section and its lines count. */
function record(label: string, more: Partial<DraftRecord> = {}, section: Partial<Section> = {}): DraftRecord {
  return {
    ...({ facts: [], rows: [] } as unknown as DraftRecord),
    label: labelsAt(label)[0] ?? null,
    section: { ...NO_SECTION, ...section },
    ...more,
  }
}

/** What each number means: "2: 1 0" are records 1 and 0, in this order. */
function ids(records: readonly DraftRecord[], after = records.length): string[] {
  return [...idsOf(records, { after })].map(([id, known]) => `${id}: ${known.join(' ')}`)
}

test('each record has its number', () => expect(ids([record('1. Who?'), record('2. When?')])).toEqual(['1: 0', '2: 1']))

test('of several with one number, the next before the list comes first, and those behind it last', () => {
  const twice = [record('1. Who?'), record('1. When?'), record('1. Why?')]
  expect(ids(twice, 3)).toEqual(['1: 2 1 0'])
  expect(ids(twice, 2)).toEqual(['1: 1 0 2'])
  expect(ids(twice, 0)).toEqual(['1: 0 1 2'])
})

test('in a section with a name, a number counts with it as well', () =>
  expect(ids([record('1. Who?', {}, { id: 'b' }), record('2. When?', {}, { id: 'b' })])).toEqual([
    '1: 0',
    'b1: 0',
    '2: 1',
    'b2: 1',
  ]))

test('letters below a question have its number before them', () => {
  const [head] = unitsIn('3. Read this:')
  const asked = [record('a) Who?', { facts: [head!] }), record('b) When?'), record('4. Why?'), record('a) How?')]
  expect(ids(asked)).toEqual(['a: 3 0', '3a: 0', 'b: 1', '3b: 1', '4: 2'])
})

test('letters in a section with a number have that before them', () =>
  expect(ids([record('a) Who?', {}, { id: '2' })])).toEqual(['a: 0', '2a: 0']))

test('where few are numbered, their places are numbers', () => {
  expect(ids([record('Who?'), record('When?'), record('Why?')])).toEqual(['1: 0', '2: 1', '3: 2'])
  expect(ids([record('Who?'), record('7. When?')])).toEqual(['7: 1'])
  expect(ids([record('Who?'), record('When?'), record('7. Why?')])).toEqual(['1: 0', '2: 1', '7: 2', '3: 2'])
})

test('rows of a matching have numbers of their own', () => {
  const rows = unitsIn('4. bow\n5. stern\nport\nb) beam')
  const matching = record('3. Match.', { rows: [...rows] })
  expect(rowIds(matching)).toEqual(['4', '5'])
  expect(ids([matching])).toEqual(['3: 0', '4: 0', '5: 0'])
  expect(['3', '4', '5', '6'].map((id) => isRowId(id, matching))).toEqual([false, true, true, false])
  expect(isRowId('4', record('3. Match.', { rows: rows.slice(0, 1) }))).toBe(false)
  expect(isRowId('4', record('4. Match.', { rows: [...rows] }))).toBe(false)
})

const parted = [
  record('1. Who?', {}, { id: 'a', text: 'Part A' }),
  record('1. When?', {}, { id: 'ii', text: 'II. Lights' }),
  record('1. Why?', {}, { id: '2', text: 'Quiz\nRound 2: Knots' }),
]

// How lists of keys name the sections of a draft: common practice, no published source.
test.each<[string, string | null, number | undefined]>([
  ['Part A', 'a', undefined],
  ['A) 1. b', 'a', undefined],
  ['A 1. b', 'a', undefined],
  ['A: (1) b', 'a', undefined],
  ['II: 1 b', 'ii', undefined],
  ['Part II', 'ii', undefined],
  ['Round 2: 1. b', '2', 7],
  ['round 2', '2', 7],
  ['** Round 2 – 1. b', '2', 10],
  ['Round 3: 1. b', null, undefined],
  ['Round 22: 1. b', null, undefined],
  ['B) 1. b', null, undefined],
  ['A good one', null, undefined],
  ['a 1. b', null, undefined],
  ['', null, undefined],
])('%j names the section %j', (text, id, to) => {
  const named = sectionIn(text, parted)
  expect(named?.id ?? null).toBe(id)
  expect(named?.to).toBe(to)
})
