import { randomUUID } from 'node:crypto'
import { MikroORM } from '@mikro-orm/postgresql'
import { Workspace } from '../accounts/accounts.entities.ts'
import { prepareDatabase } from '../database/prepare.ts'
import { ormSettings } from '../database/settings.ts'
import { ENTITIES } from '../entities.ts'
import type { BankFilter } from '../bank/bank-filter.ts'
import { RecordService } from '../record/record.service.ts'
import { BankService } from '../bank/bank.service.ts'
import type { SearchItemsDto } from '../bank/dto/bank.dto.ts'

export interface BenchBank {
  /** The n-th item by its primary key. */
  readonly find: (index: number) => Promise<unknown>
  readonly search: (asked: SearchItemsDto) => Promise<unknown>
  readonly facets: (filter: BankFilter) => Promise<unknown>
  readonly close: () => Promise<void>
}

const WORDS =
  'tide buoy light chart knot ebb flood keel mast sail rope anchor channel harbour bearing compass depth wind fog gale'

/** A database of `count` generated items of one workspace, made by the database itself, with the bank's service on it. */
export async function openBank(databaseUrl: string, count: number): Promise<BenchBank> {
  await prepareDatabase(databaseUrl)
  const orm = await MikroORM.init(ormSettings(databaseUrl, ENTITIES))
  const em = orm.em.fork()
  const workspaceId = randomUUID()
  em.create(Workspace, { id: workspaceId, name: 'Bench' })
  await em.flush()
  await em.execute(
    `insert into bank_item (id, workspace_id, kind, body, plain, tags, categories, points, outcome, level, difficulty, language,
       has_key, has_picture, sign_off, share_right, revision, created_at, updated_at)
     select gen_random_uuid(), ?, kind,
       jsonb_build_object('kind', kind, 'points', 1, 'tags', jsonb_build_array(tag), 'shuffle', true, 'key', '["a"]'::jsonb,
         'options', '[{"id":"a","content":[{"type":"paragraph","content":[{"type":"text","text":"one"}]}]},{"id":"b","content":[{"type":"paragraph","content":[{"type":"text","text":"two"}]}]}]'::jsonb,
         'stem', jsonb_build_array(jsonb_build_object('type', 'paragraph', 'content', jsonb_build_array(jsonb_build_object('type', 'text', 'text', said))))),
       said, array[tag], array['Part ' || n % 12, 'Part ' || n % 12 || '/Unit ' || n % 5], 1, 'P' || n % 30, (array['remember', 'understand', 'apply'])[1 + n % 3],
       (array['easy', 'medium', 'hard'])[1 + n % 3], 'en', true, n % 9 = 0,
       case when n % 5 = 0 then null else '{"by":"x","at":"2026-01-01","remark":"","fingerprint":"x"}'::jsonb end,
       case when n % 2 = 0 then (n % 100) / 100.0 end, 1, now() - n * interval '1 second', now() - n * interval '1 second'
     from (
       select n, (array['single', 'multiple', 'single', 'single'])[1 + n % 4] as kind, 'topic ' || n % 40 as tag,
         (select string_agg(w[1 + (n * 7 + k * 13 + n / 20) % 20] || case when k % 2 = 0 then ((n + k) % 97)::text else '' end, ' ')
          from generate_series(1, 12) k) as said
       from generate_series(1, ?) n, (select string_to_array('${WORDS}', ' ') as w) words
     ) made`,
    [workspaceId, count],
  )
  // As the database itself does it from time to time.
  await em.execute('vacuum analyze bank_item')
  const ids = await em.execute<{ id: string }[]>('select id from bank_item order by id')
  const bank = (): BankService => new BankService(orm.em.fork(), new RecordService(orm.em.fork()))
  return {
    find: (index) => orm.em.fork().execute('select * from bank_item where id = ?', [ids[index % ids.length]?.id]),
    search: (asked) => bank().search(workspaceId, asked),
    facets: (filter) => bank().facets(workspaceId, filter),
    close: () => orm.close(true),
  }
}
