import { Migration } from '@mikro-orm/migrations'
import { Migration20261123000000 } from './20261123000000-first-tables.ts'
import { Migration20261124000000 } from './20261124000000-draft-documents.ts'
import { Migration20261125000000 } from './20261125000000-bank-and-papers.ts'
import { Migration20261126000000 } from './20261126000000-bank-counts.ts'
import { Migration20261127000000 } from './20261127000000-categories-and-shapes.ts'
import { Migration20261128000000 } from './20261128000000-teaching.ts'
import { Migration20261129000000 } from './20261129000000-who-changed.ts'
import { Migration20261129010000 } from './20261129010000-people.ts'
import { Migration20261130000000 } from './20261130000000-ready-made.ts'
import { Migration20261130010000 } from './20261130010000-destinations.ts'
import { Migration20261130020000 } from './20261130020000-told.ts'
import { Migration20261130030000 } from './20261130030000-sittings.ts'
import { Migration20261130040000 } from './20261130040000-sources.ts'
import { Migration20261130050000 } from './20261130050000-writing.ts'
import { Migration20261202000000 } from './20261202000000-moving-on.ts'

/** Every migration in the order in which it is applied; never changed once released, only added to. */
export const MIGRATIONS: readonly {
  readonly name: string
  readonly class: new (...args: ConstructorParameters<typeof Migration>) => Migration
}[] = [
  { name: '20261123000000-first-tables', class: Migration20261123000000 },
  { name: '20261124000000-draft-documents', class: Migration20261124000000 },
  { name: '20261125000000-bank-and-papers', class: Migration20261125000000 },
  { name: '20261126000000-bank-counts', class: Migration20261126000000 },
  { name: '20261127000000-categories-and-shapes', class: Migration20261127000000 },
  { name: '20261128000000-teaching', class: Migration20261128000000 },
  { name: '20261129000000-who-changed', class: Migration20261129000000 },
  { name: '20261129010000-people', class: Migration20261129010000 },
  { name: '20261130000000-ready-made', class: Migration20261130000000 },
  { name: '20261130010000-destinations', class: Migration20261130010000 },
  { name: '20261130020000-told', class: Migration20261130020000 },
  { name: '20261130030000-sittings', class: Migration20261130030000 },
  { name: '20261130040000-sources', class: Migration20261130040000 },
  { name: '20261130050000-writing', class: Migration20261130050000 },
  { name: '20261202000000-moving-on', class: Migration20261202000000 },
]
