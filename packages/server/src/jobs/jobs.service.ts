import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common'
import PgBoss from 'pg-boss'
import { deliver } from '../dispatch/deliver.ts'
import { Delivery } from '../dispatch/dispatch.entities.ts'
import { safeToLog } from '../http/problem.filter.ts'
import { SETTINGS, type ServerSettings } from '../settings.ts'

const DELIVERIES = 'deliveries'

interface DeliveryJob {
  readonly deliveryId: string
}

/** Long work, kept in PostgreSQL so that a restart loses none of it and several servers can share it. */
@Injectable()
export class JobsService implements OnApplicationBootstrap, OnApplicationShutdown {
  readonly #log = new Logger('jobs')
  readonly #boss: PgBoss

  constructor(
    private readonly em: EntityManager,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {
    this.#boss = new PgBoss({ connectionString: settings.databaseUrl, schema: 'jobs', max: 3 })
    this.#boss.on('error', (error) => this.#log.error(safeToLog(error)))
  }

  async onApplicationBootstrap(): Promise<void> {
    await this.#boss.start()
    await this.#boss.createQueue(DELIVERIES)
    await this.#boss.work<DeliveryJob>(
      DELIVERIES,
      { pollingIntervalSeconds: 0.5, includeMetadata: true },
      async ([job]) => {
        if (job)
          await deliver(
            this.em.fork(),
            job.data.deliveryId,
            this.settings.sessionSecret,
            job.retryCount >= job.retryLimit,
          )
      },
    )
    await this.#requeue()
  }

  /** A delivery is stored first and queued after; one that fell between the two, or into a restart, is queued again. */
  async #requeue(): Promise<void> {
    const left = await this.em
      .fork()
      .find(Delivery, { state: { $in: ['queued', 'sending', 'proving'] } }, { fields: ['id'] })
    for (const delivery of left) await this.queueDelivery(delivery.id)
  }

  async queueDelivery(deliveryId: string): Promise<void> {
    await this.#boss.send(DELIVERIES, { deliveryId } satisfies DeliveryJob, {
      singletonKey: deliveryId,
      retryLimit: 6,
      retryDelay: 2,
      retryBackoff: true,
      // A server that was killed in the middle leaves its job to another one.
      expireInSeconds: 300,
    })
  }

  async onApplicationShutdown(): Promise<void> {
    await this.#boss.stop({ graceful: true, timeout: 3000 })
  }
}
