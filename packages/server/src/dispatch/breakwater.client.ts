import type { Response as Given } from '@zakuska/core'
import { unseal } from './sealed.ts'

export interface RemoteImport {
  readonly id: string
  readonly state: 'waiting' | 'running' | 'done' | 'failed'
  readonly done: number
  readonly total: number
  readonly why: string | null
  readonly collectionId: string | null
  readonly outcomes: readonly {
    readonly path: string
    readonly outcome: 'created' | 'refused'
    readonly itemId: string | null
    readonly why: string | null
  }[]
}

export interface RemoteAttempt {
  readonly student: string
  readonly submittedAt: string
  readonly answers: Readonly<Record<string, { readonly values: readonly string[]; readonly score: number }>>
}

export interface RemoteGrade {
  readonly score: number | null
  readonly points: number | null
}

/** The destination did not do what was asked; the message is one sentence for a person. */
export class DestinationError extends Error {
  override readonly name = 'DestinationError'
  /** It may go by itself: nobody answered, or the site was busy. */
  readonly mayPass: boolean

  constructor(message: string, mayPass = false) {
    super(message)
    this.mayPass = mayPass
  }
}

const TIMEOUT_MS = 20_000

/** @throws DestinationError where the token was sealed with another secret than the server has now. */
export function clientOf(
  connection: { readonly url: string; readonly token: string },
  secret: string,
): BreakwaterClient {
  const token = unseal(secret, connection.token)
  if (token === null)
    throw new DestinationError('The token of Breakwater was kept under another secret. Give it again in Dispatch.')
  return new BreakwaterClient(connection.url, token)
}

/** Talks to Breakwater through its API. */
export class BreakwaterClient {
  readonly #url: string
  readonly #token: string

  constructor(url: string, token: string) {
    this.#url = url.replace(/\/$/, '')
    this.#token = token
  }

  async check(): Promise<void> {
    await this.#call('GET', '/api/site')
  }

  /** Sent twice with the same key, it arrives once. */
  async startImport(packed: Uint8Array, into: 'quiz' | 'bank', title: string, key: string): Promise<string> {
    const answer = await this.#call('POST', `/api/imports?into=${into}&title=${encodeURIComponent(title)}`, {
      body: new Uint8Array(packed),
      headers: { 'content-type': 'application/zip', 'idempotency-key': key },
    })
    return (answer as { id: string }).id
  }

  async importState(id: string): Promise<RemoteImport> {
    return (await this.#call('GET', `/api/imports/${id}`)) as RemoteImport
  }

  async grade(
    asked: readonly { readonly itemId: string; readonly responses: Readonly<Record<string, readonly string[]>> }[],
  ): Promise<RemoteGrade[]> {
    return (await this.#call('POST', '/api/grade', {
      body: JSON.stringify(asked),
      headers: { 'content-type': 'application/json' },
    })) as RemoteGrade[]
  }

  async attempts(quizId: string): Promise<RemoteAttempt[]> {
    return ((await this.#call('GET', `/api/quizzes/${quizId}/responses`)) as { attempts: RemoteAttempt[] }).attempts
  }

  /** Hands in attempts made elsewhere. */
  async addAttempts(
    quizId: string,
    attempts: readonly {
      readonly student: string
      readonly submittedAt: string
      readonly answers: Readonly<Record<string, readonly string[]>>
    }[],
  ): Promise<void> {
    await this.#call('POST', `/api/quizzes/${quizId}/attempts`, {
      body: JSON.stringify(attempts),
      headers: { 'content-type': 'application/json' },
    })
  }

  quizAddress(quizId: string): string {
    return `${this.#url}/quiz/${quizId}`
  }

  async #call(
    method: string,
    path: string,
    more: {
      readonly body?: string | Uint8Array<ArrayBuffer>
      readonly headers?: Readonly<Record<string, string>>
    } = {},
  ): Promise<unknown> {
    let response: globalThis.Response
    try {
      response = await fetch(this.#url + path, {
        method,
        headers: { authorization: `Bearer ${this.#token}`, ...more.headers },
        body: more.body ?? null,
        signal: AbortSignal.timeout(TIMEOUT_MS),
        redirect: 'error',
      })
    } catch {
      throw new DestinationError('Breakwater does not answer at its address. Is it running?', true)
    }
    if (response.status === 401) throw new DestinationError('Breakwater does not know this token.')
    const body: unknown = await response.json().catch(() => null)
    if (!response.ok)
      throw new DestinationError(
        `Breakwater refused: ${typeof body === 'object' && body !== null && 'error' in body ? String(body.error) : response.statusText}`,
        response.status >= 500 || response.status === 429,
      )
    return body
  }
}

/** A response as QTI variables: what a student's form would send. */
export function toRemoteResponse(response: Given): Record<string, readonly string[]> {
  switch (response.kind) {
    case 'choice':
      return { RESPONSE: response.chosen }
    case 'truth':
      return { RESPONSE: response.value === null ? [] : [String(response.value)] }
    case 'text':
      return { RESPONSE: response.text ? [response.text] : [] }
    case 'gaps':
    case 'pairs':
    case 'order':
    case 'step':
      // The site has no items that take such responses; the fit report keeps them back.
      return { RESPONSE: [] }
  }
}
