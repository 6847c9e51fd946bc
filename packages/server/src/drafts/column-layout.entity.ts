import { Entity, PrimaryKey, Property } from '@mikro-orm/core'
import type { ColumnLayout as Layout } from '@zakuska/core'

/** A table's columns as a person laid them out once, kept by name. */
@Entity()
export class ColumnLayout {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json' })
  layout!: Layout

  @Property({ type: 'timestamptz' })
  createdAt!: Date
}
