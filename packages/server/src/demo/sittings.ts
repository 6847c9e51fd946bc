import { randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import type { Item, Response } from '@zakuska/core'
import type { BankItem } from '../bank/bank.entities.ts'
import type { Delivery } from '../dispatch/deliveries/delivery.entity.ts'
import type { Paper } from '../papers/paper.entity.ts'
import { personOf } from '../results/person.ts'
import { keepRecords } from '../results/records.ts'
import { Attempt, Sitting, type SittingItem } from '../results/sitting.entity.ts'
import { itemsThere } from '../results/sitting-dto.ts'
import { makeResponses } from './attempts.ts'
import { manyNames } from './students.ts'

const DAY_MS = 86_400_000
const SECOND_MS = 41_000

interface Made {
  readonly student: string
  readonly fields: Readonly<Record<string, string>>
  readonly responses: readonly (Response | null)[]
}

async function add(
  em: EntityManager,
  sitting: Sitting,
  attempts: readonly (Made & { readonly externalId?: string })[],
  from: number,
): Promise<void> {
  const rows = attempts.map(({ student, fields, responses, externalId }, place) =>
    em.create(Attempt, {
      id: randomUUID(),
      ...{ sittingId: sitting.id, student, person: personOf(student), fields: { ...fields } },
      ...{ responses: [...responses], submittedAt: new Date(from + place * SECOND_MS) },
      ...(externalId !== undefined && { externalId }),
    }),
  )
  await em.flush()
  await keepRecords(em, sitting, rows)
}

/** What the class answered in the quiz, as it was fetched. `names` are the site's own for the attempts. */
export async function addFetched(
  em: EntityManager,
  delivery: Delivery,
  attempts: readonly Made[],
  names: readonly string[],
  by: string,
): Promise<void> {
  const sitting = em.create(Sitting, {
    id: randomUUID(),
    ...{ workspaceId: delivery.workspaceId, paperId: delivery.paperId, deliveryId: delivery.id },
    ...{ title: delivery.title, source: 'delivery', items: itemsThere(delivery), fetchedAt: new Date() },
    ...{ createdBy: by, createdAt: delivery.createdAt },
  })
  await add(
    em,
    sitting,
    attempts.map((one, at) => ({ ...one, ...(names[at] !== undefined && { externalId: names[at] }) })),
    Date.now() - DAY_MS,
  )
}

/** Other evening courses, out of a file: one item went out with a wrong key, which was mended in the bank since. */
export async function addFromFile(
  em: EntityManager,
  paper: Paper,
  items: readonly BankItem[],
  by: string,
): Promise<void> {
  const bodies = items.map(({ body }) => body)
  const responses = makeResponses(bodies, 60, 1911)
  const wrong = bodies.findIndex((body) => body.kind === 'single' && body.options.length > 3)
  const sitting = em.create(Sitting, {
    id: randomUUID(),
    ...{
      workspaceId: paper.workspaceId,
      paperId: paper.id,
      title: `${paper.title}, all evening courses`,
      source: 'file',
    },
    items: items.map(({ id, revision, body }, at): SittingItem => ({
      ...{ itemId: id, revision, body: at === wrong ? miskeyed(body) : body },
    })),
    ...{ createdBy: by, createdAt: new Date(Date.now() - 6 * DAY_MS), fetchedAt: new Date() },
  })
  const names = manyNames(60)
  const made = names.map((student, at) => ({
    ...{ student, fields: { Name: student, Class: 'ABC'[at % 3] ?? 'A' }, responses: responses[at] ?? [] },
  }))
  await add(em, sitting, made, Date.now() - 6 * DAY_MS)
}

/** The harbour's yearly check, taken here by many: an item with a clue, and a distractor that nobody takes. */
export async function addTakenHere(
  em: EntityManager,
  paper: Paper,
  items: readonly BankItem[],
  by: string,
): Promise<void> {
  const bodies = items.map(({ body }) => body)
  const choices = bodies.flatMap((body, at) => (body.kind === 'single' && body.options.length > 3 ? [at] : []))
  const [clue, dead] = choices
  const responses = makeResponses(bodies, 300, 1866, {
    ...(clue !== undefined && { clue }),
    ...(dead !== undefined && { dead }),
  })
  const sitting = em.create(Sitting, {
    id: randomUUID(),
    ...{ workspaceId: paper.workspaceId, paperId: paper.id, title: 'Harbour check of the year', source: 'here' },
    items: items.map(({ id, revision, body }): SittingItem => ({ itemId: id, revision, body })),
    taking: {
      ...{ mode: 'test', isOpen: false, opensAt: null, closesAt: null, who: 'anyone', people: [], attempts: 1 },
      ...{
        timeLimit: 40,
        instructions: paper.instructions,
        identity: ['Name'],
        shuffleItems: true,
        shuffleOptions: true,
      },
      ...{ feedbackWhen: 'after', tries: null, sections: [] },
      places: items.map(() => ({ section: null, required: true })),
    },
    ...{ code: `HARB${String(paper.id).replace(/\D/g, '').slice(0, 2).padEnd(2, '2')}`, createdBy: by },
    createdAt: new Date(Date.now() - 12 * DAY_MS),
  })
  const names = manyNames(300)
  const made = names.map((student, at) => ({ student, fields: { Name: student }, responses: responses[at] ?? [] }))
  await add(em, sitting, made, Date.now() - 12 * DAY_MS)
}

/** Keyed by its second option instead of its first, or the first instead of another. */
function miskeyed(body: Item): Item {
  if (body.kind !== 'single') return body
  const other = body.options.find(({ id }) => !body.key.includes(id))
  return other ? { ...body, key: [other.id] } : body
}
