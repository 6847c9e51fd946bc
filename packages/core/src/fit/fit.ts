import {
  featuresOf,
  measure,
  type Assets,
  type Feature,
  type FormatLimits,
  type Limit,
  type Measure,
} from '../formats/limits.ts'
import type { Item } from '../item/model.ts'

export type FitVerdict = 'as-is' | 'changes' | 'cannot'

export interface FitReason extends Limit {
  readonly feature: Feature
}

/** What would become of one item at a destination or in a format. */
export interface Fit {
  readonly verdict: FitVerdict
  /** Empty for `as-is`; what cannot stands before what changes. */
  readonly reasons: readonly FitReason[]
}

/**
 * Compares an item with the limits of where it would go. Reads data only; nothing is changed.
 *
 * @param assets the pictures at hand; where they are given, one that is not among them counts as missing.
 */
export function fitItem(item: Item, limits: FormatLimits, assets?: Assets): Fit {
  const own = new Set<Feature>(featuresOf(item, assets))
  const reasons = Object.entries(limits)
    .map(([feature, limit]): FitReason => ({ ...limit, feature: feature as Feature }))
    .filter(({ feature, over }) => (over === undefined ? own.has(feature) : measure(item, feature as Measure) > over))
    .sort((a, b) => Number(b.verdict === 'cannot') - Number(a.verdict === 'cannot'))
  return { verdict: reasons[0]?.verdict ?? 'as-is', reasons }
}
