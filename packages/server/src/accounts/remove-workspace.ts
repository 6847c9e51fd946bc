import type { EntityManager } from '@mikro-orm/postgresql'

/** Tables with rows of a workspace, what refers to others first. */
const TABLES = [
  'presence',
  'writing_reply',
  'writing_allowance',
  'writing_service',
  'kept_request',
  'copy_link',
  'remark',
  'sitting',
  'roster',
  'delivery',
  'connection',
  'paper',
  'saved_filter',
  'bulk_change',
  'outcome',
  'column_layout',
  'kept_notation',
  'asset',
  'draft',
] as const

/** Takes a workspace out for good, with everything in it; its people stay. */
export async function removeWorkspace(em: EntityManager, workspaceId: string): Promise<void> {
  await em.transactional(async (inside) => {
    await inside.execute(`set local zakuska.purging = 'on'`)
    for (const table of TABLES) await inside.execute(`delete from ${table} where workspace_id = ?`, [workspaceId])
    await inside.execute(
      `delete from item_revision where item_id in (select id from bank_item where workspace_id = ?)`,
      [workspaceId],
    )
    for (const table of ['bank_item', 'record_entry', 'one_time_link', 'membership'])
      await inside.execute(`delete from ${table} where workspace_id = ?`, [workspaceId])
    await inside.execute(`delete from workspace where id = ?`, [workspaceId])
  })
}
