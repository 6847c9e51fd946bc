import type { Item } from '../item/model.ts'
import { isAnswered } from '../grade/response.ts'
import { choicesIn, type Attempt } from './scores.ts'

export const THIRDS = ['upper', 'middle', 'lower'] as const
export type Third = (typeof THIRDS)[number]

/** How many of each third took an option. */
export interface OptionCount {
  /** Of the option; `true` and `false` of true/false. */
  readonly id: string
  readonly isKey: boolean
  readonly upper: number
  readonly middle: number
  readonly lower: number
}

export interface OptionThirds {
  readonly options: readonly OptionCount[]
  readonly open: Readonly<Record<Third, number>>
  readonly sizes: Readonly<Record<Third, number>>
}

/** The third of each person by total. Where scores tie, the order of the list decides. */
export function thirdsOf(totals: ArrayLike<number>): Third[] {
  const places = Array.from(totals, (total, place) => ({ total, place })).sort((a, b) => b.total - a.total)
  const end = Math.round(places.length / 3)
  const thirds: Third[] = Array.from(places, () => 'middle')
  places.forEach(({ place }, rank) => {
    if (rank < end) thirds[place] = 'upper'
    else if (rank >= places.length - end) thirds[place] = 'lower'
  })
  return thirds
}

/** Null for items that have nothing to choose from. */
export function optionThirds(
  item: Item,
  attempts: readonly Attempt[],
  place: number,
  thirds: readonly Third[],
): OptionThirds | null {
  const key = keyOf(item)
  if (!key) return null
  const rows = new Map(key.map(({ id, isKey }) => [id, { id, isKey, upper: 0, middle: 0, lower: 0 }]))
  const open = { upper: 0, middle: 0, lower: 0 }
  const sizes = { upper: 0, middle: 0, lower: 0 }
  attempts.forEach(({ responses }, at) => {
    const third = thirds[at] ?? 'middle'
    const response = responses[place] ?? null
    sizes[third]++
    if (!response || !isAnswered(response)) open[third]++
    for (const id of choicesIn(response)) {
      const row = rows.get(id)
      if (row) row[third]++
    }
  })
  return { options: [...rows.values()], open, sizes }
}

function keyOf(item: Item): { readonly id: string; readonly isKey: boolean }[] | null {
  if (item.kind === 'single' || item.kind === 'multiple')
    return item.options.map(({ id }) => ({ id, isKey: item.key.includes(id) }))
  if (item.kind === 'truefalse')
    return [true, false].map((value) => ({ id: String(value), isKey: item.key[0] === value }))
  return null
}
