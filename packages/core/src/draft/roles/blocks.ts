import type { Facts } from '../facts/facts.ts'
import type { SeriesPlace } from '../series/series.ts'

/** Where a line stands in its block: the lines from one start to the next. */
export interface BlockPlace {
  /** Lines since the start of the block, and lines to its end. */
  readonly since: number
  readonly until: number
  /** Whether what looks like options, or like a key, stands in the block above the line, and below it. */
  readonly optionsAbove: boolean
  readonly optionsBelow: boolean
  readonly keyAbove: boolean
  readonly keyBelow: boolean
}

/**
 * The place of each line in its block. What stands further off in a block than the next line says much: a line between
 * a number and the options below it belongs to the question, however it looks. Linear.
 *
 * @param starts by line: whether a block starts there.
 */
export function blockPlaces(
  facts: readonly Facts[],
  places: readonly (SeriesPlace | null)[],
  starts: readonly boolean[],
): readonly BlockPlace[] {
  const options = sums(facts, (one, at) => isOptionLike(one, places[at] ?? null))
  const keys = sums(facts, (one) => one.cue?.role === 'answer' || one.flags.has('keyPairs'))
  const out: BlockPlace[] = []
  for (let from = 0; from < facts.length;) {
    let end = from + 1
    while (end < facts.length && !starts[end]) end++
    for (let at = from; at < end; at++)
      out.push({
        since: at - from,
        until: end - 1 - at,
        optionsAbove: (options[at] ?? 0) > (options[from] ?? 0),
        optionsBelow: (options[end] ?? 0) > (options[at + 1] ?? 0),
        keyAbove: (keys[at] ?? 0) > (keys[from] ?? 0),
        keyBelow: (keys[end] ?? 0) > (keys[at + 1] ?? 0),
      })
    from = end
  }
  return out
}

/** Letters that count, boxes, or several parts in a row. */
function isOptionLike(facts: Facts, place: SeriesPlace | null): boolean {
  const isLetter = place !== null && place.label.script !== 'number' && place.label.script !== 'word'
  return isLetter || facts.box !== null || facts.run.length > 2
}

function sums(facts: readonly Facts[], counts: (facts: Facts, at: number) => boolean): Uint32Array {
  const out = new Uint32Array(facts.length + 1)
  facts.forEach((one, at) => (out[at + 1] = (out[at] ?? 0) + (counts(one, at) ? 1 : 0)))
  return out
}
