import type { Response } from '@zakuska/core'

/** An answer that the server does not have yet. */
export interface Pending {
  readonly at: number
  readonly n: number
  readonly response: Response
}

export interface QueueState {
  /** Answers that are in this browser alone. */
  readonly waiting: number
  /** The server could not be reached at the last try. */
  readonly isCutOff: boolean
  /** Why nothing more is taken; null: it is. */
  readonly ended: string | null
}

/** What the server said to a batch: it has them, it takes none any more, or it was not heard of. */
export type Sent = 'kept' | 'unheard' | { readonly ended: string }

export interface QueueSettings {
  readonly name: string
  readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>
  readonly send: (answers: readonly Pending[]) => Promise<Sent>
  /** Milliseconds from an answer to its way to the server. */
  readonly pauseMs?: number
  readonly firstRetryMs?: number
}

const LAST_RETRY_MS = 15_000

/**
 * Answers on their way: each is kept in the browser first and taken out when the server has it, so that minutes without a
 * network, a closed lid or a reload lose nothing. Of one item only the newest goes.
 */
export class AnswerQueue {
  readonly #settings: Required<QueueSettings>
  readonly #listeners = new Set<() => void>()
  #pending: ReadonlyMap<number, Pending>
  #timer: ReturnType<typeof setTimeout> | null = null
  #retryMs: number
  #sending: Promise<void> | null = null
  #state: QueueState

  constructor(settings: QueueSettings) {
    this.#settings = { pauseMs: 400, firstRetryMs: 1000, ...settings }
    this.#retryMs = this.#settings.firstRetryMs
    this.#pending = new Map(this.#stored().map((one) => [one.at, one]))
    this.#state = { waiting: this.#pending.size, isCutOff: false, ended: null }
    if (this.#pending.size) this.#later(0)
  }

  get state(): QueueState {
    return this.#state
  }

  /** What is in this browser of an item and not on the server yet. */
  pendingAt(at: number): Pending | null {
    return this.#pending.get(at) ?? null
  }

  get pending(): readonly Pending[] {
    return [...this.#pending.values()]
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  /** @param n larger than that of any answer to this item before. */
  give(at: number, n: number, response: Response): void {
    this.#keep(new Map(this.#pending).set(at, { at, n, response }))
    if (!this.#sending) this.#later(this.#settings.pauseMs)
  }

  /** Sends what waits now. @returns whether the server has it all. */
  async flush(): Promise<boolean> {
    if (this.#timer) clearTimeout(this.#timer)
    this.#timer = null
    this.#sending ??= this.#send().finally(() => (this.#sending = null))
    await this.#sending
    return this.#pending.size === 0
  }

  /** Forgets everything: it was handed in. */
  clear(): void {
    if (this.#timer) clearTimeout(this.#timer)
    this.#keep(new Map())
  }

  async #send(): Promise<void> {
    const batch = this.pending
    if (!batch.length || this.#state.ended !== null) return
    const sent = await this.#settings.send(batch).catch((): Sent => 'unheard')
    if (sent === 'unheard') {
      this.#tell({ isCutOff: true })
      this.#later(this.#retryMs)
      this.#retryMs = Math.min(this.#retryMs * 2, LAST_RETRY_MS)
      return
    }
    if (sent !== 'kept') return this.#tell({ ended: sent.ended })
    this.#retryMs = this.#settings.firstRetryMs
    // What was changed while it was on its way still waits.
    this.#keep(new Map([...this.#pending].filter(([at, one]) => batch.every((old) => old.at !== at || old.n < one.n))))
    this.#tell({ isCutOff: false })
    if (this.#pending.size) this.#later(this.#settings.pauseMs)
  }

  #later(ms: number): void {
    if (this.#timer) clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.flush(), ms)
  }

  #keep(pending: ReadonlyMap<number, Pending>): void {
    this.#pending = pending
    const { storage, name } = this.#settings
    if (pending.size) storage.setItem(name, JSON.stringify([...pending.values()]))
    else storage.removeItem(name)
    this.#tell({ waiting: pending.size })
  }

  #tell(part: Partial<QueueState>): void {
    this.#state = { ...this.#state, ...part }
    for (const listener of this.#listeners) listener()
  }

  #stored(): readonly Pending[] {
    try {
      const kept: unknown = JSON.parse(this.#settings.storage.getItem(this.#settings.name) ?? '[]')
      return Array.isArray(kept) ? (kept as Pending[]) : []
    } catch {
      return []
    }
  }
}
