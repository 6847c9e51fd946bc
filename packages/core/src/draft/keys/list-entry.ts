/** An entry of a list of keys: what it says, and for which record. */
export interface ListEntry {
  readonly record: number
  readonly value: Stretch
  /** Says the right side of one row of a matching. */
  readonly isRow?: boolean
}

/** A stretch of the lines of a list: from a place in one line to a place in the same or a later one. */
export interface Stretch {
  readonly line: number
  readonly from: number
  readonly endLine: number
  readonly to: number
}
