import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common'
import PgBoss from 'pg-boss'
import { safeToLog } from '../http/problem.filter.ts'
import { SETTINGS, type ServerSettings } from '../settings.ts'

/** A kind of long work, about one row that is named by its id. */
export interface Worker {
  readonly queue: string
  /** `isLastTry`: what fails now is not tried again by itself. */
  readonly run: (id: string, isLastTry: boolean) => Promise<void>
  /** Rows whose work was begun and is not done. */
  readonly left: () => Promise<readonly string[]>
}

interface Job {
  readonly id: string
}

/** Long work, kept in PostgreSQL so that a restart loses none of it and several servers can share it. */
@Injectable()
export class JobsService implements OnApplicationBootstrap, OnApplicationShutdown {
  readonly #log = new Logger('jobs')
  readonly #boss: PgBoss
  readonly #workers: Worker[] = []

  constructor(@Inject(SETTINGS) settings: ServerSettings) {
    this.#boss = new PgBoss({ connectionString: settings.databaseUrl, schema: 'jobs', max: 3 })
    this.#boss.on('error', (error) => this.#log.error(safeToLog(error)))
  }

  /** To be called while modules start. */
  register(worker: Worker): void {
    this.#workers.push(worker)
  }

  async onApplicationBootstrap(): Promise<void> {
    await this.#boss.start()
    for (const worker of this.#workers) await this.#begin(worker)
  }

  async #begin({ queue, run, left }: Worker): Promise<void> {
    await this.#boss.createQueue(queue)
    await this.#boss.work<Job>(queue, { pollingIntervalSeconds: 0.5, includeMetadata: true }, async ([job]) => {
      if (job) await run(job.data.id, job.retryCount >= job.retryLimit)
    })
    // A row is stored first and queued after; one that fell between the two, or into a restart, is queued again.
    for (const id of await left()) await this.queue(queue, id)
  }

  async queue(queue: string, id: string): Promise<void> {
    await this.#boss.send(queue, { id } satisfies Job, {
      singletonKey: id,
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
