import { countAsked, countWords, requestText, type WritingRequest } from '@zakuska/core'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { Head } from '../../parts/Head'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { Fault } from '../../parts/fields'
import { May } from '../../people/May'
import { useWriting } from '../../writing/queries'
import { useNewDraft } from '../queries'
import { AREA } from './form'
import { HaveWritten } from './HaveWritten'
import { RequestFields } from './RequestFields'
import { chosenText, SourceField } from './SourceField'
import { titleOfSource } from './source-title'

const FIRST: WritingRequest = { counts: { single: 6, truefalse: 2, short: 2 }, level: '', language: '', remarks: '' }

/**
 * Questions from a reading: what is wanted of it goes to the writing service, or as text into any assistant, whose reply is
 * pasted back. Both become drafts that keep their source.
 */
export function RequestPage() {
  const [source, setSource] = useState('')
  const [parts, setParts] = useState<readonly number[] | null>(null)
  const [request, setRequest] = useState<WritingRequest>(FIRST)
  const writing = useWriting().data
  const count = countAsked(request)
  const bare = countWords(requestText(request, ''))
  const most = writing?.service ? Math.max(0, writing.service.words - bare) : null
  const sent = chosenText(source, parts, most)
  const isReady = sent.trim() !== '' && count > 0
  const text = isReady ? requestText(request, sent) : ''
  return (
    <>
      <Head
        title="Questions from a reading"
        about={writing?.service ? 'nothing is sent before you press' : 'a request to copy; nothing is sent from here'}
      />
      <div className="grid min-h-0 flex-1 content-start gap-x-8 gap-y-5 overflow-y-auto px-3 py-4 sm:px-[18px] lg:grid-cols-2">
        <section aria-label="What is wanted" className="grid content-start gap-4">
          <SourceField
            source={source}
            set={setSource}
            parts={parts}
            setParts={setParts}
            most={most}
            writing={writing}
          />
          <RequestFields request={request} set={setRequest} />
        </section>
        <section aria-label="Request and reply" className="grid content-start gap-4">
          <label className="block">
            The request, as it is sent{writing?.service ? '' : ' by you'}
            <textarea
              className={`${AREA} font-mono text-xs`}
              rows={writing?.service ? 9 : 16}
              readOnly
              value={text}
              placeholder="Give a reading, and say how many questions."
            />
          </label>
          {writing?.service && (
            <HaveWritten
              writing={writing}
              request={request}
              source={sent}
              text={text}
              isTooLong={most !== null && countWords(sent) > most}
            />
          )}
          <ByHand text={text} source={sent} count={count} isFirst={!writing?.service} />
          <p className="text-xs text-muted">
            Drafted facts can be wrong. On the desk each item shows the sentence of the reading that it rests on, and
            says where there is none, or where it says otherwise.
          </p>
        </section>
      </div>
    </>
  )
}

/** Any assistant that writes: the request is copied there, and its reply pasted back. */
function ByHand({
  text,
  source,
  count,
  isFirst,
}: {
  readonly text: string
  readonly source: string
  readonly count: number
  readonly isFirst: boolean
}) {
  const [reply, setReply] = useState('')
  const newDraft = useNewDraft()
  const navigate = useNavigate()
  const tell = useTell()
  const copy = (): void =>
    void navigator.clipboard.writeText(text).then(
      () => tell('The request was copied. Paste it into the assistant, and its reply in here.'),
      () => tell('It could not be copied. Mark it and copy it by hand.', { tone: 'trouble' }),
    )
  const make = (): void =>
    newDraft.mutate(
      { title: titleOfSource(source), text: reply, source },
      { onSuccess: ({ id }) => void navigate(`/drafts/${id}`) },
    )
  return (
    <form
      aria-label="By hand"
      className="grid gap-2 border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        make()
      }}
    >
      <div>
        <h2 className="text-xs font-semibold text-muted">{isFirst ? 'Copy it' : 'Or with any other assistant'}</h2>
        <Button className="mt-1" disabled={!text} onClick={copy}>
          Copy the request for {counted(count, 'question', 'questions')}
        </Button>
      </div>
      <label className="block">
        Its reply
        <textarea
          className={`${AREA} font-mono text-xs`}
          rows={isFirst ? 10 : 4}
          value={reply}
          onChange={(event) => setReply(event.target.value)}
        />
      </label>
      <Fault error={newDraft.error} />
      <div>
        <May right="write" to="make a draft">
          <Button tone={isFirst ? 'lead' : 'plain'} type="submit" disabled={!reply.trim() || newDraft.isPending}>
            {newDraft.isPending ? 'Reading …' : 'Make it a draft'}
          </Button>
        </May>
      </div>
    </form>
  )
}
