import type { Reading } from '../draft/model.ts'
import { ROLE_COUNT, ROLE_INDEX } from '../draft/roles/roles.ts'
import { cleanLines } from '../draft/text/clean.ts'
import { readingFrom } from '../draft/weigh-draft.ts'
import { exampleOf } from './fit-roles.ts'
import type { LabelledDraft } from './gold.ts'
import type { Score } from './score.ts'

/**
 * What becomes of a labelled draft if each of its lines has the role that its right reading gives it, the first of
 * several that it allows: everything behind the roles, apart from how well they are found.
 */
export function readByRightRoles(labelled: LabelledDraft): Reading {
  const { draft, allowed } = exampleOf(labelled)
  const roles = Uint8Array.from(allowed, (bits) => {
    const open = Array.from({ length: ROLE_COUNT }, (_none, role) => role).filter((role) => bits & (1 << role))
    return open.length === ROLE_COUNT ? ROLE_INDEX.out : (open[0] ?? ROLE_INDEX.out)
  })
  const sure = Float64Array.from(roles, () => 1)
  return readingFrom(
    { draft, roles, others: roles, margins: sure, probabilities: sure, weighed: null, said: new Map() },
    cleanLines(labelled.source),
    labelled.source,
  )
}

/** What is held of a draft: how many of its items and of their other fields come out right, and how many too many. */
export type Held = Pick<Score, 'exact' | 'extrasRight' | 'spurious'>

export function heldOf({ exact, extrasRight, spurious }: Score): Held {
  return { exact, extrasRight, spurious }
}

/** Whether nothing is missing or too much. */
export function isWhole({ gold, exact, extras, extrasRight, spurious }: Score): boolean {
  return exact === gold && extrasRight === extras && spurious === 0
}
