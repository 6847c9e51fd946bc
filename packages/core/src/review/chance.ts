/** The chance of `count` or more hits in `tries`, each with chance `share`: the upper tail of the binomial distribution. */
export function atLeast(count: number, tries: number, share: number): number {
  let sum = 0
  for (let hits = count; hits <= tries; hits++)
    sum += Math.exp(logBinomial(tries, hits) + hits * Math.log(share) + (tries - hits) * Math.log(1 - share))
  return Math.min(1, sum)
}

function logBinomial(n: number, k: number): number {
  let sum = 0
  for (let i = 1; i <= k; i++) sum += Math.log(n - k + i) - Math.log(i)
  return sum
}

/**
 * The upper tail of the chi-square distribution: the regularised incomplete gamma function Q(degrees/2, chi/2), by its
 * series (Abramowitz & Stegun 1964, 6.5.29).
 */
export function chiSquareTail(chi: number, degrees: number): number {
  if (chi <= 0) return 1
  const [shape, x] = [degrees / 2, chi / 2]
  let term = 1 / shape
  let sum = term
  for (let n = 1; n < 500 && term > sum * 1e-14; n++) {
    term *= x / (shape + n)
    sum += term
  }
  return Math.max(0, 1 - sum * Math.exp(-x + shape * Math.log(x) - logGamma(shape)))
}

/** Of whole and half numbers, the only shapes there are here: by the recurrence from Γ(1) and Γ(1/2). */
function logGamma(shape: number): number {
  const half = shape % 1 !== 0
  let sum = half ? Math.log(Math.PI) / 2 : 0
  for (let at = half ? 0.5 : 1; at < shape; at++) sum += Math.log(at)
  return sum
}
