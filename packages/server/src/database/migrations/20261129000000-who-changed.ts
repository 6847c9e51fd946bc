import { Migration } from '@mikro-orm/migrations'

/** Who changed a draft or a paper last. */
export class Migration20261129000000 extends Migration {
  override up(): void {
    this.addSql(`alter table draft add column updated_by text`)
    this.addSql(`alter table paper add column updated_by text`)
  }

  override down(): void {
    this.addSql(`alter table draft drop column updated_by`)
    this.addSql(`alter table paper drop column updated_by`)
  }
}
