import { Entity, PrimaryKey, PrimaryKeyProp, Property, type Opt } from '@mikro-orm/core'
import type { CheckCode } from '@zakuska/core'
import type { Role } from '../access/permissions.ts'

/** Everything belongs to a workspace; nobody sees another one's rows. */
@Entity()
export class Workspace {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json', default: '{}' })
  settings: WorkspaceSettings & Opt = {}

  /** When an owner deleted it; it can be brought back until its days of grace are over. */
  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
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

  @Property({ type: 'text' })
  name!: string

  /** Lower case. */
  @Property({ type: 'text' })
  email!: string

  @Property({ type: 'text', hidden: true })
  passwordHash!: string

  /** The workspace that was open last. */
  @Property({ type: 'uuid', nullable: true })
  lastWorkspaceId: string | null = null
}

/** Somebody's part in a workspace. */
@Entity()
export class Membership {
  @PrimaryKey({ type: 'uuid' })
  workspaceId!: string

  @PrimaryKey({ type: 'uuid' })
  personId!: string

  @Property({ type: 'text' })
  role!: Role

  @Property({ type: 'timestamptz' })
  since!: Date;

  [PrimaryKeyProp]?: ['workspaceId', 'personId']
}

/** A link that works once and for a time: an invitation to a workspace, or a new password for somebody. */
@Entity()
export class OneTimeLink {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  /** SHA-256 of its token, hexadecimal; the token itself is kept nowhere. */
  @Property({ type: 'text', hidden: true })
  tokenHash!: string

  @Property({ type: 'text' })
  kind!: 'invitation' | 'password'

  @Property({ type: 'uuid', nullable: true })
  workspaceId: string | null = null

  /** Of an invitation: what whoever takes it up becomes. */
  @Property({ type: 'text', nullable: true })
  role: Role | null = null

  /** Of a password: whose. */
  @Property({ type: 'uuid', nullable: true })
  personId: string | null = null

  /** Who it is for, in the words of who made it. */
  @Property({ type: 'text' })
  note!: string

  @Property({ type: 'text' })
  madeBy!: string

  @Property({ type: 'timestamptz' })
  expiresAt!: Date

  @Property({ type: 'timestamptz', nullable: true })
  usedAt: Date | null = null
}

/** Its tables. */
export const ACCOUNT_ENTITIES = [Workspace, Person, Membership, OneTimeLink] as const
