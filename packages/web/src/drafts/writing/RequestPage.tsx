import {
  ASKED_KINDS,
  countAsked,
  countWords,
  KIND_NAMES,
  requestText,
  type AskedKind,
  type WritingRequest,
} from '@zakuska/core'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { Head } from '../../frame/Frame'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { Fault, Field } from '../../people/fields'
import { May } from '../../people/May'
import { useNewDraft } from '../queries'

const FIRST: WritingRequest = { counts: { single: 6, truefalse: 2, short: 2 }, level: '', language: '', remarks: '' }
const AREA = 'mt-0.5 block w-full rounded-[3px] border border-edge bg-sheet px-2 py-1.5'
const MOST_EACH = 50
const MOST_TITLE = 60

/**
 * A request sheet: what is wanted of a source, as text to give to any assistant that writes; the reply, pasted back,
 * becomes a draft that keeps its source. Nothing leaves this server.
 */
export function RequestPage() {
  const [source, setSource] = useState('')
  const [request, setRequest] = useState<WritingRequest>(FIRST)
  const [reply, setReply] = useState('')
  const [error, setError] = useState<Error | null>(null)
  const newDraft = useNewDraft()
  const navigate = useNavigate()
  const tell = useTell()
  const count = countAsked(request)
  const isReady = source.trim() !== '' && count > 0
  const text = isReady ? requestText(request, source) : ''
  const copy = (): void =>
    void navigator.clipboard.writeText(text).then(
      () => tell('The request was copied. Paste it into the assistant, and its reply in here.'),
      () => tell('It could not be copied. Mark it and copy it by hand.', { tone: 'trouble' }),
    )
  const make = (): void => {
    setError(null)
    newDraft.mutate(
      { title: titleOf(source), text: reply, source },
      { onSuccess: ({ id }) => void navigate(`/drafts/${id}`), onError: setError },
    )
  }
  return (
    <>
      <Head title="Questions from a reading" about="a request to copy; nothing is sent from here" />
      <form
        className="grid min-h-0 flex-1 content-start gap-x-8 gap-y-5 overflow-y-auto px-3 py-4 sm:px-[18px] lg:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault()
          make()
        }}
      >
        <section aria-label="What is wanted" className="grid content-start gap-4">
          <label className="block">
            The reading: a passage, or a transcript with its times
            <textarea
              className={`${AREA} font-text text-[15px]`}
              rows={12}
              autoFocus
              value={source}
              onChange={(event) => setSource(event.target.value)}
            />
            <span className="text-xs text-muted" role="status">
              {counted(countWords(source), 'word', 'words')}
            </span>
          </label>
          <fieldset>
            <legend className="text-xs font-semibold text-muted">How many of each</legend>
            <div className="grid grid-cols-2 gap-x-5 gap-y-1 sm:grid-cols-3">
              {ASKED_KINDS.map((kind) => (
                <Count key={kind} kind={kind} request={request} set={setRequest} />
              ))}
            </div>
          </fieldset>
          <div className="grid gap-3 sm:grid-cols-2">
            <Field
              name="For whom"
              placeholder="grade 9, or B1"
              maxLength={120}
              value={request.level}
              onChange={(event) => setRequest({ ...request, level: event.target.value })}
            />
            <Field
              name="In which language"
              placeholder="as the reading"
              maxLength={60}
              value={request.language}
              onChange={(event) => setRequest({ ...request, language: event.target.value })}
            />
          </div>
          <Field
            name="Anything besides"
            maxLength={500}
            value={request.remarks}
            onChange={(event) => setRequest({ ...request, remarks: event.target.value })}
          />
        </section>
        <section aria-label="Request and reply" className="grid content-start gap-4">
          <div>
            <label className="block">
              The request, for any assistant that writes
              <textarea
                className={`${AREA} font-mono text-xs`}
                rows={16}
                readOnly
                value={text}
                placeholder="Give a reading, and say how many questions."
              />
            </label>
            <Button className="mt-1" disabled={!isReady} onClick={copy}>
              Copy the request for {counted(count, 'question', 'questions')}
            </Button>
          </div>
          <div>
            <label className="block">
              Its reply
              <textarea
                className={`${AREA} font-mono text-xs`}
                rows={10}
                value={reply}
                onChange={(event) => setReply(event.target.value)}
              />
            </label>
            <Fault error={error} />
            <div className="pt-1">
              <May right="write" to="make a draft">
                <Button tone="lead" type="submit" disabled={!reply.trim() || newDraft.isPending}>
                  {newDraft.isPending ? 'Reading …' : 'Make it a draft'}
                </Button>
              </May>
            </div>
            <p className="pt-2 text-xs text-muted">
              Drafted facts can be wrong. On the desk each item shows the sentence of the reading that it rests on, and
              says where there is none, or where it says otherwise.
            </p>
          </div>
        </section>
      </form>
    </>
  )
}

/** The first line that says something, without the time that a transcript begins with; cut at a word. */
function titleOf(source: string): string {
  const lines = source.split('\n').map((line) => line.replace(/^[\s[(]*\d+(?::\d\d)+\S*\s*/, '').trim())
  const first = lines.find((line) => /\p{L}/u.test(line)) ?? ''
  if (first.length <= MOST_TITLE) return first
  return `${first.slice(0, MOST_TITLE).replace(/\s+\S*$/, '')} …`
}

function Count({
  kind,
  request,
  set,
}: {
  readonly kind: AskedKind
  readonly request: WritingRequest
  readonly set: (request: WritingRequest) => void
}) {
  return (
    <label className="flex items-baseline gap-1.5">
      <input
        type="number"
        min={0}
        max={MOST_EACH}
        className="w-14 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-right"
        value={request.counts[kind] ?? 0}
        onChange={(event) => {
          const count = Math.min(MOST_EACH, Math.max(0, Math.round(Number(event.target.value)) || 0))
          set({ ...request, counts: { ...request.counts, [kind]: count } })
        }}
      />
      {KIND_NAMES[kind].toLowerCase()}
    </label>
  )
}
