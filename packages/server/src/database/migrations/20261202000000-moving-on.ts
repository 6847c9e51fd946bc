import { Migration } from '@mikro-orm/migrations'

/** A teacher lets somebody go on on another device. */
export class Migration20261202000000 extends Migration {
  override up(): void {
    this.addSql('alter table attempt add column may_move boolean not null default false')
  }

  override down(): void {
    this.addSql('alter table attempt drop column may_move')
  }
}
