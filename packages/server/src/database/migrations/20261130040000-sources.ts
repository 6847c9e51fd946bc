import { Migration } from '@mikro-orm/migrations'

/** Drafts keep the text that they were drafted from. */
export class Migration20261130040000 extends Migration {
  override up(): void {
    this.addSql(`alter table draft add column source text`)
  }
}
