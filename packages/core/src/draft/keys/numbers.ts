import type { NumericKey } from '../../item/model.ts'
import { asciiShadow } from '../labels.ts'
import { anyOf, wordsFor } from '../languages/index.ts'

export interface NumberKey {
  readonly key: NumericKey
  readonly unit: string | null
}

const SUPERSCRIPT_DIGITS = '⁰¹²³⁴⁵⁶⁷⁸⁹'
const FIGURE = "[-−+]?\\d{1,3}(?:[ \\u202f,.']\\d{3})+(?:[.,]\\d+)?|[-−+]?\\d+(?:[.,]\\d+)?|[-−+]?[.,]\\d+"
const POWER = `(?:\\s*[×x*·]\\s*10\\s*(?:\\^?\\(?([-−+]?\\d{1,3})\\)?|([⁻⁺]?[${SUPERSCRIPT_DIGITS}]+)))?`
const UNIT =
  '(?:\\s*([\\p{L}°%‰Ω€$£µ℃℉](?:[\\p{L}°%‰Ω€$£µ℃℉]|[/·*^²³⁻¹]|\\^?-?\\d(?=$|[\\s(/]))*(?:\\s\\p{L}+(?:[²³])?){0,2}))?'
const PLAIN = new RegExp(
  `^[≈~=]?\\s*([€$£])?\\s*(${FIGURE})${POWER}${UNIT}\\s*(?:\\(?\\s*(?:±|\\+/-|\\+-)\\s*(${FIGURE})\\s*(%(?!\\p{L}))?${UNIT}\\s*\\)?|[,(]?\\s*(?:within|innerhalb|à|auf|tolerance|toleranz|tolérance|tolerancia|tolleranza|margin)\\s*[:=]?\\s*±?\\s*(${FIGURE})\\s*(%)?\\s*(?:\\p{L}+)?\\s*\\)?)?\\s*\\.?$`,
  'iu',
)
const RANGE = new RegExp(
  `^(?:between|from|zwischen|entre|tra|tussen|mellan|między|от|між|anything from)?\\s*(${FIGURE})\\s*(?:\\p{L}{1,3})??\\s*(?:-|–|to|and|und|bis|et|y|e|en|och|a|à|til|till|tot|do|до|та|и|\\.\\.\\.?|…)\\s*(${FIGURE})${UNIT}\\s*\\.?$`,
  'iu',
)
/** "5500 (anything from 5000 to 6000 is fine)": the range counts, the value lies in it. */
const BRACKETED_RANGE = new RegExp(
  `^(${FIGURE})\\s*(\\p{L}{1,6})?\\s*\\([^()\\d]{0,40}?(${FIGURE})\\s*(?:\\p{L}{1,6}\\s+)??(?:-|–|to|and|bis|und|à|et|a|y|e|tot|en|till|och|do|i|до|и|\\.\\.\\.?|…)\\s*(${FIGURE})[^()\\d]{0,40}\\)\\s*\\.?$`,
  'iu',
)
const SAYS_RANGE = /^(?:between|from|zwischen|entre|tra|tussen|mellan|między|от|між|anything from)/i

/** A key that is a number: value with tolerance, or a range, and its unit. Null: not a number. */
export function readNumberKey(text: string): NumberKey | null {
  const shadow = asciiShadow(text.trim())
  return (
    acceptedSpread(shadow) ?? bracketedRange(shadow) ?? allowedRange(shadow) ?? range(shadow) ?? plainNumber(shadow)
  )
}

function bracketedRange(text: string): NumberKey | null {
  const [, value, unit, low, high] = BRACKETED_RANGE.exec(text) ?? []
  if (!value || !low || !high) return null
  const [min, max] = [figure(low), figure(high)]
  return min < max && figure(value) >= min && figure(value) <= max ? { key: { min, max }, unit: unit ?? null } : null
}

