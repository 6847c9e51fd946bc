import { arrange, isAnswered, isGraded, pointsEarned, withOptionOrder, type Item, type Response } from '@zakuska/core'
import { useEffect, useMemo, useState, type Dispatch, type SetStateAction } from 'react'
import { Link, useParams } from 'react-router'
import { Head } from '../parts/Head'
import { AnswerFields, AnswerStem } from '../parts/AnswerFields'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { pointsText } from '../parts/item-words'
import { RichText } from '../parts/RichText'
import { usePaper, type Paper } from './queries'

/** The paper as a student sees it, answered and graded here, by core; nothing is kept. */
export function TakePage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  if (paper.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  return <Take key={paper.data.version} paper={paper.data} />
}

interface Taken {
  readonly body: Item
  readonly required: boolean
  /** The section that begins with it. */
  readonly section: Paper['sections'][number] | null
}

function Take({ paper }: { readonly paper: Paper }) {
  const [sitting, setSitting] = useState(0)
  const taken = useMemo(() => arranged(paper, sitting), [paper, sitting])
  const [responses, setResponses] = useState<readonly (Response | null)[]>([])
  const [handedIn, setHandedIn] = useState(false)
  const [checked, setChecked] = useState<ReadonlySet<number>>(new Set())
  const [problem, setProblem] = useState<string | null>(null)
  const possible = sumOf(taken.filter((one) => isGraded(one.body.kind)))
  const toRead = sumOf(taken.filter((one) => one.body.kind === 'essay'))
  const earned = taken.reduce((sum, one, index) => sum + earnedBy(one.body, responses[index]), 0)
  const answer = (index: number, response: Response): void =>
    setResponses((now) => taken.map((_one, at) => (at === index ? response : (now[at] ?? null))))
  const handIn = (): void => {
    const open = taken.flatMap((one, index) =>
      one.required && one.body.kind !== 'note' && !isGiven(responses[index]) ? [index + 1] : [],
    )
    if (open.length) return setProblem(`Still to answer: ${open.join(', ')}.`)
    setProblem(null)
    setHandedIn(true)
  }
  const again = (): void => {
    setResponses([])
    setHandedIn(false)
    setChecked(new Set())
    setSitting(sitting + 1)
  }
  return (
    <>
      <TakeHead paper={paper} />
      <div className="min-h-0 flex-1 overflow-y-auto bg-rye px-3 py-4">
        <form
          className="mx-auto max-w-[680px] border border-line bg-sheet px-4 py-6 sm:px-12"
          onSubmit={(event) => {
            event.preventDefault()
            handIn()
          }}
        >
          {taken.length === 0 && (
            <Empty title="There is nothing to answer on this paper yet">Add items to it first.</Empty>
          )}
          {handedIn && <Earned earned={earned} possible={possible} toRead={toRead} />}
          {paper.identity.length > 0 && <IdentityLines paper={paper} />}
          {paper.timeLimit !== null && !handedIn && taken.length > 0 && (
            <TimeLeft key={sitting} minutes={paper.timeLimit} over={() => setHandedIn(true)} />
          )}
          {paper.instructions && <p className="mb-4 font-text text-[15px] whitespace-pre-line">{paper.instructions}</p>}
          <Items
            taken={taken}
            sitting={sitting}
            responses={responses}
            answer={answer}
            handedIn={handedIn}
            checked={checked}
            paper={paper}
            setChecked={setChecked}
          />
          {problem && (
            <p role="alert" className="mb-2 text-beet">
              <span aria-hidden="true">◆ </span>
              {problem}
            </p>
          )}
          {taken.length > 0 &&
            (handedIn ? (
              <Button onClick={again}>Take it again</Button>
            ) : (
              <Button tone="lead" type="submit">
                Hand in
              </Button>
            ))}
        </form>
      </div>
    </>
  )
}

function IdentityLines({ paper }: { readonly paper: Paper }) {
  return (
    <div className="mb-4 flex flex-wrap gap-x-6 gap-y-2">
      {paper.identity.map((field) => (
        <label key={field} className="flex items-baseline gap-2 text-xs text-muted">
          {field}
          <input className="w-40 border-b border-edge bg-transparent text-base text-ink outline-offset-2" />
        </label>
      ))}
    </div>
  )
}

function Earned({
  earned,
  possible,
  toRead,
}: {
  readonly earned: number
  readonly possible: number
  readonly toRead: number
}) {
  return (
    <p role="status" className="mb-4 border-l-4 border-dill bg-dill-wash px-3 py-2 text-base">
      <b>
        {round(earned)} of {pointsText(possible)}
      </b>
      {toRead > 0 && <span>, and {pointsText(toRead)} for a person to give</span>}
    </p>
  )
}

