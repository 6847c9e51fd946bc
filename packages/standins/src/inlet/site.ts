import express, { Router, type Express, type Request } from 'express'
import { csvOf } from '../shared/csv.ts'
import type { Faults } from '../shared/faults.ts'
import { answerProblems, Problem } from '../shared/problem.ts'
import type { JsonStore } from '../shared/store.ts'
import { textOf } from '../shared/text.ts'
import { peopleIn, questionIn, settingsIn } from './check.ts'
import { allowed, consent, type Client } from './consent.ts'
import { pointsFor } from './grade.ts'
import type { Answer, Limits, OnlineForm, InletState, Question, Submission } from './model.ts'
import { closedPage, formPage, inletPage, thanksPage } from './pages.ts'

export interface InletSettings {
  readonly clients: readonly Client[]
  /** How long an access token works. */
  readonly tokenSeconds: number
  readonly limits: Limits
  readonly now: () => Date
}

/** The whole service: consent and tokens, an API for forms, and the pages on which people answer. */
export function createInlet(store: JsonStore<InletState>, faults: Faults, settings: InletSettings): Express {
  const site = express()
  site.disable('x-powered-by')
  site.use(faults.control)
  site.use(faults.play)
  site.get(
    '/',
    (_request, response) =>
      void response.send(inletPage('Inlet', '<h1>Inlet</h1><p>Forms are opened by their own address.</p>')),
  )
  site.use(consent(store, settings.clients, settings.tokenSeconds))
  site.use('/v1', formsApi(store, faults, settings.limits), answersApi(store, settings.now))
  addPages(site, store, settings.now)
  answerProblems(site)
  return site
}

// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
function formsApi(store: JsonStore<InletState>, faults: Faults, limits: Limits): Router {
  const api = Router()
  const json = express.json({ limit: '8mb' })
  const write = allowed(store, 'forms.write')
  const changed = (form: OnlineForm): object => {
    store.save()
    return shown(form)
  }
  api.get('/account', write, (_request, response) => void response.json({ name: 'Skarnholm Harbour School', limits }))
  api.get(
    '/forms',
    write,
    (_request, response) =>
      void response.json(
        Object.values(store.state.forms).map(({ id, title, questions, isOpen }) => ({
          ...{ id, title, isOpen },
          questions: questions.filter(({ type }) => type !== 'part' && type !== 'text').length,
          outline: questions.map(({ type, title: asked }) => ({ type, title: asked })),
        })),
      ),
  )
  api.post('/forms', write, json, (request, response) => {
    const key = request.get('idempotency-key') ?? null
    const known = key === null ? undefined : Object.values(store.state.forms).find((form) => form.key === key)
    if (known) return void response.status(200).json(shown(known))
    const given = request.body as Record<string, unknown>
    const form: OnlineForm = {
      id: store.newId('form-'),
      key,
      title: textOf(given['title']).slice(0, limits.title) || 'Untitled form',
      description: textOf(given['description']).slice(0, limits.description),
      settings: settingsIn(given['settings']),
      isOpen: true,
      questions: [],
    }
    store.state.forms[form.id] = form
    response.status(201).json(changed(form))
  })
  api.get('/forms/:id', write, (request, response) => void response.json(shown(formOf(store, request))))
  api.patch('/forms/:id', write, json, (request, response) => {
    const form = formOf(store, request)
    const given = request.body as Record<string, unknown>
    if (typeof given['isOpen'] === 'boolean') form.isOpen = given['isOpen']
    if (typeof given['title'] === 'string') form.title = given['title'].slice(0, limits.title)
    if (typeof given['description'] === 'string') form.description = given['description'].slice(0, limits.description)
    if (given['settings'] !== undefined) form.settings = settingsIn(given['settings'])
    if (given['people'] !== undefined) form.people = peopleIn(given['people'])
    // Who has to be on a list has to say a name.
    if (form.people && !form.settings.fields.length) form.settings = { ...form.settings, fields: ['Name'] }
    response.json(changed(form))
  })
  api.delete('/forms/:id', write, (request, response) => {
    const { id } = formOf(store, request)
    store.state.forms = Object.fromEntries(Object.entries(store.state.forms).filter(([name]) => name !== id))
    store.state.submissions = store.state.submissions.filter(({ formId }) => formId !== id)
    store.save()
    response.status(204).end()
  })
  api.post('/forms/:id/questions', write, json, (request, response) => {
    const form = formOf(store, request)
    const key = request.get('idempotency-key') ?? null
    const known = key === null ? undefined : form.questions.find((question) => question.key === key)
    if (known) return void response.status(200).json({ id: known.id })
    if (faults.refusesNext()) throw new Problem('Not this one.', 422)
    const question = questionIn(request.body, store.newId('q-'), key, limits)
    const at = (request.body as { at?: unknown }).at
    form.questions.splice(typeof at === 'number' ? at : form.questions.length, 0, question)
    store.save()
    response.status(201).json({ id: question.id })
  })
  api.put('/forms/:id/questions/:question', write, json, (request, response) => {
    const form = formOf(store, request)
    const at = form.questions.findIndex(({ id }) => id === request.params['question'])
    const known = form.questions[at]
    if (!known) throw new Problem('There is no such question.', 404)
    form.questions[at] = questionIn(request.body, known.id, known.key, limits)
    store.save()
    response.json({ id: known.id })
  })
  api.delete('/forms/:id/questions/:question', write, (request, response) => {
    const form = formOf(store, request)
    form.questions = form.questions.filter(({ id }) => id !== request.params['question'])
    store.save()
    response.status(204).end()
  })
  return api
}

