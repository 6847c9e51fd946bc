import { randomUUID } from 'node:crypto'
import { type EntityManager, MikroORM } from '@mikro-orm/postgresql'
import {
  fingerprint,
  type FollowedItem,
  followItems,
  type Item,
  outcomesFromRows,
  readDraft,
  type SignOff,
} from '@zakuska/core'
import { Membership, Person, Workspace } from '../accounts/accounts.entities.ts'
import { hashPassword } from '../accounts/passwords.ts'
import type { Role } from '../access/permissions.ts'
import { removeWorkspace } from '../accounts/remove-workspace.ts'
import { BankItem } from '../bank/bank.entities.ts'
import { addOutcomes } from '../bank/outcomes.service.ts'
import { prepareDatabase } from '../database/prepare.ts'
import { ormSettings } from '../database/settings.ts'
import { ENTITIES } from '../entities.ts'
import { Connection } from '../dispatch/connections/connection.entity.ts'
import { Delivery } from '../dispatch/deliveries/delivery.entity.ts'
import { seal } from '../outward/sealed.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { Paper } from '../papers/paper.entity.ts'
import { addItems } from './bank-items.ts'
import { addReadyMade, READY_MADE_WORKSPACE } from './ready-made.ts'
import { addFromFile, addTakenHere } from './sittings.ts'
import { addWriting, connectWriting, FETCH_DRAFT } from './writing.ts'
import { BANK_TEXT, CLEAN_DRAFT, MESSY_DRAFT, OUTCOMES } from './texts.ts'
import { addDelivery, DAY_MS, PERSON, type SeedSettings } from './deliveries.ts'

const WORKSPACE = 'Skarnholm · Coastal pilotage'

const EMAIL = 'iris@skarnholm.example'

const PASSWORD = 'lighthouse'

/** Who is in the demo, all with the same password. */
const PEOPLE: readonly { readonly name: string; readonly email: string; readonly role: Role }[] = [
  { name: PERSON, email: EMAIL, role: 'owner' },
  { name: 'Torben Aske', email: 'torben@skarnholm.example', role: 'editor' },
  { name: 'Maj Lindqvist', email: 'maj@skarnholm.example', role: 'reviewer' },
  { name: 'Ode Renfeld', email: 'ode@skarnholm.example', role: 'viewer' },
]

const WEEK_2 = [0, 1, 5, 8, 10, 12, 28, 18, 6, 4, 23, 15]

const KNOTS_AND_RADIO = [6, 7, 25, 26, 8, 9, 27]

const EVERY_KIND = [0, 30, 31, 32, 33, 34, 35, 36, 37]

/** Where items lie in the bank, by their first tag. */
const PLACES: Readonly<Record<string, string>> = {
  buoys: 'Navigation/Buoys',
  lights: 'Navigation/Lights',
  charts: 'Navigation/Charts',
  tides: 'Tides',
  weather: 'Weather',
  knots: 'Seamanship/Knots',
  anchoring: 'Seamanship/Anchoring',
  radio: 'Radio and signals',
  signals: 'Radio and signals',
}

const UNSIGNED = new Set([14, 16, 20, 29])

/** Migrates, fills an empty database with the demo, and points the demo's connection at Breakwater as it runs now. */
export async function seedDemo(settings: SeedSettings): Promise<void> {
  await prepareDatabase(settings.databaseUrl)
  const orm = await MikroORM.init(ormSettings(settings.databaseUrl, ENTITIES))
  try {
    const em = orm.em.fork()
    if (settings.reset) await clear(em)
    const known = await em.findOne(Person, { email: EMAIL })
    const membership = known && (await em.findOne(Membership, { personId: known.id }, { orderBy: { since: 'asc' } }))
    if (membership) await reconnect(em, membership.workspaceId, settings)
    else {
      settings.say('Filling the demo: the evening course in coastal pilotage …')
      await fill(em, settings)
    }
    await addReadyMade(em)
  } finally {
    await orm.close(true)
  }
}

async function clear(em: EntityManager): Promise<void> {
  const people = await em.find(Person, { email: { $in: PEOPLE.map(({ email }) => email) } })
  const memberships = await em.find(Membership, { personId: { $in: people.map(({ id }) => id) } })
  for (const workspaceId of new Set(memberships.map((one) => one.workspaceId))) await removeWorkspace(em, workspaceId)
  await removeWorkspace(em, READY_MADE_WORKSPACE)
  await em.nativeDelete(Person, { id: { $in: people.map(({ id }) => id) } })
  em.clear()
}

/** The stand-ins may listen on other ports than at the last start. */
async function reconnect(em: EntityManager, workspaceId: string, settings: SeedSettings): Promise<void> {
  for (const { destination, name, url, token } of connectionsOf(settings)) {
    const own = { workspaceId, destination }
    // Before connections had names, there was one of a kind.
    const known = await em.findOne(Connection, { ...own, name: { $in: [name, 'Breakwater'] } })
    const sealed = seal(settings.secret, token)
    if (!known) {
      em.create(Connection, { id: randomUUID(), workspaceId, destination, name, url, token: sealed })
      continue
    }
    const old = known.url
    Object.assign(known, { name, url, token: sealed })
    if (old === url) continue
    for (const delivery of await em.find(Delivery, { workspaceId, connectionId: known.id }))
      if (delivery.remote?.address)
        delivery.remote = { ...delivery.remote, address: delivery.remote.address.replace(old, url) }
  }
  await connectWriting(em, writingOf(workspaceId, settings))
  await em.flush()
}

