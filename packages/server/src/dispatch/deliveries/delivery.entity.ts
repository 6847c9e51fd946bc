import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'
import type { Item, ItemProof, PaperPlan, ServiceId } from '@zakuska/core'
import type { IntoKind, Place } from '../adapters/contract.ts'

/** `kept`: is there already as it should be. */
export const OUTCOMES = ['waiting', 'created', 'replaced', 'kept', 'refused', 'left-out'] as const
export type Outcome = (typeof OUTCOMES)[number]

/** What was sent of one item, and what became of it there. */
export interface SentItem {
  readonly itemId: string
  readonly revision: number
  /** As it was sent, with the paper's points, and as remedies made it. */
  readonly body: Item
  /** Its name there; stays the same when it is sent again. */
  readonly name: string
  readonly outcome: Outcome
  readonly remoteId: string | null
  readonly why: string | null
  /** What was changed of it for this destination, and what it does not hold of it, for a person. */
  readonly changes?: readonly string[]
  readonly section?: number | null
  readonly required?: boolean
}

/** Settings of one delivery. */
export interface AskedFor {
  /** As they were sent: destination:item:remedy, parted by commas. */
  readonly remedies: string
  readonly includeUnsigned: boolean
  readonly forAll: object | null
}

export const DELIVERY_STATES = ['queued', 'sending', 'proving', 'done', 'failed', 'stopped'] as const
export type DeliveryState = (typeof DELIVERY_STATES)[number]

@Entity()
export class Delivery {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'uuid' })
  paperId!: string

  @Property({ type: 'text' })
  title!: string

  @Property({ type: 'text' })
  destination!: ServiceId

  /** Null: it was given up since. */
  @Property({ type: 'uuid', nullable: true })
  connectionId: string | null = null

  @Property({ type: 'text' })
  connectionName: string & Opt = ''

  @Property({ type: 'text', fieldName: 'into_kind' })
  into!: IntoKind

  /** What it is added to there. */
  @Property({ type: 'text', nullable: true })
  addTo: string | null = null

  @Property({ type: 'int', nullable: true })
  addAt: number | null = null

  /** The delivery that it sends again. */
  @Property({ type: 'uuid', nullable: true })
  again: string | null = null

  /** What was asked for besides, so that it need not be asked for again. */
  @Property({ type: 'json', nullable: true })
  asked: AskedFor | null = null

  /** The paper's plan as it was sent; its places are with the items. */
  @Property({ type: 'json', nullable: true })
  plan: Omit<PaperPlan, 'places'> | null = null

  /** Items of the earlier delivery that go out. */
  @Property({ type: 'json' })
  without: { readonly name: string; readonly remoteId: string }[] & Opt = []

  @Property({ type: 'text' })
  state!: DeliveryState

  /** Somebody wants it to stop. */
  @Property({ type: 'boolean' })
  isStopAsked: boolean & Opt = false

  /** Whether people can take it there. */
  @Property({ type: 'boolean' })
  isOpen: boolean & Opt = true

  /** When it is opened and closed there by itself. */
  @Property({ type: 'timestamptz', nullable: true })
  opensAt: Date | null = null

  @Property({ type: 'timestamptz', nullable: true })
  closesAt: Date | null = null

  /** Who may answer there, by the names that they give; null: anybody. */
  @Property({ type: 'json', nullable: true })
  people: string[] | null = null

  @Property({ type: 'int' })
  done!: number

  @Property({ type: 'int' })
  total!: number

  @Property({ type: 'text', nullable: true })
  why: string | null = null

  @Property({ type: 'json' })
  items!: SentItem[]

  @Property({ type: 'json', nullable: true })
  remote: Place | null = null

  @Property({ type: 'json', nullable: true })
  proof: ItemProof[] | null = null

  @Property({ type: 'timestamptz', nullable: true })
  provenAt: Date | null = null

  @Property({ type: 'text' })
  sentBy!: string

  @Property({ type: 'timestamptz' })
  createdAt!: Date
}
