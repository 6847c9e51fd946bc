import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { stableJson, withTold } from '@zakuska/core'
import type { SignedIn } from '../../access/current-person.ts'
import { pictureAddress, publishPictures } from '../../assets/public-pictures.ts'
import { orNotFound } from '../../http/id.ts'
import { type Paper, type PaperItem, PapersService } from '../../papers/index.ts'
import { RecordService } from '../../record/record.service.ts'
import type { Adapter, Place, RemoteAttempt } from '../adapters/contract.ts'
import { ADAPTERS, DestinationError } from '../adapters/index.ts'
import type { Connection } from '../connections/connection.entity.ts'
import { ConnectionsService, refuse } from '../connections/connections.service.ts'
import { acceptedRemedies } from '../remedies.ts'
import type { DeliveryDto, DeliverySummaryDto, OpeningDto, SendDto, SentItemDto, SinceDto } from './deliveries.dto.ts'
import { partsThere } from './deliver.ts'
import { Delivery, type SentItem } from './delivery.entity.ts'
import { packItems } from './pack.ts'
import { OpeningRunner } from './openings.ts'
import { DeliveryRunner } from './runner.ts'
import { placeFor, planFor } from './plan-for.ts'

@Injectable()
export class DeliveriesService {
  constructor(
    private readonly em: EntityManager,
    private readonly papers: PapersService,
    private readonly connections: ConnectionsService,
    private readonly runner: DeliveryRunner,
    private readonly openings: OpeningRunner,
    private readonly record: RecordService,
  ) {}

  /**
   * Queues a delivery; the same id again answers with the delivery that is already there.
   *
   * @param origin where this server is reached, for links to pictures.
   */
  async send(person: SignedIn, asked: SendDto, origin: string): Promise<DeliveryDto> {
    const known = await this.em.findOne(Delivery, { id: asked.id, workspaceId: person.workspaceId })
    if (known) return this.toDto(known)
    const connection = await this.connections.find(person.workspaceId, asked.connectionId)
    const adapter = ADAPTERS[connection.destination]
    if (!adapter.into.includes(asked.into))
      throw new UnprocessableEntityException(`${adapter.name} takes no items in that way.`)
    if (asked.into === 'add' && !asked.addTo && !asked.again)
      throw new UnprocessableEntityException(`Choose what in ${adapter.name} they are added to.`)
    if (connection.ended !== null)
      throw new UnprocessableEntityException(`${connection.ended} Connect “${connection.name}” anew first.`)
    const paper = await this.papers.find(person.workspaceId, asked.paperId)
    const items = await this.papers.itemsOf(paper)
    if (!items.length) throw new UnprocessableEntityException('This paper has no items to send.')
    const before = asked.again ? await this.#before(person.workspaceId, asked, adapter) : null
    const delivery = this.#newDelivery(person, asked, { connection, paper, items, before, origin })
    await publishPictures(this.em, person.workspaceId, delivery.items, origin)
    this.record.note(
      person,
      'dispatched',
      `sent “${paper.title}” to ${adapter.name} (${connection.name})${before ? ', again' : ''}`,
    )
    await this.em.flush()
    await this.runner.queue(delivery)
    return this.toDto(delivery)
  }

