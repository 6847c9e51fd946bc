import { Tabs } from 'radix-ui'
import { useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { useBankChanges } from '../bank/queries'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { HandOver } from '../people/HandOver'
import { May, useMay } from '../people/May'
import { Others } from '../people/Others'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted, pointsText } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { AddItems } from './AddItems'
import { EntryList } from './EntryList'
import { inOrder, PaperSettings } from './PaperSettings'
import { PrintMenu } from './PrintMenu'
import { usePaperState, type ItemOf, type ChangePaper } from './paper-state'
import { usePaper, type Paper } from './queries'
import { VersionsPanel } from './VersionsPanel'
import type { PaperState, Entry } from './paper-parts'

export function PaperDeskPage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  if (paper.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  return <PaperDesk key={paper.data.id} paper={paper.data} />
}

const LEAD_LINK = 'rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard'
const LINK = 'rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge'
const TAB =
  'border-b-[3px] border-transparent px-2 pb-1.5 text-muted data-[state=active]:border-mustard data-[state=active]:font-semibold data-[state=active]:text-ink'

function PaperDesk({ paper }: { readonly paper: Paper }) {
  const mayWrite = useMay('write')
  const { state, change, flush, saving, isWaiting } = usePaperState(paper, !mayWrite)
  const [handing, setHanding] = useState(false)
  const items: ItemOf = useMemo(() => new Map(paper.items.map((item) => [item.id, item])), [paper.items])
  const [adding, setAdding] = useState(false)
  const points = state.entries.reduce((sum, entry) => sum + entry.points, 0)
  const unsigned = state.entries.filter((entry) => items.get(entry.itemId)?.signOff === null).length
  const entries = inOrder(state.entries, state.sections)
  return (
    <>
      <PaperHead
        state={state}
        change={change}
        points={points}
        paper={paper}
        unsigned={unsigned}
        saving={saving}
        isWaiting={isWaiting}
        setAdding={setAdding}
        adding={adding}
        setHanding={setHanding}
        flush={flush}
      />
      {handing && <HandOver kind="paper" ids={[paper.id]} title={state.title} close={() => setHanding(false)} />}
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_420px] lg:overflow-hidden">
        <Sheet state={state} setAdding={setAdding} entries={entries} items={items} change={change} />
        <aside className="border-t border-line px-[18px] py-3 lg:overflow-y-auto lg:border-t-0 lg:border-l">
          {adding ? (
            <AddItems entries={state.entries} add={(entry) => change({ entries: [...state.entries, entry] })} />
          ) : (
            <Tabs.Root defaultValue="settings">
              <Tabs.List aria-label="About this paper" className="mb-3 flex gap-2 border-b border-line">
                <Tabs.Trigger value="settings" className={TAB}>
                  Settings
                </Tabs.Trigger>
                {paper.versionOf === null && (
                  <Tabs.Trigger value="versions" className={TAB}>
                    Draw and versions
                  </Tabs.Trigger>
                )}
                <Tabs.Trigger value="checks" className={TAB}>
                  Checks {paper.findings.length > 0 && <span className="tabular-nums">{paper.findings.length}</span>}
                </Tabs.Trigger>
              </Tabs.List>
              <Tabs.Content value="settings">
                <PaperSettings state={state} change={change} />
              </Tabs.Content>
              <Tabs.Content value="versions">
                <VersionsPanel paper={paper} state={state} change={change} flush={flush} />
              </Tabs.Content>
              <Tabs.Content value="checks">
                <SetChecks paper={paper} />
              </Tabs.Content>
            </Tabs.Root>
          )}
        </aside>
      </div>
    </>
  )
}

/** The paper as it is printed, with its items to arrange. */
function Sheet({
  state,
  setAdding,
  entries,
  items,
  change,
}: {
  readonly state: PaperState
  readonly setAdding: (next: boolean) => void
  readonly entries: readonly Entry[]
  readonly items: ItemOf
  readonly change: ChangePaper
}) {
  return (
    <div className="bg-rye px-3 py-4 sm:px-6 lg:overflow-y-auto">
      <div className="mx-auto max-w-[680px] border border-line bg-sheet px-4 py-6 sm:px-12">
        <h2 className="text-xl font-semibold">{state.title}</h2>
        <div className="mt-3 mb-5 flex flex-wrap gap-x-6 gap-y-2 text-xs text-muted">
          {state.identity.map((field) => (
            <span key={field} className="w-40 border-b border-edge">
              {field}
            </span>
          ))}
        </div>
        {state.instructions && <p className="mb-4 font-text text-[15px] whitespace-pre-line">{state.instructions}</p>}
        {state.entries.length === 0 && (
          <Empty title="No items on this paper yet">
            <p className="mb-3">Add them one by one, or have them drawn by rules.</p>
            <Button tone="lead" onClick={() => setAdding(true)}>
              Add items
            </Button>
          </Empty>
        )}
        <EntryList
          entries={entries}
          sections={state.sections}
          items={items}
          change={(next) => change({ entries: inOrder(next, state.sections) })}
        />
      </div>
    </div>
  )
}

