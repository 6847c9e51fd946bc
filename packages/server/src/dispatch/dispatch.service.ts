import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Inject, Injectable, UnprocessableEntityException } from '@nestjs/common'
import {
  DESTINATIONS,
  fitItem,
  isFormatId,
  planOf,
  remedied,
  REMEDIES,
  withHeaders,
  type Assets,
  type Item,
  type RemedyId,
} from '@zakuska/core'
import { isFileTarget, packZip, type FileTarget } from '@zakuska/documents'
import type { SignedIn } from '../accounts/current-person.ts'
import { picturesOf } from '../assets/pictures.ts'
import { BankService, categoryOf } from '../bank/index.ts'
import { ColumnLayout } from '../drafts/column-layout.entity.ts'
import { orNotFound } from '../http/id.ts'
import { JobsService } from '../jobs/jobs.service.ts'
import { PapersService, type Paper, type PaperEntry, type PaperItem } from '../papers/index.ts'
import { SETTINGS, type ServerSettings } from '../settings.ts'
import { RecordService } from '../record/record.service.ts'
import { WorkService } from '../work/work.service.ts'
import { BreakwaterClient, clientOf, DestinationError } from './breakwater.client.ts'
import { seal } from './sealed.ts'
import { Connection, Delivery, type SentItem } from './dispatch.entities.ts'
import type {
  ConnectionDto,
  DeliveryDto,
  DeliverySummaryDto,
  DownloadQuery,
  FileProofDto,
  SendDto,
} from './dto/dispatch.dto.ts'

export interface Download {
  readonly fileName: string
  readonly type: string
  readonly bytes: Uint8Array
}

interface Outgoing {
  readonly paper: Paper
  readonly assets: Assets
  readonly itemsFor: (target: FileTarget) => {
    readonly items: readonly Item[]
    readonly entries: readonly PaperEntry[]
    readonly categories: readonly string[]
  }
}

