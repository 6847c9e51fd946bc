import { hasKey, isEmptyContent, outlineOf, plainText, type Item, type Unread } from '@zakuska/core'

/** The outline of items that came from a format rather than from drafted text: they have no lines. */
export function itemsOutline(title: string | null, items: readonly Item[], unread: readonly Unread[]): object {
  const passages: { readonly id: string; readonly title: null; readonly text: string }[] = []
  const passageOf = ({ passage }: Item): { readonly passage?: string } => {
    if (isEmptyContent(passage)) return {}
    const text = plainText(passage ?? [])
    let known = passages.find((one) => one.text === text)
    if (!known) passages.push((known = { id: `p${passages.length + 1}`, title: null, text }))
    return { passage: known.id }
  }
  const changed = new Set(unread.map((one) => one.item))
  return {
    outline: 1,
    title,
    passages,
    items: items.map((item, index) => ({
      ...outlineOf(item),
      ...passageOf(item),
      flags: [...(hasKey(item) ? [] : ['key-missing']), ...(changed.has(index) ? ['not-held'] : [])],
      lines: [0, 0],
    })),
    notes: unread.map((one) => ({ code: 'not-read', line: 0, message: `${one.where}: ${one.reason}` })),
  }
}
