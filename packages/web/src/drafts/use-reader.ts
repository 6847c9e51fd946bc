import { useCallback, useEffect, useMemo, useRef } from 'react'
import type { Answers, AskAnswer, AskRequest, Question, ReadAnswer, ReadRequest } from './reader.worker'

/** The reader, off the main thread. */
export interface Reader {
  readonly read: (request: ReadRequest) => void
  readonly ask: <What extends Question['what']>(question: Extract<Question, { what: What }>) => Promise<Answers[What]>
}

/** Starts the reader's worker; each reading comes to `answer`. */
export function useReader(answer: (answer: ReadAnswer) => void): Reader {
  const worker = useRef<Worker | null>(null)
  const latest = useRef(answer)
  const asked = useRef(new Map<number, (said: AskAnswer['said']) => void>())
  if (worker.current === null) {
    worker.current = new Worker(new URL('./reader.worker.ts', import.meta.url), { type: 'module' })
    worker.current.addEventListener('message', ({ data }: MessageEvent<ReadAnswer | AskAnswer>) => {
      if (!('ask' in data)) return latest.current(data)
      asked.current.get(data.ask)?.(data.said)
      asked.current.delete(data.ask)
    })
  }
  useEffect(() => {
    latest.current = answer
  })
  const count = useRef(0)
  const read = useCallback((request: ReadRequest) => worker.current?.postMessage(request), [])
  const ask = useCallback(
    (question: Question) =>
      new Promise<AskAnswer['said']>((resolve) => {
        const ask = ++count.current
        asked.current.set(ask, resolve)
        worker.current?.postMessage({ ask, question } satisfies AskRequest)
      }),
    [],
  )
  return useMemo(() => ({ read, ask: ask as Reader['ask'] }), [read, ask])
}
