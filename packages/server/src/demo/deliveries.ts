import { randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import { variablesOf } from '@zakuska/core'
import { BankItem } from '../bank/bank.entities.ts'
import { Connection } from '../dispatch/connections/connection.entity.ts'
import { deliver } from '../dispatch/deliveries/deliver.ts'
import { Delivery } from '../dispatch/deliveries/delivery.entity.ts'
import { Paper } from '../papers/paper.entity.ts'
import { makeResponses } from './attempts.ts'
import { addFetched } from './sittings.ts'
import { STUDENTS } from './students.ts'

/** Sends the first paper as anybody would, and has the class take it. */
// eslint-disable-next-line max-lines-per-function -- one field after the other
export async function addDelivery(
  em: EntityManager,
  connection: Connection,
  paper: Paper,
  items: readonly BankItem[],
  settings: SeedSettings,
): Promise<void> {
  const { workspaceId, destination, name } = connection
  const sent = paper.entries.flatMap(({ itemId }) => {
    const item = items.find(({ id }) => id === itemId)
    if (!item) return []
    const { id, revision, body } = item
    const name = `item-${id.replaceAll('-', '').slice(0, 20)}`
    return [{ itemId: id, revision, body, name, outcome: 'waiting' as const, remoteId: null, why: null }]
  })
  const delivery = em.create(Delivery, {
    id: randomUUID(),
    ...{ workspaceId, destination, title: paper.title, paperId: paper.id },
    connectionId: connection.id,
    connectionName: name,
    into: 'new',
    state: 'queued',
    done: 0,
    total: sent.length,
    items: sent,
    sentBy: PERSON,
    createdAt: new Date(Date.now() - 2 * DAY_MS),
  })
  await em.flush()
  await deliver(em, delivery.id, { sessionSecret: settings.secret, destinationTimeoutMs: 20_000 })
  if (!delivery.remote) throw new Error(`The demo's delivery did not arrive: ${delivery.why ?? ''}`)
  const bodies = delivery.items.map((item) => item.body)
  const responses = makeResponses(bodies, STUDENTS.length, 1852)
  await handIn(
    settings,
    delivery.remote.id,
    STUDENTS.map((student, place) => ({
      student,
      submittedAt: new Date(Date.now() - DAY_MS + place * 41_000).toISOString(),
      answers: Object.fromEntries(
        delivery.items.map(({ remoteId, body }, index) => [
          remoteId ?? '',
          variablesOf(body, responses[place]?.[index] ?? { kind: 'text', text: '' }),
        ]),
      ),
    })),
  )
  await addFetched(
    em,
    delivery,
    STUDENTS.map((student, place) => ({ student, fields: {}, responses: responses[place] ?? [] })),
    await attemptsThere(settings, delivery.remote.id),
    PERSON,
  )
}

/** What the site calls its attempts, in their order. */
async function attemptsThere(settings: SeedSettings, quiz: string): Promise<string[]> {
  const answer = await fetch(`${settings.breakwaterUrl}/api/quizzes/${quiz}/responses`, {
    headers: { authorization: `Bearer ${settings.breakwaterToken}` },
  })
  const { attempts } = (await answer.json()) as { readonly attempts: readonly { readonly id: string }[] }
  return attempts.map(({ id }) => id)
}

/** Breakwater takes attempts that were made elsewhere. */
async function handIn(settings: SeedSettings, quiz: string, attempts: readonly object[]): Promise<void> {
  const answer = await fetch(`${settings.breakwaterUrl}/api/quizzes/${quiz}/attempts`, {
    method: 'POST',
    headers: { authorization: `Bearer ${settings.breakwaterToken}`, 'content-type': 'application/json' },
    body: JSON.stringify(attempts),
  })
  if (!answer.ok) throw new Error(`The demo's attempts were not taken: status ${answer.status}`)
}

export interface SeedSettings {
  readonly databaseUrl: string
  readonly breakwaterUrl: string
  readonly breakwaterToken: string
  readonly foghornUrl: string
  readonly foghornToken: string
  readonly skerryUrl: string
  readonly skerryToken: string
  /** The server's secret, by which tokens are sealed. */
  readonly secret: string
  /** Takes all of the demo workspace out first. */
  readonly reset: boolean
  readonly say: (line: string) => void
}

export const PERSON = 'Iris Holm'

export const DAY_MS = 86_400_000
