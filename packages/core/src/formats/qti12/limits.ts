import type { FormatLimits } from '../limits.ts'

/** What QTI 1.2 does not hold (IMS Question and Test Interoperability ASI Information Model 1.2, 2002). */
export const QTI12_LIMITS: FormatLimits = {
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  'picture-missing': {
    verdict: 'changes',
    says: 'A picture is missing; its description stays',
    remedy: 'picture-to-text',
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
  'text-rules': {
    verdict: 'changes',
    says: 'Only what is accepted word for word counts',
    affects: ['accepted', 'accents', 'blanks', 'letter-case'],
  },
  'kind-cloze': { verdict: 'changes', says: 'The boxes stand behind the text, one for each gap in order' },
  'order-neighbours': {
    verdict: 'changes',
    says: 'Only the whole order earns points',
    affects: ['wrong-order'],
    remedy: 'all-or-nothing',
  },
  'unit-required': { verdict: 'cannot', says: 'A number with its unit cannot be typed there', remedy: 'unit-optional' },
  'number-form': { verdict: 'changes', says: 'Other units and the number of figures do not count' },
}
