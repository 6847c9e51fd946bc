import { MikroORM } from '@mikro-orm/postgresql'
import { ormSettings } from './settings.ts'

/** Brings the database to the newest migration. */
export async function prepareDatabase(databaseUrl: string): Promise<void> {
  const orm = await MikroORM.init(ormSettings(databaseUrl))
  try {
    await orm.getMigrator().up()
  } finally {
    await orm.close(true)
  }
}
