import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common'
import pg from 'pg'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'

/** The connections of packages that speak SQL by themselves: sessions, and the count of tries. They end with the server. */
@Injectable()
export class AccountConnections implements OnApplicationShutdown {
  readonly pool: pg.Pool

  constructor(@Inject(SETTINGS) settings: ServerSettings) {
    this.pool = new pg.Pool({ connectionString: settings.databaseUrl, max: 6 })
    // The database may be away for a while; who asks then is told so.
    this.pool.on('error', () => undefined)
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.end()
  }
}
