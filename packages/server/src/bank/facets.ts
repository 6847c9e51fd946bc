import type { EntityManager } from '@mikro-orm/postgresql'
import { conditionOf, type BankFilter } from './bank-filter.ts'

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
  ['kind', 'i.kind'],
  ['outcome', 'i.outcome'],
  ['level', 'i.level'],
  ['difficulty', 'i.difficulty'],
  ['language', 'i.language'],
  ['signedOff', yesNo('i.sign_off is not null')],
  ['hasKey', yesNo('i.has_key')],
  ['hasPicture', yesNo('i.has_picture')],
  ['sent', yesNo('i.last_sent_at is not null')],
  [
    'share',
    `case when i.share_right is null then 'untaken' when i.share_right < 0.4 then 'hard' when i.share_right <= 0.8 then 'middle' else 'easy' end`,
  ],
]

function yesNo(sql: string): string {
  return `case when ${sql} then 'yes' else 'no' end`
}

/**
 * Counts every value under the filter as it is set, each field counted as if it alone were open. Fields that the filter
 * does not set are counted in one pass over what it finds.
 */
export async function countFacets(em: EntityManager, workspaceId: string, filter: BankFilter): Promise<Facets[]> {
  const open = SIMPLE.filter(([name]) => filter[name] === undefined)
  const set = SIMPLE.filter(([name]) => filter[name] !== undefined)
  const found = new Map<keyof BankFilter, FacetValue[]>()
  const [inOnePass, tags, findings, used, ...each] = await Promise.all([
    onePass(em, workspaceId, filter, open),
    unnested(em, workspaceId, filter, 'tag', 'tags'),
    unnested(em, workspaceId, filter, 'finding', 'findings'),
    usedInPapers(em, workspaceId, filter),
    ...set.map(([name, sql]) => counted(em, workspaceId, filter, name, sql)),
  ])
  for (const [name, values] of inOnePass) found.set(name, values)
  set.forEach(([name], index) => found.set(name, each[index] ?? []))
  found.set('tag', tags)
  found.set('finding', findings)
  found.set('used', used)
  return [...found].map(([name, values]) => ({ name, values: values.filter((one) => one.value !== '') }))
}

async function onePass(
  em: EntityManager,
  workspaceId: string,
  filter: BankFilter,
  fields: typeof SIMPLE,
): Promise<Map<keyof BankFilter, FacetValue[]>> {
  const found = new Map<keyof BankFilter, FacetValue[]>(fields.map(([name]) => [name, []]))
  if (!fields.length) return found
  const { sql, values } = conditionOf(workspaceId, filter)
  const columns = fields.map(([, column], index) => `${column} as c${index}`).join(', ')
  const sets = fields.map((_field, index) => `(c${index})`).join(', ')
  const rows = await em.execute<Record<string, unknown>[]>(
    `select grouping(${fields.map((_field, index) => `c${index}`).join(', ')}) as which, ${fields.map((_field, index) => `c${index}`).join(', ')}, count(*)::int as count
     from (select ${columns} from bank_item i where ${sql}) found group by grouping sets (${sets}) order by count desc`,
    [...values],
  )
  for (const row of rows) {
    // grouping() sets a bit for each field that a row is not grouped by, the last field the lowest.
    const index = fields.findIndex((_field, at) => (Number(row['which']) & (1 << (fields.length - 1 - at))) === 0)
    const [name] = fields[index] ?? []
    const value = row[`c${index}`]
    const list = name && found.get(name)
    if (list && list.length < MOST_VALUES && typeof value === 'string')
      list.push({ value, count: Number(row['count']) })
  }
  return found
}

function counted(
  em: EntityManager,
  workspaceId: string,
  filter: BankFilter,
  name: keyof BankFilter,
  column: string,
): Promise<FacetValue[]> {
  const { sql, values } = conditionOf(workspaceId, filter, name)
  return em.execute<FacetValue[]>(
    `select ${column} as value, count(*)::int as count from bank_item i where ${sql} and ${column} is not null group by 1 order by 2 desc, 1 limit ${MOST_VALUES}`,
    [...values],
  )
}

function unnested(
  em: EntityManager,
  workspaceId: string,
  filter: BankFilter,
  name: 'tag' | 'finding',
  column: string,
): Promise<FacetValue[]> {
  const { sql, values } = conditionOf(workspaceId, filter, name)
  return em.execute<FacetValue[]>(
    `select one as value, count(*)::int as count from bank_item i, unnest(i.${column}) one where ${sql} group by 1 order by 2 desc, 1 limit ${MOST_VALUES}`,
    [...values],
  )
}

async function usedInPapers(em: EntityManager, workspaceId: string, filter: BankFilter): Promise<FacetValue[]> {
  const count = async (used: 'yes' | 'no' | undefined): Promise<number> => {
    const { used: _used, ...rest } = filter
    const { sql, values } = conditionOf(workspaceId, { ...rest, ...(used && { used }) })
    const [row] = await em.execute<{ count: number }[]>(`select count(*)::int as count from bank_item i where ${sql}`, [
      ...values,
    ])
    return row?.count ?? 0
  }
  const [all, yes] = await Promise.all([count(undefined), count('yes')])
  return [
    { value: 'yes', count: yes },
    { value: 'no', count: all - yes },
  ]
}
