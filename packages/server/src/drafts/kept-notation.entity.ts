import { Entity, PrimaryKey, Property } from '@mikro-orm/core'
import type { NotationRule } from '@zakuska/core'

/** How somebody writes drafts, taught once and kept by name. */
@Entity()
export class KeptNotation {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json' })
  rules!: readonly NotationRule[]

  @Property({ type: 'timestamptz' })
  createdAt!: Date
}
