import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { PLAIN } from '../testing/every-kind.ts'
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

const chosen = (...ids: string[]): Response => ({ kind: 'choice', chosen: ids })
const pairs = (...list: [number, number][]): Response => ({ kind: 'pairs', pairs: list })

// Cells of exported tables: common practice, no published source.
test.each<[string, Item, string, Response | null]>([
  ['an option of several words', PLAIN.single, 'Clove  HITCH', chosen('c')],
  ['in quotes', PLAIN.single, '“bowline”', chosen('b')],
  ['a letter in brackets', PLAIN.single, '(b)', chosen('b')],
  ['a letter with a bracket and the words', PLAIN.single, 'b) bowline', chosen('b')],
  ['a letter with other words', PLAIN.single, 'b) bend', null],
  ['a letter of none', PLAIN.single, 'z', null],
  ['of several given to one, none', PLAIN.single, 'bowline; reef knot', null],
  ['lines', PLAIN.multiple, 'white\nred', chosen('a', 'd')],
  ['bars', PLAIN.multiple, 'white|red', chosen('a', 'd')],
  ['commas', PLAIN.multiple, 'white, red', chosen('a', 'd')],
  ['letters in a row', PLAIN.multiple, 'dab', chosen('a', 'b', 'd')],
  ['letters of which one is none', PLAIN.multiple, 'dz', null],
  ['one word', PLAIN.multiple, 'green', chosen('b')],
  ['a trailing sign', PLAIN.multiple, 'green; red;', chosen('a', 'b')],
  ['an order by words', PLAIN.order, 'hoist; lower; tie', { kind: 'order', ids: ['c', 'a', 'b'] }],
  ['an order by letters', PLAIN.order, 'c, a, b', { kind: 'order', ids: ['c', 'a', 'b'] }],
  ['an order with a stranger', PLAIN.order, 'hoist; furl', null],
  ['true', PLAIN.truefalse, 'True.', { kind: 'truth', value: true }],
  ['yes', PLAIN.truefalse, 'YES', { kind: 'truth', value: true }],
  ['nought', PLAIN.truefalse, '0', { kind: 'truth', value: false }],
  ['prawda', PLAIN.truefalse, 'prawda!', { kind: 'truth', value: true }],
  ['gaps by semicolons', PLAIN.cloze, 'port; starboard', { kind: 'gaps', texts: ['port', 'starboard'] }],
  ['gaps by commas', PLAIN.cloze, 'port, starboard', { kind: 'gaps', texts: ['port', 'starboard'] }],
  ['gaps by bars', PLAIN.cloze, '"port"|starboard, aft', { kind: 'gaps', texts: ['port', 'starboard, aft'] }],
  [
    'gaps by semicolons, with commas in them',
    PLAIN.cloze,
    'port, left; aft',
    { kind: 'gaps', texts: ['port, left', 'aft'] },
  ],
  ['a gap left open', PLAIN.cloze, 'port', { kind: 'gaps', texts: ['port', ''] }],
  [
    'one gap, with a comma in it',
    { ...PLAIN.cloze, gaps: [{ key: ['a'] }] },
    'port, left',
    { kind: 'gaps', texts: ['port, left'] },
  ],
  ['pairs by arrows', PLAIN.match, 'bow → front; stern -> rear', pairs([0, 1], [1, 0])],
  ['pairs by lines and signs', PLAIN.match, 'bow = front\nstern => rear', pairs([0, 1], [1, 0])],
  ['a pair by a dash', PLAIN.match, 'bow – front', pairs([0, 1])],
  ['a pair by a colon', PLAIN.match, 'Bow: FRONT', pairs([0, 1])],
  ['a pair with a stranger', PLAIN.match, 'bow → mast; stern → rear', pairs([1, 0])],
  ['no pair', PLAIN.match, 'bow front', null],
  ['rows', PLAIN.grid, 'green → starboard', pairs([1, 1])],
  ['a step at the end', PLAIN.scale, '5', { kind: 'step', value: 5 }],
  ['a step below the first', PLAIN.scale, '0', null],
  ['no step', PLAIN.scale, 'often', null],
  ['a step below nought', { ...PLAIN.scale, low: -2 }, '-2', { kind: 'step', value: -2 }],
  ['typed text, its blanks folded', PLAIN.short, ' port \n side ', { kind: 'text', text: 'port side' }],
  ['a number', PLAIN.numeric, ' 1852 m ', { kind: 'text', text: '1852 m' }],
  ['an essay, its lines kept', PLAIN.essay, ' One.\nTwo. ', { kind: 'text', text: 'One.\nTwo.' }],
  ['nothing to a note', PLAIN.note, 'yes', null],
  ['an empty cell', PLAIN.short, ' \n ', null],
])('a cell: %s', (_name, item, cell, response) => expect(readResponse(item, cell)).toEqual(response))

test.each<[string, Item, Response, string]>([
  ['options in their own order', PLAIN.multiple, chosen('d', 'a'), 'red; white'],
  ['options that are not there', PLAIN.multiple, chosen('a', 'z'), 'red'],
  ['an order as given', PLAIN.order, { kind: 'order', ids: ['c', 'z', 'a'] }, 'hoist; z; lower'],
  ['pairs', PLAIN.match, pairs([0, 1], [1, 2]), 'bow → front; stern → width'],
  ['a pair with what is not there', PLAIN.match, pairs([0, 9]), 'bow → '],
  ['cells of a grid', PLAIN.grid, pairs([1, 1]), 'green → starboard'],
  ['a judgement', PLAIN.truefalse, { kind: 'truth', value: false }, 'False'],
  ['gaps', PLAIN.cloze, { kind: 'gaps', texts: [' port ', ''] }, 'port; '],
  ['a step', PLAIN.scale, { kind: 'step', value: 3 }, '3'],
  ['text', PLAIN.short, { kind: 'text', text: ' port ' }, 'port'],
  ['nothing chosen', PLAIN.single, chosen(), ''],
  ['nothing judged', PLAIN.truefalse, { kind: 'truth', value: null }, ''],
  ['options of an item that has none', PLAIN.short, chosen('a'), 'a'],
  ['pairs of an item that has none', PLAIN.short, pairs([0, 0]), ' → '],
])('a response in words: %s', (_name, item, response, words) => expect(responseText(item, response)).toBe(words))

test.each<[Item, string]>([
  [PLAIN.single, 'bowline'],
  [PLAIN.multiple, 'red; green; white'],
  [PLAIN.truefalse, 'True'],
  [{ ...PLAIN.short, key: ['port', 'left'] }, 'port / left'],
  [{ ...PLAIN.numeric, key: [{ min: 1, max: 2 }] }, '1 to 2'],
  [{ ...PLAIN.cloze, gaps: [{ key: ['port', 'left'] }, { key: ['aft'] }] }, 'port / left; aft'],
  [PLAIN.match, 'bow → front; stern → rear'],
  [PLAIN.order, 'hoist; lower; tie'],
  [PLAIN.grid, 'red → port; green → starboard'],
  [PLAIN.essay, ''],
  [{ ...PLAIN.single, key: [] }, ''],
])('a key in words: %#', (item, words) => expect(keyInWords(item)).toBe(words))
