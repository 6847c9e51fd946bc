import { Migration } from '@mikro-orm/migrations'

/** What destinations tell of their limits, who may answer there, and pictures that links lead to. */
export class Migration20261130020000 extends Migration {
  override up(): void {
    this.addSql(`alter table connection add column told jsonb not null default '{}'`)
    this.addSql(`alter table delivery add column people jsonb`)
    this.addSql(`alter table asset add column is_public boolean not null default false`)
  }
}
