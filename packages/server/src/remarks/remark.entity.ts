import { Entity, PrimaryKey, Property } from '@mikro-orm/core'

/** What somebody says about an item, until it is settled. */
@Entity()
export class Remark {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'uuid' })
  itemId!: string

  @Property({ type: 'text' })
  says!: string

  @Property({ type: 'text' })
  byName!: string

  @Property({ type: 'timestamptz' })
  at!: Date

  @Property({ type: 'text', nullable: true })
  settledBy: string | null = null

  @Property({ type: 'timestamptz', nullable: true })
  settledAt: Date | null = null
}
