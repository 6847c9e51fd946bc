import type { EntityManager } from '@mikro-orm/postgresql'
import { LOCKED } from '../../database/locked.ts'
import { Attempt, type Sitting } from '../sitting.entity.ts'
import { handIn } from './arranged.ts'
import { GRACE_MS, isShut } from './opening.ts'

/** Hands in what was left behind: its time is over, or the sitting is closed. */
export async function settle(em: EntityManager, sitting: Sitting, now = new Date()): Promise<void> {
  if (!sitting.taking) return
  const over = isShut(sitting.taking, now) ? {} : { deadline: { $lt: new Date(now.getTime() - GRACE_MS) } }
  await em.transactional(async (inside) => {
    for (const attempt of await inside.find(Attempt, { sittingId: sitting.id, isHandedIn: false, ...over }, LOCKED)) {
      handIn(sitting, attempt, attempt.deadline && attempt.deadline < now ? attempt.deadline : now)
      // Nothing was answered, so nothing was handed in.
      if (!Object.keys(attempt.answers).length) inside.remove(attempt)
    }
  })
}
