import { useVirtualizer } from '@tanstack/react-virtual'
import { hasKey, plainText } from '@zakuska/core'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { KIND_NAMES } from '@zakuska/core'
import { Head } from '../frame/Frame'
import { Button, Kbd } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { asKept, counted, pointsText } from '../parts/item-words'
import { AddToPaper } from '../papers/AddToPaper'
import { ItemDesk } from './ItemDesk'
import { emptyItem, ItemForm } from './ItemForm'
import { useBankChanges, useBankSearch, type BankItem, type BankSearch } from './queries'

/** The bank: what to look for on the left, the items, and the one that is open. */
export function BankPage() {
  const { id } = useParams()
  const [params, setParams] = useSearchParams()
  const search = useMemo(() => searchOf(params), [params])
  const found = useBankSearch(search)
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
  const data = found.data
  return (
    <>
      <Head
        title="Item bank"
        about={
          data &&
          `${counted(data.all, 'item', 'items')} · ${data.waiting ? `${data.waiting} wait for sign-off` : 'all signed off'}`
        }
      >
        <Button onClick={() => setMaking(true)}>New item</Button>
      </Head>
      <SearchLine search={search} set={set} total={data?.total} all={data?.all} />
      <div
        className={`grid min-h-0 flex-1 ${id || making ? 'lg:grid-cols-[190px_1fr_430px]' : 'lg:grid-cols-[190px_1fr]'}`}
      >
        <Facets search={search} set={set} page={data} />
        <section
          aria-label="Items"
          className={`min-h-0 border-line lg:border-x ${id || making ? 'hidden lg:block' : ''}`}
        >
          {found.isPending && <Waiting what="the bank" />}
          {found.isError && <Problem error={found.error} again={() => void found.refetch()} />}
          {data &&
            (data.items.length ? (
              <Rows items={data.items} here={id ?? null} picked={picked} open={open} toggle={toggle} />
            ) : (
              <NoItems all={data.all} clear={() => setParams({})} />
            ))}
        </section>
        {making && (
          <NewItem
            close={() => setMaking(false)}
            made={(item) => {
              setMaking(false)
              open(item)
            }}
          />
        )}
        {id && !making && <ItemDesk key={id} id={id} close={() => open(null)} />}
      </div>
      <section
        aria-label="Picked items"
        className="flex shrink-0 items-center gap-2 border-t border-ink px-3 py-2 sm:px-[18px]"
      >
        <b>{picked.size} picked</b>
        <AddToPaper itemIds={[...picked]} done={() => setPicked(new Set())} />
        {picked.size > 0 && (
          <Button tone="quiet" onClick={() => setPicked(new Set())}>
            Pick none
          </Button>
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
    </>
  )
}

function searchOf(params: URLSearchParams): BankSearch {
  const signedOff = params.get('signedOff')
  return {
    text: params.get('text') ?? '',
    kind: params.get('kind'),
    tag: params.get('tag'),
    signedOff: signedOff === 'yes' || signedOff === 'no' ? signedOff : null,
  }
}

interface SearchProps {
  readonly search: BankSearch
  readonly set: (name: string, value: string | null) => void
}

function SearchLine({
  search,
  set,
  total,
  all,
}: SearchProps & { readonly total: number | undefined; readonly all: number | undefined }) {
  const input = useRef<HTMLInputElement>(null)
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
  const chips = (
    [
      ['kind', search.kind && KIND_NAMES[search.kind as keyof typeof KIND_NAMES]],
      ['tag', search.tag],
      ['signedOff', search.signedOff && (search.signedOff === 'yes' ? 'signed off' : 'not signed off')],
    ] as const
  ).filter(([, value]) => value)
  return (
    <div className="flex shrink-0 items-center gap-2.5 border-b border-line px-3 py-2 sm:px-[18px]">
      <div className="flex min-w-0 flex-1 flex-wrap items-center gap-2 rounded-[3px] border border-ink bg-sheet px-2.5 py-1">
        {chips.map(([name, value]) => (
          <button
            key={name}
            type="button"
            aria-label={`Do without ${value ?? ''}`}
            onClick={() => set(name, null)}
            className="rounded-[2px] border border-mustard bg-mustard-wash px-1.5 text-[12.5px]"
          >
            {value} ×
          </button>
        ))}
        <input
          ref={input}
          type="search"
          aria-label="Search the bank"
          placeholder="Search words"
          value={search.text}
          onChange={(event) => set('text', event.target.value)}
          className="min-w-24 flex-1 bg-transparent outline-none"
        />
      </div>
      <span className="text-xs text-muted tabular-nums" role="status">
        {total !== undefined && `${total} of ${all ?? 0}`}
      </span>
    </div>
  )
}

function Facets({
  search,
  set,
  page,
}: SearchProps & {
  readonly page:
    | {
        readonly kinds: readonly { value: string; count: number }[]
        readonly tags: readonly { value: string; count: number }[]
        readonly all: number
        readonly waiting: number
      }
    | undefined
}) {
  if (!page) return <div className="hidden lg:block" />
  const groups = [
    {
      title: 'Kind',
      name: 'kind',
      now: search.kind,
      values: page.kinds.map((kind) => ({
        ...kind,
        label: KIND_NAMES[kind.value as keyof typeof KIND_NAMES].toLowerCase(),
      })),
    },
    { title: 'Tag', name: 'tag', now: search.tag, values: page.tags.map((tag) => ({ ...tag, label: tag.value })) },
    {
      title: 'Signed off',
      name: 'signedOff',
      now: search.signedOff,
      values: [
        { value: 'yes', label: 'yes', count: page.all - page.waiting },
        { value: 'no', label: 'not yet', count: page.waiting },
      ],
    },
  ]
  return (
    <nav aria-label="Filters" className="hidden min-h-0 overflow-y-auto py-2 lg:block">
      {groups.map((group) => (
        <div key={group.name} className="pb-2">
          <h2 className="px-[18px] py-1 font-ui text-xs font-semibold text-muted">{group.title}</h2>
          {group.values.map((one) => (
            <button
              key={one.value}
              type="button"
              aria-pressed={group.now === one.value}
              onClick={() => set(group.name, group.now === one.value ? null : one.value)}
              className={`flex w-full items-baseline justify-between border-l-[3px] min-h-6 py-px pr-[18px] pl-[15px] text-left hover:bg-here ${group.now === one.value ? 'border-mustard font-semibold' : 'border-transparent'}`}
            >
              <span>{one.label}</span>
              <span className="text-muted tabular-nums">{one.count}</span>
            </button>
          ))}
        </div>
      ))}
    </nav>
  )
}

const ROW_HEIGHT = 56

function Rows({
  items,
  here,
  picked,
  open,
  toggle,
}: {
  readonly items: readonly BankItem[]
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
  return (
    <div
      className={`grid grid-cols-[24px_1fr] items-start gap-3 border-b border-l-[3px] border-b-line py-2 pr-3 pl-3 sm:grid-cols-[24px_1fr_170px] ${picked ? 'border-l-mustard' : 'border-l-transparent'} ${here ? 'bg-here' : ''}`}
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
        {!hasKey(body) && <span className="block text-beet">◆ no key</span>}
        {!item.signOff && (
          <span className="block text-beet">
            <span aria-hidden="true">◆ </span>not signed off
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
      <p>Items come here from a draft, once somebody has signed them off.</p>
    </Empty>
  )
}

function NewItem({ close, made }: { readonly close: () => void; readonly made: (id: string) => void }) {
  const { create } = useBankChanges()
  return (
    <section aria-label="New item" className="min-h-0 overflow-y-auto bg-sheet p-5">
      <ItemForm
        start={emptyItem('single')}
        fresh
        saving={create.isPending}
        problem={create.error?.message}
        cancel={close}
        save={(body) => create.mutate(body, { onSuccess: (item) => made(item.id) })}
      />
    </section>
  )
}
