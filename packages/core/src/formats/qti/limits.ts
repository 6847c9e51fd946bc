import type { FormatLimits } from '../../fit/limits.ts'
import type { PaperLimits } from '../paper-plan.ts'
import { UNREADABLE, WORD_FOR_WORD } from '../word-for-word.ts'

/** What the standard has no declarative means for: it compares text by letters and numbers by value. */
export const QTI_LIMITS: FormatLimits = {
  ...UNREADABLE,
  ...WORD_FOR_WORD,
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  'picture-missing': {
    verdict: 'changes',
    says: 'A picture is missing; its description stays',
    remedy: 'picture-to-text',
  },
  'order-neighbours': {
    verdict: 'changes',
    says: 'Only the whole order earns points',
    affects: ['wrong-order'],
    remedy: 'all-or-nothing',
  },
  'note-feedback': { verdict: 'changes', says: 'Nothing is answered, so the feedback is left out' },
  'time-limit': { verdict: 'changes', says: 'The time limit goes with a paper only, not with a bank' },
}

/** What an `assessmentTest` does not hold of a paper. */
export const QTI_PAPER: PaperLimits = {
  identity: 'Fields other than name and class are not asked',
  attempts: 'How often it may be taken is to be set on the site',
}
