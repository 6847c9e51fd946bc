import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, type OnModuleInit } from '@nestjs/common'
import { JobsService } from '../../jobs/jobs.service.ts'
import { SETTINGS, type ServerSettings } from '../../settings/settings.ts'
import { ADAPTERS } from '../adapters/index.ts'
import { accountOf } from '../connections/account.ts'
import { Connection } from '../connections/connection.entity.ts'
import { Delivery } from './delivery.entity.ts'

const QUEUE = 'openings'
const AGAIN_MS = 10_000

/** Opens and closes what was handed out when its time has come. */
@Injectable()
export class OpeningRunner implements OnModuleInit {
  constructor(
    private readonly em: EntityManager,
    private readonly jobs: JobsService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  onModuleInit(): void {
    this.jobs.register({
      queue: QUEUE,
      run: (id) => this.bring(id),
      left: async () => {
        const soon = { $ne: null }
        const found = await this.em
          .fork()
          .find(Delivery, { $or: [{ opensAt: soon }, { closesAt: soon }] }, { fields: ['id'] })
        return found.map(({ id }) => id)
      },
    })
  }

  /** Has it brought there once more, in a while. */
  later(id: string): Promise<void> {
    return this.jobs.queue(QUEUE, id, new Date(Date.now() + AGAIN_MS))
  }

  /** Brings a delivery to where its times say that it is now, and comes back when the next of them has come. */
  async bring(id: string): Promise<void> {
    const em = this.em.fork()
    const delivery = await em.findOne(Delivery, { id })
    const connection = delivery?.connectionId ? await em.findOne(Connection, { id: delivery.connectionId }) : null
    if (!delivery?.remote || !connection) return
    const { opensAt, closesAt } = delivery
    const now = new Date()
    const isOpen = isOpenAt(now, opensAt, closesAt)
    if (isOpen !== delivery.isOpen) {
      const account = accountOf(em, connection, this.settings)
      await ADAPTERS[delivery.destination].setOpen(account, delivery.remote, isOpen)
      delivery.isOpen = isOpen
    }
    // What has come is done with.
    if (opensAt && opensAt <= now) delivery.opensAt = null
    if (closesAt && closesAt <= now) delivery.closesAt = null
    await em.flush()
    const next = [delivery.opensAt, delivery.closesAt].filter((time) => time !== null)
    for (const time of next) await this.jobs.queue(QUEUE, id, time)
  }
}

/** Whether people can take it at a time. */
export function isOpenAt(now: Date, opensAt: Date | null, closesAt: Date | null): boolean {
  return (opensAt === null || opensAt <= now) && (closesAt === null || closesAt > now)
}
