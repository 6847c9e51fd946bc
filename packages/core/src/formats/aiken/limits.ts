import type { FormatLimits } from '../../fit/limits.ts'
import { UNREADABLE } from '../word-for-word.ts'

const ONLY_SINGLE = 'The format has single choice only'

/** What Aiken does not hold: single choice with lettered options of plain text, a line each, and a key line (common practice). */
export const AIKEN_LIMITS: FormatLimits = {
  ...UNREADABLE,
  'no-key': { verdict: 'cannot', says: 'Has no key, and the format needs one' },
  'kind-truefalse': { verdict: 'changes', says: 'Becomes single choice with True and False', remedy: 'make-single' },
  'kind-multiple': { verdict: 'cannot', says: ONLY_SINGLE, remedy: 'make-single' },
  'kind-short': { verdict: 'cannot', says: ONLY_SINGLE },
  'kind-numeric': { verdict: 'cannot', says: ONLY_SINGLE },
  'kind-cloze': { verdict: 'cannot', says: ONLY_SINGLE, remedy: 'split' },
  'kind-match': { verdict: 'cannot', says: ONLY_SINGLE, remedy: 'split' },
  'kind-grid': { verdict: 'cannot', says: ONLY_SINGLE, remedy: 'split' },
  'kind-order': { verdict: 'cannot', says: ONLY_SINGLE },
  'kind-scale': { verdict: 'cannot', says: ONLY_SINGLE },
  'kind-essay': { verdict: 'cannot', says: ONLY_SINGLE },
  'kind-note': { verdict: 'cannot', says: ONLY_SINGLE },
  'option-count': { verdict: 'cannot', says: 'There are only 26 letters for options', over: 26 },
  picture: { verdict: 'cannot', says: 'A text file holds no pictures', remedy: 'picture-to-text' },
  'rich-text': { verdict: 'changes', says: 'Only the text itself is kept, without its dress', remedy: 'plain-text' },
  'several-lines': { verdict: 'changes', says: 'Lines are joined into one' },
  weights: { verdict: 'changes', says: 'A wrong option earns nothing', affects: ['wrong-option'] },
  points: { verdict: 'changes', says: 'Counts 1 point; the file has no place for points' },
  feedback: { verdict: 'changes', says: 'The feedback is left out', remedy: 'drop-feedback' },
  'option-feedback': { verdict: 'changes', says: 'The feedback of the options is left out' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
  passage: { verdict: 'changes', says: 'The passage is put in front of the stem', remedy: 'passage-to-stem' },
  'fixed-order': { verdict: 'changes', says: 'The options may be shuffled' },
  'time-limit': { verdict: 'changes', says: 'The time limit is left out', remedy: 'drop-time-limit' },
  filing: { verdict: 'changes', says: 'Outcome, level and difficulty are left out' },
  tags: { verdict: 'changes', says: 'The tags are left out' },
  language: { verdict: 'changes', says: 'The language is not said' },
}