/** Grading without an answer being kept, and what people answered. */
// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
function answersApi(store: JsonStore<InletState>, now: () => Date): Router {
  const api = Router()
  const read = allowed(store, 'responses.read')
  api.post('/forms/:id/grade', allowed(store, 'forms.write'), express.json({ limit: '4mb' }), (request, response) => {
    const form = formOf(store, request)
    if (!Array.isArray(request.body)) throw new Problem('Send a list of { question, answer }.')
    const asked = request.body as { question: string; answer: Answer }[]
    response.json(
      asked.map(({ question: id, answer }) => {
        const question = form.questions.find((one) => one.id === id)
        return question?.right
          ? { points: pointsFor(question, answer), of: question.points }
          : { points: null, of: null }
      }),
    )
  })
  api.get('/forms/:id/responses', read, (request, response) => {
    const form = formOf(store, request)
    const own = store.state.submissions.filter(({ formId }) => formId === form.id)
    const after = own.findIndex(({ id }) => id === request.query['after'])
    response.json({ responses: own.slice(after + 1).map(({ formId: _form, ...one }) => one) })
  })
  api.post('/forms/:id/responses', read, express.json({ limit: '4mb' }), (request, response) => {
    const form = formOf(store, request)
    const given = Array.isArray(request.body) ? (request.body as Pick<Submission, 'at' | 'fields' | 'answers'>[]) : []
    for (const one of given) submit(store, form, one.fields, one.answers, one.at)
    store.save()
    response.status(201).json({ taken: given.length, at: now().toISOString() })
  })
  api.get('/forms/:id/responses.csv', read, (request, response) => {
    const form = formOf(store, request)
    const asked = form.questions.filter(({ type }) => type !== 'part' && type !== 'text')
    const rows = store.state.submissions
      .filter(({ formId }) => formId === form.id)
      .map((one) => [
        one.at,
        ...form.settings.fields.map((field) => one.fields[field] ?? ''),
        ...asked.map(({ id }) => (one.answers[id] ?? []).join('; ')),
        asked.reduce((sum, { id }) => sum + (one.points[id] ?? 0), 0),
      ])
    response
      .type('text/csv')
      .send(csvOf([['handed in', ...form.settings.fields, ...asked.map(({ title }) => title), 'points'], ...rows]))
  })
  return api
}

// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
function addPages(site: Express, store: JsonStore<InletState>, now: () => Date): void {
  site.get('/f/:id', (request, response) => {
    const form = store.state.forms[request.params.id]
    if (!form) return void response.status(404).send(inletPage('Not here', '<h1>There is no form at this address</h1>'))
    response.send(form.isOpen ? formPage(mixed(form), {}, []) : closedPage(form, 'This form is closed.'))
  })
  // eslint-disable-next-line max-lines-per-function -- one step after the other, from what was sent to what is said
  site.post('/f/:id', express.urlencoded({ extended: false, limit: '1mb' }), (request, response) => {
    const form = store.state.forms[request.params['id'] ?? '']
    if (!form?.isOpen) return void response.status(410).send(inletPage('Closed', '<h1>This form is closed</h1>'))
    const body = request.body as Record<string, string | string[]>
    const fields = Object.fromEntries(
      form.settings.fields.map((name, at) => [name, String(body[`field${at}`] ?? '').trim()]),
    )
    const answers = Object.fromEntries(form.questions.map((question) => [question.id, answerIn(question, body)]))
    const missing = form.questions.filter(
      ({ id, required, type }) =>
        required && type !== 'part' && type !== 'text' && !answers[id]?.some((one) => one.trim() !== ''),
    )
    const isNameless = Object.values(fields).some((value) => value === '')
    const who = Object.values(fields).join(' ')
    const isStranger =
      !isNameless && Boolean(form.people?.length) && !form.people?.some((name) => isNamed(name, fields))
    if (missing.length || isNameless || isStranger) {
      const given = {
        ...answers,
        ...Object.fromEntries(form.settings.fields.map((name, at) => [`field${at}`, [fields[name] ?? '']])),
      }
      return void response.status(422).send(
        formPage(
          form,
          given,
          missing.map(({ id }) => id),
          isStranger ? `${who} is not on the list of who may answer. Write the name as your teacher has it.` : null,
        ),
      )
    }
    const isAgain = store.state.submissions.some(
      (one) => one.formId === form.id && Object.values(one.fields).join(' ') === who,
    )
    if (form.settings.oneEach && isAgain)
      return void response
        .status(409)
        .send(closedPage(form, 'Somebody of this name has answered already; each may answer once.'))
    const submission = submit(store, form, fields, answers, now().toISOString())
    store.save()
    response.send(thanksPage(form, submission))
  })
}

/** Capital letters and blanks are not what tells people apart; fields may part a name. */
function isNamed(name: string, fields: Readonly<Record<string, string>>): boolean {
  const folded = (text: string): string => text.toLocaleLowerCase('en').replace(/\s+/g, ' ').trim()
  const given = Object.values(fields)
  return [...given, given.join(' ')].some((one) => folded(one) === folded(name))
}

function submit(
  store: JsonStore<InletState>,
  form: OnlineForm,
  fields: Readonly<Record<string, string>>,
  answers: Readonly<Record<string, Answer>>,
  at: string,
): Submission {
  const points = Object.fromEntries(
    form.questions.flatMap((question) =>
      question.right ? [[question.id, pointsFor(question, answers[question.id] ?? [])]] : [],
    ),
  )
  const submission: Submission = { id: store.newId('r-'), formId: form.id, at, fields, answers, points }
  store.state.submissions.push(submission)
  return submission
}

function answerIn(question: Question, body: Readonly<Record<string, string | string[]>>): string[] {
  const valuesOf = (name: string): string[] => [body[name] ?? []].flat()
  return question.type === 'grid'
    ? question.rows.map((_row, at) => valuesOf(`${question.id}.${at}`)[0] ?? '')
    : valuesOf(question.id).filter((value) => value !== '')
}

/** Questions within their parts, and options, in an order of chance where the form says so. */
function mixed(form: OnlineForm): OnlineForm {
  const shuffled = <T>(list: readonly T[]): T[] =>
    list
      .map((one) => ({ one, at: Math.random() }))
      .sort((a, b) => a.at - b.at)
      .map(({ one }) => one)
  const parts: Question[][] = [[]]
  for (const question of form.questions)
    if (question.type === 'part') parts.push([question])
    else parts.at(-1)?.push({ ...question, options: question.shuffle ? shuffled(question.options) : question.options })
  if (!form.settings.shuffle) return { ...form, questions: parts.flat() }
  return {
    ...form,
    questions: parts.flatMap((part) => {
      const head = part.filter(({ type }) => type === 'part')
      return [...head, ...shuffled(part.filter(({ type }) => type !== 'part'))]
    }),
  }
}

function formOf(store: JsonStore<InletState>, request: Request): OnlineForm {
  const form = store.state.forms[String(request.params['id'])]
  if (!form) throw new Problem('There is no such form.', 404)
  return form
}

function shown(form: OnlineForm): object {
  const { key: _key, questions, ...rest } = form
  return { ...rest, path: `/f/${form.id}`, questions: questions.map(({ key: _own, ...question }) => question) }
}
