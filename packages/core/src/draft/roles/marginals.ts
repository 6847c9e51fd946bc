import { ALLOWED_STEPS, BEGINNINGS, type RoleWeights } from './decode.ts'
import { ROLE_COUNT } from './roles.ts'

/** How probable each role is for each line, and each pair of roles for neighbouring lines, under the weights. */
export interface Marginals {
  /** By line and role, in `[0, 1]`. */
  readonly roles: readonly Float64Array[]
  /** By line (from the second on) and `ROLE_COUNT * before + role`; empty unless asked for. */
  readonly steps: readonly Float64Array[]
}

/**
 * Forward and backward sums over all readings of a draft (a linear-chain conditional random field, Lafferty, McCallum
 * and Pereira 2001), scaled line by line. Linear in the lines.
 *
 * @param scores by line and role; minus infinity rules a role out.
 */
export function marginalsOf(
  scores: readonly Float64Array[],
  gaps: readonly boolean[],
  weights: RoleWeights,
  withSteps = false,
): Marginals {
  const potentials = scores.map(exponentials)
  const steps = weights.steps.map(exponentialSteps)
  const stepAt = (at: number): Float64Array => steps[gaps[at] ? 1 : 0] as Float64Array
  const forward = sums(potentials, stepAt)
  const backward = sumsBack(potentials, stepAt)
  const roles = forward.map((row, at) => normalized(row.map((value, role) => value * (backward[at]?.[role] ?? 0))))
  return { roles, steps: withSteps ? stepMarginals(potentials, forward, backward, stepAt) : [] }
}

function exponentials(scores: Float64Array): Float64Array {
  const most = Math.max(...scores)
  return scores.map((score) => Math.exp(score - most))
}

function exponentialSteps(steps: Float64Array): Float64Array {
  return steps.map((score, at) => (ALLOWED_STEPS[at] ? Math.exp(score) : 0))
}

function normalized(row: Float64Array): Float64Array {
  let sum = 0
  for (const value of row) sum += value
  return sum > 0 ? row.map((value) => value / sum) : row
}

type StepAt = (at: number) => Float64Array

function sums(potentials: readonly Float64Array[], stepAt: StepAt): Float64Array[] {
  const rows: Float64Array[] = []
  potentials.forEach((own, at) => {
    const row = new Float64Array(ROLE_COUNT)
    const last = rows[at - 1]
    const step = stepAt(at)
    for (let role = 0; role < ROLE_COUNT; role++) {
      let sum = last ? 0 : BEGINNINGS[role] ? 1 : 0
      if (last)
        for (let before = 0; before < ROLE_COUNT; before++)
          sum += (last[before] ?? 0) * (step[before * ROLE_COUNT + role] ?? 0)
      row[role] = sum * (own[role] ?? 0)
    }
    rows.push(normalized(row))
  })
  return rows
}

function sumsBack(potentials: readonly Float64Array[], stepAt: StepAt): Float64Array[] {
  const rows = new Array<Float64Array>(potentials.length)
  for (let at = potentials.length - 1; at >= 0; at--) {
    const row = new Float64Array(ROLE_COUNT)
    const next = rows[at + 1]
    const own = potentials[at + 1]
    const step = stepAt(at + 1)
    if (!next || !own) row.fill(1)
    else
      for (let role = 0; role < ROLE_COUNT; role++) {
        let sum = 0
        for (let behind = 0; behind < ROLE_COUNT; behind++)
          sum += (step[role * ROLE_COUNT + behind] ?? 0) * (own[behind] ?? 0) * (next[behind] ?? 0)
        row[role] = sum
      }
    rows[at] = normalized(row)
  }
  return rows
}

function stepMarginals(
  potentials: readonly Float64Array[],
  forward: readonly Float64Array[],
  backward: readonly Float64Array[],
  stepAt: StepAt,
): Float64Array[] {
  return potentials.map((own, at) => {
    const pairs = new Float64Array(ROLE_COUNT * ROLE_COUNT)
    const last = forward[at - 1]
    if (!last) return pairs
    const step = stepAt(at)
    for (let before = 0; before < ROLE_COUNT; before++)
      for (let role = 0; role < ROLE_COUNT; role++) {
        const pair = before * ROLE_COUNT + role
        pairs[pair] = (last[before] ?? 0) * (step[pair] ?? 0) * (own[role] ?? 0) * (backward[at]?.[role] ?? 0)
      }
    return normalized(pairs)
  })
}
