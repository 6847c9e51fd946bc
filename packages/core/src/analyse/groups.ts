import type { Item } from '../item/model.ts'
import { counts, type PaperFigures, type ScoreSettings } from './scores.ts'

/** How a group of items went: those of an outcome, or with a tag. */
export interface GroupFigures {
  readonly name: string
  readonly items: readonly number[]
  /** Points possible for one person. */
  readonly possible: number
  /** Share of them that was earned, everyone counted, in `[0, 1]`. */
  readonly share: number
}

export function byOutcome(items: readonly Item[], figures: PaperFigures, settings: ScoreSettings = {}): GroupFigures[] {
  return grouped(items, figures, settings, ({ outcome }) => (outcome ? [outcome] : []))
}

export function byTag(items: readonly Item[], figures: PaperFigures, settings: ScoreSettings = {}): GroupFigures[] {
  return grouped(items, figures, settings, ({ tags }) => tags)
}

function grouped(
  items: readonly Item[],
  figures: PaperFigures,
  settings: ScoreSettings,
  namesOf: (item: Item) => readonly string[],
): GroupFigures[] {
  const groups = new Map<string, number[]>()
  items.forEach((item, place) => {
    if (!counts(item, place, settings) || item.points === 0) return
    for (const name of new Set(namesOf(item))) groups.set(name, [...(groups.get(name) ?? []), place])
  })
  return [...groups].map(([name, places]) => {
    const possible = places.reduce((sum, place) => sum + (items[place]?.points ?? 0), 0)
    const earned = places.reduce(
      (sum, place) => sum + (figures.items[place]?.shareRight ?? 0) * (items[place]?.points ?? 0),
      0,
    )
    return { name, items: places, possible, share: possible ? earned / possible : 0 }
  })
}
