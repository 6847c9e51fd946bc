import { Migration } from '@mikro-orm/migrations'

/** Sittings of papers with their attempts, from destinations, from our own pages and from files; how items went in all of them. */
export class Migration20261130030000 extends Migration {
  override up(): void {
    this.addSql(`create table sitting (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      paper_id uuid,
      delivery_id uuid unique references delivery (id) on delete set null deferrable initially deferred,
      title text not null,
      source text not null,
      items jsonb not null,
      settings jsonb not null,
      taking jsonb,
      code text unique,
      version int not null default 1,
      fetched_at timestamptz,
      created_by text not null,
      created_at timestamptz not null,
      deleted_at timestamptz
    )`)
    this.addSql(`create index sitting_workspace on sitting (workspace_id, created_at)`)
    this.addSql(`create table attempt (
      id uuid primary key,
      sitting_id uuid not null references sitting (id) on delete cascade deferrable initially deferred,
      external_id text,
      number bigint generated always as identity,
      student text not null,
      person text,
      fields jsonb not null default '{}',
      responses jsonb not null default '[]',
      given jsonb not null default '{}',
      remarks jsonb not null default '{}',
      history jsonb not null default '[]',
      is_handed_in boolean not null default true,
      started_at timestamptz,
      submitted_at timestamptz,
      deadline timestamptz,
      seed int not null default 0,
      token_hash text unique,
      device text,
      answers jsonb not null default '{}',
      practised jsonb not null default '{}',
      unique (sitting_id, external_id)
    )`)
    this.addSql(`create index attempt_order on attempt (sitting_id, number)`)
    this.addSql(`create table regrading (
      id uuid primary key,
      sitting_id uuid not null references sitting (id) on delete cascade deferrable initially deferred,
      at timestamptz not null,
      by_name text not null,
      why text not null,
      items jsonb not null,
      changes jsonb not null
    )`)
    this.addSql(`create index regrading_sitting on regrading (sitting_id, at)`)
    this.addSql(`create table roster (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      name text not null,
      people jsonb not null,
      unique (workspace_id, name)
    )`)
    this.addSql(`create table item_record (
      sitting_id uuid not null references sitting (id) on delete cascade deferrable initially deferred,
      item_id uuid not null,
      people int not null,
      difficulty double precision not null,
      discrimination double precision,
      primary key (sitting_id, item_id)
    )`)
    this.addSql(`create index item_record_item on item_record (item_id)`)
    this.addSql(`alter table bank_item
      add column discrimination double precision,
      add column taken_by int not null default 0`)
    this.addSql(`create index bank_item_discrimination on bank_item (workspace_id, discrimination)
      where discrimination is not null`)
    this.addSql(`insert into sitting
        (id, workspace_id, paper_id, delivery_id, title, source, items, settings, fetched_at, created_by, created_at)
      select gen_random_uuid(), d.workspace_id, d.paper_id, d.id, d.title, 'delivery',
        (select coalesce(jsonb_agg(jsonb_build_object('itemId', i -> 'itemId', 'revision', i -> 'revision', 'body', i -> 'body') order by place), '[]')
          from jsonb_array_elements(d.items) with ordinality as sent (i, place) where i ->> 'remoteId' is not null),
        '{"which": "last", "threshold": 0.5, "leftOut": []}', d.fetched_at, d.sent_by, d.created_at
      from delivery d where d.responses is not null`)
    this.addSql(`insert into attempt (id, sitting_id, student, person, responses)
      select gen_random_uuid(), s.id, one ->> 'student', lower(one ->> 'student'), one -> 'responses'
      from delivery d join sitting s on s.delivery_id = d.id,
        jsonb_array_elements(d.responses) with ordinality as taken (one, place)
      where d.responses is not null order by s.created_at, place`)
    this.addSql(`alter table delivery drop column responses, drop column fetched_at`)
  }
}
