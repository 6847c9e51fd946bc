import type { LabelFact } from '../facts/labels.ts'
import type { Unit } from '../facts/units.ts'

/** Numbers or letters that count on from line to line. */
export interface Series {
  readonly id: number
  /** Script and dress: series that are dressed alike have one signature. */
  readonly signature: string
  /** Indexes of the units, ascending, with the label that each bears in this series. */
  readonly members: readonly { readonly unit: number; readonly label: LabelFact }[]
  /** How many series of other signatures it stands inside of. */
  readonly depth: number
  /** An earlier series of the same depth counts through the same numbers: lists of keys do. */
  readonly repeats: Series | null
}

/** What a line's label is in the draft as a whole. */
export interface SeriesPlace {
  readonly series: Series
  readonly at: number
  readonly label: LabelFact
}

export interface DraftSeries {
  readonly all: readonly Series[]
  /** By unit; null for a line that counts with no other. */
  readonly places: readonly (SeriesPlace | null)[]
}

interface OpenSeries {
  readonly id: number
  readonly signature: string
  readonly members: { readonly unit: number; readonly label: LabelFact }[]
  /** Signatures of the series between whose members it stands. */
  inside: string | null
}

const MOST_OPEN = 12
const WIDEST_SKIP = 4
const PRICE = { dress: 2, skip: 1.5, script: 100, above: 1.2, distance: 0.02 }

/**
 * Links labels into series: each goes on with the open series that it continues best, or begins one of its own. A
 * series may skip a number or change its dress, at a price. Linear: at most `MOST_OPEN` series are open at a time.
 */
export function findSeries(units: readonly Unit[], labels: readonly (readonly LabelFact[])[]): DraftSeries {
  const open: OpenSeries[] = []
  const all: OpenSeries[] = []
  units.forEach((_unit, at) => {
    const choice = bestLink(open, labels[at] ?? [], at)
    if (choice) extend(open, choice.series, choice.label, at)
    else {
      const label = beginning(labels, at)
      if (label) begin(open, all, label, at)
    }
  })
  return settled(units, all)
}

function bestLink(
  open: readonly OpenSeries[],
  labels: readonly LabelFact[],
  at: number,
): { readonly series: OpenSeries; readonly label: LabelFact } | null {
  let best: { series: OpenSeries; label: LabelFact } | null = null
  let least = 4
  for (const label of labels)
    for (const series of open) {
      const price = linkPrice(series, label, at)
      if (price < least) {
        least = price
        best = { series, label }
      }
    }
  return best
}

function linkPrice(series: OpenSeries, label: LabelFact, at: number): number {
  const last = series.members.at(-1)
  if (!last || family(last.label) !== family(label)) return PRICE.script
  const deeper = label.above !== last.label.above
  const step = label.value - last.label.value
  // 1.4 → 2.1: the number above counts on.
  if (deeper && !(label.value === 0 && last.label.above && nextAbove(last.label.above, label.above)))
    return PRICE.script
  if (!deeper && (step < 1 || step > WIDEST_SKIP + 1)) return PRICE.script
  if (!deeper && step > 1 && label.script !== 'number' && label.script !== 'word' && step > 2) return PRICE.script
  return (
    (last.label.dress === label.dress ? 0 : PRICE.dress) +
    (deeper ? PRICE.above : (step - 1) * PRICE.skip) +
    Math.min(1, (at - last.unit) * PRICE.distance)
  )
}

/** Whether `2` comes behind `1`, `B` behind `A`: the part of a label under which the next one counts from its start. */
function nextAbove(before: string, above: string): boolean {
  const [a, b] = [Number(before), Number(above)]
  return Number.isNaN(a) || Number.isNaN(b) ? before.length === above.length && before < above : b > a && b <= a + 3
}

/** Words and plain numbers count together: `Question 4`, then `5)`. */
function family(label: LabelFact): string {
  return label.script === 'word' ? 'number' : label.script
}

function extend(open: OpenSeries[], series: OpenSeries, label: LabelFact, at: number): void {
  const place = open.indexOf(series)
  for (const inner of open.splice(place + 1)) inner.inside ??= series.signature
  series.members.push({ unit: at, label })
}

const LOOK_AHEAD = 16

