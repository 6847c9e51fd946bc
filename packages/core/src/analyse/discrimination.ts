/** Kelley (1939, J. Educ. Psych. 30): groups of 27 % at each end tell best and steadiest apart. */
export const END_SHARE = 0.27
/** Fewer people make no two groups. */
const LEAST = 4

/**
 * Upper-lower discrimination D of one item: its p among the upper 27 % by total, less that among the lower. Who has the
 * same total as somebody at the edge of a group counts for a share, so that D does not depend on the order of a list.
 *
 * @param ranking places of people, highest total first.
 * @returns in `[−1, 1]`; null for too few people, or an item without points.
 */
export function discriminationOf(
  column: Float64Array,
  points: number,
  totals: Float64Array,
  ranking: Uint32Array,
): number | null {
  const count = ranking.length
  if (count < LEAST || points <= 0) return null
  const size = Math.max(1, Math.round(END_SHARE * count))
  const upper = groupSum(column, totals, ranking, size)
  const lower = groupSum(column, totals, ranking.toReversed(), size)
  return Number(((upper - lower) / (size * points)).toFixed(12))
}

function groupSum(column: Float64Array, totals: Float64Array, ranking: Uint32Array, size: number): number {
  const edge = totals[ranking[size - 1] ?? 0] ?? 0
  let [inside, insideCount, tied, tiedCount] = [0, 0, 0, 0]
  for (const place of ranking) {
    const own = column[place] ?? 0
    if (totals[place] === edge) {
      tied += own
      tiedCount++
    } else if (insideCount + tiedCount < size) {
      inside += own
      insideCount++
    } else break
  }
  return inside + (tied / Math.max(1, tiedCount)) * (size - insideCount)
}
