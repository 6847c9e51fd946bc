import type { Facts } from '../facts/facts.ts'
import { factsOf, withLabel } from '../facts/facts.ts'
import { countedWords, fieldWords, recurringLeads } from '../facts/leads.ts'
import type { Unit } from '../facts/units.ts'
import { findSeries } from '../series/series.ts'
import { decode, decodeRoles, type Decoded, type Steps } from './decode.ts'
import { marginalsOf } from './marginals.ts'
import type { LinePart } from './parts.ts'
import { ROLE_COUNT, ROLE_INDEX } from './roles.ts'
import { scoresOf } from './scores.ts'
import type { ReaderWeights } from './weights.ts'
import { surroundingsOf, type Surroundings } from './surroundings.ts'
import { addVotes, votesOf } from './votes.ts'

export interface ReadRoles extends Decoded {
  readonly draft: Surroundings
  /** By line: how probable the role is that it was given, in `[0, 1]`. */
  readonly probabilities: Float64Array
  /** What was weighed, for weighing other readings of the same draft; none where the roles were given. */
  readonly weighed: Weighed | null
  /** By line: what a person said that it is. */
  readonly said: ReadonlyMap<number, LinePart>
}

/** What a person taught about a draft, as evidence for each of its lines. */
export interface Evidence {
  /** Added to what the lines say themselves, by `ROLE_COUNT * line + role`. */
  readonly scores: Float64Array
  /** By line: what a person said of that very line. */
  readonly said: ReadonlyMap<number, LinePart>
}

export interface Weighed {
  /** By `ROLE_COUNT * line + role`. */
  readonly scores: Float64Array
  readonly gaps: readonly boolean[]
  readonly steps: Steps
  /** How probable each role is, by `ROLE_COUNT * line + role`. */
  readonly marginals: Float64Array
}

export function surround(units: readonly Unit[]): Surroundings {
  const leads = recurringLeads(units)
  const counted = countedWords(units)
  const fields = fieldWords(units)
  const facts: Facts[] = units.map((unit) => factsOf(unit, leads, counted, fields))
  const series = findSeries(
    units,
    facts.map((one) => one.labels),
  )
  return surroundingsOf(
    facts.map((one, at) => withLabel(one, series.places[at]?.label ?? null)),
    series,
  )
}

/**
 * The role of each line: weighed twice, the second time with the votes of its group and its series; and once more with
 * what a person taught.
 *
 * @param teach evidence from the roles that the lines have before anything is taught; null: nothing was.
 */
export function readRoles(
  draft: Surroundings,
  weights: ReaderWeights,
  teach: ((untaught: Uint8Array) => Evidence) | null = null,
): ReadRoles {
  const untaught = weighRoles(draft, weights, null)
  return teach ? weighRoles(draft, weights, teach(untaught.roles)) : untaught
}

function weighRoles(draft: Surroundings, weights: ReaderWeights, evidence: Evidence | null): ReadRoles {
  const gaps = draft.facts.map((one) => one.unit.gap > 0)
  const { first: before, second: scores } = scoresOf(draft, weights)
  if (evidence) addAll(before, evidence.scores)
  const votes = votesOf(draft, decodeRoles(before, gaps, weights.first.steps))
  addVotes(draft, votes, weights, scores)
  if (evidence) addAll(scores, evidence.scores)
  const { steps } = weights.second
  let second = decode(scores, gaps, steps)
  if (stemAboveOptions(scores, gaps, steps, second.roles)) second = decode(scores, gaps, steps)
  if (questionsWithLists(draft, scores, second.roles)) second = decode(scores, gaps, steps)
  const marginals = marginalsOf(scores, gaps, steps).roles
  const probabilities = probabilitiesOf(second.roles, marginals)
  const said = evidence?.said ?? NOTHING_SAID
  return { ...second, draft, probabilities, weighed: { scores, gaps, steps, marginals }, said }
}

const NOTHING_SAID: ReadonlyMap<number, LinePart> = new Map()

function addAll(scores: Float64Array, more: Float64Array): void {
  for (let at = 0; at < scores.length; at++) scores[at] = (scores[at] as number) + (more[at] as number)
}

/** How far above the first option of a draft its question is looked for. */
const FURTHEST = 4
const SURE = 1e4

/**
 * The first alternatives of a draft are those of something: where the best reading has no question above them, that
 * one of the lines before them is it under which the draft is explained best.
 */
function stemAboveOptions(scores: Float64Array, gaps: readonly boolean[], steps: Steps, roles: Uint8Array): boolean {
  const option = roles.indexOf(ROLE_INDEX.option)
  const stem = roles.indexOf(ROLE_INDEX.stem)
  if (option < 1 || (stem >= 0 && stem < option)) return false
  let best = option - 1
  let most = Number.NEGATIVE_INFINITY
  for (let at = option - 1; at >= Math.max(0, option - FURTHEST); at--) {
    const turned = Float64Array.from(scores)
    const place = at * ROLE_COUNT + ROLE_INDEX.stem
    turned[place] = (turned[place] ?? 0) + SURE
    const score = readingScore(turned, gaps, steps, decodeRoles(turned, gaps, steps))
    if (score <= most) continue
    most = score
    best = at
  }
  const place = best * ROLE_COUNT + ROLE_INDEX.stem
  scores[place] = (scores[place] ?? 0) + SURE
  return true
}

/**
 * Where the best reading finds no item at all, a numbered question with a list of its own right below it is one: there
 * is nothing else that it could be part of.
 */
function questionsWithLists({ facts }: Surroundings, scores: Float64Array, roles: Uint8Array): boolean {
  const asking = facts.flatMap(({ label, end }, at) => (label?.script === 'number' && end === 'asks' ? [at] : []))
  if (!asking.length || roles.includes(ROLE_INDEX.stem)) return false
  const force = (at: number, role: number): void => {
    const place = at * ROLE_COUNT + role
    scores[place] = (scores[place] ?? 0) + SURE
  }
  for (const at of asking) {
    let end = at + 1
    while (facts[end]?.unit.gap === 0 && (facts[end]?.bullet || facts[end]?.box)) end++
    if (end - at < FEWEST_LISTED + 1) continue
    force(at, ROLE_INDEX.stem)
    for (let below = at + 1; below < end; below++) force(below, ROLE_INDEX.option)
  }
  return true
}

const FEWEST_LISTED = 2

/** What a sequence of roles scores. */
export function readingScore(scores: Float64Array, gaps: readonly boolean[], steps: Steps, roles: Uint8Array): number {
  let total = 0
  roles.forEach((role, at) => {
    total += scores[at * ROLE_COUNT + role] ?? 0
    if (at > 0) total += steps[gaps[at] ? 1 : 0][ROLE_COUNT * (roles[at - 1] ?? 0) + role] ?? 0
  })
  return total
}

/** By line: how probable the given role is. */
export function probabilitiesOf(roles: Uint8Array, marginals: Float64Array): Float64Array {
  return Float64Array.from(roles, (role, at) => marginals[at * ROLE_COUNT + role] ?? 0)
}
