import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import { anyItem } from '../testing/arbitraries.ts'
import type { Item } from '../item/model.ts'
import { shareEarned } from './grade.ts'
import { probesOf } from './probes.ts'
import type { Response } from './response.ts'
import { keyInWords, readResponse, responseText } from './response-text.ts'

const options = (...texts: string[]) =>
  texts.map((text, at) => ({ id: String.fromCharCode(97 + at), content: contentOf(text) }))
const SINGLE: Item = {
  ...{ kind: 'single', stem: [], points: 1, tags: [], key: ['a'], shuffle: true },
  options: options('port, then starboard', 'starboard', 'C'),
}
const MULTIPLE: Item = { ...SINGLE, kind: 'multiple', credit: 'each' }
const GRID: Item = {
  ...{ kind: 'grid', stem: [], points: 1, tags: [], key: [[0, 1]] },
  rows: ['Ebb', 'Flood'].map((text) => contentOf(text)),
  columns: ['in', 'out'].map((text) => contentOf(text)),
}

// Ways in which forms and sites export answers: common practice.
test.each<[Item, string, Response | null]>([
  [SINGLE, ' Starboard ', { kind: 'choice', chosen: ['b'] }],
  [SINGLE, 'b', { kind: 'choice', chosen: ['b'] }],
  [SINGLE, 'b) starboard', { kind: 'choice', chosen: ['b'] }],
  [SINGLE, 'c', { kind: 'choice', chosen: ['c'] }],
  [SINGLE, 'port, then starboard', { kind: 'choice', chosen: ['a'] }],
  [SINGLE, 'aft', null],
  [SINGLE, '  ', null],
  [MULTIPLE, 'starboard; port, then starboard', { kind: 'choice', chosen: ['a', 'b'] }],
  [MULTIPLE, 'port, then starboard, starboard', { kind: 'choice', chosen: ['a', 'b'] }],
  [MULTIPLE, 'A, B', { kind: 'choice', chosen: ['a', 'b'] }],
  [MULTIPLE, 'AB', { kind: 'choice', chosen: ['a', 'b'] }],
  [MULTIPLE, 'starboard; aft', null],
  [
    GRID,
    'Ebb → out; Flood → in',
    {
      kind: 'pairs',
      pairs: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [GRID, 'ebb: out', { kind: 'pairs', pairs: [[0, 1]] }],
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [true] }, 'TRUE', { kind: 'truth', value: true }],
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [true] }, 'falsch', { kind: 'truth', value: false }],
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [true] }, 'perhaps', null],
  [{ kind: 'scale', stem: [], points: 0, tags: [], low: 1, high: 5 }, '4 (good)', { kind: 'step', value: 4 }],
  [{ kind: 'scale', stem: [], points: 0, tags: [], low: 1, high: 5 }, '9', null],
])('%# %j', (item, cell, response) => {
  expect(readResponse(item, cell)).toEqual(response)
})

test('what is written of a response reads back to one that earns the same', () => {
  fc.assert(
    fc.property(anyItem, (item) => {
      for (const { response, kind } of probesOf(item)) {
        if (kind === 'empty') continue
        const text = responseText(item, response)
        const read = text === '' ? null : readResponse(item, text)
        // Texts that hold our own signs between parts cannot be told apart from them.
        if (/[;|→\n,:=–—"“”-]/.test(text.replaceAll('; ', '').replaceAll(' → ', '')) || text === '') continue
        if (read) expect(shareEarned(item, read)).toBeCloseTo(shareEarned(item, response), 9)
      }
    }),
    { numRuns: 300 },
  )
})

test.each<[Item, string]>([
  [SINGLE, 'port, then starboard'],
  [GRID, 'Ebb → out'],
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [false] }, 'False'],
  [{ kind: 'truefalse', stem: [], points: 1, tags: [], key: [] }, ''],
  [{ kind: 'numeric', stem: [], points: 1, tags: [], key: [{ value: 3, tolerance: 0.5 }], unit: 'm' }, '3 ± 0.5 m'],
  [{ kind: 'essay', stem: [], points: 1, tags: [] }, ''],
])('%# the key in words', (item, says) => {
  expect(keyInWords(item)).toBe(says)
})

test.each<[string, Item, string]>([
  [
    'a number',
    { kind: 'numeric', stem: [], points: 1, tags: [], key: [{ value: 3, tolerance: 0.5 }], unit: 'm' },
    '3 ± 0.5 m',
  ],
  [
    'typed answers',
    {
      kind: 'short',
      stem: [],
      points: 1,
      tags: [],
      key: ['ebb', 'fall'],
      rules: { letterCase: 'ignore', accents: 'respect' },
    },
    'ebb / fall',
  ],
  [
    'gaps',
    {
      ...{ kind: 'cloze', stem: [], points: 1, tags: [], rules: { letterCase: 'ignore', accents: 'respect' } },
      gaps: [{ key: ['ebb', 'fall'] }, { key: ['in'] }],
    },
    'ebb / fall; in',
  ],
  ['options', SINGLE, 'port, then starboard'],
  ['no key', { ...SINGLE, key: [] }, ''],
])('the key in words, of %s', (_name, item, words) => {
  expect(keyInWords(item)).toBe(words)
})
