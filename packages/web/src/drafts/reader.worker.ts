import { readDraft, rereadDraft, type DraftSource, type Item, type Reading, type ReadItem } from '@zakuska/core'

export interface ReadRequest {
  readonly version: number
  readonly source: DraftSource
}

/** An item as read; one that is as it was is named by its place in the answer before, so that it need not be sent again. */
export type SentItem = Omit<ReadItem, 'item'> & ({ readonly item: Item } | { readonly known: number })

export interface ReadAnswer {
  readonly version: number
  /** Counts the answers; a version may be answered twice, at once and then by a reading of the whole draft. */
  readonly answer: number
  /** The answer whose items `known` counts in; 0 where there was none. */
  readonly since: number
  readonly reading: Omit<Reading, 'items'> & { readonly items: readonly SentItem[] }
}

/** How long nobody may have typed before the whole draft is read. */
const QUIET_MS = 250

let answers = 0
let last: { readonly source: DraftSource; readonly reading: Reading } | null = null
let quiet: ReturnType<typeof setTimeout> | undefined

// Reading is off the main thread, so that typing never waits for it.
self.addEventListener('message', (event: MessageEvent<ReadRequest>) => {
  const { version, source } = event.data
  clearTimeout(quiet)
  const near = last && rereadDraft(last.source, last.reading, source)
  send(version, source, near ?? readDraft(source))
  if (near)
    quiet = setTimeout(() => {
      const whole = readDraft(source)
      if (JSON.stringify(whole) !== JSON.stringify(near)) send(version, source, whole)
    }, QUIET_MS)
})

function send(version: number, source: DraftSource, reading: Reading): void {
  // The reader gives the very same object for an item that is as it was.
  const places = new Map(last?.reading.items.map((read, index) => [read.item, index]))
  const items = reading.items.map((read): SentItem => {
    const known = places.get(read.item)
    if (known === undefined) return read
    const { item: _item, ...place } = read
    return { ...place, known }
  })
  const since = answers++
  self.postMessage({ version, answer: answers, since, reading: { ...reading, items } } satisfies ReadAnswer)
  last = { source, reading }
}
