import { LockMode } from '@mikro-orm/core'

/**
 * Finds rows as they stand now, and keeps them from everybody else until the transaction ends: what is compared is what
 * is written over, and two that change the same row go one after the other.
 */
export const LOCKED = { lockMode: LockMode.PESSIMISTIC_WRITE, refresh: true } as const
