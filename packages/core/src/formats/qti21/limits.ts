import type { FormatLimits } from '../limits.ts'

/** What this QTI 2.1 writer does not hold (IMS Question and Test Interoperability 2.1, Information Model). */
export const QTI21_LIMITS: FormatLimits = {
  'no-key': { verdict: 'cannot', says: 'Has no key, so it would not be graded' },
  picture: { verdict: 'cannot', says: 'Pictures are not packed yet' },
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
  'time-limit': { verdict: 'changes', says: 'The time limit is left out' },
  filing: { verdict: 'changes', says: 'Outcome, level and difficulty are left out' },
}
