import { Migration } from '@mikro-orm/migrations'

/** Writing services, who may use them, what was asked and came, requests by name. */
export class Migration20261130050000 extends Migration {
  override up(): void {
    this.addSql(`create table writing_service (
      workspace_id uuid primary key references workspace (id) deferrable initially deferred,
      provider text not null,
      name text not null,
      url text not null,
      model text not null,
      secret text not null,
      words int not null,
      units int not null,
      price double precision not null,
      currency text not null,
      cap int not null
    )`)
    this.addSql(`create table writing_allowance (
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      person_id uuid not null,
      is_allowed boolean not null,
      cap int,
      primary key (workspace_id, person_id)
    )`)
    this.addSql(`create table writing_reply (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      person_id uuid not null,
      by_name text not null,
      at timestamptz not null,
      draft_id uuid,
      purpose text not null,
      what text not null,
      sent_to text not null,
      request text not null,
      text text not null,
      state text not null,
      why text,
      units_asked int not null,
      units_written int not null,
      cost double precision not null,
      currency text not null,
      touched_at timestamptz not null,
      is_taken boolean not null
    )`)
    this.addSql(`create index writing_reply_person on writing_reply (workspace_id, person_id, at)`)
    this.addSql(`create index writing_reply_draft on writing_reply (draft_id) where draft_id is not null`)
    this.addSql(`create table kept_request (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      name text not null,
      request jsonb not null,
      unique (workspace_id, name)
    )`)
  }
}
