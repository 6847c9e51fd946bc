import { ListCounters, listLabel } from '@zakuska/core'

/**
 * Labels of list entries whose list says nowhere how it counts, as some programs write them: figures at the outermost
 * level and letters below, each level counting anew under the one above. Without a label they would run into one another.
 */
export class UndefinedLists {
  readonly #counters = new ListCounters()

  #last = ''

  /** Something that is no entry stands between. */
  breakOff(): void {
    this.#last = ''
  }

  /** @param id names the list; letters of another one begin anew, and those behind what is no entry. */
  label(id: string, level: number): string {
    if (level > 0 && id !== this.#last) this.#counters.set(level, 0)
    this.#last = id
    this.#counters.next(level, 1)
    return level === 0
      ? `${listLabel(this.#counters.at(0, 1), 'decimal')}.`
      : `${listLabel(this.#counters.at(level, 1), 'lower-letter')})`
  }
}
