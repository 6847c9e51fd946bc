/** What students are to be able to do, in a tree. */
export interface OutcomeNode {
  /** Unique in its list. */
  readonly id: string
  /** The id of the one above; null: at the top. */
  readonly parent: string | null
  /** What items name it by; never empty. */
  readonly code: string
  readonly statement: string
}

/** Why a file of outcomes cannot be read; the message is for a person. */
export class OutcomesError extends Error {
  override readonly name = 'OutcomesError'
}
