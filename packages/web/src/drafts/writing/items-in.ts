import { readDraft, type Item } from '@zakuska/core'

/** The items of a text. It comes with the whole reader: to be loaded when there is something to read. */
export function itemsIn(text: string): Item[] {
  return readDraft({ text }).items.map(({ item }) => item)
}

export { editsForItems } from '@zakuska/core'
