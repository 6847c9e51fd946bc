import { readDraft, type Item } from '@zakuska/core'

/** The items of a text that ask something: a note is none. It comes with the whole reader: to be loaded when there is something to read. */
export function itemsIn(text: string): Item[] {
  return readDraft({ text })
    .items.map(({ item }) => item)
    .filter(({ kind }) => kind !== 'note')
}

export { editsForItems } from '@zakuska/core'
