import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common'
import { safeToLog } from '../http/problem.filter.ts'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { removeWorkspace } from './remove-workspace.ts'
import { DAYS_OF_GRACE } from './workspaces.service.ts'

const HOUR_MS = 3_600_000

/** Takes away what has had its time: deleted workspaces, links that expired, tries to sign in. */
@Injectable()
export class PurgeService implements OnApplicationBootstrap, OnApplicationShutdown {
  readonly #log = new Logger('purge')
  #timer: NodeJS.Timeout | undefined

  constructor(
    private readonly em: EntityManager,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  onApplicationBootstrap(): void {
    if (this.settings.offline) return
    this.#timer = setInterval(() => void this.#tryToPurge(), HOUR_MS)
    this.#timer.unref()
  }

  async #tryToPurge(): Promise<void> {
    try {
      await this.purge()
    } catch (error) {
      this.#log.error(safeToLog(error))
    }
  }

  /** Several servers may do it at once: what is gone is gone. */
  async purge(): Promise<void> {
    const em = this.em.fork()
    const over = await em.execute<{ id: string }[]>(
      `select id from workspace where deleted_at < now() - interval '${DAYS_OF_GRACE} days'`,
    )
    for (const { id } of over) await removeWorkspace(em, id)
    await em.execute(`delete from one_time_link where expires_at < now() - interval '${DAYS_OF_GRACE} days'`)
    await em.execute(`delete from presence where seen_at < now() - interval '1 day'`)
    await em.execute(`delete from sign_in_tries where expire < extract(epoch from now()) * 1000`)
  }

  onApplicationShutdown(): void {
    clearInterval(this.#timer)
  }
}
