import { contentOf } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import { scorePaper, type Attempt } from './scores.ts'

const items: Item[] = [
  { kind: 'truefalse', stem: contentOf('Rye is a grain.'), points: 1, tags: [], key: [true] },
  {
    kind: 'single',
    stem: contentOf('Which?'),
    points: 3,
    tags: [],
    key: ['b'],
    shuffle: true,
    options: [
      { id: 'a', content: contentOf('oak') },
      { id: 'b', content: contentOf('rye') },
    ],
  },
]
const attempts: Attempt[] = [
  {
    student: 'Bente',
    responses: [
      { kind: 'truth', value: true },
      { kind: 'choice', chosen: ['b'] },
    ],
  },
  {
    student: 'Corvin',
    responses: [
      { kind: 'truth', value: false },
      { kind: 'choice', chosen: [] },
    ],
  },
  { student: 'Dagny', responses: [{ kind: 'truth', value: true }, null] },
  {
    student: 'Eskil',
    responses: [
      { kind: 'truth', value: true },
      { kind: 'choice', chosen: ['a'] },
    ],
  },
]

// Worked by hand: totals 4, 0, 1, 1; item 1 right for 3 of 4, item 2 for 1 of 4.
test('totals, average and difficulty', () => {
  const figures = scorePaper(items, attempts)
  expect(figures.attempts.map((attempt) => attempt.total)).toEqual([4, 0, 1, 1])
  expect(figures).toMatchObject({ pointsPossible: 4, average: 1.5 })
  expect(figures.items.map((item) => item.shareRight)).toEqual([0.75, 0.25])
  expect(figures.items.map((item) => item.open)).toEqual([0, 2])
  expect(figures.items[1]?.chosen).toEqual({ a: 1, b: 1 })
})

test('without attempts there is no average', () => {
  expect(scorePaper(items, [])).toMatchObject({ average: null, attempts: [] })
})
