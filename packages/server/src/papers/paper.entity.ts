import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'
import type { FeedbackWhen } from '@zakuska/core'
import type { BankFilter } from '../bank/bank-filter.ts'

/** One item's place in a paper, with what the paper says instead of the item. */
export interface PaperEntry {
  readonly itemId: string
  readonly points: number
  readonly required: boolean
  /** The section that it stands in; absent or null: before the first. */
  readonly sectionId?: string | null
  /** Ids of its options in the order in which this paper shows them; absent or null: the item's own. */
  readonly optionOrder?: readonly string[] | null
}

export interface PaperSection {
  readonly id: string
  readonly title: string
  readonly instructions: string
}

/** So many items of what a filter finds. */
export interface PaperRule {
  readonly id: string
  readonly count: number
  readonly filter: BankFilter
  readonly sectionId: string | null
  /** Points of each item that it draws; null: the item's own. */
  readonly points: number | null
}

@Entity()
export class Paper {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  title!: string

  @Property({ type: 'text' })
  instructions!: string

  @Property({ type: 'json' })
  entries!: PaperEntry[]

  @Property({ type: 'boolean' })
  shuffleItems!: boolean

  /** Options of items that must keep their order are never shuffled. */
  @Property({ type: 'boolean' })
  shuffleOptions!: boolean

  @Property({ type: 'json' })
  sections: PaperSection[] & Opt = []

  /** What a student writes above the items; not graded. */
  @Property({ type: 'json' })
  identity: string[] & Opt = ['Name', 'Class']

  /** Minutes; null: as long as it takes. */
  @Property({ type: 'int', nullable: true })
  timeLimit: number | null = null

  /** How often it may be taken; null: as often as one likes. */
  @Property({ type: 'int', nullable: true })
  attempts: number | null = null

  @Property({ type: 'text' })
  feedbackWhen: FeedbackWhen & Opt = 'after'

  @Property({ type: 'json' })
  rules: PaperRule[] & Opt = []

  /** The paper that this one is a version of. */
  @Property({ type: 'uuid', nullable: true })
  versionOf: string | null = null

  /** Of a version: its letter. */
  @Property({ type: 'text', nullable: true })
  label: string | null = null

  /** Of a version: what it was drawn and arranged by; of its paper: what all its versions were drawn by. */
  @Property({ type: 'int', nullable: true })
  seed: number | null = null

  @Property({ type: 'int' })
  version!: number

  @Property({ type: 'timestamptz' })
  createdAt!: Date

  @Property({ type: 'timestamptz' })
  updatedAt!: Date

  /** Name of who changed it last. */
  @Property({ type: 'text', nullable: true })
  updatedBy: string | null = null

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}
