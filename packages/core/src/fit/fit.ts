import {
  featuresOf,
  measure,
  type Assets,
  type Feature,
  type FormatLimits,
  type Limit,
  type Measure,
} from './limits.ts'
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
  const own = featuresOf(item, assets)
  const reasons = reasonsOf(limits).filter(({ feature, over }) =>
    over === undefined ? own.includes(feature) : measure(item, feature as Measure) > over,
  )
  const cannot = reasons.filter((reason) => reason.verdict === 'cannot')
  const changes = reasons.filter((reason) => reason.verdict === 'changes')
  return { verdict: cannot.length ? 'cannot' : changes.length ? 'changes' : 'as-is', reasons: [...cannot, ...changes] }
}

const known = new WeakMap<FormatLimits, readonly FitReason[]>()

/** The limits as a list; they are data that never changes, and every item is compared with them. */
function reasonsOf(limits: FormatLimits): readonly FitReason[] {
  let reasons = known.get(limits)
  if (!reasons) {
    reasons = Object.entries(limits).map(([feature, limit]): FitReason => ({ ...limit, feature: feature as Feature }))
    known.set(limits, reasons)
  }
  return reasons
}
