import { Entity, PrimaryKey, Property, type Opt } from '@mikro-orm/core'

/** What is recorded. */
export const RECORDED = [
  'signed-in',
  'workspace',
  'people',
  'password',
  'sign-off',
  'key',
  'deleted',
  'connected',
  'dispatched',
  'graded',
  'exported',
  'copied',
] as const
export type Recorded = (typeof RECORDED)[number]

/** One line of the record; the database refuses to change or delete it. */
@Entity()
export class RecordEntry {
  @PrimaryKey({ type: 'bigint', autoincrement: true })
  id!: string

  @Property({ type: 'uuid', nullable: true })
  workspaceId: string | null = null

  @Property({ type: 'timestamptz' })
  at: Date & Opt = new Date()

  @Property({ type: 'text' })
  byName!: string

  @Property({ type: 'text' })
  what!: Recorded

  /** For a person: "signed off 3 items". */
  @Property({ type: 'text' })
  says!: string
}
