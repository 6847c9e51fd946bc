import type { FormatLimits } from '../fit/limits.ts'
import { ITEMS_ONLY, type PaperLimits } from '../formats/paper-plan.ts'
import { wholeKeyOnly } from '../formats/whole-key.ts'

const NO_SUCH = 'The game has single choice, several keys, and true or false'
const KEY_ONLY = 'Only exactly the key scores'

/** What the live game Foghorn does not hold of an item: what its sheet has columns for, and its own lengths. */
export const FOGHORN_LIMITS: FormatLimits = {
  'no-key': { verdict: 'cannot', says: 'A game needs a right answer' },
  'kind-short': { verdict: 'cannot', says: NO_SUCH },
  'kind-numeric': { verdict: 'cannot', says: NO_SUCH },
  'kind-cloze': { verdict: 'cannot', says: NO_SUCH, remedy: 'split' },
  'kind-match': { verdict: 'cannot', says: NO_SUCH, remedy: 'split' },
  'kind-grid': { verdict: 'cannot', says: NO_SUCH, remedy: 'split' },
  'kind-order': { verdict: 'cannot', says: NO_SUCH, remedy: 'as-match' },
  'kind-scale': { verdict: 'cannot', says: NO_SUCH },
  'kind-essay': { verdict: 'cannot', says: NO_SUCH },
  'kind-note': { verdict: 'cannot', says: NO_SUCH },
  'option-count': { verdict: 'cannot', says: 'A round has at most 6 options', over: 6, remedy: 'fewer-options' },
  'option-length': { verdict: 'cannot', says: 'An option has at most 80 letters', over: 80, remedy: 'shorten' },
  'stem-length': { verdict: 'cannot', says: 'A question has at most 150 letters', over: 150, remedy: 'shorten-stem' },
  'equal-options': { verdict: 'cannot', says: 'Two options that are alike are refused' },
  'empty-part': { verdict: 'cannot', says: 'An option without text is refused' },
  ...wholeKeyOnly(KEY_ONLY),
  points: { verdict: 'changes', says: 'Scores by right and by speed, not by points' },
  picture: {
    verdict: 'changes',
    says: 'A sheet holds no pictures; the description stays',
    remedy: 'picture-to-text',
    orRemedy: 'picture-to-link',
  },
  mathematics: { verdict: 'changes', says: 'Formulas are shown as they are typed' },
  'rich-text': { verdict: 'changes', says: 'Text is shown without its dress', remedy: 'plain-text' },
  'several-lines': { verdict: 'changes', says: 'Lines are joined into one' },
  passage: { verdict: 'changes', says: 'The passage is left out', remedy: 'passage-to-stem' },
  feedback: { verdict: 'changes', says: 'The feedback is left out', remedy: 'drop-feedback' },
  'option-feedback': { verdict: 'changes', says: 'The feedback of the options is left out' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
}

export const FOGHORN_PAPER: PaperLimits = {
  ...ITEMS_ONLY,
  sections: 'A game has one round after the other; the items keep their order',
  identity: 'Players give a name of their own',
  'time-limit': 'A game has a time for each item, not for the whole',
  attempts: 'A game is played when it is started',
  'some-required': 'Nobody has to answer',
  'feedback-each': 'What was right is shown after each item',
  'feedback-never': 'What was right is shown after each item',
}
