import { decodeRoles } from './decode.ts'
import { probabilitiesOf, readingScore, type ReadRoles } from './read-roles.ts'
import { ROLE_COUNT, ROLE_INDEX } from './roles.ts'

/** Another reading of a draft, and how much worse its lines alone explain it. */
export interface Alternative {
  readonly read: ReadRoles
  readonly loss: number
}

/** Margins above this are not worth another reading. */
const WIDEST = 6
const NEVER = -1e6

/**
 * Readings in which lines that look alike, or count on in one series, and are doubtful in the same way, are all something else: the best reading
 * of the draft with that one thing changed. The likeliest first.
 */
export function alternativesOf(read: ReadRoles, most: number): Alternative[] {
  const { weighed, roles, others, margins, draft } = read
  if (!weighed) return []
  const turns = new Map<string, Turn>()
  margins.forEach((margin, at) => {
    const role = roles[at] ?? 0
    if (margin <= WIDEST) addTurn(turns, `${draft.groups[at] ?? 0} ${role} ${others[at] ?? 0}`, at, margin)
    const place = draft.places[at]
    if (place && place.series.members.length > 1) addTurn(turns, `series ${place.series.id} ${role}`, at, margin)
  })
  for (const [id, lines] of countedStems(read)) turns.set(`stems ${id}`, { lines, least: 0, isForced: true })
  const base = scoreOf(read, roles)
  const once = new Map([...turns.values()].map((turn) => [turn.lines.join(), turn]))
  return [...once.values()]
    .filter((turn) => turn.least <= WIDEST)
    .sort((a, b) => a.least - b.least)
    .slice(0, most)
    .flatMap(({ lines, isForced = false }) => {
      const scores = Float64Array.from(weighed.scores)
      for (const at of lines)
        if (isForced) {
          for (let role = 0; role < ROLE_COUNT; role++)
            if (role !== ROLE_INDEX.stem) scores[at * ROLE_COUNT + role] = NEVER
        } else scores[at * ROLE_COUNT + (roles[at] ?? 0)] = NEVER
      const other = decodeRoles(scores, weighed.gaps, weighed.steps)
      const probabilities = probabilitiesOf(other, weighed.marginals)
      // What a line was first is what it may be as well.
      const second = others.map((role, at) => (other[at] === roles[at] ? role : (roles[at] ?? 0)))
      return [{ read: { ...read, roles: other, others: second, probabilities }, loss: base - scoreOf(read, other) }]
    })
    .filter(({ loss }) => loss < NEVER / -2)
}

interface Turn {
  readonly lines: number[]
  least: number
  /** The lines all begin an item, rather than being anything but what they are. */
  readonly isForced?: boolean
}

const FEWEST_COUNTED = 3

/**
 * Lines that count on and of which only some begin an item, by series: all of them could. A list of keys is for items, so
 * that its lines count as such only where nothing else begins one.
 */
function countedStems({ roles, draft }: ReadRoles): Map<number, number[]> {
  const bySeries = new Map<number, number[]>()
  draft.places.forEach((place, at) => {
    if (place && draft.facts[at]?.label?.script === 'number')
      bySeries.set(place.series.id, [...(bySeries.get(place.series.id) ?? []), at])
  })
  const isBare = !roles.includes(ROLE_INDEX.stem)
  for (const [id, lines] of bySeries) {
    const stems = lines.filter((at) => roles[at] === ROLE_INDEX.stem).length
    const keys = lines.filter((at) => roles[at] === ROLE_INDEX.keys).length
    // A list of keys counts once more what was counted before it.
    const isListed = keys > 0 && lines.some((at) => (draft.places[at]?.series.repeats ?? null) !== null)
    const isMixed = stems > 0 && stems < lines.length && !isListed
    if (lines.length < FEWEST_COUNTED || !(isMixed || isBare)) bySeries.delete(id)
  }
  return bySeries
}

function addTurn(turns: Map<string, Turn>, name: string, line: number, margin: number): void {
  const turn = turns.get(name) ?? { lines: [], least: margin }
  turn.lines.push(line)
  turn.least = Math.min(turn.least, margin)
  turns.set(name, turn)
}

function scoreOf({ weighed }: ReadRoles, roles: Uint8Array): number {
  return weighed ? readingScore(weighed.scores, weighed.gaps, weighed.steps, roles) : 0
}