/** The reading of a label under which a series could begin here; `i.` is roman where `ii.` follows. */
function beginning(labels: readonly (readonly LabelFact[])[], at: number): LabelFact | null {
  const own = labels[at] ?? []
  const [first] = own
  if (!first || own.length === 1) return first ?? null
  const next = labels.slice(at + 1, at + 1 + LOOK_AHEAD)
  const goesOnIn = (others: readonly LabelFact[]): LabelFact | undefined =>
    own.find((label) =>
      others.some(
        (other) => other.script === label.script && other.value === label.value + 1 && other.dress === label.dress,
      ),
    )
  const goesOn = next.map(goesOnIn).find((label) => label !== undefined)
  return goesOn ?? own.find((label) => label.value === 0) ?? first
}

function begin(open: OpenSeries[], all: OpenSeries[], label: LabelFact, at: number): void {
  const signature = `${family(label)}${label.above ? '.' : ''}${label.dress}`
  const series: OpenSeries = { id: all.length, signature, members: [{ unit: at, label }], inside: null }
  all.push(series)
  // Letters that begin anew close those before them; numbers may go on past a list that lies between.
  const same =
    label.value === 0 && family(label) !== 'number' ? open.findIndex((one) => one.signature === signature) : -1
  if (same >= 0) open.splice(same, 1)
  open.push(series)
  if (open.length > MOST_OPEN) open.shift()
}

/** Depths are settled by signature, since the series behind the last item has nothing behind it to stand inside of. */
function settled(units: readonly Unit[], all: readonly OpenSeries[]): DraftSeries {
  const above = parentSignatures(all)
  const depthOf = (signature: string): number => {
    let depth = 0
    for (let at = above.get(signature); at !== undefined && depth < 4; at = above.get(at)) depth++
    return depth
  }
  const series: Series[] = []
  for (const one of all) {
    const depth = depthOf(one.signature)
    series.push({
      id: one.id,
      signature: one.signature,
      members: one.members,
      depth,
      repeats: repeated(series, one, depth),
    })
  }
  const places: (SeriesPlace | null)[] = units.map(() => null)
  for (const one of series) {
    // "A cat", "3 apples": alone it is no label.
    if (one.members.length < FEWEST_WEAK && one.members.some((member) => member.label.weak)) continue
    one.members.forEach((member, at) => (places[member.unit] = { series: one, at, label: member.label }))
  }
  return { all: series, places }
}

function parentSignatures(all: readonly OpenSeries[]): Map<string, string> {
  const votes = new Map<string, Map<string, number>>()
  for (const one of all) {
    if (one.inside === null || one.inside === one.signature) continue
    const own = votes.get(one.signature) ?? new Map<string, number>()
    own.set(one.inside, (own.get(one.inside) ?? 0) + one.members.length)
    votes.set(one.signature, own)
  }
  const parents = new Map<string, string>()
  for (const [signature, own] of votes) {
    const [most] = [...own].sort((a, b) => b[1] - a[1])
    const free = all.filter((one) => one.signature === signature && one.inside === null)
    const inside = [...own.values()].reduce((sum, count) => sum + count, 0)
    const outside = free.reduce((sum, one) => sum + (one.members.length > 2 ? one.members.length : 0), 0)
    if (most && inside > outside * 0.5 && parents.get(most[0]) !== signature) parents.set(signature, most[0])
  }
  return parents
}

const FEWEST_SHARED = 2
const FEWEST_WEAK = 2

function repeated(before: readonly Series[], one: OpenSeries, depth: number): Series | null {
  const family = one.members[0]?.label.script
  if (
    depth > 0 ||
    one.members.length < FEWEST_SHARED ||
    (family !== 'number' && family !== 'word' && family !== 'roman')
  )
    return null
  const own = new Set(one.members.map((member) => member.label.id))
  for (let at = before.length - 1; at >= 0 && at > before.length - 60; at--) {
    const other = before[at]
    if (!other || other.depth !== depth || other.members.length < FEWEST_SHARED) continue
    if (other.members.length < own.size * 0.6) continue
    const shared = other.members.filter((member) => own.has(member.label.id)).length
    if (shared >= FEWEST_SHARED && shared >= own.size * 0.6) return other
  }
  return null
}
