import { plainText } from '../content/plain.ts'
import type { Item, SingleItem } from '../item/model.ts'
import { answersAnother } from './checks/answers-another.ts'
import { standsOut } from './checks/options.ts'
import { atLeast, chiSquareTail } from './chance.ts'
import { finding, type Finding, type ReviewSettings } from './finding.ts'
import { letter } from './letter.ts'
import { nearDuplicates } from './near-duplicates.ts'
import { reviewItem } from './review-item.ts'

/** Fewer say nothing about a habit. */
const MIN_ITEMS = 6
/** How seldom chance alone would do it before it is called a habit. */
const SELDOM = 0.02

/** What the checks say of each item, and of all together: findings of single items first, in the order of the items. */
export function reviewSet(items: readonly Item[], settings: ReviewSettings = {}): Finding[] {
  const own = items.flatMap((item, index) =>
    reviewItem(item, settings).map((one) => ({ ...one, items: [index] as readonly number[] })),
  )
  const together = [
    ...keyPosition(items),
    ...truthBalance(items),
    ...longestTooOften(items),
    ...answersAnother(items),
    ...nearDuplicates(items).map(({ first, second }) =>
      finding('near-duplicate', [first, second], `Items ${first + 1} and ${second + 1} are nearly the same.`),
    ),
  ]
  return [...own, ...together.filter((one) => !settings.off?.includes(one.code))]
}

/** Single-choice items that show where their key stands, by their place in the list. */
export function placed(
  items: readonly Item[],
): { readonly at: number; readonly item: SingleItem; readonly place: number }[] {
  return items.flatMap((item, at) => {
    if (item.kind !== 'single' || item.key.length !== 1) return []
    return [{ at, item, place: item.options.findIndex((option) => option.id === item.key[0]) }]
  })
}

/** Chi-square of the places against even ones, items of each number of options apart. */
function keyPosition(items: readonly Item[]): Finding[] {
  const all = placed(items)
  return [...new Set(all.map((one) => one.item.options.length))].sort().flatMap((size) => {
    const group = all.filter((one) => one.item.options.length === size)
    if (group.length < MIN_ITEMS || size < 2) return []
    const counts = Array.from({ length: size }, (_none, place) => group.filter((one) => one.place === place).length)
    const even = group.length / size
    const chi = counts.reduce((sum, count) => sum + (count - even) ** 2 / even, 0)
    if (chiSquareTail(chi, size - 1) >= SELDOM) return []
    const most = counts.indexOf(Math.max(...counts))
    const says = `Of ${group.length} items with ${size} options, ${counts[most]} have their key at ${letter(most)}.`
    return [
      finding(
        'key-position',
        group.map((one) => one.at),
        says,
      ),
    ]
  })
}

/** Both ways round: true in all but few, or in few. */
function truthBalance(items: readonly Item[]): Finding[] {
  const judged = items.flatMap((item, at) =>
    item.kind === 'truefalse' && item.key.length ? [{ at, truth: item.key[0] === true }] : [],
  )
  const right = judged.filter((one) => one.truth).length
  const extreme = Math.max(right, judged.length - right)
  if (judged.length < 4 || atLeast(extreme, judged.length, 0.5) * 2 >= (judged.length < MIN_ITEMS ? 0.15 : 0.08))
    return []
  const says = `Of ${judged.length} statements, ${right} are true.`
  return [
    finding(
      'truth-balance',
      judged.map((one) => one.at),
      says,
    ),
  ]
}

/** The key is the longest option more often than chance puts it there. */
function longestTooOften(items: readonly Item[]): Finding[] {
  const group = placed(items).filter(({ item }) => item.options.length >= 3)
  const longest = group.filter(({ item, place }) => {
    const lengths = item.options.map((option) => plainText(option.content).length)
    return lengths.every((length, index) => index === place || length < (lengths[place] ?? 0))
  })
  if (group.length < MIN_ITEMS) return []
  const chance = group.reduce((sum, { item }) => sum + 1 / item.options.length, 0) / group.length
  const plain = longest.filter(({ item }) => standsOut(item) !== null)
  if (atLeast(longest.length, group.length, chance) >= SELDOM || plain.length === 0) return []
  const says = `In ${longest.length} of ${group.length} items the key is the longest option.`
  return [
    finding(
      'longest-too-often',
      longest.map((one) => one.at),
      says,
    ),
  ]
}
