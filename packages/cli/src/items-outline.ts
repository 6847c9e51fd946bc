import { hasKey, outlineOf, type Item, type Unread } from '@zakuska/core'

/** The outline of items that came from a format rather than from drafted text: they have no lines. */
export function itemsOutline(title: string | null, items: readonly Item[], unread: readonly Unread[]): unknown {
  return {
    outline: 1,
    title,
    passages: [],
    items: items.map((item) => ({
      ...outlineOf(item),
      flags: hasKey(item) ? [] : ['key-missing'],
      lines: [0, 0],
    })),
    notes: unread.map((one) => ({ code: 'not-read', line: 0, message: `${one.where}: ${one.reason}` })),
  }
}
