import { Inject, Injectable } from '@nestjs/common'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { Tries, type TryLimit } from './tries.ts'

const MINUTE_S = 60
/** Tries of one account: more than anybody mistypes, and far too few to guess. */
const OF_ACCOUNT = { points: 20, seconds: 15 * MINUTE_S }

/** Counts sign-ins per address and per account. */
@Injectable()
export class SignInLimits {
  readonly #ofAddress: TryLimit
  readonly #ofAccount: TryLimit

  constructor(tries: Tries, @Inject(SETTINGS) settings: ServerSettings) {
    this.#ofAddress = tries.limit('address', settings.signInsPerMinute, MINUTE_S)
    this.#ofAccount = tries.limit('account', OF_ACCOUNT.points, OF_ACCOUNT.seconds)
  }

  /** @throws HttpException 429 where there were too many. */
  async count(address: string, email: string): Promise<void> {
    await this.#ofAddress.count(address)
    await this.#ofAccount.count(plain(email))
  }

  /** After a sign-in the account starts anew. */
  async forget(email: string): Promise<void> {
    await this.#ofAccount.forget(plain(email))
  }
}

function plain(email: string): string {
  return email.trim().toLowerCase()
}
