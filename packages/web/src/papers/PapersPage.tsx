import { formatDistanceToNow } from 'date-fns'
import { Link, useNavigate } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted, pointsText } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { usePaperChanges, usePapers } from './queries'

/** The tray of papers. */
export function PapersPage() {
  const papers = usePapers()
  const { create, remove, undelete } = usePaperChanges()
  const navigate = useNavigate()
  const tell = useTell()
  const own = papers.data?.filter((paper) => paper.versionOf === null)
  const versionsOf = (id: string): string =>
    (papers.data ?? [])
      .flatMap((paper) => (paper.versionOf === id && paper.label !== null ? [paper.label] : []))
      .sort()
      .join(', ')
  const start = (): void =>
    create.mutate(
      { title: 'New paper', itemIds: [] },
      {
        onSuccess: (paper) => void navigate(`/papers/${paper.id}`),
        onError: (error) => tell(error.message, { tone: 'trouble' }),
      },
    )
  return (
    <>
      <Head title="Papers" about={own && counted(own.length, 'paper', 'papers')}>
        <May right="write" to="begin a paper">
          <Button tone="lead" onClick={start}>
            New paper
          </Button>
        </May>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto">
        {papers.isPending && <Waiting what="the papers" />}
        {papers.isError && <Problem error={papers.error} again={() => void papers.refetch()} />}
        {own?.length === 0 && (
          <Empty title="No papers yet">
            <p>Pick items in the bank and add them to a paper.</p>
            <p className="mt-4">
              <Link to="/bank" className="underline">
                Open the bank
              </Link>
            </p>
          </Empty>
        )}
        <ul aria-label="Papers">
          {own?.map((paper) => (
            <li
              key={paper.id}
              className="flex items-center gap-4 border-b border-line px-3 py-2.5 focus-within:bg-here hover:bg-here sm:px-[18px]"
            >
              <Link to={`/papers/${paper.id}`} className="min-w-0 flex-1 font-text text-base font-medium">
                {paper.title}
                {versionsOf(paper.id) && (
                  <span className="ml-2 font-ui text-xs font-normal text-muted">versions {versionsOf(paper.id)}</span>
                )}
              </Link>
              <span className="w-20 text-muted tabular-nums">{counted(paper.itemCount, 'item', 'items')}</span>
              <span className="w-20 text-muted tabular-nums">{pointsText(paper.points)}</span>
              <span className="hidden w-32 text-muted md:block">
                {formatDistanceToNow(paper.updatedAt, { addSuffix: true })}
              </span>
              <May right="delete">
                <Button
                  tone="quiet"
                  aria-label={`Delete ${paper.title}`}
                  onClick={() =>
                    remove.mutate(paper.id, {
                      onSuccess: () => tell(`“${paper.title}” was deleted.`, { undo: () => undelete.mutate(paper.id) }),
                    })
                  }
                >
                  Delete
                </Button>
              </May>
            </li>
          ))}
        </ul>
      </div>
    </>
  )
}
