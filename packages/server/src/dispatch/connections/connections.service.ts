import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, UnprocessableEntityException } from '@nestjs/common'
import { SERVICE_IDS, type ToldLimits } from '@zakuska/core'
import type { SignedIn } from '../../access/current-person.ts'
import { orNotFound } from '../../http/id.ts'
import { RecordService } from '../../record/record.service.ts'
import { SETTINGS, type ServerSettings } from '../../settings/settings.ts'
import { ADAPTERS, DestinationError } from '../adapters/index.ts'
import type { Account } from '../adapters/contract.ts'
import { seal } from '../../outward/sealed.ts'
import { accountOf, grantIn } from './account.ts'
import { addressOf } from '../../outward/address.ts'
import { Connection } from './connection.entity.ts'
import { askFor, grantFor, revoke, type Asking } from './consent.ts'
import type { ConnectionDto, ConnectionsDto, NewConnectionDto, RemoteChoiceDto } from './connections.dto.ts'

/** The connections of a workspace: made, tried, taken up again, given up. */
@Injectable()
export class ConnectionsService {
  constructor(
    private readonly em: EntityManager,
    private readonly record: RecordService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  async list(workspaceId: string): Promise<ConnectionsDto> {
    const connections = await this.em.find(Connection, { workspaceId }, { orderBy: { name: 'asc' } })
    return {
      connections: connections.map(toDto),
      destinations: SERVICE_IDS.map((id) => {
        const { name, connects, into, replaces, noun, setPeople } = ADAPTERS[id]
        return {
          id,
          name,
          connects,
          into: [...into],
          replaces,
          noun,
          knowsPeople: setPeople !== undefined,
          address: this.settings.destinationHints?.[id] ?? '',
        }
      }),
      allowed: [...this.settings.destinationOrigins],
    }
  }

  /** Keeps a connection by token after trying it. @throws UnprocessableEntityException with what the destination said. */
  async connect(person: SignedIn, given: NewConnectionDto): Promise<ConnectionDto> {
    const { destination, token = '' } = given
    if (ADAPTERS[destination].connects !== 'token')
      throw new UnprocessableEntityException(
        `${ADAPTERS[destination].name} is connected by its own page, not by a token.`,
      )
    if (!token) throw new UnprocessableEntityException('Give the token.')
    const url = this.#allowed(given.url)
    const { destinationTimeoutMs: timeoutMs } = this.settings
    const account = { url, timeoutMs, token: () => Promise.resolve(token) }
    const told = await ADAPTERS[destination].check(account).catch(refuse)
    return this.#keep(person, { ...given, url }, token, told)
  }

  /** Where to go to allow it; what has to be remembered until the answer goes into the session. */
  async ask(
    workspaceId: string,
    given: NewConnectionDto,
    redirect: string,
  ): Promise<{ readonly asking: Asking; readonly address: string }> {
    if (ADAPTERS[given.destination].connects !== 'consent')
      throw new UnprocessableEntityException(`${ADAPTERS[given.destination].name} is connected by a token.`)
    if (given.id) await this.find(workspaceId, given.id)
    return askFor({ url: this.#allowed(given.url), name: given.name.trim(), redirect, connectionId: given.id ?? null })
  }

  /** The answer to a consent. @returns what to say where it did not come to a connection; null: it did. */
  async answered(
    person: SignedIn,
    asking: Asking | undefined,
    answer: {
      readonly state?: string | undefined
      readonly code?: string | undefined
      readonly error?: string | undefined
    },
  ): Promise<string | null> {
    if (!asking || asking.state !== answer.state)
      return 'This answer belongs to no question of yours. Connect it once more.'
    if (answer.error === 'access_denied') return 'It was refused there, so nothing was connected.'
    const grant = answer.code ? await grantFor(asking, answer.code, this.settings.destinationTimeoutMs) : null
    if (grant === 'unheard') return 'Inlet does not answer at its address. Try it again in a moment.'
    if (!grant) return 'Inlet did not take the answer. Connect it once more.'
    const { name, url, connectionId } = asking
    const given = { destination: 'inlet' as const, name, url, ...(connectionId !== null && { id: connectionId }) }
    await this.#keep(person, given, JSON.stringify(grant))
    return null
  }

  async #keep(
    person: SignedIn,
    { destination, name, url, id }: Omit<NewConnectionDto, 'token'>,
    secret: string,
    told: ToldLimits = {},
  ): Promise<ConnectionDto> {
    const known = id ? await this.find(person.workspaceId, id) : null
    if (known && known.destination !== destination)
      throw new UnprocessableEntityException(`“${known.name}” is a connection to ${ADAPTERS[known.destination].name}.`)
    const token = seal(this.settings.sessionSecret, secret)
    const given = { name: name.trim(), url, token, ended: null, told }
    const connection = known
      ? Object.assign(known, given)
      : this.em.create(Connection, { id: randomUUID(), workspaceId: person.workspaceId, destination, ...given })
    this.record.note(person, 'connected', `connected “${connection.name}” (${ADAPTERS[destination].name})`)
    await this.em.flush()
    return toDto(connection)
  }

  /** Gives it up, there too. Deliveries that went by it stay in the log. */
  async remove(person: SignedIn, id: string): Promise<void> {
    const connection = await this.find(person.workspaceId, id)
    if (ADAPTERS[connection.destination].connects === 'consent') {
      try {
        const { sessionSecret, destinationTimeoutMs } = this.settings
        await revoke(connection.url, grantIn(connection, sessionSecret), destinationTimeoutMs)
      } catch {
        // What has ended already needs no giving up.
      }
    }
    this.em.remove(connection)
    this.record.note(person, 'connected', `gave up the connection “${connection.name}”`)
    await this.em.flush()
  }

  async places(workspaceId: string, id: string): Promise<RemoteChoiceDto[]> {
    const connection = await this.find(workspaceId, id)
    const found = await ADAPTERS[connection.destination].places(this.account(connection)).catch(refuse)
    return found.map((one) => ({ ...one, entries: [...one.entries] }))
  }

  /** Asks for its limits; where it does not answer, what it told last holds. */
  async hear(workspaceId: string, id: string): Promise<ConnectionDto> {
    const connection = await this.find(workspaceId, id)
    try {
      connection.told = await ADAPTERS[connection.destination].check(this.account(connection))
      await this.em.flush()
    } catch (error) {
      if (!(error instanceof DestinationError)) throw error
    }
    return toDto(connection)
  }

  account(connection: Connection): Account {
    return accountOf(this.em, connection, this.settings)
  }

  async find(workspaceId: string, id: string): Promise<Connection> {
    return orNotFound(await this.em.findOne(Connection, { id, workspaceId }), 'connection')
  }

  #allowed(url: string): string {
    const found = addressOf(url, this.settings.destinationOrigins)
    if ('origin' in found) return found.origin
    throw new UnprocessableEntityException(found.why)
  }
}

/** What a destination said goes on to the person. */
export function refuse(error: unknown): never {
  throw error instanceof DestinationError ? new UnprocessableEntityException(error.message) : error
}

function toDto({ id, destination, name, url, ended, told }: Connection): ConnectionDto {
  return { id, destination, name, url, ended, told: { ...told } }
}
