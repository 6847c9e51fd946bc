import { checkItem, type Item, type ReadResult } from '@zakuska/core'

interface ItemsFile {
  readonly zakuska: 1
  readonly title: string | null
  readonly items: readonly Item[]
}

/** Our own JSON: `{ "zakuska": 1, "title": …, "items": [ … ] }`. */
export function writeItemsJson(items: readonly Item[], title: string | null): string {
  const file: ItemsFile = { zakuska: 1, title, items }
  return `${JSON.stringify(file, null, 2)}\n`
}

/** Items of our own JSON; what is wrong with one is said of it alone. Null: the text is something else. */
export function readItemsJson(text: string): ReadResult | null {
  if (!text.trimStart().startsWith('{')) return null
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
    return null
  }
  if (
    typeof data !== 'object' ||
    data === null ||
    !('zakuska' in data) ||
    !('items' in data) ||
    !Array.isArray(data.items)
  )
    return null
  const read = data.items.map((item: unknown, index) => ({ item, index, problem: checkItem(item)[0] }))
  return {
    title: 'title' in data && typeof data.title === 'string' ? data.title : null,
    items: read.filter((one) => !one.problem).map((one) => one.item as Item),
    unread: read
      .filter((one) => one.problem)
      .map((one) => ({
        where: `item ${one.index + 1}`,
        reason: `${one.problem?.path ?? ''} ${one.problem?.message ?? ''}`,
        source: JSON.stringify(one.item),
      })),
  }
}
