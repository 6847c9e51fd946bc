import { readDraft, type DraftSource, type Reading } from '@zakuska/core'

export interface ReadRequest {
  readonly version: number
  readonly source: DraftSource
}

export interface ReadAnswer {
  readonly version: number
  readonly reading: Reading
}

// Reading is off the main thread, so that typing never waits for it.
self.addEventListener('message', (event: MessageEvent<ReadRequest>) => {
  const { version, source } = event.data
  self.postMessage({ version, reading: readDraft(source) } satisfies ReadAnswer)
})
