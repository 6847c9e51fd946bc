import type { Item, ItemKind } from '../item/model.ts'
import { readText } from '../review/readability.ts'

/** Seconds to answer once the text is read (common practice: half a minute to judge, a minute to choose, more to work out). */
const SECONDS: Readonly<Record<ItemKind, number>> = {
  single: 40,
  multiple: 60,
  truefalse: 20,
  short: 45,
  numeric: 75,
  cloze: 20,
  match: 15,
  order: 15,
  grid: 15,
  scale: 10,
  essay: 480,
  note: 0,
}
/** Words read in a minute when every one counts (common practice). */
const WORDS_PER_MINUTE = 150

/** Seconds that a student is likely to need for an item: its own time limit, else reading and answering. */
export function expectedSeconds(item: Item): number {
  if (item.timeLimit !== undefined) return item.timeLimit
  const words = readText(item).match(/[\p{L}\p{N}]+/gu)?.length ?? 0
  return Math.round((words / WORDS_PER_MINUTE) * 60 + SECONDS[item.kind] * parts(item))
}

function parts(item: Item): number {
  switch (item.kind) {
    case 'cloze':
      return item.gaps.length
    case 'match':
      return item.left.length
    case 'order':
      return item.options.length
    case 'grid':
      return item.rows.length
    default:
      return 1
  }
}
