import Fraction from 'fraction.js'
import { asPlainCharacters } from './plain-characters.ts'

/** A typed number: its exact value, its unit as typed, and how many significant figures it was written with. */
export interface TypedNumber {
  readonly value: number
  readonly unit: string
  readonly figures: number
}

// Bounded, so that a text of nothing but figures is gone through once.
const SIGN_AND_DIGITS = /^([+-]?)\s?((?:\d[\d.,]{0,40})|[.,]\d{1,40})/
const POWER_OF_TEN = /^\s?(?:e|[×x*·⋅∙]\s?10\s?\^?)\s?\(?([+-]?\d{1,3})\)?(?![\d.,])/i
const UNDER = /^\s?\/\s?(\d{1,15}(?:\.\d{1,15})?)(?![\d.,])/
const MIXED = /^\s(\d{1,9})\s?\/\s?(\d{1,9})(?![\d.,])/
const RAISED = /^\^\(?([+-]?\d{1,3})\)?(?![\d.,])/

/**
 * Reads a number as people type it: decimal point or comma, thousands parted by blanks, apostrophes or the other sign, every
 * sort of minus and of figures, `1/2`, `½`, `1 1/2`, `50 %`, `6.02e23`, `6,02 × 10²³`, `10⁻³`, `x = 12`, `$1,250`. A lone comma
 * before three digits is a decimal comma, as a lone point is a decimal point (ours); `typedNumbers` knows the other reading.
 *
 * @returns null for text that is no number.
 */
export function readNumber(text: string): TypedNumber | null {
  return typedNumbers(text)[0] ?? null
}

/**
 * Every number that a typed text can mean, likeliest first. `1,500` is 1.5 where the language writes a decimal comma, 1500 where
 * it writes a point, and either where no language is known.
 *
 * @param language BCP 47, of the item.
 */
export function typedNumbers(text: string, language?: string): TypedNumber[] {
  const plain = bare(asPlainCharacters(text))
  const currency = /^([+-]?)\s?(\p{Sc})\s?/u.exec(plain)
  const amount = currency ? (currency[1] ?? '') + plain.slice(currency[0].length) : plain
  const found = SIGN_AND_DIGITS.exec(withoutGroups(amount))
  if (!found?.[2]) return []
  const written = found[2].replace(/[.,]$/, '')
  const behind = withoutGroups(amount).slice(found[0].length - (found[2].length - written.length))
  // "12." ends a sentence; "1250,-" has no small change.
  const rest = behind.replace(/^[.,](?:-+)?(?=\s|$)/, '')
  if (/^[.,]/.test(rest)) return []
  const isMoney = currency !== null || /^\s?\p{Sc}/u.test(rest)
  return decimalsOf(written, language, isMoney).flatMap((digits) => {
    const read = valueOf(digits, rest, found[1] === '-')
    return read ? [currency && !read.unit ? { ...read, unit: currency[2] ?? '' } : read] : []
  })
}

/** Without a name before it, brackets or quotes round it, and a full stop behind it. */
function bare(text: string): string {
  const named = text.replace(/^(?:\p{L}[\p{L}\d_]{0,20}\s?)?[=≈~]\s?/u, '')
  const quoted = /^"([^"]+)"$/.exec(named)?.[1] ?? named
  return quoted
    .replace(/^([+-]?)\(\s?([^()]+?)\s?\)$/, '$1$2')
    .replace(/\s\.$/, '')
    .trim()
}

/** Blanks and apostrophes between groups of three figures, where all groups are of three. */
function withoutGroups(text: string): string {
  return text.replace(
    /^([+-]?\s?)(\d{1,3}(?:[ '˙]\d{3})+)(?![\d '˙]*\d)/,
    (_whole, sign: string, digits: string) => sign + digits.replace(/[ '˙]/g, ''),
  )
}

/** The figures with a decimal point, in each way that they can be meant; none where signs stand in places of their own. */
function decimalsOf(written: string, language: string | undefined, isMoney: boolean): string[] {
  const points = written.split('.').length - 1
  const commas = written.split(',').length - 1
  if (points && commas) {
    const decimal = written.lastIndexOf('.') > written.lastIndexOf(',') ? '.' : ','
    const [whole = '', part = '', ...more] = written.split(decimal)
    return more.length || !isGrouped(whole) ? [] : [`${whole.replace(/[.,]/g, '')}.${part}`]
  }
  if (!points && !commas) return [written]
  if (points + commas > 1) return isGrouped(written) ? [written.replace(/[.,]/g, '')] : []
  const decimal = written.replace(',', '.')
  if (!/^[1-9]\d{0,2}[.,]\d{3}$/.test(written)) return [decimal]
  const grouped = written.replace(/[.,]/, '')
  const isDecimalComma = writesDecimalComma(language)
  // Money has two figures behind its point, not three.
  if (points) return isDecimalComma || isMoney ? [grouped, decimal] : [decimal]
  return isDecimalComma === null ? [decimal, grouped] : [isDecimalComma ? decimal : grouped]
}

function isGrouped(digits: string): boolean {
  return /^\d{1,3}(?:,\d{3})+$|^\d{1,3}(?:\.\d{3})+$/.test(digits)
}

const known = new Map<string, boolean | null>()

/** By the number formats of Unicode CLDR, which come with the runtime; null where no language, or no such language, is known. */
function writesDecimalComma(language: string | undefined): boolean | null {
  if (language === undefined) return null
  const before = known.get(language)
  if (before !== undefined) return before
  let writes: boolean | null = null
  try {
    const [supported] = Intl.NumberFormat.supportedLocalesOf(language)
    const parts = supported ? new Intl.NumberFormat(supported).formatToParts(1.5) : []
    const sign = parts.find(({ type }) => type === 'decimal')?.value
    writes = sign === ',' ? true : sign === '.' ? false : null
  } catch {
    // What is written there names no language.
  }
  known.set(language, writes)
  return writes
}

function valueOf(digits: string, behind: string, isNegative: boolean): TypedNumber | null {
  try {
    let rest = behind
    let value = new Fraction(digits.startsWith('.') ? `0${digits}` : digits)
    const take = (pattern: RegExp): RegExpExecArray | null => {
      const found = pattern.exec(rest)
      if (found) rest = rest.slice(found[0].length)
      return found
    }
    const power = take(POWER_OF_TEN)
    const mixed = power ? null : take(MIXED)
    const under = mixed ? null : take(UNDER)
    if (mixed) value = value.add(new Fraction(`${mixed[1]}/${mixed[2]}`))
    if (under?.[1] !== undefined) value = value.div(new Fraction(under[1]))
    // "10⁻³": a power of the number itself, its sign apart.
    const raised = power || mixed || under ? null : take(RAISED)
    if (/^\s?[\d.,/^-]/.test(rest)) return null
    const unit = rest.trim()
    let amount = (isNegative ? -1 : 1) * value.valueOf() ** Number(raised?.[1] ?? 1) * 10 ** Number(power?.[1] ?? 0)
    if (!Number.isFinite(amount)) return null
    if (unit === '%') amount /= 100
    return { value: Number(amount.toPrecision(15)), unit, figures: figuresOf(digits) }
  } catch {
    // A fraction over zero is no number.
    return null
  }
}

/** Significant figures of a decimal as written: leading zeros never count, zeros behind a point always do. */
function figuresOf(digits: string): number {
  const plain = digits.replace('.', '').replace(/^0+/, '')
  return digits.includes('.') ? plain.length : plain.replace(/0+$/, '').length
}
