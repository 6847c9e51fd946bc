import { contentOf } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import { countingAttempts } from './attempt-choice.ts'
import { byOutcome, byTag } from './groups.ts'
import { scorePaper, type Attempt } from './scores.ts'

const item = (points: number, tags: string[], outcome?: string): Item => ({
  ...{ kind: 'truefalse', stem: contentOf('So?'), points, tags, key: [true] },
  ...(outcome !== undefined && { outcome }),
})
const items = [item(1, ['tides', 'tides'], 'N1'), item(3, ['tides'], 'N2'), item(2, [], 'N1')]
const right = { kind: 'truth', value: true } as const
const attempts: Attempt[] = [
  { student: 'A', responses: [right, null, right] },
  { student: 'B', responses: [null, right, right] },
]

test('shares per outcome and per tag are weighted by points', () => {
  const figures = scorePaper(items, attempts)
  expect(byOutcome(items, figures)).toEqual([
    { name: 'N1', items: [0, 2], possible: 3, share: 2.5 / 3 },
    { name: 'N2', items: [1], possible: 3, share: 0.5 },
  ])
  expect(byTag(items, figures)).toEqual([{ name: 'tides', items: [0, 1], possible: 4, share: 0.5 }])
  expect(byTag(items, figures, { leftOut: [1] })).toEqual([{ name: 'tides', items: [0], possible: 1, share: 0.5 }])
})

test.each([
  ['last', [2, 4]],
  ['first', [5, 4]],
  ['best', [5, 4]],
] as const)('of several attempts the %s counts', (which, totals) => {
  const all = [
    { who: 'A', total: 5 },
    { who: 'B', total: 4 },
    { who: 'A', total: 2 },
  ]
  const chosen = countingAttempts(all, which, { personOf: ({ who }) => who, totalOf: ({ total }) => total })
  expect(chosen.map(({ total }) => total)).toEqual(totals)
})

test('who is not known is nobody else', () => {
  const all = [{ total: 1 }, { total: 2 }]
  expect(countingAttempts(all, 'last', { personOf: () => null, totalOf: ({ total }) => total })).toEqual(all)
})
