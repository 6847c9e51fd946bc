import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'

/** All that a service knows, kept in one file so that a restart loses nothing. */
export class JsonStore<State extends { next: number }> {
  readonly #file: string | null
  readonly state: State

  /** `file` null keeps everything in memory. What an older file lacks begins as in `empty`. */
  constructor(file: string | null, empty: State) {
    this.#file = file
    this.state =
      file && existsSync(file) ? { ...empty, ...(JSON.parse(readFileSync(file, 'utf8')) as Partial<State>) } : empty
  }

  newId(prefix: string): string {
    return `${prefix}${this.state.next++}`
  }

  save(): void {
    if (!this.#file) return
    mkdirSync(dirname(this.#file), { recursive: true })
    writeFileSync(`${this.#file}.new`, JSON.stringify(this.state))
    renameSync(`${this.#file}.new`, this.#file)
  }
}
