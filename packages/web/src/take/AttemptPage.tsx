import { useQuery } from '@tanstack/react-query'
import { isAnswered, isGraded, type Content, type Item, type Response } from '@zakuska/core'
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import { ApiProblem } from '../api/client'
import { AnswerFields, AnswerStem } from '../parts/AnswerFields'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { asKept, counted, pointsText } from '../parts/item-words'
import { PicturesFrom, RichText } from '../parts/RichText'
import { AnswerQueue, type QueueState } from './answer-queue'
import { takeCalls, type Attempt, type ShownItem } from './calls'
import { shelf } from './shelf'
import { canSpeak, speak } from './speak'
import { Sheet } from './TakePage'

/** One attempt, which its token opens: answered here, kept as it is given, handed in. */
export function AttemptPage({
  code,
  token,
  leave,
}: {
  readonly code: string
  readonly token: string
  readonly leave: () => void
}) {
  const calls = useMemo(() => takeCalls(code, token), [code, token])
  const first = useQuery({
    queryKey: ['take', code, token],
    queryFn: calls.attempt,
    retry: 2,
    staleTime: Infinity,
    refetchOnWindowFocus: false,
    // Until it is there: a lid that was closed, a network that is away.
    refetchInterval: ({ state }) => (state.status === 'error' ? RETRY_MS : false),
  })
  if (first.isPending) return <Waiting what="the paper" />
  if (first.isError) {
    const isUnknown = first.error instanceof ApiProblem && [401, 404].includes(first.error.status)
    return (
      <Sheet>
        {isUnknown ? (
          <>
            <Problem error={first.error} />
            <Button onClick={leave}>Begin anew</Button>
          </>
        ) : (
          <p role="status" className="text-mustard-ink">
            ◐ The paper cannot be reached. What you answered is kept in this browser; it is tried again by itself.
          </p>
        )}
      </Sheet>
    )
  }
  return <Taking code={code} token={token} first={first.data} calls={calls} leave={leave} />
}

const RETRY_MS = 5000

interface TakingProps {
  readonly code: string
  readonly token: string
  readonly first: Attempt
  readonly calls: ReturnType<typeof takeCalls>
  readonly leave: () => void
}

function Taking({ code, token, first, calls, leave }: TakingProps) {
  const [attempt, setAttempt] = useState(first)
  const queue = useMemo(
    () => new AnswerQueue({ name: `zakuska.answers.${token}`, storage: shelf, send: calls.save }),
    [calls, token],
  )
  const state = useSyncExternalStore(queue.subscribe, () => queue.state)
  const counters = useRef(new Map<number, number>())
  const [given, setGiven] = useState<ReadonlyMap<number, Response>>(
    () =>
      new Map(
        first.items.flatMap((item, at): [number, Response][] => {
          const response = queue.pendingAt(at)?.response ?? (item.response as Response | null)
          return response ? [[at, response]] : []
        }),
      ),
  )
  const [open, setOpen] = useState<readonly number[] | null>(null)
  const [phase, setPhase] = useState<'taking' | 'handing-in' | 'waiting'>('taking')
  const answer = (at: number, response: Response): void => {
    const n = Math.max(counters.current.get(at) ?? first.items[at]?.n ?? -1, queue.pendingAt(at)?.n ?? -1) + 1
    counters.current.set(at, n)
    setGiven((now) => new Map(now).set(at, response))
    queue.give(at, n, response)
  }
  const handIn = useCallback(async (): Promise<void> => {
    setPhase('handing-in')
    try {
      const done = await calls.handIn(queue.pending)
      queue.clear()
      setAttempt(done)
      setOpen(null)
      document.documentElement.scrollTop = 0
    } catch {
      setPhase('waiting')
    }
  }, [calls, queue])
  useComeBack(queue, phase === 'waiting' ? handIn : null)
  useEffect(() => {
    if (state.ended === null) return
    void calls.attempt().then(setAttempt, () => undefined)
  }, [calls, state.ended])
  const unanswered = attempt.items.flatMap((item, at) =>
    asKept(item.body).kind === 'note' || isGiven(given.get(at)) ? [] : [at],
  )
  return (
    <PicturesFrom.Provider value="/pictures/">
      <Sheet>
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <h1 className="text-2xl font-semibold">{attempt.title}</h1>
          <span className="text-muted">{attempt.student}</span>
        </div>
        {attempt.isHandedIn ? (
          <HandedIn attempt={attempt} again={leave} />
        ) : (
          <Status attempt={attempt} state={state} code={code} token={token} over={() => void handIn()} />
        )}
        {attempt.instructions && !attempt.isHandedIn && (
          <p className="pt-3 font-text text-[15px] whitespace-pre-line">{attempt.instructions}</p>
        )}
        <form
          className="pt-4"
          onSubmit={(event) => {
            event.preventDefault()
            if (unanswered.length && open === null) setOpen(unanswered)
            else void handIn()
          }}
        >
          <ol>
            {attempt.items.map((item, at) => (
              <Question
                key={at}
                {...{ item, at, attempt, calls }}
                response={given.get(at) ?? null}
                answer={(response) => answer(at, response)}
                n={() => Math.max(counters.current.get(at) ?? -1, item.n)}
                told={(next) =>
                  setAttempt((now) => ({ ...now, items: now.items.map((one, place) => (place === at ? next : one)) }))
                }
              />
            ))}
          </ol>
          {!attempt.isHandedIn && (
            <Ending
              {...{ open, phase, isEnded: state.ended !== null }}
              back={() => setOpen(null)}
              mode={attempt.mode}
            />
          )}
        </form>
      </Sheet>
    </PicturesFrom.Provider>
  )
}

