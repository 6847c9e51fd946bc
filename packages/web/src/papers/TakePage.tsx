import { isAnswered, isGraded, pointsEarned, type Item, type Response } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Head } from '../frame/Frame'
import { AnswerFields, AnswerStem } from '../parts/AnswerFields'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { asKept, pointsText } from '../parts/item-words'
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
}

function Take({ paper }: { readonly paper: Paper }) {
  const [sitting, setSitting] = useState(0)
  const taken = useMemo(() => arrange(paper, sitting), [paper, sitting])
  const [responses, setResponses] = useState<readonly (Response | null)[]>([])
  const [handedIn, setHandedIn] = useState(false)
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
    setSitting(sitting + 1)
  }
  return (
    <>
      <Head title={paper.title} about="as a student sees it; nothing is kept">
        <Link to={`/papers/${paper.id}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
          Back to the paper
        </Link>
      </Head>
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
          {handedIn && (
            <p role="status" className="mb-4 border-l-4 border-dill bg-dill-wash px-3 py-2 text-base">
              <b>
                {round(earned)} of {pointsText(possible)}
              </b>
              {toRead > 0 && <span>, and {pointsText(toRead)} for a person to give</span>}
            </p>
          )}
          {paper.instructions && <p className="mb-4 font-text text-[15px] whitespace-pre-line">{paper.instructions}</p>}
          <ol>
            {taken.map((one, index) => (
              <Question
                key={`${sitting}-${index}`}
                taken={one}
                index={index}
                response={responses[index] ?? null}
                answer={(response) => answer(index, response)}
                handedIn={handedIn}
              />
            ))}
          </ol>
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

function sumOf(taken: readonly Taken[]): number {
  return taken.reduce((sum, one) => sum + one.body.points, 0)
}

/** Items and options in the order of this sitting. */
function arrange(paper: Paper, sitting: number): Taken[] {
  const items = paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    return item ? [{ body: { ...asKept(item.body), points: entry.points }, required: entry.required }] : []
  })
  const next = numbers(sitting + 1)
  const ordered = paper.shuffleItems ? shuffled(items, next) : items
  return ordered.map((one) =>
    'options' in one.body && (one.body.kind === 'order' || (one.body.shuffle && paper.shuffleOptions))
      ? { ...one, body: { ...one.body, options: shuffled(one.body.options, next) } }
      : one,
  )
}

/** Sittings differ from each other, and each stays as it is while the page is drawn again. */
function numbers(seed: number): () => number {
  let state = seed * 2654435761
  return () => {
    state = Math.imul(state ^ (state >>> 15), 2246822519) + 0x9e3779b9
    return ((state ^ (state >>> 13)) >>> 0) / 4294967296
  }
}

function shuffled<Entry>(entries: readonly Entry[], next: () => number): Entry[] {
  return entries
    .map((entry) => ({ entry, at: next() }))
    .sort((a, b) => a.at - b.at)
    .map(({ entry }) => entry)
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
}

function Question({ taken: { body, required }, index, response, answer, handedIn }: QuestionProps) {
  const earned = earnedBy(body, response)
  const fields = { body, name: String(index + 1), response, answer, locked: handedIn }
  return (
    <li className="mb-6">
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
          {handedIn && isGraded(body.kind) && (
            <p className={`pt-1 font-ui text-[13px] ${earned === body.points ? 'text-dill' : 'text-beet'}`}>
              {earned === body.points ? '✓ ' : '◆ '}
              {round(earned)} of {pointsText(body.points)}
            </p>
          )}
          {handedIn && body.feedback && (
            <div className="pt-1 text-[14px] text-muted">
              <RichText content={body.feedback} />
            </div>
          )}
        </div>
      </fieldset>
    </li>
  )
}
