import type { Readability } from '@zakuska/core'

/** Of fewer words an index says nothing (ours). */
export const MIN_WORDS = 30

/** How hard it is to read, in one line. */
export function readingText({ index, value, ease, words }: Readability): string {
  if (words < MIN_WORDS) return `${words} words to read, too few to say how hard they are`
  if (index === 'lix') return `LIX ${value}, ${words} words to read`
  return `Reads like grade ${Math.max(0, value)} (Flesch-Kincaid), reading ease ${ease ?? 0}, ${words} words to read`
}
