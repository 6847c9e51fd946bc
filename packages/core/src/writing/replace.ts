import type { DraftSource, ReadItem, Reading } from '../draft/model.ts'
import type { TextEdit } from '../draft/marks.ts'
import { readDraft } from '../draft/read-draft.ts'
import { tidyText } from '../draft/tidy.ts'
import { fingerprint } from '../item/fingerprint.ts'
import type { Item } from '../item/model.ts'

/**
 * Edits that put other items in the place of some of a draft. Each goes where the old one stood, in plain notation under
 * its number; where the draft would then be read otherwise, as where keys are listed at its end, all of it is tidied.
 *
 * @param instead By the place of the item in the reading.
 */
export function editsForItems(source: DraftSource, reading: Reading, instead: ReadonlyMap<number, Item>): TextEdit[] {
  const { text } = source
  const edits = [...instead].flatMap(([at, item]): TextEdit[] => {
    const read = reading.items[at]
    return read ? [{ from: read.from, to: read.to, insert: numbered(item, read) }] : []
  })
  const wanted = reading.items.map(({ item }, at) => instead.get(at) ?? item)
  if (isReadAs(applied(text, edits), wanted)) return edits
  return [{ from: 0, to: text.length, insert: tidyText(wanted, reading.title) }]
}

function numbered(item: Item, { number }: ReadItem): string {
  const tidy = tidyText([item]).trim()
  return number === null || number === undefined
    ? tidy.replace(/^\d+[.)]\s+/, '')
    : tidy.replace(/^\d+(?=[.)])/, String(number))
}

function applied(text: string, edits: readonly TextEdit[]): string {
  return [...edits]
    .sort((a, b) => b.from - a.from)
    .reduce((now, { from, to, insert }) => now.slice(0, from) + insert + now.slice(to), text)
}

function isReadAs(text: string, wanted: readonly Item[]): boolean {
  const { items } = readDraft({ text })
  return (
    items.length === wanted.length &&
    items.every(({ item }, at) => fingerprint(item) === fingerprint(wanted[at] as Item))
  )
}
