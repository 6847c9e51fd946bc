import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, UnprocessableEntityException } from '@nestjs/common'
import { Membership, Person } from '../accounts/accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import { orNotFound } from '../http/id.ts'
import { addressOf } from '../outward/address.ts'
import { seal, unseal } from '../outward/sealed.ts'
import { RecordService } from '../record/record.service.ts'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { allowanceOf, isNear, usedBy, whyNotAsk } from './allowances.ts'
import type {
  AllowanceDto,
  SetAllowanceDto,
  SetWritingServiceDto,
  WritingDto,
  WritingServiceDto,
} from './dto/service.dto.ts'
import { WRITING_PROVIDERS, WritingError, type WritingAccount } from './providers/index.ts'
import { WritingAllowance, WritingService } from './writing.entities.ts'

/** The writing service of a workspace, and who may use it. */
@Injectable()
export class WritingServiceService {
  constructor(
    private readonly em: EntityManager,
    private readonly record: RecordService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  async forPerson(person: SignedIn): Promise<WritingDto> {
    const service = await this.find(person.workspaceId)
    const allowed = [...(this.settings.writingOrigins ?? [])]
    const pages = [...(this.settings.pageOrigins ?? [])]
    if (!service)
      return {
        service: null,
        whyNot: 'No writing service is set up here.',
        used: 0,
        cap: 0,
        isNear: false,
        allowed,
        pages,
      }
    const allowance = await allowanceOf(this.em, service, person)
    const { used, cap } = allowance
    return {
      service: toDto(service),
      whyNot: whyNotAsk(allowance),
      used,
      cap,
      isNear: isNear(allowance),
      allowed,
      pages,
    }
  }

  find(workspaceId: string): Promise<WritingService | null> {
    return this.em.findOne(WritingService, { workspaceId })
  }

  /** How it is reached. @throws UnprocessableEntityException where its key cannot be read any more. */
  accountOf(service: WritingService): WritingAccount {
    const key = unseal(this.settings.sessionSecret, service.secret)
    if (key === null)
      throw new UnprocessableEntityException(
        'The key of the writing service was sealed by another server. Set it once more.',
      )
    return { url: service.url, key, model: service.model, timeoutMs: this.settings.destinationTimeoutMs }
  }

  /** Keeps a service after trying it. @throws UnprocessableEntityException with what it said. */
  async set(person: SignedIn, given: SetWritingServiceDto): Promise<WritingDto> {
    const { workspaceId } = person
    const known = await this.find(workspaceId)
    const url = this.#allowed(given.url)
    const keptKey = known && known.url === url ? unseal(this.settings.sessionSecret, known.secret) : ''
    // A key goes to the address that it was given for, and to no other.
    const key = given.key ?? keptKey ?? ''
    if (given.provider === 'chat' && !given.model.trim())
      throw new UnprocessableEntityException('Name the model that is to write.')
    const account = { url, key, model: given.model.trim(), timeoutMs: this.settings.destinationTimeoutMs }
    const told = await WRITING_PROVIDERS[given.provider].check(account).catch((error: unknown) => {
      throw error instanceof WritingError ? new UnprocessableEntityException(error.message) : error
    })
    const { provider, price, cap } = given
    const values = {
      ...{ provider, url, model: account.model, price, cap },
      name: given.name.trim(),
      currency: given.currency.trim(),
      secret: seal(this.settings.sessionSecret, key),
      words: Math.min(given.words, told.words ?? given.words),
      units: Math.min(given.units, told.units ?? given.units),
    }
    if (known) Object.assign(known, values)
    else this.em.create(WritingService, { workspaceId, ...values })
    this.record.note(person, 'workspace', `set up ${values.name} as the writing service`)
    await this.em.flush()
    return this.forPerson(person)
  }

  async remove(person: SignedIn): Promise<void> {
    const service = await this.find(person.workspaceId)
    if (!service) return
    this.em.remove(service)
    this.record.note(person, 'workspace', `took out the writing service ${service.name}`)
    await this.em.flush()
  }

  async people(workspaceId: string): Promise<AllowanceDto[]> {
    const members = await this.em.find(Membership, { workspaceId })
    const ids = members.map(({ personId }) => personId)
    const [people, own, used] = await Promise.all([
      this.em.find(Person, { id: { $in: ids } }, { orderBy: { name: 'asc' } }),
      this.em.find(WritingAllowance, { workspaceId }),
      usedBy(this.em, workspaceId, ids),
    ])
    return people.map(({ id, name }) => {
      const known = own.find(({ personId }) => personId === id)
      return {
        personId: id,
        name,
        isAllowed: known?.isAllowed ?? true,
        cap: known?.cap ?? null,
        used: used.get(id) ?? 0,
      }
    })
  }

  async allow(person: SignedIn, personId: string, { isAllowed, cap }: SetAllowanceDto): Promise<AllowanceDto[]> {
    const { workspaceId } = person
    orNotFound(await this.em.findOne(Membership, { workspaceId, personId }), 'person')
    await this.em.upsert(WritingAllowance, { workspaceId, personId, isAllowed, cap: cap ?? null })
    return this.people(workspaceId)
  }

  /** The address as it is kept: its origin is one that may be called, its path is the service's. */
  #allowed(url: string): string {
    const checked = addressOf(url, this.settings.writingOrigins ?? [])
    if ('why' in checked) throw new UnprocessableEntityException(checked.why)
    return `${checked.origin}${new URL(url).pathname.replace(/\/+$/, '')}`
  }
}

function toDto(service: WritingService): WritingServiceDto {
  const { provider, name, url, model, secret, words, units, price, currency, cap } = service
  return { provider, name, url, model, hasKey: secret !== '', words, units, price, currency, cap }
}
