import type { FormatLimits } from '../../fit/limits.ts'
import type { PaperLimits } from '../paper-plan.ts'
import { UNREADABLE, WORD_FOR_WORD } from '../word-for-word.ts'
import { wholeKeyOnly } from '../whole-key.ts'

const NO_PROFILE = 'Common Cartridge has no profile for this kind'
const KEY_ONLY = 'Only exactly the key earns points'

/**
 * What Common Cartridge 1.3 does not hold: its profile of QTI 1.2.1 has single choice, several of several, true or false,
 * typed text and essays, each all or nothing (the profiles by name from memory).
 */
export const CC13_LIMITS: FormatLimits = {
  ...UNREADABLE,
  ...WORD_FOR_WORD,
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  'kind-numeric': { verdict: 'cannot', says: NO_PROFILE, remedy: 'list-answers' },
  'kind-cloze': { verdict: 'cannot', says: NO_PROFILE, remedy: 'split' },
  'kind-match': { verdict: 'cannot', says: NO_PROFILE, remedy: 'split' },
  'kind-grid': { verdict: 'cannot', says: NO_PROFILE, remedy: 'split' },
  'kind-order': { verdict: 'cannot', says: NO_PROFILE, remedy: 'as-match' },
  'kind-scale': { verdict: 'cannot', says: NO_PROFILE },
  'kind-note': { verdict: 'cannot', says: NO_PROFILE },
  ...wholeKeyOnly(KEY_ONLY),
  'picture-missing': {
    verdict: 'changes',
    says: 'A picture is missing; its description stays',
    remedy: 'picture-to-text',
  },
  'option-feedback': { verdict: 'changes', says: 'The feedback of the options is left out' },
  'essay-feedback': { verdict: 'changes', says: 'The feedback is left out', remedy: 'drop-feedback' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
  passage: { verdict: 'changes', says: 'The passage is put in front of the stem', remedy: 'passage-to-stem' },
  rubric: { verdict: 'changes', says: 'The rubric is left out' },
  'time-limit': { verdict: 'changes', says: 'The time limit of the item is left out', remedy: 'drop-time-limit' },
  filing: { verdict: 'changes', says: 'Outcome, level and difficulty are left out' },
  tags: { verdict: 'changes', says: 'The tags are left out' },
  language: { verdict: 'changes', says: 'The language is not said' },
}

/** An assessment there has one section, a time, and up to five attempts. */
export const CC13_PAPER: PaperLimits = {
  sections: 'Sections are left out; the items keep their order',
  identity: 'Fields other than name and class are not asked',
  'shuffle-items': 'Whether items change places is to be set on the site',
  'some-required': 'Which items must be answered is to be set on the site',
  'feedback-each': 'When feedback is shown is to be set on the site',
}
