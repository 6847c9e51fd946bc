import { formatDistanceToNow } from 'date-fns'
import { lazy, Suspense, useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { FileButton } from '../parts/FileButton'
import { May } from '../people/May'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { BeginBox } from './BeginBox'
import { useDeleteDraft, useDrafts } from './queries'
import { useOpenFile, type OpenFile } from './use-open-file'
import { useStart, type Start } from './use-start'

// What other stations know is no reason to wait for this one.
const WaitsHere = lazy(() => import('./WaitsHere').then((part) => ({ default: part.WaitsHere })))

/** Drafts that can stand beside each other. */
const MOST_BESIDE = 4

/** The tray of drafts. */
export function DraftsPage() {
  const drafts = useDrafts()
  const start = useStart()
  const file = useOpenFile(start)
  const [filter, setFilter] = useState('')
  const [chosen, setChosen] = useState<readonly string[]>([])
  const shown = (drafts.data ?? []).filter((draft) => draft.title.toLowerCase().includes(filter.toLowerCase()))
  return (
    <>
      <DraftsHead drafts={drafts} filter={filter} setFilter={setFilter} chosen={chosen} file={file} start={start} />
      <div className="min-h-0 flex-1 overflow-y-auto">
        {drafts.isPending && <Waiting what="the drafts" />}
        {drafts.isError && <Problem error={drafts.error} again={() => void drafts.refetch()} />}
        {drafts.data && (
          <div className="grid gap-4 border-b border-line px-3 py-3 sm:px-[18px] md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
            <May right="write">
              <BeginBox start={start} file={file} />
            </May>
            <Suspense fallback={<span />}>
              <WaitsHere drafts={drafts.data} />
            </Suspense>
          </div>
        )}
        {drafts.data?.length === 0 && (
          <Empty title="No drafts yet">
            <p>
              What you paste above is read into items as you look on; a document, spreadsheet, PDF or page is opened,
              and a reading or a list of words becomes questions.
            </p>
          </Empty>
        )}
        {shown.length > 0 && (
          <ul aria-label="Drafts">
            {shown.map((draft) => (
              <DraftRow
                key={draft.id}
                draft={draft}
                isChosen={chosen.includes(draft.id)}
                choose={(isChosen) =>
                  setChosen(isChosen ? [...chosen, draft.id] : chosen.filter((id) => id !== draft.id))
                }
              />
            ))}
          </ul>
        )}
        {drafts.data && drafts.data.length > 0 && shown.length === 0 && (
          <p className="px-6 py-10 text-center text-muted">No draft is called “{filter}”.</p>
        )}
      </div>
    </>
  )
}

function DraftsHead({
  drafts,
  filter,
  setFilter,
  chosen,
  file,
  start,
}: {
  readonly drafts: ReturnType<typeof useDrafts>
  readonly filter: string
  readonly setFilter: (next: string) => void
  readonly chosen: readonly string[]
  readonly file: OpenFile
  readonly start: Start
}) {
  return (
    <Head title="Drafts" about={drafts.data && counted(drafts.data.length, 'draft', 'drafts')}>
      <input
        type="search"
        aria-label="Filter drafts by title"
        placeholder="Filter"
        value={filter}
        onChange={(event) => setFilter(event.target.value)}
        className="w-36 rounded-[3px] border border-edge bg-sheet px-2 py-1"
      />
      {chosen.length > 1 && chosen.length <= MOST_BESIDE && (
        <Link
          to={`/drafts/side-by-side?drafts=${chosen.join(',')}`}
          className="rounded-[3px] border border-line bg-sheet px-2.5 py-1"
        >
          {chosen.length} side by side
        </Link>
      )}
      {chosen.length > MOST_BESIDE && <span className="text-muted">four at most stand side by side</span>}
      <May right="write" to="begin a draft">
        <Link to="/drafts/request" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
          From a reading…
        </Link>
        <Link to="/drafts/words" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
          From words…
        </Link>
        <FileButton name="File to open" accept={READ_TYPES} open={file.open} disabled={file.opening !== null}>
          {file.opening === null ? 'Open a file…' : `Reading ${file.opening} …`}
        </FileButton>
        <Button tone="lead" onClick={() => void start({ title: '', text: '' })}>
          New draft
        </Button>
      </May>
    </Head>
  )
}

const READ_TYPES = '.txt,.md,.html,.htm,.docx,.odt,.rtf,.pdf,.xlsx,.ods,.csv,.tsv,.gift,.zip,.xml,.json,text/*'

function DraftRow({
  draft,
  isChosen,
  choose,
}: {
  readonly draft: Schemas['DraftSummaryDto']
  readonly isChosen: boolean
  readonly choose: (isChosen: boolean) => void
}) {
  const { remove, restore } = useDeleteDraft()
  const tell = useTell()
  const left = draft.itemCount - draft.signedCount
  // The row is gone before the answer is told of, so the promise is waited for, not the row's callback.
  const deleteDraft = (): Promise<void> =>
    remove
      .mutateAsync(draft.id)
      .then(() => tell(`“${draft.title}” was deleted.`, { undo: () => restore.mutate(draft.id) }))
      .catch((error: unknown) =>
        tell(error instanceof Error ? error.message : 'It was not deleted.', { tone: 'trouble' }),
      )
  return (
    <li className="flex items-center gap-4 border-b border-line px-3 py-2.5 focus-within:bg-here hover:bg-here sm:px-[18px]">
      <input
        type="checkbox"
        aria-label={`Choose ${draft.title}`}
        checked={isChosen}
        onChange={(event) => choose(event.target.checked)}
      />
      <Link to={`/drafts/${draft.id}`} className="min-w-0 flex-1 font-text text-base font-medium">
        {draft.title}
      </Link>
      <span className="hidden w-24 text-muted tabular-nums sm:block">{counted(draft.itemCount, 'item', 'items')}</span>
      <span className="w-36 tabular-nums">
        {draft.troubleCount > 0 ? (
          <span className="text-beet">
            <span aria-hidden="true">◆ </span>
            {draft.troubleCount} to decide
          </span>
        ) : left > 0 ? (
          <span className="text-mustard-ink">
            <span aria-hidden="true">◐ </span>
            {left} to sign off
          </span>
        ) : (
          <span className="text-dill">
            <span aria-hidden="true">✓ </span>signed off
          </span>
        )}
      </span>
      <span className="hidden w-40 whitespace-nowrap text-muted md:block">
        {formatDistanceToNow(draft.updatedAt, { addSuffix: true })}
      </span>
      <May right="delete">
        <Button tone="quiet" aria-label={`Delete ${draft.title}`} onClick={() => void deleteDraft()}>
          Delete
        </Button>
      </May>
    </li>
  )
}
