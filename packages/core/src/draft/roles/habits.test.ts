import { factsOf } from '../facts/facts.ts'
import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { surround } from './read-roles.ts'
import { echoes, partedLines } from './habits.ts'

const draftOf = (text: string) => surround(unitsOf(cleanLines({ text })))
const factsIn = (text: string) => unitsOf(cleanLines({ text })).map((unit) => factsOf(unit))

// Signs and words that nobody uses: what counts is where they stand.
const DRAFT = '§ Who?\n/ me\n/ you\n¤ me\n\n§ When?\n/ now\n/ then\n¤ now\n\n§ Why?\n/ so\n/ thus\n¤ thus'

test('a sign is known by where its lines stand', () => {
  const [stem, option, , key] = draftOf(DRAFT).habits
  expect(stem).toMatchObject({ count: 3, first: 1, beside: 0 })
  expect(option).toMatchObject({ count: 6, first: 0, last: 0, beside: 1 })
  expect(key).toMatchObject({ count: 3, last: 1, beside: 0 })
})

test('a line without a sign, or with one of its own, has no habit', () => {
  expect(draftOf('Who?\nme\n☛ you').habits).toEqual([null, null, null])
})

test.each([
  ['Who?\n/ me\n/ you\n¤ me', ['is said below', 'says a line above']],
  ['Which?\na) oak\nb) rye\nB', [null, 'names a label above']],
  ['Which?\noak\nbarley\nIt is barley, a grain.', [null, 'holds a line above']],
  ['Which?\noak\nrye', [null, null]],
])('%j: what is said again', (text, [second, last]) => {
  const found = echoes(factsIn(text), [true])
  expect([found[1], found.at(-1)]).toEqual([second, last])
})

test('nothing is said again across the start of a block', () => {
  const facts = factsIn('oak\nrye\n\nrye\nelm')
  expect(
    echoes(
      facts,
      facts.map((one) => one.unit.gap > 0),
    ),
  ).toEqual([null, null, null, null])
})

test.each<[string, string, readonly unknown[]]>([
  [
    'an arrow',
    'Who is it? -> me\nthe time -> tomorrow at noon or a little later\nWhy is it? -> so',
    [true, false, true],
  ],
  ['the end of the question', 'Who is it? me\nWhen is it? now\nWhy is it? so', [true, true, true]],
  ['fewer than three lines', 'Who? -> me\nWhen? -> now', [null, null]],
])('lines that are parted in the same way: %s', (_name, text, asks) => {
  expect(partedLines(factsIn(text)).map((one) => one?.asks ?? null)).toEqual(asks)
})
