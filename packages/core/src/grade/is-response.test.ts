import fc from 'fast-check'
import { anyItem } from '../testing/arbitraries.ts'
import type { Item } from '../item/model.ts'
import { isResponse } from './is-response.ts'
import { probesOf } from './probes.ts'
import { samenessOf } from './sameness.ts'

test('every response that an item can have is one', () => {
  fc.assert(
    fc.property(anyItem, (item) => {
      for (const { response } of probesOf(item)) expect(isResponse(JSON.parse(JSON.stringify(response)))).toBe(true)
    }),
    { numRuns: 200 },
  )
})

test.each<[string, unknown]>([
  ['nothing', null],
  ['a text', 'ebb'],
  ['no kind', { text: 'ebb' }],
  ['another kind', { kind: 'grade', value: 1 }],
  ['more than it has', { kind: 'text', text: 'ebb', points: 5 }],
  ['what is no list', { kind: 'choice', chosen: 'a' }],
  ['ids that are none', { kind: 'order', ids: [1] }],
  ['half a pair', { kind: 'pairs', pairs: [[0]] }],
  ['a place below the first', { kind: 'pairs', pairs: [[0, -1]] }],
  ['a step between steps', { kind: 'step', value: 1.5 }],
  ['a book', { kind: 'text', text: 'x'.repeat(20_001) }],
])('%s is no response', (_name, value) => {
  expect(isResponse(value)).toBe(false)
})

// What a person can make at most, and one more.
test.each<[string, number, (count: number) => unknown]>([
  ['letters of a text', 20_000, (count) => ({ kind: 'text', text: 'x'.repeat(count) })],
  ['letters of a gap', 20_000, (count) => ({ kind: 'gaps', texts: ['x'.repeat(count)] })],
  ['letters of an id', 100, (count) => ({ kind: 'choice', chosen: ['x'.repeat(count)] })],
  ['choices', 500, (count) => ({ kind: 'choice', chosen: Array.from({ length: count }, () => 'a') })],
  ['places of an order', 500, (count) => ({ kind: 'order', ids: Array.from({ length: count }, () => 'a') })],
  ['pairs', 500, (count) => ({ kind: 'pairs', pairs: Array.from({ length: count }, () => [0, 0]) })],
])('%s: %d and no more', (_name, most, made) => {
  expect(isResponse(made(most))).toBe(true)
  expect(isResponse(made(most + 1))).toBe(false)
})

test.each<[unknown, boolean]>([
  [{ kind: 'step', value: null }, true],
  [{ kind: 'step', value: -2 }, true],
  [{ kind: 'step', value: '2' }, false],
  [{ kind: 'step', ids: 2 }, false],
  [{ kind: 'truth', value: null }, true],
  [{ kind: 'truth', value: false }, true],
  [{ kind: 'truth', value: 0 }, false],
  [{ kind: 'truth', text: true }, false],
  [{ kind: 'choice', ids: ['a'] }, false],
  [{ kind: 'order', chosen: ['a'] }, false],
  [{ kind: 'gaps', text: ['a'] }, false],
  [{ kind: 'gaps', texts: 'a' }, false],
  [{ kind: 'pairs', pairs: [[0, 1, 2]] }, false],
  [{ kind: 'pairs', pairs: ['01'] }, false],
  [{ kind: 'pairs', pairs: [[0, 1.5]] }, false],
  [[], false],
])('%j: %s', (value, is) => {
  expect(isResponse(value)).toBe(is)
})

test.each<[Item, string]>([
  [
    {
      ...{ kind: 'short', stem: [], points: 1, tags: [], key: ['a'] },
      rules: { letterCase: 'respect', accents: 'ignore', numbers: 'value', listOrder: 'any', misspelt: 1 },
    },
    'capital and small letters are told apart; accents may be left out; ½, 1/2, 50 % and 0.5 are the same; a list counts in any order; one letter may be wrong in a longer word',
  ],
  [
    {
      kind: 'numeric',
      stem: [],
      points: 1,
      tags: [],
      key: [{ value: 1, tolerance: 0 }],
      unit: 'm',
      unitRule: 'required',
      figures: 2,
    },
    '½, 1/2 and 0.5 are the same, and so are a decimal point and a decimal comma; the unit must be typed: m; it must be written with 2 significant figures',
  ],
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [true] }, ''],
])('what counts as the same is said plainly', (item, says) => {
  expect(samenessOf(item).join('; ')).toBe(says)
})
