import { formatDistanceToNow } from 'date-fns'
import { useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { useDeleteDraft, useDrafts, useNewDraft } from './queries'
import { SAMPLE_TEXT } from './sample'

/** The tray of drafts. */
export function DraftsPage() {
  const drafts = useDrafts()
  const start = useStart()
  const [filter, setFilter] = useState('')
  const shown = (drafts.data ?? []).filter((draft) => draft.title.toLowerCase().includes(filter.toLowerCase()))
  return (
    <>
      <Head title="Drafts" about={drafts.data && counted(drafts.data.length, 'draft', 'drafts')}>
        <input
          type="search"
          aria-label="Filter drafts by title"
          placeholder="Filter"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
          className="w-36 rounded-[3px] border border-edge bg-sheet px-2 py-1"
        />
        <OpenFile start={start} />
        <Button tone="lead" onClick={() => start('', '')}>
          New draft
        </Button>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto">
        {drafts.isPending && <Waiting what="the drafts" />}
        {drafts.isError && <Problem error={drafts.error} again={() => void drafts.refetch()} />}
        {drafts.data?.length === 0 && (
          <Empty title="No drafts yet">
            <p>Paste questions as you have them: typed, copied out of a chat, with or without numbers.</p>
            <div className="mt-4 flex justify-center gap-2">
              <Button tone="lead" onClick={() => start('', '')}>
                New draft
              </Button>
              <Button onClick={() => start('Knots, a sample', SAMPLE_TEXT)}>Try a sample</Button>
            </div>
          </Empty>
        )}
        {shown.length > 0 && (
          <ul aria-label="Drafts">
            {shown.map((draft) => (
              <DraftRow key={draft.id} draft={draft} />
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

function useStart() {
  const navigate = useNavigate()
  const create = useNewDraft()
  const tell = useTell()
  return (title: string, text: string): void =>
    create.mutate(
      { title, text },
      {
        onSuccess: (draft) => void navigate(`/drafts/${draft.id}`),
        onError: (error) => tell(error.message, { tone: 'trouble' }),
      },
    )
}

const MAX_FILE_BYTES = 5 * 1024 * 1024

function OpenFile({ start }: { readonly start: (title: string, text: string) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const tell = useTell()
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return
    if (file.size > MAX_FILE_BYTES) return tell(`${file.name} is larger than 5 MB.`, { tone: 'trouble' })
    const text = await file.text()
    if (text.includes('\0') || text.startsWith('PK'))
      return tell(`${file.name} is not plain text. Copy its text and paste it here.`, { tone: 'trouble' })
    start(file.name.replace(/\.\w+$/, ''), text)
  }
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".txt,.md,text/plain,text/markdown"
        className="sr-only"
        tabIndex={-1}
        aria-label="Text file to open"
        onChange={(event) => {
          void open(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      <Button onClick={() => input.current?.click()}>Open a text file…</Button>
    </>
  )
}

function DraftRow({ draft }: { readonly draft: Schemas['DraftSummaryDto'] }) {
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
      <span className="hidden w-32 text-muted md:block">
        {formatDistanceToNow(draft.updatedAt, { addSuffix: true })}
      </span>
      <Button tone="quiet" aria-label={`Delete ${draft.title}`} onClick={() => void deleteDraft()}>
        Delete
      </Button>
    </li>
  )
}
