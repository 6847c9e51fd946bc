import { countingAttempts, scoreAttempts, type Attempt as GivenAttempt } from '@zakuska/core'
import type { Attempt, Sitting } from './sitting.entity.ts'

export type CountedAttempt = GivenAttempt & { readonly attempt: Attempt }

/** The attempts that count: handed in, and of each person the one that the sitting's settings choose. */
export function countingOf(sitting: Sitting, attempts: readonly Attempt[]): CountedAttempt[] {
  const items = sitting.items.map(({ body }) => body)
  const handedIn = attempts
    .filter(({ isHandedIn }) => isHandedIn)
    .map((attempt): CountedAttempt => ({
      ...{ attempt, student: attempt.student, responses: attempt.responses, given: attempt.given },
    }))
  const totals = new Map(
    scoreAttempts(items, handedIn, sitting.settings).map(({ total }, at) => [handedIn[at], total] as const),
  )
  return countingAttempts(handedIn, sitting.settings.which, {
    personOf: ({ attempt }) => attempt.person,
    totalOf: (one) => totals.get(one) ?? 0,
  })
}
