import { spawnSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { startBreakwater } from '@zakuska/standins/breakwater'
import pg from 'pg'
import { seedDemo } from './demo/seed.ts'

const SCRIPT = join(__dirname, '../../../scripts/backup.mjs')
const name = `backup_${randomUUID().slice(0, 8)}`
const url = new URL(process.env['TEST_DATABASE_URL'] ?? 'postgresql://none')

async function onAdmin(statement: string): Promise<void> {
  const admin = new pg.Client({ connectionString: process.env['TEST_DATABASE_URL'] })
  await admin.connect()
  await admin.query(statement)
  await admin.end()
}

beforeAll(async () => {
  await onAdmin(`create database ${name}`)
  url.pathname = `/${name}`
})
afterAll(() => onAdmin(`drop database ${name} with (force)`))

/** Of each table how many rows it has, and a hash over them. */
async function contents(client: pg.Client): Promise<Record<string, string>> {
  const { rows: tables } = await client.query<{ tablename: string }>(
    `select tablename from pg_tables where schemaname = 'public' order by tablename`,
  )
  const found: Record<string, string> = {}
  for (const { tablename } of tables) {
    const { rows } = await client.query<{ says: string }>(
      `select count(*) || ' ' || coalesce(md5(string_agg(t::text, '' order by t::text)), '') as says from "${tablename}" t`,
    )
    found[tablename] = rows[0]?.says ?? ''
  }
  return found
}

function run(...args: string[]): { status: number | null; said: string } {
  const done = spawnSync(process.execPath, [SCRIPT, ...args], {
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: url.href },
  })
  return { status: done.status, said: done.stdout + done.stderr }
}

test('the whole demo is backed up in one file, and is there again after it was lost', async () => {
  const site = await startBreakwater({ port: 0, file: null, token: 'token' })
  const secret = 'a secret of more than thirty-two letters'
  const settings = {
    ...{ breakwaterUrl: site.url, breakwaterToken: 'token', foghornUrl: site.url, foghornToken: 'token' },
    ...{ skerryUrl: site.url, skerryToken: 'token' },
    ...{ secret, reset: false, say: () => undefined },
  }
  await seedDemo({ databaseUrl: url.href, ...settings })
  await site.close()
  const folder = mkdtempSync(join(tmpdir(), 'zakuska-backup-'))
  const file = join(folder, 'all.dump')
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  const before = await contents(client)
  expect(Object.keys(before).length).toBeGreaterThan(15)

  expect(run(file)).toMatchObject({ status: 0 })
  expect(readFileSync(file).subarray(0, 5).toString()).toBe('PGDMP')
  expect(statSync(file).mode & 0o077).toBe(0)

  await client.query('delete from item_revision')
  await client.query(`update draft set text = 'lost'`)
  expect(await contents(client)).not.toEqual(before)
  expect(run('--restore', SCRIPT)).toMatchObject({ said: expect.stringContaining('is no backup') as string })
  expect(run('--restore', file)).toMatchObject({ status: 0 })
  expect(await contents(client)).toEqual(before)
  await client.end()
  rmSync(folder, { recursive: true })
}, 120_000)
