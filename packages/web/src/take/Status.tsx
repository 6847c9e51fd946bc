import { useEffect, useRef, useState } from 'react'
import { counted } from '../parts/item-words'
import type { QueueState } from './answer-queue'
import type { Attempt } from './calls'

export function Status({
  attempt,
  state,
  code,
  token,
  over,
}: {
  readonly attempt: Attempt
  readonly state: QueueState
  readonly code: string
  readonly token: string
  readonly over: () => void
}) {
  return (
    <div className="sticky top-0 z-10 -mx-4 border-b border-line bg-sheet px-4 py-1.5 sm:-mx-12 sm:px-12">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <p role="status">
          {state.ended !== null ? (
            <span className="text-beet">◆ {state.ended}</span>
          ) : state.isCutOff && state.waiting ? (
            <span className="text-mustard-ink">
              ◐ No connection: {counted(state.waiting, 'answer is', 'answers are')} kept in this browser and sent when
              it is back.
            </span>
          ) : state.waiting ? (
            <span className="text-muted">Keeping …</span>
          ) : (
            <span className="text-dill">✓ Every answer is kept.</span>
          )}
        </p>
        {attempt.secondsLeft !== null && <TimeLeft seconds={attempt.secondsLeft} over={over} />}
      </div>
      <details className="text-xs text-muted">
        <summary>Going on on another device</summary>
        <p className="pt-1">
          Open {window.location.host}/take/{code} there, choose “I have begun on another device”, and type{' '}
          <b className="font-mono text-ink">{token}</b>. Keep it to yourself: it opens your answers.
        </p>
      </details>
    </div>
  )
}

function TimeLeft({ seconds, over }: { readonly seconds: number; readonly over: () => void }) {
  const [end] = useState(() => Date.now() + seconds * 1000)
  const [left, setLeft] = useState(seconds)
  useEffect(() => {
    const timer = setInterval(() => setLeft(Math.max(0, Math.round((end - Date.now()) / 1000))), 500)
    return () => clearInterval(timer)
  }, [end])
  const isOver = left === 0
  const latest = useRef(over)
  useEffect(() => {
    latest.current = over
  })
  useEffect(() => {
    if (isOver) latest.current()
  }, [isOver])
  return (
    <p role="timer" className={`tabular-nums ${left < 60 ? 'font-semibold text-beet' : 'text-muted'}`}>
      {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')} left
    </p>
  )
}
