import type { FeatureSink } from './features.ts'
import { ROLE_COUNT, ROLES } from './roles.ts'
import { addRow } from './scores.ts'
import type { Surroundings } from './surroundings.ts'
import type { ReaderWeights } from './weights.ts'

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

/** Adds what the first round says of each line to its scores in the second. */
export function addVotes(draft: Surroundings, votes: Votes, { second }: ReaderWeights, scores: Float64Array): void {
  draft.facts.forEach((_facts, at) => {
    voteFeatures(draft, votes, at, (name, value = 1) => {
      const row = second.features.get(name)
      if (row) addRow(scores, at * ROLE_COUNT, row, value)
    })
  })
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
