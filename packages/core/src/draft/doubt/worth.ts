import type { ReadItem } from '../model.ts'

/** What a reading comes to, counted: how many of its items are whole, and how many look as if read wrongly. */
export interface Counts {
  readonly items: number
  readonly kinds: number
  readonly keyed: number
  readonly keyless: number
  /** Without a key, and without anything else that says what they are. */
  readonly bare: number
  readonly odd: number
  readonly doubtful: number
  readonly namesNone: number
  readonly contradicted: number
  readonly stemless: number
  /** Without a number, where most have one. */
  readonly unnumbered: number
}

/** Counts the items of a reading, with what their marks do not say about them. */
export function countsOf(
  items: readonly ReadItem[],
  known: Pick<Counts, 'odd' | 'doubtful' | 'namesNone'>,
): Counts {
  const has = (item: ReadItem, code: string): boolean => item.marks.some((one) => one.code === code)
  const count = (test: (item: ReadItem) => boolean): number => items.filter(test).length
  const unnumbered = count((item) => item.number === null)
  return {
    ...known,
    items: items.length,
    kinds: new Set(items.map((item) => item.item.kind)).size,
    keyed: count((item) => !has(item, 'key-missing')),
    keyless: count((item) => has(item, 'key-missing')),
    bare: count((item) => has(item, 'key-missing') && item.item.kind === 'short'),
    contradicted: count((item) => has(item, 'keys-disagree')),
    stemless: count((item) => has(item, 'stem-empty')),
    unnumbered: unnumbered < items.length / 2 ? unnumbered : 0,
  }
}

/** How much each count speaks for a reading; fitted on readings of labelled drafts left out of the fit of the roles. */
const SPEAKS: Readonly<Record<keyof Counts, number>> = {
  items: -0.62,
  kinds: 1.23,
  keyed: 1.31,
  keyless: -1.78,
  bare: -0.56,
  odd: -0.88,
  doubtful: -0.23,
  namesNone: -1.33,
  contradicted: -0.13,
  stemless: -0.21,
  unnumbered: -0.84,
}
/** How much the loss of probability speaks against another reading. */
const LOSS = 0.27

/**
 * How much better one reading of a draft is than another by the items that come out of it, less what its lines alone
 * explain worse; above 0 it is better. Differences count by their logarithm, so that a long draft decides as a short one.
 */
export function gainOf(other: Counts, base: Counts, loss: number): number {
  const names = Object.keys(SPEAKS) as (keyof Counts)[]
  return names.reduce((sum, name) => {
    const step = other[name] - base[name]
    return sum + SPEAKS[name] * Math.sign(step) * Math.log1p(Math.abs(step))
  }, -LOSS * loss)
}
