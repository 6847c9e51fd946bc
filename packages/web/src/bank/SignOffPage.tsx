import type { Schemas } from '../api/client'
import { hasKey, plainText } from '@zakuska/core'
import { useEffect, useMemo, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { Head } from '../parts/Head'
import { useSettings } from '../people/session'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { EVIDENCE_WORDS, timeText } from '../parts/evidence-words'
import { kindLine } from '../parts/item-words'
import { ItemExtras, ItemView } from '../parts/ItemView'
import { useTell } from '../parts/notices'
import { RichText } from '../parts/RichText'
import { Findings } from './ItemChecks'
import { type BankItem, useBankChanges, useBankSearch } from './queries'
import { searchIn } from './search'
import { SignOffLine, useQueueKeys } from './SignOffLine'

/** Items that wait for a person, one after the other: the item, where it came from, a look-up, a remark; by keyboard. */
export function SignOffPage() {
  const [params] = useSearchParams()
  const search = useMemo(() => {
    const { filter } = searchIn(params)
    return { filter: { ...filter, signedOff: 'no' as const }, sort: 'oldest' as const }
  }, [params])
  const found = useBankSearch(search)
  // The queue as it was when the page was opened: what is signed off stays in its place, so that one can go back to it.
  const [queue, setQueue] = useState<readonly BankItem[]>([])
  const loaded = useMemo(() => found.data?.pages.flatMap((page) => page.items) ?? [], [found.data])
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = found
  useEffect(() => {
    if (hasNextPage && !isFetchingNextPage) void fetchNextPage()
  }, [hasNextPage, isFetchingNextPage, fetchNextPage])
  const known = new Map(queue.map((item) => [item.id, item]))
  if (loaded.some((item) => known.get(item.id) !== item)) {
    for (const item of loaded) known.set(item.id, item)
    setQueue([...known.values()])
  }
  if (found.isPending) return <Waiting what="what waits for sign-off" />
  if (found.isError) return <Problem error={found.error} again={() => void found.refetch()} />
  return <Queue queue={queue} waiting={new Set(loaded.map((item) => item.id))} params={params.toString()} />
}

function Queue({
  queue,
  waiting,
  params,
}: {
  readonly queue: readonly BankItem[]
  readonly waiting: ReadonlySet<string>
  readonly params: string
}) {
  const [at, setAt] = useState(0)
  const [remark, setRemark] = useState('')
  const { signOff } = useBankChanges()
  const tell = useTell()
  const item = queue[Math.min(at, queue.length - 1)]
  const done = queue.length - queue.filter((one) => waiting.has(one.id)).length
  const go = (step: number): void => {
    setRemark('')
    setAt((now) => Math.max(0, Math.min(queue.length - 1, now + step)))
  }
  const sign = (): void => {
    if (!item || !hasKey(item.body) || !waiting.has(item.id)) return
    signOff.mutate(
      { item, signedOff: true, remark },
      {
        onSuccess: () => tell('Signed off.', { undo: () => signOff.mutate({ item, signedOff: false, remark: '' }) }),
        onError: (error) => tell(error.message, { tone: 'trouble' }),
      },
    )
    go(1)
  }
  useQueueKeys({ sign, go })
  const back = { pathname: '/bank', search: params }
  if (!item)
    return (
      <>
        <Head title="Sign-off" />
        <Empty title="Nothing waits for sign-off">
          <Link to={back} className="underline">
            Back to the bank
          </Link>
        </Empty>
      </>
    )
  const place = queue.indexOf(item) + 1
  return (
    <>
      <Head
        title="Sign-off"
        about={
          <span role="status">
            {place} of {queue.length} · {done} done
          </span>
        }
      >
        <Link to={back} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
          Back to the bank
        </Link>
      </Head>
      <div
        aria-hidden="true"
        className="h-[3px] shrink-0 bg-line"
        style={{
          backgroundImage: `linear-gradient(to right, var(--dill) ${(done / queue.length) * 100}%, transparent 0)`,
        }}
      />
      <BothSides item={item} waiting={waiting} />
      <SignOffLine
        sign={sign}
        remark={remark}
        setRemark={setRemark}
        item={item}
        waiting={waiting}
        go={go}
        place={place}
        queue={queue}
      />
    </>
  )
}

/** The item, and where it came from. */
function BothSides({ item, waiting }: { readonly item: BankItem; readonly waiting: ReadonlySet<string> }) {
  return (
    <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_1fr] lg:overflow-hidden">
      <section aria-label="Item" className="bg-sheet px-4 py-5 sm:px-8 lg:overflow-y-auto">
        <QueueItem item={item} signed={!waiting.has(item.id)} />
      </section>
      <section
        aria-label="Where it came from"
        className="border-t border-line px-4 py-5 sm:px-8 lg:overflow-y-auto lg:border-t-0 lg:border-l"
      >
        <Source item={item} />
        <LookUp item={item} />
      </section>
    </div>
  )
}

