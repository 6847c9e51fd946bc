import { featuresOf, type Feature, type FormatLimits, type Limit } from '../formats/limits.ts'
import type { KeptItem } from '../item/model.ts'

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

/** Compares an item with the limits of where it would go. Reads data only; nothing is changed. */
export function fitItem(item: KeptItem, limits: FormatLimits): Fit {
  const reasons = featuresOf(item)
    .flatMap((feature) => {
      const limit = limits[feature]
      return limit ? [{ ...limit, feature }] : []
    })
    .sort((a, b) => Number(b.verdict === 'cannot') - Number(a.verdict === 'cannot'))
  return { verdict: reasons[0]?.verdict ?? 'as-is', reasons }
}
