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
