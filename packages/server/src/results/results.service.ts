import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { plainText, scorePaper } from '@zakuska/core'
import { stringify } from 'csv-stringify/sync'
import { BankItem } from '../bank/index.ts'
import { DeliveriesService, type Delivery, type SentItem } from '../dispatch/index.ts'
import type { ResultsDto } from './dto/results.dto.ts'

@Injectable()
export class ResultsService {
  constructor(
    private readonly em: EntityManager,
    private readonly deliveries: DeliveriesService,
  ) {}

  async get(workspaceId: string, deliveryId: string): Promise<ResultsDto> {
    return toDto(await this.deliveries.find(workspaceId, deliveryId))
  }

  /** Fetches all attempts from where the delivery went; those fetched before are replaced by what is there now. */
  async fetch(workspaceId: string, deliveryId: string): Promise<ResultsDto> {
    const { delivery, attempts } = await this.deliveries.responses(workspaceId, deliveryId)
    delivery.responses = attempts
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
    const delivery = await this.deliveries.find(workspaceId, deliveryId)
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
  return delivery.items.filter((item) => item.remoteId !== null)
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
