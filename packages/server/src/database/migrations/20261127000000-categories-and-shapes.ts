import { Migration } from '@mikro-orm/migrations'
import { countingFunction, countingOf } from './20261126000000-bank-counts.ts'

const LISTS = [
  ['tag', 'tags'],
  ['finding', 'findings'],
] as const
const CHANGES = ['insert', 'update', 'delete'] as const

/** All that the bank is narrowed by, but for words and papers. */
const SHAPE =
  'workspace_id, kind, outcome, level, difficulty, language, signed_off, has_key, has_picture, sent, share, tags, findings, categories'

const shaped = (rows: string, sign: 1 | -1): string =>
  `select ${SHAPE}, ${sign} as change from ${rows} where deleted_at is null`

const keepShapes = (from: string): string =>
  `insert into bank_shape (${SHAPE}, change)
   select ${SHAPE}, sum(change) from (${from}) changes group by ${SHAPE} having sum(change) <> 0`

const SHAPES = {
  first: keepShapes(shaped('bank_item', 1)),
  insert: keepShapes(shaped('new_rows', 1)),
  update: keepShapes(`${shaped('old_rows', -1)} union all ${shaped('new_rows', 1)}`),
  delete: keepShapes(shaped('old_rows', -1)),
}

/**
 * Where items lie in the bank: the category of each with everything that it lies under, counted as tags are. And how
 * many items are alike in all that they are filtered by, so that filters of several fields are counted without them.
 */
export class Migration20261127000000 extends Migration {
  override up(): void {
    this.addSql(`alter table bank_item
      add column categories text[] not null default '{}',
      add column signed_off boolean not null generated always as (sign_off is not null) stored,
      add column sent boolean not null generated always as (last_sent_at is not null) stored,
      add column share text not null generated always as (case when share_right is null then 'untaken'
        when share_right < 0.4 then 'hard' when share_right <= 0.8 then 'middle' else 'easy' end) stored`)
    this.addSql(`create index bank_item_categories on bank_item using gin (categories)`)
    this.addSql(`drop index bank_item_unsigned`)
    this.addSql(
      `create index bank_item_unsigned on bank_item (workspace_id, updated_at desc, id) where deleted_at is null and not signed_off`,
    )
    this.addSql(`create table bank_shape (
      workspace_id uuid not null references workspace (id) on delete cascade,
      kind text not null, outcome text, level text, difficulty text, language text,
      signed_off boolean not null, has_key boolean not null, has_picture boolean not null, sent boolean not null,
      share text not null, tags text[] not null, findings text[] not null, categories text[] not null,
      change bigint not null
    )`)
    this.addSql(`create index bank_shape_workspace on bank_shape (workspace_id)`)
    this.addSql(SHAPES.first)
    const counting = countingOf([...LISTS, ['category', 'categories']])
    for (const what of CHANGES) this.addSql(countingFunction(what, [counting[what], SHAPES[what]]))
  }

  override down(): void {
    const counting = countingOf(LISTS)
    for (const what of CHANGES) this.addSql(countingFunction(what, [counting[what]]))
    this.addSql(`drop table bank_shape`)
    this.addSql(`delete from bank_count where field = 'category'`)
    this.addSql(`drop index bank_item_unsigned`)
    this.addSql(
      `alter table bank_item drop column categories, drop column signed_off, drop column sent, drop column share`,
    )
    this.addSql(
      `create index bank_item_unsigned on bank_item (workspace_id, updated_at desc, id) where deleted_at is null and sign_off is null`,
    )
  }
}
