import Fraction from 'fraction.js'

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅐': '1/7',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅑': '1/9',
  '⅒': '1/10',
}
const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹'
const NUMBER =
  /^([+-]?)(\d+(?:\.\d+)?|\.\d+)(?:\s*(?:e|[×x*·]\s*10\s*\^?)\s*\(?([+-]?\d{1,3})\)?)?(?:\s*\/\s*(\d+(?:\.\d+)?)|\s+(\d+)\s*\/\s*(\d+))?\s*(.*)$/i

const RAISED = /^\^\(?([+-]?\d{1,3})\)?(?![\d.,])/

/** A typed number: its exact value, its unit as typed, and how many significant figures it was written with. */
export interface TypedNumber {
  readonly value: number
  readonly unit: string
  readonly figures: number
}

/**
 * Reads a number as people type it: decimal point or comma, thousands parted by blanks, apostrophes or the other sign,
 * `1/2`, `½`, `1 1/2`, `50 %`, `6.02e23`, `6,02 × 10²³`, `10⁻³`. A lone comma before three digits is a decimal comma, as a
 * lone point is a decimal point (ours: a key that is off by a thousand is the lesser evil when it is seen).
 *
 * @returns null for text that is no number.
 */
export function readNumber(text: string): TypedNumber | null {
  const plain = normalized(text)
  const found = NUMBER.exec(plain)
  if (!found?.[2]) return null
  const [, sign = '', digits, power, under, upper, lower, rest = ''] = found
  if (/^[\d.,/]/.test(rest)) return null
  try {
    let value = new Fraction(digits)
    if (under !== undefined) value = value.div(new Fraction(under))
    if (upper !== undefined && lower !== undefined) value = value.add(new Fraction(`${upper}/${lower}`))
    // "10⁻³": a power of the number itself, its sign apart.
    const raised = power === undefined && under === undefined && upper === undefined ? RAISED.exec(rest) : null
    const unit = rest.slice(raised?.[0].length ?? 0).trim()
    const plainValue = value.valueOf() ** Number(raised?.[1] ?? 1)
    let amount = (sign === '-' ? -1 : 1) * plainValue * 10 ** Number(power ?? 0)
    if (!Number.isFinite(amount)) return null
    if (unit === '%') amount /= 100
    return { value: Number(amount.toPrecision(15)), unit, figures: figuresOf(digits) }
  } catch {
    // A fraction over zero is no number.
    return null
  }
}

function normalized(text: string): string {
  const plain = text
    .normalize('NFC')
    .trim()
    .replace(/[−–]/g, '-')
    .replace(/\u2044/g, '/')
    .replace(/(\d)?\s*([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒])/g, (_whole, before: string | undefined, sign: string) =>
      before === undefined ? (VULGAR[sign] ?? '') : `${before} ${VULGAR[sign] ?? ''}`,
    )
    .replace(
      /⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/g,
      (raised) =>
        `^${raised.startsWith('⁻') ? '-' : ''}${[...raised.replace('⁻', '')].map((one) => SUPERSCRIPTS.indexOf(one)).join('')}`,
    )
    .replace(/(\d)[\u202f\u00a0' ](?=\d{3}(?!\d))/g, '$1')
  const comma = plain.lastIndexOf(',')
  const point = plain.lastIndexOf('.')
  if (comma < 0) return plain
  if (point < 0) return (plain.match(/,/g) ?? []).length > 1 ? plain.replaceAll(',', '') : plain.replace(',', '.')
  return comma > point ? plain.replaceAll('.', '').replace(',', '.') : plain.replaceAll(',', '')
}

/** Significant figures of a decimal as written: leading zeros never count, zeros behind a point always do. */
function figuresOf(digits: string): number {
  const plain = digits.replace('.', '').replace(/^0+/, '')
  return digits.includes('.') ? plain.length : plain.replace(/0+$/, '').length
}
