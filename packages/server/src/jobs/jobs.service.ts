import { setTimeout as sleep } from 'node:timers/promises'
import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common'
import PgBoss from 'pg-boss'
import { safeToLog } from '../http/problem.filter.ts'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { QueueConnections } from './queue-connections.ts'

/** A kind of long work, about one row that is named by its id. */
export interface Worker {
  readonly queue: string
  /**
   * `isLastTry`: what fails now is not tried again by itself. `halt` comes when this server stops: what is under way ends
   * where it stands, and is taken up by another one or at the next start.
   */
  readonly run: (id: string, isLastTry: boolean, halt: AbortSignal) => Promise<void>
  /** Rows whose work was begun and is not done. */
  readonly left: () => Promise<readonly string[]>
}

const AT_A_TIME = 4

/** How long what is under way has to end after the halt, in ms. */
const TO_END = 10_000

interface Job {
  readonly id: string
}

/** Long work, kept in PostgreSQL so that a restart loses none of it and several servers can share it. */
@Injectable()
export class JobsService implements OnApplicationBootstrap, OnApplicationShutdown {
  readonly #log = new Logger('jobs')
  readonly #connections: QueueConnections
  readonly #boss: PgBoss
  readonly #workers: Worker[] = []
  readonly #halt = new AbortController()
  readonly #running = new Set<Promise<void>>()

  constructor(@Inject(SETTINGS) settings: ServerSettings) {
    const onError = (error: Error): void => this.#log.error(safeToLog(error))
    this.#connections = new QueueConnections(settings.databaseUrl, onError)
    this.#boss = new PgBoss({ db: this.#connections, schema: 'jobs' })
    this.#boss.on('error', onError)
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
    // Several at a time, so that what waits for a site that does not answer keeps nobody else waiting.
    for (let at = 0; at < AT_A_TIME; at++)
      await this.#boss.work<Job>(queue, { pollingIntervalSeconds: 1, includeMetadata: true }, async ([job]) => {
        if (!job) return
        const running = run(job.data.id, job.retryCount >= job.retryLimit, this.#halt.signal)
        this.#running.add(running)
        await running.finally(() => this.#running.delete(running))
      })
    // A row is stored first and queued after; one that fell between the two, or into a restart, is queued again.
    for (const id of await left()) await this.queue(queue, id)
  }

  /** `at`: not before then. */
  async queue(queue: string, id: string, at?: Date): Promise<void> {
    await this.#boss.send(queue, { id } satisfies Job, {
      ...(at ? { startAfter: at } : { singletonKey: id }),
      retryLimit: 6,
      retryDelay: 2,
      retryBackoff: true,
      // A server that was killed in the middle leaves its job to another one.
      expireInSeconds: 300,
    })
  }

  async onApplicationShutdown(): Promise<void> {
    this.#halt.abort()
    // No worker takes up another job.
    for (const { queue } of this.#workers) await this.#boss.offWork(queue)
    const tooLong = new AbortController()
    await Promise.race([
      Promise.allSettled(this.#running),
      sleep(TO_END, undefined, { signal: tooLong.signal }).catch(() => undefined),
    ])
    tooLong.abort()
    // Workers that still ask for a job have not ended: the queue would look for them for ever.
    await this.#connections.idle()
    await this.#boss.stop({ graceful: true, timeout: 3000 })
    await this.#connections.close()
  }
}
