import { setTimeout as sleep } from 'node:timers/promises'
import type { Measure, ToldLimits } from '@zakuska/core'
import type { Account } from './contract.ts'

/** The destination did not do what was asked; the message is one sentence for a person. */
export class DestinationError extends Error {
  override readonly name = 'DestinationError'
  /** It may go by itself: nobody answered, or the site was busy. */
  readonly mayPass: boolean
  readonly status: number

  constructor(message: string, mayPass = false, status = 0) {
    super(message)
    this.mayPass = mayPass
    this.status = status
  }
}

export interface Call {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'
  readonly path: string
  /** An object is sent as JSON, bytes as they are, `URLSearchParams` as a form. */
  readonly body?: object | Uint8Array<ArrayBuffer> | undefined
  readonly headers?: Readonly<Record<string, string>>
  /** May be sent again where nobody knows whether it was heard: reading, or with a key. Writing without one may not. */
  readonly key?: string
}

interface Patience {
  readonly tries: number
  /** The first wait between two tries; it doubles, and chance takes up to half of it away. */
  readonly waitMs: number
  /** Longer than this is not waited for, whatever the destination asks for. */
  readonly longestWaitMs: number
}

const PATIENCE: Patience = { tries: 5, waitMs: 400, longestWaitMs: 30_000 }

/** Talks to one destination over HTTP, with tries, waits and a token; `name` is that of the destination in sentences. */
export class Caller {
  constructor(
    private readonly name: string,
    readonly account: Account,
    private readonly patience: Patience = PATIENCE,
  ) {}

  /** The answer's JSON; null where it has none. @throws DestinationError */
  async call(call: Call): Promise<unknown> {
    let anew = false
    for (let turn = 1; ; turn++) {
      const token = await this.account.token(anew)
      const outcome = await this.#once(call, token)
      if (!(outcome instanceof Refusal)) return outcome
      // A token may run out between two calls; one that is fresh and does not work either is none.
      const mayRenew: boolean = outcome.status === 401 && !anew
      anew ||= mayRenew
      const isSafe = call.method !== 'POST' || call.key !== undefined
      const mayPass = outcome.mayPass && (isSafe || outcome.wasRefused)
      if (!mayRenew && (!mayPass || turn >= this.patience.tries)) throw outcome.error(this.name, mayPass)
      if (!mayRenew) await this.#wait(outcome.waitMs ?? this.#waitMs(turn))
    }
  }

  async #once({ method, path, body, headers, key }: Call, token: string): Promise<unknown> {
    let response: globalThis.Response
    try {
      response = await fetch(this.account.url.replace(/\/$/, '') + path, {
        method,
        headers: {
          authorization: `Bearer ${token}`,
          ...(body !== undefined && !(body instanceof Uint8Array) && { 'content-type': 'application/json' }),
          ...(key !== undefined && { 'idempotency-key': key }),
          ...headers,
        },
        body: body === undefined ? null : body instanceof Uint8Array ? body : JSON.stringify(body),
        signal: AbortSignal.any([AbortSignal.timeout(this.account.timeoutMs), ...this.#halt()]),
        redirect: 'error',
      })
      const text = await response.text()
      const answer: unknown = text === '' ? null : JSON.parse(text)
      if (response.ok) return answer
      return new Refusal(response.status, reasonIn(answer) ?? response.statusText, this.#asksToWait(response))
    } catch (error) {
      if (error instanceof SyntaxError) return new Refusal(502, 'its answer cannot be read', undefined)
      return new Refusal(0, null, undefined)
    }
  }

  #asksToWait(response: globalThis.Response): number | undefined {
    const asked = response.headers.get('retry-after')
    if (asked === null) return undefined
    const ms = /^\d+$/.test(asked) ? Number(asked) * 1000 : Date.parse(asked) - Date.now()
    return ms >= 0 ? Math.min(ms, this.patience.longestWaitMs) : undefined
  }

  #halt(): AbortSignal[] {
    return this.account.halt ? [this.account.halt] : []
  }

  /** @throws Error where the server stops meanwhile. */
  async #wait(ms: number): Promise<void> {
    this.account.halt?.throwIfAborted()
    await sleep(ms, undefined, this.account.halt && { signal: this.account.halt })
  }

  #waitMs(turn: number): number {
    return Math.min(this.patience.waitMs * 2 ** (turn - 1), this.patience.longestWaitMs) * (0.5 + Math.random() / 2)
  }
}

/** What came back instead of an answer; status 0: nothing did. */
class Refusal {
  constructor(
    readonly status: number,
    readonly reason: string | null,
    readonly waitMs: number | undefined,
  ) {}

  get mayPass(): boolean {
    return this.status === 0 || this.status === 429 || this.status >= 500
  }

  /** It said no before doing anything. */
  get wasRefused(): boolean {
    return this.status === 429 || this.status === 503
  }

  error(name: string, mayPass: boolean): DestinationError {
    const says =
      this.status === 0
        ? `${name} does not answer at its address. Is it running?`
        : this.status === 401
          ? `${name} does not know this token.`
          : this.status === 429
            ? `${name} has too much to do just now.`
            : `${name} refused: ${this.reason ?? `status ${this.status}`}`
    return new DestinationError(says, mayPass, this.status)
  }
}

function reasonIn(answer: unknown): string | null {
  return typeof answer === 'object' && answer !== null && 'error' in answer ? String(answer.error) : null
}

/** Figures among what a destination tells of its limits; what is none is not believed. */
export function toldIn(given: Readonly<Partial<Record<Measure, unknown>>>): ToldLimits {
  return Object.fromEntries(
    Object.entries(given).filter(([, value]) => typeof value === 'number' && Number.isInteger(value) && value > 0),
  )
}
