import { Entity, PrimaryKey, Property, TextType, type Opt } from '@mikro-orm/core'
import type { CheckCode, EvidenceVerdict, Item, SignOff } from '@zakuska/core'
import type { BankFilter } from './bank-filter.ts'

/** Where a bank item was first read. */
export interface CameFrom {
  readonly draftId: string
  readonly title: string
  readonly lines: readonly [number, number]
  /** Those lines as they stood when the item was kept. */
  readonly text?: string
  /** What the text that it was drafted from says of it. */
  readonly evidence?: KeptEvidence
}

/** The sentences that an item rests on, as they stood in its source when it was kept. */
export interface KeptEvidence {
  readonly verdict: EvidenceVerdict
  /** How the source begins. */
  readonly source: string
  readonly sentences: readonly {
    readonly text: string
    /** Which sentence of the source it is, from 1. */
    readonly place: number
    /** Seconds from the start of a transcript. */
    readonly time: number | null
  }[]
}

/** A writing check that somebody has set aside for one item, and why. */
export interface Waiver {
  readonly code: CheckCode
  readonly reason: string
  readonly by: string
  readonly at: string
}

@Entity()
export class BankItem {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  kind!: Item['kind']

  @Property({ type: 'json' })
  body!: Item

  /** All text of the item, for search. */
  @Property({ type: TextType })
  plain!: string

  @Property({ type: 'string[]', columnType: 'text[]' })
  tags!: string[]

  /** Where it lies in the bank: its category, and before it all that this lies under; none: at the top. */
  @Property({ type: 'string[]', columnType: 'text[]' })
  categories: string[] = []

  @Property({ type: 'double' })
  points!: number

  @Property({ type: 'text', nullable: true })
  outcome: string | null = null

  @Property({ type: 'text', nullable: true })
  level: string | null = null

  @Property({ type: 'text', nullable: true })
  difficulty: string | null = null

  @Property({ type: 'text', nullable: true })
  language: string | null = null

  @Property({ type: 'boolean' })
  hasKey!: boolean

  @Property({ type: 'boolean' })
  hasPicture!: boolean

  /** Codes of what the writing checks find and nobody has waived. */
  @Property({ type: 'string[]', columnType: 'text[]' })
  findings!: string[]

  @Property({ type: 'json' })
  waived: Waiver[] = []

  @Property({ type: 'timestamptz', nullable: true })
  lastSentAt: Date | null = null

  /** Mean share of the points that students earned in all sittings, weighted by people, in `[0, 1]`. */
  @Property({ type: 'double', nullable: true })
  shareRight: number | null = null

  /** Mean correlation with the rest of the paper in all sittings, weighted by people, in `[-1, 1]`. */
  @Property({ type: 'double', nullable: true })
  discrimination: number | null = null

  /** People who took it in all sittings. */
  @Property({ type: 'int' })
  takenBy: number & Opt = 0

  /** The item that this one says in another language, or for other readers. */
  @Property({ type: 'uuid', nullable: true })
  variantOf: string | null = null

  /** Fingerprint of that item when this one was last brought in line with it. */
  @Property({ type: 'text', nullable: true })
  variantBase: string | null = null

  /** Null: nobody has checked its facts since they last changed. */
  @Property({ type: 'json', nullable: true })
  signOff: SignOff | null = null

  @Property({ type: 'json', nullable: true })
  cameFrom: CameFrom | null = null

  /** Number of the newest revision, from 1. */
  @Property({ type: 'int' })
  revision!: number

  @Property({ type: 'timestamptz' })
  createdAt!: Date

  @Property({ type: 'timestamptz' })
  updatedAt!: Date

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}

/** `Tides/Heights`; empty at the top. */
export function categoryOf(item: Pick<BankItem, 'categories'>): string {
  return item.categories.at(-1) ?? ''
}

/** An item as it once was; nothing is ever overwritten. */
@Entity()
export class ItemRevision {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  itemId!: string

  @Property({ type: 'int' })
  number!: number

  @Property({ type: 'json' })
  body!: Item

  /** What changed, for a person: "stem, option b". */
  @Property({ type: 'text' })
  says!: string

  @Property({ type: 'text' })
  byName!: string

  @Property({ type: 'timestamptz' })
  at!: Date
}

@Entity()
export class SavedFilter {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json' })
  filter!: BankFilter
}

/** All of an item that a change of many can touch. */
export interface BulkState {
  readonly revision: number
  readonly signOff: SignOff | null
  readonly deleted: boolean
  /** Absent in changes from before there were categories. */
  readonly category?: string
}

/** What an item was before a change of many. */
export interface BeforeBulk extends BulkState {
  readonly itemId: string
  /** The revision that the change made. */
  readonly made: number
  /** What the change made of it; absent in changes from before there were categories. */
  readonly became?: BulkState
}

/** A change of many items at once, so that it can be undone. */
@Entity()
export class BulkChange {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  says!: string

  @Property({ type: 'text' })
  byName!: string

  @Property({ type: 'timestamptz' })
  at!: Date

  @Property({ type: 'json' })
  before!: BeforeBulk[]

  @Property({ type: 'timestamptz', nullable: true })
  undoneAt: Date | null = null
}

/** What students are to be able to do; a tree per workspace. */
@Entity()
export class Outcome {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'uuid', nullable: true })
  parentId: string | null = null

  /** Its identifier in the file that it came from. */
  @Property({ type: 'text', nullable: true })
  sourceId: string | null = null

  /** What items name it by: "N2.1". */
  @Property({ type: 'text' })
  code!: string

  @Property({ type: 'text' })
  statement!: string

  @Property({ type: 'int' })
  place!: number
}

/** Its tables. */
export const BANK_ENTITIES = [BankItem, ItemRevision, SavedFilter, BulkChange, Outcome] as const
