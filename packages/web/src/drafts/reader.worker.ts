import { readDraft, type DraftSource, type Item, type Reading, type ReadItem } from '@zakuska/core'

export interface ReadRequest {
  readonly version: number
  readonly source: DraftSource
}

/** An item as read; one that is as it was is named by its place in the answer before, so that it need not be sent again. */
export type SentItem = Omit<ReadItem, 'item'> & ({ readonly item: Item } | { readonly known: number })

export interface ReadAnswer {
  readonly version: number
  /** The version whose items `known` counts in; 0 where there was none. */
  readonly since: number
  readonly reading: Omit<Reading, 'items'> & { readonly items: readonly SentItem[] }
}

let sent: { readonly version: number; readonly places: ReadonlyMap<Item, number> } = { version: 0, places: new Map() }

// Reading is off the main thread, so that typing never waits for it.
self.addEventListener('message', (event: MessageEvent<ReadRequest>) => {
  const { version, source } = event.data
  const reading = readDraft(source)
  const items = reading.items.map((read): SentItem => {
    const known = sent.places.get(read.item)
    if (known === undefined) return read
    const { item: _item, ...place } = read
    return { ...place, known }
  })
  self.postMessage({ version, since: sent.version, reading: { ...reading, items } } satisfies ReadAnswer)
  // The reader gives the very same object for an item that is as it was.
  sent = { version, places: new Map(reading.items.map((read, index) => [read.item, index])) }
})
