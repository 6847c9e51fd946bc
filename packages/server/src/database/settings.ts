import { Migrator } from '@mikro-orm/migrations'
import { defineConfig, type EntityClass } from '@mikro-orm/postgresql'
import { MIGRATIONS } from './migrations/index.ts'

/** Tables that a program works with, as classes. */
export type Entities = readonly EntityClass<object>[]

/**
 * MikroORM's settings for a database address; `connect: false` leaves it alone until it is asked something. Migrations
 * are listed by name, so that no folder is searched.
 */
export function ormSettings(databaseUrl: string, entities: Entities, connect = true): ReturnType<typeof defineConfig> {
  return defineConfig({
    clientUrl: databaseUrl,
    connect,
    entities: [...entities],
    extensions: [Migrator],
    migrations: { migrationsList: [...MIGRATIONS], snapshot: false, tableName: 'migration' },
    discovery: { warnWhenNoEntities: false, disableDynamicFileAccess: true },
    forceUtcTimezone: true,
    // The migrator talks while it works; our own scripts say what matters.
    logger: () => undefined,
  })
}
