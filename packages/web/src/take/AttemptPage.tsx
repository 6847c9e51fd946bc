import { useQuery } from '@tanstack/react-query'
import { isAnswered, type Response } from '@zakuska/core'
import {
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type RefObject,
  type Dispatch,
  type SetStateAction,
} from 'react'
import { ApiProblem } from '../api/client'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { PicturesFrom } from '../parts/RichText'
import { AnswerQueue } from './answer-queue'
import { type Attempt, takeCalls } from './calls'
import { shelf } from './shelf'
import { Sheet } from './Sheet'
import { Status } from './Status'
import { Question } from './Question'
import { Ending, HandedIn } from './Ending'
import { useComeBack } from './use-come-back'

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

/** An attempt under way: what is answered, what is kept, and whether it is being handed in. */
function useTaking({ token, first, calls }: Pick<TakingProps, 'token' | 'first' | 'calls'>) {
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
          const response = queue.pendingAt(at)?.response ?? item.response
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
  return { attempt, setAttempt, state, counters, given, answer, open, setOpen, phase, handIn }
}

function Taking({ code, token, first, calls, leave }: TakingProps) {
  const { attempt, setAttempt, state, counters, given, answer, open, setOpen, phase, handIn } = useTaking({
    token,
    first,
    calls,
  })
  const unanswered = unansweredIn(attempt, given)
  return (
    <PicturesFrom.Provider value="/pictures/">
      <Sheet>
        <AttemptHead attempt={attempt} />
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
          <Items
            attempt={attempt}
            calls={calls}
            given={given}
            answer={answer}
            counters={counters}
            setAttempt={setAttempt}
          />
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

function unansweredIn(attempt: Attempt, given: ReadonlyMap<number, Response>): number[] {
  return attempt.items.flatMap((item, at) => (item.body.kind === 'note' || isGiven(given.get(at)) ? [] : [at]))
}

function AttemptHead({ attempt }: { readonly attempt: Attempt }) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1 className="text-2xl font-semibold">{attempt.title}</h1>
      <span className="text-muted">{attempt.student}</span>
    </div>
  )
}

function Items({
  attempt,
  calls,
  given,
  answer,
  counters,
  setAttempt,
}: {
  readonly attempt: Attempt
  readonly calls: TakingProps['calls']
  readonly given: ReadonlyMap<number, Response>
  readonly answer: (at: number, response: Response) => void
  readonly counters: RefObject<Map<number, number>>
  readonly setAttempt: Dispatch<SetStateAction<Attempt>>
}) {
  return (
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
  )
}

function isGiven(response: Response | undefined): boolean {
  return response !== undefined && isAnswered(response)
}
