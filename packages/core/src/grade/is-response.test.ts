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
