import { destinationOf } from '@zakuska/core'
import { Caller, DestinationError, toldIn } from '../call.ts'
import type { Account, Adapter, ArrivedPart, Parcel, Part, PartOutcome, Place, RemoteAttempt } from '../contract.ts'
import { answerOf, questionOf, responseOfAnswer, type InletQuestion } from './question.ts'

const { limits, paper, name } = destinationOf('inlet')
const GRADE_BATCH = 200
/** Outcomes are kept after so many questions, or so long: a slow form shows its progress, too. */
const KEEP_EVERY = 5
const KEEP_MS = 700

interface Form {
  readonly id: string
  readonly path: string
}

/** Online forms: question by question, over a JSON interface. */
export const inlet: Adapter = {
  ...{ id: 'inlet', name, limits, paper },
  connects: 'consent',
  into: ['new', 'add'],
  replaces: true,
  noun: 'form',

  async check(account) {
    const { limits: told } = (await new Caller(name, account).call({ method: 'GET', path: '/v1/account' })) as {
      readonly limits?: { readonly title?: unknown; readonly option?: unknown; readonly options?: unknown }
    }
    return toldIn({ 'stem-length': told?.title, 'option-length': told?.option, 'option-count': told?.options })
  },

  async places(account) {
    const forms = (await new Caller(name, account).call({ method: 'GET', path: '/v1/forms' })) as {
      readonly id: string
      readonly title: string
      readonly questions: number
      readonly outline: readonly { readonly type: string; readonly title: string }[]
    }[]
    return forms.map(({ id, title, questions, outline }) => ({
      ...{ id, title, count: questions },
      entries: outline.map((one) => ({
        title: one.title,
        kind: one.type === 'part' || one.type === 'text' ? one.type : 'question',
      })),
    }))
  },

  async send(account, parcel, progress) {
    const caller = new Caller(name, account)
    const form = await formFor(caller, parcel)
    await progress.arrivedAt(placeOf(account, form))
    for (const { remoteId } of parcel.without)
      await caller.call({ method: 'DELETE', path: `/v1/forms/${form.id}/questions/${remoteId}` })
    const kept: PartOutcome[] = []
    let keptAt = Date.now()
    let section: number | null = null
    let at = parcel.at
    const add = (question: InletQuestion, key: string): Promise<string> =>
      addQuestion(caller, form.id, question, `${parcel.id}:${key}`, at === null ? null : at++)
    for (const part of parcel.parts) {
      if (part.section !== null && part.section !== section && part.remoteId === null && parcel.place === null)
        await add(partQuestion(parcel, part.section), `section-${part.section}`)
      section = part.section
      kept.push(await bring(caller, form.id, part, parcel, add))
      if (kept.length < KEEP_EVERY && Date.now() - keptAt < KEEP_MS) continue
      await progress.took(kept.splice(0))
      keptAt = Date.now()
    }
    await progress.took(kept)
  },

  async grade(account, place, asked) {
    const caller = new Caller(name, account)
    const shares: (number | null)[] = []
    for (let from = 0; from < asked.length; from += GRADE_BATCH) {
      const batch = asked.slice(from, from + GRADE_BATCH)
      const grades = (await caller.call({
        method: 'POST',
        path: `/v1/forms/${place.id}/grade`,
        body: batch.map(({ part, response }) => ({
          question: part.remoteId,
          answer: answerOf(part.body, response),
        })),
        // Nothing is kept there, so it may be asked twice.
        key: `grade-${from}`,
      })) as { readonly points: number | null; readonly of: number | null }[]
      shares.push(
        ...batch.map((_one, index) => {
          const { points = null, of = null } = grades[index] ?? {}
          return points === null || of === null ? null : of === 0 ? points : points / of
        }),
      )
    }
    return shares
  },

  async responses(account, place, parts, after) {
    const { responses } = (await new Caller(name, account).call({
      method: 'GET',
      path: `/v1/forms/${place.id}/responses${after === null ? '' : `?after=${encodeURIComponent(after)}`}`,
    })) as {
      readonly responses: readonly {
        readonly id: string
        readonly at: string
        readonly fields: Readonly<Record<string, string>>
        readonly answers: Readonly<Record<string, readonly string[]>>
      }[]
    }
    return responses.map((one) => attemptOf(one, parts))
  },

  async setOpen(account, place, isOpen) {
    await new Caller(name, account).call({ method: 'PATCH', path: `/v1/forms/${place.id}`, body: { isOpen } })
  },

  async setPeople(account, place, people) {
    await new Caller(name, account).call({ method: 'PATCH', path: `/v1/forms/${place.id}`, body: { people } })
  },

  async remove(account, place) {
    await new Caller(name, account).call({ method: 'DELETE', path: `/v1/forms/${place.id}` })
  },
}

