import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** Whole numbers by chance, the same on every machine for the same seed. */
export type Chance = (below: number) => number

/** The first numbers of seeds that lie side by side are alike, so the seed is mixed and the first numbers are passed over. */
const PASSED_OVER = 32

/** @param seed a whole number; 32 bits of it count. */
export function chanceOf(seed: number): Chance {
  const generator = xoroshiro128plus(mixed(seed))
  for (let at = 0; at < PASSED_OVER; at++) generator.next()
  return (below) => uniformInt(generator, 0, below - 1)
}

/** The finalizer of MurmurHash3 for 32 bits: each bit of the seed changes about half of all bits. */
function mixed(seed: number): number {
  let state = seed | 0
  state = Math.imul(state ^ (state >>> 16), 0x85ebca6b)
  state = Math.imul(state ^ (state >>> 13), 0xc2b2ae35)
  return state ^ (state >>> 16)
}

/** Every order equally likely (Fisher & Yates; Knuth, The Art of Computer Programming 2, section 3.4.2, algorithm P). */
export function shuffled<Entry>(entries: readonly Entry[], chance: Chance): Entry[] {
  const mixed = [...entries]
  for (let last = mixed.length - 1; last > 0; last--) {
    const other = chance(last + 1)
    ;[mixed[last], mixed[other]] = [mixed[other] as Entry, mixed[last] as Entry]
  }
  return mixed
}

/** The first of such an order, without mixing the rest: each choice of so many, in each order, is equally likely. */
export function sample<Entry>(entries: readonly Entry[], count: number, chance: Chance): Entry[] {
  const rest = [...entries]
  for (let at = 0; at < count; at++) {
    const other = at + chance(rest.length - at)
    ;[rest[at], rest[other]] = [rest[other] as Entry, rest[at] as Entry]
  }
  return rest.slice(0, count)
}
