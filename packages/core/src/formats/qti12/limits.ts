import type { FormatLimits } from '../../fit/limits.ts'
import type { PaperLimits } from '../paper-plan.ts'
import { UNREADABLE, WORD_FOR_WORD } from '../word-for-word.ts'

/** What QTI 1.2 does not hold (IMS Question and Test Interoperability ASI Information Model 1.2, 2002). */
export const QTI12_LIMITS: FormatLimits = {
  ...UNREADABLE,
  ...WORD_FOR_WORD,
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  'picture-missing': {
    verdict: 'changes',
    says: 'A picture is missing; its description stays',
    remedy: 'picture-to-text',
  },
  'kind-cloze': { verdict: 'changes', says: 'The boxes stand behind the text, one for each gap in order' },
  'order-neighbours': {
    verdict: 'changes',
    says: 'Only the whole order earns points',
    affects: ['wrong-order'],
    remedy: 'all-or-nothing',
  },
}

/** What an `assessment` does not hold of a paper. */
export const QTI12_PAPER: PaperLimits = {
  identity: 'Fields other than name and class are not asked',
  'some-required': 'Which items must be answered is to be set on the site',
  'feedback-each': 'When feedback is shown is to be set on the site',
}