@Injectable()
export class DispatchService {
  constructor(
    private readonly em: EntityManager,
    private readonly papers: PapersService,
    private readonly bank: BankService,
    private readonly jobs: JobsService,
    private readonly work: WorkService,
    private readonly record: RecordService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  async connection(workspaceId: string): Promise<ConnectionDto> {
    const known = await this.em.findOne(Connection, { workspaceId, destination: 'breakwater' })
    return {
      destination: 'breakwater',
      url: known?.url ?? this.settings.destinationOrigins[0] ?? '',
      hasToken: known !== null,
    }
  }

  /** Keeps a connection after trying it. @throws UnprocessableEntityException with what the destination said. */
  async setConnection(workspaceId: string, url: string, token: string): Promise<ConnectionDto> {
    const origin = originOf(url)
    if (!origin || !this.settings.destinationOrigins.includes(origin))
      throw new UnprocessableEntityException(
        `This server sends to ${this.settings.destinationOrigins.join(', ') || 'nowhere'} only.`,
      )
    await new BreakwaterClient(origin, token).check().catch(refuse)
    const known = await this.em.findOne(Connection, { workspaceId, destination: 'breakwater' })
    const sealed = seal(this.settings.sessionSecret, token)
    if (known) Object.assign(known, { url: origin, token: sealed })
    else
      this.em.create(Connection, {
        id: randomUUID(),
        workspaceId,
        destination: 'breakwater',
        url: origin,
        token: sealed,
      })
    await this.em.flush()
    return this.connection(workspaceId)
  }

  async client(workspaceId: string): Promise<BreakwaterClient> {
    const known = await this.em.findOne(Connection, { workspaceId, destination: 'breakwater' })
    if (!known)
      throw new UnprocessableEntityException('There is no connection to Breakwater yet. Set one up in Dispatch.')
    try {
      return clientOf(known, this.settings.sessionSecret)
    } catch (error) {
      return refuse(error)
    }
  }

  /**
   * A paper as a file in a format, or as a zip of several. Unsigned items stay behind unless they were asked for;
   * an item changes only by the remedies that were accepted for it.
   */
  async download(workspaceId: string, paperId: string, asked: DownloadQuery): Promise<Download> {
    const { paper, assets, itemsFor } = await this.#outgoing(workspaceId, paperId, asked)
    const kept = asked.layout && (await this.em.findOne(ColumnLayout, { id: asked.layout, workspaceId }))
    const columns = kept ? { columns: withHeaders(kept.layout) } : {}
    const settings = { title: paper.title, as: 'paper' as const, assets, ...columns }
    const files = await Promise.all(
      targetsIn(asked.formats).map(async (target): Promise<Download> => {
        const { items, entries, categories } = itemsFor(target)
        const plan = planOf(paper, entries)
        const { bytes, ending, type } = await this.work.run('writeFile', {
          items,
          target,
          settings: { ...settings, categories, plan },
        })
        return { fileName: `${fileNameOf(paper.title)}.${ending}`, type, bytes }
      }),
    )
    const [only, ...others] = files
    if (!only) throw new UnprocessableEntityException('There is no such format.')
    if (!others.length) return only
    const entries = files.map((file) => ({ path: file.fileName, bytes: file.bytes }))
    return { fileName: `${fileNameOf(paper.title)}.zip`, type: 'application/zip', bytes: packZip(entries) }
  }

  /** The key proof of the same files: written, read back by each format's own rules, and every probe graded. */
  async proof(workspaceId: string, paperId: string, asked: DownloadQuery): Promise<FileProofDto[]> {
    const { paper, assets, itemsFor } = await this.#outgoing(workspaceId, paperId, asked)
    return Promise.all(
      targetsIn(asked.formats)
        .filter(isFormatId)
        .map(async (format) => {
          const { items } = itemsFor(format)
          const proof = await this.work.run('prove', { items, format, title: paper.title, assets })
          return { format, ...proof, wrong: [...proof.wrong] }
        }),
    )
  }

  /** What goes out of a paper: unsigned items only where they were asked for, each as the accepted remedies make it. */
  async #outgoing(workspaceId: string, paperId: string, asked: DownloadQuery): Promise<Outgoing> {
    const paper = await this.papers.find(workspaceId, paperId)
    const chosen = (await this.papers.itemsOf(paper)).filter(({ item }) => asked.unsigned === 'true' || item.signOff)
    const accepted = acceptedRemedies(asked.remedies)
    const bodies = chosen.map(({ body }) => body)
    return {
      paper,
      assets: await picturesOf(this.em, workspaceId, bodies),
      itemsFor: (target) => {
        const parts = chosen.flatMap(({ item, body, entry }) =>
          remedied(body, accepted.get(`${target}:${item.id}`) ?? []).map((part) => ({ part, entry, item })),
        )
        return {
          items: parts.map(({ part }) => part),
          entries: parts.map(({ entry }) => entry),
          categories: parts.map(({ item }) => categoryOf(item)),
        }
      },
    }
  }

  /** Queues a delivery; the same id again answers with the delivery that is already there. */
  async send(person: SignedIn, asked: SendDto): Promise<DeliveryDto> {
    const known = await this.em.findOne(Delivery, { id: asked.id, workspaceId: person.workspaceId })
    if (known) return this.toDto(known)
    await this.client(person.workspaceId)
    const paper = await this.papers.find(person.workspaceId, asked.paperId)
    const items = await this.papers.itemsOf(paper)
    if (!items.length) throw new UnprocessableEntityException('This paper has no items to send.')
    const delivery = this.#newDelivery(person, asked, paper, items)
    this.record.note(person, 'dispatched', `sent “${paper.title}” to ${delivery.destination}`)
    await this.em.flush()
    await this.jobs.queueDelivery(delivery.id)
    return this.toDto(delivery)
  }

