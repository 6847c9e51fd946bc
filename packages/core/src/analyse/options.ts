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

/**
 * The third of each person by total. Who has the same total is in the same third, that of the middle of their places, so that
 * the order of a list decides nothing; the thirds are then not of one size.
 */
export function thirdsOf(totals: ArrayLike<number>): Third[] {
  const sorted = Array.from(totals).sort((a, b) => b - a)
  const count = sorted.length
  const end = Math.round(count / 3)
  const places = new Map<number, { first: number; last: number }>()
  sorted.forEach((total, rank) => places.set(total, { first: places.get(total)?.first ?? rank, last: rank }))
  return Array.from(totals, (total) => {
    const { first, last } = places.get(total) ?? { first: 0, last: 0 }
    const middle = (first + last) / 2
    return middle < end ? 'upper' : middle > count - 1 - end ? 'lower' : 'middle'
  })
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
