import { setTimeout as sleep } from 'node:timers/promises'
import type { EntityManager } from '@mikro-orm/postgresql'
import { DESTINATIONS, FORMATS, probesOf, proveItems, type ItemProof } from '@zakuska/core'
import { packZip } from '@zakuska/documents'
import { BankItem } from '../bank/bank.entities.ts'
import {
  clientOf,
  DestinationError,
  type BreakwaterClient,
  toRemoteResponse,
  type RemoteImport,
} from './breakwater.client.ts'
import { Connection, Delivery, type SentItem } from './dispatch.entities.ts'

const POLL_MS = 150
const MAX_POLLS = 800
const GRADE_BATCH = 200

/**
 * Carries out one delivery: packs, uploads, waits for the import, then proves every key there. Safe to
 * run twice: the upload carries the delivery's id, and a finished delivery is left alone.
 *
 * @throws what may be over in a while, to be tried again, unless it is the last try.
 */
export async function deliver(em: EntityManager, deliveryId: string, secret: string, isLastTry = true): Promise<void> {
  const delivery = await em.findOne(Delivery, { id: deliveryId })
  if (!delivery || delivery.state === 'done') return
  try {
    const connection = await em.findOneOrFail(Connection, {
      workspaceId: delivery.workspaceId,
      destination: delivery.destination,
    })
    const client = clientOf(connection, secret)
    await upload(em, delivery, client)
    await prove(em, delivery, client)
    delivery.state = 'done'
    delivery.why = null
    const arrived = delivery.items.flatMap((item) => (item.outcome === 'created' ? [item.itemId] : []))
    await em.nativeUpdate(BankItem, { id: { $in: arrived } }, { lastSentAt: new Date() })
  } catch (error) {
    const isOver = error instanceof DestinationError && !error.mayPass
    const why =
      error instanceof DestinationError ? error.message : 'The delivery stopped for a reason of our own. Try it again.'
    // Past the unit of work: what it holds may be what failed.
    await em
      .fork()
      .nativeUpdate(
        Delivery,
        { id: deliveryId },
        isOver || isLastTry
          ? { state: 'failed', why }
          : { state: 'queued', why: `${why} It is tried again by itself.` },
      )
    if (!isOver) throw error
    return
  }
  await em.flush()
}

async function upload(em: EntityManager, delivery: Delivery, client: BreakwaterClient): Promise<void> {
  delivery.state = 'sending'
  await em.flush()
  const going = delivery.items.filter((item) => item.outcome !== 'left-out')
  const written = FORMATS.qti21.write(
    going.map((item) => item.body),
    { title: delivery.title, as: delivery.into === 'quiz' ? 'paper' : 'bank', ids: going.map((item) => item.name) },
  )
  if (written.data.form !== 'package') throw new TypeError('QTI 2.1 is written as a package.')
  const importId = await client.startImport(packZip(written.data.files), delivery.into, delivery.title, delivery.id)
  const job = await waitForImport(em, delivery, client, importId)
  delivery.items = delivery.items.map((item) => withOutcome(item, job))
  const { collectionId } = job
  delivery.remote = {
    importId,
    collectionId,
    address: collectionId !== null && delivery.into === 'quiz' ? client.quizAddress(collectionId) : null,
  }
  await em.flush()
}

async function waitForImport(
  em: EntityManager,
  delivery: Delivery,
  client: BreakwaterClient,
  importId: string,
): Promise<RemoteImport> {
  for (let poll = 0; poll < MAX_POLLS; poll++) {
    const job = await client.importState(importId)
    if (job.state === 'failed')
      throw new DestinationError(`Breakwater could not take the package: ${job.why ?? 'it does not say why'}.`)
    if (job.done !== delivery.done) {
      delivery.done = job.done
      await em.flush()
    }
    if (job.state === 'done') return job
    await sleep(POLL_MS)
  }
  throw new DestinationError('Breakwater did not finish the import in time.', true)
}

function withOutcome(item: SentItem, job: RemoteImport): SentItem {
  if (item.outcome === 'left-out') return item
  const found = job.outcomes.find((outcome) => outcome.path.endsWith(`${item.name}.xml`))
  if (!found) return { ...item, outcome: 'refused', why: 'Breakwater did not report on it' }
  return { ...item, outcome: found.outcome, remoteId: found.itemId, why: found.why }
}

/** Has the key and every probe graded there, and compares. */
async function prove(em: EntityManager, delivery: Delivery, client: BreakwaterClient): Promise<void> {
  Object.assign(delivery, { state: 'proving', done: 0, total: delivery.items.length })
  await em.flush()
  const asked = delivery.items.flatMap((item, index) =>
    item.remoteId === null
      ? []
      : probesOf(item.body).map((probe, at) => ({
          index,
          at,
          itemId: item.remoteId ?? '',
          responses: toRemoteResponse(probe.response),
        })),
  )
  const shares = new Map<string, number | null>()
  for (let from = 0; from < asked.length; from += GRADE_BATCH) {
    const batch = asked.slice(from, from + GRADE_BATCH)
    const grades = await client.grade(batch.map(({ itemId, responses }) => ({ itemId, responses })))
    batch.forEach((one, position) => {
      const grade = grades[position]
      const points = delivery.items[one.index]?.body.points ?? 0
      shares.set(
        `${one.index}:${one.at}`,
        grade?.score === null || grade === undefined ? null : points > 0 ? grade.score / points : grade.score,
      )
    })
    delivery.done = batch.at(-1)?.index ?? delivery.done
    await em.flush()
  }
  delivery.proof = proofOf(delivery.items, shares)
  delivery.done = delivery.total
  delivery.provenAt = new Date()
}

function proofOf(items: readonly SentItem[], shares: ReadonlyMap<string, number | null>): ItemProof[] {
  const limits = DESTINATIONS.find((destination) => destination.id === 'breakwater')?.limits ?? {}
  const proofs = proveItems(
    items.map((item) => item.body),
    limits,
    (item, _response, at) => shares.get(`${item}:${at}`) ?? null,
  )
  return proofs.map((proof, index) =>
    items[index]?.outcome === 'left-out' ? { item: index, verdict: 'not-sent', probes: [] } : proof,
  )
}
