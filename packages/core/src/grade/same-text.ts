import type { TextRules } from '../item/model.ts'

/** Combining marks that Unicode parts from their letters under NFD (Unicode Standard Annex #15). */
const COMBINING = /\p{Mn}/gu

/** Typed text in the form in which it is compared: NFC, blanks folded, then as the item's rules say. */
export function comparableText(text: string, rules: TextRules): string {
  let plain = text
    .normalize('NFC')
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/\s+/g, ' ')
    .trim()
  if (rules.letterCase === 'ignore') plain = plain.toLowerCase()
  if (rules.accents === 'ignore') plain = plain.normalize('NFD').replace(COMBINING, '').normalize('NFC')
  return plain
}

/** Whether two typed answers count as the same under the item's rules. */
export function isSameText(a: string, b: string, rules: TextRules): boolean {
  return comparableText(a, rules) === comparableText(b, rules)
}
