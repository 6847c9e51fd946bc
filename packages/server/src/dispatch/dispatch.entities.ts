import { Entity, PrimaryKey, Property } from '@mikro-orm/core'
import type { Attempt, ItemProof, Item } from '@zakuska/core'

/** How a workspace reaches a destination. */
@Entity()
export class Connection {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  destination!: string

  @Property({ type: 'text' })
  url!: string

  @Property({ type: 'text', hidden: true })
  token!: string
}

/** What was sent of one item, and what became of it there. */
export interface SentItem {
  readonly itemId: string
  readonly revision: number
  /** As it was sent, with the paper's points. */
  readonly body: Item
  /** Name in the package. */
  readonly name: string
  readonly outcome: 'waiting' | 'created' | 'refused' | 'left-out'
  readonly remoteId: string | null
  readonly why: string | null
}

export interface RemotePlace {
  readonly importId: string
  readonly collectionId: string | null
  /** Where students take it; null for a bank. */
  readonly address: string | null
}

export type DeliveryState = 'queued' | 'sending' | 'proving' | 'done' | 'failed'

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
  destination!: string

  @Property({ type: 'text', fieldName: 'into_kind' })
  into!: 'quiz' | 'bank'

  @Property({ type: 'text' })
  state!: DeliveryState

  @Property({ type: 'int' })
  done!: number

  @Property({ type: 'int' })
  total!: number

  @Property({ type: 'text', nullable: true })
  why: string | null = null

  @Property({ type: 'json' })
  items!: SentItem[]

  @Property({ type: 'json', nullable: true })
  remote: RemotePlace | null = null

  @Property({ type: 'json', nullable: true })
  proof: ItemProof[] | null = null

  @Property({ type: 'timestamptz', nullable: true })
  provenAt: Date | null = null

  @Property({ type: 'json', nullable: true })
  responses: Attempt[] | null = null

  @Property({ type: 'timestamptz', nullable: true })
  fetchedAt: Date | null = null

  @Property({ type: 'text' })
  sentBy!: string

  @Property({ type: 'timestamptz' })
  createdAt!: Date
}
