import {
  draftFigures,
  plainText,
  readDraft,
  tidyText,
  type DraftFigures,
  type EvidenceVerdict,
  type ReadItem,
} from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { useQueries } from '@tanstack/react-query'
import { Head } from '../../parts/Head'
import { Button } from '../../parts/Button'
import { Empty, Problem, Waiting } from '../../parts/Empty'
import { EVIDENCE_WORDS } from '../../parts/evidence-words'
import { ItemView } from '../../parts/ItemView'
import { counted, letterOf } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { May } from '../../people/May'
import { useReply, useRepliesOf, type Reply } from '../../writing/queries'
import { draftKeys, fetchDraft, useNewDraft, type SavedDraft } from '../queries'
import { STATE_WORDS } from '../../writing/words'

const MOST = 4

/** Up to four drafts beside each other: what each has, and the best of each into one. */
export function SideBySidePage() {
  const [params] = useSearchParams()
  const ids = [...new Set((params.get('drafts') ?? '').split(',').filter(Boolean))].slice(0, MOST)
  const drafts = useQueries({
    queries: ids.map((id) => ({ queryKey: draftKeys.one(id), queryFn: () => fetchDraft(id), staleTime: 0 })),
  })
  const failed = drafts.find(({ isError }) => isError)
  if (!ids.length)
    return (
      <>
        <Head title="Drafts side by side" />
        <Empty title="No draft was chosen">
          <Link to="/drafts" className="underline">
            Choose two to four
          </Link>
        </Empty>
      </>
    )
  if (failed?.error) return <Problem error={failed.error} />
  const loaded = drafts.flatMap(({ data }) => data ?? [])
  return loaded.length < ids.length ? <Waiting what="the drafts" /> : <SideBySide drafts={loaded} />
}

type Picked = ReadonlyMap<string, ReadItem>

function SideBySide({ drafts }: { readonly drafts: readonly SavedDraft[] }) {
  const [picked, setPicked] = useState<Picked>(new Map())
  const ids = drafts.map(({ id }) => id)
  const replies = useRepliesOf(ids).data ?? []
  const newDraft = useNewDraft()
  const navigate = useNavigate()
  const tell = useTell()
  const toggle = (name: string, item: ReadItem): void => {
    const next = new Map(picked)
    if (!next.delete(name)) next.set(name, item)
    setPicked(next)
  }
  const make = (): void => {
    const [first] = drafts
    // Sources of all of them, each once, so that every item still finds its sentence.
    const source = [...new Set(drafts.flatMap((draft) => draft.source ?? []))].join('\n\n')
    const title = `${(first?.title ?? '').replace(/, [A-D]$/, '')}, the best`
    newDraft.mutate(
      { title, text: tidyText([...picked.values()].map(({ item }) => item)), ...(source && { source }) },
      {
        onSuccess: ({ id }) => void navigate(`/drafts/${id}`),
        onError: (error) => tell(error.message, { tone: 'trouble' }),
      },
    )
  }
  return (
    <>
      <Head title="Drafts side by side" about={`${counted(picked.size, 'item', 'items')} picked`}>
        <May right="write" to="make one of them">
          <Button tone="lead" disabled={!picked.size || newDraft.isPending} onClick={make}>
            {picked.size ? `Make one draft of the ${picked.size}` : 'Pick items first'}
          </Button>
        </May>
      </Head>
      <div
        className="grid min-h-0 flex-1 auto-cols-[minmax(270px,1fr)] grid-flow-col overflow-auto"
        tabIndex={0}
        role="group"
        aria-label="Drafts"
      >
        {drafts.map((draft) => (
          <Column
            key={draft.id}
            draft={draft}
            pending={replies.find(({ draftId, purpose }) => draftId === draft.id && purpose === 'items')}
            picked={picked}
            toggle={toggle}
          />
        ))}
      </div>
    </>
  )
}

