import { readDraft, rereadDraft, type DraftSource, type Item, type Reading, type ReadItem } from '@zakuska/core'

export interface ReadRequest {
  readonly version: number
  readonly source: DraftSource
}

/** An item as read; one that is as it was is named by its place in the answer before, so that it need not be sent again. */
export type SentItem = Omit<ReadItem, 'item'> & ({ readonly item: Item } | { readonly known: number })

export interface ReadAnswer {
  readonly version: number
  /** Counts the answers: of versions that follow each other fast only the last is answered. */
  readonly answer: number
  /** The answer whose items `known` counts in; 0 where there was none. */
  readonly since: number
  readonly reading: Omit<Reading, 'items'> & { readonly items: readonly SentItem[] }
}

let answers = 0
let last: Reading | null = null
let asked: ReadRequest | null = null

// Reading is off the main thread, so that typing never waits for it. Requests that came in while the draft was read are
// there before the timer runs, so that only the last of them is read.
self.addEventListener('message', (event: MessageEvent<ReadRequest>) => {
  if (!asked) setTimeout(answer)
  asked = event.data
})

function answer(): void {
  if (!asked) return
  const { version, source } = asked
  asked = null
  send(version, last ? rereadDraft(last, source) : readDraft(source))
}

function send(version: number, reading: Reading): void {
  // The reader gives the very same object for an item that is as it was.
  const places = new Map(last?.items.map((read, index) => [read.item, index]))
  const items = reading.items.map((read): SentItem => {
    const known = places.get(read.item)
    if (known === undefined) return read
    const { item: _item, ...place } = read
    return { ...place, known }
  })
  const since = answers++
  self.postMessage({ version, answer: answers, since, reading: { ...reading, items } } satisfies ReadAnswer)
  last = reading
}