/** When the network is back: what waits goes, and where somebody was handing in, that goes on. */
function useComeBack(queue: AnswerQueue, handIn: (() => Promise<void>) | null): void {
  useEffect(() => {
    const back = (): void => void (handIn ? handIn() : queue.flush())
    window.addEventListener('online', back)
    const timer = handIn ? setInterval(back, 5000) : undefined
    return () => {
      window.removeEventListener('online', back)
      clearInterval(timer)
    }
  }, [queue, handIn])
  useEffect(() => {
    const leaving = (): void => void queue.flush()
    document.addEventListener('visibilitychange', leaving)
    return () => document.removeEventListener('visibilitychange', leaving)
  }, [queue])
}

function isGiven(response: Response | undefined): boolean {
  return response !== undefined && isAnswered(response)
}

function Status({
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

function HandedIn({ attempt, again }: { readonly attempt: Attempt; readonly again: () => void }) {
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

interface QuestionProps {
  readonly item: ShownItem
  readonly at: number
  readonly attempt: Attempt
  readonly calls: ReturnType<typeof takeCalls>
  readonly response: Response | null
  readonly answer: (response: Response) => void
  readonly n: () => number
  readonly told: (item: ShownItem) => void
}

function Question({ item, at, attempt, calls, response, answer, n, told }: QuestionProps) {
  const body = asKept(item.body)
  const section =
    item.section !== null && item.section !== (attempt.items[at - 1]?.section ?? null)
      ? attempt.sections[item.section]
      : null
  const number = attempt.items.slice(0, at + 1).filter((one) => asKept(one.body).kind !== 'note').length
  const isPractice = attempt.mode === 'practice'
  const isSpent = attempt.tries !== null && item.tries >= attempt.tries
  const locked = attempt.isHandedIn || (isPractice && (item.solved || isSpent))
  const fields = { body, name: String(number), response, answer, locked }
  return (
    <li className="mb-7" id={`question-${at}`}>
      {section && (
        <div className="mb-3 border-b border-ink pb-1">
          <h2 className="text-[17px] font-semibold">{section.title}</h2>
          {section.instructions && <p className="font-text text-[15px] whitespace-pre-line">{section.instructions}</p>}
        </div>
      )}
      <fieldset lang={body.language}>
        <legend className="w-full font-text text-[16.5px] leading-[1.42]">
          <span className="flex items-baseline gap-3">
            {body.kind !== 'note' && <span className="font-semibold text-muted">{number}</span>}
            <span className="min-w-0 flex-1" dir="auto">
              {body.passage && <RichText content={body.passage} />}
              <AnswerStem {...fields} />
            </span>
            {body.kind !== 'note' && body.kind !== 'scale' && (
              <span className="shrink-0 font-ui text-xs text-muted">{pointsText(body.points)}</span>
            )}
          </span>
        </legend>
        <div className="pt-1.5 font-text text-[15px] sm:pl-7" dir="auto">
          <AnswerFields {...fields} />
        </div>
      </fieldset>
      <div className="flex flex-wrap items-center gap-2 pt-1.5 font-ui sm:pl-7">
        {isPractice && isGraded(body.kind) && !attempt.isHandedIn && (
          <Practice {...{ item, at, body, calls, response, n, told, locked }} most={attempt.tries} />
        )}
        {canSpeak() && (
          <Button
            tone="quiet"
            className="!px-1.5 text-xs text-muted"
            aria-label={`Read question ${number} aloud`}
            onClick={() => speak(body)}
          >
            Read aloud
          </Button>
        )}
      </div>
      <Told item={item} body={body} />
    </li>
  )
}

interface PracticeProps extends Pick<QuestionProps, 'item' | 'at' | 'calls' | 'response' | 'n' | 'told'> {
  readonly body: Item
  readonly most: number | null
  readonly locked: boolean
}

function Practice({ item, at, calls, response, n, told, most, locked }: PracticeProps) {
  const [error, setError] = useState<string | null>(null)
  const [isBusy, setIsBusy] = useState(false)
  const [wasWrong, setWasWrong] = useState(item.tries > 0 && !item.solved)
  const run = async (call: () => Promise<ShownItem>): Promise<ShownItem | null> => {
    setIsBusy(true)
    setError(null)
    try {
      const next = await call()
      told(next)
      return next
    } catch (reason) {
      setError(reason instanceof Error ? reason.message : 'It could not be checked. Try it again.')
      return null
    } finally {
      setIsBusy(false)
    }
  }
  const check = async (): Promise<void> => {
    if (!response) return
    const next = await run(() => calls.check({ at, n: n(), response }))
    setWasWrong(next !== null && !next.solved)
  }
  return (
    <>
      {!locked && (
        <Button disabled={isBusy || !response || !isAnswered(response)} onClick={() => void check()}>
          {item.tries ? 'Check again' : 'Check'}
        </Button>
      )}
      {!locked && item.hints.length < item.hintCount && (
        <Button disabled={isBusy} onClick={() => void run(() => calls.hint(at))}>
          {item.hints.length ? 'One more hint' : 'A hint'}
        </Button>
      )}
      <span role="status">
        {item.solved ? (
          <span className="text-dill">✓ Right{item.tries > 1 && ` at the ${ordinal(item.tries)} try`}.</span>
        ) : wasWrong ? (
          <span className="text-beet">
            ◆ Not right
            {most === null
              ? ': try again.'
              : most > item.tries
                ? `: ${counted(most - item.tries, 'try', 'tries')} left.`
                : '.'}
          </span>
        ) : null}
      </span>
      {error && (
        <span role="alert" className="text-beet">
          ◆ {error}
        </span>
      )}
    </>
  )
}

function ordinal(count: number): string {
  return ['', 'first', 'second', 'third'][count] ?? `${count}th`
}

/** Hints that were asked for, what counts as the same, and what may be told afterwards. */
function Told({ item, body }: { readonly item: ShownItem; readonly body: Item }) {
  const { told, hints, same } = item
  const isWhole = told !== null && told.points === told.of
  return (
    <div className="sm:pl-7">
      {hints.map((hint, at) => (
        <div key={at} className="mt-1 border-l-2 border-mustard pl-2 font-text text-[14.5px]">
          <span className="font-ui text-xs text-muted">Hint {at + 1} </span>
          <RichText content={hint as unknown as Content} />
        </div>
      ))}
      {(told !== null || item.tries > 0) && same.length > 0 && (
        <p className="pt-1 text-xs text-muted">What counts as the same: {same.join('; ')}.</p>
      )}
      {told && isGraded(body.kind) && (
        <p className={`pt-1 ${isWhole ? 'text-dill' : 'text-beet'}`}>
          {isWhole ? '✓' : '◆'} {Number((told.points ?? 0).toFixed(2))} of {pointsText(told.of)}
          {!isWhole && told.key && <span className="text-ink"> · right: {told.key}</span>}
        </p>
      )}
      {told && body.kind === 'essay' && (
        <p className="pt-1 text-mustard-ink">
          {told.points === null ? '◐ Your teacher reads this.' : `${told.points} of ${pointsText(told.of)}`}
        </p>
      )}
      {told?.feedback && (
        <div className="pt-1 font-text text-[14.5px] text-muted">
          <RichText content={told.feedback as unknown as Content} />
        </div>
      )}
      {told?.remark && <p className="pt-1">Your teacher: {told.remark}</p>}
    </div>
  )
}

function Ending({
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
