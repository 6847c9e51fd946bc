import { Migration } from '@mikro-orm/migrations'

/** What people say that lines of a draft are, and notations kept by name. */
export class Migration20261128000000 extends Migration {
  override up(): void {
    this.addSql(`alter table draft add column taught jsonb not null default '[]', add column notation jsonb`)
    this.addSql(`create table kept_notation (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      name text not null,
      rules jsonb not null,
      created_at timestamptz not null,
      unique (workspace_id, name)
    )`)
  }

  override down(): void {
    this.addSql(`drop table kept_notation`)
    this.addSql(`alter table draft drop column taught, drop column notation`)
  }
}
