import { stepsBetween, type Counts } from '../draft/doubt/worth.ts'

/** A reading of a labelled draft: what it comes to, what its lines lose by it, and how right it is. */
export interface WeighedWay {
  readonly counts: Counts
  readonly loss: number
  /** Exact items, less half of those that are none. */
  readonly right: number
}

const TURNS = 400
const RATE = 0.15
const SHRINK = 0.01

/** How much each count speaks for a reading, and how much a loss of probability against it. */
export interface Worth {
  readonly counts: Readonly<Record<string, number>>
  readonly loss: number
}

/**
 * Fits how readings are weighed against each other: a choice among the readings of each draft, the first of them the
 * base (a conditional logit, McFadden 1974), by gradient with steps that shrink where much was learnt.
 *
 * @param drafts by draft: its readings. They must come from a fit of the roles that never saw the draft.
 */
export function fitWorth(drafts: readonly (readonly WeighedWay[])[]): Worth {
  const names = Object.keys(stepsBetween(drafts[0]?.[0]?.counts as Counts, drafts[0]?.[0]?.counts as Counts))
  const cases = drafts
    .filter((ways) => new Set(ways.map((way) => way.right)).size > 1)
    .map((ways) => {
      const most = Math.max(...ways.map((way) => way.right))
      return ways.map((way) => {
        const steps = stepsBetween(way.counts, ways[0]?.counts as Counts) as Readonly<Record<string, number>>
        return { values: [-way.loss, ...names.map((name) => steps[name] ?? 0)], isBest: way.right === most }
      })
    })
  const weights = [0.3, ...names.map(() => 0)]
  const squares = weights.map(() => 1e-6)
  for (let turn = 0; turn < TURNS; turn++) {
    const gradient = gradientOf(cases, weights)
    gradient.forEach((value, at) => {
      const step = value - SHRINK * (weights[at] ?? 0) * cases.length
      squares[at] = (squares[at] ?? 0) + step * step
      weights[at] = (weights[at] ?? 0) + (RATE * step) / Math.sqrt(squares[at] ?? 1)
    })
  }
  return {
    loss: weights[0] ?? 0,
    counts: Object.fromEntries(names.map((name, at) => [name, weights[at + 1] ?? 0])),
  }
}

type Case = readonly { readonly values: readonly number[]; readonly isBest: boolean }[]

function gradientOf(cases: readonly Case[], weights: readonly number[]): number[] {
  const gradient = weights.map(() => 0)
  for (const ways of cases) {
    const scores = ways.map(({ values }) => values.reduce((sum, value, at) => sum + value * (weights[at] ?? 0), 0))
    const most = Math.max(...scores)
    const odds = scores.map((score) => Math.exp(score - most))
    const all = odds.reduce((sum, one) => sum + one, 0)
    const best = odds.reduce((sum, one, at) => sum + (ways[at]?.isBest ? one : 0), 0) || 1e-9
    ways.forEach(({ values, isBest }, way) => {
      const pull = (isBest ? (odds[way] ?? 0) / best : 0) - (odds[way] ?? 0) / all
      values.forEach((value, at) => (gradient[at] = (gradient[at] ?? 0) + pull * value))
    })
  }
  return gradient
}
