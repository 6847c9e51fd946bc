import { QTI21_LIMITS } from '../formats/qti21/limits.ts'
import type { FormatLimits } from '../fit/limits.ts'
import type { PaperLimits } from '../formats/paper-plan.ts'

// Blanks in typed answers are folded there before they are compared, which QTI itself leaves open.
const { 'blanks-folded': _held, ...QTI_HELD } = QTI21_LIMITS

/** What the course site does not hold of an item in a QTI 2.1 package. */
export const BREAKWATER_LIMITS: FormatLimits = {
  ...QTI_HELD,
  hint: { verdict: 'changes', says: 'The site shows no hints', remedy: 'drop-hint' },
  feedback: {
    verdict: 'changes',
    says: 'The site shows points after handing in, and no feedback',
    remedy: 'drop-feedback',
  },
  'option-feedback': { verdict: 'changes', says: 'The site shows no feedback of options' },
}

/** It takes sections, their texts, time, order and attempts, and asks a name. */
export const BREAKWATER_PAPER: PaperLimits = {
  identity: 'The site asks a name, and no other fields',
  'feedback-each': 'The site shows points after handing in',
  'feedback-never': 'The site shows points after handing in',
}
