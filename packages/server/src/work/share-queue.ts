interface Waiting<T> {
  readonly share: string
  readonly resolve: (given: T) => void
}

/**
 * A line in which people take turns: who has asked for much waits behind who has asked for little, and nobody is served more
 * than `most` times at once.
 */
export class ShareQueue<T> {
  readonly #most: number
  /** Who waits, by share; the shares stand in the order of their turns. */
  readonly #waiting = new Map<string, Waiting<T>[]>()
  readonly #served = new Map<string, number>()

  constructor(most: number) {
    this.#most = most
  }

  get waiting(): number {
    let count = 0
    for (const line of this.#waiting.values()) count += line.length
    return count
  }

  /** Whether somebody waits who may be served now. */
  get hasNext(): boolean {
    return this.#nextShare() !== null
  }

  /** Waits until it is served; then `leave` has to be said once. */
  enter(share: string): Promise<T> {
    return new Promise((resolve) => {
      const line = this.#waiting.get(share) ?? []
      line.push({ share, resolve })
      this.#waiting.set(share, line)
    })
  }

  /** Serves who is next. @throws Error where nobody may be served. */
  next(given: T): void {
    const share = this.#nextShare()
    const line = share === null ? undefined : this.#waiting.get(share)
    const first = line?.shift()
    if (share === null || !line || !first) throw new Error('Nobody may be served: hasNext was not asked.')
    // Back to the end, behind everybody else who waits.
    this.#waiting.delete(share)
    if (line.length) this.#waiting.set(share, line)
    this.#served.set(share, (this.#served.get(share) ?? 0) + 1)
    first.resolve(given)
  }

  leave(share: string): void {
    const left = (this.#served.get(share) ?? 1) - 1
    if (left > 0) this.#served.set(share, left)
    else this.#served.delete(share)
  }

  #nextShare(): string | null {
    for (const share of this.#waiting.keys()) if ((this.#served.get(share) ?? 0) < this.#most) return share
    return null
  }
}
