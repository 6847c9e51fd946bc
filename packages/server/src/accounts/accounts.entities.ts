import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'
import type { CheckCode } from '@zakuska/core'

/** Everything belongs to a workspace; nobody sees another one's rows. */
@Entity()
export class Workspace {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json', default: '{}' })
  settings: WorkspaceSettings & Opt = {}
}

/** What a workspace has set; absent: the default. */
export interface WorkspaceSettings {
  /** Address of a look-up, with `{words}` where the words go. */
  readonly lookUp?: string
  /** Years of school of the readers; absent: reading level is not checked. */
  readonly targetGrade?: number
  /** Writing checks that are switched off. */
  readonly checksOff?: CheckCode[]
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
