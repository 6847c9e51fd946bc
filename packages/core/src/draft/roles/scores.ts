import { FAMILIES, type Family } from './features.ts'
import { ROLE_COUNT } from './roles.ts'
import type { Surroundings } from './surroundings.ts'
import type { ReaderWeights } from './weights.ts'

/** What the lines say themselves, in each round, by `ROLE_COUNT * line + role`. */
export interface Scores {
  readonly first: Float64Array
  readonly second: Float64Array
}

/**
 * Adds up the weights of all features of all lines. The features of a family are added up once for the values that they
 * follow from: most lines of a draft share theirs with others.
 */
export function scoresOf(draft: Surroundings, weights: ReaderWeights): Scores {
  const sums = sumsOf(weights)
  const size = draft.facts.length * ROLE_COUNT
  const scores = { first: new Float64Array(size), second: new Float64Array(size) }
  FAMILIES.forEach((family, index) => {
    const own = sums[index] as Map<string, Sum>
    for (let at = 0; at < draft.facts.length; at++) {
      const values = family.valuesOf(draft, at)
      if (!values) continue
      const name = values.join('\u0001')
      let sum = own.get(name)
      if (!sum) {
        sum = sumOf(family, values, weights)
        if (own.size >= MOST_KNOWN) own.clear()
        own.set(name, sum)
      }
      addRow(scores.first, at * ROLE_COUNT, sum.first, 1)
      addRow(scores.second, at * ROLE_COUNT, sum.second, 1)
    }
  })
  return scores
}

/** A row of weights, times a value, added to the scores from a place on. */
export function addRow(scores: Float64Array, base: number, row: Float64Array, value: number): void {
  for (let role = 0; role < ROLE_COUNT; role++)
    scores[base + role] = (scores[base + role] as number) + (row[role] as number) * value
}

interface Sum {
  readonly first: Float64Array
  readonly second: Float64Array
}

/** So that memory stays small, however many drafts are read. */
const MOST_KNOWN = 20_000

const known = new WeakMap<ReaderWeights, readonly Map<string, Sum>[]>()

function sumsOf(weights: ReaderWeights): readonly Map<string, Sum>[] {
  let own = known.get(weights)
  if (!own) {
    own = FAMILIES.map(() => new Map<string, Sum>())
    known.set(weights, own)
  }
  return own
}

function sumOf(family: Family, values: readonly (string | number | boolean)[], weights: ReaderWeights): Sum {
  const sum = { first: new Float64Array(ROLE_COUNT), second: new Float64Array(ROLE_COUNT) }
  family.push(values, (name, value = 1) => {
    const first = weights.first.features.get(name)
    const second = weights.second.features.get(name)
    if (first) addRow(sum.first, 0, first, value)
    if (second) addRow(sum.second, 0, second, value)
  })
  return sum
}
