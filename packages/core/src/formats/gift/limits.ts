import type { FormatLimits } from '../limits.ts'

/** What GIFT does not hold; the rules of its published description, and common practice where it is silent. */
export const GIFT_LIMITS: FormatLimits = {
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  picture: { verdict: 'cannot', says: 'A text file holds no pictures' },
  'arrow-key': { verdict: 'cannot', says: 'An answer with -> would be read as a pair to match' },
  points: { verdict: 'changes', says: 'Counts 1 point; the file has no place for points' },
  'credit-all': {
    verdict: 'changes',
    says: 'Part of the key earns part of the points',
    affects: ['key-part', 'key-plus'],
  },
  'letter-case-respected': {
    verdict: 'changes',
    says: 'Capital and small letters count as the same',
    affects: ['letter-case'],
  },
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
  hint: { verdict: 'changes', says: 'The hint is left out' },
  passage: { verdict: 'changes', says: 'The passage is put in front of the stem' },
  'fixed-order': { verdict: 'changes', says: 'The options may be shuffled' },
  'time-limit': { verdict: 'changes', says: 'The time limit is left out' },
  filing: { verdict: 'changes', says: 'Outcome, level and difficulty are left out' },
  language: { verdict: 'changes', says: 'The language is not said' },
}
