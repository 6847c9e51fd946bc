import type { EntityManager } from '@mikro-orm/postgresql'
import { UnprocessableEntityException } from '@nestjs/common'
import { WritingAllowance, WritingReply, type WritingService } from './writing.entities.ts'

/** Of which share of a month's units a word is said. */
const NEAR = 0.8

/** Whoever writes a reply down and gives no sign of life for so long, in seconds, is gone. */
export const LOST_AFTER_S = 60
export const LOST = 'The server stopped while it was written. What came is kept.'

export interface Allowance {
  readonly isAllowed: boolean
  /** Units of this month: used or held for what is being written, and all that there are. */
  readonly used: number
  readonly cap: number
}

interface Whose {
  readonly workspaceId: string
  readonly id: string
}

export async function allowanceOf(
  em: EntityManager,
  service: WritingService,
  { workspaceId, id }: Whose,
): Promise<Allowance> {
  const [own, used] = await Promise.all([
    em.findOne(WritingAllowance, { workspaceId, personId: id }),
    usedBy(em, workspaceId, [id]),
  ])
  return { isAllowed: own?.isAllowed ?? true, cap: own?.cap ?? service.cap, used: used.get(id) ?? 0 }
}

/** Units that people used this month, by person. */
export async function usedBy(
  em: EntityManager,
  workspaceId: string,
  people: readonly string[],
): Promise<Map<string, number>> {
  const rows = await em.find(
    WritingReply,
    { workspaceId, personId: { $in: [...people] }, at: { $gte: monthOf(new Date()) } },
    { fields: ['personId', 'unitsAsked', 'unitsWritten'] },
  )
  const found = new Map<string, number>()
  for (const { personId, unitsAsked, unitsWritten } of rows)
    found.set(personId, (found.get(personId) ?? 0) + unitsAsked + unitsWritten)
  return found
}

/**
 * Ends what a server left in the middle: what came is kept, and no more units are held for it than came.
 *
 * @param price Of 1,000 units.
 */
export async function settleLost(em: EntityManager, workspaceId: string, price: number): Promise<void> {
  await em.execute(
    `update writing_reply set state = 'failed', why = ?, units_written = ceil(length(text) / 4.0),
       cost = (units_asked + ceil(length(text) / 4.0)) / 1000.0 * ?
     where workspace_id = ? and state = 'writing' and touched_at < now() - make_interval(secs => ?)`,
    [LOST, price, workspaceId, LOST_AFTER_S],
  )
}

/** Where the month of a day begins (UTC). */
export function monthOf(day: Date): Date {
  return new Date(Date.UTC(day.getUTCFullYear(), day.getUTCMonth(), 1))
}

export function isNear({ used, cap }: Allowance): boolean {
  return used >= cap * NEAR
}

/** Why somebody cannot ask at all; null where they can. */
export function whyNotAsk({ isAllowed, used, cap }: Allowance): string | null {
  if (!isAllowed) return 'Writing help is not open to you here. An owner of this workspace can open it.'
  if (used >= cap) return `Your ${grouped(cap)} units of this month are used up. An owner can give you more.`
  return null
}

/**
 * Units that a reply may have once its request is paid for.
 *
 * @throws UnprocessableEntityException where nothing of them is left.
 */
export function unitsLeft(allowance: Allowance, asked: number, most: number): number {
  const why = whyNotAsk(allowance)
  if (why !== null) throw new UnprocessableEntityException(why)
  const left = allowance.cap - allowance.used - asked
  if (left < 1)
    throw new UnprocessableEntityException(
      `This request alone takes about ${grouped(asked)} units, and of your ${grouped(allowance.cap)} of this month ${grouped(allowance.cap - allowance.used)} are left. Send less of the reading, or ask an owner for more.`,
    )
  return Math.min(most, left)
}

function grouped(units: number): string {
  return units.toLocaleString('en')
}
