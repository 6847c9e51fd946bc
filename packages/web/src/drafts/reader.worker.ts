import {
  notationOf,
  notationsFor,
  readDraft,
  rereadDraft,
  type DraftSource,
  type Item,
  type Notation,
  type Reading,
  type ReadItem,
} from '@zakuska/core'
import { outcomeOf, type Outcome } from './teaching/what-follows'

export interface ReadRequest {
  readonly version: number
  readonly source: DraftSource
}

/** What the desk wants to know besides how the draft is read. */
export type Question =
  /** What would come out of each of these? */
  | { readonly what: 'outcomes'; readonly sources: readonly DraftSource[] }
  /** Which of these are about lines that the draft has? */
  | { readonly what: 'fitting'; readonly source: DraftSource; readonly notations: readonly Notation[] }
  /** What was taught, as a notation? */
  | { readonly what: 'notation'; readonly source: DraftSource; readonly name: string }

export interface Answers {
  readonly outcomes: readonly Outcome[]
  readonly notation: Notation
  readonly fitting: readonly Notation[]
}

export interface AskRequest {
  readonly ask: number
  readonly question: Question
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

export interface AskAnswer {
  readonly ask: number
  readonly said: Answers[keyof Answers]
}

let answers = 0
let last: Reading | null = null
let asked: ReadRequest | null = null

// Reading is off the main thread, so that typing never waits for it. Requests that came in while the draft was read are
// there before the timer runs, so that only the last of them is read.
self.addEventListener('message', (event: MessageEvent<ReadRequest | AskRequest>) => {
  const { data } = event
  if ('ask' in data) {
    self.postMessage({ ask: data.ask, said: said(data.question) } satisfies AskAnswer)
    return
  }
  if (!asked) setTimeout(answer)
  asked = data
})

function said(question: Question): Answers[keyof Answers] {
  switch (question.what) {
    case 'outcomes':
      return question.sources.map((source) => outcomeOf(readDraft(source)))
    case 'fitting':
      return notationsFor(question.source, question.notations)
    case 'notation':
      return notationOf(question.source, question.name)
  }
}

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
