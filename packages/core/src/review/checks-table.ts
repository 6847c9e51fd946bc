import type { Severity } from '../draft/marks.ts'

interface CheckKind {
  /** What it is called in a list of checks. */
  readonly name: string
  readonly severity: Severity
  /** Whether it looks at one item or at all of them together. */
  readonly on: 'item' | 'set'
  /** What it rests on. */
  readonly source: string
}

// Haladyna, Downing & Rodriguez (2002), "A Review of Multiple-Choice Item-Writing Guidelines for Classroom Assessment",
// Applied Measurement in Education 15(3), 309–334, table 1. The numbers of its guidelines are from memory.
const HDR = (guideline: string): string => `Haladyna, Downing & Rodriguez (2002), guideline ${guideline}`
const TRADE = 'common practice'

/** Every writing check. A code is never reused and never renamed; people waive and switch off by code. */
export const CHECKS = {
  'no-key': { name: 'No key', severity: 'trouble', on: 'item', source: HDR('19: exactly one right answer') },
  'no-points': { name: 'Worth no points', severity: 'doubt', on: 'item', source: TRADE },
  'same-options': {
    name: 'Two options mean the same',
    severity: 'trouble',
    on: 'item',
    source: HDR('19 and 22: one right answer, options independent'),
  },
  'longest-is-key': {
    name: 'The longest option is the key',
    severity: 'doubt',
    on: 'item',
    source: HDR('24: options of about equal length'),
  },
  'all-of-the-above': { name: 'All of the above', severity: 'doubt', on: 'item', source: HDR('26') },
  'none-of-the-above': { name: 'None of the above', severity: 'doubt', on: 'item', source: HDR('25') },
  'negative-unstressed': {
    name: 'Negative not stressed',
    severity: 'doubt',
    on: 'item',
    source: HDR('17: word the stem positively; if a negative is used, capitalise or bold it'),
  },
  'absolute-words': { name: 'Absolute words', severity: 'doubt', on: 'item', source: HDR('28a: specific determiners') },
  'grammar-clue': {
    name: 'Grammar gives the key away',
    severity: 'doubt',
    on: 'item',
    source: HDR('28c: grammatical inconsistencies'),
  },
  'repeated-words': {
    name: 'Words repeated in every option',
    severity: 'doubt',
    on: 'item',
    source: HDR('13 and 15: least reading; the central idea in the stem'),
  },
  'overlapping-options': {
    name: 'Numeric options overlap',
    severity: 'trouble',
    on: 'item',
    source: HDR('22: options independent, not overlapping'),
  },
  'options-out-of-order': {
    name: 'Numeric options out of order',
    severity: 'doubt',
    on: 'item',
    source: HDR('21: logical or numerical order'),
  },
  'stem-asks-nothing': {
    name: 'The stem asks nothing',
    severity: 'doubt',
    on: 'item',
    source: HDR('15: the central idea in the stem instead of the options'),
  },
  'no-alt-text': {
    name: 'Picture without a description',
    severity: 'doubt',
    on: 'item',
    source: 'W3C, WCAG 2.2, success criterion 1.1.1',
  },
  'reading-level': {
    name: 'Harder to read than the target',
    severity: 'doubt',
    on: 'item',
    source: HDR('8: vocabulary simple for the group of students'),
  },
  'key-position': {
    name: 'Keys unevenly placed',
    severity: 'doubt',
    on: 'set',
    source: HDR('20: vary the location of the right answer'),
  },
  'truth-balance': { name: 'True and false out of balance', severity: 'doubt', on: 'set', source: TRADE },
  'longest-too-often': {
    name: 'The longest option is the key too often',
    severity: 'doubt',
    on: 'set',
    source: HDR('24 and 28: length is a clue'),
  },
  'answers-another': {
    name: 'An item answers another',
    severity: 'doubt',
    on: 'set',
    source: HDR('4: content of items independent of one another'),
  },
  'near-duplicate': { name: 'Nearly the same item', severity: 'doubt', on: 'set', source: TRADE },
} as const satisfies Readonly<Record<string, CheckKind>>

export type CheckCode = keyof typeof CHECKS

export const CHECK_CODES = Object.keys(CHECKS) as readonly CheckCode[]

export function isCheckCode(text: string): text is CheckCode {
  return Object.hasOwn(CHECKS, text)
}
