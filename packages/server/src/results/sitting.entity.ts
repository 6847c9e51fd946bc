import { Entity, JsonType, type Platform, PrimaryKey, Property, type Opt } from '@mikro-orm/core'
import { isResponse, type Item, type Response, type WhichCounts } from '@zakuska/core'

/** Where the responses of a sitting come from: a destination, our own pages, or a file that was read. */
export const SITTING_SOURCES = ['delivery', 'here', 'file'] as const
export type SittingSource = (typeof SITTING_SOURCES)[number]

/** An item as it was taken; a regrade changes its body, so that the key it is graded by stands here. */
export interface SittingItem {
  readonly itemId: string
  readonly revision: number
  readonly body: Item
}

/** How a sitting is looked at. */
export interface SittingSettings {
  readonly which: WhichCounts
  /** Share of the points under which a score is low, in `[0, 1]`. */
  readonly threshold: number
  /** Places of items that count for nobody. */
  readonly leftOut: readonly number[]
}

export const FIRST_SETTINGS: SittingSettings = { which: 'last', threshold: 0.5, leftOut: [] }

export const TAKING_MODES = ['test', 'practice'] as const
export type TakingMode = (typeof TAKING_MODES)[number]

/** `anyone`: whoever has the link, by the name that is typed. `list`: people on a list. `code`: with a code of their own. */
export const WHO_MAY_TAKE = ['anyone', 'list', 'code'] as const
export type WhoMayTake = (typeof WHO_MAY_TAKE)[number]

export interface Listed {
  readonly name: string
  readonly code: string
}

/** How it is taken on our own pages. */
export interface Taking {
  readonly mode: TakingMode
  readonly isOpen: boolean
  /** ISO 8601; null: now, and until it is closed by hand. */
  readonly opensAt: string | null
  readonly closesAt: string | null
  readonly who: WhoMayTake
  readonly people: readonly Listed[]
  /** How often by each; null: as often as one likes. */
  readonly attempts: number | null
  /** Minutes; null: as long as it takes. */
  readonly timeLimit: number | null
  readonly instructions: string
  readonly identity: readonly string[]
  readonly shuffleItems: boolean
  readonly shuffleOptions: boolean
  readonly feedbackWhen: 'after' | 'closed' | 'never'
  /** Of practice: how often an item may be tried; null: as often as one likes. */
  readonly tries: number | null
  readonly sections: readonly { readonly title: string; readonly instructions: string }[]
  /** Per item. */
  readonly places: readonly { readonly section: number | null; readonly required: boolean }[]
}

/** One time that a paper was taken by a group of people. */
@Entity()
export class Sitting {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'uuid', nullable: true })
  paperId: string | null = null

  @Property({ type: 'uuid', nullable: true })
  deliveryId: string | null = null

  @Property({ type: 'text' })
  title!: string

  @Property({ type: 'text' })
  source!: SittingSource

  @Property({ type: 'json' })
  items!: SittingItem[]

  @Property({ type: 'json' })
  settings: SittingSettings & Opt = FIRST_SETTINGS

  @Property({ type: 'json', nullable: true })
  taking: Taking | null = null

  /** What people type to come to it. */
  @Property({ type: 'text', nullable: true })
  code: string | null = null

  /** Counts changes of its items and settings. */
  @Property({ type: 'int' })
  version: number & Opt = 1

  @Property({ type: 'timestamptz', nullable: true })
  fetchedAt: Date | null = null

  @Property({ type: 'text' })
  createdBy!: string

  @Property({ type: 'timestamptz' })
  createdAt!: Date

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}

/** One change of points by a person. */
export interface HandMark {
  readonly at: string
  readonly by: string
  readonly item: number
  readonly before: number | null
  readonly after: number | null
}

/** An answer on its way: `n` counts what was given to the item, so that an older one never overwrites a newer. */
export interface SavedAnswer {
  readonly n: number
  readonly response: Response
}

/** What is known of an item in practice. */
export interface Practised {
  readonly tries: number
  readonly hints: number
  readonly solved: boolean
}

/** What is stored may have been put there by an older program: grading meets nothing that is no response. */
class StoredResponses extends JsonType {
  override convertToJSValue(value: unknown, platform: Platform): (Response | null)[] {
    const stored: unknown = super.convertToJSValue(value, platform)
    return Array.isArray(stored) ? stored.map((one: unknown) => (isResponse(one) ? one : null)) : []
  }
}

/** One person's attempt at a sitting. */
@Entity()
export class Attempt {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  sittingId!: string

  /** Its name where it comes from. */
  @Property({ type: 'text', nullable: true })
  externalId: string | null = null

  /** In the order in which they came. */
  @Property({ type: 'bigint', persist: false, hydrate: true })
  readonly number: (string & Opt) | undefined

  @Property({ type: 'text' })
  student!: string

  /** What tells people apart; null: nobody knows. */
  @Property({ type: 'text', nullable: true })
  person: string | null = null

  @Property({ type: 'json' })
  fields: Record<string, string> & Opt = {}

  @Property({ type: StoredResponses })
  responses: (Response | null)[] & Opt = []

  /** Points by hand, by the place of the item. */
  @Property({ type: 'json' })
  given: Record<string, number> & Opt = {}

  /** Remarks to the person, by the place of the item. */
  @Property({ type: 'json' })
  remarks: Record<string, string> & Opt = {}

  @Property({ type: 'json' })
  history: HandMark[] & Opt = []

  @Property({ type: 'boolean' })
  isHandedIn: boolean & Opt = true

  @Property({ type: 'timestamptz', nullable: true })
  startedAt: Date | null = null

  @Property({ type: 'timestamptz', nullable: true })
  submittedAt: Date | null = null

  /** When its time ends. */
  @Property({ type: 'timestamptz', nullable: true })
  deadline: Date | null = null

  @Property({ type: 'int' })
  seed: number & Opt = 0

  /** SHA-256 of the token that opens it. */
  @Property({ type: 'text', nullable: true, hidden: true })
  tokenHash: string | null = null

  @Property({ type: 'text', nullable: true })
  device: string | null = null

  /** A teacher lets it go on on another device, once. */
  @Property({ type: 'boolean' })
  mayMove: boolean & Opt = false

  /** Answers until it is handed in, by the place of the item. */
  @Property({ type: 'json' })
  answers: Record<string, SavedAnswer> & Opt = {}

  @Property({ type: 'json' })
  practised: Record<string, Practised> & Opt = {}
}

/** One regrade: what changed, why, and for whom. */
@Entity()
export class Regrading {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  sittingId!: string

  @Property({ type: 'timestamptz' })
  at!: Date

  @Property({ type: 'text', fieldName: 'by_name' })
  byName!: string

  @Property({ type: 'text' })
  why!: string

  /** Items before and after. */
  @Property({ type: 'json' })
  items!: { readonly item: number; readonly before: Item; readonly after: Item }[]

  @Property({ type: 'json' })
  changes!: {
    readonly attemptId: string
    readonly student: string
    readonly before: number
    readonly after: number
  }[]
}

/** A list of people that is kept by name. */
@Entity()
export class Roster {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json' })
  people!: Listed[]
}

/** Its tables. */
export const RESULT_ENTITIES = [Sitting, Attempt, Regrading, Roster] as const
