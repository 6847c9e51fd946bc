import { Entity, PrimaryKey, Property } from '@mikro-orm/core'

/** One item's place in a paper, with what the paper says instead of the item. */
export interface PaperEntry {
  readonly itemId: string
  readonly points: number
  readonly required: boolean
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

  @Property({ type: 'int' })
  version!: number

  @Property({ type: 'timestamptz' })
  createdAt!: Date

  @Property({ type: 'timestamptz' })
  updatedAt!: Date

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}
