import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import { FORMATS } from '../formats/index.ts'
import { DEFAULT_TEXT_RULES, type Item, type MultipleItem, type ShortItem } from '../item/model.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { PLAIN } from '../testing/every-kind.ts'
import { pointsEarned, shareEarned } from './grade.ts'
import { probesOf } from './probes.ts'
import { proveItems } from '../proof/prove.ts'
import { isSameText } from './same-text.ts'

const option = (id: string) => ({ id, content: contentOf(id) })
const multiple = (credit: 'all' | 'each'): MultipleItem => ({
  kind: 'multiple',
  stem: contentOf('Which?'),
  points: 4,
  tags: [],
  options: ['a', 'b', 'c', 'd'].map(option),
  key: ['a', 'b'],
  shuffle: true,
  credit,
})
const short: ShortItem = {
  kind: 'short',
  stem: contentOf('Name it.'),
  points: 1,
  tags: [],
  key: ['bowline', 'bowline knot'],
  rules: DEFAULT_TEXT_RULES,
}

// Ours: what the two ways of giving credit mean is written down beside the item model.
test.each<[string, Item, string[], number]>([
  ['all or nothing: exactly the key', multiple('all'), ['b', 'a'], 4],
  ['all or nothing: one missing', multiple('all'), ['a'], 0],
  ['all or nothing: one too many', multiple('all'), ['a', 'b', 'c'], 0],
  ['for each: one of two', multiple('each'), ['a'], 2],
  ['for each: a distractor takes its share back', multiple('each'), ['a', 'b', 'c'], 2],
  ['for each: never below nothing', multiple('each'), ['c', 'd'], 0],
  ['for each: everything chosen earns no full points', multiple('each'), ['a', 'b', 'c', 'd'], 0],
])('%s', (_name, item, chosen, points) => {
  expect(pointsEarned(item, { kind: 'choice', chosen })).toBe(points)
})

test.each<[string, string, boolean]>([
  ['Bowline', 'bowline', true],
  ['  bowline   knot ', 'bowline knot', true],
  ['bowlin', 'bowline', false],
  ['é', 'e\u0301', true],
  ['é', 'e', false],
  ['don’t', "don't", true],
])('“%s” and “%s” count as the same: %s', (a, b, same) => {
  expect(isSameText(a, b, DEFAULT_TEXT_RULES)).toBe(same)
})

test('accents and letter case count as the item says', () => {
  expect(isSameText('É', 'e', { letterCase: 'ignore', accents: 'ignore' })).toBe(true)
  expect(isSameText('Ebb', 'ebb', { letterCase: 'respect', accents: 'respect' })).toBe(false)
})

describe('probes', () => {
  test('of any item: the key earns all, nothing earns nothing, a wrong one less than all', () => {
    fc.assert(
      fc.property(anyItem, (item) => {
        for (const probe of probesOf(item)) {
          if (item.kind === 'numeric' && probe.kind !== 'key')
            expect(probe.share === 0).toBe(probe.kind === 'outside' || probe.kind === 'empty')
          else if (probe.kind === 'key' || probe.kind === 'accepted' || probe.kind === 'blanks')
            expect(probe.share).toBe(1)
          else if (probe.kind === 'empty') expect(probe.share).toBe(0)
          else if (probe.kind !== 'letter-case' && probe.kind !== 'accents') expect(probe.share).toBeLessThan(1)
          expect(probe.share).toBe(shareEarned(item, probe.response))
        }
      }),
    )
  })

  test('of a short answer name another spelling, other blanks and another letter case', () => {
    expect(probesOf(short).map((probe) => probe.kind)).toEqual([
      'key',
      'accepted',
      'letter-case',
      'blanks',
      'misspelt',
      'empty',
    ])
  })

  test('there are none without a key', () => {
    expect(probesOf({ ...short, key: [] })).toEqual([])
  })
})

test('weights with few decimals earn the whole together, and no more; what is missing more than them does not', () => {
  const item: Item = { ...PLAIN.multiple, credit: 'weights', weights: { a: 0.33333, b: 0.33333, d: 0.33333, c: -1 } }
  const earned = (...chosen: string[]): number => shareEarned(item, { kind: 'choice', chosen })
  expect(earned('a', 'b', 'd')).toBe(1)
  expect(earned('a', 'b')).toBeCloseTo(0.66666, 9)
  expect(earned('a', 'b', 'd', 'c')).toBe(0)
  expect(shareEarned({ ...item, weights: { a: 0.9 } }, { kind: 'choice', chosen: ['a'] })).toBe(0.9)
})

describe('the proof fails where it should', () => {
  const items = [multiple('all'), short]

  test('a key that was lost on the way disagrees', () => {
    const proofs = proveItems(items, FORMATS.qti21.limits, () => 0)
    expect(proofs.map((proof) => proof.verdict)).toEqual(['disagrees', 'disagrees'])
  })

  test('a grader that gives everything to everybody disagrees', () => {
    expect(proveItems(items, FORMATS.gift.limits, () => 1).map((proof) => proof.verdict)).toEqual([
      'disagrees',
      'disagrees',
    ])
  })

  test('an answer that never came is no agreement', () => {
    expect(proveItems(items, {}, () => null).map((proof) => proof.verdict)).toEqual(['disagrees', 'disagrees'])
  })
})
