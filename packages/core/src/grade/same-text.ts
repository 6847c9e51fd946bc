import type { TextRules } from '../item/model.ts'
import { readNumber, typedNumbers } from './number-value.ts'
import { DASHES } from './plain-characters.ts'
import { isSameUnit } from './same-unit.ts'

/** Combining marks that Unicode parts from their letters under NFD (Unicode Standard Annex #15). */
const COMBINING = /\p{Mn}/gu

/** Letters with a stroke or of two, which Unicode does not part: what is typed where a keyboard has none of them. */
const STROKED: Readonly<Record<string, string>> = {
  ...{ ø: 'o', Ø: 'O', ł: 'l', Ł: 'L', đ: 'd', Đ: 'D', ð: 'd', Ð: 'D', ħ: 'h', Ħ: 'H', ŧ: 't', Ŧ: 'T', ı: 'i' },
  ...{ æ: 'ae', Æ: 'AE', œ: 'oe', Œ: 'OE', þ: 'th', Þ: 'Th', ß: 'ss', ẞ: 'SS' },
}
const STROKED_LETTER = new RegExp(`[${Object.keys(STROKED).join('')}]`, 'g')

/**
 * Typed text in the form in which it is compared: what a keyboard or a program changes by itself (blanks, hyphens, apostrophes,
 * quotes, raised and lowered figures, what is not seen) is one, then as the item's rules say.
 */
export function comparableText(text: string, rules: TextRules): string {
  const plain = asTyped(text.replace(/\p{Cf}/gu, '').replace(/\s+/g, ' '), rules)
  return rules.listOrder === 'any' ? partsOf(text, rules).sort().join(', ') : plain
}

function asTyped(text: string, rules: TextRules): string {
  let plain = text
    .replace(/\p{Cf}/gu, '')
    .replace(/[‘’ʼ`´′ʹ＇]/g, "'")
    .replace(/[“”„‟«»″＂]/g, '"')
    // Behind a figure, a raised one is a power: 10² is not 102.
    .replace(/(?<=\d)[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, '^$&')
    .replace(/(?<=\d)(?=[¼-¾⅐-⅞])/g, ' ')
    .normalize('NFKC')
    .replace(/\u2044/g, '/')
    .replace(DASHES, '-')
    .replace(/(?<=[\p{L})])[_^]\{?([+-]?\d{1,3}[+-]?)\}?/gu, '$1')
    .replace(/\s+/g, ' ')
    .trim()
  if (rules.letterCase === 'ignore') plain = withoutCase(plain)
  if (rules.accents === 'ignore')
    plain = plain
      .replace(STROKED_LETTER, (letter) => STROKED[letter] ?? letter)
      .normalize('NFD')
      .replace(COMBINING, '')
      .normalize('NFC')
  return rules.punctuation === 'ignore' ? withoutPunctuation(plain) : plain
}

/** As Unicode folds letter case in full (CaseFolding.txt, statuses C and F), the dotted and dotless i as one. */
function withoutCase(text: string): string {
  return text
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/ς/g, 'σ')
    .replace(/i\u0307/g, 'i')
    .replace(/ı/g, 'i')
}

/** Signs go, but the minus before a number and the point inside one stay. */
function withoutPunctuation(text: string): string {
  return text
    .replace(/(?<!\d)[.,]|[.,](?!\d)|[;:!?"“”„'()[\]{}…]|-(?!\d)|(?<=\S)-/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

const AND = 'and|und|et|y|e|en|och|og|i|и|та|ve|&'
const BETWEEN = new RegExp(
  `\\s*[,;\\n]\\s*(?:(?:${AND})\\s+)?|\\s+(?:${AND})\\s+|(?<!\\d)\\s*/\\s*|\\s*/\\s*(?!\\d)(?=\\S)`,
  'u',
)

/** The entries of a list, however they are parted: by signs, by words, or a line each. */
function partsOf(text: string, rules: TextRules): string[] {
  return text
    .replace(/^\s*[-•*]\s+|(?<=\n)\s*[-•*]\s+/g, '')
    .split(BETWEEN)
    .map((part) => asTyped(part, rules))
    .filter(Boolean)
}

/** Whether a typed text counts as the same as an accepted one under the item's rules. */
export function isSameText(a: string, b: string, rules: TextRules): boolean {
  const [left, right] = [comparableText(a, rules), comparableText(b, rules)]
  if (left === right) return true
  if (rules.pattern === 'star' && right.includes('*')) return fitsPattern(left, right)
  if (rules.numbers === 'value' && isSameNumber(a, b)) return true
  if (rules.numbers === 'value' && rules.listOrder === 'any' && isSameList(partsOf(a, rules), partsOf(b, rules)))
    return true
  const wrong = rules.misspelt ?? 0
  // Numbers have no spelling: 12 is not 13 with a slip. Short words leave no room for one either.
  if (wrong === 0 || /\d/.test(left + right) || right.length < 4 * wrong) return false
  return distanceWithin(left, right, wrong)
}

/** The same entries, numbers by their value, each as often. */
function isSameList(a: readonly string[], b: readonly string[]): boolean {
  const left = [...b]
  return (
    a.length === b.length &&
    a.every((part) => {
      const at = left.findIndex((one) => one === part || isSameNumber(one, part))
      return at >= 0 && left.splice(at, 1).length === 1
    })
  )
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
  const right = readNumber(b)
  return (
    right !== null &&
    typedNumbers(a).some((left) => {
      const units = [left.unit, right.unit].map((unit) => (unit === '%' ? '' : unit))
      return (
        isSameUnit(units[0] ?? '', units[1] ?? '') &&
        Math.abs(left.value - right.value) <= 1e-12 * Math.max(1, Math.abs(right.value))
      )
    })
  )
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
