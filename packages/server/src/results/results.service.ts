import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { plainText, scorePaper, type Attempt, type Item, type Response } from '@zakuska/core'
import { stringify } from 'csv-stringify/sync'
import { BankItem } from '../bank/index.ts'
import {
  DestinationError,
  DispatchService,
  type Delivery,
  type RemoteAttempt,
  type SentItem,
} from '../dispatch/index.ts'
import type { ResultsDto } from './dto/results.dto.ts'

@Injectable()
export class ResultsService {
  constructor(
    private readonly em: EntityManager,
    private readonly dispatch: DispatchService,
  ) {}

  async get(workspaceId: string, deliveryId: string): Promise<ResultsDto> {
    return toDto(await this.dispatch.find(workspaceId, deliveryId))
  }

  /** Fetches all attempts from where the delivery went; those fetched before are replaced by what is there now. */
  async fetch(workspaceId: string, deliveryId: string): Promise<ResultsDto> {
    const delivery = await this.dispatch.find(workspaceId, deliveryId)
    const quizId = delivery.remote?.collectionId
    if (delivery.into !== 'quiz' || !quizId)
      throw new UnprocessableEntityException('Only a quiz that has arrived has responses.')
    const client = await this.dispatch.client(workspaceId)
    const attempts = await client.attempts(quizId).catch((error: unknown) => {
      throw error instanceof DestinationError ? new UnprocessableEntityException(error.message) : error
    })
    delivery.responses = attempts.map((attempt) => toAttempt(attempt, arrived(delivery)))
    delivery.fetchedAt = new Date()
    await this.#keepShares(delivery)
    await this.em.flush()
    return toDto(delivery)
  }

  /** The bank is sorted and filtered by how items went when they were last taken. */
  async #keepShares(delivery: Delivery): Promise<void> {
    if (!delivery.responses?.length) return
    const sent = arrived(delivery)
    const { items } = scorePaper(
      sent.map((item) => item.body),
      delivery.responses,
    )
    for (const { item, shareRight } of items)
      await this.em.nativeUpdate(BankItem, { id: sent[item]?.itemId ?? '' }, { shareRight })
  }

  /** One row per student: the points per item and the total. Text that a spreadsheet would run as a formula is disarmed. */
  async csv(workspaceId: string, deliveryId: string): Promise<string> {
    const delivery = await this.dispatch.find(workspaceId, deliveryId)
    const items = arrived(delivery).map((item) => item.body)
    const figures = scorePaper(items, delivery.responses ?? [])
    const header = [
      'Student',
      ...items.map(
        (item, index) => `${index + 1}. ${plainText(item.stem).replace(/\s+/g, ' ').slice(0, 60)} (${item.points})`,
      ),
      `Total (${figures.pointsPossible})`,
    ]
    const rows = figures.attempts.map((attempt) => [attempt.student, ...attempt.points, attempt.total])
    return stringify([header, ...rows], { escape_formulas: true, bom: true, record_delimiter: 'windows' })
  }
}

function arrived(delivery: Delivery): SentItem[] {
  return delivery.items.filter((item) => item.outcome === 'created')
}

function toAttempt(remote: RemoteAttempt, items: readonly SentItem[]): Attempt {
  return {
    student: remote.student,
    responses: items.map((item) => {
      const answer = item.remoteId === null ? undefined : remote.answers[item.remoteId]
      return answer ? toResponse(item.body, answer.values) : null
    }),
  }
}

function toResponse(item: Item, values: readonly string[]): Response {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return { kind: 'choice', chosen: values }
    case 'truefalse':
      return { kind: 'truth', value: values[0] === undefined ? null : values[0] === 'true' }
    default:
      return { kind: 'text', text: values[0] ?? '' }
  }
}

function toDto(delivery: Delivery): ResultsDto {
  const items = arrived(delivery).map((item) => item.body)
  const attempts = delivery.responses ?? []
  return {
    id: delivery.id,
    title: delivery.title,
    fetchedAt: delivery.fetchedAt?.toISOString() ?? null,
    items,
    figures: delivery.responses && scorePaper(items, attempts),
    attempts,
  }
}
