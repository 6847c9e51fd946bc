import { canFollow, ROLE_COUNT, ROLES } from './roles.ts'

/** Weights by name of a feature, one per role. */
export interface RowsByName {
  get(name: string): Float64Array | undefined
}

/** Weights of features; and of steps, one per pair of roles. */
export interface RoleWeights {
  readonly features: RowsByName
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

/** Weights of steps from role to role, without and with an empty line between. */
export type Steps = readonly [Float64Array, Float64Array]

/**
 * The readings of a whole draft, weighed: the best sequence of roles (Viterbi), and for each line how much worse the
 * draft is explained if that line alone has to be something else (max-marginals, forward and backward). Linear.
 *
 * @param scores by `ROLE_COUNT * line + role`.
 * @param gaps whether an empty line stands before each line.
 */
export function decode(scores: Float64Array, gaps: readonly boolean[], given: Steps): Decoded {
  const count = gaps.length
  const steps = allowedSteps(given)
  const forward = sweep(scores, gaps, steps)
  const backward = sweepBack(scores, gaps, steps)
  const roles = trace(forward, gaps, steps)
  const margins = new Float64Array(count)
  const others = new Uint8Array(count)
  for (let at = 0; at < count; at++) {
    const base = at * ROLE_COUNT
    const chosen = roles[at] as number
    let second = NEVER
    for (let role = 0; role < ROLE_COUNT; role++) {
      if (role === chosen) continue
      const total = (forward[base + role] as number) + (backward[base + role] as number)
      if (total > second) {
        second = total
        others[at] = role
      }
    }
    margins[at] = (forward[base + chosen] as number) + (backward[base + chosen] as number) - second
  }
  return { roles, margins, others }
}

/** The best sequence alone. */
export function decodeRoles(scores: Float64Array, gaps: readonly boolean[], given: Steps): Uint8Array {
  const steps = allowedSteps(given)
  return trace(sweep(scores, gaps, steps), gaps, steps)
}

function allowedSteps(given: Steps): Steps {
  const barred = (own: Float64Array): Float64Array => own.map((score, at) => (ALLOWED_STEPS[at] ? score : NEVER))
  return [barred(given[0]), barred(given[1])]
}

/** The best score of all up to each line, given its role. */
function sweep(scores: Float64Array, gaps: readonly boolean[], steps: Steps): Float64Array {
  const best = new Float64Array(scores.length)
  for (let role = 0; role < ROLE_COUNT; role++) best[role] = (BEGINNINGS[role] ? 0 : NEVER) + (scores[role] ?? 0)
  for (let at = 1; at < gaps.length; at++) {
    const step = steps[gaps[at] ? 1 : 0]
    const base = at * ROLE_COUNT
    const last = base - ROLE_COUNT
    for (let role = 0; role < ROLE_COUNT; role++) {
      let most = NEVER * 2
      for (let before = 0; before < ROLE_COUNT; before++) {
        const total = (best[last + before] as number) + (step[before * ROLE_COUNT + role] as number)
        if (total > most) most = total
      }
      best[base + role] = most + (scores[base + role] as number)
    }
  }
  return best
}

/** The best score of all that stands behind each line, given its role. */
function sweepBack(scores: Float64Array, gaps: readonly boolean[], steps: Steps): Float64Array {
  const best = new Float64Array(scores.length)
  for (let at = gaps.length - 2; at >= 0; at--) {
    const step = steps[gaps[at + 1] ? 1 : 0]
    const base = at * ROLE_COUNT
    const next = base + ROLE_COUNT
    for (let role = 0; role < ROLE_COUNT; role++) {
      let most = NEVER * 2
      const from = role * ROLE_COUNT
      for (let behind = 0; behind < ROLE_COUNT; behind++) {
        const total =
          (step[from + behind] as number) + (scores[next + behind] as number) + (best[next + behind] as number)
        if (total > most) most = total
      }
      best[base + role] = most
    }
  }
  return best
}

function trace(forward: Float64Array, gaps: readonly boolean[], steps: Steps): Uint8Array {
  const roles = new Uint8Array(gaps.length)
  let role = -1
  for (let at = gaps.length - 1; at >= 0; at--) {
    const step = steps[gaps[at + 1] ? 1 : 0]
    let best = 0
    let most = Number.NEGATIVE_INFINITY
    for (let one = 0; one < ROLE_COUNT; one++) {
      const total =
        (forward[at * ROLE_COUNT + one] as number) + (role < 0 ? 0 : (step[one * ROLE_COUNT + role] as number))
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
