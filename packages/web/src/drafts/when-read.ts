/**
 * What is done to a draft by its reading, kept back while the text is newer than what was read of it: an edit made by
 * old places would go into the middle of a word. Done in the order in which it was asked for, as soon as the reading of
 * the text as it stands is there.
 */
export class WhenRead {
  #asked = 0
  #shown = 0
  readonly #waiting: (() => void)[] = []

  /** A reading of the text as it now stands was asked for. @returns its version. */
  ask(): number {
    return ++this.#asked
  }

  /** Whether a reading of that version is one of the text as it stands. */
  isLatest(version: number): boolean {
    return version === this.#asked
  }

  /** Runs at once, or once the reading is as new as the text. */
  run(step: () => void): void {
    this.#waiting.push(step)
    this.#go()
  }

  /** The reading of that version is what the page shows now. */
  show(version: number): void {
    this.#shown = version
    this.#go()
  }

  #go(): void {
    // A step that changes the text asks for another reading, and the ones behind it wait for that.
    while (this.#shown === this.#asked) {
      const step = this.#waiting.shift()
      if (!step) return
      step()
    }
  }
}