  /** What is sent again: it went by the same connection, to where things are replaced in place. */
  async #before(workspaceId: string, asked: SendDto, adapter: Adapter): Promise<Delivery | null> {
    const before = await this.find(workspaceId, asked.again ?? '')
    if (before.paperId !== asked.paperId)
      throw new UnprocessableEntityException('That delivery was of another paper; this one is sent as new.')
    return adapter.replaces && before.connectionId === asked.connectionId && before.remote ? before : null
  }

  // eslint-disable-next-line max-lines-per-function -- one field after the other
  #newDelivery(
    person: SignedIn,
    asked: SendDto,
    given: {
      readonly connection: Connection
      readonly paper: Paper
      readonly items: readonly PaperItem[]
      readonly before: Delivery | null
      readonly origin: string
    },
  ): Delivery {
    const { connection, paper, items, before, origin } = given
    const adapter = ADAPTERS[connection.destination]
    const { forAll } = asked
    const plan = planFor(paper, items, forAll)
    const accepted = acceptedRemedies(asked.remedies)
    const sent = packItems(items, {
      ...{ plan, forAll, includeUnsigned: asked.includeUnsigned },
      limits: withTold(adapter.limits, connection.told),
      pictureAddress: (asset) => pictureAddress(origin, asset),
      remediesOf: (itemId) => accepted.get(`${adapter.id}:${itemId}`) ?? [],
      before: before && new Map(before.items.map((item) => [item.name, item])),
    })
    const { places: _places, ...kept } = plan
    return this.em.create(Delivery, {
      id: asked.id,
      workspaceId: person.workspaceId,
      paperId: paper.id,
      title: paper.title,
      destination: adapter.id,
      connectionId: connection.id,
      connectionName: connection.name,
      ...placeFor(asked, before),
      again: asked.again ?? null,
      plan: kept,
      asked: {
        remedies: asked.remedies ?? '',
        includeUnsigned: asked.includeUnsigned,
        forAll: forAll ? { ...forAll } : null,
      },
      without: before ? goneFrom(before.items, sent) : [],
      state: 'queued',
      done: 0,
      total: sent.filter(({ outcome }) => outcome === 'waiting').length,
      items: sent,
      sentBy: person.name,
      createdAt: new Date(),
    })
  }

  /** Takes up a delivery that failed or was stopped; what has arrived already does not arrive twice. */
  async retry(workspaceId: string, id: string): Promise<DeliveryDto> {
    const delivery = await this.find(workspaceId, id)
    if (delivery.state === 'failed' || delivery.state === 'stopped') {
      Object.assign(delivery, { state: 'queued', why: null, isStopAsked: false })
      await this.em.flush()
      await this.runner.queue(delivery)
    }
    return this.toDto(delivery)
  }

  /** Asks a delivery to stop after what is on its way. */
  async stop(workspaceId: string, id: string): Promise<DeliveryDto> {
    const delivery = await this.find(workspaceId, id)
    if (['queued', 'sending'].includes(delivery.state)) {
      delivery.isStopAsked = true
      await this.em.flush()
    }
    return this.toDto(delivery)
  }

  async setOpen(person: SignedIn, id: string, isOpen: boolean): Promise<DeliveryDto> {
    const { delivery, adapter, place, connection } = await this.#reach(person.workspaceId, id)
    await adapter.setOpen(this.connections.account(connection), place, isOpen).catch(refuse)
    // By hand from now on.
    Object.assign(delivery, { isOpen, opensAt: null, closesAt: null })
    this.record.note(person, 'dispatched', `${isOpen ? 'opened' : 'closed'} “${delivery.title}” in ${adapter.name}`)
    await this.em.flush()
    return this.toDto(delivery)
  }

  /** From when until when people can take it: opened and closed there by itself, by whichever server runs then. */
  async setOpening(person: SignedIn, id: string, { opensAt, closesAt }: OpeningDto): Promise<DeliveryDto> {
    const { delivery, adapter } = await this.#reach(person.workspaceId, id)
    const [from, until] = [opensAt, closesAt].map((time) => (time === null ? null : new Date(time)))
    if (until && until <= (from ?? new Date()))
      throw new UnprocessableEntityException('It would close before it opens. Choose a later end.')
    Object.assign(delivery, { opensAt: from, closesAt: until })
    const says = `${from ? `from ${from.toISOString()} ` : ''}${until ? `until ${until.toISOString()}` : 'with no end'}`
    this.record.note(person, 'dispatched', `“${delivery.title}” in ${adapter.name} is open ${says}`)
    await this.em.flush()
    await this.openings.bring(delivery.id).catch((error: unknown) => this.#bringLater(delivery.id, error))
    return this.get(person.workspaceId, id)
  }

  /** The times are kept whatever the destination says now. */
  async #bringLater(id: string, error: unknown): Promise<never> {
    if (!(error instanceof DestinationError)) throw error
    await this.openings.later(id)
    throw new UnprocessableEntityException(`${error.message} The times are kept, and it is tried again by itself.`)
  }

  /** Who may answer there, by name; null: anybody. */
  async setPeople(person: SignedIn, id: string, people: readonly string[] | null): Promise<DeliveryDto> {
    const { delivery, adapter, place, connection } = await this.#reach(person.workspaceId, id)
    if (!adapter.setPeople)
      throw new UnprocessableEntityException(`${adapter.name} cannot keep answering to people by name.`)
    const names = people === null ? null : [...new Set(people.map((name) => name.trim()).filter(Boolean))]
    await adapter.setPeople(this.connections.account(connection), place, names).catch(refuse)
    delivery.people = names
    const says = names === null ? 'may be answered by anybody' : `may be answered by ${names.length} people on a list`
    this.record.note(person, 'dispatched', `“${delivery.title}” in ${adapter.name} ${says}`)
    await this.em.flush()
    return this.toDto(delivery)
  }

  /** Takes it away there; the log keeps that it was sent. */
  async removeThere(person: SignedIn, id: string): Promise<DeliveryDto> {
    const { delivery, adapter, place, connection } = await this.#reach(person.workspaceId, id)
    if (delivery.addTo !== null)
      throw new UnprocessableEntityException(
        `It was added to something that is not of this paper alone. Take it out in ${adapter.name}.`,
      )
    await adapter.remove(this.connections.account(connection), place).catch(refuse)
    Object.assign(delivery, { remote: null, isOpen: false, why: `It was taken away in ${adapter.name}.` })
    this.record.note(person, 'deleted', `took “${delivery.title}” away in ${adapter.name}`)
    await this.em.flush()
    return this.toDto(delivery)
  }

  /** What was answered there, one response for each item that is there. */
  async responses(workspaceId: string, id: string, after: string | null): Promise<RemoteAttempt[]> {
    const { delivery, adapter, place, connection } = await this.#reach(workspaceId, id)
    if (delivery.into === 'bank') throw new UnprocessableEntityException('Nobody takes the items of a bank.')
    const parts = partsThere(delivery.items)
    return adapter.responses(this.connections.account(connection), place, parts, after).catch(refuse)
  }

  async #reach(
    workspaceId: string,
    id: string,
  ): Promise<{
    readonly delivery: Delivery
    readonly adapter: Adapter
    readonly place: Place
    readonly connection: Connection
  }> {
    const delivery = await this.find(workspaceId, id)
    if (!delivery.remote) throw new UnprocessableEntityException('It is not there.')
    if (!delivery.connectionId)
      throw new UnprocessableEntityException(`The connection “${delivery.connectionName}” was given up.`)
    const connection = await this.connections.find(workspaceId, delivery.connectionId)
    return { delivery, adapter: ADAPTERS[delivery.destination], place: delivery.remote, connection }
  }

  async list(workspaceId: string): Promise<DeliverySummaryDto[]> {
    const deliveries = await this.em.find(Delivery, { workspaceId }, { orderBy: { createdAt: 'desc' }, limit: 200 })
    return deliveries.map(toSummary)
  }

  async find(workspaceId: string, id: string): Promise<Delivery> {
    return orNotFound(await this.em.findOne(Delivery, { id, workspaceId }), 'delivery')
  }

  async summary(workspaceId: string, id: string): Promise<DeliverySummaryDto> {
    const fresh = await this.em.fork().findOne(Delivery, { id, workspaceId })
    return toSummary(orNotFound(fresh, 'delivery'))
  }

  async get(workspaceId: string, id: string): Promise<DeliveryDto> {
    return this.toDto(await this.find(workspaceId, id))
  }

  async toDto(delivery: Delivery): Promise<DeliveryDto> {
    const now = await this.#paperNow(delivery)
    const items = delivery.items.map((item): SentItemDto => {
      const { itemId, revision, name, body, outcome, why, changes = [] } = item
      return {
        itemId,
        revision,
        name,
        body,
        outcome,
        why,
        changes: [...changes],
        since: sinceOf(item, now.get(itemId), delivery),
      }
    })
    return {
      ...toSummary(delivery),
      items,
      since: summed(items, delivery, now),
      proof: delivery.proof,
      asked: delivery.asked,
    }
  }

  /** The items of the paper as they are now, by id. */
  async #paperNow({ workspaceId, paperId }: Delivery): Promise<ReadonlyMap<string, PaperItem>> {
    const paper = await this.papers.findAny(workspaceId, paperId)
    const items = paper ? await this.papers.itemsOf(paper) : []
    return new Map(items.map((item) => [item.item.id, item]))
  }
}

