/** Chance that is the same for the same seed (mulberry32, public domain). */
export class Chance {
  #state: number

  constructor(seed: number) {
    this.#state = seed >>> 0
  }

  /** In `[0, 1)`. */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(this.#state ^ (this.#state >>> 15), 1 | this.#state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }

  below(count: number): number {
    return Math.floor(this.next() * count)
  }

  shuffled<Value>(values: readonly Value[]): Value[] {
    const left = [...values]
    const found: Value[] = []
    while (left.length) found.push(...left.splice(this.below(left.length), 1))
    return found
  }

  one<Value>(values: readonly Value[]): Value | undefined {
    return values[this.below(values.length)]
  }
}
