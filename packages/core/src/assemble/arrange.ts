import type { Item } from '../item/model.ts'
import { chanceOf, shuffled } from './chance.ts'

/** One place of a version: which item, and the order of its options by their ids; null where they keep their own. */
export interface Arranged {
  readonly at: number
  readonly optionOrder: readonly string[] | null
}

export interface ArrangeSettings {
  readonly seed: number
  readonly shuffleItems: boolean
  readonly shuffleOptions: boolean
}

/**
 * An arrangement of items by chance, the same for the same seed. Items are mixed within their sections, and a note
 * keeps its place; options are mixed where the item allows it (`shuffle`), and always where they are to be put in order.
 *
 * @param sections the section of each item; items of one section stand side by side.
 */
export function arrange(
  items: readonly Item[],
  sections: readonly (string | null)[],
  { seed, shuffleItems, shuffleOptions }: ArrangeSettings,
): Arranged[] {
  const chance = chanceOf(seed)
  const order = items.map((_item, at) => at)
  if (shuffleItems)
    for (const section of new Set(sections)) {
      const places = order.filter((at) => (sections[at] ?? null) === section && items[at]?.kind !== 'note')
      const mixed = shuffled(places, chance)
      places.forEach((place, index) => {
        order[place] = mixed[index] ?? place
      })
    }
  return order.map((at) => {
    const item = items[at]
    const mixes = item && 'options' in item && (item.kind === 'order' || (item.shuffle && shuffleOptions))
    return { at, optionOrder: mixes ? shuffled(item.options, chance).map((option) => option.id) : null }
  })
}

/** The item with its options in another order; ids that it does not have are passed over, those left out follow. */
export function withOptionOrder(item: Item, order: readonly string[] | null | undefined): Item {
  if (!order || !('options' in item)) return item
  const named = order.flatMap((id) => item.options.filter((option) => option.id === id))
  const options = [...named, ...item.options.filter((option) => !order.includes(option.id))]
  if (item.kind === 'order') return { ...item, options }
  // A multiple response keeps its key in the order of its options.
  return { ...item, options, key: options.flatMap((option) => (item.key.includes(option.id) ? [option.id] : [])) }
}

/** The item as a paper shows it: with the paper's points and order of options, mixed only where both allow it. */
export function inPaper(
  item: Item,
  entry: { readonly points: number; readonly optionOrder?: readonly string[] | null },
  shuffleOptions: boolean,
): Item {
  const own = withOptionOrder({ ...item, points: entry.points }, entry.optionOrder)
  return 'shuffle' in own ? { ...own, shuffle: own.shuffle && shuffleOptions } : own
}
