import type { TextRules } from '../item/model.ts'
import { readNumber } from './number-value.ts'

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
  if (rules.punctuation === 'ignore') plain = withoutPunctuation(plain)
  return rules.listOrder === 'any' ? listParts(plain).sort().join(', ') : plain
}

/** Signs go, but the minus before a number and the point inside one stay. */
function withoutPunctuation(text: string): string {
  return text
    .replace(/(?<!\d)[.,]|[.,](?!\d)|[;:!?"“”„'()[\]{}…]|-(?!\d)|(?<=\S)-/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

function listParts(text: string): string[] {
  return text
    .split(/\s*[,;]\s*|\s+(?:and|und|et|y|e|en|och|i|и|та|ve|&)\s+/u)
    .map((part) => part.trim())
    .filter(Boolean)
}

/** Whether a typed text counts as the same as an accepted one under the item's rules. */
export function isSameText(a: string, b: string, rules: TextRules): boolean {
  const [left, right] = [comparableText(a, rules), comparableText(b, rules)]
  if (left === right) return true
  if (rules.pattern === 'star' && right.includes('*')) return fitsPattern(left, right)
  if (rules.numbers === 'value' && isSameNumber(left, right)) return true
  const wrong = rules.misspelt ?? 0
  // Numbers have no spelling: 12 is not 13 with a slip. Short words leave no room for one either.
  if (wrong === 0 || /\d/.test(left + right) || right.length < 4 * wrong) return false
  return distanceWithin(left, right, wrong)
}

/** Each piece between stars is looked for behind the one before; the first and the last stand at the ends. */
function fitsPattern(text: string, pattern: string): boolean {
  const pieces = pattern.split('*')
  const last = pieces.pop() ?? ''
  const [first = '', ...middle] = pieces
  if (!text.startsWith(first) || text.length < first.length + last.length || !text.endsWith(last)) return false
  let at = first.length
  for (const piece of middle) {
    const found = text.indexOf(piece, at)
    if (found < 0) return false
    at = found + piece.length
  }
  return at <= text.length - last.length
}

function isSameNumber(a: string, b: string): boolean {
  const [left, right] = [readNumber(a), readNumber(b)]
  if (!left || !right) return false
  const units = [left.unit, right.unit].map((unit) => (unit === '%' ? '' : unit))
  return units[0] === units[1] && Math.abs(left.value - right.value) <= 1e-12 * Math.max(1, Math.abs(right.value))
}

/**
 * Whether one text becomes the other by at most `most` letters put in, taken out, changed or swapped with their
 * neighbour (optimal string alignment distance, a restricted Damerau–Levenshtein distance).
 */
function distanceWithin(a: string, b: string, most: number): boolean {
  if (Math.abs(a.length - b.length) > most) return false
  let before: number[] = []
  let row = Array.from({ length: b.length + 1 }, (_none, at) => at)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1
      let least = Math.min((row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1, (row[j - 1] ?? 0) + same)
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, (before[j - 2] ?? 0) + 1)
      next.push(least)
    }
    before = row
    row = next
  }
  return (row[b.length] ?? Infinity) <= most
}
