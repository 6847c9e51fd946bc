import { contentOf } from '../content/model.ts'
import { DEFAULT_TEXT_RULES, type Item } from '../item/model.ts'
import type { Response } from '../grade/response.ts'
import { answersTo, spellingsOf, withAccepted } from './answers.ts'
import { scoreChanges } from './regrade.ts'
import { keyedBy, sampleDifferences } from './sample-key.ts'
import type { Attempt } from './scores.ts'

const KNOT: Item = {
  ...{
    kind: 'short',
    stem: contentOf('Which knot?'),
    points: 2,
    tags: [],
    key: ['bowline'],
    rules: DEFAULT_TEXT_RULES,
  },
}
const TIDE: Item = {
  ...{ kind: 'cloze', points: 1, tags: [], gaps: [{ key: ['ebb'] }, { key: ['flood'], choices: ['flood', 'slack'] }] },
  stem: [{ type: 'paragraph', content: [{ type: 'gap' }, { type: 'gap' }] }],
  rules: DEFAULT_TEXT_RULES,
}
const typed = (...texts: string[]): Attempt[] =>
  texts.map((text, at) => ({ student: `S${at}`, responses: [{ kind: 'text', text }] }))

test('answers are counted as they were typed, with what each earns', () => {
  const attempts = typed('bowline', ' bowline ', 'bowlin', 'Bowline', '')
  expect(answersTo(KNOT, attempts, 0).map(({ text, count, share }) => [text, count, share])).toEqual([
    ['bowline', 2, 1],
    ['bowlin', 1, 0],
    ['Bowline', 1, 1],
  ])
})

test('spellings that are not accepted are counted together, whatever their capitals', () => {
  expect(spellingsOf(KNOT, typed('bowlin', 'Bowlin', 'reef', 'BOWLINE'), 0)).toEqual([
    { text: 'bowlin', count: 2, gap: null },
    { text: 'reef', count: 1, gap: null },
  ])
  const gaps: Attempt[] = [{ student: 'A', responses: [{ kind: 'gaps', texts: ['eb', 'slack'] }] }]
  expect(spellingsOf(TIDE, gaps, 0)).toEqual([{ text: 'eb', count: 1, gap: 0 }])
})

test('one accepted spelling changes the score of those who wrote it, and of nobody else', () => {
  const attempts = typed('bowlin', 'bowline', 'reef')
  const after = withAccepted(KNOT, 'bowlin', null)
  expect(scoreChanges(attempts, { items: [KNOT] }, { items: [after] })).toEqual([
    { attempt: 0, student: 'S0', before: 0, after: 2, items: [{ item: 0, before: 0, after: 2 }] },
  ])
  expect(withAccepted(after, 'bowlin', null)).toBe(after)
  const cloze = withAccepted(TIDE, 'eb', 0)
  expect(cloze.kind === 'cloze' && cloze.gaps[0]?.key).toEqual(['ebb', 'eb'])
})

test('points by hand stand above the key, and a change of the key does not touch them', () => {
  const [one] = typed('reef')
  const attempts: Attempt[] = one ? [{ ...one, given: { 0: 1.5 } }] : []
  expect(scoreChanges(attempts, { items: [KNOT] }, { items: [withAccepted(KNOT, 'reef', null)] })).toEqual([])
})

const TWO: Item = {
  ...{ kind: 'single', stem: contentOf('Which?'), points: 1, tags: [], key: ['a'], shuffle: true },
  options: ['a', 'b'].map((id) => ({ id, content: contentOf(id) })),
}
const ESSAY: Item = { kind: 'essay', stem: contentOf('Why?'), points: 3, tags: [] }

test('a sample submission is compared with every key; what agrees, or has none to have, is not named', () => {
  const sample: Response[] = [
    { kind: 'text', text: 'BOWLINE' },
    { kind: 'choice', chosen: ['b'] },
    { kind: 'text', text: 'Because.' },
  ]
  const found = sampleDifferences(
    [KNOT, TWO, ESSAY, { ...KNOT, key: [] }, TIDE],
    [...sample, { kind: 'text', text: ' reef knot ' }, null],
  )
  expect(found.map(({ item, how }) => [item, how])).toEqual([
    [1, 'differs'],
    [3, 'no-key'],
    [4, 'open'],
  ])
  expect(found[0]?.changed).toMatchObject({ key: ['b'] })
  expect(found[1]?.changed).toMatchObject({ key: ['reef knot'] })
})

test.each<[Item, Response, object | null]>([
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [] }, { kind: 'truth', value: false }, { key: [false] }],
  [
    { kind: 'numeric', stem: [], points: 1, tags: [], key: [{ value: 3, tolerance: 0.1 }] },
    { kind: 'text', text: '3,4 m' },
    { key: [{ value: 3.4, tolerance: 0.1 }] },
  ],
  [{ kind: 'numeric', stem: [], points: 1, tags: [], key: [] }, { kind: 'text', text: 'three' }, null],
  [TIDE, { kind: 'gaps', texts: ['a', 'slack'] }, { gaps: [{ key: ['a'] }, { key: ['slack'] }] }],
  [TIDE, { kind: 'gaps', texts: ['a', ''] }, null],
  [TWO, { kind: 'choice', chosen: ['a', 'b'] }, null],
  [ESSAY, { kind: 'text', text: 'x' }, null],
])('%j keyed by %j', (item, response, expected) => {
  const keyed = keyedBy(item, response)
  if (expected === null) expect(keyed).toBeNull()
  else expect(keyed).toMatchObject(expected)
})
