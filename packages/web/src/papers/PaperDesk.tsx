import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { useBankSearch } from '../bank/queries'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { asKept, counted, pointsText } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { RichText } from '../parts/RichText'
import { plainText } from '@zakuska/core'
import { usePaper, usePaperChanges, type Paper } from './queries'

type Entry = Schemas['PaperEntryDto']
type ItemOf = ReadonlyMap<string, Schemas['ItemDto']>

export function PaperDeskPage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  if (paper.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  return <PaperDesk key={`${paper.data.id}`} paper={paper.data} />
}

const LEAD_LINK = 'rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard'
const LINK = 'rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge'
const SAVE_AFTER_MS = 500

/** Keeps what is edited and saves it shortly after; the newest edit wins, one save at a time. */
function usePaperState(paper: Paper) {
  const { save } = usePaperChanges()
  const tell = useTell()
  const [state, setState] = useState(() => ({
    title: paper.title,
    instructions: paper.instructions,
    entries: paper.entries,
    shuffleItems: paper.shuffleItems,
    shuffleOptions: paper.shuffleOptions,
  }))
  const live = useRef({ state, version: paper.version, timer: 0, running: false, dirty: false })
  const push = useRef<() => void>(() => undefined)
  useEffect(() => {
    push.current = () => {
      const now = live.current
      if (now.running || !now.dirty) return
      now.dirty = false
      now.running = true
      save
        .mutateAsync({ id: paper.id, given: { ...now.state, version: now.version } })
        .then((saved) => {
          now.version = saved.version
        })
        .catch((error: unknown) =>
          tell(error instanceof Error ? error.message : 'The paper was not saved.', { tone: 'trouble' }),
        )
        .finally(() => {
          now.running = false
          if (now.dirty) push.current()
        })
    }
  })
  useEffect(
    () => () => {
      window.clearTimeout(live.current.timer)
      push.current()
    },
    [],
  )
  const change = (part: Partial<typeof state>): void => {
    live.current.state = { ...live.current.state, ...part }
    live.current.dirty = true
    setState(live.current.state)
    window.clearTimeout(live.current.timer)
    live.current.timer = window.setTimeout(() => push.current(), SAVE_AFTER_MS)
  }
  return { state, change, saving: save.isPending }
}

function PaperDesk({ paper }: { readonly paper: Paper }) {
  const { state, change, saving } = usePaperState(paper)
  const items: ItemOf = useMemo(() => new Map(paper.items.map((item) => [item.id, item])), [paper.items])
  const [adding, setAdding] = useState(false)
  const points = state.entries.reduce((sum, entry) => sum + entry.points, 0)
  const unsigned = state.entries.filter((entry) => items.get(entry.itemId)?.signOff === null).length
  return (
    <>
      <Head
        title={
          <h1>
            <input
              aria-label="Title of the paper"
              value={state.title}
              onChange={(event) => change({ title: event.target.value })}
              className="w-[min(22rem,70vw)] border-b border-transparent bg-transparent font-text text-xl font-semibold tracking-tight hover:border-line"
            />
          </h1>
        }
        about={
          <span role="status">
            {counted(state.entries.length, 'item', 'items')} · {pointsText(points)}
            {unsigned > 0 && ` · ${unsigned} not signed off`}
            {saving ? ' · saving …' : ''}
          </span>
        }
      >
        <Button onClick={() => setAdding(!adding)}>{adding ? 'Done adding' : 'Add items'}</Button>
        <Link to={`/papers/${paper.id}/take`} className={LINK}>
          Take it
        </Link>
        <Link to={`/dispatch/paper/${paper.id}`} className={LEAD_LINK}>
          Dispatch
        </Link>
      </Head>
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_420px] lg:overflow-hidden">
        <div className="bg-rye px-3 py-4 sm:px-6 lg:overflow-y-auto">
          <div className="mx-auto max-w-[680px] border border-line bg-sheet px-4 py-6 sm:px-12">
            <h2 className="text-xl font-semibold">{state.title}</h2>
            <div className="mt-3 mb-5 flex gap-6 text-xs text-muted">
              <span className="w-40 border-b border-edge">Name</span>
              <span className="w-40 border-b border-edge">Class</span>
            </div>
            {state.instructions && (
              <p className="mb-4 font-text text-[15px] whitespace-pre-line">{state.instructions}</p>
            )}
            {state.entries.length === 0 && (
              <Empty title="No items on this paper yet">
                <Button tone="lead" onClick={() => setAdding(true)}>
                  Add items
                </Button>
              </Empty>
            )}
            <EntryList entries={state.entries} items={items} change={(entries) => change({ entries })} />
          </div>
        </div>
        <aside className="border-t border-line px-[18px] py-4 lg:overflow-y-auto lg:border-t-0 lg:border-l">
          {adding ? (
            <AddItems entries={state.entries} add={(entry) => change({ entries: [...state.entries, entry] })} />
          ) : (
            <ForAll state={state} change={change} />
          )}
        </aside>
      </div>
    </>
  )
}

