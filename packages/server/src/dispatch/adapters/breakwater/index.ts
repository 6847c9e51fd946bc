import { setTimeout as sleep } from 'node:timers/promises'
import { destinationOf, FORMATS, responseOf, variablesOf, type Response } from '@zakuska/core'
import { packZip } from '@zakuska/documents'
import { Caller, DestinationError } from '../call.ts'
import type { Account, Adapter, ArrivedPart, Asked, Parcel, Place, Progress, RemoteAttempt } from '../contract.ts'

interface RemoteImport {
  readonly state: 'waiting' | 'running' | 'done' | 'failed'
  readonly done: number
  readonly why: string | null
  readonly collectionId: string | null
  readonly outcomes: readonly {
    readonly path: string
    readonly outcome: 'created' | 'replaced' | 'refused'
    readonly itemId: string | null
    readonly why: string | null
  }[]
}

interface SiteAttempt {
  readonly id: string
  readonly student: string
  readonly submittedAt: string
  readonly answers: Readonly<
    Record<
      string,
      { readonly values: readonly string[]; readonly variables?: Readonly<Record<string, readonly string[]>> }
    >
  >
}

const POLL_MS = 150
/** An import that makes no progress for so long is given up. */
const STUCK_MS = 120_000
const GRADE_BATCH = 200
const { limits, paper, name } = destinationOf('breakwater')

/** A course site: items go in a QTI 2.1 package, as a quiz or into an item bank. */
export const breakwater: Adapter = {
  ...{ id: 'breakwater', name, limits, paper },
  connects: 'token',
  into: ['new', 'add', 'bank'],
  replaces: true,
  noun: 'quiz',

  async check(account) {
    await new Caller(name, account).call({ method: 'GET', path: '/api/site' })
    // It tells of formats only, and takes items of any length.
    return {}
  },

  async places(account) {
    const found = (await new Caller(name, account).call({ method: 'GET', path: '/api/collections' })) as {
      readonly id: string
      readonly title: string
      readonly items: number
    }[]
    return found.map(({ id, title, items }) => ({ id, title, count: items, entries: [] }))
  },

  async send(account, parcel, progress) {
    const caller = new Caller(name, account)
    const { id } = (await caller.call({
      method: 'POST',
      path: `/api/imports?${importQuery(parcel).toString()}`,
      body: packed(parcel),
      headers: { 'content-type': 'application/zip' },
      key: parcel.id,
    })) as { readonly id: string }
    const job = await finished(caller, id, progress)
    if (job.collectionId !== null) await progress.arrivedAt(placeOf(account, parcel, job.collectionId))
    await progress.took(
      parcel.parts.map((part) => {
        const found = job.outcomes.find(({ path }) => path.endsWith(`${part.name}.xml`))
        return found
          ? { name: part.name, outcome: found.outcome, remoteId: found.itemId, why: found.why }
          : { name: part.name, outcome: 'refused', remoteId: null, why: 'the site did not report on it' }
      }),
    )
  },

  async grade(account, _place, asked) {
    const caller = new Caller(name, account)
    const shares: (number | null)[] = []
    for (let from = 0; from < asked.length; from += GRADE_BATCH) {
      const batch = asked.slice(from, from + GRADE_BATCH)
      const grades = (await caller.call({
        method: 'POST',
        path: '/api/grade',
        body: batch.map(({ part, response }) => ({
          itemId: part.remoteId,
          responses: variablesOf(part.body, response),
        })),
        // Nothing is kept there, so it may be asked twice.
        key: `${batch[0]?.part.remoteId ?? ''}-${from}`,
      })) as { readonly score: number | null; readonly points: number | null }[]
      shares.push(...batch.map((one, at) => shareOf(one, grades[at]?.score ?? null)))
    }
    return shares
  },

  async responses(account, place, parts) {
    const { attempts } = (await new Caller(name, account).call({
      method: 'GET',
      path: `/api/quizzes/${place.id}/responses`,
    })) as { readonly attempts: readonly SiteAttempt[] }
    return attempts.map((attempt) => attemptOf(attempt, parts))
  },

  async setOpen(account, place, isOpen) {
    await new Caller(name, account).call({
      method: 'PATCH',
      path: `/api/collections/${place.id}`,
      body: { isClosed: !isOpen },
    })
  },

  async remove(account, place) {
    await new Caller(name, account).call({ method: 'DELETE', path: `/api/collections/${place.id}` })
  },
}

function importQuery({ into, title, to, place, plan, without }: Parcel): URLSearchParams {
  const target = place?.id ?? to
  return new URLSearchParams({
    into: into === 'bank' ? 'bank' : 'quiz',
    title,
    ...(target !== null && { appendTo: target }),
    ...(plan.attempts !== null && { attempts: String(plan.attempts) }),
    ...(without.length > 0 && { without: without.map((one) => one.name).join(',') }),
  })
}

function packed({ parts, title, into, plan, assets }: Parcel): Uint8Array<ArrayBuffer> {
  const written = FORMATS.qti21.write(
    parts.map(({ body }) => body),
    {
      title,
      as: into === 'bank' ? 'bank' : 'paper',
      ids: parts.map((part) => part.name),
      assets,
      ...(into !== 'bank' && {
        plan: { ...plan, places: parts.map(({ section, required }) => ({ section, required })) },
      }),
    },
  )
  if (written.data.form !== 'package') throw new TypeError('QTI 2.1 is written as a package.')
  return new Uint8Array(packZip(written.data.files))
}

async function finished(caller: Caller, id: string, progress: Progress): Promise<RemoteImport> {
  let since = Date.now()
  let done = -1
  while (Date.now() - since < STUCK_MS) {
    const job = (await caller.call({ method: 'GET', path: `/api/imports/${id}` })) as RemoteImport
    if (job.state === 'failed')
      throw new DestinationError(`Breakwater could not take the package: ${job.why ?? 'it does not say why'}.`)
    if (job.state === 'done') return job
    if (job.done !== done) {
      done = job.done
      since = Date.now()
      await progress.goesOn(done)
    }
    await sleep(POLL_MS)
    caller.account.halt?.throwIfAborted()
  }
  throw new DestinationError('Breakwater did not finish the import in time.', true)
}

function placeOf(account: Account, { into }: Parcel, id: string): Place {
  const address = into === 'bank' ? null : `${account.url.replace(/\/$/, '')}/quiz/${id}`
  return { id, address, manage: null, joinCode: null }
}

function shareOf({ part }: Asked, score: number | null): number | null {
  return score === null || part.body.points === 0 ? score : score / part.body.points
}

function attemptOf(attempt: SiteAttempt, parts: readonly ArrivedPart[]): RemoteAttempt {
  return {
    ...{ id: attempt.id, at: attempt.submittedAt, student: attempt.student, fields: {} },
    responses: parts.map(({ body, remoteId }): Response | null => {
      const answer = attempt.answers[remoteId]
      return answer ? responseOf(body, answer.variables ?? { RESPONSE: answer.values }) : null
    }),
  }
}