/** A form of its own, made once whatever happens; or the one that is added to. */
async function formFor(caller: Caller, { id, title, plan, to, place }: Parcel): Promise<Form> {
  const known = place?.id ?? to
  if (known !== null) return (await caller.call({ method: 'GET', path: `/v1/forms/${known}` })) as Form
  return (await caller.call({
    method: 'POST',
    path: '/v1/forms',
    key: id,
    body: {
      title,
      description: plan.instructions,
      settings: {
        isQuiz: true,
        shuffle: plan.shuffleItems,
        oneEach: plan.attempts === 1,
        fields: plan.identity,
        feedback: plan.feedbackWhen === 'never' ? 'never' : 'after',
      },
    },
  })) as Form
}

function placeOf(account: Account, form: Form): Place {
  return { id: form.id, address: account.url.replace(/\/$/, '') + form.path, manage: null, joinCode: null }
}

function partQuestion({ plan }: Parcel, section: number): InletQuestion {
  const { title = '', instructions = '' } = plan.sections[section] ?? {}
  return { type: 'part', title, description: instructions }
}

async function addQuestion(
  caller: Caller,
  form: string,
  question: InletQuestion,
  key: string,
  at: number | null,
): Promise<string> {
  const { id } = (await caller.call({
    method: 'POST',
    path: `/v1/forms/${form}/questions`,
    body: { ...question, ...(at !== null && { at }) },
    key,
  })) as { readonly id: string }
  return id
}

/** Whether the question was there to be replaced; somebody may have taken it out by hand. */
async function replace(caller: Caller, form: string, id: string, question: InletQuestion): Promise<boolean> {
  try {
    await caller.call({ method: 'PUT', path: `/v1/forms/${form}/questions/${id}`, body: question })
    return true
  } catch (error) {
    if (error instanceof DestinationError && error.status === 404) return false
    throw error
  }
}

/** One question; what the form says no to is refused for good, and the others go on. */
async function bring(
  caller: Caller,
  form: string,
  part: Part,
  parcel: Parcel,
  add: (question: InletQuestion, key: string) => Promise<string>,
): Promise<PartOutcome> {
  try {
    const question = questionOf(part.body, part.required, parcel.assets)
    if (part.remoteId !== null && (await replace(caller, form, part.remoteId, question)))
      return { name: part.name, outcome: 'replaced', remoteId: part.remoteId, why: null }
    return { name: part.name, outcome: 'created', remoteId: await add(question, part.name), why: null }
  } catch (error) {
    const isForGood = error instanceof DestinationError && error.status === 422
    if (!isForGood) throw error
    return { name: part.name, outcome: 'refused', remoteId: null, why: error.message }
  }
}

interface FormResponse {
  readonly id: string
  readonly at: string
  readonly fields: Readonly<Record<string, string>>
  readonly answers: Readonly<Record<string, readonly string[]>>
}

function attemptOf({ id, at, fields, answers }: FormResponse, parts: readonly ArrivedPart[]): RemoteAttempt {
  return {
    ...{ id, at, fields },
    student: Object.values(fields).filter(Boolean).join(', ') || `Response ${/\d+$/.exec(id)?.[0] ?? id}`,
    responses: parts.map(({ body, remoteId }) => {
      const answer = answers[remoteId]
      return answer ? responseOfAnswer(body, answer) : null
    }),
  }
}
