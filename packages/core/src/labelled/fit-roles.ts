import { unitsOf } from '../draft/facts/units.ts'
import type { RoleWeights } from '../draft/roles/decode.ts'
import { decodeRoles } from '../draft/roles/decode.ts'
import { featuresOf, type FeatureSink } from '../draft/roles/features.ts'
import { marginalsOf } from '../draft/roles/marginals.ts'
import { surround } from '../draft/roles/read-roles.ts'
import { ROLE_COUNT } from '../draft/roles/roles.ts'
import type { Surroundings } from '../draft/roles/surroundings.ts'
import { voteFeatures, votesOf } from '../draft/roles/votes.ts'
import type { FittedRound, FittedWeights } from '../draft/roles/weights.ts'
import { cleanLines } from '../draft/text/clean.ts'
import { goldRoles, type AllowedRoles } from './gold-roles.ts'
import type { LabelledDraft } from './gold.ts'

/** A draft ready to be fitted on. */
export interface Example {
  readonly name: string
  readonly draft: Surroundings
  readonly allowed: AllowedRoles
}

export function exampleOf(labelled: LabelledDraft): Example {
  const draft = surround(unitsOf(cleanLines(labelled.source)))
  return { name: labelled.name, draft, allowed: goldRoles(draft, labelled.gold) }
}

const EPOCHS = 8
const RATE = 0.15
/** What every weight loses each time round, so that what few lines say counts little. */
const SHRINK = 0.04
/** What stands in few drafts only is a habit of their writers. */
const FEWEST_DRAFTS = 4
const PAIRS = ROLE_COUNT * ROLE_COUNT
const NEVER = -1e5

/** The features of a draft's lines by number, with their values; lines lie one behind the other from `starts` on. */
interface Rows {
  readonly starts: Uint32Array
  readonly ids: Uint32Array
  readonly values: Float32Array
}

interface Case {
  readonly rows: Rows
  readonly gaps: readonly boolean[]
  readonly allowed: AllowedRoles
}

/** Fits both rounds. The votes of the first round, for fitting the second, come from weights that never saw the draft. */
export function fitReader(examples: readonly Example[], folds = 2): FittedWeights {
  const first = fitRoles(examples, null)
  const votes: Uint8Array[] = examples.map(() => new Uint8Array())
  for (let fold = 0; fold < folds; fold++) {
    const weights = fitRoles(
      examples.filter((_example, at) => at % folds !== fold),
      null,
    )
    examples.forEach((example, at) => {
      if (at % folds === fold) votes[at] = firstRound(example.draft, weights)
    })
  }
  return { first, second: fitRoles(examples, votes) }
}

/** The mean of several fits: what one of them says by the chance of its made drafts alone counts for less. */
export function meanOf(fits: readonly FittedWeights[]): FittedWeights {
  return { first: meanRound(fits.map(({ first }) => first)), second: meanRound(fits.map(({ second }) => second)) }
}

function meanRound(rounds: readonly FittedRound[]): FittedRound {
  const mean = (rows: readonly (Float64Array | undefined)[], length: number): Float64Array =>
    Float64Array.from({ length }, (_none, at) => rows.reduce((sum, row) => sum + (row?.[at] ?? 0), 0) / rounds.length)
  const names = new Set(rounds.flatMap(({ features }) => [...features.keys()]))
  return {
    features: new Map(
      [...names].map((name) => [
        name,
        mean(
          rounds.map(({ features }) => features.get(name)),
          ROLE_COUNT,
        ),
      ]),
    ),
    steps: [0, 1].map((at) =>
      mean(
        rounds.map(({ steps }) => steps[at]),
        ROLE_COUNT ** 2,
      ),
    ) as unknown as FittedRound['steps'],
  }
}

function firstRound(draft: Surroundings, weights: RoleWeights): Uint8Array {
  const scores = new Float64Array(draft.facts.length * ROLE_COUNT)
  draft.facts.forEach((_facts, at) => {
    featuresOf(draft, at, (name, value = 1) => {
      const known = weights.features.get(name)
      const base = at * ROLE_COUNT
      if (known)
        for (let role = 0; role < ROLE_COUNT; role++)
          scores[base + role] = (scores[base + role] ?? 0) + (known[role] ?? 0) * value
    })
  })
  return decodeRoles(scores, gapsOf(draft), weights.steps)
}

function gapsOf(draft: Surroundings): boolean[] {
  return draft.facts.map((one) => one.unit.gap > 0)
}

/** Numbers for the names of features. */
class Names {
  readonly #ids = new Map<string, number>()
  readonly #drafts: number[] = []
  #draft = 0
  readonly #last: number[] = []

  nextDraft(): void {
    this.#draft++
  }

  idOf(name: string): number {
    let id = this.#ids.get(name)
    if (id === undefined) {
      id = this.#ids.size
      this.#ids.set(name, id)
      this.#drafts.push(0)
      this.#last.push(0)
    }
    if (this.#last[id] !== this.#draft) {
      this.#last[id] = this.#draft
      this.#drafts[id] = (this.#drafts[id] ?? 0) + 1
    }
    return id
  }

