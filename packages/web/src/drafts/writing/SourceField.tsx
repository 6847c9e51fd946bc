import { countWords, estimateUnits, readingText, sourceParts, type SourcePart } from '@zakuska/core'
import { useEffect, useState } from 'react'
import { Button } from '../../parts/Button'
import { FileButton } from '../../parts/FileButton'
import { counted } from '../../parts/item-words'
import { Fault } from '../../parts/fields'
import { useReply, useWritingChanges, type Writing } from '../../writing/queries'
import { openFile } from '../files'
import { AREA, FIELD } from './form'

const READ_TYPES = '.txt,.md,.html,.htm,.docx,.odt,.rtf,.pdf,.vtt,.srt,text/*'
/** Words of a reading that is drafted on a topic. */
const READING_WORDS = 400

/** The reading: typed or pasted, out of a file, off a page, or drafted on a topic; of a long one, its parts. */
export function SourceField({
  source,
  set,
  parts,
  setParts,
  most,
  writing,
}: {
  readonly source: string
  readonly set: (source: string) => void
  /** Places of the parts that are to be sent; null: all of it. */
  readonly parts: readonly number[] | null
  readonly setParts: (parts: readonly number[] | null) => void
  /** Words that may be sent at most; null: there is no limit. */
  readonly most: number | null
  readonly writing: Writing | undefined
}) {
  const words = countWords(source)
  const isTooLong = most !== null && words > most
  const replace = (text: string): void => {
    set(text)
    setParts(null)
  }
  return (
    <div className="grid gap-2">
      <label className="block">
        The reading: a passage, or a transcript with its times
        <textarea
          className={`${AREA} font-text text-[15px]`}
          rows={12}
          autoFocus
          value={source}
          onChange={(event) => replace(event.target.value)}
        />
        <span className={`text-xs ${isTooLong ? 'text-mustard-ink' : 'text-muted'}`} role="status">
          {counted(words, 'word', 'words')}
          {isTooLong && `; ${most.toLocaleString('en')} can be sent at once. Choose the parts below.`}
        </span>
      </label>
      <Ways take={replace} writing={writing} />
      {(isTooLong || parts !== null) && <Parts source={source} most={most ?? words} chosen={parts} choose={setParts} />}
    </div>
  )
}

/** Other ways than pasting to come by a reading. */
function Ways({ take, writing }: { readonly take: (text: string) => void; readonly writing: Writing | undefined }) {
  const [way, setWay] = useState<'page' | 'topic' | null>(null)
  const [isOpening, setOpening] = useState(false)
  const [error, setError] = useState<Error | null>(null)
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return
    setOpening(true)
    setError(null)
    try {
      take((await openFile(file)).text)
    } catch (problem) {
      setError(problem instanceof Error ? problem : new Error('The file could not be read.'))
    } finally {
      setOpening(false)
    }
  }
  const toggle = (next: 'page' | 'topic') => () => {
    setError(null)
    setWay(way === next ? null : next)
  }
  return (
    <div>
      <div className="flex flex-wrap gap-2">
        <FileButton name="File with the reading" accept={READ_TYPES} open={open} disabled={isOpening}>
          {isOpening ? 'Reading …' : 'From a file…'}
        </FileButton>
        {(writing?.pages.length ?? 0) > 0 && (
          <Button aria-expanded={way === 'page'} onClick={toggle('page')}>
            From a page…
          </Button>
        )}
        {writing?.service && (
          <Button aria-expanded={way === 'topic'} onClick={toggle('topic')}>
            Only a topic…
          </Button>
        )}
      </div>
      <Fault error={error} />
      {way === 'page' && <FromPage take={take} pages={writing?.pages ?? []} />}
      {way === 'topic' && writing && <FromTopic take={take} writing={writing} />}
    </div>
  )
}

function FromPage({ take, pages }: { readonly take: (text: string) => void; readonly pages: readonly string[] }) {
  const [url, setUrl] = useState('')
  const { readPage } = useWritingChanges()
  const read = (): void => readPage.mutate(url.trim(), { onSuccess: ({ text }) => take(text) })
  return (
    <div className="pt-2">
      <label className="block">
        Address of the page
        <span className="flex gap-2">
          <input
            type="url"
            className={FIELD}
            value={url}
            placeholder="https://"
            autoFocus
            onChange={(event) => setUrl(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return
              event.preventDefault()
              read()
            }}
          />
          <Button disabled={!url.trim() || readPage.isPending} onClick={read}>
            {readPage.isPending ? 'Reading …' : 'Read it'}
          </Button>
        </span>
      </label>
      <p className="text-xs text-muted">Pages of {pages.join(', ')} can be read.</p>
      <Fault error={readPage.error} />
    </div>
  )
}

