import { mark, type Mark } from '../marks.ts'
import type { ReadItem } from '../model.ts'

const FEWEST_ITEMS = 3
/** Below it more right items of drafts left out of the fit were marked than wrong ones found. */
const MOST_DOUBTFUL = 0.6

/**
 * Where it is doubtful of most items of a draft how they are read, its notation is not understood, and what looks sure
 * is so by chance: all others are doubtful with them, for one cause.
 */
export function doubtAsWhole(items: readonly ReadItem[]): ReadItem[] {
  const unsure = items.filter((read) => read.marks.some((one) => one.code === 'reading-unsure'))
  if (items.length < FEWEST_ITEMS || unsure.length < items.length * MOST_DOUBTFUL) return [...items]
  return items.map((read) =>
    read.marks.some((one) => one.severity !== 'told') ? read : { ...read, marks: [...read.marks, asTheOthers(read)] },
  )
}

function asTheOthers(read: ReadItem): Mark {
  return mark('reading-unsure', read, { why: 'most items of this draft are doubtful' }, { cause: 'most items' })
}