function EntryList({
  entries,
  items,
  change,
}: {
  readonly entries: readonly Entry[]
  readonly items: ItemOf
  readonly change: (entries: Entry[]) => void
}) {
  const tell = useTell()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const ids = entries.map((entry) => entry.itemId)
  const moved = ({ active, over }: DragEndEvent): void => {
    if (over && active.id !== over.id)
      change(arrayMove([...entries], ids.indexOf(String(active.id)), ids.indexOf(String(over.id))))
  }
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label="Items of the paper">
          {entries.map((entry, index) => (
            <EntryRow
              key={entry.itemId}
              entry={entry}
              index={index}
              item={items.get(entry.itemId)}
              set={(part) => change(entries.map((one, at) => (at === index ? { ...one, ...part } : one)))}
              remove={() => {
                change(entries.filter((_one, at) => at !== index))
                tell(`Item ${index + 1} was taken off the paper.`, { undo: () => change([...entries]) })
              }}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  )
}

function EntryRow({
  entry,
  index,
  item,
  set,
  remove,
}: {
  readonly entry: Entry
  readonly index: number
  readonly item: Schemas['ItemDto'] | undefined
  readonly set: (part: Partial<Entry>) => void
  readonly remove: () => void
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: entry.itemId })
  const body = item && asKept(item.body)
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`group -mx-3 grid grid-cols-[24px_26px_1fr_auto] gap-x-1 px-1 py-2 ${isDragging ? 'relative z-10 border border-ink bg-here' : ''}`}
    >
      <button
        type="button"
        aria-label={`Move item ${index + 1}`}
        {...attributes}
        {...listeners}
        className="size-6 cursor-grab touch-none text-edge"
      >
        ⋮⋮
      </button>
      <span className="text-right font-text font-semibold text-muted">{index + 1}</span>
      <div className="min-w-0 pl-2" dir="auto">
        {body ? (
          <>
            <div className="font-text text-[16px] leading-snug">
              <RichText content={body.stem} />
              {!entry.required && <span className="font-ui text-xs text-muted"> (need not be answered)</span>}
            </div>
            {'options' in body && (
              <ol className="grid gap-x-6 pt-1 font-text text-[14.5px] sm:grid-cols-2">
                {body.options.map((option, at) => (
                  <li key={option.id} className="flex gap-2">
                    <span className="font-ui text-[12.5px] text-muted">{String.fromCharCode(97 + at)}</span>
                    <RichText content={option.content} inline />
                  </li>
                ))}
              </ol>
            )}
            {body.kind === 'truefalse' && (
              <p className="flex gap-10 pt-1 font-text text-[14.5px]">
                <span>true</span>
                <span>false</span>
              </p>
            )}
            {item.signOff === null && (
              <p className="pt-1 text-xs text-beet">
                <span aria-hidden="true">◆ </span>not signed off
              </p>
            )}
          </>
        ) : (
          <p className="text-muted">Loading the item …</p>
        )}
      </div>
      <div className="flex items-start gap-1">
        <input
          type="number"
          min={0}
          max={1000}
          step="any"
          aria-label={`Points of item ${index + 1}`}
          value={entry.points}
          onChange={(event) => {
            if (!Number.isNaN(event.target.valueAsNumber)) set({ points: event.target.valueAsNumber })
          }}
          className="w-14 rounded-[3px] border border-line bg-sheet px-1 text-right tabular-nums"
        />
        <button
          type="button"
          aria-label={`Take item ${index + 1} off the paper`}
          onClick={remove}
          className="size-6 text-muted"
        >
          ×
        </button>
      </div>
    </li>
  )
}

