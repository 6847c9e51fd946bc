import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { countWords, estimateUnits } from '@zakuska/core'
import { Membership } from '../accounts/accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import { may } from '../access/permissions.ts'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { allowanceOf, LOST, LOST_AFTER_S, settleLost, unitsLeft } from './allowances.ts'
import type { AskDto, ReplyDto, ReplySummaryDto, UseDto } from './dto/reply.dto.ts'
import { ReplyRunner } from './reply-runner.ts'
import { WritingServiceService } from './writing-service.service.ts'
import { WritingReply, type WritingService } from './writing.entities.ts'

const PAGE = 200
const GONE_AFTER_MS = 1000 * LOST_AFTER_S
/** A reply may become longer than it was thought, and is held for that. */
const HELD = 2

/** Requests to the writing service and what came of them; nothing is sent but by a person who asks for it. */
@Injectable()
export class RepliesService {
  constructor(
    private readonly em: EntityManager,
    private readonly services: WritingServiceService,
    private readonly runner: ReplyRunner,
  ) {}

  /**
   * Sends a request, and writes down what comes while nobody waits for it.
   *
   * @throws UnprocessableEntityException where there is no service, the request is too long, or the units are used up.
   */
  async ask(person: SignedIn, given: AskDto): Promise<ReplyDto> {
    const service = await this.#service(person)
    const words = countWords(given.request)
    if (words > service.words)
      throw new UnprocessableEntityException(
        `This request has ${words.toLocaleString('en')} words, and ${service.name} takes ${service.words.toLocaleString('en')}. Choose fewer parts of the reading.`,
      )
    const account = this.services.accountOf(service)
    const asked = estimateUnits(given.request)
    const { reply, most } = await this.em.transactional(async () => {
      const most = await this.#unitsFor(person, service, asked)
      const now = new Date()
      const reply = this.em.create(WritingReply, {
        id: randomUUID(),
        workspaceId: person.workspaceId,
        personId: person.id,
        byName: person.name,
        at: now,
        draftId: given.draftId ?? null,
        purpose: given.purpose,
        what: given.what,
        sentTo: `${service.name}, ${new URL(service.url).origin}`,
        request: given.request,
        text: '',
        state: 'writing',
        unitsAsked: asked,
        unitsWritten: Math.min(most, Math.max(1, given.expected * HELD)),
        cost: 0,
        currency: service.currency,
        touchedAt: now,
        isTaken: false,
      })
      return { reply, most }
    })
    this.runner.begin(reply, { ...runOf(service), account, units: most, before: { asked: 0, written: 0 } })
    return toDto(reply)
  }

  /** Goes on with a reply that was cut or broke off. */
  async goOn(person: SignedIn, id: string): Promise<ReplyDto> {
    const service = await this.#service(person)
    const account = this.services.accountOf(service)
    await settleLost(this.em, person.workspaceId, service.price)
    const { reply, run } = await this.em.transactional(async () => {
      const reply = orNotFound(
        await this.em.findOne(
          WritingReply,
          { id, workspaceId: person.workspaceId, personId: person.id },
          { ...LOCKED, populate: ['request', 'text'] },
        ),
        'reply',
      )
      if (isGoing(reply) || reply.state === 'done')
        throw new UnprocessableEntityException('This reply is whole, or still being written.')
      const before = { asked: reply.unitsAsked, written: reply.unitsWritten }
      const asked = estimateUnits(reply.request) + estimateUnits(reply.text)
      const most = await this.#unitsFor(person, service, asked)
      Object.assign(reply, {
        ...{ state: 'writing', why: null, touchedAt: new Date() },
        unitsAsked: before.asked + asked,
        unitsWritten: before.written + most,
      })
      return { reply, run: { ...runOf(service), account, units: most, before } }
    })
    this.runner.begin(reply, run)
    return toDto(reply)
  }

  async stop(person: SignedIn, id: string): Promise<ReplyDto> {
    const own = { id, workspaceId: person.workspaceId, personId: person.id }
    orNotFound(await this.em.findOne(WritingReply, own), 'reply')
    await this.em.nativeUpdate(WritingReply, { ...own, state: 'writing' }, { state: 'stopped', why: 'It was stopped.' })
    await this.runner.halt(id)
    return this.get(person, id)
  }

  async get(person: SignedIn, id: string): Promise<ReplyDto> {
    const found = await this.em.fork().findOne(WritingReply, { id, ...visibleTo(person) }, { populate: ['text'] })
    return toDto(orNotFound(found, 'reply'))
  }

  /** Replies for drafts, newest first, with their text. */
  async ofDrafts(workspaceId: string, draftIds: readonly string[]): Promise<ReplyDto[]> {
    const where = { workspaceId, draftId: { $in: [...draftIds] } }
    const rows = await this.em.find(WritingReply, where, { orderBy: { at: 'desc' }, limit: PAGE, populate: ['text'] })
    return rows.map(toDto)
  }

  async setTaken(person: SignedIn, id: string): Promise<void> {
    await this.em.nativeUpdate(WritingReply, { id, workspaceId: person.workspaceId }, { isTaken: true })
  }

  /** The usage book: of everybody for who looks after people, of oneself for anybody else. */
  async use(person: SignedIn, before: string | null, limit = PAGE): Promise<UseDto> {
    const rows = await this.em.find(
      WritingReply,
      { ...bookOf(person), ...(before !== null && { at: { $lt: new Date(before) } }) },
      { orderBy: { at: 'desc', id: 'asc' }, limit: limit + 1 },
    )
    return { entries: rows.slice(0, limit).map(toSummary), isMore: rows.length > limit }
  }

  async #service(person: SignedIn): Promise<WritingService> {
    const service = await this.services.find(person.workspaceId)
    if (!service) throw new UnprocessableEntityException('No writing service is set up here.')
    return service
  }

  /** One request of a person after the other, so that two at once do not use the same units. */
  async #unitsFor(person: SignedIn, service: WritingService, asked: number): Promise<number> {
    await this.em.findOne(Membership, { workspaceId: person.workspaceId, personId: person.id }, LOCKED)
    await settleLost(this.em, person.workspaceId, service.price)
    return unitsLeft(await allowanceOf(this.em, service, person), asked, service.units)
  }
}

function runOf({ provider, price }: WritingService) {
  return { provider, price }
}

function bookOf({ workspaceId, id, role }: SignedIn) {
  return may(role, 'people') ? { workspaceId } : { workspaceId, personId: id }
}

/** One's own, those for a draft, which everybody sees, and all for who looks after people. */
function visibleTo({ workspaceId, id, role }: SignedIn) {
  return may(role, 'people') ? { workspaceId } : { workspaceId, $or: [{ personId: id }, { draftId: { $ne: null } }] }
}

function isGoing({ state, touchedAt }: WritingReply): boolean {
  return state === 'writing' && Date.now() - touchedAt.getTime() < GONE_AFTER_MS
}

export function toSummary(reply: WritingReply): ReplySummaryDto {
  const {
    id,
    draftId,
    purpose,
    what,
    byName,
    at,
    sentTo,
    state,
    why,
    unitsAsked,
    unitsWritten,
    cost,
    currency,
    isTaken,
  } = reply
  const isGone = state === 'writing' && !isGoing(reply)
  return {
    ...{ id, draftId, purpose, what, sentTo, cost, currency, isTaken },
    by: byName,
    at: at.toISOString(),
    state: isGone ? 'failed' : state,
    why: isGone ? LOST : why,
    units: unitsAsked + unitsWritten,
  }
}

function toDto(reply: WritingReply): ReplyDto {
  return { ...toSummary(reply), text: reply.text }
}