  isKept(id: number): boolean {
    return (this.#drafts[id] ?? 0) >= FEWEST_DRAFTS
  }

  get size(): number {
    return this.#ids.size
  }

  *entries(): Iterable<readonly [string, number]> {
    yield* this.#ids
  }
}

function rowsOf(draft: Surroundings, voted: Uint8Array | null, names: Names): Rows {
  names.nextDraft()
  const votes = voted ? votesOf(draft, voted) : null
  const ids: number[] = []
  const values: number[] = []
  const starts = new Uint32Array(draft.facts.length + 1)
  draft.facts.forEach((_facts, at) => {
    const push: FeatureSink = (name, value = 1) => {
      ids.push(names.idOf(name))
      values.push(value)
    }
    featuresOf(draft, at, push)
    if (votes) voteFeatures(draft, votes, at, push)
    starts[at + 1] = ids.length
  })
  return { starts, ids: Uint32Array.from(ids), values: Float32Array.from(values) }
}

function keptRows(rows: Rows, names: Names): Rows {
  const ids: number[] = []
  const values: number[] = []
  const starts = new Uint32Array(rows.starts.length)
  for (let line = 0; line + 1 < rows.starts.length; line++) {
    for (let at = rows.starts[line] ?? 0; at < (rows.starts[line + 1] ?? 0); at++) {
      if (!names.isKept(rows.ids[at] ?? 0)) continue
      ids.push(rows.ids[at] ?? 0)
      values.push(rows.values[at] ?? 0)
    }
    starts[line + 1] = ids.length
  }
  return { starts, ids: Uint32Array.from(ids), values: Float32Array.from(values) }
}

/** Weights with their sums of squared gradients: steps grow smaller where much was learnt (AdaGrad, Duchi et al. 2011). */
class Learnt {
  readonly weights: Float64Array
  readonly #squares: Float64Array

  constructor(size: number) {
    this.weights = new Float64Array(size)
    this.#squares = new Float64Array(size)
  }

  learn(base: number, gradient: Float64Array, value: number): void {
    for (let at = 0; at < gradient.length; at++) {
      const step = (gradient[at] ?? 0) * value
      if (step < 1e-3 && step > -1e-3) continue
      const squares = (this.#squares[base + at] ?? 0) + step * step
      this.#squares[base + at] = squares
      this.weights[base + at] = (this.weights[base + at] ?? 0) + (RATE * step) / Math.sqrt(squares + 1e-3)
    }
  }

  shrink(): void {
    for (let at = 0; at < this.weights.length; at++) this.weights[at] = (this.weights[at] ?? 0) * (1 - SHRINK)
  }
}

/** A conditional random field over the roles of the lines, fitted on what the gold allows. */
function fitRoles(examples: readonly Example[], votes: readonly Uint8Array[] | null): FittedRound {
  const names = new Names()
  const all = examples.map((example, at) => rowsOf(example.draft, votes?.[at] ?? null, names))
  const cases = examples.map((example, at): Case => ({
    rows: keptRows(all[at] as Rows, names),
    gaps: gapsOf(example.draft),
    allowed: example.allowed,
  }))
  const features = new Learnt(names.size * ROLE_COUNT)
  const steps = [new Learnt(PAIRS), new Learnt(PAIRS)] as const
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (const one of cases) learnFrom(one, features, steps)
    for (const learnt of [features, ...steps]) learnt.shrink()
  }
  const byName = new Map<string, Float64Array>()
  for (const [name, id] of names.entries())
    if (names.isKept(id)) byName.set(name, features.weights.slice(id * ROLE_COUNT, (id + 1) * ROLE_COUNT))
  return { features: byName, steps: [steps[0].weights, steps[1].weights] }
}

function learnFrom({ rows, gaps, allowed }: Case, features: Learnt, steps: readonly [Learnt, Learnt]): void {
  const turns = [steps[0].weights, steps[1].weights] as const
  const scores = scoresOf(rows, gaps.length, features.weights)
  const held = scores.map((score, at) => {
    const bits = allowed[Math.floor(at / ROLE_COUNT)] ?? 0
    return bits & (1 << (at % ROLE_COUNT)) ? score : NEVER
  })
  const right = marginalsOf(held, gaps, turns, true)
  const free = marginalsOf(scores, gaps, turns, true)
  const gradients = right.roles.map((value, at) => value - (free.roles[at] ?? 0))
  const stepGradients = [new Float64Array(PAIRS), new Float64Array(PAIRS)] as const
  gaps.forEach((gap, line) => {
    const gradient = gradients.subarray(line * ROLE_COUNT, (line + 1) * ROLE_COUNT)
    if (gradient.some((value) => value > 1e-3))
      for (let at = rows.starts[line] ?? 0; at < (rows.starts[line + 1] ?? 0); at++)
        features.learn((rows.ids[at] ?? 0) * ROLE_COUNT, gradient, rows.values[at] ?? 0)
    const own = stepGradients[gap ? 1 : 0]
    if (line > 0)
      for (let pair = 0; pair < PAIRS; pair++)
        own[pair] = (own[pair] ?? 0) + (right.steps[line * PAIRS + pair] ?? 0) - (free.steps[line * PAIRS + pair] ?? 0)
  })
  steps.forEach((learnt, at) => learnt.learn(0, stepGradients[at] as Float64Array, 1))
}

function scoresOf(rows: Rows, lines: number, weights: Float64Array): Float64Array {
  const scores = new Float64Array(lines * ROLE_COUNT)
  for (let line = 0; line < lines; line++)
    for (let at = rows.starts[line] ?? 0; at < (rows.starts[line + 1] ?? 0); at++) {
      const base = (rows.ids[at] ?? 0) * ROLE_COUNT
      const value = rows.values[at] ?? 0
      for (let role = 0; role < ROLE_COUNT; role++)
        scores[line * ROLE_COUNT + role] = (scores[line * ROLE_COUNT + role] ?? 0) + (weights[base + role] ?? 0) * value
    }
  return scores
}
