import { useVirtualizer } from '@tanstack/react-virtual'
import { CHECKS, hasKey, KIND_NAMES, plainText } from '@zakuska/core'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { Head } from '../frame/Frame'
import { Button, Kbd } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { asKept, counted, pointsText } from '../parts/item-words'
import { HandOver } from '../people/HandOver'
import { May } from '../people/May'
import { AddToPaper } from '../papers/AddToPaper'
import { SendPicked } from '../papers/SendPicked'
import { BulkDialog } from './BulkDialog'
import { Facets } from './Facets'
import { ItemDesk } from './ItemDesk'
import { emptyItem, ItemForm } from './ItemForm'
import { useBankChanges, useBankSearch, useFacets, type BankItem } from './queries'
import { chipName, FILTER_FIELDS, paramsOf, searchIn, SORT_NAMES, type BankFilter, type BankSearch } from './search'

/** The bank: what to look for on the left, the items, and the one that is open. */
export function BankPage() {
  const { id } = useParams()
  const [params, setParams] = useSearchParams()
  const search = useMemo(() => searchIn(params), [params])
  const found = useBankSearch(search)
  const facets = useFacets(search.filter)
  const items = useMemo(() => found.data?.pages.flatMap((page) => page.items) ?? [], [found.data])
  // As items were last shown, also those that another search shows no more: only so are picked ones signed off.
  const [seen, setSeen] = useState<ReadonlyMap<string, number>>(new Map())
  if (items.some((item) => seen.get(item.id) !== item.revision))
    setSeen(new Map([...seen, ...items.map((item) => [item.id, item.revision] as const)]))
  const first = found.data?.pages[0]
  const total = first?.total
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set())
  const [making, setMaking] = useState(false)
  const navigate = useNavigate()
  const open = (next: string | null): void =>
    void navigate({ pathname: next ? `/bank/${next}` : '/bank', search: params.toString() })
  const set = (name: string, value: string | null): void =>
    setParams(
      (now) => {
        if (value) now.set(name, value)
        else now.delete(name)
        return now
      },
      { replace: true },
    )
  const toggle = (item: string): void =>
    setPicked((now) => {
      const next = new Set(now)
      if (!next.delete(item)) next.add(item)
      return next
    })
  const counts = facets.data
  const isNarrow = Object.keys(search.filter).length > 0
  return (
    <>
      <Head
        title="Item bank"
        about={
          counts &&
          `${counted(counts.all, 'item', 'items')} · ${counts.waiting ? `${counts.waiting} wait for sign-off` : 'all signed off'}`
        }
      >
        <Link to="/bank/outcomes" className={LINK}>
          Outcomes
        </Link>
        {counts !== undefined && counts.waiting > 0 && (
          <Link to={{ pathname: '/bank/sign-off', search: params.toString() }} className={LINK}>
            Sign off {counts.waiting} waiting
          </Link>
        )}
        <Link to="/bank/remarks" className={LINK}>
          Remarks
        </Link>
        <Link to="/bank/ready-made" className={LINK}>
          Ready-made sets
        </Link>
        <Link to="/bank/settings" className={LINK}>
          Checks
        </Link>
        <May right="write">
          <Button onClick={() => setMaking(true)}>New item</Button>
        </May>
      </Head>
      <SearchLine search={search} set={set} found={first} all={counts?.all} />
      <div
        className={`grid min-h-0 flex-1 ${id || making ? 'lg:grid-cols-[200px_1fr_430px]' : 'lg:grid-cols-[200px_1fr]'}`}
      >
        <Facets
          search={search}
          set={set}
          facets={counts?.facets}
          apply={(filter) => setParams(paramsOf({ filter, sort: search.sort }))}
        />
        <section
          aria-label="Items"
          className={`min-h-0 border-line lg:border-x ${id || making ? 'hidden lg:block' : ''}`}
        >
          {found.isPending && <Waiting what="the bank" />}
          {found.isError && <Problem error={found.error} again={() => void found.refetch()} />}
          {found.data &&
            (items.length ? (
              <Rows
                items={items}
                hasMore={found.hasNextPage}
                more={() => {
                  if (!found.isFetchingNextPage) void found.fetchNextPage()
                }}
                here={id ?? null}
                picked={picked}
                open={open}
                toggle={toggle}
              />
            ) : (
              <NoItems all={isNarrow ? (counts?.all ?? 1) : 0} clear={() => setParams({})} />
            ))}
        </section>
        {making && (
          <NewItem
            category={search.filter.category}
            close={() => setMaking(false)}
            made={(item) => {
              setMaking(false)
              open(item)
            }}
          />
        )}
        {id && !making && <ItemDesk key={id} id={id} close={() => open(null)} />}
      </div>
      <PickedLine
        picked={picked}
        shown={items}
        seen={seen}
        total={total ?? 0}
        filter={search.filter}
        pick={setPicked}
      />
    </>
  )
}

