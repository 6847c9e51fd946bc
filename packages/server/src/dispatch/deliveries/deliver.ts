import type { EntityManager } from '@mikro-orm/postgresql'
import { barePlan, probesOf, proveItems, withTold, type FormatLimits, type ItemProof } from '@zakuska/core'
import { picturesOf } from '../../assets/pictures.ts'
import { BankItem } from '../../bank/bank.entities.ts'
import type { Account, Adapter, ArrivedPart, Asked, Parcel, Part, PartOutcome, Progress } from '../adapters/contract.ts'
import { ADAPTERS, DestinationError } from '../adapters/index.ts'
import { accountOf, type AccountSettings } from '../connections/account.ts'
import { Connection } from '../connections/connection.entity.ts'
import { Delivery, type SentItem } from './delivery.entity.ts'

/** A person stopped it. */
class Stopped extends Error {
  override readonly name = 'Stopped'
}

/**
 * Carries out one delivery: brings its items there, then proves every key there. Safe to run twice, and after a stop at
 * any moment: what has arrived is kept item by item, and does not arrive again.
 *
 * @throws what may be over in a while, to be tried again, unless it is the last try.
 */
export async function deliver(
  em: EntityManager,
  deliveryId: string,
  settings: AccountSettings,
  isLastTry = true,
  halt?: AbortSignal,
): Promise<void> {
  const delivery = await em.findOne(Delivery, { id: deliveryId })
  if (!delivery || delivery.state === 'done' || delivery.state === 'stopped') return
  const adapter = ADAPTERS[delivery.destination]
  try {
    const connection = await em.findOne(Connection, { id: delivery.connectionId })
    if (!connection)
      throw new DestinationError(`The connection “${delivery.connectionName}” was given up. Send the paper by another.`)
    const account = accountOf(em, connection, settings, halt)
    await bring(em, delivery, adapter, account)
    await prove(em, delivery, { adapter, account, limits: withTold(adapter.limits, connection.told) })
    Object.assign(delivery, { state: 'done', why: null })
    await em.flush()
    const arrived = delivery.items.flatMap((item) => (item.remoteId === null ? [] : [item.itemId]))
    await em.nativeUpdate(BankItem, { id: { $in: arrived } }, { lastSentAt: new Date() })
  } catch (error) {
    // This server stops: another one goes on with it, or this one after its next start.
    if (halt?.aborted) throw error
    await settle(em, deliveryId, error, isLastTry)
  }
}

/** Keeps why it did not go on. @throws the error again, where it is tried once more by itself. */
async function settle(em: EntityManager, id: string, error: unknown, isLastTry: boolean): Promise<void> {
  // Past the unit of work: what it holds may be what failed.
  const set = (state: Delivery['state'], why: string | null) =>
    em.fork().nativeUpdate(Delivery, { id }, { state, why, isStopAsked: false })
  if (error instanceof Stopped) return void (await set('stopped', 'It was stopped by hand.'))
  const isOver = error instanceof DestinationError && !error.mayPass
  const why =
    error instanceof DestinationError ? error.message : 'The delivery stopped for a reason of our own. Try it again.'
  if (isOver || isLastTry) await set('failed', why)
  else await set('queued', `${why} It is tried again by itself.`)
  if (!isOver) throw error
}

async function bring(em: EntityManager, delivery: Delivery, adapter: Adapter, account: Account): Promise<void> {
  const waiting = delivery.items.filter(({ outcome }) => outcome === 'waiting')
  const arrived = delivery.items.filter(({ outcome }) => outcome === 'created' || outcome === 'replaced').length
  Object.assign(delivery, { state: 'sending', total: waiting.length + arrived, done: arrived })
  await em.flush()
  if (!waiting.length && !delivery.without.length && delivery.remote) return
  await adapter.send(account, await parcelOf(em, delivery, waiting, arrived), progressOf(em, delivery, arrived))
}

async function parcelOf(
  em: EntityManager,
  delivery: Delivery,
  waiting: readonly SentItem[],
  arrived: number,
): Promise<Parcel> {
  const { id, title, plan, into, addTo, addAt, remote, without, workspaceId } = delivery
  const bodies = waiting.map(({ body }) => body)
  const places = waiting.map(({ section = null, required = true }) => ({ section, required }))
  return {
    ...{ id, title, into, without, to: addTo, place: remote },
    plan: { ...(plan ?? barePlan(0)), places },
    parts: waiting.map(({ name, body, remoteId, section = null, required = true }): Part => ({
      name,
      body,
      remoteId,
      section,
      required,
    })),
    assets: await picturesOf(em, workspaceId, bodies),
    at: addAt === null ? null : addAt + arrived,
  }
}

function progressOf(em: EntityManager, delivery: Delivery, arrived: number): Progress {
  const keep = async (): Promise<void> => {
    await em.flush()
    const [asked] = await em.execute<{ is_stop_asked: boolean }[]>('select is_stop_asked from delivery where id = ?', [
      delivery.id,
    ])
    if (asked?.is_stop_asked) throw new Stopped()
  }
  return {
    arrivedAt: async (place) => {
      delivery.remote = place
      await keep()
    },
    goesOn: async (done) => {
      delivery.done = arrived + done
      await keep()
    },
    took: async (outcomes) => {
      const found = new Map(outcomes.map((outcome) => [outcome.name, outcome]))
      delivery.items = delivery.items.map((item) => withOutcome(item, found.get(item.name)))
      delivery.done = delivery.items.filter(({ outcome }) =>
        ['created', 'replaced', 'refused'].includes(outcome),
      ).length
      await keep()
    },
  }
}

function withOutcome(item: SentItem, found: PartOutcome | undefined): SentItem {
  if (!found || item.outcome !== 'waiting') return item
  return { ...item, outcome: found.outcome, remoteId: found.remoteId, why: found.why }
}

/** Items that are there, each with its place in the delivery. */
export function partsThere(items: readonly SentItem[]): (ArrivedPart & { readonly index: number })[] {
  return items.flatMap(({ name, body, remoteId }, index) =>
    remoteId === null ? [] : [{ name, body, remoteId, index }],
  )
}

/** Has the key and every probe graded there, and compares. */
async function prove(
  em: EntityManager,
  delivery: Delivery,
  { adapter, account, limits }: { readonly adapter: Adapter; readonly account: Account; readonly limits: FormatLimits },
): Promise<void> {
  const { items, remote } = delivery
  Object.assign(delivery, { state: 'proving', done: 0, total: items.length })
  await em.flush()
  const asked = partsThere(items).flatMap(({ index, ...part }) =>
    probesOf(part.body).map((probe, at): Asked & { readonly name: string } => ({
      ...{ part, response: probe.response },
      name: `${index}:${at}`,
    })),
  )
  const shares = remote && asked.length ? await adapter.grade(account, remote, asked) : []
  const found = new Map(asked.map(({ name }, at) => [name, shares[at] ?? null]))
  delivery.proof = proofOf(items, limits, found)
  delivery.done = delivery.total
  delivery.provenAt = new Date()
}

function proofOf(
  items: readonly SentItem[],
  limits: FormatLimits,
  shares: ReadonlyMap<string, number | null>,
): ItemProof[] {
  const proofs = proveItems(
    items.map(({ body }) => body),
    limits,
    (item, _response, at) => shares.get(`${item}:${at}`) ?? null,
  )
  return proofs.map((proof, index) =>
    items[index]?.remoteId === null ? { item: index, verdict: 'not-sent', probes: [] } : proof,
  )
}
