import { HttpException, HttpStatus, Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common'
import pg from 'pg'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { tokenHash } from './tokens.ts'

const MINUTE_S = 60
/** Tries of one account: more than anybody mistypes, and far too few to guess. */
const OF_ACCOUNT = { points: 20, duration: 15 * MINUTE_S }

/** Counts sign-ins per address and per account, in the database: for all servers, and over a restart. */
@Injectable()
export class SignInLimits implements OnApplicationShutdown {
  readonly #pool: pg.Pool
  readonly #ofAddress: RateLimiterPostgres
  readonly #ofAccount: RateLimiterPostgres

  constructor(@Inject(SETTINGS) settings: ServerSettings) {
    this.#pool = new pg.Pool({ connectionString: settings.databaseUrl, max: 2 })
    this.#pool.on('error', () => undefined)
    const table = { storeClient: this.#pool, tableName: 'sign_in_tries', tableCreated: true }
    this.#ofAddress = new RateLimiterPostgres({
      ...table,
      keyPrefix: 'address',
      points: settings.signInsPerMinute,
      duration: MINUTE_S,
    })
    this.#ofAccount = new RateLimiterPostgres({ ...table, keyPrefix: 'account', ...OF_ACCOUNT })
  }

  /** @throws HttpException 429 where there were too many. */
  async count(address: string, email: string): Promise<void> {
    try {
      await this.#ofAddress.consume(address)
      await this.#ofAccount.consume(keyOf(email))
    } catch (found) {
      if (!(found instanceof RateLimiterRes)) throw found
      const minutes = Math.max(1, Math.ceil(found.msBeforeNext / (MINUTE_S * 1000)))
      throw new HttpException(
        `There were too many tries. Wait ${minutes === 1 ? 'a minute' : `${minutes} minutes`}, then try again.`,
        HttpStatus.TOO_MANY_REQUESTS,
      )
    }
  }

  /** After a sign-in the account starts anew. */
  async forget(email: string): Promise<void> {
    await this.#ofAccount.delete(keyOf(email))
  }

  async onApplicationShutdown(): Promise<void> {
    await this.#pool.end()
  }
}

/** Addresses are not kept beside their tries. */
function keyOf(email: string): string {
  return tokenHash(email.trim().toLowerCase()).slice(0, 32)
}
