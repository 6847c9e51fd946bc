import { isAnswered, plainText, responseText, type Item, type RubricLine, type Response } from '@zakuska/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Button, Kbd } from '../parts/Button'
import { Empty } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { RichText } from '../parts/RichText'
import { Fault } from '../parts/fields'
import { useSittingChanges, type SittingAttempt } from './queries'
import type { ViewProps } from './view-props'
import { points, stemLine } from './words'

/** What a person has to read: one item for everybody, by keyboard. */
export function ReadingView({ sitting, looked }: ViewProps) {
  const places = looked.bodies.flatMap((body, place) => (body.kind === 'essay' ? [place] : []))
  const [chosen, setChosen] = useState<number | null>(null)
  const waitingAt = (place: number): number => looked.analysis.figures.items[place]?.waiting ?? 0
  const place = chosen ?? places.find((one) => waitingAt(one) > 0) ?? places[0]
  const body = place === undefined ? undefined : looked.bodies[place]
  if (place === undefined || !body)
    return <Empty title="Nothing here is read by a person">Every item of this paper is graded by its key.</Empty>
  return (
    <div className="grid gap-x-8 gap-y-4 px-3 py-4 sm:px-[18px] lg:grid-cols-[280px_minmax(0,1fr)]">
      <nav aria-label="Items to read">
        <ul>
          {places.map((one) => (
            <li key={one}>
              <button
                type="button"
                aria-current={one === place}
                className={`w-full border-b border-line py-1.5 text-left ${one === place ? 'font-semibold' : ''}`}
                onClick={() => setChosen(one)}
              >
                {one + 1}. {looked.bodies[one] && stemLine(looked.bodies[one], 60)}
                <span className={`block text-xs ${waitingAt(one) ? 'text-mustard-ink' : 'text-dill'}`}>
                  {waitingAt(one) ? `◐ ${waitingAt(one)} to read` : '✓ all read'}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </nav>
      <Queue key={place} sitting={sitting} looked={looked} place={place} body={body} />
    </div>
  )
}

function Queue({ sitting, looked, place, body }: ViewProps & { readonly place: number; readonly body: Item }) {
  const answered = useMemo(
    () => looked.counted.filter(({ responses }) => responses[place] && isAnswered(responses[place])),
    [looked.counted, place],
  )
  const firstOpen = answered.findIndex(({ given }) => given[place] === undefined)
  const [at, setAt] = useState(Math.max(0, firstOpen))
  const [hidden, setHidden] = useState(false)
  const remarks = [...new Set(looked.counted.flatMap((attempt) => attempt.remarks[place] ?? []))]
  const attempt = answered[at]
  if (!attempt) return <Empty title="Nobody answered this item">There is nothing to read.</Empty>
  const left = answered.filter(({ given }) => given[place] === undefined).length
  const next = (): void => {
    // On to the next that waits, round the end.
    const order = [...answered.slice(at + 1), ...answered.slice(0, at + 1)]
    const waits = order.find((one) => one.given[place] === undefined && one.id !== attempt.id)
    setAt(waits ? answered.indexOf(waits) : Math.min(at + 1, answered.length - 1))
  }
  return (
    <section aria-label="Answers" className="max-w-3xl">
      <div className="font-text text-[16.5px]">
        <RichText content={body.stem} />
      </div>
      {body.kind === 'essay' && (Boolean(body.rubric?.length) || body.sample) && (
        <details className="pt-1 text-muted" open>
          <summary>What to look for</summary>
          {body.rubric?.map((one) => (
            <p key={one.says}>
              – {one.says} ({points(one.points)})
            </p>
          ))}
          {body.sample && <p className="font-text">Sample: {plainText(body.sample)}</p>}
        </details>
      )}
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 pt-3">
        <p role="status">
          {at + 1} of {answered.length} · {left ? `${left} to read` : 'all read'}
        </p>
        <label>
          <input
            type="checkbox"
            className="mr-1.5 accent-ink"
            checked={hidden}
            onChange={(event) => setHidden(event.target.checked)}
          />
          Names hidden
        </label>
        <span className="text-xs text-muted">
          <Kbd>Enter</Kbd> keeps and goes on · <Kbd>Page Up</Kbd> <Kbd>Page Down</Kbd> to the one before and after
        </span>
      </div>
      <Answer
        key={attempt.id}
        {...{ sitting, attempt, place, body, remarks, next }}
        name={hidden ? `Answer ${at + 1}` : attempt.student}
        step={(by) => setAt(Math.min(answered.length - 1, Math.max(0, at + by)))}
      />
    </section>
  )
}

function Answer({
  sitting,
  attempt,
  place,
  body,
  name,
  remarks,
  next,
  step,
}: {
  readonly sitting: ViewProps['sitting']
  readonly attempt: SittingAttempt
  readonly place: number
  readonly body: Item
  readonly name: string
  readonly remarks: readonly string[]
  readonly next: () => void
  readonly step: (by: number) => void
}) {
  const giving = useGiving(sitting.id, attempt, place, body.points)
  const [ticked, setTicked] = useState<ReadonlySet<number>>(new Set())
  const response = attempt.responses[place]
  const rubric = body.kind === 'essay' ? (body.rubric ?? []) : []
  const tick = (index: number, on: boolean): void => {
    const now = new Set([...ticked].filter((one) => one !== index))
    if (on) now.add(index)
    setTicked(now)
    giving.setTyped(points(Math.min(body.points, rubricPoints(rubric, now))))
  }
  return (
    <form
      className="mt-2 border border-line bg-sheet px-4 py-3"
      onKeyDown={(event) => {
        if (event.key !== 'PageDown' && event.key !== 'PageUp') return
        event.preventDefault()
        step(event.key === 'PageDown' ? 1 : -1)
      }}
      onSubmit={(event) => {
        event.preventDefault()
        giving.keep(next)
      }}
    >
      <h2 className="font-ui text-xs font-semibold text-muted">{name}</h2>
      <Answered response={response} body={body} />
      {rubric.length > 0 && <Rubric rubric={rubric} ticked={ticked} tick={tick} />}
      <PointsAndRemark giving={giving} most={body.points} place={place} remarks={remarks} />
      {giving.isWrong && (
        <p role="alert" className="pt-1 text-beet">
          ◆ From 0 to {counted(body.points, 'point', 'points')}.
        </p>
      )}
      <Fault error={giving.error} />
    </form>
  )
}

function Answered({ response, body }: { readonly response: Response | undefined | null; readonly body: Item }) {
  return (
    <p className="py-2 font-text text-[15.5px] leading-relaxed whitespace-pre-line" dir="auto">
      {response && responseText(body, response)}
    </p>
  )
}

function Rubric({
  rubric,
  ticked,
  tick,
}: {
  readonly rubric: readonly RubricLine[]
  readonly ticked: ReadonlySet<number>
  readonly tick: (index: number, on: boolean) => void
}) {
  return (
    <fieldset className="pb-2">
      <legend className="sr-only">Rubric</legend>
      {rubric.map((one, index) => (
        <label key={one.says} className="block">
          <input
            type="checkbox"
            className="mr-1.5 accent-ink"
            checked={ticked.has(index)}
            onChange={(event) => tick(index, event.target.checked)}
          />
          {one.says} <span className="text-muted">{points(one.points)}</span>
        </label>
      ))}
    </fieldset>
  )
}

function rubricPoints(rubric: readonly RubricLine[], ticked: ReadonlySet<number>): number {
  return [...ticked].reduce((sum, one) => sum + (rubric[one]?.points ?? 0), 0)
}

/** Points and a remark on their way to one answer. */
interface Giving {
  readonly typed: string
  readonly setTyped: (typed: string) => void
  readonly remark: string
  readonly setRemark: (remark: string) => void
  /** Not a number that the item can earn. */
  readonly isWrong: boolean
  readonly mayKeep: boolean
  readonly keep: (then: () => void) => void
  /** Takes back what was given; null where nothing was, or something is on its way. */
  readonly takeBack: (() => void) | null
  readonly isKnown: boolean
  readonly error: Error | null
}

function useGiving(sittingId: string, attempt: SittingAttempt, place: number, most: number): Giving {
  const { give } = useSittingChanges(sittingId)
  const known = attempt.given[place]
  const [typed, setTyped] = useState(known === undefined ? '' : String(known))
  const [remark, setRemark] = useState(attempt.remarks[place] ?? '')
  const value = typed.trim() === '' ? null : Number(typed.replace(',', '.'))
  const isWrong = value !== null && !(value >= 0 && value <= most)
  const send = (points: number | null, then: () => void): void =>
    give.mutate({ attemptId: attempt.id, item: place, points, remark }, { onSuccess: then })
  return {
    ...{ typed, setTyped, remark, setRemark, isWrong },
    mayKeep: !give.isPending && value !== null && !isWrong,
    keep: (then) => {
      if (value !== null && !isWrong) send(value, then)
    },
    takeBack: give.isPending ? null : () => send(null, () => setTyped('')),
    isKnown: known !== undefined,
    error: give.error,
  }
}

function PointsAndRemark({
  giving,
  most,
  place,
  remarks,
}: {
  readonly giving: Giving
  readonly most: number
  readonly place: number
  readonly remarks: readonly string[]
}) {
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => field.current?.focus(), [])
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label>
        Points, of {most}
        <input
          ref={field}
          inputMode="decimal"
          className="mt-0.5 block w-24 rounded-[3px] border border-edge bg-sheet px-2 py-1 text-base"
          value={giving.typed}
          aria-invalid={giving.isWrong}
          onChange={(event) => giving.setTyped(event.target.value)}
        />
      </label>
      <label className="min-w-48 flex-1">
        Remark to the person
        <input
          className="mt-0.5 block w-full rounded-[3px] border border-edge bg-sheet px-2 py-1 text-base"
          value={giving.remark}
          list={`remarks-${place}`}
          maxLength={2000}
          onChange={(event) => giving.setRemark(event.target.value)}
        />
        <datalist id={`remarks-${place}`}>
          {remarks.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      </label>
      <Button tone="lead" type="submit" disabled={!giving.mayKeep}>
        Keep and go on
      </Button>
      {giving.isKnown && (
        <Button tone="quiet" disabled={!giving.takeBack} onClick={giving.takeBack ?? undefined}>
          Take back
        </Button>
      )}
    </div>
  )
}
