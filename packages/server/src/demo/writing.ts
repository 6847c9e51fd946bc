import { randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import { Person } from '../accounts/accounts.entities.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { seal } from '../outward/sealed.ts'
import { WritingAllowance, WritingReply, WritingService } from '../writing/writing.entities.ts'

const NAME = 'Skerry'
const PRICE = 0.4
const CURRENCY = 'SKM'
const HOUR_MS = 3_600_000

/** What was asked for this month: who, how many hours ago, what, units of request and of reply. */
const BOOK: readonly (readonly [email: string, hours: number, what: string, asked: number, written: number])[] = [
  ['iris@skarnholm.example', 3, '5 questions', 412, 286],
  ['iris@skarnholm.example', 4, '2 questions again', 870, 131],
  ['torben@skarnholm.example', 27, '12 questions', 1003, 702],
  ['torben@skarnholm.example', 28, '12 questions', 1003, 694],
  ['iris@skarnholm.example', 52, 'a reading on fog signals', 46, 388],
  ['torben@skarnholm.example', 53, 'an easier variant', 104, 88],
  ['iris@skarnholm.example', 120, '10 questions', 1240, 655],
]

export const FETCH_READING = `Waves in the bay

Waves grow with the strength of the wind, the time for which it blows and the distance over which it blows. The distance over which the wind blows is called the fetch. In the bay the fetch is only 5 nautical miles with a westerly wind, but with a southerly wind it is more than 200. The bay is a poor anchorage in southerly gales, because nothing stops the swell from the open sea.

A swell is a wave that has left the wind behind which raised it. It can travel for 2,000 nautical miles. Over a bank the waves become shorter and steeper, because the water below them grows shallow. The bank off Skarn Head lies only 4 metres below chart datum.
`

const FETCH_REPLY = `Sure! Here are 5 questions based on your text:

1. What is the word for the distance over which the wind blows?
a) bank
b) fetch
c) swell
d) gale
Answer: b

2. Which number is missing? “In the bay the fetch is only … nautical miles with a westerly wind.”
Answer: 5

3. True or false: Over a bank the waves become longer and steeper.
Answer: False

4. How does the sentence go on? “The bay is a poor anchorage in southerly gales, because …”
a) nothing stops the swell from the open sea
b) the water below them grows shallow
c) the wind has left it behind
Answer: a

5. Which number is missing? “The bank off Skarn Head lies only … metres below chart datum.”
Answer: 14

Let me know if you would like more questions!
`

export interface WritingSeed {
  readonly workspaceId: string
  readonly url: string
  readonly token: string
  readonly secret: string
}

/** Points the demo at the writing service as it runs now. */
export async function connectWriting(
  em: EntityManager,
  { workspaceId, url, token, secret }: WritingSeed,
): Promise<void> {
  const service = await em.findOne(WritingService, { workspaceId })
  const reach = { url, secret: seal(secret, token) }
  if (service) {
    if (service.provider === 'skerry') Object.assign(service, reach)
    return
  }
  em.create(WritingService, {
    ...{ workspaceId, provider: 'skerry', name: NAME, model: '', ...reach },
    ...{ words: 3000, units: 2500, price: PRICE, currency: CURRENCY, cap: 20_000 },
  })
}

/** A draft that was drafted from a reading, and the usage book of a month. */
export async function addWriting(em: EntityManager, workspaceId: string, people: readonly Person[]): Promise<void> {
  const maj = people.find(({ email }) => email.startsWith('maj@'))
  if (maj) em.create(WritingAllowance, { workspaceId, personId: maj.id, isAllowed: false })
  const draft = await em.findOne(Draft, { workspaceId, source: { $ne: null } })
  for (const [email, hours, what, unitsAsked, unitsWritten] of BOOK) {
    const person = people.find((one) => one.email === email)
    const at = new Date(Date.now() - hours * HOUR_MS)
    if (!person) continue
    const isFirst = hours === BOOK[0]?.[1]
    em.create(WritingReply, {
      ...{ id: randomUUID(), workspaceId, personId: person.id, byName: person.name, at, touchedAt: at },
      purpose: what.includes('reading')
        ? 'reading'
        : what.includes('variant')
          ? 'variant'
          : what.includes('again')
            ? 'again'
            : 'items',
      ...{ what, sentTo: `${NAME}, on this machine`, request: '', state: 'done', isTaken: true },
      text: isFirst ? FETCH_REPLY : '',
      ...{ unitsAsked, unitsWritten, cost: ((unitsAsked + unitsWritten) / 1000) * PRICE, currency: CURRENCY },
      draftId: isFirst ? (draft?.id ?? null) : null,
    })
  }
}

export const FETCH_DRAFT = { title: 'Waves in the bay', text: FETCH_REPLY, source: FETCH_READING } as const
