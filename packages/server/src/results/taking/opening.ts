import type { Taking } from '../sitting.entity.ts'

export type OpenState = 'open' | 'early' | 'closed'

/** Whether it can be taken at a moment. */
export function stateOf(
  { isOpen, opensAt, closesAt }: Pick<Taking, 'isOpen' | 'opensAt' | 'closesAt'>,
  now: Date,
): OpenState {
  if (!isOpen || (closesAt !== null && Date.parse(closesAt) <= now.getTime())) return 'closed'
  return opensAt !== null && Date.parse(opensAt) > now.getTime() ? 'early' : 'open'
}

export function isOpenNow(taking: Taking, now: Date): boolean {
  return stateOf(taking, now) === 'open'
}

/** What is on its way when the time ends is still taken. */
export const GRACE_MS = 30_000

/** Whether no more answers are taken: somebody closed it, or the time it closes is well over. */
export function isShut({ isOpen, closesAt }: Pick<Taking, 'isOpen' | 'closesAt'>, now: Date): boolean {
  return !isOpen || (closesAt !== null && Date.parse(closesAt) + GRACE_MS < now.getTime())
}
