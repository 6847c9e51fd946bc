import { counted } from '../../parts/item-words'
import type { Following } from './what-follows'

/** What follows, in a sentence or two. */
export function followingWords({ alike, others, items, undecided, holds }: Following): string {
  if (!holds) return 'It cannot be that here.'
  const lines = [
    ...(alike.length ? [`${counted(alike.length, 'more line is', 'more lines are')} read the same way`] : []),
    ...(others.length ? [`${counted(others.length, 'other line changes', 'other lines change')}`] : []),
  ]
  const [before, after] = items
  const count =
    before === after
      ? `${counted(after, 'item', 'items')} as before`
      : `${counted(after, 'item', 'items')} instead of ${before}`
  const decide = undecided[0] === undecided[1] ? [] : [`${undecided[1]} to decide instead of ${undecided[0]}`]
  return `${[...(lines.length ? lines : ['No other line changes']), count, ...decide].join('; ')}.`
}
