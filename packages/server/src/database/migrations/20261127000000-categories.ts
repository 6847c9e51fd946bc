import { Migration } from '@mikro-orm/migrations'
import { countingOf } from './20261126000000-bank-counts.ts'

const LISTS = [
  ['tag', 'tags'],
  ['finding', 'findings'],
] as const
const CHANGES = ['insert', 'update', 'delete'] as const

/** Where items lie in the bank: the category of each with everything that it lies under, counted as tags are. */
export class Migration20261127000000 extends Migration {
  override up(): void {
    this.addSql(`alter table bank_item add column categories text[] not null default '{}'`)
    this.#count([...LISTS, ['category', 'categories']])
  }

  override down(): void {
    this.#count(LISTS)
    this.addSql(`delete from bank_count where field = 'category'`)
    this.addSql(`alter table bank_item drop column categories`)
  }

  #count(lists: readonly (readonly [string, string])[]): void {
    const counting = countingOf(lists)
    for (const what of CHANGES)
      this.addSql(
        `create or replace function bank_count_${what}() returns trigger language plpgsql as ${counting[what]}`,
      )
  }
}
