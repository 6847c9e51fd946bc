import { plainText } from '../../content/plain.ts'
import { readNumber } from '../../grade/number-value.ts'
import type { ChoiceItem, SingleItem } from '../../item/model.ts'
import { reviewWords } from '../languages.ts'
import { letter } from '../letter.ts'

/** How much longer than the next a key has to be to stand out: half as long again, and by more than a short word. */
const LONGER_BY = 1.5
const LONGER_BY_LETTERS = 12

/** The place of the key where it stands out by its length; null where it does not. */
export function standsOut(item: SingleItem): number | null {
  if (item.options.length < 3 || item.key.length !== 1) return null
  const lengths = item.options.map((option) => plainText(option.content).length)
  const at = item.options.findIndex((option) => option.id === item.key[0])
  const own = lengths[at] ?? 0
  const next = Math.max(...lengths.filter((_length, index) => index !== at))
  return own >= next * LONGER_BY && own - next > LONGER_BY_LETTERS ? at : null
}

export function longestIsKey(item: SingleItem): string | null {
  const at = standsOut(item)
  return at === null ? null : `The key, option ${letter(at)}, is far longer than the other options.`
}

export function allOfTheAbove(item: ChoiceItem): string | null {
  const words = reviewWords(item)
  const at = words ? item.options.findIndex((option) => words.allAbove.test(plainText(option.content))) : -1
  if (at < 0) return null
  return `Option ${letter(at)} says that all are right: who sees that two are needs no third.`
}

export function noneOfTheAbove(item: ChoiceItem): string | null {
  const words = reviewWords(item)
  const at = words ? item.options.findIndex((option) => words.noneAbove.test(plainText(option.content))) : -1
  if (at < 0) return null
  const isKey = item.key.includes(item.options[at]?.id ?? '')
  return isKey
    ? `Option ${letter(at)}, none of them, is the key: it does not show that a student knows what is right.`
    : `Option ${letter(at)} says that none is right; it is seldom a good distractor.`
}

const MIN_REPEATED_WORDS = 3
const MIN_REPEATED_LETTERS = 12

/** The same words at the start of every option; a preposition with its article ("in the") is no reading to speak of. */
export function repeatedWords(item: ChoiceItem): string | null {
  if (item.options.length < 3) return null
  const texts = item.options.map((option) => plainText(option.content).replace(/\s+/g, ' ').trim())
  const words = texts.map((text) => text.split(' '))
  const [first = []] = words
  let count = 0
  while (count < first.length && words.every((one) => one.length > count + 1 && one[count] === first[count])) count++
  const repeated = first.slice(0, count).join(' ')
  if (count < MIN_REPEATED_WORDS || repeated.length < MIN_REPEATED_LETTERS) return null
  return `Every option begins with “${repeated}”; it can stand once, in the stem.`
}

interface Band {
  readonly low: number
  readonly high: number
}

const RANGE = /^(?:from |between )?(\S+?)(?:\s*[-–—]\s*|\s+(?:to|and|bis|à|till|tot|a)\s+)(\S+)(?:\s+(.*))?$/iu

/** "10–20 m": both ends and the unit behind them. */
function bandOf(text: string): Band | null {
  const found = RANGE.exec(text.trim())
  const [low, high] = [readNumber(found?.[1] ?? ''), readNumber(found?.[2] ?? '')]
  if (!low || !high || low.value >= high.value || /^\d{4}$/.test(found?.[1] ?? '') !== /^\d{4}/.test(found?.[2] ?? ''))
    return null
  return { low: low.value, high: high.value }
}

export function overlappingOptions(item: SingleItem): string | null {
  const bands = item.options.map((option) => bandOf(plainText(option.content)))
  if (bands.some((band) => band === null)) return null
  for (let left = 0; left < bands.length; left++)
    for (let right = left + 1; right < bands.length; right++) {
      const [a, b] = [bands[left], bands[right]]
      if (a && b && a.low <= b.high && b.low <= a.high)
        return `Options ${letter(left)} and ${letter(right)} share values, so two can be right.`
    }
  return null
}

/** Numbers of one unit that neither rise nor fall. */
export function optionsOutOfOrder(item: ChoiceItem): string | null {
  if (item.options.length < 3) return null
  const numbers = item.options.map((option) => readNumber(plainText(option.content)))
  const [first] = numbers
  if (!first || !numbers.every((one) => one !== null && one.unit === first.unit)) return null
  const values = numbers.map((one) => one?.value ?? 0)
  const rises = values.every((value, index) => index === 0 || value >= (values[index - 1] ?? value))
  const falls = values.every((value, index) => index === 0 || value <= (values[index - 1] ?? value))
  return rises || falls ? null : 'The options are numbers, but stand in no order.'
}
