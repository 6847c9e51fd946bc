import { Entity, PrimaryKey, Property } from '@mikro-orm/core'
import type { FollowedItem, Notation, SourceStyle, TaughtLine } from '@zakuska/core'

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

  /** The dress of the text, by range. */
  @Property({ type: 'json', lazy: true })
  styles: SourceStyle[] = []

  /** The text of a key that came in a file of its own. */
  @Property({ type: 'text', nullable: true, lazy: true })
  keyText: string | null = null

  /** The text that it was drafted from, as it was given. */
  @Property({ type: 'text', nullable: true, lazy: true })
  source: string | null = null

  /** What people said that lines are. */
  @Property({ type: 'json', lazy: true })
  taught: TaughtLine[] = []

  /** The notation that it is read by, as it was when it was chosen. */
  @Property({ type: 'json', nullable: true, lazy: true })
  notation: Notation | null = null

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

  /** Name of who saved it last. */
  @Property({ type: 'text', nullable: true })
  updatedBy: string | null = null

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}
