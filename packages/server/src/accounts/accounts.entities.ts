import { Entity, PrimaryKey, Property } from '@mikro-orm/core'

/** Everything belongs to a workspace; nobody sees another one's rows. */
@Entity()
export class Workspace {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'text' })
  name!: string
}

@Entity()
export class Person {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  name!: string

  /** Lower case. */
  @Property({ type: 'text' })
  email!: string

  @Property({ type: 'text', hidden: true })
  passwordHash!: string
}
