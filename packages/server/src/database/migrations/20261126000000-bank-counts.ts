import { Migration } from '@mikro-orm/migrations'

/** Everything that an item is counted under: its values of the fields that the bank is filtered by. */
const valuesOf = (row: string, lists: readonly (readonly [string, string])[]): string => `(
  select field, value from (values
    ('all', ''), ('kind', ${row}.kind), ('outcome', ${row}.outcome), ('level', ${row}.level),
    ('difficulty', ${row}.difficulty), ('language', ${row}.language),
    ('signedOff', case when ${row}.sign_off is not null then 'yes' else 'no' end),
    ('hasKey', case when ${row}.has_key then 'yes' else 'no' end),
    ('hasPicture', case when ${row}.has_picture then 'yes' else 'no' end),
    ('sent', case when ${row}.last_sent_at is not null then 'yes' else 'no' end),
    ('share', case when ${row}.share_right is null then 'untaken' when ${row}.share_right < 0.4 then 'hard'
                   when ${row}.share_right <= 0.8 then 'middle' else 'easy' end)
  ) fields (field, value) where value is not null
${lists.map(([field, column]) => `  union all select '${field}', one from unnest(${row}.${column}) one`).join('\n')}
)`

const keep = (from: string): string =>
  `insert into bank_count (workspace_id, field, value, change)
   select workspace_id, field, value, sum(change) from (${from}) changes group by 1, 2, 3 having sum(change) <> 0`

const LISTS = [
  ['tag', 'tags'],
  ['finding', 'findings'],
] as const

/**
 * The statement that counts what is there, and for each sort of change the one that counts it.
 *
 * @param lists fields of several values, each with its column.
 */
export function countingOf(lists: readonly (readonly [string, string])[]) {
  const counted = (rows: string, sign: 1 | -1): string =>
    `select ${rows}.workspace_id, said.field, said.value, ${sign} as change
     from ${rows} cross join lateral ${valuesOf(rows, lists)} said where ${rows}.deleted_at is null`
  return {
    first: keep(counted('bank_item', 1)),
    insert: keep(counted('new_rows', 1)),
    update: keep(`${counted('old_rows', -1)} union all ${counted('new_rows', 1)}`),
    delete: keep(counted('old_rows', -1)),
  }
}

/** The function that runs statements at a sort of change. */
export function countingFunction(what: 'insert' | 'update' | 'delete', statements: readonly string[]): string {
  return `create or replace function bank_count_${what}() returns trigger language plpgsql as
    $$ begin ${statements.join('; ')}; return null; end $$`
}

/**
 * Counts of the bank by every value that it can be narrowed by, so that the whole bank need not be read to show them.
 * Changes are added as rows and summed up when they are read; nobody waits for a row that somebody else has changed.
 */
export class Migration20261126000000 extends Migration {
  override up(): void {
    this.addSql(`create table bank_count (
      workspace_id uuid not null references workspace (id) on delete cascade,
      field text not null,
      value text not null,
      change bigint not null
    )`)
    this.addSql(`create index bank_count_workspace on bank_count (workspace_id)`)
    const counting = countingOf(LISTS)
    this.addSql(counting.first)
    for (const what of ['insert', 'update', 'delete'] as const) {
      this.addSql(countingFunction(what, [counting[what]]))
      const rows = [
        ...(what === 'insert' ? [] : ['old table as old_rows']),
        ...(what === 'delete' ? [] : ['new table as new_rows']),
      ].join(' ')
      this.addSql(
        `create trigger bank_count_${what} after ${what} on bank_item referencing ${rows} for each statement execute function bank_count_${what}()`,
      )
    }
  }

  override down(): void {
    for (const what of ['insert', 'update', 'delete']) {
      this.addSql(`drop trigger bank_count_${what} on bank_item`)
      this.addSql(`drop function bank_count_${what}()`)
    }
    this.addSql(`drop table bank_count`)
  }
}
