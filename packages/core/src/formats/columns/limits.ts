import type { FormatLimits } from '../../fit/limits.ts'
import { UNREADABLE } from '../word-for-word.ts'

const NO_COLUMNS = 'A row has no columns for this kind'

/** What a table with an item a row does not hold. */
export const COLUMNS_LIMITS: FormatLimits = {
  ...UNREADABLE,
  'no-key': { verdict: 'changes', says: 'The key column stays empty' },
  'kind-cloze': { verdict: 'cannot', says: NO_COLUMNS, remedy: 'split' },
  'kind-match': { verdict: 'cannot', says: NO_COLUMNS, remedy: 'split' },
  'kind-grid': { verdict: 'cannot', says: NO_COLUMNS, remedy: 'split' },
  'kind-order': { verdict: 'cannot', says: NO_COLUMNS },
  'kind-scale': { verdict: 'cannot', says: NO_COLUMNS },
  'kind-note': { verdict: 'cannot', says: NO_COLUMNS },
  'option-count': { verdict: 'cannot', says: 'There are columns for ten options', over: 10 },
  picture: { verdict: 'cannot', says: 'A table of text holds no pictures', remedy: 'picture-to-text' },
  'rich-text': { verdict: 'changes', says: 'Only the text itself is kept, without its dress', remedy: 'plain-text' },
  weights: { verdict: 'changes', says: 'Shares of the points for other options are left out' },
  'credit-each': { verdict: 'changes', says: 'Only exactly the key earns points' },
  'text-rules': { verdict: 'changes', says: 'What counts as the same is not said' },
  'letter-case-respected': { verdict: 'changes', says: 'What counts as the same is not said' },
  'accents-ignored': { verdict: 'changes', says: 'What counts as the same is not said' },
  'band-credit': { verdict: 'changes', says: 'Shares of the points are left out' },
  'unit-required': { verdict: 'changes', says: 'The unit may be left out' },
  'number-form': { verdict: 'changes', says: 'Other units and the number of figures do not count' },
  'option-feedback': { verdict: 'changes', says: 'The feedback of the options is left out' },
  rubric: { verdict: 'changes', says: 'The rubric is left out' },
  passage: { verdict: 'changes', says: 'The passage is put in front of the stem', remedy: 'passage-to-stem' },
  'fixed-order': { verdict: 'changes', says: 'Whether options may be shuffled is not said' },
  language: { verdict: 'changes', says: 'The language is not said' },
}
