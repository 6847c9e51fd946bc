import { ALLOWED_STEPS, BEGINNINGS, type Steps } from './decode.ts'
import { ROLE_COUNT } from './roles.ts'

const PAIRS = ROLE_COUNT * ROLE_COUNT

/** How probable each role is for each line, and each pair of roles for neighbouring lines, under the weights. */
export interface Marginals {
  /** By `ROLE_COUNT * line + role`, in `[0, 1]`. */
  readonly roles: Float64Array
  /** By `ROLE_COUNT² * line + ROLE_COUNT * before + role`, from the second line on; empty unless asked for. */
  readonly steps: Float64Array
}

/**
 * Forward and backward sums over all readings of a draft (a linear-chain conditional random field, Lafferty, McCallum
 * and Pereira 2001), scaled line by line. Linear in the lines.
 *
 * @param scores by `ROLE_COUNT * line + role`; minus infinity rules a role out.
 */
export function marginalsOf(
  scores: Float64Array,
  gaps: readonly boolean[],
  given: Steps,
  withSteps = false,
): Marginals {
  const potentials = exponentials(scores, gaps.length)
  const steps: Steps = [exponentialSteps(given[0]), exponentialSteps(given[1])]
  const forward = sums(potentials, gaps, steps)
  const backward = sumsBack(potentials, gaps, steps)
  const roles = forward.map((value, at) => value * (backward[at] as number))
  for (let at = 0; at < gaps.length; at++) normalize(roles, at * ROLE_COUNT, ROLE_COUNT)
  return {
    roles,
    steps: withSteps ? stepMarginals(potentials, forward, backward, gaps, steps) : new Float64Array(0),
  }
}

function exponentials(scores: Float64Array, count: number): Float64Array {
  const out = new Float64Array(scores.length)
  for (let at = 0; at < count; at++) {
    const base = at * ROLE_COUNT
    let most = Number.NEGATIVE_INFINITY
    for (let role = 0; role < ROLE_COUNT; role++) most = Math.max(most, scores[base + role] as number)
    for (let role = 0; role < ROLE_COUNT; role++) out[base + role] = Math.exp((scores[base + role] as number) - most)
  }
  return out
}

function exponentialSteps(steps: Float64Array): Float64Array {
  return steps.map((score, at) => (ALLOWED_STEPS[at] ? Math.exp(score) : 0))
}

function normalize(values: Float64Array, from: number, count: number): void {
  let sum = 0
  for (let at = from; at < from + count; at++) sum += values[at] as number
  if (sum > 0) for (let at = from; at < from + count; at++) values[at] = (values[at] as number) / sum
}

function sums(potentials: Float64Array, gaps: readonly boolean[], steps: Steps): Float64Array {
  const rows = new Float64Array(potentials.length)
  for (let role = 0; role < ROLE_COUNT && gaps.length; role++)
    rows[role] = BEGINNINGS[role] ? (potentials[role] as number) : 0
  normalize(rows, 0, gaps.length ? ROLE_COUNT : 0)
  for (let at = 1; at < gaps.length; at++) {
    const step = steps[gaps[at] ? 1 : 0]
    const base = at * ROLE_COUNT
    const last = base - ROLE_COUNT
    for (let role = 0; role < ROLE_COUNT; role++) {
      let sum = 0
      for (let before = 0; before < ROLE_COUNT; before++)
        sum += (rows[last + before] as number) * (step[before * ROLE_COUNT + role] as number)
      rows[base + role] = sum * (potentials[base + role] as number)
    }
    normalize(rows, base, ROLE_COUNT)
  }
  return rows
}

function sumsBack(potentials: Float64Array, gaps: readonly boolean[], steps: Steps): Float64Array {
  const rows = new Float64Array(potentials.length)
  rows.fill(1, Math.max(0, rows.length - ROLE_COUNT))
  for (let at = gaps.length - 2; at >= 0; at--) {
    const step = steps[gaps[at + 1] ? 1 : 0]
    const base = at * ROLE_COUNT
    const next = base + ROLE_COUNT
    for (let role = 0; role < ROLE_COUNT; role++) {
      let sum = 0
      const from = role * ROLE_COUNT
      for (let behind = 0; behind < ROLE_COUNT; behind++)
        sum += (step[from + behind] as number) * (potentials[next + behind] as number) * (rows[next + behind] as number)
      rows[base + role] = sum
    }
    normalize(rows, base, ROLE_COUNT)
  }
  return rows
}

function stepMarginals(
  potentials: Float64Array,
  forward: Float64Array,
  backward: Float64Array,
  gaps: readonly boolean[],
  steps: Steps,
): Float64Array {
  const pairs = new Float64Array(gaps.length * PAIRS)
  for (let at = 1; at < gaps.length; at++) {
    const step = steps[gaps[at] ? 1 : 0]
    const base = at * ROLE_COUNT
    const last = base - ROLE_COUNT
    for (let before = 0; before < ROLE_COUNT; before++)
      for (let role = 0; role < ROLE_COUNT; role++) {
        const pair = before * ROLE_COUNT + role
        pairs[at * PAIRS + pair] =
          (forward[last + before] as number) *
          (step[pair] as number) *
          (potentials[base + role] as number) *
          (backward[base + role] as number)
      }
    normalize(pairs, at * PAIRS, PAIRS)
  }
  return pairs
}
