import { useState } from 'react'
import type { Schemas } from '../api/client'
import { useTell } from '../parts/notices'
import { useFilterChanges, useSavedFilters } from './queries'
import { FILTER_FIELDS, valueName, type BankFilter, type BankSearch, type FilterField } from './search'

type Counts = readonly Schemas['FieldFacetsDto'][]

/** Fields whose values tell something even where all items have the same. */
const ALWAYS_SHOWN = new Set<FilterField>(['signedOff', 'kind', 'tag', 'used'])
const SHOWN_AT_FIRST = 8
/** A tree that breaks off tells little. */
const CATEGORIES_AT_FIRST = 20

/** Everything that the bank can be narrowed by, with counts, and the filters that were kept. */
export function Facets({
  search,
  set,
  facets,
  apply,
}: {
  readonly search: BankSearch
  readonly set: (name: string, value: string | null) => void
  readonly facets: Counts | undefined
  readonly apply: (filter: BankFilter) => void
}) {
  const { save, remove } = useFilterChanges()
  if (!facets) return <div className="hidden lg:block" />
  const valuesOf = new Map(facets.map((field) => [field.name, field.values]))
  return (
    <nav aria-label="Filters" className="hidden min-h-0 flex-col lg:flex">
      <div className="min-h-0 flex-1 overflow-y-auto py-2">
        <KeptFilters apply={apply} save={save} remove={remove} />
        {FILTER_FIELDS.map(([field, title]) => {
          const values = (valuesOf.get(field) ?? []).filter(
            (one) => one.count > 0 || search.filter[field] === one.value,
          )
          const tells = values.length > 1 || ALWAYS_SHOWN.has(field) || search.filter[field] !== undefined
          // One answer that is no for all is no way to narrow the bank.
          const isPlainNo = values.length === 1 && (values[0]?.value === 'no' || values[0]?.value === 'untaken')
          return (
            values.length > 0 &&
            (tells || field === 'finding' || !isPlainNo) &&
            !(isPlainNo && field !== 'signedOff') && (
              <FieldValues
                key={field}
                field={field}
                title={title}
                values={field === 'category' ? byPath(values) : values}
                now={search.filter[field]}
                set={(value) => set(field, value)}
              />
            )
          )
        })}
      </div>
      {Object.keys(search.filter).length > 0 && <KeepFilter filter={search.filter} save={save} />}
    </nav>
  )
}

function FieldValues({
  field,
  title,
  values,
  now,
  set,
}: {
  readonly field: FilterField
  readonly title: string
  readonly values: readonly Schemas['FacetDto'][]
  readonly now: string | undefined
  readonly set: (value: string | null) => void
}) {
  const [all, setAll] = useState(false)
  const isTree = field === 'category'
  const atFirst = isTree ? CATEGORIES_AT_FIRST : SHOWN_AT_FIRST
  const shown = all ? values : values.slice(0, atFirst)
  return (
    <div className="pb-2" role="group" aria-label={title}>
      <h2 className="px-[18px] py-1 font-ui text-xs font-semibold text-muted">{title}</h2>
      {shown.map(({ value, count }) => (
        <button
          key={value}
          type="button"
          aria-pressed={now === value}
          onClick={() => set(now === value ? null : value)}
          className={`flex min-h-6 w-full items-baseline justify-between gap-2 border-l-[3px] py-px pr-[18px] pl-[15px] text-left hover:bg-here ${now === value ? 'border-mustard font-semibold' : 'border-transparent'}`}
        >
          {isTree ? (
            <CategoryName path={value} />
          ) : (
            <span className="min-w-0 break-words">{valueName(field, value)}</span>
          )}
          <span className="text-muted tabular-nums">{count}</span>
        </button>
      ))}
      {values.length > atFirst && (
        <button type="button" onClick={() => setAll(!all)} className="min-h-6 px-[18px] text-xs text-muted underline">
          {all ? 'fewer' : `${values.length - atFirst} more`}
        </button>
      )}
    </div>
  )
}

/** What lies under another stands behind it and further in. */
function byPath(values: readonly Schemas['FacetDto'][]): readonly Schemas['FacetDto'][] {
  const key = (path: string): string => path.replaceAll('/', '\u0001')
  return [...values].sort((a, b) => key(a.value).localeCompare(key(b.value)))
}

/** The last part is seen, the whole is read out. */
function CategoryName({ path }: { readonly path: string }) {
  const parts = path.split('/')
  return (
    <span className="min-w-0 break-words" style={{ paddingLeft: `${(parts.length - 1) * 12}px` }}>
      <span className="sr-only">{parts.slice(0, -1).map((part) => `${part} / `)}</span>
      {parts.at(-1)}
    </span>
  )
}

type Changes = ReturnType<typeof useFilterChanges>

function KeptFilters({ apply, save, remove }: Changes & { readonly apply: (filter: BankFilter) => void }) {
  const kept = useSavedFilters()
  const tell = useTell()
  if (!kept.data?.length) return null
  return (
    <div className="pb-2">
      <h2 className="px-[18px] py-1 font-ui text-xs font-semibold text-muted">Kept filters</h2>
      {kept.data.map((one) => (
        <div key={one.id} className="flex items-baseline pr-[18px] hover:bg-here">
          <button
            type="button"
            onClick={() => apply(one.filter)}
            className="min-h-6 min-w-0 flex-1 border-l-[3px] border-transparent pl-[15px] text-left break-words"
          >
            {one.name}
          </button>
          <button
            type="button"
            aria-label={`Let go of the filter ${one.name}`}
            className="size-6 text-muted"
            onClick={() =>
              remove.mutate(one.id, {
                onSuccess: () =>
                  tell(`The filter “${one.name}” was let go.`, {
                    undo: () => save.mutate({ name: one.name, filter: one.filter }),
                  }),
              })
            }
          >
            ×
          </button>
        </div>
      ))}
    </div>
  )
}

/** Below what scrolls: above the filters it would push them from under the pointer with the first that is chosen. */
function KeepFilter({ filter, save }: { readonly filter: BankFilter; readonly save: Changes['save'] }) {
  const [name, setName] = useState('')
  return (
    <form
      className="border-t border-line px-[18px] py-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (name.trim()) save.mutate({ name: name.trim(), filter }, { onSuccess: () => setName('') })
      }}
    >
      <input
        aria-label="Name for this filter"
        placeholder="Keep this filter as …"
        value={name}
        onChange={(event) => setName(event.target.value)}
        className="w-full min-w-0 rounded-[3px] border border-line bg-sheet px-1.5 py-0.5 text-xs"
      />
    </form>
  )
}
