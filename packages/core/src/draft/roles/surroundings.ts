import type { Facts } from '../facts/facts.ts'
import { tableSorts } from '../facts/tables.ts'
import type { DraftSeries, Series, SeriesPlace } from '../series/series.ts'
import { blockPlaces, type BlockPlace } from './blocks.ts'
import { echoes, partedLines, signHabits, type Echo, type Parted, type SignHabit } from './habits.ts'
import { listedParts } from './listed-parts.ts'
import { lookOf } from './look.ts'
import { recurrences, type Recurrence } from './recurring.ts'

/** The draft as a whole, as each of its lines is seen in it. */
export interface Surroundings {
  readonly facts: readonly Facts[]
  readonly places: readonly (SeriesPlace | null)[]
  readonly looks: readonly string[]
  /** Lines that look alike have one group; the number of lines in each stands in `groupSizes`. */
  readonly groups: readonly number[]
  readonly groupSizes: readonly number[]
  /** The widest usual line, in characters: longer ones were wrapped here. */
  readonly width: number
  /** The first and the last line of the numbering that runs through the draft; −1 where none does. */
  readonly main: readonly [first: number, last: number]
  /** Lines from the first title of a list of keys, or from a numbering that comes again, behind the items. */
  readonly keysFrom: number
  /** By line: its place among the lines from one number of the main numbering to the next, and in its paragraph. */
  readonly numbered: readonly BlockPlace[]
  readonly paragraphs: readonly BlockPlace[]
  /** By line: what lines with its sign do, and what it repeats of its block. */
  readonly habits: readonly (SignHabit | null)[]
  readonly echoes: readonly (Echo | null)[]
  readonly parted: readonly (Parted | null)[]
  /** By line: whether its text recurs in the draft, and whether a list of keys names it as a part of a question. */
  readonly recurring: readonly (Recurrence | null)[]
  readonly listed: readonly boolean[]
  /** Who says most in a chat; null elsewhere. */
  readonly speaker: string | null
  /** Share of the lines of each series that ask, by series id. */
  readonly asking: readonly number[]
  /** Share of the lines of each series that say what could be a key of the line with the same number before, by id. */
  readonly fitting: readonly number[]
}

export function surroundingsOf(facts: readonly Facts[], series: DraftSeries): Surroundings {
  const tables = tableSorts(facts)
  const looks = facts.map((one, at) =>
    tables[at] && !one.flags.has('rule') ? `table-${tables[at]}` : lookOf(one, series.places[at] ?? null),
  )
  const { groups, groupSizes } = groupsOf(facts, series.places, looks)
  const { range: main, members } = mainSeries(series)
  const starts = facts.map((one) => one.unit.gap > 0)
  const paragraphs = blockPlaces(facts, series.places, starts)
  const numbers = facts.map((_one, at) => members.has(at))
  const keys = keysFrom(facts, series, main)
  return {
    facts,
    places: series.places,
    looks,
    groups,
    groupSizes,
    width: widthOf(facts),
    speaker: mainSpeaker(facts),
    main,
    numbered: blockPlaces(facts, series.places, numbers),
    paragraphs,
    habits: signHabits(facts, paragraphs),
    parted: partedLines(facts),
    echoes: echoes(facts, members.size > 1 ? numbers : starts),
    recurring: recurrences(facts),
    listed: listedParts(facts, series, keys),
    keysFrom: keys,
    asking: series.all.map((one) => shareAsking(one, facts)),
    fitting: series.all.map((one) => shareFitting(one, facts)),
  }
}

