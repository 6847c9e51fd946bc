import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'

export const COPIED_KINDS = ['items', 'paper', 'draft'] as const
export type CopiedKind = (typeof COPIED_KINDS)[number]

/** A link by which other workspaces take a copy of items, of a paper, or of a draft. */
@Entity()
export class CopyLink {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  /** SHA-256 of its token. */
  @Property({ type: 'text', hidden: true })
  tokenHash!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  kind!: CopiedKind

  @Property({ type: 'text' })
  title!: string

  /** Of a ready-made set: the outcome that it teaches to. It is listed for everybody on the server and found by its id. */
  @Property({ type: 'text', nullable: true })
  outcome: string | null = null

  /** Of items: theirs; else the one of the paper or the draft. */
  @Property({ type: 'json' })
  ids!: string[]

  @Property({ type: 'text' })
  madeBy!: string

  @Property({ type: 'timestamptz' })
  madeAt!: Date

  /** Null: it stays until it is taken back. */
  @Property({ type: 'timestamptz', nullable: true })
  expiresAt: Date | null = null

  @Property({ type: 'timestamptz', nullable: true })
  takenBackAt: Date | null = null

  /** How often it was used. */
  @Property({ type: 'int' })
  copies: number & Opt = 0
}