const LINK = 'rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge'

/** What can be done with the picked items, or with all that the filter finds. */
function PickedLine({
  picked,
  shown,
  seen,
  total,
  filter,
  pick,
}: {
  readonly picked: ReadonlySet<string>
  readonly shown: readonly BankItem[]
  /** Revisions of all items that were shown, by id. */
  readonly seen: ReadonlyMap<string, number>
  readonly total: number
  readonly filter: BankFilter
  readonly pick: (ids: ReadonlySet<string>) => void
}) {
  const [changing, setChanging] = useState<'picked' | 'found' | null>(null)
  const [handing, setHanding] = useState(false)
  return (
    <section
      aria-label="Picked items"
      className="flex shrink-0 flex-wrap items-center gap-2 border-t border-ink px-3 py-2 sm:px-[18px]"
    >
      <b>{picked.size} picked</b>
      <May right="write">
        <AddToPaper itemIds={[...picked]} done={() => pick(new Set())} />
      </May>
      {picked.size > 0 ? (
        <>
          <May right="sign-off" to="change items">
            <Button onClick={() => setChanging('picked')}>Change them</Button>
          </May>
          <May right="dispatch">
            <SendPicked itemIds={[...picked]} />
          </May>
          <May right="write">
            <Button onClick={() => setHanding(true)}>Hand over</Button>
          </May>
          <Button tone="quiet" onClick={() => pick(new Set())}>
            Pick none
          </Button>
        </>
      ) : (
        total > 0 && (
          <>
            <Button tone="quiet" onClick={() => pick(new Set(shown.map((item) => item.id)))}>
              Pick the {shown.length} shown
            </Button>
            <May right="write">
              <Button tone="quiet" onClick={() => setChanging('found')}>
                Change all {total} found
              </Button>
            </May>
          </>
        )
      )}
      {handing && (
        <HandOver
          kind="items"
          ids={[...picked]}
          title={counted(picked.size, 'item', 'items')}
          close={() => setHanding(false)}
        />
      )}
      {changing && (
        <BulkDialog
          ids={changing === 'picked' ? [...picked] : null}
          shown={seen}
          filter={filter}
          count={changing === 'picked' ? picked.size : total}
          close={() => setChanging(null)}
        />
      )}
      <span className="ml-auto hidden gap-3 text-xs text-muted lg:flex">
        <span>
          <Kbd>↑</Kbd> <Kbd>↓</Kbd> move
        </span>
        <span>
          <Kbd>space</Kbd> pick
        </span>
        <span>
          <Kbd>⏎</Kbd> open
        </span>
        <span>
          <Kbd>/</Kbd> search
        </span>
      </span>
    </section>
  )
}

interface SearchProps {
  readonly search: BankSearch
  readonly set: (name: string, value: string | null) => void
}

