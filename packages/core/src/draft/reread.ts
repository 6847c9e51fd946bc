import type { Item } from '../item/model.ts'
import type { DraftSource, ReadItem, Reading } from './model.ts'
import { readDraft } from './read-draft.ts'

/**
 * Reads a draft again after an edit: what `readDraft` says of it, with every item that is as it was the very same
 * object, so that a caller who shows it sees what changed. A draft is read as a whole, since one line more can change
 * what all others are; what was found about lines that stay is remembered.
 */
export function rereadDraft(before: Reading, now: DraftSource): Reading {
  const reading = readDraft(now)
  const gone = before.items.length - reading.items.length
  const other = reading.items.findIndex((read, at) => !isSame(read, before.items[at]))
  const first = other < 0 ? reading.items.length : other
  return {
    ...reading,
    items: reading.items.map((read, at) => asBefore(read, at < first ? before.items[at] : before.items[at + gone])),
  }
}

function isSame(read: ReadItem, before: ReadItem | undefined): boolean {
  return before !== undefined && printed(read.item) === printed(before.item)
}

/** Printed once each: an item that stays is compared after every key stroke. */
const prints = new WeakMap<Item, string>()

function printed(item: Item): string {
  const known = prints.get(item)
  if (known !== undefined) return known
  const print = JSON.stringify(item)
  prints.set(item, print)
  return print
}

function asBefore(read: ReadItem, before: ReadItem | undefined): ReadItem {
  return before && isSame(read, before) ? { ...read, item: before.item } : read
}
