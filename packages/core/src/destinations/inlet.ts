import type { FormatLimits } from '../fit/limits.ts'
import type { PaperLimits } from '../formats/paper-plan.ts'
import { wholeKeyOnly } from '../formats/whole-key.ts'

const KEY_ONLY = 'Only exactly the key earns points'

/** What the online forms of Inlet do not hold of an item: its own limits, as its account tells them. */
export const INLET_LIMITS: FormatLimits = {
  'no-key': { verdict: 'changes', says: 'Is asked, but not graded' },
  'kind-numeric': { verdict: 'changes', says: 'A number is compared as it is typed: 0.50 is not 0.5 there' },
  'kind-cloze': { verdict: 'cannot', says: 'A form has no text with several gaps', remedy: 'split' },
  'kind-match': { verdict: 'changes', says: 'Becomes a grid with a row per part', remedy: 'as-grid' },
  'kind-order': { verdict: 'cannot', says: 'A form has no ordering that is graded', remedy: 'as-match' },
  ...wholeKeyOnly(KEY_ONLY),
  'part-credit': {
    verdict: 'changes',
    says: 'Only all rows together earn points',
    affects: ['wrong-pair', 'key-part'],
    remedy: 'all-or-nothing',
  },
  'accents-ignored': { verdict: 'changes', says: 'An accent that is missing is wrong there', affects: ['accents'] },
  'blanks-folded': { verdict: 'changes', says: 'Two blanks are not one there', affects: ['blanks'] },
  'text-rules': { verdict: 'changes', says: 'What counts as the same is compared letter by letter there' },
  'number-band': {
    verdict: 'changes',
    says: 'Only the middle of the band is right there',
    affects: ['band-edge'],
    remedy: 'list-answers',
  },
  'band-credit': {
    verdict: 'changes',
    says: 'Every accepted number earns all points',
    affects: ['key', 'accepted', 'band-edge'],
  },
  'number-form': { verdict: 'changes', says: 'Other units and the number of figures are not told apart' },
  'stem-length': { verdict: 'cannot', says: 'A question has at most 600 letters', over: 600, remedy: 'shorten-stem' },
  'option-length': { verdict: 'cannot', says: 'An option has at most 150 letters', over: 150, remedy: 'shorten' },
  'option-count': { verdict: 'cannot', says: 'A question has at most 40 options', over: 40, remedy: 'fewer-options' },
  'equal-options': { verdict: 'cannot', says: 'Two options that are alike are refused' },
  'empty-part': { verdict: 'cannot', says: 'An option without text is refused' },
  picture: {
    verdict: 'changes',
    says: 'The first picture stands above the question, others become their descriptions',
    remedy: 'picture-to-text',
    orRemedy: 'picture-to-link',
  },
  'picture-missing': {
    verdict: 'changes',
    says: 'A picture is missing; its description stays',
    remedy: 'picture-to-text',
  },
  mathematics: { verdict: 'changes', says: 'Formulas are shown as they are typed' },
  'rich-text': { verdict: 'changes', says: 'Text is shown without its dress', remedy: 'plain-text' },
  'option-feedback': { verdict: 'changes', says: 'There is one feedback for right and one for wrong' },
  sample: { verdict: 'changes', says: 'The sample answer is left out' },
  rubric: { verdict: 'changes', says: 'The rubric is left out' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
  'time-limit': { verdict: 'changes', says: 'The time limit is left out', remedy: 'drop-time-limit' },
}

/** A form has sections, texts and fields, and says which questions must be answered. */
export const INLET_PAPER: PaperLimits = {
  'time-limit': 'A form has no time limit',
  attempts: 'A form is answered once by each, or as often as one likes',
  'feedback-each': 'Feedback is shown after handing in',
}
