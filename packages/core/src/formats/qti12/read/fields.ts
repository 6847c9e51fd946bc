import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { child, descendants, elementsOf } from '../../xml/xml.ts'

/** What the metadata of an item or assessment says, by label in lower case. */
export type Fields = ReadonlyMap<string, string>

/** Metadata as `qtimetadatafield`, or as the elements `qmd_…` of their own that 1.x had first. */
export function fieldsOf(node: ElementNode): Fields {
  // Metadata stands beside the presentation and the processing, the two large parts of an item.
  const fields = new Map<string, string>()
  for (const place of elementsOf(node)) {
    if (!place.name.endsWith('metadata')) continue
    for (const one of elementsOf(place)) if (one.name.startsWith('qmd_')) fields.set(one.name, textOf(one).trim())
    for (const field of descendants(place, 'qtimetadatafield')) {
      const said = (name: string): string => textOf(child(field, name) ?? field).trim()
      fields.set(said('fieldlabel').toLowerCase(), said('fieldentry'))
    }
  }
  return fields
}

/** ISO 8601 durations of hours, minutes and seconds. */
export function secondsOf(node: ElementNode | undefined): number {
  const found = /^PT(?:(\d+)H)?(?:(\d+)M)?(?:(\d+(?:\.\d+)?)S)?$/.exec(node ? textOf(node).trim() : '')
  return found ? Number(found[1] ?? 0) * 3600 + Number(found[2] ?? 0) * 60 + Number(found[3] ?? 0) : 0
}
