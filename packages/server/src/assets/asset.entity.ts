import { Entity, PrimaryKey, Property } from '@mikro-orm/core'

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

  @Property({ type: 'timestamptz' })
  createdAt!: Date
}