  #newDelivery(person: SignedIn, asked: SendDto, paper: Paper, items: readonly PaperItem[]): Delivery {
    const accepted = acceptedRemedies(asked.remedies)
    const sent = items
      .flatMap((item) =>
        remedied(item.body, accepted.get(`breakwater:${item.item.id}`) ?? []).map((body) => ({ ...item, body })),
      )
      .map((item, index) => sentItem(item, index, asked.includeUnsigned))
    return this.em.create(Delivery, {
      id: asked.id,
      workspaceId: person.workspaceId,
      paperId: paper.id,
      title: paper.title,
      destination: 'breakwater',
      into: asked.into,
      state: 'queued',
      done: 0,
      total: sent.filter((item) => item.outcome === 'waiting').length,
      items: sent,
      sentBy: person.name,
      createdAt: new Date(),
    })
  }

  /** Tries a failed delivery again; what has arrived already does not arrive twice. */
  async retry(workspaceId: string, id: string): Promise<DeliveryDto> {
    const delivery = await this.find(workspaceId, id)
    if (delivery.state === 'failed') {
      Object.assign(delivery, { state: 'queued', why: null })
      await this.em.flush()
      await this.jobs.queueDelivery(delivery.id)
    }
    return this.toDto(delivery)
  }

  async list(workspaceId: string): Promise<DeliverySummaryDto[]> {
    const deliveries = await this.em.find(Delivery, { workspaceId }, { orderBy: { createdAt: 'desc' }, limit: 200 })
    return deliveries.map(toSummary)
  }

  async find(workspaceId: string, id: string): Promise<Delivery> {
    return orNotFound(await this.em.findOne(Delivery, { id, workspaceId }), 'delivery')
  }

  async get(workspaceId: string, id: string): Promise<DeliveryDto> {
    return this.toDto(await this.find(workspaceId, id))
  }

  async toDto(delivery: Delivery): Promise<DeliveryDto> {
    const now = new Map(
      (
        await this.bank.findAll(
          delivery.workspaceId,
          delivery.items.map((item) => item.itemId),
        )
      ).map((item) => [item.id, item.revision]),
    )
    return {
      ...toSummary(delivery),
      items: delivery.items.map(({ itemId, revision, body, outcome, why }) => ({
        itemId,
        revision,
        body,
        outcome,
        why,
        changedSince: (now.get(itemId) ?? revision) !== revision,
      })),
      proof: delivery.proof,
    }
  }
}

/** What would not fit, or nobody has vouched for, is left out and says so. */
function sentItem({ item, body }: PaperItem, index: number, includeUnsigned: boolean): SentItem {
  const limits = DESTINATIONS.find((destination) => destination.id === 'breakwater')?.limits ?? {}
  const fit = fitItem(body, limits)
  const why =
    fit.verdict === 'cannot'
      ? (fit.reasons[0]?.says ?? 'Does not fit')
      : !item.signOff && !includeUnsigned
        ? 'Not signed off'
        : null
  return {
    itemId: item.id,
    revision: item.revision,
    body,
    name: `item-${String(index + 1).padStart(3, '0')}`,
    outcome: why ? 'left-out' : 'waiting',
    remoteId: null,
    why,
  }
}

function fileNameOf(title: string): string {
  const plain = title
    .normalize('NFD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
  return plain.toLowerCase() || 'paper'
}

function targetsIn(asked: string): FileTarget[] {
  return [...new Set(asked.split(','))].filter(isFileTarget)
}

/** Remedies by destination and item, as `destination:item`, in the order in which they were accepted. */
function acceptedRemedies(asked: string | undefined): Map<string, RemedyId[]> {
  const found = new Map<string, RemedyId[]>()
  for (const entry of (asked ?? '').split(',')) {
    const [destination, item, remedy] = entry.split(':')
    if (!destination || !item || !remedy || !Object.hasOwn(REMEDIES, remedy)) continue
    const name = `${destination}:${item}`
    found.set(name, [...(found.get(name) ?? []), remedy as RemedyId])
  }
  return found
}

function toSummary(delivery: Delivery): DeliverySummaryDto {
  const { id, paperId, title, destination, into, state, done, total, why, sentBy } = delivery
  return {
    id,
    paperId,
    title,
    destination,
    into,
    state,
    done,
    total,
    why,
    sentBy,
    address: delivery.remote?.address ?? null,
    provenAt: delivery.provenAt?.toISOString() ?? null,
    disagreeing: delivery.proof ? delivery.proof.filter((proof) => proof.verdict === 'disagrees').length : null,
    responseCount: delivery.responses?.length ?? null,
    fetchedAt: delivery.fetchedAt?.toISOString() ?? null,
    createdAt: delivery.createdAt.toISOString(),
  }
}

function originOf(url: string): string | null {
  try {
    return new URL(url).origin
  } catch {
    return null
  }
}

function refuse(error: unknown): never {
  throw error instanceof DestinationError ? new UnprocessableEntityException(error.message) : error
}