function SearchLine({
  search,
  set,
  found,
  all,
}: SearchProps & {
  readonly found: { readonly total: number; readonly isMore: boolean } | undefined
  readonly all: number | undefined
}) {
  const input = useRef<HTMLInputElement>(null)
  const [text, type] = useTypedText(search.filter.text ?? '', (typed) => set('text', typed || null))
  useEffect(() => {
    const slash = (event: globalThis.KeyboardEvent): void => {
      if (
        event.key !== '/' ||
        (event.target instanceof HTMLElement &&
          (event.target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)))
      )
        return
      event.preventDefault()
      input.current?.focus()
    }
    window.addEventListener('keydown', slash)
    return () => window.removeEventListener('keydown', slash)
  }, [])
  const chips = FILTER_FIELDS.flatMap(([field]) => {
    const value = search.filter[field]
    return value === undefined ? [] : [{ field, says: chipName(field, value) }]
  })
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-2.5 border-b border-line px-3 py-2 sm:px-[18px]">
      <div className="flex min-w-0 flex-1 flex-wrap items-center gap-2 rounded-[3px] border border-ink bg-sheet px-2.5 py-1">
        {chips.map(({ field, says }) => (
          <button
            key={field}
            type="button"
            aria-label={`Do without ${says}`}
            onClick={() => set(field, null)}
            className="rounded-[2px] border border-mustard bg-mustard-wash px-1.5 text-[12.5px]"
          >
            {says} ×
          </button>
        ))}
        <input
          ref={input}
          type="search"
          aria-label="Search the bank"
          placeholder="Search words"
          title="Words match at their start. Put a phrase in quotes, a minus before a word to do without it."
          value={text}
          onChange={(event) => type(event.target.value)}
          className="min-w-24 flex-1 bg-transparent outline-none"
        />
      </div>
      <label className="hidden text-xs text-muted sm:block">
        Order{' '}
        <select
          value={search.sort}
          onChange={(event) => set('sort', event.target.value === 'newest' ? null : event.target.value)}
          className="rounded-[3px] border border-line bg-sheet px-1 py-0.5 text-ink"
        >
          {Object.entries(SORT_NAMES).map(([sort, name]) => (
            <option key={sort} value={sort}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <span className="text-xs text-muted tabular-nums" role="status">
        {found && `${found.isMore ? 'over ' : ''}${found.total} of ${all ?? found.total}`}
      </span>
    </div>
  )
}

const PUT_AFTER_MS = 150

/** What is typed stands at once; the address takes it shortly after, and changes it when it is changed otherwise. */
function useTypedText(put: string, change: (text: string) => void): readonly [string, (text: string) => void] {
  const [text, setText] = useState(put)
  const [seen, setSeen] = useState(put)
  const [sent, setSent] = useState(put)
  const timer = useRef(0)
  if (put !== seen) {
    setSeen(put)
    // What came back from here is behind what is typed by now.
    if (put !== sent) setText(put)
  }
  useEffect(() => () => window.clearTimeout(timer.current), [])
  const type = (typed: string): void => {
    setText(typed)
    window.clearTimeout(timer.current)
    timer.current = window.setTimeout(() => {
      setSent(typed)
      change(typed)
    }, PUT_AFTER_MS)
  }
  return [text, type]
}

const ROW_HEIGHT = 56
/** Rows before the end of what is loaded at which the next page is asked for. */
const AHEAD = 30

function Rows({
  items,
  hasMore,
  more,
  here,
  picked,
  open,
  toggle,
}: {
  readonly items: readonly BankItem[]
  readonly hasMore: boolean
  readonly more: () => void
  readonly here: string | null
  readonly picked: ReadonlySet<string>
  readonly open: (id: string) => void
  readonly toggle: (id: string) => void
}) {
  const scroller = useRef<HTMLDivElement>(null)
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 12,
    getItemKey: (index) => items[index]?.id ?? index,
  })
  const last = rows.getVirtualItems().at(-1)?.index ?? 0
  useEffect(() => {
    if (hasMore && last >= items.length - AHEAD) more()
  }, [last, items.length, hasMore, more])
  const keys = (event: KeyboardEvent): void => {
    const row = (event.target as HTMLElement).closest<HTMLElement>('[data-index]')
    const index = Number(row?.dataset['index'] ?? -1)
    const item = items[index]
    if (!item || (event.target as HTMLElement).tagName === 'INPUT') return
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      const next = Math.max(0, Math.min(items.length - 1, index + (event.key === 'ArrowDown' ? 1 : -1)))
      rows.scrollToIndex(next)
      requestAnimationFrame(() =>
        scroller.current?.querySelector<HTMLElement>(`[data-index="${next}"] button`)?.focus(),
      )
    } else if (event.key === ' ') toggle(item.id)
    else return
    event.preventDefault()
  }
  return (
    <div ref={scroller} className="h-full overflow-y-auto" onKeyDown={keys}>
      <ul className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => {
          const item = items[row.index]
          return (
            item && (
              <li
                key={row.key}
                ref={rows.measureElement}
                data-index={row.index}
                style={{ transform: `translateY(${row.start}px)` }}
                className="absolute inset-x-0 top-0"
              >
                <BankRow
                  item={item}
                  here={item.id === here}
                  picked={picked.has(item.id)}
                  open={() => open(item.id)}
                  toggle={() => toggle(item.id)}
                />
              </li>
            )
          )
        })}
      </ul>
      {hasMore && (
        <p className="py-2 text-center text-xs text-muted" role="status">
          {items.length} loaded, more follow …
        </p>
      )}
    </div>
  )
}

