import { Entity, PrimaryKey, Property, TextType } from '@mikro-orm/core'
import type { Item, SignOff } from '@zakuska/core'

/** Where a bank item was first read. */
export interface CameFrom {
  readonly draftId: string
  readonly title: string
  readonly lines: readonly [number, number]
}

@Entity()
export class BankItem {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  workspaceId!: string

  @Property({ type: 'text' })
  kind!: Item['kind']

  @Property({ type: 'json' })
  body!: Item

  /** All text of the item, for search. */
  @Property({ type: TextType })
  plain!: string

  @Property({ type: 'string[]', columnType: 'text[]' })
  tags!: string[]

  /** Null: nobody has checked its facts since they last changed. */
  @Property({ type: 'json', nullable: true })
  signOff: SignOff | null = null

  @Property({ type: 'json', nullable: true })
  cameFrom: CameFrom | null = null

  /** Number of the newest revision, from 1. */
  @Property({ type: 'int' })
  revision!: number

  @Property({ type: 'timestamptz' })
  createdAt!: Date

  @Property({ type: 'timestamptz' })
  updatedAt!: Date

  @Property({ type: 'timestamptz', nullable: true })
  deletedAt: Date | null = null
}

/** An item as it once was; nothing is ever overwritten. */
@Entity()
export class ItemRevision {
  @PrimaryKey({ type: 'uuid' })
  id!: string

  @Property({ type: 'uuid' })
  itemId!: string

  @Property({ type: 'int' })
  number!: number

  @Property({ type: 'json' })
  body!: Item

  /** What changed, for a person: "stem, option b". */
  @Property({ type: 'text' })
  says!: string

  @Property({ type: 'text' })
  byName!: string

  @Property({ type: 'timestamptz' })
  at!: Date
}
