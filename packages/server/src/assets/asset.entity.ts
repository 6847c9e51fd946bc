import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'

/** A picture of an item, kept once and never changed. */
@Entity()
export class Asset {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  /** Media type, told by the bytes. */
  @Property({ type: 'text' })
  type!: string

  @Property({ type: 'blob', lazy: true })
  bytes!: Buffer

  /** A link that was sent somewhere leads to it: anybody who has the link may look. */
  @Property({ type: 'boolean' })
  isPublic: boolean & Opt = false

  @Property({ type: 'timestamptz' })
  createdAt!: Date
}
