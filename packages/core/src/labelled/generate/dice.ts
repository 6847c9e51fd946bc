/** Chance by a seed, for making drafts: the same seed makes the same draft. (mulberry32, a generator in the public domain.) */
export class Dice {
  #state: number

  constructor(seed: number) {
    this.#state = seed >>> 0
  }

  /** In `[0, 1)`. */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0
    let mixed = this.#state
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }

  /** A whole number from `least` to `most`, both included. */
  whole(least: number, most: number): number {
    return least + Math.floor(this.next() * (most - least + 1))
  }

  does(share: number): boolean {
    return this.next() < share
  }

  /** @throws RangeError for an empty list: the maker's mistake. */
  pick<Value>(list: readonly Value[]): Value {
    const value = list[Math.floor(this.next() * list.length)]
    if (value === undefined) throw new RangeError('nothing to pick from')
    return value
  }

  shuffled<Value>(list: readonly Value[]): Value[] {
    const left = [...list]
    const out: Value[] = []
    while (left.length) out.push(...left.splice(Math.floor(this.next() * left.length), 1))
    return out
  }
}
