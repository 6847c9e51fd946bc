import fc from 'fast-check'
import { contentOf } from '../../content/model.ts'
import { probesOf } from '../../grade/probes.ts'
import { shareEarned } from '../../grade/grade.ts'
import type { Item } from '../../item/model.ts'
import { anyItem } from '../../testing/arbitraries.ts'
import { responseOf, variablesOf } from './variables.ts'

test('a response that goes there as variables comes back as a response that earns the same', () => {
  fc.assert(
    fc.property(anyItem, (item) => {
      for (const { response } of probesOf(item)) {
        const back = responseOf(item, variablesOf(item, response))
        expect([item.kind, shareEarned(item, back)]).toEqual([item.kind, shareEarned(item, response)])
      }
    }),
    { numRuns: 300 },
  )
})

const cloze: Item = {
  kind: 'cloze',
  stem: [{ type: 'paragraph', content: [{ type: 'gap' }, { type: 'text', text: ' then ' }, { type: 'gap' }] }],
  points: 1,
  tags: [],
  gaps: [{ key: ['ebb'] }, { key: ['flood'], choices: ['flood', 'slack'] }],
  rules: { letterCase: 'ignore', accents: 'respect' },
}

// The names are those that our files declare.
test.each<[Item, Parameters<typeof variablesOf>[1], object]>([
  [cloze, { kind: 'gaps', texts: ['ebb', 'slack'] }, { RESPONSE_1: ['ebb'], RESPONSE_2: ['c2'] }],
  [cloze, { kind: 'gaps', texts: ['', 'other'] }, { RESPONSE_1: [], RESPONSE_2: [] }],
  [
    { kind: 'scale', stem: contentOf('How?'), points: 0, tags: [], low: 1, high: 5 },
    { kind: 'step', value: 4 },
    { RESPONSE: ['s4'] },
  ],
  [
    { kind: 'numeric', stem: contentOf('How?'), points: 1, tags: [], key: [{ value: 3, tolerance: 0 }], unit: 'm' },
    { kind: 'text', text: '3 m' },
    { RESPONSE: [] },
  ],
])('%j', (item, response, variables) => {
  expect(variablesOf(item, response)).toEqual(variables)
})

test.each([
  [['s4'], 4],
  [['s1'], 1],
  [['s9'], null],
  [[], null],
])('a step of a scale from %j is %j', (values, value) => {
  const scale: Item = { kind: 'scale', stem: contentOf('How?'), points: 0, tags: [], low: 1, high: 5 }
  expect(responseOf(scale, { RESPONSE: values })).toEqual({ kind: 'step', value })
})
