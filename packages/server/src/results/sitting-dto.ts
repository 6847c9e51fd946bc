import { fitsItem, isResponse, type Response } from '@zakuska/core'
import { Delivery, partsThere } from '../dispatch/index.ts'
import type { AttemptDto, SittingSummaryDto } from './dto/sittings.dto.ts'
import type { UnderWayDto } from './dto/taking-settings.dto.ts'
import { Attempt, Sitting, type SittingItem } from './sitting.entity.ts'
import { isOpenNow } from './taking/opening.ts'

export interface Counted {
  /** Attempts that were not here before, and those that were. */
  readonly fresh: number
  readonly known: number
}

/** Items that are there, as they were sent, in the order in which responses name them. */
export function itemsThere(delivery: Delivery): SittingItem[] {
  return partsThere(delivery.items).flatMap(({ index, body }) => {
    const sent = delivery.items[index]
    return sent ? [{ itemId: sent.itemId, revision: sent.revision, body }] : []
  })
}

export function toSummary(
  sitting: Sitting,
  destinations: ReadonlyMap<string, Delivery>,
  attempts: number,
  underWay: number,
): SittingSummaryDto {
  const { id, title, source, paperId, deliveryId, code, taking } = sitting
  return {
    ...{ id, title, source, paperId, deliveryId, code, attempts, underWay },
    destination: destinations.get(deliveryId ?? '')?.destination ?? null,
    isOpen: taking !== null && isOpenNow(taking, new Date()),
    fetchedAt: sitting.fetchedAt?.toISOString() ?? null,
    createdAt: sitting.createdAt.toISOString(),
  }
}

export function toAttempt(attempt: Attempt, counts: boolean): AttemptDto {
  const { id, student, person, fields, responses, given, remarks, history, isHandedIn } = attempt
  return {
    ...{ id, student, person, fields, responses, given, remarks, history, isHandedIn, counts },
    submittedAt: attempt.submittedAt?.toISOString() ?? null,
  }
}

export function toUnderWay({ id, student, startedAt, mayMove }: Attempt): UnderWayDto {
  return { id, student, startedAt: startedAt?.toISOString() ?? null, mayMove }
}

export function responseIn(body: SittingItem['body'], given: object | null): Response | null {
  return isResponse(given) && fitsItem(body, given) ? given : null
}

export function textsOf(fields: Readonly<Record<string, unknown>>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(fields).flatMap(([name, value]) =>
      typeof value === 'string' ? [[name.slice(0, 120), value.slice(0, 500)]] : [],
    ),
  )
}