/** What is there of an earlier delivery that is in this one no more. */
function goneFrom(before: readonly SentItem[], now: readonly SentItem[]): { name: string; remoteId: string }[] {
  const held = new Set(now.filter(({ outcome }) => outcome !== 'left-out').map(({ name }) => name))
  return before.flatMap(({ name, remoteId }) => (remoteId === null || held.has(name) ? [] : [{ name, remoteId }]))
}

function sinceOf(sent: SentItem, now: PaperItem | undefined, { asked }: Delivery): SentItemDto['since'] {
  if (!now) return 'removed'
  // Points and the order of options are the paper's; what remedies and settings made cannot be compared with it.
  const isPlain = asked !== null && !asked.remedies && !asked.forAll
  if (now.item.revision === sent.revision)
    return isPlain && stableJson(now.body) !== stableJson(sent.body) ? 'edited' : null
  // Remedies may have made another kind of it: then its key cannot be compared.
  const isAlike = now.body.kind === sent.body.kind
  return isAlike && keyOf(now.body) !== keyOf(sent.body) ? 'key' : 'edited'
}

function keyOf(body: object): string {
  const { key, gaps } = body as { key?: unknown; gaps?: unknown }
  return stableJson([key, gaps])
}

function summed(items: readonly SentItemDto[], delivery: Delivery, now: ReadonlyMap<string, PaperItem>): SinceDto {
  const sent = new Set(delivery.items.map(({ itemId }) => itemId))
  const of = (...what: SentItemDto['since'][]): number =>
    new Set(items.flatMap(({ itemId, since }) => (what.includes(since) ? [itemId] : []))).size
  return {
    edited: of('edited', 'key'),
    keys: of('key'),
    added: [...now.keys()].filter((id) => !sent.has(id)).length,
    removed: of('removed'),
  }
}

export function toSummary(delivery: Delivery): DeliverySummaryDto {
  const { id, paperId, title, destination, connectionId, connectionName, into, state, done, total, why } = delivery
  return {
    ...{ id, paperId, title, destination, connectionId, connectionName, into, state, done, total, why },
    sentBy: delivery.sentBy,
    again: delivery.again,
    people: delivery.people,
    isOpen: delivery.isOpen,
    opensAt: delivery.opensAt?.toISOString() ?? null,
    closesAt: delivery.closesAt?.toISOString() ?? null,
    address: delivery.remote?.address ?? null,
    manage: delivery.remote?.manage ?? null,
    joinCode: delivery.remote?.joinCode ?? null,
    provenAt: delivery.provenAt?.toISOString() ?? null,
    disagreeing: delivery.proof ? delivery.proof.filter((proof) => proof.verdict === 'disagrees').length : null,
    createdAt: delivery.createdAt.toISOString(),
  }
}