function QueueItem({ item, signed }: { readonly item: BankItem; readonly signed: boolean }) {
  const body = item.body
  return (
    <>
      <p className="mb-2 text-xs text-muted">
        {kindLine(body)}
        {body.tags.length > 0 && ` · ${body.tags.join(', ')}`}
      </p>
      {body.passage && (
        <div className="mb-3 border-l-[3px] border-line pl-3 font-text text-sm">
          <RichText content={body.passage} />
        </div>
      )}
      <ItemView item={body} />
      <ItemExtras item={body} />
      {signed && (
        <p className="mt-3 text-dill">
          <span aria-hidden="true">✓ </span>Signed off
        </p>
      )}
      {!hasKey(body) && <p className="mt-3 text-beet">◆ It has no key yet, so it cannot be signed off.</p>}
      <Findings item={item} />
    </>
  )
}

/** What the text that it was drafted from says of it, as it stood when it was kept. */
function Evidence({ evidence }: { readonly evidence: Schemas['KeptEvidenceDto'] }) {
  const [glyph, tone, says] = EVIDENCE_WORDS[evidence.verdict]
  return (
    <div className="mb-4">
      <h2 className="mb-1 text-xs font-semibold text-muted">What the reading says</h2>
      {evidence.sentences.map(({ text, place, time }) => (
        <blockquote key={place} className="border-l-[3px] border-mustard pl-3 font-text text-[15px]">
          {timeText(time)}
          {text}
        </blockquote>
      ))}
      <p className={tone}>
        <span aria-hidden="true">{glyph} </span>
        {says}
      </p>
      <p className="text-xs text-muted">
        {evidence.source}
        {evidence.sentences.length > 0 && `, sentence ${evidence.sentences.map(({ place }) => place).join(' and ')}`}
      </p>
    </div>
  )
}

/** The lines of the draft that the item was read from, as they stood. */
function Source({ item }: { readonly item: BankItem }) {
  const from = item.cameFrom
  return (
    <>
      {from?.evidence && <Evidence evidence={from.evidence} />}
      <h2 className="mb-1 text-xs font-semibold text-muted">Where it came from</h2>
      {from?.text ? (
        <>
          <p className="mb-1.5 text-muted">
            {from.draftId ? (
              <Link to={`/drafts/${from.draftId}`} className="underline">
                {from.title}
              </Link>
            ) : (
              from.title
            )}
            {from.lines && `, lines ${from.lines[0]} to ${from.lines[1]}`}
          </p>
          <pre dir="auto" className="border-l-[3px] border-mustard pl-3 font-mono text-[13px] whitespace-pre-wrap">
            {from.text}
          </pre>
        </>
      ) : (
        <p className="text-muted">
          {from?.title
            ? `${from.title}; its lines were not kept.`
            : 'It was made in the bank, so there is no source beside it.'}
        </p>
      )}
    </>
  )
}

const LOOK_UP_WORDS = 12

function LookUp({ item }: { readonly item: BankItem }) {
  const settings = useSettings()
  const pattern = settings.data?.lookUp
  const body = item.body
  const words = plainText(body.stem).replace(/_{2,}/g, ' ').split(/\s+/).slice(0, LOOK_UP_WORDS).join(' ')
  return (
    <div className="mt-5">
      <h2 className="mb-1 text-xs font-semibold text-muted">Look it up</h2>
      {pattern ? (
        <a
          href={pattern.replace('{words}', encodeURIComponent(words))}
          target="_blank"
          rel="noreferrer"
          className="underline"
        >
          “{words}” in the reference that this workspace uses
        </a>
      ) : (
        <p className="text-muted">
          No look-up is set.{' '}
          <Link to="/bank/settings" className="underline">
            Set its address
          </Link>
        </p>
      )}
    </div>
  )
}
