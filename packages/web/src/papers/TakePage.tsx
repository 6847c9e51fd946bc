import { countGaps, pointsEarned, type Item, type Response } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Head } from '../frame/Frame'
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
  const possible = taken.reduce((sum, one) => sum + one.body.points, 0)
  const earned = taken.reduce((sum, one, index) => sum + earnedBy(one.body, responses[index]), 0)
  const answer = (index: number, response: Response): void =>
    setResponses((now) => taken.map((_one, at) => (at === index ? response : (now[at] ?? null))))
  const handIn = (): void => {
    const open = taken.flatMap((one, index) => (one.required && !isGiven(responses[index]) ? [index + 1] : []))
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

/** Items and options in the order of this sitting. */
function arrange(paper: Paper, sitting: number): Taken[] {
  const items = paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    return item ? [{ body: { ...asKept(item.body), points: entry.points }, required: entry.required }] : []
  })
  const next = numbers(sitting + 1)
  const ordered = paper.shuffleItems ? shuffled(items, next) : items
  return ordered.map((one) =>
    'options' in one.body && one.body.shuffle && paper.shuffleOptions
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
  if (!response) return false
  return response.kind === 'choice'
    ? response.chosen.length > 0
    : response.kind === 'truth'
      ? response.value !== null
      : response.text.trim() !== ''
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
  const inGap = body.kind === 'short' && countGaps(body.stem) === 1
  return (
    <li className="mb-6">
      <fieldset>
        <legend className="w-full font-text text-[16.5px] leading-[1.42]">
          <span className="flex gap-3">
            <span className="font-semibold text-muted">{index + 1}</span>
            <span className="min-w-0 flex-1" dir="auto">
              {body.passage && <RichText content={body.passage} />}
              <RichText
                content={body.stem}
                {...(inGap && {
                  gap: () => <TextBox index={index} response={response} answer={answer} locked={handedIn} short />,
                })}
              />
            </span>
            <span className="font-ui text-xs text-muted">
              {pointsText(body.points)}
              {required && ' · required'}
            </span>
          </span>
        </legend>
        <div className="pt-1.5 pl-7 font-text text-[15px]">
          {'options' in body &&
            body.options.map((option) => (
              <label key={option.id} className="flex items-baseline gap-2 py-0.5">
                <input
                  type={body.kind === 'single' ? 'radio' : 'checkbox'}
                  name={`item-${index}`}
                  disabled={handedIn}
                  checked={response?.kind === 'choice' && response.chosen.includes(option.id)}
                  onChange={(event) =>
                    answer({ kind: 'choice', chosen: chosenAfter(body, response, option.id, event.target.checked) })
                  }
                  className="accent-ink"
                />
                <RichText content={option.content} inline />
              </label>
            ))}
          {body.kind === 'truefalse' &&
            [true, false].map((value) => (
              <label key={String(value)} className="mr-8 inline-flex items-baseline gap-2 py-0.5">
                <input
                  type="radio"
                  name={`item-${index}`}
                  disabled={handedIn}
                  checked={response?.kind === 'truth' && response.value === value}
                  onChange={() => answer({ kind: 'truth', value })}
                  className="accent-ink"
                />
                {value ? 'True' : 'False'}
              </label>
            ))}
          {body.kind === 'short' && !inGap && (
            <TextBox index={index} response={response} answer={answer} locked={handedIn} />
          )}
          {handedIn && (
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

function chosenAfter(body: Item, response: Response | null, id: string, on: boolean): string[] {
  if (body.kind === 'single') return [id]
  const before = response?.kind === 'choice' ? response.chosen.filter((one) => one !== id) : []
  return on ? [...before, id] : before
}

function TextBox({
  index,
  response,
  answer,
  locked,
  short = false,
}: {
  readonly index: number
  readonly response: Response | null
  readonly answer: (response: Response) => void
  readonly locked: boolean
  readonly short?: boolean
}) {
  return (
    <input
      type="text"
      aria-label={`Answer to item ${index + 1}`}
      autoComplete="off"
      disabled={locked}
      value={response?.kind === 'text' ? response.text : ''}
      onChange={(event) => answer({ kind: 'text', text: event.target.value })}
      className={`border-b border-ink bg-transparent px-1 ${short ? 'mx-1 w-32' : 'w-full max-w-80'}`}
    />
  )
}
