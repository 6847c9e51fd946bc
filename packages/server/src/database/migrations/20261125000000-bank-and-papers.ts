import { Migration } from '@mikro-orm/migrations'

const TEXT_CONFIGS = {
  da: 'danish',
  de: 'german',
  en: 'english',
  es: 'spanish',
  fr: 'french',
  it: 'italian',
  nl: 'dutch',
  nb: 'norwegian',
  no: 'norwegian',
  pt: 'portuguese',
  ru: 'russian',
  sv: 'swedish',
  tr: 'turkish',
}

/** Words as they stand, and their stems in the item's language; English where it says none. */
function searchVector(): string {
  const cases = Object.entries(TEXT_CONFIGS)
    .map(([code, config]) => `when '${code}' then to_tsvector('${config}', plain)`)
    .join(' ')
  return `to_tsvector('simple', plain) || case split_part(lower(coalesce(language, 'en')), '-', 1) ${cases} else to_tsvector('simple', plain) end`
}

/** What the bank filters by, as columns; saved filters, changes of many items, outcomes; sections, rules and versions of papers. */
export class Migration20261125000000 extends Migration {
  override up(): void {
    this.addSql(`create extension if not exists pg_trgm`)
    this.addSql(`alter table workspace add column settings jsonb not null default '{}'`)
    this.addSql(`alter table bank_item
      add column points double precision not null default 0,
      add column outcome text,
      add column level text,
      add column difficulty text,
      add column language text,
      add column has_key boolean not null default false,
      add column has_picture boolean not null default false,
      add column findings text[] not null default '{}',
      add column waived jsonb not null default '[]',
      add column last_sent_at timestamptz,
      add column share_right double precision,
      add column variant_of uuid references bank_item (id) deferrable initially deferred,
      add column variant_base text`)
    this.addSql(`update bank_item set
      points = coalesce((body ->> 'points')::double precision, 0),
      outcome = body ->> 'outcome',
      level = body ->> 'level',
      difficulty = body ->> 'difficulty',
      language = body ->> 'language',
      has_picture = jsonb_path_exists(body, '$.** ? (@.type == "picture")'),
      has_key = case
        when kind in ('scale', 'essay', 'note') then true
        when kind = 'cloze' then not jsonb_path_exists(body, '$.gaps[*] ? (@.key.size() == 0)')
        else jsonb_array_length(body -> 'key') > 0
      end`)
    this.addSql(`alter table bank_item drop column search`)
    this.addSql(`alter table bank_item add column search tsvector generated always as (${searchVector()}) stored`)
    this.addSql(`create index bank_item_search on bank_item using gin (search)`)
    this.addSql(`create index bank_item_plain on bank_item using gin (plain gin_trgm_ops)`)
    this.addSql(
      `create index bank_item_kind on bank_item (workspace_id, kind, updated_at desc, id) where deleted_at is null`,
    )
    this.addSql(
      `create index bank_item_unsigned on bank_item (workspace_id, updated_at desc, id) where deleted_at is null and sign_off is null`,
    )
    this.addSql(`create index bank_item_counted on bank_item (workspace_id) where deleted_at is null`)
    this.addSql(`create index bank_item_variants on bank_item (variant_of) where variant_of is not null`)
    this.addSql(`create table saved_filter (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      name text not null,
      filter jsonb not null,
      unique (workspace_id, name)
    )`)
    this.addSql(`create table bulk_change (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      says text not null,
      by_name text not null,
      at timestamptz not null,
      before jsonb not null,
      undone_at timestamptz
    )`)
    this.addSql(`create table outcome (
      id uuid primary key,
      workspace_id uuid not null references workspace (id) deferrable initially deferred,
      parent_id uuid references outcome (id) deferrable initially deferred,
      source_id text,
      code text not null,
      statement text not null,
      place int not null
    )`)
    this.addSql(`create index outcome_workspace on outcome (workspace_id, place)`)
    this.addSql(`alter table paper
      add column sections jsonb not null default '[]',
      add column identity jsonb not null default '["Name", "Class"]',
      add column time_limit int,
      add column attempts int,
      add column feedback_when text not null default 'after',
      add column rules jsonb not null default '[]',
      add column version_of uuid references paper (id) deferrable initially deferred,
      add column label text,
      add column seed int`)
  }

  override down(): void {
    this
      .addSql(`alter table paper drop column sections, drop column identity, drop column time_limit, drop column attempts,
      drop column feedback_when, drop column rules, drop column version_of, drop column label, drop column seed`)
    for (const table of ['outcome', 'bulk_change', 'saved_filter']) this.addSql(`drop table ${table}`)
    this.addSql(`alter table bank_item drop column search`)
    this.addSql(
      `alter table bank_item add column search tsvector generated always as (to_tsvector('simple', plain)) stored`,
    )
    this.addSql(`create index bank_item_search on bank_item using gin (search)`)
    this.addSql(`drop index bank_item_plain`)
    this.addSql(`drop index bank_item_counted`)
    this.addSql(`drop index bank_item_kind`)
    this.addSql(`drop index bank_item_unsigned`)
    this
      .addSql(`alter table bank_item drop column points, drop column outcome, drop column level, drop column difficulty,
      drop column language, drop column has_key, drop column has_picture, drop column findings, drop column waived,
      drop column last_sent_at, drop column share_right, drop column variant_of, drop column variant_base`)
    this.addSql(`alter table workspace drop column settings`)
  }
}
