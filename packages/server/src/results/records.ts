import type { EntityManager } from '@mikro-orm/postgresql'
import { analyse } from '@zakuska/core'
import { countingOf } from './counting.ts'
import type { Attempt, Sitting } from './sitting.entity.ts'

/**
 * Keeps how the items of a sitting went in it, and from that how each went in all sittings: p and discrimination as the
 * mean over sittings, weighted by people. Practice counts for nothing: there one tries until it is right.
 */
export async function keepRecords(em: EntityManager, sitting: Sitting, attempts: readonly Attempt[]): Promise<void> {
  const counted = countingOf(sitting, attempts)
  const bodies = sitting.items.map(({ body }) => body)
  const isRecord = sitting.deletedAt === null && sitting.taking?.mode !== 'practice' && counted.length > 0
  const { items } = analyse(bodies, counted, sitting.settings)
  const rows = isRecord
    ? items.flatMap(({ item, counts, difficulty, itemRest }) => {
        const itemId = sitting.items[item]?.itemId
        return counts && itemId ? [{ itemId, difficulty, discrimination: itemRest }] : []
      })
    : []
  await em.transactional((inside) => write(inside, sitting, rows, counted.length))
}

interface Row {
  readonly itemId: string
  readonly difficulty: number
  readonly discrimination: number | null
}

async function write(em: EntityManager, sitting: Sitting, rows: readonly Row[], people: number): Promise<void> {
  // One after the other: what is written last is of the sitting as it stands then.
  await em.execute('select pg_advisory_xact_lock(hashtextextended(?, 1))', [sitting.workspaceId])
  await em.execute('delete from item_record where sitting_id = ?', [sitting.id])
  for (const { itemId, difficulty, discrimination } of rows)
    await em.execute(
      `insert into item_record (sitting_id, item_id, people, difficulty, discrimination) values (?, ?, ?, ?, ?)
       on conflict (sitting_id, item_id) do nothing`,
      [sitting.id, itemId, people, difficulty, discrimination],
    )
  const ids = sitting.items.map(({ itemId }) => itemId)
  if (!ids.length) return
  await em.execute(
    `update bank_item i set share_right = r.difficulty, discrimination = r.discrimination, taken_by = coalesce(r.people, 0)
     from (
       select b.id, sum(o.people)::int people, sum(o.difficulty * o.people) / sum(o.people) difficulty,
         sum(o.discrimination * o.people) / nullif(sum(o.people) filter (where o.discrimination is not null), 0) discrimination
       from bank_item b left join item_record o on o.item_id = b.id
       where b.id in (${ids.map(() => '?').join(', ')}) and b.workspace_id = ? group by b.id
     ) r where i.id = r.id`,
    [...ids, sitting.workspaceId],
  )
}
