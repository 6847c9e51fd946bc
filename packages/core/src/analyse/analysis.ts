import type { Item } from '../item/model.ts'
import { discriminationOf } from './discrimination.ts'
import { flagsOf, type Flag } from './flags.ts'
import { optionThirds, thirdsOf, type OptionThirds } from './options.ts'
import { counts, scorePaper, type Attempt, type PaperFigures, type ScoreSettings } from './scores.ts'
import { covarianceOf, spreadOf, varianceOf, type Spread } from './statistics.ts'

/** Item analysis by classical test theory. Nothing is figured from fewer than two people. */
export interface Analysis {
  readonly figures: PaperFigures
  /** Of the totals; null without attempts. */
  readonly spread: Spread | null
  readonly reliability: Reliability | null
  /** One for each item of the paper, in its order; items that do not count have no figures. */
  readonly items: readonly ItemAnalysis[]
}

export interface Reliability {
  /** Cronbach's alpha, in `(−∞, 1]` (Cronbach 1951, Psychometrika 16). */
  readonly alpha: number
  /** Kuder–Richardson 20 (1937, Psychometrika 2): alpha where every item is all or nothing and weighs the same; else null. */
  readonly kr20: number | null
  /** Standard error of measurement, in points: deviation × √(1 − alpha). */
  readonly error: number
  readonly itemCount: number
}

export interface ItemAnalysis {
  readonly item: number
  /** False: it is not graded, or was left out. */
  readonly counts: boolean
  /** p, in `[0, 1]`. */
  readonly difficulty: number
  /** Difference of p between the upper and the lower 27 % (Kelley 1939), in `[−1, 1]`; null where there are too few. */
  readonly upperLower: number | null
  /** Correlation of the item with the rest of the paper (point-biserial, corrected for the item itself); null: no spread. */
  readonly itemRest: number | null
  /** Alpha of the paper without it; null where fewer than three items count. */
  readonly alphaWithout: number | null
  readonly options: OptionThirds | null
  readonly flags: readonly Flag[]
}

/** The whole analysis. Cost: attempts × items, and one sort of the totals. */
export function analyse(items: readonly Item[], attempts: readonly Attempt[], settings: ScoreSettings = {}): Analysis {
  const figures = scorePaper(items, attempts, settings)
  const totals = Float64Array.from(figures.attempts, ({ total }) => total)
  const isCounted = items.map((item, place) => counts(item, place, settings))
  // An answer that nobody has read yet is no answer without points: its item is left out until all are read.
  const isRead = items.map((_item, place) => figures.attempts.every(({ points }) => points[place] !== null))
  const places = items.flatMap((_item, place) => (isCounted[place] && isRead[place] ? [place] : []))
  const columns = new Map(
    places.map((place) => [place, Float64Array.from(figures.attempts, ({ points }) => points[place] ?? 0)]),
  )
  // Where all is read, these are the totals.
  const known = Float64Array.from(totals, (_total, at) => sumOf(places.map((place) => columns.get(place)?.[at] ?? 0)))
  const moments = momentsOf(columns, known)
  const thirds = thirdsOf(known)
  const ranking = rankingOf(known)
  return {
    figures,
    spread: spreadOf([...totals]),
    reliability: reliabilityOf(items, columns, moments),
    items: items.map((item, place): ItemAnalysis => {
      const column = columns.get(place)
      const options = optionThirds(item, attempts, place, thirds)
      const difficulty = figures.items[place]?.shareRight ?? 0
      if (!column) return { ...NOT_ANALYSED, item: place, counts: isCounted[place] ?? false, difficulty, options }
      const found = {
        ...{ item: place, counts: true, difficulty, options },
        upperLower: discriminationOf(column, item.points, known, ranking),
        itemRest: itemRestOf(moments, place),
        alphaWithout: alphaWithout(moments, place),
      }
      return { ...found, flags: flagsOf(item, found, figures, place) }
    }),
  }
}

/** Of an item that counts for nobody, or whose answers are not all read. */
const NOT_ANALYSED = { upperLower: null, itemRest: null, alphaWithout: null, flags: [] } as const

/** Places of people by total, highest first. */
function rankingOf(totals: Float64Array): Uint32Array {
  return Uint32Array.from(totals, (_total, place) => place).sort((a, b) => (totals[b] ?? 0) - (totals[a] ?? 0))
}

interface Moments {
  readonly people: number
  readonly total: number
  readonly variances: ReadonlyMap<number, number>
  /** Covariance of each item with the total, itself among it. */
  readonly withTotal: ReadonlyMap<number, number>
}

function momentsOf(columns: ReadonlyMap<number, Float64Array>, totals: Float64Array): Moments {
  const entries = [...columns]
  return {
    people: totals.length,
    total: varianceOf(totals),
    variances: new Map(entries.map(([place, column]) => [place, varianceOf(column)])),
    withTotal: new Map(entries.map(([place, column]) => [place, covarianceOf(column, totals)])),
  }
}

/** k ÷ (k − 1) × (1 − Σ item variances ÷ variance of the totals); null where it is not defined. */
function alphaOf(count: number, itemVariances: number, total: number): number | null {
  return count < 2 || total <= 0 ? null : (count / (count - 1)) * (1 - itemVariances / total)
}

function sumOf(values: Iterable<number>): number {
  let sum = 0
  for (const value of values) sum += value
  return sum
}

function reliabilityOf(
  items: readonly Item[],
  columns: ReadonlyMap<number, Float64Array>,
  { variances, total }: Moments,
): Reliability | null {
  const alpha = alphaOf(columns.size, sumOf(variances.values()), total)
  if (alpha === null) return null
  // The formula is for items that are right or wrong and weigh the same.
  const weights = new Set([...columns.keys()].map((place) => items[place]?.points))
  const isWhole =
    weights.size === 1 &&
    [...columns].every(([place, column]) => column.every((points) => points === 0 || points === items[place]?.points))
  return {
    alpha,
    kr20: isWhole ? alpha : null,
    error: Math.sqrt(total * Math.max(0, 1 - alpha)),
    itemCount: columns.size,
  }
}

/** r(x, T − x) from the moments of x and T: cov(x, T) − var x over the deviations of both. */
function itemRestOf({ total, variances, withTotal }: Moments, place: number): number | null {
  const own = variances.get(place) ?? 0
  const shared = withTotal.get(place) ?? 0
  const rest = total + own - 2 * shared
  // What is left of a rest that does not vary is rounding.
  if (own <= 0 || rest <= total * 1e-12) return null
  return Math.max(-1, Math.min(1, (shared - own) / Math.sqrt(own * rest)))
}

function alphaWithout({ total, variances, withTotal }: Moments, place: number): number | null {
  const own = variances.get(place) ?? 0
  const rest = total + own - 2 * (withTotal.get(place) ?? 0)
  return rest <= total * 1e-12 ? null : alphaOf(variances.size - 1, sumOf(variances.values()) - own, rest)
}
