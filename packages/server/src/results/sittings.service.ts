import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable, UnprocessableEntityException } from '@nestjs/common'
import { scoreChanges, stableJson } from '@zakuska/core'
import type { SignedIn } from '../access/current-person.ts'
import { asItem, BankItem } from '../bank/index.ts'
import { LOCKED } from '../database/locked.ts'
import { DeliveriesService, Delivery } from '../dispatch/index.ts'
import { orNotFound } from '../http/id.ts'
import { PapersService } from '../papers/index.ts'
import { RecordService } from '../record/record.service.ts'
import { countingOf } from './counting.ts'
import type {
  AttemptDto,
  GivenDto,
  NewSittingDto,
  ReadAttemptDto,
  RegradeDto,
  ResponsesInDto,
  SaveSittingDto,
  SittingDto,
  SittingSummaryDto,
} from './dto/sittings.dto.ts'
import { keepRecords } from './records.ts'
import { Attempt, Regrading, Sitting, type SittingItem } from './sitting.entity.ts'
import { settle } from './taking/settle.ts'
import { type Counted, itemsThere, toAttempt, toSummary, toUnderWay } from './sitting-dto.ts'
import { mergeFetched, takeIn } from './take-in.ts'

/** Sittings, the responses that came in, and how they are graded. */
@Injectable()
export class SittingsService {
  constructor(
    private readonly em: EntityManager,
    private readonly deliveries: DeliveriesService,
    private readonly papers: PapersService,
    private readonly record: RecordService,
  ) {}

  async list(workspaceId: string): Promise<SittingSummaryDto[]> {
    const sittings = await this.em.find(
      Sitting,
      { workspaceId, deletedAt: null },
      { orderBy: { createdAt: 'desc' }, limit: 300 },
    )
    const counts = await this.em.execute<{ id: string; handed_in: number; open: number }[]>(
      `select sitting_id id, count(*) filter (where is_handed_in)::int handed_in, count(*) filter (where not is_handed_in)::int open
       from attempt where sitting_id = any(select id from sitting where workspace_id = ?) group by sitting_id`,
      [workspaceId],
    )
    const destinations = await this.#destinations(sittings)
    return sittings.map((sitting) => {
      const own = counts.find(({ id }) => id === sitting.id)
      return toSummary(sitting, destinations, own?.handed_in ?? 0, own?.open ?? 0)
    })
  }

  async get(workspaceId: string, id: string): Promise<SittingDto> {
    const sitting = await this.find(workspaceId, id)
    if (sitting.source === 'here') await this.#lookAfter(sitting)
    return this.#toDto(sitting)
  }

  async find(workspaceId: string, id: string): Promise<Sitting> {
    return orNotFound(await this.em.findOne(Sitting, { id, workspaceId, deletedAt: null }), 'sitting')
  }

