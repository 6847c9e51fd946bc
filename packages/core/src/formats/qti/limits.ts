import type { FormatLimits } from '../limits.ts'

/** What the standard has no declarative means for: it compares text by letters and numbers by value. */
export const QTI_LIMITS: FormatLimits = {
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
    affects: ['accepted', 'letter-case', 'accents', 'blanks'],
  },
  'order-neighbours': {
    verdict: 'changes',
    says: 'Only the whole order earns points',
    affects: ['wrong-order'],
    remedy: 'all-or-nothing',
  },
  'unit-required': { verdict: 'cannot', says: 'A number with its unit cannot be typed there', remedy: 'unit-optional' },
  'number-form': { verdict: 'changes', says: 'Other units and the number of figures do not count' },
  hint: { verdict: 'changes', says: 'The hint goes to the tutor, not to the student' },
  'note-feedback': { verdict: 'changes', says: 'Nothing is answered, so the feedback is left out' },
  'time-limit': { verdict: 'changes', says: 'The time limit goes with a paper only, not with a bank' },
}
