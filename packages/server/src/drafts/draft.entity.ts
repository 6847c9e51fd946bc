import { Entity, PrimaryKey, Property } from '@mikro-orm/core'
import type { FollowedItem } from '@zakuska/core'

@Entity()
export class Draft {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  title!: string

  @Property({ type: 'text', lazy: true })
  text!: string

  @Property({ type: 'json', lazy: true })
  followed!: FollowedItem[]

  @Property({ type: 'int' })
  itemCount!: number

  @Property({ type: 'int' })
  signedCount!: number

  @Property({ type: 'int' })
  troubleCount!: number

  /** Goes up by one with every save; a save against an older one is refused. */
  @Property({ type: 'int' })
  version!: number

  @Property({ type: 'timestamptz' })
  createdAt!: Date

  @Property({ type: 'timestamptz' })
  updatedAt!: Date

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}
