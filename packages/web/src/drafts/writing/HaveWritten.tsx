import { countAsked, estimateReply, estimateUnits, type WritingRequest } from '@zakuska/core'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { Fault } from '../../parts/fields'
import { May } from '../../people/May'
import { useWritingChanges, type Writing } from '../../writing/queries'
import { UseOfUnits } from '../../writing/UseOfUnits'
import { costText, unitsText } from '../../writing/words'
import { useDeleteDraft, useNewDraft } from '../queries'
import { titleOfSource } from './source-title'

const MOST_DRAFTS = 4
const LETTERS = 'ABCD'

/** Sends the request to the writing service, once or up to four times: what goes where, and what it takes, is said before. */
export function HaveWritten({
  writing,
  request,
  source,
  text,
  isTooLong,
}: {
  readonly writing: Writing
  readonly request: WritingRequest
  readonly source: string
  readonly text: string
  readonly isTooLong: boolean
}) {
  const [drafts, setDrafts] = useState(1)
  const [isGoing, setGoing] = useState(false)
  const [error, setError] = useState<Error | null>(null)
  const newDraft = useNewDraft()
  const { ask } = useWritingChanges()
  const { remove } = useDeleteDraft()
  const navigate = useNavigate()
  const { service } = writing
  if (!service) return null
  const expected = estimateReply(request)
  const units = drafts * (estimateUnits(text) + expected)
  const cost = costText(units, service)
  const what = counted(countAsked(request), 'question', 'questions')
  const go = async (): Promise<void> => {
    setGoing(true)
    setError(null)
    const made: string[] = []
    try {
      for (let at = 0; at < drafts; at++) {
        const title = `${titleOfSource(source)}${drafts > 1 ? `, ${LETTERS[at] ?? ''}` : ''}`
        const { id } = await newDraft.mutateAsync({ title, text: '', source })
        made.push(id)
        await ask.mutateAsync({ draftId: id, purpose: 'items', what, request: text, expected })
      }
    } catch (problem) {
      setError(problem instanceof Error ? problem : new Error('It was not sent.'))
      setGoing(false)
      // A draft that nothing is written for is none.
      const idle = made.pop()
      if (idle) remove.mutate(idle)
      // What was sent before is on its way, and is not lost with the rest.
      if (!made.length) return
    }
    const [first] = made
    if (first) void navigate(made.length > 1 ? `/drafts/side-by-side?drafts=${made.join(',')}` : `/drafts/${first}`)
  }
  return (
    <section aria-label="Have it drafted" className="grid gap-2 rounded-[3px] border border-line bg-sheet px-3 py-2.5">
      <p>
        This goes to <b>{service.name}</b> <span className="text-muted">({service.url})</span>: the request above with{' '}
        {source.trim() ? 'the reading' : 'a reading'}, nothing else.
      </p>
      <p className="text-muted" role="status">
        {text ? `About ${unitsText(units)}${cost && `, about ${cost}`}` : 'Give a reading, and say how many questions.'}
      </p>
      <UseOfUnits writing={writing} />
      <Fault error={error} />
      <Go
        text={text}
        isGoing={isGoing}
        isTooLong={isTooLong}
        writing={writing}
        go={go}
        drafts={drafts}
        what={what}
        setDrafts={setDrafts}
      />
    </section>
  )
}

function Go({
  text,
  isGoing,
  isTooLong,
  writing,
  go,
  drafts,
  what,
  setDrafts,
}: {
  readonly text: string
  readonly isGoing: boolean
  readonly isTooLong: boolean
  readonly writing: Writing
  readonly go: () => Promise<void>
  readonly drafts: number
  readonly what: string
  readonly setDrafts: (next: number) => void
}) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <May right="write" to="have questions drafted">
        <Button
          tone="lead"
          disabled={!text || isGoing || isTooLong || writing.whyNot !== null}
          onClick={() => void go()}
        >
          {isGoing ? 'Sending …' : drafts > 1 ? `Have ${drafts} drafts of ${what} written` : `Have ${what} written`}
        </Button>
        <label className="flex items-center gap-1.5">
          drafts to choose from
          <select
            className="rounded-[3px] border border-edge bg-sheet px-1.5 py-1"
            value={drafts}
            onChange={(event) => setDrafts(Number(event.target.value))}
          >
            {Array.from({ length: MOST_DRAFTS }, (_, at) => (
              <option key={at}>{at + 1}</option>
            ))}
          </select>
        </label>
      </May>
    </div>
  )
}
