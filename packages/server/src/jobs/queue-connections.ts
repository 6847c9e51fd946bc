import pg from 'pg'

/**
 * The connections of the queue. A pool that is closed while somebody waits for a connection leaves them waiting for ever,
 * and the queue waits for its workers; so it is closed when nobody does.
 */
export class QueueConnections {
  readonly #pool: pg.Pool
  readonly #underWay = new Set<Promise<unknown>>()

  constructor(databaseUrl: string, onError: (error: Error) => void) {
    this.#pool = new pg.Pool({ connectionString: databaseUrl, application_name: 'jobs', max: 3 })
    this.#pool.on('error', onError)
  }

  /** A statement, or several without values. */
  readonly executeSql = async (text: string, values: unknown[]): Promise<pg.QueryResult> => {
    const running = this.#pool.query(text, values)
    this.#underWay.add(running)
    return running.finally(() => this.#underWay.delete(running))
  }

  /** Until no statement waits or runs, and none was begun by what the last one answered. */
  async idle(): Promise<void> {
    do {
      await Promise.allSettled(this.#underWay)
      await new Promise((resolve) => setImmediate(resolve))
    } while (this.#underWay.size > 0)
  }

  async close(): Promise<void> {
    await this.idle()
    await this.#pool.end()
  }
}