/** A reading is drafted first, to be read and mended before anything is asked about it. */
function FromTopic({ take, writing }: { readonly take: (text: string) => void; readonly writing: Writing }) {
  const [topic, setTopic] = useState('')
  const [asked, setAsked] = useState<string | null>(null)
  const { ask } = useWritingChanges()
  const reply = useReply(asked).data
  const text = reply?.text
  const state = reply?.state
  // The reading grows in its field as it comes, and is the person's own once it is there.
  useEffect(() => {
    if (text) take(text)
    // `take` is new with every drawing; only what came counts.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [text])
  const draft = (): void => {
    const request = readingText(topic, READING_WORDS, { level: '', language: '' })
    ask.mutate(
      {
        purpose: 'reading',
        what: `a reading on ${topic.trim()}`.slice(0, 200),
        request,
        expected: estimateUnits('word '.repeat(READING_WORDS)),
      },
      { onSuccess: ({ id }) => setAsked(id) },
    )
  }
  const isBusy = ask.isPending || state === 'writing'
  return (
    <div className="pt-2">
      <label className="block">
        The topic
        <span className="flex gap-2">
          <input
            className={FIELD}
            value={topic}
            maxLength={200}
            placeholder="how a barometer foretells a gale"
            autoFocus
            onChange={(event) => setTopic(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return
              event.preventDefault()
              if (topic.trim() && !isBusy) draft()
            }}
          />
          <Button disabled={!topic.trim() || isBusy || writing.whyNot !== null} onClick={draft}>
            {isBusy ? 'Being written …' : 'Draft a reading'}
          </Button>
        </span>
      </label>
      <p className="text-xs text-muted" role="status">
        {state === 'failed'
          ? reply?.why
          : state === 'done'
            ? 'Read it and mend it: what it says wrong, the questions will ask wrong.'
            : `The topic is sent to ${writing.service?.name ?? ''}, and a reading of about ${READING_WORDS} words comes back.`}
      </p>
      <Fault error={ask.error} />
    </div>
  )
}

/** Which parts of a long reading are sent. */
function Parts({
  source,
  most,
  chosen,
  choose,
}: {
  readonly source: string
  readonly most: number
  readonly chosen: readonly number[] | null
  readonly choose: (parts: readonly number[] | null) => void
}) {
  const all = sourceParts(source, most)
  const now = chosen ?? []
  const words = now.reduce((sum, at) => sum + (all[at]?.words ?? 0), 0)
  return (
    <fieldset>
      <legend className="text-xs font-semibold text-muted">Which parts</legend>
      <ul className="max-h-56 overflow-y-auto border-y border-line">
        {all.map((part, at) => (
          <li key={part.from}>
            <label className="flex items-baseline gap-2 py-0.5">
              <input
                type="checkbox"
                checked={now.includes(at)}
                onChange={(event) =>
                  choose(event.target.checked ? [...now, at].sort((a, b) => a - b) : now.filter((one) => one !== at))
                }
              />
              <span className="min-w-0 flex-1 truncate">{part.name}</span>
              <span className="text-xs text-muted tabular-nums">{counted(part.words, 'word', 'words')}</span>
            </label>
          </li>
        ))}
      </ul>
      <p className={`text-xs ${words > most ? 'text-beet' : 'text-muted'}`} role="status">
        {words > most && <span aria-hidden="true">◆ </span>}
        {words.toLocaleString('en')} of {most.toLocaleString('en')} words chosen
      </p>
    </fieldset>
  )
}

/** What of a source is sent. */
export function chosenText(source: string, parts: readonly number[] | null, most: number | null): string {
  if (parts === null) return source
  const all: readonly SourcePart[] = sourceParts(source, most ?? countWords(source))
  return parts.flatMap((at) => (all[at] ? source.slice(all[at].from, all[at].to) : [])).join('\n\n')
}
