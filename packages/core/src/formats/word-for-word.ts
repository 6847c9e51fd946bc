import type { FormatLimits } from '../fit/limits.ts'

/** What becomes of typed answers wherever texts are compared letter by letter, and numbers by their value alone. */
export const WORD_FOR_WORD: FormatLimits = {
  'accents-ignored': {
    verdict: 'changes',
    says: 'Accents must be typed as in the key',
    affects: ['accents', 'accepted'],
  },
  'blanks-folded': {
    verdict: 'changes',
    says: 'Blanks inside an answer must be typed as in the key',
    affects: ['blanks'],
  },
  'text-rules': {
    verdict: 'changes',
    says: 'Only what is accepted word for word counts',
    affects: ['accepted', 'accents', 'blanks', 'letter-case'],
  },
  'unit-required': { verdict: 'cannot', says: 'A number with its unit cannot be typed there', remedy: 'unit-optional' },
  'number-form': { verdict: 'changes', says: 'Other units and the number of figures do not count' },
}

/** What no reader can tell apart or show, in whatever format. */
export const UNREADABLE: FormatLimits = {
  'equal-options': { verdict: 'cannot', says: 'Two options are the same, so that no key tells them apart' },
  'key-not-there': { verdict: 'cannot', says: 'The key names an option, row or column that there is not' },
  'part-without-key': {
    verdict: 'changes',
    says: 'A row or left side without a key is not graded: it may be left open',
  },
  'empty-part': { verdict: 'cannot', says: 'An option or one side of a pair is empty' },
}
