import fc from 'fast-check'
import { keyedBy } from '../analyse/sample-key.ts'
import { contentOf } from '../content/model.ts'
import { shareEarned } from '../grade/grade.ts'
import { probesOf } from '../grade/probes.ts'
import type { Item } from '../item/model.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { fitsItem, forStudent, fromStudent, toStudent } from './for-student.ts'

const SEED = 7

test('two items that differ in their key alone look the same to who answers them', () => {
  let compared = 0
  fc.assert(
    fc.property(anyItem, (item) => {
      for (const { response } of probesOf(item)) {
        const other = keyedBy(item, response)
        if (!other) continue
        compared++
        expect(forStudent(other, SEED).item).toEqual(forStudent(item, SEED).item)
      }
    }),
    { numRuns: 500 },
  )
  expect(compared).toBeGreaterThan(100)
})

test('what a student gives earns what it earned before it was hidden, and comes back as it was shown', () => {
  fc.assert(
    fc.property(anyItem, fc.integer(), (item, seed) => {
      const shown = forStudent(item, seed)
      for (const { response, share } of probesOf(item)) {
        const given = toStudent(shown, response)
        const back = fromStudent(shown, given)
        expect(shareEarned(item, back)).toBeCloseTo(share, 9)
        expect(toStudent(shown, back)).toEqual(given)
      }
    }),
    { numRuns: 400 },
  )
})

test('nothing of feedback, hints, samples and rubrics goes along', () => {
  const secret = 'SECRET'
  fc.assert(
    fc.property(anyItem, (item) => {
      const told: Item = {
        ...item,
        feedback: contentOf(secret),
        hint: contentOf(secret),
        ...(item.kind === 'essay' && { sample: contentOf(secret), rubric: [{ says: secret, points: 1 }] }),
        ...('options' in item && {
          options: item.options.map((option) => ({ ...option, feedback: contentOf(secret) })),
        }),
      }
      expect(JSON.stringify(forStudent(told, SEED).item)).not.toContain(secret)
    }),
    { numRuns: 200 },
  )
})

test('names that are not there, and kinds that the item does not take, are passed over', () => {
  const item: Item = {
    ...{ kind: 'single', stem: [], points: 1, tags: [], key: ['b'], shuffle: true },
    options: ['b', 'a'].map((id) => ({ id, content: contentOf(id) })),
  }
  const shown = forStudent(item, SEED)
  expect(fromStudent(shown, { kind: 'choice', chosen: ['s1', 'b', 's9', 's1'] })).toEqual({
    kind: 'choice',
    chosen: ['b'],
  })
  expect(fitsItem(item, { kind: 'text', text: 'b' })).toBe(false)
  expect(fitsItem(item, { kind: 'choice', chosen: ['s1', 's2'] })).toBe(false)
  expect(fitsItem(item, { kind: 'choice', chosen: ['s1'] })).toBe(true)
})

test('a response that names nothing of the item is passed over, never an error', () => {
  const bare = { optionIds: null, rightOrder: null } as unknown as ReturnType<typeof forStudent>
  expect(fromStudent(bare, { kind: 'choice', chosen: ['s1', 's2'] })).toEqual({ kind: 'choice', chosen: [] })
  expect(fromStudent(bare, { kind: 'order', ids: ['s1'] })).toEqual({ kind: 'order', ids: [] })
  const known = { optionIds: ['b', 'a'], rightOrder: [1, 0] } as unknown as ReturnType<typeof forStudent>
  expect(fromStudent(known, { kind: 'choice', chosen: ['s2', 's9', 's2'] })).toEqual({ kind: 'choice', chosen: ['a'] })
  expect(fromStudent(known, { kind: 'order', ids: ['s2', 's1', 's2'] })).toEqual({ kind: 'order', ids: ['a', 'b'] })
  const pairs = [
    [0, 0],
    [1, 7],
  ] as const
  expect(fromStudent(known, { kind: 'pairs', pairs })).toEqual({ kind: 'pairs', pairs: [[0, 1]] })
})
