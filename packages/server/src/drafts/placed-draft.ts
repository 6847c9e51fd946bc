import { type DraftSource, type ItemPlace, placesOf, readDraft } from '@zakuska/core'

/** A draft as it is read, without its items: they are many, and only the desk shows them. */
export interface PlacedDraft {
  readonly title: string | null
  readonly places: readonly ItemPlace[]
  readonly troubleCount: number
}

export function placedDraft(source: DraftSource): PlacedDraft {
  const reading = readDraft(source)
  return {
    title: reading.title,
    places: placesOf(reading),
    troubleCount: reading.items.filter((item) => item.marks.some((mark) => mark.severity === 'trouble')).length,
  }
}
