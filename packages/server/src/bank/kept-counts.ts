import type { EntityManager } from '@mikro-orm/postgresql'
import { conditionOf, type BankFilter } from './bank-filter.ts'

/** Rows of changes after which they are summed up into one for each value. */
const MOST_ROWS = 2000

/** How many items of a workspace have each value; the database keeps it as items change (see `bank_count`). */
export class KeptCounts {
  /** Items that are not deleted. */
  readonly all: number
  readonly #counts: ReadonlyMap<string, ReadonlyMap<string, number>>

  constructor(rows: readonly { readonly field: string; readonly value: string; readonly count: number }[]) {
    const counts = new Map<string, Map<string, number>>()
    for (const { field, value, count } of rows) {
      const known = counts.get(field) ?? new Map<string, number>()
      counts.set(field, known.set(value, count))
    }
    this.#counts = counts
    this.all = counts.get('all')?.get('') ?? 0
  }

  static async read(em: EntityManager, workspaceId: string): Promise<KeptCounts> {
    const rows = await em.execute<{ field: string; value: string; count: number; rows: number }[]>(
      `select field, value, sum(change)::int as count, count(*)::int as rows from bank_count where workspace_id = ? group by 1, 2`,
      [workspaceId],
    )
    if (rows.reduce((sum, row) => sum + row.rows, 0) > Math.max(MOST_ROWS, 2 * rows.length))
      await sumUp(em, workspaceId)
    return new KeptCounts(rows.filter((row) => row.count > 0))
  }

  /** The most frequent values of a field first. */
  valuesOf(field: keyof BankFilter, most: number): { value: string; count: number }[] {
    return [...(this.#counts.get(field) ?? [])]
      .map(([value, count]) => ({ value, count }))
      .filter((one) => one.value !== '')
      .sort((a, b) => b.count - a.count || (a.value < b.value ? -1 : 1))
      .slice(0, most)
  }

  /** Whether the counts say how many items a filter finds: it is narrowed by one counted field at most. */
  static answers(filter: BankFilter): boolean {
    const [only, ...others] = narrowing(filter)
    return !others.length && only?.[0] !== 'text' && only?.[0] !== 'used'
  }

  /** How many items a filter finds; null where that has to be counted. */
  found(filter: BankFilter): number | null {
    if (!KeptCounts.answers(filter)) return null
    const [only] = narrowing(filter)
    return only ? (this.#counts.get(only[0])?.get(only[1]) ?? 0) : this.all
  }
}

function narrowing(filter: BankFilter): [string, string][] {
  return Object.entries(filter).filter(([, value]) => value !== undefined && value !== '') as [string, string][]
}

/** How many items a filter of shapes finds. */
export async function countOfShapes(em: EntityManager, workspaceId: string, filter: BankFilter): Promise<number> {
  const { sql, values } = conditionOf(workspaceId, filter, 'bank_shape')
  const [row] = await em.execute<{ count: number }[]>(
    `select coalesce(sum(i.change), 0)::int as count from bank_shape i where ${sql}`,
    [...values],
  )
  return row?.count ?? 0
}

const SHAPE =
  'kind, outcome, level, difficulty, language, signed_off, has_key, has_picture, sent, share, tags, findings, categories'

/** One row for each value and each shape; what is added meanwhile stays beside it. Two servers do not do it at once. */
async function sumUp(em: EntityManager, workspaceId: string): Promise<void> {
  const into = (table: string, columns: string): string =>
    `with mine as (select pg_try_advisory_xact_lock(hashtext('${table}'), hashtext(?)) as got),
     gone as (delete from ${table} where workspace_id = ? and (select got from mine) returning ${columns}, change)
     insert into ${table} (workspace_id, ${columns}, change)
     select ?, ${columns}, sum(change) from gone group by ${columns} having sum(change) <> 0`
  await em.execute(into('bank_count', 'field, value'), [workspaceId, workspaceId, workspaceId])
  await em.execute(into('bank_shape', SHAPE), [workspaceId, workspaceId, workspaceId])
}
