import type { FormatLimits } from '../../fit/limits.ts'
import { UNREADABLE, WORD_FOR_WORD } from '../word-for-word.ts'

/** What GIFT does not hold; the rules of its published description, and common practice where it is silent. */
export const GIFT_LIMITS: FormatLimits = {
  ...UNREADABLE,
  ...WORD_FOR_WORD,
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  'kind-cloze': { verdict: 'cannot', says: 'The format has no text with several gaps', remedy: 'split' },
  'kind-order': { verdict: 'cannot', says: 'The format has no ordering', remedy: 'as-match' },
  'kind-scale': { verdict: 'cannot', says: 'The format has no rating scale' },
  'kind-grid': { verdict: 'changes', says: 'Becomes a matching item' },
  picture: {
    verdict: 'cannot',
    says: 'A text file holds no pictures',
    remedy: 'picture-to-text',
    orRemedy: 'picture-to-link',
  },
  'arrow-key': { verdict: 'cannot', says: 'An answer with -> would be read as a pair to match' },
  points: { verdict: 'changes', says: 'Counts 1 point; the file has no place for points' },
  'credit-all': {
    verdict: 'changes',
    says: 'Part of the key earns part of the points',
    affects: ['key-part', 'key-plus'],
  },
  'part-all': {
    verdict: 'changes',
    says: 'Each pair earns its part of the points',
    affects: ['key-part', 'wrong-pair'],
  },
  'letter-case-respected': {
    verdict: 'changes',
    says: 'Capital and small letters count as the same',
    affects: ['letter-case'],
  },
  unit: { verdict: 'changes', says: 'The unit is not shown' },
  'rich-part': { verdict: 'changes', says: 'The right side of a pair is plain text' },
  'essay-feedback': { verdict: 'changes', says: 'Feedback stands for the sample answer, or is left out beside one' },
  rubric: { verdict: 'changes', says: 'The rubric is left out' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
  passage: { verdict: 'changes', says: 'The passage is put in front of the stem', remedy: 'passage-to-stem' },
  'fixed-order': { verdict: 'changes', says: 'The options may be shuffled' },
  'note-feedback': { verdict: 'changes', says: 'Nothing is answered, so the feedback is left out' },
  'time-limit': { verdict: 'changes', says: 'The time limit is left out', remedy: 'drop-time-limit' },
  filing: { verdict: 'changes', says: 'Outcome, level and difficulty are left out' },
  language: { verdict: 'changes', says: 'The language is not said' },
}
