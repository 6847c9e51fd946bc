/** Figures of a list of scores. */
export interface Spread {
  readonly count: number
  readonly mean: number
  readonly median: number
  /** Standard deviation of a sample (n − 1); 0 for fewer than two. */
  readonly deviation: number
  readonly low: number
  readonly high: number
}

/** Null for an empty list. */
export function spreadOf(values: readonly number[]): Spread | null {
  if (!values.length) return null
  const sorted = Float64Array.from(values).sort()
  const count = sorted.length
  const middle = Math.floor(count / 2)
  const median = count % 2 ? at(sorted, middle) : (at(sorted, middle - 1) + at(sorted, middle)) / 2
  return {
    count,
    mean: meanOf(sorted),
    median,
    deviation: Math.sqrt(varianceOf(sorted)),
    low: at(sorted, 0),
    high: at(sorted, count - 1),
  }
}

type Numbers = ArrayLike<number>

function at(values: Numbers, index: number): number {
  return values[index] ?? 0
}

export function meanOf(values: Numbers): number {
  let sum = 0
  for (let index = 0; index < values.length; index++) sum += at(values, index)
  return values.length ? sum / values.length : 0
}

/** Of a sample (n − 1); 0 for fewer than two. */
export function varianceOf(values: Numbers): number {
  return covarianceOf(values, values)
}

/** Of a sample (n − 1); 0 for fewer than two. */
export function covarianceOf(a: Numbers, b: Numbers): number {
  if (a.length < 2) return 0
  const [meanA, meanB] = [meanOf(a), meanOf(b)]
  let sum = 0
  for (let index = 0; index < a.length; index++) sum += (at(a, index) - meanA) * (at(b, index) - meanB)
  return sum / (a.length - 1)
}
