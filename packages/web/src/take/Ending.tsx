import { useEffect, useRef } from 'react'
import { Button } from '../parts/Button'
import { pointsText } from '../parts/item-words'
import type { Attempt } from './calls'

export function HandedIn({ attempt, again }: { readonly attempt: Attempt; readonly again: () => void }) {
  const toRead = attempt.items.reduce((sum, { told }) => sum + (told && told.points === null ? told.of : 0), 0)
  return (
    <div role="status" className="mt-2 border-l-4 border-dill bg-dill-wash px-3 py-2 text-base">
      <p>✓ Your answers were handed in.</p>
      {attempt.total !== null && (
        <p>
          <b>
            {Number(attempt.total.toFixed(2))} of {pointsText(attempt.possible)}
          </b>
          {toRead > 0 && `, and ${pointsText(toRead)} for your teacher to give`}
        </p>
      )}
      {attempt.total === null && attempt.tells === 'closed' && (
        <p>Points and feedback are told here when it is closed.</p>
      )}
      <Button tone="quiet" className="!px-0 underline" onClick={again}>
        Leave this page for somebody else
      </Button>
    </div>
  )
}

export function Ending({
  open,
  phase,
  isEnded,
  back,
  mode,
}: {
  readonly open: readonly number[] | null
  readonly phase: 'taking' | 'handing-in' | 'waiting'
  readonly isEnded: boolean
  readonly back: () => void
  readonly mode: Attempt['mode']
}) {
  const question = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (open !== null) question.current?.focus()
  }, [open])
  if (isEnded) return null
  if (phase === 'waiting')
    return (
      <p role="status" className="text-mustard-ink">
        ◐ There is no connection. Your answers are kept here, and are handed in by themselves when it is back. Leave
        this page open.
      </p>
    )
  if (open?.length)
    return (
      <div
        ref={question}
        tabIndex={-1}
        role="group"
        aria-label="Hand in with open questions"
        className="border-l-4 border-mustard pl-3 outline-offset-4"
      >
        <p>
          {open.length === 1 ? 'One question is' : `${open.length} questions are`} not answered:{' '}
          {open.map((at, place) => (
            <span key={at}>
              {place > 0 && ', '}
              <a className="underline" href={`#question-${at}`} onClick={back}>
                {at + 1}
              </a>
            </span>
          ))}
          .
        </p>
        <div className="flex gap-2 pt-2">
          <Button tone="lead" type="submit" disabled={phase === 'handing-in'}>
            Hand in all the same
          </Button>
          <Button onClick={back}>Go back to them</Button>
        </div>
      </div>
    )
  return (
    <Button tone="lead" type="submit" className="!px-5 !py-1.5 text-base" disabled={phase === 'handing-in'}>
      {phase === 'handing-in' ? 'Handing in …' : mode === 'practice' ? 'I am done' : 'Hand in'}
    </Button>
  )
}
