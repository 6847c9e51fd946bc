import type { Facts } from '../facts/facts.ts'
import { factsOf, withLabel } from '../facts/facts.ts'
import { countedWords, fieldWords, recurringLeads } from '../facts/leads.ts'
import type { Unit } from '../facts/units.ts'
import { findSeries } from '../series/series.ts'
import { decode, decodeRoles, type Decoded, type RoleWeights, type Steps } from './decode.ts'
import { featuresOf, type FeatureSink } from './features.ts'
import { marginalsOf } from './marginals.ts'
import type { LinePart } from './parts.ts'
import { ROLE_COUNT, ROLE_INDEX, ROLES } from './roles.ts'
import { surroundingsOf, type Surroundings } from './surroundings.ts'

/** The two rounds: what each line says, then also how the lines that look like it were read. */
export interface ReaderWeights {
  readonly first: RoleWeights
  readonly second: RoleWeights
}

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
  const rows = rowsOf(weights)
  const [before, scores] = scoresOf(draft, rows)
  if (evidence) addAll(before, evidence.scores)
  const votes = votesOf(draft, decodeRoles(before, gaps, weights.first.steps))
  draft.facts.forEach((_facts, at) => {
    voteFeatures(draft, votes, at, (name, value = 1) => {
      const row = rows.places.get(name)
      if (row !== undefined) add(scores, at, rows.weights, row + ROLE_COUNT, value)
    })
  })
  if (evidence) addAll(scores, evidence.scores)
  stemAboveOptions(scores, gaps, weights.second.steps)
  questionsWithLists(draft, scores, gaps, weights.second.steps)
  const second = decode(scores, gaps, weights.second.steps)
  const marginals = marginalsOf(scores, gaps, weights.second.steps).roles
  const probabilities = probabilitiesOf(second.roles, marginals)
  const said = evidence?.said ?? NOTHING_SAID
  return { ...second, draft, probabilities, weighed: { scores, gaps, steps: weights.second.steps, marginals }, said }
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
function stemAboveOptions(scores: Float64Array, gaps: readonly boolean[], steps: Steps): void {
  const roles = decodeRoles(scores, gaps, steps)
  const option = roles.indexOf(ROLE_INDEX.option)
  const stem = roles.indexOf(ROLE_INDEX.stem)
  if (option < 1 || (stem >= 0 && stem < option)) return
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
}

/**
 * Where the best reading finds no item at all, a numbered question with a list of its own right below it is one: there
 * is nothing else that it could be part of.
 */
function questionsWithLists(
  { facts }: Surroundings,
  scores: Float64Array,
  gaps: readonly boolean[],
  steps: Steps,
): void {
  const asking = facts.flatMap(({ label, end }, at) => (label?.script === 'number' && end === 'asks' ? [at] : []))
  if (!asking.length || decodeRoles(scores, gaps, steps).includes(ROLE_INDEX.stem)) return
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

/** The weights of both rounds side by side, a row for each feature: its name is looked up once a line. */
interface Rows {
  /** Where the row of a feature starts: its weights in the first round, then those in the second. */
  readonly places: ReadonlyMap<string, number>
  readonly weights: Float64Array
}

const known = new WeakMap<ReaderWeights, Rows>()

function rowsOf(weights: ReaderWeights): Rows {
  const before = known.get(weights)
  if (before) return before
  const places = new Map<string, number>()
  for (const { features } of [weights.first, weights.second])
    for (const name of features.keys()) if (!places.has(name)) places.set(name, places.size * 2 * ROLE_COUNT)
  const table = new Float64Array(places.size * 2 * ROLE_COUNT)
  for (const [name, place] of places) {
    table.set(weights.first.features.get(name) ?? [], place)
    table.set(weights.second.features.get(name) ?? [], place + ROLE_COUNT)
  }
  const rows = { places, weights: table }
  known.set(weights, rows)
  return rows
}

function scoresOf(draft: Surroundings, rows: Rows): readonly [first: Float64Array, second: Float64Array] {
  const first = new Float64Array(draft.facts.length * ROLE_COUNT)
  const second = new Float64Array(draft.facts.length * ROLE_COUNT)
  draft.facts.forEach((_facts, at) => {
    featuresOf(draft, at, (name, value = 1) => {
      const row = rows.places.get(name)
      if (row === undefined) return
      add(first, at, rows.weights, row, value)
      add(second, at, rows.weights, row + ROLE_COUNT, value)
    })
  })
  return [first, second]
}

function add(scores: Float64Array, line: number, weights: Float64Array, row: number, value: number): void {
  const base = line * ROLE_COUNT
  for (let role = 0; role < ROLE_COUNT; role++)
    scores[base + role] = (scores[base + role] as number) + (weights[row + role] as number) * value
}

/** How the lines of each group and of each series were read in the first round: shares by role. */
export interface Votes {
  readonly roles: Uint8Array
  readonly groups: readonly Float64Array[]
  readonly series: readonly Float64Array[]
}

export function votesOf(draft: Surroundings, roles: Uint8Array): Votes {
  const groups = draft.groupSizes.map(() => new Float64Array(ROLE_COUNT))
  const series = draft.asking.map(() => new Float64Array(ROLE_COUNT))
  draft.groups.forEach((group, at) => {
    const role = roles[at] ?? 0
    const own = groups[group]
    if (own) own[role] = (own[role] ?? 0) + 1 / (draft.groupSizes[group] ?? 1)
    const place = draft.places[at]
    const counted = place ? series[place.series.id] : undefined
    if (place && counted) counted[role] = (counted[role] ?? 0) + 1 / place.series.members.length
  })
  return { roles, groups, series }
}

/** What the first round says of a line, its neighbours, its group and its series. */
export function voteFeatures(draft: Surroundings, votes: Votes, at: number, push: FeatureSink): void {
  const name = (offset: number): string => {
    const role = votes.roles[at + offset]
    return at + offset < 0 || role === undefined ? 'edge' : (ROLES[role] ?? '')
  }
  push(`was ${name(0)}`)
  push(`was before ${name(-1)}`)
  push(`was behind ${name(1)}`)
  push(`was ${name(-1)} ${name(0)} ${name(1)}`)
  const group = votes.groups[draft.groups[at] ?? 0]
  const place = draft.places[at]
  const series = place ? votes.series[place.series.id] : undefined
  const size = draft.groupSizes[draft.groups[at] ?? 0] ?? 1
  for (let role = 0; role < ROLE_COUNT; role++) {
    const share = group?.[role] ?? 0
    if (share > 0) push(`group ${ROLES[role] ?? ''}${size > 3 ? ' many' : ''}`, share)
    const counted = series?.[role] ?? 0
    if (counted > 0 && place && place.series.members.length > 1) push(`series ${ROLES[role] ?? ''}`, counted)
  }
}
