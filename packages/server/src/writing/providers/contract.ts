/** What a writing service is reached by. */
export interface WritingAccount {
  readonly url: string
  readonly key: string
  readonly model: string
  /** How long it may be silent, in ms. */
  readonly timeoutMs: number
}

/** What it says of itself, where it says anything. */
export interface WritingTerms {
  /** Words of one request at most. */
  readonly words?: number
  /** Units of one reply at most. */
  readonly units?: number
}

export interface WritingAsked {
  readonly request: string
  /** What came of the reply before, where it is gone on with. */
  readonly soFar: string
  /** Units that the reply may have. */
  readonly units: number
}

export interface WrittenUnits {
  readonly asked: number
  readonly written: number
}

/** A piece of a reply; the last says how it ended. `limit`: it was cut, and can be gone on with. */
export type WritingPiece =
  | { readonly text: string }
  | { readonly end: 'whole' | 'limit'; /** Null: it does not count. */ readonly units: WrittenUnits | null }

/** A service that drafts text. */
export interface WritingProvider {
  readonly name: string
  /** Tries the account. @throws WritingError */
  check(account: WritingAccount): Promise<WritingTerms>
  /** The reply piece by piece, as it comes. @throws WritingError */
  write(account: WritingAccount, asked: WritingAsked, halt: AbortSignal): AsyncIterable<WritingPiece>
}

/** The service did not do what was asked; the message is one sentence for a person. */
export class WritingError extends Error {
  override readonly name = 'WritingError'
}
