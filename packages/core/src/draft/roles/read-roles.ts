import type { Facts } from '../facts/facts.ts'
import { factsOf, withLabel } from '../facts/facts.ts'
import { countedWords, recurringLeads } from '../facts/leads.ts'
import type { Unit } from '../facts/units.ts'
import { findSeries } from '../series/series.ts'
import { decode, type Decoded, type RoleWeights } from './decode.ts'
import { featuresOf, type FeatureSink } from './features.ts'
import { marginalsOf } from './marginals.ts'
import { ROLE_COUNT, ROLES } from './roles.ts'
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
}

export interface Weighed {
  readonly scores: readonly Float64Array[]
  readonly gaps: readonly boolean[]
  readonly weights: RoleWeights
  /** By line and role: how probable it is. */
  readonly marginals: readonly Float64Array[]
}

export function surround(units: readonly Unit[]): Surroundings {
  const leads = recurringLeads(units)
  const counted = countedWords(units)
  const facts: Facts[] = units.map((unit) => factsOf(unit, leads, counted))
  const series = findSeries(
    units,
    facts.map((one) => one.labels),
  )
  return surroundingsOf(
    facts.map((one, at) => withLabel(one, series.places[at]?.label ?? null)),
    series,
  )
}

/** The role of each line: weighed twice, the second time with the votes of its group and its series. */
export function readRoles(draft: Surroundings, weights: ReaderWeights): ReadRoles {
  const gaps = draft.facts.map((one) => one.unit.gap > 0)
  const first = decode(scoresOf(draft, weights.first, null), gaps, weights.first)
  const scores = scoresOf(draft, weights.second, votesOf(draft, first.roles))
  const second = decode(scores, gaps, weights.second)
  const marginals = marginalsOf(scores, gaps, weights.second)
  const probabilities = Float64Array.from(second.roles, (role, at) => marginals.roles[at]?.[role] ?? 0)
  return { ...second, draft, probabilities, weighed: { scores, gaps, weights: weights.second, marginals: marginals.roles } }
}

function scoresOf(draft: Surroundings, weights: RoleWeights, votes: Votes | null): Float64Array[] {
  return draft.facts.map((_facts, at) => {
    const scores = new Float64Array(ROLE_COUNT)
    const push: FeatureSink = (name, value = 1) => {
      const own = weights.features.get(name)
      if (own)
        for (let role = 0; role < ROLE_COUNT; role++) scores[role] = (scores[role] ?? 0) + (own[role] ?? 0) * value
    }
    featuresOf(draft, at, push)
    if (votes) voteFeatures(draft, votes, at, push)
    return scores
  })
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
