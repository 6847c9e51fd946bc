import { contentOf } from '../content/model.ts'
import type { Item, TextRules } from '../item/model.ts'
import { samenessOf } from './sameness.ts'

const PLAIN: TextRules = { letterCase: 'ignore', accents: 'respect' }
const common = { stem: contentOf('What?'), points: 1, tags: [] }
const short = (rules: TextRules): Item => ({ ...common, kind: 'short', key: ['ebb'], rules })

test('what is strict is said where it matters, what is lax only where it is', () => {
  expect(samenessOf(short(PLAIN))).toEqual(['capital and small letters are the same', 'spelling counts'])
  expect(samenessOf(short({ letterCase: 'respect', accents: 'respect' }))).toEqual([
    'capital and small letters are told apart',
    'spelling counts',
  ])
})

test.each<[Partial<TextRules>, string]>([
  [{ accents: 'ignore' }, 'accents may be left out'],
  [{ punctuation: 'ignore' }, 'full stops, commas and hyphens do not count'],
  [{ numbers: 'value' }, '½, 1/2, 50 % and 0.5 are the same'],
  [{ listOrder: 'any' }, 'a list counts in any order'],
])('%j', (more, sentence) => {
  expect(samenessOf(short({ ...PLAIN, ...more }))).toEqual([
    'capital and small letters are the same',
    sentence,
    'spelling counts',
  ])
})

test.each<[number, string]>([
  [0, 'spelling counts'],
  [1, 'one letter may be wrong in a longer word'],
  [2, '2 letters may be wrong in a longer word'],
])('%d letters', (misspelt, sentence) => {
  expect(samenessOf(short({ ...PLAIN, misspelt })).at(-1)).toBe(sentence)
})

test('gaps to choose from have no spelling', () => {
  const cloze = (choices?: readonly string[]): Item => ({
    ...{ ...common, kind: 'cloze', rules: PLAIN, gaps: [{ key: ['ebb'], ...(choices && { choices }) }] },
  })
  expect(samenessOf(cloze(['ebb', 'flood']))).toEqual([])
  expect(samenessOf(cloze())).toHaveLength(2)
})

test('numbers: near enough, a unit, and how many figures', () => {
  const numeric = (more: object): string[] =>
    samenessOf({ ...common, kind: 'numeric', key: [{ value: 3, tolerance: 0 }], ...more }).slice(1)
  expect(numeric({})).toEqual([])
  expect(numeric({ key: [{ value: 3, tolerance: 0.5 }] })).toEqual(['a number that is close enough counts'])
  expect(numeric({ key: [{ min: 1, max: 3 }] })).toEqual(['a number that is close enough counts'])
  expect(numeric({ unit: 'm' })).toEqual(['the unit m may be typed or left out'])
  expect(numeric({ unit: 'm', unitRule: 'required' })).toEqual(['the unit must be typed: m'])
  expect(numeric({ figures: 3 })).toEqual(['it must be written with 3 significant figures'])
  expect(samenessOf({ ...common, kind: 'essay' })).toEqual([])
})
