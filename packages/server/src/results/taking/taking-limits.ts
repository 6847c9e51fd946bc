import { Injectable } from '@nestjs/common'
import { Tries, type TryLimit } from '../../accounts/tries.ts'

const MINUTE_S = 60

/** What nobody does who takes a paper, and what a class behind one address does with ease. */
const WRONG_OWN_CODES = { ofName: 10, ofNameAnywhere: 60, ofAddress: 60, seconds: 15 * MINUTE_S }
const UNKNOWN_SITTINGS = { ofAddress: 40, seconds: 10 * MINUTE_S }
const BEGUN = { ofAddress: 150, seconds: 10 * MINUTE_S }

/** Holds off who guesses codes, and who begins without end. */
@Injectable()
export class TakingLimits {
  readonly #ofName: TryLimit
  readonly #ofNameAnywhere: TryLimit
  readonly #ofAddress: TryLimit
  readonly #unknown: TryLimit
  readonly #begun: TryLimit

  constructor(tries: Tries) {
    const { seconds } = WRONG_OWN_CODES
    this.#ofName = tries.limit('take-name', WRONG_OWN_CODES.ofName, seconds)
    this.#ofNameAnywhere = tries.limit('take-name-anywhere', WRONG_OWN_CODES.ofNameAnywhere, seconds)
    this.#ofAddress = tries.limit('take-address', WRONG_OWN_CODES.ofAddress, seconds)
    this.#unknown = tries.limit('take-unknown', UNKNOWN_SITTINGS.ofAddress, UNKNOWN_SITTINGS.seconds)
    this.#begun = tries.limit('take-begun', BEGUN.ofAddress, BEGUN.seconds)
  }

  /**
   * Counts a try before it is looked at, so that many at once count as many, and takes it back where it was right.
   *
   * @throws HttpException 429 where there were too many wrong ones for this name, or from this address.
   */
  async guarded<T>(sittingId: string, name: string, address: string, attempt: () => T): Promise<T> {
    const [here, named] = [`${sittingId} ${address}`, `${sittingId} ${name}`]
    await this.#ofName.count(`${named} ${address}`)
    await this.#ofNameAnywhere.count(named)
    await this.#ofAddress.count(here)
    const done = attempt()
    await this.#ofName.forget(`${named} ${address}`)
    await this.#ofNameAnywhere.takeBack(named)
    await this.#ofAddress.takeBack(here)
    return done
  }

  /** @throws HttpException 429 where this address guesses at codes. */
  async countUnknown(address: string): Promise<void> {
    await this.#unknown.count(address)
  }

  /** @throws HttpException 429 where more begin from this address than a year group does. */
  async countBegun(sittingId: string, address: string): Promise<void> {
    await this.#begun.count(`${sittingId} ${address}`)
  }
}
