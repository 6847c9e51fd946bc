import { useMemo, useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams, type SetURLSearchParams } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { May } from '../people/May'
import { Facets } from './Facets'
import { ItemDesk } from './ItemDesk'
import { useBankSearch, useFacets, type BankItem } from './queries'
import { paramsOf, searchIn, type BankSearch } from './search'
import { PickedLine, type Onward } from './list/PickedLine'
import { SearchLine } from './list/SearchLine'
import { NoItems, Rows } from './list/Rows'
import { NewItem } from './list/NewItem'
import type { Schemas } from '../api/client'

/** The bank: what to look for on the left, the items, and the one that is open. */
export function BankPage({ onward }: { readonly onward: Onward }) {
  const { id } = useParams()
  const [params, setParams] = useSearchParams()
  const search = useMemo(() => searchIn(params), [params])
  const found = useBankSearch(search)
  const facets = useFacets(search.filter)
  const items = useMemo(() => found.data?.pages.flatMap((page) => page.items) ?? [], [found.data])
  const seen = useSeen(items)
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
      <BankHead counts={counts} params={params} setMaking={setMaking} />
      <SearchLine search={search} set={set} found={first} all={counts?.all} />
      <div
        className={`grid min-h-0 flex-1 ${id || making ? 'lg:grid-cols-[200px_1fr_450px]' : 'lg:grid-cols-[200px_1fr]'}`}
      >
        <Facets
          search={search}
          set={set}
          facets={counts?.facets}
          apply={(filter) => setParams(paramsOf({ filter, sort: search.sort }))}
        />
        <Found
          id={id}
          making={making}
          found={found}
          items={items}
          picked={picked}
          open={open}
          toggle={toggle}
          isNarrow={isNarrow}
          counts={counts}
          setParams={setParams}
        />
        {making && <NewItemBeside search={search} setMaking={setMaking} open={open} />}
        {id && !making && <ItemDesk key={id} id={id} close={() => open(null)} />}
      </div>
      <PickedLine
        onward={onward}
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

function NewItemBeside({
  search,
  setMaking,
  open,
}: {
  readonly search: BankSearch
  readonly setMaking: (next: boolean) => void
  readonly open: (next: string | null) => void
}) {
  return (
    <NewItem
      category={search.filter.category}
      close={() => setMaking(false)}
      made={(item) => {
        setMaking(false)
        open(item)
      }}
    />
  )
}

/** The items that were found, in rows. */
function Found({
  id,
  making,
  found,
  items,
  picked,
  open,
  toggle,
  isNarrow,
  counts,
  setParams,
}: {
  readonly id: string | undefined
  readonly making: boolean
  readonly found: ReturnType<typeof useBankSearch>
  readonly items: readonly BankItem[]
  readonly picked: ReadonlySet<string>
  readonly open: (next: string | null) => void
  readonly toggle: (item: string) => void
  readonly isNarrow: boolean
  readonly counts: Schemas['BankFacetsDto'] | undefined
  readonly setParams: SetURLSearchParams
}) {
  return (
    <section aria-label="Items" className={`min-h-0 border-line lg:border-x ${id || making ? 'hidden lg:block' : ''}`}>
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
  )
}

/** Revisions of the items as they were last shown, also of those that another search shows no more: only so are picked ones signed off. */
function useSeen(items: readonly BankItem[]): ReadonlyMap<string, number> {
  const [seen, setSeen] = useState<ReadonlyMap<string, number>>(new Map())
  if (items.some((item) => seen.get(item.id) !== item.revision))
    setSeen(new Map([...seen, ...items.map((item) => [item.id, item.revision] as const)]))
  return seen
}

function BankHead({
  counts,
  params,
  setMaking,
}: {
  readonly counts: Schemas['BankFacetsDto'] | undefined
  readonly params: URLSearchParams
  readonly setMaking: (next: boolean) => void
}) {
  return (
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
  )
}

const LINK = 'rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge'
