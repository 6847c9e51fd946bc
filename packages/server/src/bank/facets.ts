import type { EntityManager } from '@mikro-orm/postgresql'
import { conditionOf, FILTER_COLUMNS, IN_PAPERS, isOfShapes, TELLING_BANDS, type BankFilter } from './bank-filter.ts'
import { countOfShapes, type KeptCounts } from './kept-counts.ts'

export interface FacetValue {
  readonly value: string
  readonly count: number
}

/** Counts of each value that the bank can be narrowed by, in the order of the screens. */
export interface Facets {
  readonly name: keyof BankFilter
  readonly values: readonly FacetValue[]
}

const MOST_VALUES = 40

const SIMPLE: readonly (readonly [keyof BankFilter, string])[] = [
  ...FILTER_COLUMNS.single.map((name) => [name, `i.${name}`] as const),
  ...FILTER_COLUMNS.flags.map(([name, column]) => [name, `case when i.${column} then 'yes' else 'no' end`] as const),
]
const LISTS = FILTER_COLUMNS.lists

/**
 * Counts every value under the filter as it is set, each field counted as if it alone were open. What is counted over
 * the whole bank is kept by the database; fields that the filter does not set are counted in one pass over what it
 * finds.
 */
export async function countFacets(
  em: EntityManager,
  workspaceId: string,
  filter: BankFilter,
  kept: KeptCounts,
): Promise<Facets[]> {
  const fields = [...SIMPLE.map(([name]) => name), ...LISTS.map(([name]) => name)]
  const set = fields.filter((name) => filter[name] !== undefined)
  const isWhole = Object.values(filter).every((value) => value === undefined || value === '')
  const [used, tells, open, ...each] = await Promise.all([
    usedInPapers(em, workspaceId, filter, kept),
    howTelling(em, workspaceId, filter),
    isWhole
      ? keptOf(kept, fields)
      : countedOver(
          em,
          workspaceId,
          filter,
          fields.filter((name) => !set.includes(name)),
        ),
    ...set.map(async (name) => {
      const { [name]: _own, ...rest } = filter
      const others = Object.values(rest).some((value) => value !== undefined && value !== '')
      return others ? countedOver(em, workspaceId, rest, [name]) : keptOf(kept, [name])
    }),
  ])
  const found = new Map([...open, ...each.flatMap((one) => [...one])])
  found.set('used', used)
  found.set('tells', tells)
  return [...found].map(([name, values]) => ({ name, values: values.filter((one) => one.value !== '') }))
}

type Counted = Map<keyof BankFilter, readonly FacetValue[]>

function keptOf(kept: KeptCounts, fields: readonly (keyof BankFilter)[]): Counted {
  return new Map(fields.map((name) => [name, kept.valuesOf(name, MOST_VALUES)]))
}

/** What is selected of each row, and the passes that count it. */
function partsOf(simple: readonly (typeof SIMPLE)[number][], lists: readonly (typeof LISTS)[number][]) {
  const columns = [
    ...simple.map(([, column], index) => `${column} as c${index}`),
    ...lists.map(([, column]) => `i.${column}`),
  ]
  const names = simple.map((_field, index) => `c${index}`)
  // grouping() sets a bit for each field that a row is not grouped by, the last field the lowest.
  const passes = [
    ...(simple.length
      ? [
          `select case grouping(${names.join(', ')}) ${simple
            .map(([name], at) => `when ${(1 << simple.length) - 1 - (1 << (simple.length - 1 - at))} then '${name}'`)
            .join(' ')} end as field, coalesce(${names.join(', ')}) as value, sum(alike)::int as count
           from found group by grouping sets (${names.map((name) => `(${name})`).join(', ')})`,
        ]
      : []),
    ...lists.map(
      ([name, column]) => `select '${name}', one, sum(alike)::int from found, unnest(found.${column}) one group by one`,
    ),
  ]
  return { columns, passes }
}

/**
 * Counts fields in one pass: first what is alike in all fields together, of which there is little, then each field by
 * itself. What asks for no words and no papers is counted over shapes, the rest over the items that it finds.
 */
async function countedOver(
  em: EntityManager,
  workspaceId: string,
  filter: BankFilter,
  fields: readonly (keyof BankFilter)[],
): Promise<Counted> {
  const counted = new Map<keyof BankFilter, FacetValue[]>(fields.map((name) => [name, []]))
  const rows = isOfShapes(filter) ? 'bank_shape' : 'bank_item'
  const { sql, values } = conditionOf(workspaceId, filter, rows)
  const simple = SIMPLE.filter(([name]) => fields.includes(name))
  const lists = LISTS.filter(([name]) => fields.includes(name))
  const { columns, passes } = partsOf(simple, lists)
  const found = await em.execute<{ field: keyof BankFilter; value: string | null; count: number }[]>(
    `with found as materialized (
       select ${columns.join(', ')}, ${rows === 'bank_shape' ? 'sum(change)' : 'count(*)'} as alike
       from ${rows} i where ${sql} group by ${columns.map((_one, at) => at + 1).join(', ')})
     ${passes.join(' union all ')} order by 3 desc, 2`,
    [...values],
  )
  for (const { field, value, count } of found) {
    const list = counted.get(field)
    if (list && value !== null && count > 0 && list.length < MOST_VALUES) list.push({ value, count })
  }
  return counted
}

/** Few items of a bank were taken yet; they have an index of their own. */
async function howTelling(em: EntityManager, workspaceId: string, filter: BankFilter): Promise<FacetValue[]> {
  const { tells: _tells, ...rest } = filter
  const { sql, values } = conditionOf(workspaceId, rest)
  const bands = Object.entries(TELLING_BANDS).map(([name, condition]) => `when ${condition} then '${name}'`)
  return em.execute<FacetValue[]>(
    `select case ${bands.join(' ')} end as value, count(*)::int as count
     from bank_item i where i.discrimination is not null and ${sql} group by 1 order by 1`,
    [...values],
  )
}

/** Papers name the items that are in them, so that the few of them are looked up and not the whole bank. */
async function usedInPapers(
  em: EntityManager,
  workspaceId: string,
  filter: BankFilter,
  kept: KeptCounts,
): Promise<FacetValue[]> {
  const { used: _used, ...rest } = filter
  const { sql, values } = conditionOf(workspaceId, rest)
  const [row, all] = await Promise.all([
    em.execute<{ yes: number }[]>(
      `select count(*)::int as yes from bank_item i where i.id in (${IN_PAPERS}) and ${sql}`,
      [workspaceId, ...values],
    ),
    kept.found(rest) ?? (isOfShapes(rest) ? countOfShapes(em, workspaceId, rest) : countItems(em, workspaceId, rest)),
  ])
  const yes = row[0]?.yes ?? 0
  return [
    { value: 'yes', count: yes },
    { value: 'no', count: all - yes },
  ]
}

async function countItems(em: EntityManager, workspaceId: string, filter: BankFilter): Promise<number> {
  const { sql, values } = conditionOf(workspaceId, filter)
  const [row] = await em.execute<{ count: number }[]>(`select count(*)::int as count from bank_item i where ${sql}`, [
    ...values,
  ])
  return row?.count ?? 0
}