function groupsOf(
  facts: readonly Facts[],
  places: readonly (SeriesPlace | null)[],
  looks: readonly string[],
): Pick<Surroundings, 'groups' | 'groupSizes'> {
  const ids = new Map<string, number>()
  const groupSizes: number[] = []
  const groups = facts.map((one, at) => {
    const name = [
      looks[at],
      places[at]?.label.dress ?? '',
      one.end === 'asks' || one.end === 'stop' || one.end === 'gap' ? 'full' : one.end,
      one.bold,
      one.slanted,
      one.coloured,
      one.cue?.word ?? '',
      Math.min(3, Math.round(one.unit.indent / 3)),
      one.run.length > 1,
      one.unit.prefix.quotes > 0,
    ].join('\u0001')
    let id = ids.get(name)
    if (id === undefined) {
      id = ids.size
      ids.set(name, id)
      groupSizes.push(0)
    }
    groupSizes[id] = (groupSizes[id] ?? 0) + 1
    return id
  })
  return { groups, groupSizes }
}

function mainSpeaker(facts: readonly Facts[]): string | null {
  const counts = new Map<string, number>()
  for (const { unit } of facts)
    if (unit.prefix.speaker) counts.set(unit.prefix.speaker, (counts.get(unit.prefix.speaker) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null
}

function widthOf(facts: readonly Facts[]): number {
  const lengths = facts.map((one) => one.unit.to).sort((a, b) => a - b)
  return Math.min(110, Math.max(40, lengths[Math.floor(lengths.length * 0.92)] ?? 0))
}

/** The outermost numbering with the most members, all series of its signature together. */
function mainSeries(series: DraftSeries): {
  readonly range: readonly [number, number]
  readonly members: ReadonlySet<number>
} {
  const bySignature = new Map<string, Series[]>()
  for (const one of series.all)
    if (one.depth === 0 && !one.repeats)
      bySignature.set(one.signature, [...(bySignature.get(one.signature) ?? []), one])
  let best: Series[] = []
  let most = 2
  for (const own of bySignature.values()) {
    const count = own.reduce((sum, one) => sum + (one.members.length > 1 ? one.members.length : 0), 0)
    if (count > most) {
      most = count
      best = own
    }
  }
  const units = best.flatMap((one) => (one.members.length > 1 ? one.members.map((member) => member.unit) : []))
  const range = units.length ? ([Math.min(...units), Math.max(...units)] as const) : ([-1, -1] as const)
  return { range, members: new Set(units) }
}

function keysFrom(facts: readonly Facts[], series: DraftSeries, main: readonly [number, number]): number {
  const after = Math.max(main[1], Math.floor(facts.length * 0.4))
  const title = facts.findIndex(
    (one, at) =>
      at > after &&
      one.flags.has('keyTitle') &&
      (one.cue === null || one.cue.to >= one.unit.text.length || one.flags.has('keyPairs')),
  )
  const again = series.all.find((one) => one.repeats !== null && one.depth === 0 && one.members.length > 2)
  const from = [title, again?.members[0]?.unit ?? -1].filter((at) => at >= 0)
  return from.length ? Math.min(...from) : facts.length
}

function shareAsking(series: Series, facts: readonly Facts[]): number {
  const asking = series.members.filter((member) => {
    const end = facts[member.unit]?.end
    return end === 'asks' || end === 'gap'
  }).length
  return asking / series.members.length
}

const LONGEST_BLOCK = 14

/**
 * Whether a numbering that comes again gives the keys of the lines that it repeats: each says a letter, a word for true
 * or false, a figure, or the text of a line below the one with its number. It need not say so in any word.
 */
function shareFitting(series: Series, facts: readonly Facts[]): number {
  if (!series.repeats) return 0
  const asked = new Map(series.repeats.members.map((member) => [member.label.id, member.unit]))
  const fitting = series.members.filter((member) => {
    const own = facts[member.unit]
    const unit = asked.get(member.label.id)
    if (!own || unit === undefined) return false
    const value = fold(own.unit.text.slice(member.label.to))
    if (value.length <= 2 || own.flags.has('truthWord') || own.flags.has('keyPairs')) return true
    const block = facts.slice(unit + 1, unit + LONGEST_BLOCK)
    return block.some((line) => sharesText(value, fold(line.unit.text.slice(line.body))))
  }).length
  return fitting / series.members.length
}

function sharesText(value: string, line: string): boolean {
  return line.length > 1 && (value === line || (line.length > 3 && value.startsWith(line)))
}

function fold(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
}
