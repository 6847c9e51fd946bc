import { createHash, randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import { stableJson } from '@zakuska/core'
import { LOCKED } from '../database/locked.ts'
import type { RemoteAttempt } from '../dispatch/index.ts'
import type { ReadAttemptDto } from './dto/sittings.dto.ts'
import { personOf } from './person.ts'
import { Attempt, Sitting } from './sitting.entity.ts'
import { type Counted, responseIn, textsOf } from './sitting-dto.ts'

/** What a destination has, beside what is known of it: the new is added, what changed there is renewed. */
export async function mergeFetched(
  em: EntityManager,
  sittingId: string,
  found: readonly RemoteAttempt[],
): Promise<Counted> {
  const sitting = await em.findOneOrFail(Sitting, { id: sittingId }, LOCKED)
  const known = await em.find(Attempt, { sittingId }, { orderBy: { number: 'asc' }, refresh: true })
  const byName = new Map(known.map((attempt) => [attempt.externalId, attempt]))
  // Before attempts had names, they were told apart by who made them.
  const nameless = known.filter(({ externalId }) => externalId === null)
  let [fresh, same] = [0, 0]
  for (const one of found) {
    const old = byName.get(one.id) ?? nameless.find((attempt) => attempt.student === one.student)
    const given = { externalId: one.id, fields: { ...one.fields }, responses: responsesOf(sitting, one.responses) }
    if (old) {
      if (stableJson(old.responses) !== stableJson(given.responses) || old.externalId === null)
        Object.assign(old, given)
      if (one.at !== null) old.submittedAt = new Date(one.at)
      same++
      continue
    }
    em.create(Attempt, {
      id: randomUUID(),
      ...{ sittingId: sitting.id, ...given, student: one.student, person: personOf(one.student) },
      submittedAt: one.at === null ? null : new Date(one.at),
    })
    fresh++
  }
  sitting.fetchedAt = new Date()
  return { fresh, known: same }
}

/** One for each item; what is no answer to it is none. */
function responsesOf(sitting: Sitting, given: readonly (object | null)[]): Attempt['responses'] {
  return sitting.items.map(({ body }, place) => responseIn(body, given[place] ?? null))
}

/** A row that was read before, letter by letter, is not read again. */
export async function takeIn(
  em: EntityManager,
  sitting: Sitting,
  attempts: readonly ReadAttemptDto[],
): Promise<Counted> {
  const known = new Set((await em.find(Attempt, { sittingId: sitting.id })).map(({ externalId }) => externalId))
  let [fresh, same] = [0, 0]
  for (const one of attempts) {
    const responses = responsesOf(sitting, one.responses)
    const fields = textsOf(one.fields)
    const externalId = createHash('sha256')
      .update(stableJson([one.student, one.time, fields, responses]))
      .digest('base64url')
    if (known.has(externalId)) {
      same++
      continue
    }
    known.add(externalId)
    const time = one.time === null ? NaN : Date.parse(one.time)
    em.create(Attempt, {
      id: randomUUID(),
      ...{
        sittingId: sitting.id,
        externalId,
        student: one.student,
        person: personOf(one.student),
        fields,
        responses,
      },
      submittedAt: Number.isNaN(time) ? null : new Date(time),
    })
    fresh++
  }
  sitting.fetchedAt = new Date()
  return { fresh, known: same }
}
