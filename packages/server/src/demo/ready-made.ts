import { randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import { fingerprint } from '@zakuska/core'
import { Workspace } from '../accounts/accounts.entities.ts'
import { newToken, tokenHash } from '../accounts/tokens.ts'
import { CopyLink } from '../copies/copy-link.entity.ts'
import { addItems } from './bank-items.ts'
import { READY_MADE } from './ready-made-texts.ts'

/** The workspace that the ready-made sets are copied from; nobody is a member of it. */
export const READY_MADE_WORKSPACE = '5ca7401d-0000-4000-8000-000000000001'
const BY = 'The course team'
const DAY_MS = 86_400_000

/** Puts the ready-made sets on the server, unless they are there. */
export async function addReadyMade(em: EntityManager): Promise<void> {
  if (await em.findOne(Workspace, { id: READY_MADE_WORKSPACE })) return
  em.create(Workspace, { id: READY_MADE_WORKSPACE, name: 'Skarnholm · Course team', settings: {} })
  await em.flush()
  const since = Date.now() - 40 * DAY_MS
  for (const { title, outcome, category, text } of READY_MADE) {
    const items = addItems(em, {
      ...{ workspaceId: READY_MADE_WORKSPACE, text, title, by: BY, since },
      categoryOf: () => category,
      signOffOf: (item) => ({
        by: BY,
        at: new Date(since + DAY_MS).toISOString(),
        remark: 'checked against the course book',
        fingerprint: fingerprint(item),
      }),
    })
    em.create(CopyLink, {
      id: randomUUID(),
      tokenHash: tokenHash(newToken()),
      workspaceId: READY_MADE_WORKSPACE,
      kind: 'items',
      title,
      outcome,
      ids: items.map(({ id }) => id),
      madeBy: BY,
      madeAt: new Date(since),
    })
  }
  await em.flush()
}
