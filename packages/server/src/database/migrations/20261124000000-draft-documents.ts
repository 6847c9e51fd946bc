import { Migration } from '@mikro-orm/migrations'

/** The dress of a draft's text, its key beside it, column layouts kept by name, and pictures. */
export class Migration20261124000000 extends Migration {
  override up(): void {
    this.addSql(`alter table draft add column styles jsonb not null default '[]', add column key_text text`)
    this.addSql(`create table column_layout (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      name text not null,
      layout jsonb not null,
      created_at timestamptz not null,
      unique (workspace_id, name)
    )`)
    this.addSql(`create table asset (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      type text not null,
      bytes bytea not null,
      created_at timestamptz not null
    )`)
  }

  override down(): void {
    this.addSql(`drop table asset`)
    this.addSql(`drop table column_layout`)
    this.addSql(`alter table draft drop column styles, drop column key_text`)
  }
}
