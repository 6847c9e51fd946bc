import type { Facts } from '../facts/facts.ts'

/** A picture below an item is never a title or a remark: it belongs to the item. */
export function isPicture(facts: Facts): boolean {
  return facts.flags.has('picture') && /^\[image: [^\]]*\]$/.test(facts.unit.text)
}

export function isTitleLike({ flags, words, unit }: Facts): boolean {
  // The head of a table names its columns.
  const isRow = unit.text.trim().startsWith('|')
  return !isRow && !flags.has('identity') && !flags.has('chatter') && !flags.has('rule') && words <= 14
}