function writingOf(workspaceId: string, { skerryUrl, skerryToken, secret }: SeedSettings) {
  return { workspaceId, secret, url: skerryUrl, token: skerryToken }
}

function connectionsOf(settings: SeedSettings) {
  const { breakwaterUrl, breakwaterToken, foghornUrl, foghornToken } = settings
  return [
    { destination: 'breakwater', name: 'Pilotage course', url: breakwaterUrl, token: breakwaterToken },
    { destination: 'foghorn', name: 'Friday game', url: foghornUrl, token: foghornToken },
  ] as const
}

// eslint-disable-next-line max-lines-per-function -- the demo, one thing after the other
async function fill(em: EntityManager, settings: SeedSettings): Promise<void> {
  const workspaceId = randomUUID()
  em.create(Workspace, {
    id: workspaceId,
    name: WORKSPACE,
    settings: { lookUp: 'https://library.skarnholm.example/search?q={words}' },
  })
  await em.flush()
  const passwordHash = await hashPassword(PASSWORD)
  const people = PEOPLE.map(({ name, email, role }, at) => {
    const person = em.create(Person, { id: randomUUID(), name, email, passwordHash, lastWorkspaceId: workspaceId })
    em.create(Membership, { workspaceId, personId: person.id, role, since: new Date(Date.now() + at) })
    return person
  })
  const [connection] = connectionsOf(settings).map(({ token, ...one }) =>
    em.create(Connection, { id: randomUUID(), workspaceId, ...one, token: seal(settings.secret, token) }),
  )
  const items = addBank(em, workspaceId)
  addOutcomes(em, workspaceId, outcomesFromRows(OUTCOMES))
  await em.flush()
  addDraft(em, workspaceId, { title: 'Tides, week 2', text: CLEAN_DRAFT }, 3)
  addDraft(em, workspaceId, FETCH_DRAFT, 0)
  addDraft(em, workspaceId, { title: 'Buoys and lights, week 3', text: MESSY_DRAFT }, 0)
  const week2 = addPaper(
    em,
    workspaceId,
    'Week 2 check',
    'Twelve questions, ten minutes. Charts stay closed.',
    WEEK_2.flatMap((index) => items[index] ?? []),
  )
  const knots = addPaper(
    em,
    workspaceId,
    'Knots and radio',
    '',
    KNOTS_AND_RADIO.flatMap((index) => items[index] ?? []),
  )
  addPaper(
    em,
    workspaceId,
    'Signals and answers of every kind',
    'Look at the signals sheet while you answer.',
    EVERY_KIND.flatMap((index) => items[index] ?? []),
  )
  await em.flush()
  if (connection) await addDelivery(em, connection, week2, items, settings)
  const itemsOf = (paper: Paper): BankItem[] =>
    paper.entries.flatMap(({ itemId }) => items.find(({ id }) => id === itemId) ?? [])
  await addFromFile(em, knots, itemsOf(knots), PERSON)
  await addTakenHere(em, week2, [...itemsOf(week2), ...itemsOf(knots)], PERSON)
  await connectWriting(em, writingOf(workspaceId, settings))
  await addWriting(em, workspaceId, people)
  await em.flush()
}

function signedBy(item: Item, daysAgo: number, remark: string): SignOff {
  return {
    by: PERSON,
    at: new Date(Date.now() - daysAgo * DAY_MS).toISOString(),
    remark,
    fingerprint: fingerprint(item),
  }
}

function addBank(em: EntityManager, workspaceId: string): BankItem[] {
  return addItems(em, {
    ...{ workspaceId, text: BANK_TEXT, title: 'Course book questions', by: PERSON, since: Date.now() - 20 * DAY_MS },
    categoryOf: ({ tags }) => PLACES[tags[0] ?? ''] ?? '',
    signOffOf: (item, index) =>
      UNSIGNED.has(index)
        ? null
        : signedBy(item, 12 - (index % 9), index % 5 === 0 ? 'checked against the course book' : ''),
  })
}

function addDraft(
  em: EntityManager,
  workspaceId: string,
  { title, text, source = null }: { readonly title: string; readonly text: string; readonly source?: string | null },
  signed: number,
): void {
  const reading = readDraft({ text })
  const followed = followItems([], reading, randomUUID).map((item, index): FollowedItem => {
    const body = reading.items[index]?.item
    return index < signed && body ? { ...item, signOff: signedBy(body, 1, '') } : item
  })
  const now = new Date()
  em.create(Draft, {
    id: randomUUID(),
    workspaceId,
    title,
    text,
    source,
    styles: [],
    taught: [],
    followed,
    itemCount: reading.items.length,
    signedCount: signed,
    troubleCount: reading.items.filter((item) => item.marks.some((mark) => mark.severity === 'trouble')).length,
    version: 1,
    createdAt: now,
    updatedAt: now,
  })
}

function addPaper(
  em: EntityManager,
  workspaceId: string,
  title: string,
  instructions: string,
  items: readonly BankItem[],
): Paper {
  const now = new Date()
  const entries = items.map((item) => ({ itemId: item.id, points: item.body.points, required: true }))
  return em.create(Paper, {
    id: randomUUID(),
    workspaceId,
    title,
    instructions,
    entries,
    shuffleItems: false,
    shuffleOptions: true,
    version: 1,
    createdAt: now,
    updatedAt: now,
  })
}