const SPREAD = new RegExp(
  `^(${FIGURE})(?:\\s*(\\p{L}{1,6}|[%°]C?))?\\s*[;,]\\s*(?:${anyOf(wordsFor('accept'))}|\\p{L}{2,12})\\s*[:：]?\\s+(.+)$`,
  'iu',
)

/** "60; allow 55 to 65": a number, and the range round it that is accepted. */
function allowedRange(text: string): NumberKey | null {
  const [, value = '', unit, more = ''] = SPREAD.exec(text) ?? []
  const allowed = more ? range(more) : null
  const own = allowed && 'min' in allowed.key ? allowed.key : null
  return own && figure(value) >= own.min && figure(value) <= own.max
    ? { key: own, unit: allowed?.unit ?? unit ?? null }
    : null
}

function range(text: string): NumberKey | null {
  const [, low, high, unit] = RANGE.exec(text) ?? []
  if (
    !low ||
    !high ||
    !(SAYS_RANGE.test(text) || /[–…]|\.\.|(?<!\p{L})(?:to|bis|до|à|til|till|tot)(?!\p{L})/u.test(text))
  )
    return null
  const [min, max] = [figure(low), figure(high)]
  return min < max ? { key: { min, max }, unit: unit ?? null } : null
}

function plainNumber(text: string): NumberKey | null {
  const found = PLAIN.exec(text)
  if (!found?.[2] || /^0\d/.test(found[2])) return null
  const value = round(figure(found[2]) * 10 ** exponent(found[3], found[4]))
  const within = found[6] ?? found[9]
  const percent = found[7] ?? found[10]
  const tolerance =
    within === undefined ? 0 : round(percent ? (Math.abs(value) * figure(within)) / 100 : figure(within))
  return { key: { value, tolerance }, unit: found[5]?.trim() ?? found[8]?.trim() ?? found[1] ?? null }
}

const ACCEPTED = new RegExp(`^([^()]+?)\\s*\\((?:${anyOf(wordsFor('accept'))})\\s*[:：]?\\s+([^()]+)\\)\\s*\\.?$`, 'iu')

/** "0.12 kWh (accept 0.12 ± 0.01)": the same number with how far off it may be. */
function acceptedSpread(text: string): NumberKey | null {
  const [, head = '', more = ''] = ACCEPTED.exec(text) ?? []
  if (!head || !more) return null
  const [own, accepted] = [readNumberKey(head), readNumberKey(more)]
  if (!own || !accepted || !('value' in own.key) || !('value' in accepted.key)) return null
  const isSame = own.key.value === accepted.key.value && (accepted.unit ?? own.unit) === own.unit
  return isSame && accepted.key.tolerance > 0 ? { key: accepted.key, unit: own.unit } : null
}

function exponent(plain: string | undefined, raised: string | undefined): number {
  if (plain !== undefined) return Number(plain.replace('−', '-'))
  if (raised === undefined) return 0
  const digits = [...raised.replace(/[⁻⁺]/g, '')].map((character) => SUPERSCRIPT_DIGITS.indexOf(character)).join('')
  return raised.startsWith('⁻') ? -Number(digits) : Number(digits)
}

/** "1,250" is a thousand two hundred and fifty, "5,5" five and a half; with both signs the last one is decimal. */
function figure(text: string): number {
  let plain = text.replace(/[−]/g, '-').replace(/[ '\u202f]/g, '')
  const comma = plain.lastIndexOf(',')
  const stop = plain.lastIndexOf('.')
  if (comma >= 0 && stop >= 0)
    plain = comma > stop ? plain.replaceAll('.', '').replace(',', '.') : plain.replaceAll(',', '')
  else if (comma >= 0)
    plain = /^[-+]?\d{1,3}(?:,\d{3})+$/.test(plain) ? plain.replaceAll(',', '') : plain.replace(',', '.')
  else if (stop >= 0 && (plain.match(/\./g) ?? []).length > 1) plain = plain.replaceAll('.', '')
  return Number(plain)
}

function round(value: number): number {
  return Number(value.toPrecision(12))
}
