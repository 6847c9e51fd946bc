import type { EntityManager } from '@mikro-orm/postgresql'
import type { WorkspaceSettings } from '../accounts/accounts.entities.ts'
import type { ItemDto } from './dto/bank.dto.ts'
import { type Dates, type ItemRow, marks, toDto } from './item-dto.ts'

/** Items as they are shown, in the order of the ids; ids that are not there are passed over. */
export async function shownItems(em: EntityManager, workspaceId: string, ids: readonly string[]): Promise<ItemDto[]> {
  if (!ids.length) return []
  const [items, relatives, papers, settings] = await Promise.all([
    rows(em, workspaceId, `i.id in (${marks(ids)})`, ids),
    relativesOf(em, workspaceId, ids),
    papersOf(em, workspaceId, ids),
    settingsOf(em, workspaceId),
  ])
  const byId = new Map(items.map((item) => [item.id, item]))
  const family = relatives.length ? [...new Map([...items, ...relatives].map((one) => [one.id, one])).values()] : []
  return ids.flatMap((id) => {
    const item = byId.get(id)
    return item ? [toDto(item, papers.get(id) ?? [], family, settings)] : []
  })
}

/** Rows as they are shown; a list is not worth entities that watch for changes. */
async function rows(
  em: EntityManager,
  workspaceId: string,
  condition: string,
  values: readonly unknown[],
): Promise<ItemRow[]> {
  const rows = await em.execute<(Omit<ItemRow, 'updatedAt' | 'lastSentAt'> & Dates)[]>(
    `select i.id, i.body, i.categories, i.revision, i.waived, i.language, i.sign_off as "signOff",
       i.came_from as "cameFrom", i.variant_of as "variantOf", i.variant_base as "variantBase",
       i.share_right as "shareRight", i.discrimination, i.taken_by as "takenBy", i.last_sent_at as "lastSentAt", i.updated_at as "updatedAt"
     from bank_item i where i.workspace_id = ? and i.deleted_at is null and ${condition}`,
    [workspaceId, ...values],
  )
  return rows.map((row) => ({
    ...row,
    lastSentAt: row.lastSentAt === null ? null : new Date(row.lastSentAt),
    updatedAt: new Date(row.updatedAt),
  }))
}

/** The originals of the items, and everything that is a variant of the same. */
function relativesOf(em: EntityManager, workspaceId: string, ids: readonly string[]): Promise<ItemRow[]> {
  const own = `select id, variant_of from bank_item where id in (${marks(ids)})`
  return rows(
    em,
    workspaceId,
    `i.id in (
       select variant_of from (${own}) own where variant_of is not null
       union all select other.id from (${own}) own join bank_item other on other.variant_of = coalesce(own.variant_of, own.id)
     )`,
    [...ids, ...ids],
  )
}

async function settingsOf(em: EntityManager, workspaceId: string): Promise<WorkspaceSettings> {
  const [row] = await em.execute<{ settings: WorkspaceSettings }[]>(`select settings from workspace where id = ?`, [
    workspaceId,
  ])
  return row?.settings ?? {}
}

async function papersOf(
  em: EntityManager,
  workspaceId: string,
  ids: readonly string[],
): Promise<Map<string, string[]>> {
  const rows = await em.execute<{ id: string; title: string }[]>(
    `select entry ->> 'itemId' as id, p.title from paper p, jsonb_array_elements(p.entries) entry
     where p.workspace_id = ? and p.deleted_at is null and entry ->> 'itemId' in (${marks(ids)}) order by p.title`,
    [workspaceId, ...ids],
  )
  const found = new Map<string, string[]>()
  for (const row of rows) found.set(row.id, [...(found.get(row.id) ?? []), row.title])
  return found
}