interface State {
  readonly instructions: string
  readonly entries: readonly Entry[]
  readonly shuffleItems: boolean
  readonly shuffleOptions: boolean
}

/** Settings for all items at once; exceptions are made on the item. */
function ForAll({
  state,
  change,
}: {
  readonly state: State
  readonly change: (part: {
    instructions?: string
    entries?: Entry[]
    shuffleItems?: boolean
    shuffleOptions?: boolean
  }) => void
}) {
  const [points, setPoints] = useState('1')
  const all = (part: Partial<Entry>): void => change({ entries: state.entries.map((entry) => ({ ...entry, ...part })) })
  const required = state.entries.filter((entry) => entry.required).length
  return (
    <div className="grid gap-4">
      <h2 className="text-[15px] font-semibold">For all items</h2>
      <form
        className="flex items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          const value = Number(points)
          if (value >= 0 && value <= 1000) all({ points: value })
        }}
      >
        <label className="flex items-center gap-2">
          Points each{' '}
          <input
            type="number"
            min={0}
            max={1000}
            step="any"
            value={points}
            onChange={(event) => setPoints(event.target.value)}
            className="w-16 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-right"
          />
        </label>
        <Button type="submit">Set for all</Button>
      </form>
      <label>
        <input
          type="checkbox"
          checked={state.entries.length > 0 && required === state.entries.length}
          onChange={(event) => all({ required: event.target.checked })}
          className="mr-2 accent-ink"
        />
        Answer required{' '}
        <span className="text-muted">
          ({required} of {state.entries.length})
        </span>
      </label>
      <label>
        <input
          type="checkbox"
          checked={state.shuffleOptions}
          onChange={(event) => change({ shuffleOptions: event.target.checked })}
          className="mr-2 accent-ink"
        />
        Shuffle options, but those that must keep their order
      </label>
      <label>
        <input
          type="checkbox"
          checked={state.shuffleItems}
          onChange={(event) => change({ shuffleItems: event.target.checked })}
          className="mr-2 accent-ink"
        />
        Shuffle items
      </label>
      <label className="grid gap-1">
        Instructions
        <textarea
          rows={4}
          value={state.instructions}
          onChange={(event) => change({ instructions: event.target.value })}
          className="rounded-[3px] border border-edge bg-sheet px-2 py-1 font-text text-[15px]"
        />
      </label>
      <p className="text-xs text-muted">
        Order: drag an item by its dots, or focus the dots, press space, move with the arrow keys, press space again.
      </p>
    </div>
  )
}

function AddItems({ entries, add }: { readonly entries: readonly Entry[]; readonly add: (entry: Entry) => void }) {
  const [text, setText] = useState('')
  const found = useBankSearch({ filter: text ? { text } : {}, sort: 'newest' })
  const items = found.data?.pages.flatMap((page) => page.items)
  const there = new Set(entries.map((entry) => entry.itemId))
  return (
    <div className="grid gap-3">
      <h2 className="text-[15px] font-semibold">From the bank</h2>
      <input
        type="search"
        autoFocus
        aria-label="Search the bank"
        placeholder="Search words"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="rounded-[3px] border border-ink bg-sheet px-2.5 py-1"
      />
      <ul aria-label="Found items">
        {items?.map((item) => {
          const body = asKept(item.body)
          return (
            <li key={item.id} className="flex items-start gap-2 border-b border-line py-1.5">
              <span className="min-w-0 flex-1 font-text text-[14.5px] leading-snug">
                {plainText(body.stem)}
                {item.signOff === null && <span className="block font-ui text-xs text-beet">◆ not signed off</span>}
              </span>
              <Button
                disabled={there.has(item.id)}
                aria-label={`Add: ${plainText(body.stem).slice(0, 60)}`}
                onClick={() => add({ itemId: item.id, points: body.points, required: false })}
              >
                {there.has(item.id) ? 'on it' : 'Add'}
              </Button>
            </li>
          )
        })}
      </ul>
      {items?.length === 0 && <p className="text-muted">Nothing in the bank matches.</p>}
    </div>
  )
}
