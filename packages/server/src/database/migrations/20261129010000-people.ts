import { Migration } from '@mikro-orm/migrations'

/** Several workspaces per person, roles, one-time links, the record of what was done, remarks, copies by link. */
export class Migration20261129010000 extends Migration {
  override up(): void {
    this.addSql(`alter table workspace add column deleted_at timestamptz`)
    this.addSql(`create table membership (
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      person_id uuid not null references person (id) on delete cascade deferrable initially deferred,
      role text not null check (role in ('owner', 'editor', 'reviewer', 'viewer')),
      since timestamptz not null,
      primary key (workspace_id, person_id)
    )`)
    this.addSql(`create index membership_person on membership (person_id)`)
    this.addSql(`insert into membership select workspace_id, id, 'owner', now() from person`)
    this.addSql(
      `alter table person add column last_workspace_id uuid references workspace (id) on delete set null deferrable initially deferred`,
    )
    this.addSql(`update person set last_workspace_id = workspace_id`)
    // What was put in waits to be checked, and a table that is waited for cannot be altered.
    this.addSql(`set constraints all immediate`)
    this.addSql(`alter table person drop column workspace_id`)
    this.addSql(`create table one_time_link (
      id uuid primary key,
      token_hash text not null unique,
      kind text not null check (kind in ('invitation', 'password')),
      workspace_id uuid references workspace (id) on delete cascade deferrable initially deferred,
      role text,
      person_id uuid references person (id) on delete cascade deferrable initially deferred,
      note text not null,
      made_by text not null,
      expires_at timestamptz not null,
      used_at timestamptz
    )`)
    this.addSql(`create table record_entry (
      id bigint generated always as identity primary key,
      workspace_id uuid references workspace (id) on delete cascade deferrable initially deferred,
      at timestamptz not null default now(),
      by_name text not null,
      what text not null,
      says text not null
    )`)
    this.addSql(`create index record_entry_workspace on record_entry (workspace_id, id desc)`)
    // Kept as it was written: only with its workspace does it go.
    this.addSql(`create function record_stays() returns trigger language plpgsql as $$
      begin
        if tg_op = 'DELETE' and not exists (select from workspace where id = old.workspace_id) then return old; end if;
        if tg_op = 'DELETE' and current_setting('zakuska.purging', true) = 'on' then return old; end if;
        raise exception 'The record is kept as it was written.';
      end $$`)
    this.addSql(
      `create trigger record_stays before update or delete on record_entry for each row execute function record_stays()`,
    )
    this.addSql(`create table remark (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) on delete cascade deferrable initially deferred,
      item_id uuid not null references bank_item (id) on delete cascade deferrable initially deferred,
      says text not null,
      by_name text not null,
      at timestamptz not null,
      settled_by text,
      settled_at timestamptz
    )`)
    this.addSql(`create index remark_item on remark (item_id, at)`)
    this.addSql(`create index remark_open on remark (workspace_id, at desc) where settled_at is null`)
    this.addSql(`create table copy_link (
      id uuid primary key,
      token_hash text not null unique,
      workspace_id uuid not null references workspace (id) on delete cascade deferrable initially deferred,
      kind text not null check (kind in ('items', 'paper', 'draft')),
      title text not null,
      ids jsonb not null,
      made_by text not null,
      made_at timestamptz not null,
      expires_at timestamptz,
      taken_back_at timestamptz,
      copies int not null default 0
    )`)
    this.addSql(`create unlogged table presence (
      workspace_id uuid not null,
      place text not null,
      person_id uuid not null,
      name text not null,
      seen_at timestamptz not null,
      primary key (place, person_id, workspace_id)
    )`)
    // The table of rate-limiter-flexible, with its column names.
    this.addSql(
      `create table sign_in_tries (key varchar(255) primary key, points integer not null default 0, expire bigint)`,
    )
    this.addSql(`create index session_person on session ((sess ->> 'personId'))`)
  }

  override down(): void {
    this.addSql(`drop index session_person`)
    this.addSql(
      `alter table person add column workspace_id uuid references workspace (id) deferrable initially deferred`,
    )
    this.addSql(
      `update person set workspace_id = (select workspace_id from membership where person_id = person.id order by since limit 1)`,
    )
    this.addSql(`alter table person drop column last_workspace_id`)
    for (const table of [
      'sign_in_tries',
      'presence',
      'copy_link',
      'remark',
      'record_entry',
      'one_time_link',
      'membership',
    ])
      this.addSql(`drop table ${table}`)
    this.addSql(`drop function record_stays`)
    this.addSql(`alter table workspace drop column deleted_at`)
  }
}
