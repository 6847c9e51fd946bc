import { ApiProblem } from '../api/client'
import { mergePapers } from './merge-papers'
import type { PaperState } from './paper-parts'

const SAVE_AFTER_MS = 500
const RETRY_AFTER_MS = 5000

/** A paper as the server has it. */
export interface SavedPaper {
  readonly state: PaperState
  readonly version: number
  /** Who changed it last. */
  readonly by: string | null
}

interface SaverSettings {
  readonly start: SavedPaper
  readonly send: (state: PaperState, version: number) => Promise<{ readonly version: number }>
  readonly fetch: () => Promise<SavedPaper>
  /** The paper is another one now. */
  readonly show: (state: PaperState) => void
  /** Whether something stands here that the server does not have. */
  readonly waits: (isWaiting: boolean) => void
  /** Both changed the paper; where both changed the same parts, mine stand, and theirs can be taken. */
  readonly met: (theirs: SavedPaper, clashes: readonly (keyof PaperState)[]) => void
  readonly failed: (error: Error) => void
}

/** Saves a paper shortly after each edit, one save at a time, and again and again while that fails. */
export class PaperSaver {
  #state: PaperState
  #agreed: PaperState
  #version: number
  #timer = 0
  #running: Promise<void> | null = null
  #isDirty = false
  #isClosed = false
  #problem: Error | null = null

  constructor(private readonly settings: SaverSettings) {
    this.#state = settings.start.state
    this.#agreed = settings.start.state
    this.#version = settings.start.version
  }

  change(part: Partial<PaperState>): void {
    this.#state = { ...this.#state, ...part }
    this.#mark(true)
    this.settings.show(this.#state)
    this.#pushAfter(SAVE_AFTER_MS)
  }

  /** Until what was edited is on the server. @throws Error where it cannot be brought there now. */
  async flush(): Promise<void> {
    window.clearTimeout(this.#timer)
    for (let turn = 0; this.#running || this.#isDirty; turn++) {
      await (this.#running ?? this.#push())
      if (this.#problem || turn > 5) throw this.#problem ?? new Error('The paper could not be saved. Try again.')
    }
  }

  open(): void {
    this.#isClosed = false
  }

  /** The paper is left: what waits is sent, and not tried again. */
  close(): void {
    this.#isClosed = true
    window.clearTimeout(this.#timer)
    void this.#push()
  }

  #mark(isDirty: boolean): void {
    this.#isDirty = isDirty
    this.settings.waits(isDirty)
  }

  #pushAfter(milliseconds: number): void {
    window.clearTimeout(this.#timer)
    this.#timer = window.setTimeout(() => void this.#push(), milliseconds)
  }

  #push(): Promise<void> {
    if (this.#running || !this.#isDirty) return this.#running ?? Promise.resolve()
    this.#isDirty = false
    this.#running = this.#send(this.#state).finally(() => {
      this.#running = null
      if (!this.#isDirty || this.#problem) return this.settings.waits(this.#isDirty)
      // What was edited meanwhile goes at once, also where the paper is left by now.
      void this.#push()
    })
    return this.#running
  }

  async #send(sent: PaperState): Promise<void> {
    try {
      const { version } = await this.settings.send(sent, this.#version)
      this.#version = version
      this.#agreed = sent
      this.#problem = null
    } catch (error) {
      this.#isDirty = true
      if (error instanceof ApiProblem && error.status === 409) return this.#meet()
      this.#fail(error)
    }
  }

  async #meet(): Promise<void> {
    try {
      const theirs = await this.settings.fetch()
      const { state, clashes } = mergePapers(this.#agreed, this.#state, theirs.state)
      this.#state = state
      this.#agreed = theirs.state
      this.#version = theirs.version
      this.#problem = null
      this.settings.show(state)
      this.settings.met(theirs, clashes)
    } catch (error) {
      this.#fail(error)
    }
  }

  /** It is said once, and tried until it works. */
  #fail(error: unknown): void {
    const problem = error instanceof Error ? error : new Error('The paper was not saved.')
    if (!this.#problem) this.settings.failed(problem)
    this.#problem = problem
    if (!this.#isClosed) this.#pushAfter(RETRY_AFTER_MS)
  }
}
