import { canFollow, ROLE_COUNT, ROLES } from './roles.ts'

/** Weights by name of a feature, one per role; of a step, one per pair of roles. */
export interface RoleWeights {
  readonly features: ReadonlyMap<string, Float64Array>
  /** By `ROLE_COUNT * before + role`, without and with an empty line between. */
  readonly steps: readonly [Float64Array, Float64Array]
}

export interface Decoded {
  /** Index of the role of each line. */
  readonly roles: Uint8Array
  /** How far the best reading in which a line has another role falls behind; by line. */
  readonly margins: Float64Array
  /** The role that the line has in that reading. */
  readonly others: Uint8Array
}

/** Whether a role may follow another, by `ROLE_COUNT * before + role`. */
export const ALLOWED_STEPS: readonly boolean[] = ROLES.flatMap((before) => ROLES.map((role) => canFollow(before, role)))
/** Whether a draft may begin with a role. */
export const BEGINNINGS: readonly boolean[] = ROLES.map((role) => canFollow(null, role))
const NEVER = -1e9

/**
 * The readings of a whole draft, weighed: the best sequence of roles (Viterbi), and for each line how much worse the
 * draft is explained if that line alone has to be something else (max-marginals, forward and backward). Linear.
 *
 * @param scores by line and role.
 * @param gaps whether an empty line stands before each line.
 */
export function decode(scores: readonly Float64Array[], gaps: readonly boolean[], weights: RoleWeights): Decoded {
  const count = scores.length
  const forward = sweep(scores, gaps, weights.steps)
  const backward = sweepBack(scores, gaps, weights.steps)
  const roles = trace(scores, gaps, weights.steps, forward)
  const margins = new Float64Array(count)
  const others = new Uint8Array(count)
  for (let at = 0; at < count; at++) {
    const chosen = roles[at] ?? 0
    let second = NEVER
    for (let role = 0; role < ROLE_COUNT; role++) {
      if (role === chosen) continue
      const total = (forward[at]?.[role] ?? NEVER) + (backward[at]?.[role] ?? NEVER)
      if (total > second) {
        second = total
        others[at] = role
      }
    }
    margins[at] = (forward[at]?.[chosen] ?? 0) + (backward[at]?.[chosen] ?? 0) - second
  }
  return { roles, margins, others }
}

type Steps = readonly [Float64Array, Float64Array]

function stepOf(steps: Steps, gap: boolean, before: number, role: number): number {
  const at = before * ROLE_COUNT + role
  return ALLOWED_STEPS[at] ? (steps[gap ? 1 : 0][at] ?? 0) : NEVER
}

function sweep(scores: readonly Float64Array[], gaps: readonly boolean[], steps: Steps): Float64Array[] {
  const best: Float64Array[] = []
  scores.forEach((own, at) => {
    const row = new Float64Array(ROLE_COUNT)
    const last = best[at - 1]
    for (let role = 0; role < ROLE_COUNT; role++) {
      let most = last ? NEVER * 2 : BEGINNINGS[role] ? 0 : NEVER
      if (last)
        for (let before = 0; before < ROLE_COUNT; before++) {
          const total = (last[before] ?? NEVER) + stepOf(steps, gaps[at] ?? false, before, role)
          if (total > most) most = total
        }
      row[role] = most + (own[role] ?? 0)
    }
    best.push(row)
  })
  return best
}

/** The best score of all that stands behind each line, given its role. */
function sweepBack(scores: readonly Float64Array[], gaps: readonly boolean[], steps: Steps): Float64Array[] {
  const best: Float64Array[] = new Array<Float64Array>(scores.length)
  for (let at = scores.length - 1; at >= 0; at--) {
    const row = new Float64Array(ROLE_COUNT)
    const next = best[at + 1]
    const own = scores[at + 1]
    if (next && own)
      for (let role = 0; role < ROLE_COUNT; role++) {
        let most = NEVER * 2
        for (let behind = 0; behind < ROLE_COUNT; behind++) {
          const total = stepOf(steps, gaps[at + 1] ?? false, role, behind) + (own[behind] ?? 0) + (next[behind] ?? 0)
          if (total > most) most = total
        }
        row[role] = most
      }
    best[at] = row
  }
  return best
}

function trace(
  scores: readonly Float64Array[],
  gaps: readonly boolean[],
  steps: Steps,
  forward: readonly Float64Array[],
): Uint8Array {
  const roles = new Uint8Array(scores.length)
  let role = -1
  for (let at = scores.length - 1; at >= 0; at--) {
    const row = forward[at] as Float64Array
    let best = 0
    let most = Number.NEGATIVE_INFINITY
    for (let one = 0; one < ROLE_COUNT; one++) {
      const total = (row[one] ?? NEVER) + (role < 0 ? 0 : stepOf(steps, gaps[at + 1] ?? false, one, role))
      if (total > most) {
        most = total
        best = one
      }
    }
    role = best
    roles[at] = role
  }
  return roles
}
