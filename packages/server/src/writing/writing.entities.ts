import { Entity, PrimaryKey, PrimaryKeyProp, Property } from '@mikro-orm/core'
import type { WritingRequest } from '@zakuska/core'

/** Services that can be asked: the one that ships, or any that speaks the common JSON of chat models over HTTP. */
export const PROVIDERS = ['skerry', 'chat'] as const
export type ProviderId = (typeof PROVIDERS)[number]

/** The writing service of a workspace; a workspace without one sends nothing. */
@Entity()
export class WritingService {
  @PrimaryKey({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  provider!: ProviderId

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'text' })
  url!: string

  /** Of a chat model; empty otherwise. */
  @Property({ type: 'text' })
  model!: string

  /** Its key, sealed. */
  @Property({ type: 'text', hidden: true })
  secret!: string

  /** Words of one request at most, its source included. */
  @Property({ type: 'int' })
  words!: number

  /** Units of one reply at most. */
  @Property({ type: 'int' })
  units!: number

  /** Of 1,000 units, in the currency. */
  @Property({ type: 'double' })
  price!: number

  /** ISO 4217, or whatever the school counts in. */
  @Property({ type: 'text' })
  currency!: string

  /** Units that a person may use in a calendar month (UTC), unless it is said otherwise of them. */
  @Property({ type: 'int' })
  cap!: number
}

/** What one person may use, where it is not what everybody may. */
@Entity()
export class WritingAllowance {
  @PrimaryKey({ type: 'uuid' })
  workspaceId!: string

  @PrimaryKey({ type: 'uuid' })
  personId!: string

  @Property({ type: 'boolean' })
  isAllowed!: boolean

  /** Null: that of the workspace. */
  @Property({ type: 'int', nullable: true })
  cap: number | null = null;

  [PrimaryKeyProp]?: ['workspaceId', 'personId']
}

export const PURPOSES = ['items', 'again', 'reading', 'variant'] as const
export type Purpose = (typeof PURPOSES)[number]

/** `cut`: the limit of a reply was reached, and it can be gone on with. */
export const REPLY_STATES = ['writing', 'done', 'cut', 'failed', 'stopped'] as const
export type ReplyState = (typeof REPLY_STATES)[number]

/** One request and its reply: what was sent where by whom, what came, and what it took. Kept as long as the workspace. */
@Entity()
export class WritingReply {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'uuid' })
  personId!: string

  @Property({ type: 'text' })
  byName!: string

  @Property({ type: 'timestamptz' })
  at!: Date

  /** The draft that it was asked for. */
  @Property({ type: 'uuid', nullable: true })
  draftId: string | null = null

  @Property({ type: 'text' })
  purpose!: Purpose

  /** For a person: "10 questions". */
  @Property({ type: 'text' })
  what!: string

  /** Name and origin of the service. */
  @Property({ type: 'text' })
  sentTo!: string

  /** Exactly what was sent. */
  @Property({ type: 'text', lazy: true })
  request!: string

  /** What has come so far. */
  @Property({ type: 'text', lazy: true })
  text!: string

  @Property({ type: 'text' })
  state!: ReplyState

  /** Why it failed, in one sentence. */
  @Property({ type: 'text', nullable: true })
  why: string | null = null

  /** Units of the request; an estimate until the service has counted. */
  @Property({ type: 'int' })
  unitsAsked!: number

  /** Units of the reply; while it is written, as many as it may come to. */
  @Property({ type: 'int' })
  unitsWritten!: number

  /** In the currency of the time. */
  @Property({ type: 'double' })
  cost!: number

  @Property({ type: 'text' })
  currency!: string

  /** The last sign of life of whoever writes it down. */
  @Property({ type: 'timestamptz' })
  touchedAt!: Date

  /** All of it is in its draft. */
  @Property({ type: 'boolean' })
  isTaken!: boolean
}

/** A request that is made again and again, by name. */
@Entity()
export class KeptRequest {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  name!: string

  @Property({ type: 'json' })
  request!: WritingRequest
}

/** Its tables. */
export const WRITING_ENTITIES = [WritingService, WritingAllowance, WritingReply, KeptRequest] as const