function Column({
  draft,
  pending,
  picked,
  toggle,
}: {
  readonly draft: SavedDraft
  readonly pending: Reply | undefined
  readonly picked: Picked
  readonly toggle: (name: string, item: ReadItem) => void
}) {
  // A draft that is still being written is read as its reply grows.
  const reply = useReply(draft.text === '' ? (pending?.id ?? null) : null).data
  const text = draft.text || (reply?.text ?? '')
  const reading = useMemo(() => {
    const { styles, keyText, taught, notation } = draft
    return readDraft({ text, styles, ...(keyText && { keyText }), taught, ...(notation && { notation }) })
  }, [draft, text])
  const figures = useMemo(
    () =>
      draftFigures(
        reading.items.map(({ item }) => item),
        draft.source,
      ),
    [reading, draft.source],
  )
  return (
    <section aria-label={draft.title} className="flex min-w-0 flex-col border-r border-line last:border-r-0">
      <header className="sticky top-0 z-10 border-b border-line bg-sheet px-3 py-2">
        <h2 className="truncate font-text text-[15px] font-semibold">
          <Link to={`/drafts/${draft.id}`} className="hover:underline">
            {draft.title}
          </Link>
        </h2>
        {reply && reply.state !== 'done' && (
          <p role="status" className={reply.state === 'writing' ? 'text-muted' : 'text-beet'}>
            {reply.state !== 'writing' && <span aria-hidden="true">◆ </span>}
            {reply.why ?? STATE_WORDS[reply.state]}
          </p>
        )}
        <Figures figures={figures} />
      </header>
      <ol className="min-h-0 flex-1 px-3">
        {reading.items.map((read, at) => {
          const name = `${draft.id} ${at}`
          const isPicked = picked.has(name)
          return (
            <li key={name} className={`border-b border-line py-2 ${isPicked ? 'bg-here' : ''}`}>
              <label className="flex items-start gap-2">
                <input
                  type="checkbox"
                  className="mt-1"
                  checked={isPicked}
                  aria-label={`Pick ${at + 1}: ${plainText(read.item.stem).slice(0, 80)}`}
                  onChange={() => toggle(name, read)}
                />
                <span className="min-w-0 flex-1">
                  <ItemView item={read.item} small />
                  <Doubt verdict={figures.evidence[at]?.verdict} />
                </span>
              </label>
            </li>
          )
        })}
        {!reading.items.length && <li className="py-6 text-center text-muted">Nothing to read yet.</li>}
      </ol>
    </section>
  )
}

/** What the reading does not bear out is said at the item. */
function Doubt({ verdict }: { readonly verdict: EvidenceVerdict | undefined }) {
  if (verdict !== 'otherwise' && verdict !== 'not-found') return null
  const [glyph, tone, says] = EVIDENCE_WORDS[verdict]
  return (
    <span className={`block pt-1 text-[12.5px] ${tone}`}>
      <span aria-hidden="true">{glyph} </span>
      {says}
    </span>
  )
}

/** Balance, reading level and coverage of one draft, in three lines. */
function Figures({ figures }: { readonly figures: DraftFigures }) {
  const { items, keyPlaces, trueKeys, falseKeys, reading, coverage, verdicts } = figures
  const doubtful = (verdicts.otherwise ?? 0) + (verdicts['not-found'] ?? 0)
  return (
    <dl className="mt-1 grid grid-cols-[4.6rem_1fr] gap-y-0.5 text-xs">
      <dt className="text-muted">Items</dt>
      <dd>
        {items}
        {doubtful > 0 && <span className="text-beet"> ◆ {doubtful} the reading does not bear out</span>}
      </dd>
      <dt className="text-muted">Keys</dt>
      <dd>
        {keyPlaces.some(Boolean) ? keyPlaces.map((count, at) => `${letterOf(at)} ${count}`).join(' · ') : '–'}
        {trueKeys + falseKeys > 0 && `; true ${trueKeys}, false ${falseKeys}`}
      </dd>
      <dt className="text-muted">To read</dt>
      <dd>{reading ? `${reading.index === 'lix' ? 'LIX' : 'grade'} ${Math.max(0, reading.value)}` : '–'}</dd>
      {coverage && (
        <>
          <dt className="text-muted">Covers</dt>
          <dd>
            {Math.round(coverage.share * 100)} % of the sentences
            <span aria-hidden="true" className="mt-0.5 flex h-[7px] gap-px">
              {coverage.asked.map((isAsked, at) => (
                <span key={at} className={`min-w-px flex-1 ${isAsked ? 'bg-dill' : 'bg-line'}`} />
              ))}
            </span>
          </dd>
        </>
      )}
    </dl>
  )
}