  /** Hands in what was left behind; where something came in since it was last looked at, the record is kept anew. */
  async #lookAfter(sitting: Sitting): Promise<void> {
    await settle(this.em, sitting)
    const since = sitting.fetchedAt ?? new Date(0)
    const isNew = await this.em.count(Attempt, { sittingId: sitting.id, isHandedIn: true, submittedAt: { $gt: since } })
    if (!isNew) return
    sitting.fetchedAt = new Date()
    await this.em.flush()
    await this.#keep(sitting)
  }

  attemptsOf(sitting: Sitting): Promise<Attempt[]> {
    return this.em.find(Attempt, { sittingId: sitting.id }, { orderBy: { number: 'asc' } })
  }

  /** The sitting of what was sent: made when its responses are fetched for the first time, fetched again after that. */
  async ofDelivery(person: SignedIn, deliveryId: string): Promise<ResponsesInDto> {
    const delivery = await this.deliveries.find(person.workspaceId, deliveryId)
    const sitting = await this.#alone(deliveryId, async () => {
      const known = await this.em.findOne(Sitting, { deliveryId, workspaceId: person.workspaceId })
      const own =
        known ??
        this.em.create(Sitting, {
          id: randomUUID(),
          ...{ workspaceId: person.workspaceId, paperId: delivery.paperId, deliveryId },
          ...{ title: delivery.title, source: 'delivery', items: itemsThere(delivery) },
          ...{ createdBy: person.name, createdAt: new Date() },
        })
      own.deletedAt = null
      return own
    })
    return this.#fetch(person, sitting)
  }

  /** One after the other, of those that name the same thing; kept together or not at all. */
  #alone<T>(name: string, work: () => Promise<T>): Promise<T> {
    return this.em.transactional(async (em) => {
      await em.execute('select pg_advisory_xact_lock(hashtextextended(?, 0))', [name])
      return work()
    })
  }

  async fetch(person: SignedIn, id: string): Promise<ResponsesInDto> {
    return this.#fetch(person, await this.find(person.workspaceId, id))
  }

  /** Takes in what is new there; what was known is kept, but for a game that goes on. */
  async #fetch(person: SignedIn, sitting: Sitting): Promise<ResponsesInDto> {
    if (sitting.deliveryId === null)
      throw new UnprocessableEntityException('These responses come from no destination; there is nothing to fetch.')
    const last = (await this.attemptsOf(sitting)).findLast(({ externalId }) => externalId !== null)?.externalId ?? null
    const found = await this.deliveries.responses(person.workspaceId, sitting.deliveryId, last)
    const { id } = sitting
    return this.#alone(id, async () => {
      const counted = await mergeFetched(this.em, id, found)
      return this.#takenIn(await this.find(person.workspaceId, id), counted)
    })
  }

  /** A sitting out of a response file. */
  async create(person: SignedIn, given: NewSittingDto): Promise<ResponsesInDto> {
    const known = await this.em.findOne(Sitting, { id: given.id, workspaceId: person.workspaceId })
    if (known) return this.addAttempts(person, known.id, given.attempts)
    // Together or not at all: a sitting without its responses is of no use to anybody.
    return this.#alone(given.id, async () =>
      this.addAttempts(person, (await this.#fromFile(person, given)).id, given.attempts),
    )
  }

  async #fromFile(person: SignedIn, given: NewSittingDto): Promise<Sitting> {
    const paper = await this.papers.find(person.workspaceId, given.paperId)
    const items = (await this.papers.itemsOf(paper)).map(({ item, body }): SittingItem => ({
      ...{ itemId: item.id, revision: item.revision, body },
    }))
    if (!items.length) throw new UnprocessableEntityException('This paper has no items.')
    const sitting = this.em.create(Sitting, {
      ...{
        id: given.id,
        workspaceId: person.workspaceId,
        paperId: paper.id,
        title: given.title,
        source: 'file',
        items,
      },
      ...{ createdBy: person.name, createdAt: new Date() },
    })
    this.record.note(person, 'graded', `read ${given.attempts.length} responses to “${paper.title}” out of a file`)
    await this.em.flush()
    return sitting
  }

  async addAttempts(person: SignedIn, id: string, attempts: readonly ReadAttemptDto[]): Promise<ResponsesInDto> {
    const sitting = await this.find(person.workspaceId, id)
    return this.#alone(id, async () => this.#takenIn(sitting, await takeIn(this.em, sitting, attempts)))
  }

  async #takenIn(sitting: Sitting, counted: Counted): Promise<ResponsesInDto> {
    await this.#keep(sitting)
    return { sitting: await this.#toDto(sitting), ...counted }
  }

  async save(person: SignedIn, id: string, given: SaveSittingDto): Promise<SittingDto> {
    const sitting = await this.#asSeen(person, id, given.version, (own) => {
      const { which, threshold, leftOut } = given.settings
      Object.assign(own, { title: given.title, settings: { which, threshold, leftOut } })
      return Promise.resolve()
    })
    await this.#keep(sitting)
    return this.#toDto(sitting)
  }

  async setDeleted(person: SignedIn, id: string, deleted: boolean): Promise<void> {
    const sitting = orNotFound(await this.em.findOne(Sitting, { id, workspaceId: person.workspaceId }), 'sitting')
    sitting.deletedAt = deleted ? new Date() : null
    this.record.note(
      person,
      deleted ? 'deleted' : 'graded',
      `${deleted ? 'deleted' : 'brought back'} the results of “${sitting.title}”`,
    )
    await this.em.flush()
    await this.#keep(sitting)
  }

  /** Grades by other keys or points: what changes for whom is kept with it. */
  async regrade(person: SignedIn, id: string, asked: RegradeDto): Promise<SittingDto> {
    const sitting = await this.#asSeen(person, id, asked.version, (own) => this.#regrade(person, own, asked))
    await this.#keep(sitting)
    return this.#toDto(sitting)
  }

  async #regrade(person: SignedIn, sitting: Sitting, asked: RegradeDto): Promise<void> {
    const changed = asked.items.map(({ item, body }) => {
      const before = sitting.items[item]?.body
      const after = asItem(body)
      if (!before) throw new UnprocessableEntityException('There is no such item in this sitting.')
      if (!isSameTask(before, after))
        throw new UnprocessableEntityException('Only its key, its points and what counts as the same can be regraded.')
      return { item, before, after }
    })
    const bodies = sitting.items.map(({ body }, place) => changed.find(({ item }) => item === place)?.after ?? body)
    const leftOut = asked.leftOut ?? sitting.settings.leftOut
    const attempts = (await this.attemptsOf(sitting)).filter(({ isHandedIn }) => isHandedIn)
    const changes = scoreChanges(
      attempts,
      { items: sitting.items.map(({ body }) => body), settings: sitting.settings },
      { items: bodies, settings: { leftOut } },
    )
    this.em.create(Regrading, {
      ...{ id: randomUUID(), sittingId: sitting.id, at: new Date(), byName: person.name, why: asked.why },
      items: changed,
      changes: changes.map(({ attempt, student, before, after }) => ({
        ...{ attemptId: attempts[attempt]?.id ?? '', student, before, after },
      })),
    })
    sitting.items = sitting.items.map((item, place) => ({ ...item, body: bodies[place] ?? item.body }))
    sitting.settings = { ...sitting.settings, leftOut }
    this.record.note(person, 'graded', `regraded “${sitting.title}”: ${asked.why} (${changes.length} scores changed)`)
  }

  /** Changes a sitting that stands as it was seen; who comes second sees it again first. */
  async #asSeen(
    person: SignedIn,
    id: string,
    version: number,
    change: (sitting: Sitting) => Promise<void>,
  ): Promise<Sitting> {
    await this.em.transactional(async (em) => {
      const own = { id, workspaceId: person.workspaceId, deletedAt: null }
      const sitting = orNotFound(await em.findOne(Sitting, own, LOCKED), 'sitting')
      if (sitting.version !== version)
        throw new ConflictException('Somebody else changed this sitting meanwhile. Look at it again.')
      await change(sitting)
      sitting.version++
    })
    return this.find(person.workspaceId, id)
  }

  /** Points that a person gives to one answer, and a remark; null takes them back to what the key says. */
  async give(person: SignedIn, id: string, { attemptId, item, points, remark }: GivenDto): Promise<AttemptDto> {
    const sitting = await this.find(person.workspaceId, id)
    const body = sitting.items[item]?.body
    if (!body) throw new UnprocessableEntityException('There is no such item in this sitting.')
    if (points !== null && points > body.points)
      throw new UnprocessableEntityException(`This item has at most ${body.points} points.`)
    // Two who read different items of one person write to one row.
    return this.em.transactional(async (em) => {
      const attempt = orNotFound(await em.findOne(Attempt, { id: attemptId, sittingId: id }, LOCKED), 'attempt')
      const before = attempt.given[item] ?? null
      const { [item]: _points, ...given } = attempt.given
      const { [item]: _remark, ...remarks } = attempt.remarks
      attempt.given = points === null ? given : { ...given, [item]: points }
      attempt.remarks = remark.trim() ? { ...remarks, [item]: remark.trim() } : remarks
      if (before !== points) {
        const mark = { at: new Date().toISOString(), by: person.name, item, before, after: points }
        attempt.history = [...attempt.history, mark]
      }
      return toAttempt(attempt, true)
    })
  }

  async #keep(sitting: Sitting): Promise<void> {
    await keepRecords(this.em, sitting, await this.attemptsOf(sitting))
  }

  async #destinations(sittings: readonly Sitting[]): Promise<ReadonlyMap<string, Delivery>> {
    const ids = sittings.flatMap(({ deliveryId }) => deliveryId ?? [])
    const found = ids.length
      ? await this.em.find(Delivery, { id: { $in: ids } }, { fields: ['id', 'destination'] })
      : []
    return new Map(found.map((delivery) => [delivery.id, delivery as Delivery]))
  }

  async #toDto(sitting: Sitting): Promise<SittingDto> {
    const attempts = await this.attemptsOf(sitting)
    const counting = new Set(countingOf(sitting, attempts).map(({ attempt }) => attempt.id))
    const regradings = await this.em.find(Regrading, { sittingId: sitting.id }, { orderBy: { at: 'desc' } })
    const bank = await this.em.find(BankItem, {
      id: { $in: sitting.items.map(({ itemId }) => itemId) },
      workspaceId: sitting.workspaceId,
    })
    const inBank = new Map(bank.map(({ id, body }) => [id, body]))
    const handedIn = attempts.filter(({ isHandedIn }) => isHandedIn).length
    return {
      ...toSummary(sitting, await this.#destinations([sitting]), handedIn, attempts.length - handedIn),
      version: sitting.version,
      items: sitting.items.map(({ itemId, revision, body }) => {
        const now = inBank.get(itemId)
        const isOther = now && isSameTask(body, now) && keyText(now) !== keyText(body)
        return { itemId, revision, body, inBank: isOther ? { ...now, points: body.points } : null }
      }),
      attemptList: attempts
        .filter(({ isHandedIn }) => isHandedIn)
        .map((attempt) => toAttempt(attempt, counting.has(attempt.id))),
      underWayList: attempts.filter(({ isHandedIn }) => !isHandedIn).map(toUnderWay),
      settings: { ...sitting.settings, leftOut: [...sitting.settings.leftOut] },
      taking: sitting.taking && {
        ...sitting.taking,
        people: sitting.taking.people.map((one) => ({ ...one })),
      },
      regradings: regradings.map(({ id, at, byName, why, changes }) => ({
        ...{ id, at: at.toISOString(), by: byName, why, changes },
      })),
    }
  }
}

/** The same question, to which the same responses can be given: what differs is the key, the points, or the rules. */
function isSameTask(a: SittingItem['body'], b: SittingItem['body']): boolean {
  const asked = (item: SittingItem['body']): string => {
    const parts = { ...item } as Record<string, unknown>
    const gaps = item.kind === 'cloze' ? item.gaps.map(({ choices = null }) => choices) : null
    const options = 'options' in item ? item.options.map(({ id }) => id) : null
    const { kind, left = null, right = null, rows = null, columns = null } = parts
    const count = (side: unknown): number | null => (Array.isArray(side) ? side.length : null)
    return stableJson([kind, options && [...options].sort(), gaps, ...[left, right, rows, columns].map(count)])
  }
  return asked(a) === asked(b)
}

function keyText(item: SittingItem['body']): string {
  const {
    key = null,
    gaps = null,
    rules = null,
    credit = null,
    weights = null,
  } = item as unknown as Record<string, unknown>
  const sorted = Array.isArray(key) && item.kind === 'multiple' ? [...(key as string[])].sort() : key
  return stableJson([sorted, gaps, rules, credit, weights])
}
