import { factsOf } from '../facts/facts.ts'
import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { entriesIn } from '../records/entries.ts'
import type { Entry } from '../records/record.ts'
import { entryIndex, judgement, namedOptions, namedPairs } from './values.ts'

function entriesOf(text: string): Entry[] {
  return unitsOf(cleanLines({ text })).flatMap((unit) => entriesIn(factsOf(unit), [], 'line'))
}

const TREES = entriesOf('a) Birch\nb) Rye\nc) Oak\nd) Yew')
const PLAIN = entriesOf('- lava\n- ash\n- basalt')

test.each<[string, number[] | null, string]>([
  ['b', [1], ''],
  ['(b)', [1], ''],
  ['B) Rye', [1], ''],
  ['b. It grows tall', [1], ' It grows tall'],
  ['A and C', [0, 2], ''],
  ['a, c, d', [0, 2, 3], ''],
  ['ACD', [0, 2, 3], ''],
  ['Rye', [1], ''],
  ['Oak, Yew', [2, 3], ''],
  ['Oak – it is slow', [2], ' – it is slow'],
  ['a tree of some size', null, ''],
  ['pine', null, ''],
  ['C A B D', [2, 0, 1, 3], ''],
])('%s names %p', (text, indexes, rest) => {
  const named = namedOptions(text, TREES)
  expect(named?.indexes ?? null).toEqual(indexes)
  if (named) expect(text.slice(named.restAt)).toBe(rest)
})

test('options without labels are named by their place or their words', () => {
  expect(namedOptions('b', PLAIN)?.indexes).toEqual([1])
  expect(namedOptions('ash, lava', PLAIN)?.indexes).toEqual([1, 0])
})

test.each<[string, boolean, boolean | null]>([
  ['True', false, true],
  ['falsch, bei Ebbe fallen sie trocken', false, false],
  ['F', true, false],
  ['F', false, null],
  ['+', true, true],
  ['0', true, false],
  ['a) true', false, true],
  ['The rope is wet', true, null],
])('%s (letters count: %s) judges %s', (text, letters, truth) => {
  expect(judgement(text, letters)?.truth ?? null).toBe(truth)
})

test.each<[string, [number, number][]]>([
  [
    '1-c, 2-a, 3-b',
    [
      [0, 2],
      [1, 0],
      [2, 1],
    ],
  ],
  [
    '1c 2a 3b',
    [
      [0, 2],
      [1, 0],
      [2, 1],
    ],
  ],
  [
    'bow – front; stern – rear',
    [
      [0, 2],
      [1, 0],
    ],
  ],
])('%s pairs', (text, pairs) => {
  const left = entriesOf('1. bow\n2. stern\n3. beam')
  const right = entriesOf('a) rear\nb) width\nc) front')
  expect(namedPairs(text, left, right)).toEqual(pairs)
})

test.each<[string, string, string, number]>([
  ['a label as it is written', 'B', 'a) bow\nb) stern', 1],
  ['a number for lettered alternatives is their place', '2', 'a) bow\nb) stern', 1],
  ['a letter for numbered alternatives is their place', 'b', '1) bow\n2) stern', 1],
  ['another letter than any of theirs is none', 'c', 'a) bow\nb) stern', -1],
  ['a place beyond the last is none', '3', 'a) bow\nb) stern', -1],
  ['a letter among letters that leave places out is none', 'b', 'a) bow\nd) stern', -1],
  ['what is no label is none', '??', 'a) bow\nb) stern', -1],
])('%s', (_name, label, alternatives, place) => expect(entryIndex(label, entriesOf(alternatives))).toBe(place))