function PaperHead({
  state,
  change,
  points,
  paper,
  unsigned,
  saving,
  isWaiting,
  setAdding,
  adding,
  setHanding,
  flush,
}: {
  readonly state: PaperState
  readonly change: ChangePaper
  readonly points: number
  readonly paper: Paper
  readonly unsigned: number
  readonly saving: boolean
  readonly isWaiting: boolean
  readonly setAdding: (next: boolean) => void
  readonly adding: boolean
  readonly setHanding: (next: boolean) => void
  readonly flush: () => Promise<void>
}) {
  return (
    <Head
      title={
        <h1>
          <input
            aria-label="Title of the paper"
            value={state.title}
            onChange={(event) => change({ title: event.target.value })}
            className="w-[min(20rem,70vw)] border-b border-transparent bg-transparent font-text text-xl font-semibold tracking-tight hover:border-line"
          />
        </h1>
      }
      about={
        <span role="status">
          {counted(state.entries.length, 'item', 'items')} · {pointsText(points)} · about{' '}
          {Math.max(1, Math.round(paper.expectedSeconds / 60))} min
          {unsigned > 0 && ` · ${unsigned} not signed off`}
          {saving || isWaiting ? ' · saving …' : ''}
        </span>
      }
    >
      {paper.versionOf !== null && (
        <Link to={`/papers/${paper.versionOf}`} className={LINK}>
          All versions
        </Link>
      )}
      <Others place={`paper:${paper.id}`} />
      <May right="write" to="change papers">
        <Button onClick={() => setAdding(!adding)}>{adding ? 'Done adding' : 'Add items'}</Button>
        <Button onClick={() => setHanding(true)}>Hand over</Button>
      </May>
      <Link to={`/papers/${paper.id}/take`} className={LINK}>
        Take it
      </Link>
      <PrintMenu paper={paper} flush={flush} />
      <Link to={`/dispatch/paper/${paper.id}`} className={LEAD_LINK}>
        Dispatch
      </Link>
    </Head>
  )
}

/** What the writing checks say of all items together, with what can be done about it. */
function SetChecks({ paper }: { readonly paper: Paper }) {
  const { rebalance, undoMany } = useBankChanges()
  const tell = useTell()
  const spread = (): void =>
    rebalance.mutate(
      paper.items.map((item) => item.id),
      {
        onSuccess: (result) =>
          tell(
            result.changed
              ? `Options of ${counted(result.changed, 'item', 'items')} were moved.`
              : 'Every key that may move stands well already.',
            result.changed ? { undo: () => undoMany.mutate(result.id) } : {},
          ),
        onError: (error) => tell(error.message, { tone: 'trouble' }),
      },
    )
  const own = paper.items.flatMap((item, index) =>
    item.findings.filter((one) => one.waived === null).map((one) => ({ ...one, index, id: item.id })),
  )
  if (!paper.findings.length && !own.length)
    return <p className="text-muted">The writing checks have nothing to say about this paper.</p>
  return (
    <div className="grid gap-4">
      {paper.findings.length > 0 && (
        <section aria-label="All items together">
          <h2 className="mb-1 text-xs font-semibold text-muted">All items together</h2>
          <ul className="grid gap-2">
            {paper.findings.map((one, at) => (
              <li key={at} className="text-mustard-ink">
                <span aria-hidden="true">◇ </span>
                {one.message}{' '}
                {one.code === 'key-position' && (
                  <Button onClick={spread} disabled={rebalance.isPending}>
                    Spread the keys
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {own.length > 0 && (
        <section aria-label="Single items">
          <h2 className="mb-1 text-xs font-semibold text-muted">Single items</h2>
          <ul className="grid gap-2">
            {own.map((one) => (
              <li key={`${one.id}-${one.code}`}>
                <Link to={`/bank/${one.id}`} className="font-semibold underline">
                  Item {one.index + 1}
                </Link>{' '}
                <span className={one.severity === 'trouble' ? 'text-beet' : 'text-mustard-ink'}>{one.message}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
