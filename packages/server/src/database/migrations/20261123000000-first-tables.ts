import { Migration } from '@mikro-orm/migrations'

// References are checked at the end of a transaction, so that rows can be stored in any order.
export class Migration20261123000000 extends Migration {
  override up(): void {
    this.addSql(`create table workspace (id uuid primary key, name text not null)`)
    this.addSql(`create table person (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      name text not null,
      email text not null unique,
      password_hash text not null
    )`)
    // connect-pg-simple's own table, with its column names.
    this.addSql(`create table session (sid varchar primary key, sess json not null, expire timestamptz not null)`)
    this.addSql(`create index session_expire on session (expire)`)
    this.addSql(`create table draft (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      title text not null,
      text text not null,
      followed jsonb not null,
      item_count int not null,
      signed_count int not null,
      trouble_count int not null,
      version int not null,
      created_at timestamptz not null,
      updated_at timestamptz not null,
      deleted_at timestamptz
    )`)
    this.addSql(`create index draft_workspace on draft (workspace_id, updated_at desc) where deleted_at is null`)
    this.addSql(`create table bank_item (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      kind text not null,
      body jsonb not null,
      plain text not null,
      tags text[] not null,
      sign_off jsonb,
      came_from jsonb,
      revision int not null,
      created_at timestamptz not null,
      updated_at timestamptz not null,
      deleted_at timestamptz,
      search tsvector generated always as (to_tsvector('simple', plain)) stored
    )`)
    this.addSql(`create index bank_item_search on bank_item using gin (search)`)
    this.addSql(
      `create index bank_item_workspace on bank_item (workspace_id, updated_at desc, id) where deleted_at is null`,
    )
    this.addSql(`create index bank_item_tags on bank_item using gin (tags)`)
    this.addSql(`create table item_revision (
      id uuid primary key,
      item_id uuid not null references bank_item (id) deferrable initially deferred,
      number int not null,
      body jsonb not null,
      says text not null,
      by_name text not null,
      at timestamptz not null,
      unique (item_id, number)
    )`)
    this.addSql(`create table paper (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      title text not null,
      instructions text not null,
      entries jsonb not null,
      shuffle_items boolean not null,
      shuffle_options boolean not null,
      version int not null,
      created_at timestamptz not null,
      updated_at timestamptz not null,
      deleted_at timestamptz
    )`)
    this.addSql(`create index paper_workspace on paper (workspace_id, updated_at desc) where deleted_at is null`)
    this.addSql(`create table connection (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      destination text not null,
      url text not null,
      token text not null,
      unique (workspace_id, destination)
    )`)
    this.addSql(`create table delivery (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      paper_id uuid not null references paper (id) deferrable initially deferred,
      title text not null,
      destination text not null,
      into_kind text not null,
      state text not null,
      done int not null,
      total int not null,
      why text,
      items jsonb not null,
      remote jsonb,
      proof jsonb,
      proven_at timestamptz,
      responses jsonb,
      fetched_at timestamptz,
      sent_by text not null,
      created_at timestamptz not null
    )`)
    this.addSql(`create index delivery_workspace on delivery (workspace_id, created_at desc)`)
  }

  override down(): void {
    for (const table of [
      'delivery',
      'connection',
      'paper',
      'item_revision',
      'bank_item',
      'draft',
      'session',
      'person',
      'workspace',
    ])
      this.addSql(`drop table ${table}`)
  }
}
