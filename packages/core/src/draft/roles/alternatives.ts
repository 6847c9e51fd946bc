import { decode } from './decode.ts'
import type { ReadRoles } from './read-roles.ts'
import { ROLE_COUNT } from './roles.ts'

/** Another reading of a draft, and how much worse its lines alone explain it. */
export interface Alternative {
  readonly read: ReadRoles
  readonly loss: number
}

/** Margins above this are not worth another reading. */
const WIDEST = 6
const NEVER = -1e6

/**
 * Readings in which lines that look alike, and are doubtful in the same way, are all something else: the best reading
 * of the draft with that one thing changed. The likeliest first.
 */
export function alternativesOf(read: ReadRoles, most: number): Alternative[] {
  const { weighed, roles, others, margins, draft } = read
  if (!weighed) return []
  const turns = new Map<string, { readonly lines: number[]; least: number }>()
  margins.forEach((margin, at) => {
    if (margin > WIDEST) return
    const name = `${draft.groups[at] ?? 0} ${roles[at] ?? 0} ${others[at] ?? 0}`
    const turn = turns.get(name) ?? { lines: [], least: margin }
    turn.lines.push(at)
    turn.least = Math.min(turn.least, margin)
    turns.set(name, turn)
  })
  const base = scoreOf(read, roles)
  return [...turns.values()]
    .sort((a, b) => a.least - b.least)
    .slice(0, most)
    .flatMap(({ lines }) => {
      const scores = [...weighed.scores]
      for (const at of lines) {
        const own = Float64Array.from(scores[at] ?? [])
        own[roles[at] ?? 0] = NEVER
        scores[at] = own
      }
      const other = decode(scores, weighed.gaps, weighed.weights).roles
      const probabilities = Float64Array.from(other, (role, at) => weighed.marginals[at]?.[role] ?? 0)
      return [{ read: { ...read, roles: other, probabilities }, loss: base - scoreOf(read, other) }]
    })
    .filter(({ loss }) => loss < NEVER / -2)
}

function scoreOf({ weighed }: ReadRoles, roles: Uint8Array): number {
  if (!weighed) return 0
  const { scores, gaps, weights } = weighed
  let total = 0
  roles.forEach((role, at) => {
    total += scores[at]?.[role] ?? 0
    if (at > 0) total += weights.steps[gaps[at] ? 1 : 0][ROLE_COUNT * (roles[at - 1] ?? 0) + role] ?? 0
  })
  return total
}
