import type { Item, SingleItem } from '../item/model.ts'
import { placed } from './review-set.ts'

/** An item whose options stand in another order after rebalancing. */
export interface Rebalanced {
  /** Its place in the set, from 0. */
  readonly at: number
  readonly item: SingleItem
  readonly from: number
  readonly to: number
}

/**
 * Moves keys so that every place has about as many, by swapping the key with the option that stands where it should be.
 * Items that keep their order (`shuffle: false`) are not touched, but counted. Among the places that are short of keys,
 * one is taken by the item's place in a fixed sequence, so that no pattern follows and the same set gives the same result.
 */
export function rebalanceKeys(items: readonly Item[]): Rebalanced[] {
  const all = placed(items)
  const moved: Rebalanced[] = []
  for (const size of new Set(all.map((one) => one.item.options.length))) {
    const group = all.filter((one) => one.item.options.length === size)
    const counts: number[] = Array.from({ length: size }, () => 0)
    for (const one of group) if (!one.item.shuffle) counts[one.place] = (counts[one.place] ?? 0) + 1
    const free = group.filter((one) => one.item.shuffle)
    for (const one of inFixedChance(free)) {
      const least = Math.min(...counts)
      const open = counts.flatMap((count, place) => (count === least ? [place] : []))
      // Who stands at a place that is short of keys stays there.
      const to = open.includes(one.place) ? one.place : (open[hash(one.at) % open.length] ?? one.place)
      counts[to] = (counts[to] ?? 0) + 1
      if (to !== one.place) moved.push({ at: one.at, item: swapped(one.item, one.place, to), from: one.place, to })
    }
  }
  return moved.sort((a, b) => a.at - b.at)
}

function inFixedChance<Entry extends { readonly at: number }>(entries: readonly Entry[]): Entry[] {
  return [...entries].sort((a, b) => hash(a.at) - hash(b.at))
}

/** A whole number that follows from the place, without a pattern that shows. */
function hash(at: number): number {
  let state = Math.imul(at + 1, 0x9e3779b1)
  state = Math.imul(state ^ (state >>> 15), 0x85ebca77)
  return (state ^ (state >>> 13)) >>> 0
}

function swapped(item: SingleItem, from: number, to: number): SingleItem {
  const options = [...item.options]
  const [a, b] = [options[from], options[to]]
  if (a && b) [options[from], options[to]] = [b, a]
  return { ...item, options }
}
