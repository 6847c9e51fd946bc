import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'
import type { ServiceId, ToldLimits } from '@zakuska/core'

/** How a workspace reaches a destination; it may have several of a kind, told apart by name. */
@Entity()
export class Connection {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  destination!: ServiceId

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'text' })
  url!: string

  /** Sealed: the token; of a consent, `Grant` as JSON. */
  @Property({ type: 'text', hidden: true })
  token!: string

  /** Why it does not work any more; null: it does. */
  @Property({ type: 'text', nullable: true })
  ended: string | null = null

  /** What it told of its limits when it was last asked. */
  @Property({ type: 'json' })
  told: ToldLimits & Opt = {}
}

/** Tokens of a consent. */
export interface Grant {
  readonly access: string
  readonly refresh: string
  /** ISO 8601. */
  readonly expires: string
}
