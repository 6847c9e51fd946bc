import { HttpException, HttpStatus, Injectable } from '@nestjs/common'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { AccountConnections } from './account-connections.ts'
import { tokenHash } from './tokens.ts'

const MINUTE_MS = 60_000

export interface TryLimit {
  /** Counts one try. @throws HttpException 429 where there were too many. */
  count(who: string): Promise<void>
  /** A try that was no guess does not count. */
  takeBack(who: string): Promise<void>
  /** Starts anew. */
  forget(who: string): Promise<void>
}

/** Counts tries in the database: for all servers, and over a restart. Who tried is kept as a hash. */
@Injectable()
export class Tries {
  constructor(private readonly connections: AccountConnections) {}

  /** @param keyPrefix tells this limit's tries from those of others. */
  limit(keyPrefix: string, points: number, seconds: number): TryLimit {
    const limiter = new RateLimiterPostgres({
      ...{ storeClient: this.connections.pool, tableName: 'sign_in_tries', tableCreated: true },
      ...{ keyPrefix, points, duration: seconds },
    })
    return {
      count: async (who) => {
        await limiter.consume(keyOf(who)).catch(refuse)
      },
      takeBack: async (who) => {
        await limiter.reward(keyOf(who))
      },
      forget: async (who) => {
        await limiter.delete(keyOf(who))
      },
    }
  }
}

function refuse(found: unknown): never {
  if (!(found instanceof RateLimiterRes)) throw found
  const minutes = Math.max(1, Math.ceil(found.msBeforeNext / MINUTE_MS))
  throw new HttpException(
    `There were too many tries. Wait ${minutes === 1 ? 'a minute' : `${minutes} minutes`}, then try again.`,
    HttpStatus.TOO_MANY_REQUESTS,
  )
}

function keyOf(who: string): string {
  return tokenHash(who).slice(0, 32)
}