function BankRow({
  item,
  here,
  picked,
  open,
  toggle,
}: {
  readonly item: BankItem
  readonly here: boolean
  readonly picked: boolean
  readonly open: () => void
  readonly toggle: () => void
}) {
  const body = asKept(item.body)
  const stem = plainText(body.stem)
  const findings = item.findings.filter((one) => one.waived === null && one.code !== 'no-key')
  return (
    <div
      className={`grid grid-cols-[24px_1fr] items-start gap-3 border-b border-l-[3px] border-b-line py-2 pr-3 pl-3 sm:grid-cols-[24px_1fr_190px] ${picked ? 'border-l-mustard' : 'border-l-transparent'} ${here ? 'bg-here' : ''}`}
    >
      <input
        type="checkbox"
        aria-label={`Pick: ${stem.slice(0, 60)}`}
        checked={picked}
        onChange={toggle}
        className="mt-1.5 size-3.5 accent-ink"
      />
      <button
        type="button"
        aria-current={here}
        onClick={open}
        dir="auto"
        className="text-left font-text text-[15.5px] leading-snug"
      >
        {stem}
      </button>
      <span className="col-start-2 text-xs text-muted sm:col-start-auto sm:pt-0.5">
        {KIND_NAMES[body.kind].toLowerCase()} · {pointsText(body.points)}
        {body.tags.length > 0 && <span> · {body.tags.join(', ')}</span>}
        {item.shareRight !== null && (
          <span>
            {' '}
            · {Math.round(item.shareRight * 100)}
            {'\u00a0'}%{'\u00a0'}right
          </span>
        )}
        {!hasKey(body) && <span className="block text-beet">◆ no key</span>}
        {!item.signOff && (
          <span className="block text-beet">
            <span aria-hidden="true">◆ </span>not signed off
          </span>
        )}
        {findings.map((one) => (
          <span key={one.code} className="block text-mustard-ink">
            <span aria-hidden="true">◇ </span>
            {CHECKS[one.code].name.toLowerCase()}
          </span>
        ))}
        {item.stale && (
          <span className="block text-mustard-ink">
            <span aria-hidden="true">◇ </span>its original has changed
          </span>
        )}
      </span>
    </div>
  )
}

function NoItems({ all, clear }: { readonly all: number; readonly clear: () => void }) {
  if (all > 0)
    return (
      <Empty title="Nothing matches">
        <Button onClick={clear}>Show all {all} items</Button>
      </Empty>
    )
  return (
    <Empty title="The bank is empty">
      <p>
        Items come here from <Link to="/drafts">a draft</Link>, once somebody has signed them off. Or copy a{' '}
        <Link to="/bank/ready-made">ready-made set</Link> to begin with.
      </p>
    </Empty>
  )
}

function NewItem({
  category,
  close,
  made,
}: {
  /** The one that the bank is narrowed to. */
  readonly category: string | undefined
  readonly close: () => void
  readonly made: (id: string) => void
}) {
  const { create } = useBankChanges()
  return (
    <section aria-label="New item" className="min-h-0 overflow-y-auto bg-sheet p-5">
      <ItemForm
        start={emptyItem('single')}
        fresh
        saving={create.isPending}
        problem={create.error?.message}
        cancel={close}
        save={(body) => create.mutate({ body, category }, { onSuccess: (item) => made(item.id) })}
      />
    </section>
  )
}
