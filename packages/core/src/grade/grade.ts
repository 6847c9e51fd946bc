import type {
  ClozeItem,
  Item,
  MultipleItem,
  NumericItem,
  NumericKey,
  OrderItem,
  PartCredit,
  SingleItem,
} from '../item/model.ts'
import { typedNumbers, type TypedNumber } from './number-value.ts'
import type { Response } from './response.ts'
import { isSameText } from './same-text.ts'
import { isSameUnit } from './same-unit.ts'

/**
 * Share of the item's points that a response earns, in `[0, 1]`. An item without a key earns nothing for anybody; so
 * does a response of another kind than the item takes, and any response to an item that a person has to read.
 */
export function shareEarned(item: Item, response: Response): number {
  switch (item.kind) {
    case 'single':
      return response.kind === 'choice' ? singleShare(item, response.chosen) : 0
    case 'multiple':
      return response.kind === 'choice' ? multipleShare(item, response.chosen) : 0
    case 'truefalse':
      return response.kind === 'truth' && response.value !== null && item.key[0] === response.value ? 1 : 0
    case 'short':
      return response.kind === 'text' && isAccepted(response.text, item.key, item.rules) ? 1 : 0
    case 'numeric':
      return response.kind === 'text' ? numericShare(item, response.text) : 0
    case 'cloze':
      return response.kind === 'gaps' ? clozeShare(item, response.texts) : 0
    case 'match':
    case 'grid':
      return response.kind === 'pairs' ? pairsShare(item.key, response.pairs, item.credit) : 0
    case 'order':
      return response.kind === 'order' ? orderShare(item, response.ids) : 0
    case 'scale':
    case 'essay':
    case 'note':
      return 0
  }
}

/** Points that a response earns, in `[0, item.points]`. */
export function pointsEarned(item: Item, response: Response): number {
  return shareEarned(item, response) * item.points
}

function singleShare(item: SingleItem, chosen: readonly string[]): number {
  const [only, ...others] = chosen
  if (only === undefined || others.length || !item.key.length) return 0
  return item.key.includes(only) ? 1 : (item.weights?.[only] ?? 0)
}

/**
 * `all`: everything or nothing. `each`: a share per keyed option chosen, the same share taken back per distractor
 * chosen, never below nothing; so choosing all options never earns full points. `weights`: their sum, in `[0, 1]`.
 */
function multipleShare(item: MultipleItem, chosen: readonly string[]): number {
  if (item.key.length === 0) return 0
  if (item.credit === 'all') return sameIds(chosen, item.key) ? 1 : 0
  if (item.credit === 'weights')
    return clamp([...new Set(chosen)].reduce((sum, id) => sum + (item.weights?.[id] ?? 0), 0))
  const right = item.key.filter((id) => chosen.includes(id)).length
  const wrong = new Set(chosen.filter((id) => !item.key.includes(id))).size
  return Math.max(0, (right - wrong) / item.key.length)
}

/** Weights with few decimals, as GIFT's 33.33333 %, add up to a little less than the whole and earn it. */
const WHOLE = 1e-4

function clamp(share: number): number {
  return share > 1 - WHOLE ? 1 : Math.max(0, Number(share.toFixed(9)))
}

function isAccepted(text: string, key: readonly string[], rules: ClozeItem['rules']): boolean {
  return text.trim() !== '' && key.some((accepted) => isSameText(text, accepted, rules))
}

/** The credit of the first band that the number lies in, its unit converted; of what it can mean, what earns most. */
function numericShare(item: NumericItem, text: string): number {
  return Math.max(0, ...typedNumbers(text, item.language).map((typed) => shareOfNumber(item, typed)))
}

function shareOfNumber(item: NumericItem, typed: TypedNumber): number {
  if (item.figures !== undefined && typed.figures !== item.figures) return 0
  const factor = unitFactor(item, typed.unit)
  if (factor === null) return 0
  // "50 %" is read as 0.5; where the item counts in percent, it is 50.
  const value = typed.unit === '%' && item.unit === '%' ? typed.value * 100 : typed.value * factor
  const band = item.key.find((one) => lies(value, one))
  return band ? (band.credit ?? 1) : 0
}

/** What a number with this unit is multiplied by; null: the unit is wrong, or is missing where it must be typed. */
function unitFactor(item: NumericItem, unit: string): number | null {
  // Of an amount without a unit, the sign of a currency says nothing.
  const isBare = unit === '' || (item.unit === undefined && (unit === '%' || /^\p{Sc}$/u.test(unit)))
  if (isBare) return item.unitRule === 'required' && unit === '' ? null : 1
  if (item.unit !== undefined && isSameUnit(unit, item.unit)) return 1
  return item.conversions?.find((one) => isSameUnit(unit, one.unit))?.factor ?? null
}

function lies(value: number, band: NumericKey): boolean {
  // Half a unit in the fifteenth figure: 0.1 + 0.2 lies at the end of a band that ends at 0.3.
  const slack = Math.abs(value) * 1e-12
  return 'min' in band
    ? value >= band.min - slack && value <= band.max + slack
    : Math.abs(value - band.value) <= band.tolerance + slack
}

function clozeShare(item: ClozeItem, texts: readonly string[]): number {
  if (!item.gaps.length || item.gaps.some((gap) => !gap.key.length)) return 0
  const right = item.gaps.filter((gap, index) => isAccepted(texts[index] ?? '', gap.key, item.rules)).length
  return ofParts(right, item.gaps.length, item.credit)
}

function pairsShare(
  key: readonly (readonly [number, number])[],
  given: readonly (readonly [number, number])[],
  credit: PartCredit | undefined,
): number {
  if (!key.length) return 0
  const right = key.filter(([a, b]) => {
    const own = given.filter(([part]) => part === a)
    return own.length === 1 && own[0]?.[1] === b
  }).length
  return ofParts(right, key.length, credit)
}

function ofParts(right: number, all: number, credit: PartCredit | undefined): number {
  return credit === 'all' ? Number(right === all) : right / all
}

/** `neighbours`: of n options there are n − 1 pairs side by side in the key; each that the response keeps earns its share. */
function orderShare(item: OrderItem, ids: readonly string[]): number {
  if (!item.key.length || new Set(ids).size < ids.length) return 0
  if (ids.join('\n') === item.key.join('\n')) return 1
  if (item.credit !== 'neighbours' || item.key.length < 2) return 0
  const kept = item.key
    .slice(1)
    .filter(
      (id, index) => ids.indexOf(id) === ids.indexOf(item.key[index] ?? '') + 1 && ids.includes(item.key[index] ?? ''),
    ).length
  return kept / (item.key.length - 1)
}

function sameIds(a: readonly string[], b: readonly string[]): boolean {
  const ids = new Set(a)
  return ids.size === b.length && b.every((id) => ids.has(id))
}
