import { MikroORM } from '@mikro-orm/postgresql'
import { Client } from 'pg'
import { ormSettings } from './settings.ts'

/** Any number that nothing else in this database locks by. */
const LOCK = 20_261_125

/** Brings a database to the newest tables. Several servers may start at once: one migrates, the others wait for it. */
export async function prepareDatabase(databaseUrl: string): Promise<void> {
  const client = new Client({ connectionString: databaseUrl })
  await client.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [LOCK])
    const orm = await MikroORM.init(ormSettings(databaseUrl, []))
    try {
      await orm.getMigrator().up()
    } finally {
      await orm.close(true)
    }
  } finally {
    await client.end()
  }
}