function Items({
  taken,
  sitting,
  responses,
  answer,
  handedIn,
  checked,
  paper,
  setChecked,
}: {
  readonly taken: readonly Taken[]
  readonly sitting: number
  readonly responses: readonly (Response | null)[]
  readonly answer: (index: number, response: Response) => void
  readonly handedIn: boolean
  readonly checked: ReadonlySet<number>
  readonly paper: Paper
  readonly setChecked: Dispatch<SetStateAction<ReadonlySet<number>>>
}) {
  return (
    <ol>
      {taken.map((one, index) => (
        <Question
          key={`${sitting}-${index}`}
          taken={one}
          index={index}
          response={responses[index] ?? null}
          answer={(response) => answer(index, response)}
          handedIn={handedIn || checked.has(index)}
          feedback={paper.feedbackWhen !== 'never'}
          check={
            paper.feedbackWhen === 'each' && !handedIn && !checked.has(index)
              ? () => setChecked((now) => new Set([...now, index]))
              : null
          }
        />
      ))}
    </ol>
  )
}

function TakeHead({ paper }: { readonly paper: Paper }) {
  return (
    <Head title={paper.title} about="as a student sees it; nothing is kept">
      <Link to={`/papers/${paper.id}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
        Back to the paper
      </Link>
    </Head>
  )
}

function sumOf(taken: readonly Taken[]): number {
  return taken.reduce((sum, one) => sum + one.body.points, 0)
}

/** Items and options in the order of this sitting: sittings differ, and each stays as it is while the page is drawn again. */
function arranged(paper: Paper, sitting: number): Taken[] {
  const placed = paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    if (!item) return []
    const body = withOptionOrder({ ...item.body, points: entry.points }, entry.optionOrder)
    return [{ body, required: entry.required, sectionId: entry.sectionId ?? null }]
  })
  const { shuffleItems, shuffleOptions } = paper
  const order = arrange(
    placed.map((one) => one.body),
    placed.map((one) => one.sectionId),
    { seed: sitting + 1, shuffleItems, shuffleOptions },
  )
  const titles = new Map(paper.sections.map((section) => [section.id, section]))
  let before: string | null = null
  return order.flatMap(({ at, optionOrder }) => {
    const one = placed[at]
    if (!one) return []
    const section = one.sectionId !== before && one.sectionId !== null ? (titles.get(one.sectionId) ?? null) : null
    before = one.sectionId
    return [{ ...one, body: withOptionOrder(one.body, optionOrder), section }]
  })
}

function isGiven(response: Response | null | undefined): boolean {
  return response ? isAnswered(response) : false
}

function earnedBy(body: Item, response: Response | null | undefined): number {
  return response ? pointsEarned(body, response) : 0
}

function round(value: number): string {
  return String(Number(value.toFixed(2)))
}

interface QuestionProps {
  readonly taken: Taken
  readonly index: number
  readonly response: Response | null
  readonly answer: (response: Response) => void
  readonly handedIn: boolean
  readonly feedback: boolean
  /** Null: there is nothing to check yet, or no more. */
  readonly check: (() => void) | null
}

function Question({
  taken: { body, required, section },
  index,
  response,
  answer,
  handedIn,
  feedback,
  check,
}: QuestionProps) {
  const earned = earnedBy(body, response)
  const fields = { body, name: String(index + 1), response, answer, locked: handedIn }
  return (
    <li className="mb-6">
      {section && (
        <div className="mb-3 border-b border-ink pb-1">
          <h2 className="text-[17px] font-semibold">{section.title}</h2>
          {section.instructions && <p className="font-text text-[15px] whitespace-pre-line">{section.instructions}</p>}
        </div>
      )}
      <fieldset>
        <legend className="w-full font-text text-[16.5px] leading-[1.42]">
          <span className="flex gap-3">
            <span className="font-semibold text-muted">{index + 1}</span>
            <span className="min-w-0 flex-1" dir="auto">
              {body.passage && <RichText content={body.passage} />}
              <AnswerStem {...fields} />
            </span>
            {body.kind !== 'note' && (
              <span className="font-ui text-xs text-muted">
                {body.kind === 'scale' ? 'not graded' : pointsText(body.points)}
                {required && ' · required'}
              </span>
            )}
          </span>
        </legend>
        <div className="pt-1.5 pl-7 font-text text-[15px]">
          <AnswerFields {...fields} />
          {check && isGraded(body.kind) && isGiven(response) && (
            <Button className="mt-1.5 font-ui" onClick={check}>
              Check this answer
            </Button>
          )}
          {handedIn && isGraded(body.kind) && (
            <p className={`pt-1 font-ui text-[13px] ${earned === body.points ? 'text-dill' : 'text-beet'}`}>
              {earned === body.points ? '✓ ' : '◆ '}
              {round(earned)} of {pointsText(body.points)}
            </p>
          )}
          {handedIn && feedback && body.feedback && (
            <div className="pt-1 text-[14px] text-muted">
              <RichText content={body.feedback} />
            </div>
          )}
        </div>
      </fieldset>
    </li>
  )
}

/** Minutes and seconds that are left; at the end the paper is handed in as it is. */
function TimeLeft({ minutes, over }: { readonly minutes: number; readonly over: () => void }) {
  const [left, setLeft] = useState(minutes * 60)
  useEffect(() => {
    const timer = setInterval(() => setLeft((now) => Math.max(0, now - 1)), 1000)
    return () => clearInterval(timer)
  }, [])
  useEffect(() => {
    if (left === 0) over()
  }, [left, over])
  return (
    <p role="timer" className="mb-4 text-muted tabular-nums">
      {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')} left
    </p>
  )
}
