import type {
  Assets,
  Attempt,
  FormatLimits,
  Item,
  PaperLimits,
  PaperPlan,
  Response,
  ServiceId,
  ToldLimits,
} from '@zakuska/core'

/**
 * What the dispatch desk asks of a destination. A destination is a folder here, a row in `adapters/index.ts`, and its
 * limits in core.
 */
export interface Adapter {
  readonly id: ServiceId
  readonly name: string
  readonly limits: FormatLimits
  readonly paper: PaperLimits
  /** By a token that a person gives, or by a page there on which a person allows it. */
  readonly connects: 'token' | 'consent'
  readonly into: readonly IntoKind[]
  /** Whether what is there can be replaced in its place. */
  readonly replaces: boolean
  /** The part of it that people open, as in "quiz" or "form". */
  readonly noun: string

  /**
   * Tries the connection, and hears the limits that the destination tells of itself.
   *
   * @throws DestinationError with what is wrong with the connection.
   */
  check(account: Account): Promise<ToldLimits>
  /** What is there that can be added to. */
  places(account: Account): Promise<RemoteChoice[]>
  /**
   * Brings the parts there. Safe to run again with the same parcel after a stop at any moment: what has arrived does not
   * arrive twice. Says through `progress` where it goes and what became of each part.
   */
  send(account: Account, parcel: Parcel, progress: Progress): Promise<void>
  /** The share that the destination's own grader gives to each response, in `[0, 1]`; null: it gave none. */
  grade(account: Account, place: Place, asked: readonly Asked[]): Promise<(number | null)[]>
  /**
   * What was answered there, per person; one response per part, null where there is none.
   *
   * @param after the last attempt that is known here; a destination that can tells only what came after it.
   */
  responses(
    account: Account,
    place: Place,
    parts: readonly ArrivedPart[],
    after: string | null,
  ): Promise<RemoteAttempt[]>
  setOpen(account: Account, place: Place, isOpen: boolean): Promise<void>
  /** Who may answer: people by the names that they give, or null for anybody. None: the destination cannot hold it. */
  readonly setPeople?: (account: Account, place: Place, people: readonly string[] | null) => Promise<void>
  remove(account: Account, place: Place): Promise<void>
}

/** `new`: a quiz, form or game of its own. `add`: into one that is there. `bank`: items for later. */
export const INTO = ['new', 'add', 'bank'] as const
export type IntoKind = (typeof INTO)[number]

/** How a destination is reached on behalf of a workspace. */
export interface Account {
  readonly url: string
  /** Until an answer has to be there. */
  readonly timeoutMs: number
  /** Comes when this server stops: calls end at once. */
  readonly halt?: AbortSignal
  /** A token that works now. `anew`: the last one did not. @throws DestinationError where there is none any more. */
  readonly token: (anew?: boolean) => Promise<string>
}

export interface RemoteChoice {
  readonly id: string
  readonly title: string
  /** Questions or items that are in it. */
  readonly count: number
  /** Before what it can be added, in order; none: at its end only. */
  readonly entries: readonly RemoteEntry[]
}

export interface RemoteEntry {
  readonly title: string
  /** `part` begins a section, `text` is only read. */
  readonly kind: 'question' | 'part' | 'text'
}

/** One item on its way. */
export interface Part {
  /** Stays the same when it is sent again. */
  readonly name: string
  readonly body: Item
  /** Where it is already; then it is replaced there. */
  readonly remoteId: string | null
  readonly section: number | null
  readonly required: boolean
}

export interface ArrivedPart {
  readonly name: string
  readonly body: Item
  readonly remoteId: string
}

export interface Parcel {
  /** Sent twice, it arrives once. */
  readonly id: string
  readonly title: string
  readonly plan: PaperPlan
  /** Those that have not arrived yet. */
  readonly parts: readonly Part[]
  readonly assets: Assets
  readonly into: IntoKind
  /** What is added to, or was made before. */
  readonly to: string | null
  /** Where in it, counted from 0; null: at its end. */
  readonly at: number | null
  readonly place: Place | null
  /** Parts of an earlier delivery that go out. */
  readonly without: readonly { readonly name: string; readonly remoteId: string }[]
}

/** Where a delivery went. */
export interface Place {
  readonly id: string
  /** Where people take it; null for a bank. */
  readonly address: string | null
  /** Where it is run from, as a host's screen. */
  readonly manage: string | null
  readonly joinCode: string | null
}

export interface PartOutcome {
  readonly name: string
  readonly outcome: 'created' | 'replaced' | 'refused'
  readonly remoteId: string | null
  readonly why: string | null
}

/** Each call keeps what it says, and ends the sending where a person has stopped it. */
export interface Progress {
  readonly arrivedAt: (place: Place) => Promise<void>
  readonly took: (outcomes: readonly PartOutcome[]) => Promise<void>
  /** Work goes on there: so many parts are done. */
  readonly goesOn: (done: number) => Promise<void>
}

/** One attempt as it was made there. */
export interface RemoteAttempt extends Attempt {
  /** Its name there. */
  readonly id: string
  /** ISO 8601; null: it is not told. */
  readonly at: string | null
  /** What was asked above the items, by its name. */
  readonly fields: Readonly<Record<string, string>>
}

export interface Asked {
  readonly part: ArrivedPart
  readonly response: Response
}
