import { Migration } from '@mikro-orm/migrations'

/** Links to copy that are listed for everybody on the server, by the outcome that they teach to. */
export class Migration20261130000000 extends Migration {
  override up(): void {
    this.addSql(`alter table copy_link add column outcome text`)
  }
}
