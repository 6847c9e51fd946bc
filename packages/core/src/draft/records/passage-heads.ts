import { anyOf, wordsFor } from '../languages/index.ts'

const QUESTION = anyOf(wordsFor('question').filter((word) => word.length > 2))
const NAMES = new RegExp(
  `(?<!\\p{L})(?:${QUESTION})(?:s|n|en|es|i)?\\s+\\d{1,3}\\s?(?:[-–—]|to|and|bis|und|à|et|a|y|e|до|и)\\s?\\d{1,3}`,
  'iu',
)
const LONGEST = 90

/** "Read the text and answer questions 1 to 4.": a short line that names items is about a passage, and none of it. */
export function namesItems(text: string): boolean {
  return text.length <= LONGEST && NAMES.test(text)
}
