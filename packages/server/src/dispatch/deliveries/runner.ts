import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, type OnModuleInit } from '@nestjs/common'
import { JobsService } from '../../jobs/jobs.service.ts'
import { SETTINGS, type ServerSettings } from '../../settings/settings.ts'
import { deliver } from './deliver.ts'
import { Delivery } from './delivery.entity.ts'

const QUEUE = 'deliveries'

/** Carries deliveries out, one after the other, on any of the servers. */
@Injectable()
export class DeliveryRunner implements OnModuleInit {
  constructor(
    private readonly em: EntityManager,
    private readonly jobs: JobsService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  onModuleInit(): void {
    this.jobs.register({
      queue: QUEUE,
      run: (id, isLastTry, halt) => deliver(this.em.fork(), id, this.settings, isLastTry, halt),
      left: async () => {
        const states = { $in: ['queued', 'sending', 'proving'] as const }
        const found = await this.em.fork().find(Delivery, { state: states }, { fields: ['id'] })
        return found.map(({ id }) => id)
      },
    })
  }

  queue(delivery: Delivery): Promise<void> {
    return this.jobs.queue(QUEUE, delivery.id)
  }
}
