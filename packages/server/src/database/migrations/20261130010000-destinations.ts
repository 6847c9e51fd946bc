import { Migration } from '@mikro-orm/migrations'

/** Several connections of a kind by name, deliveries to any destination, into what is there, stopped, and sent again. */
export class Migration20261130010000 extends Migration {
  override up(): void {
    this.addSql(`alter table connection drop constraint connection_workspace_id_destination_key`)
    this.addSql(`alter table connection add column name text not null default 'Breakwater', add column ended text`)
    this.addSql(`alter table connection alter column name drop default`)
    this.addSql(`create index connection_workspace on connection (workspace_id)`)
    this.addSql(`alter table delivery
      add column connection_id uuid references connection (id) on delete set null deferrable initially deferred,
      add column connection_name text not null default '',
      add column add_to text,
      add column add_at int,
      add column again uuid,
      add column plan jsonb,
      add column asked jsonb,
      add column without jsonb not null default '[]',
      add column is_stop_asked boolean not null default false,
      add column is_open boolean not null default true,
      add column opens_at timestamptz,
      add column closes_at timestamptz`)
    this.addSql(`update delivery set into_kind = 'new' where into_kind = 'quiz'`)
    this.addSql(`update delivery set remote = jsonb_build_object(
      'id', remote->'collectionId', 'address', remote->'address', 'manage', null, 'joinCode', null
    ) where remote is not null`)
    this.addSql(`update delivery set connection_name = 'Breakwater', connection_id =
      (select id from connection where connection.workspace_id = delivery.workspace_id limit 1)`)
  }
}
