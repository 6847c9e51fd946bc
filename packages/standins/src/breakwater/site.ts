import express, { type Express, type NextFunction, type Request, type Response } from 'express'
import { ImportError } from './dom.ts'
import { startImport } from './imports.ts'
import { messagePage, quizPage, scorePage } from './pages.ts'
import { gradeSource, type SiteItem } from './site-item.ts'
import type { Collection, QuizAttempt, Store } from './store.ts'

const MAX_UPLOAD = '25mb'

/** The whole site: an API behind a token, and the pages that students see. `now` gives the time of an attempt. */
export function createSite(store: Store, token: string, now: () => Date): Express {
  const site = express()
  site.disable('x-powered-by')
  site.get(
    '/',
    (_request, response) =>
      void response.send(
        messagePage(
          'Breakwater',
          'A small course site that takes QTI 2.1 packages. Quizzes are opened by their own address.',
        ),
      ),
  )
  site.use('/api', requireToken(token))
  addImports(site, store)
  addGrading(site, store)
  addResponses(site, store)
  addQuizPages(site, store, now)
  site.use((_request, response) => void response.status(404).json({ error: 'There is nothing here.' }))
  site.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    const known = error instanceof ImportError || error instanceof BadRequest
    response.status(known ? 400 : 500).json({ error: error instanceof Error ? error.message : 'Something went wrong.' })
  })
  return site
}

class BadRequest extends Error {}

function requireToken(token: string) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (request.get('authorization') === `Bearer ${token}`) next()
    else response.status(401).json({ error: 'The token is not known here.' })
  }
}

function addImports(site: Express, store: Store): void {
  site.get('/api/site', (_request, response) => void response.json({ name: 'Breakwater', takes: ['QTI 2.1'] }))
  site.post('/api/imports', express.raw({ type: () => true, limit: MAX_UPLOAD }), (request, response) => {
    if (!Buffer.isBuffer(request.body) || !request.body.length) throw new BadRequest('The upload is empty.')
    const into = request.query['into'] === 'bank' ? 'bank' : 'quiz'
    const job = startImport(store, {
      bytes: new Uint8Array(request.body),
      into,
      title: text(request.query['title']),
      appendTo: text(request.query['appendTo']),
      key: request.get('idempotency-key') ?? null,
    })
    response.status(202).json({ id: job.id })
  })
  site.get('/api/imports/:id', (request, response) => {
    const job = store.state.jobs[request.params.id]
    if (!job) return void response.status(404).json({ error: 'There is no such import.' })
    const { key: _key, ...shown } = job
    response.json(shown)
  })
  site.get(
    '/api/collections',
    (_request, response) =>
      void response.json(
        Object.values(store.state.collections).map(({ id, kind, title, itemIds }) => ({
          id,
          kind,
          title,
          items: itemIds.length,
        })),
      ),
  )
}

function addGrading(site: Express, store: Store): void {
  site.post('/api/grade', express.json({ limit: '5mb' }), (request, response) => {
    const asked: unknown = request.body
    if (!Array.isArray(asked)) throw new BadRequest('Send a list of { itemId, responses }.')
    response.json(asked.map((one: unknown) => gradeOne(store, one)))
  })
}

function gradeOne(store: Store, asked: unknown): { readonly score: number | null; readonly points: number | null } {
  if (typeof asked !== 'object' || asked === null || !('itemId' in asked) || !('responses' in asked))
    throw new BadRequest('Each entry needs itemId and responses.')
  const item = store.state.items[String(asked.itemId)]
  if (!item) return { score: null, points: null }
  return { score: gradeSource(item.source, asked.responses as Record<string, string[]>), points: item.points }
}

function addResponses(site: Express, store: Store): void {
  site.get('/api/quizzes/:id/responses', (request, response) => {
    const quiz = quizOf(store, request.params.id)
    if (!quiz) return void response.status(404).json({ error: 'There is no such quiz.' })
    const attempts = store.state.attempts.filter((attempt) => attempt.quizId === quiz.id)
    response.json({
      quiz: { id: quiz.id, title: quiz.title },
      items: itemsOf(store, quiz).map(({ id, identifier, points }) => ({ id, identifier, points })),
      attempts,
    })
  })
  site.get('/api/quizzes/:id/responses.csv', (request, response) => {
    const quiz = quizOf(store, request.params.id)
    if (!quiz) return void response.status(404).json({ error: 'There is no such quiz.' })
    response.type('text/csv').send(
      csvOf(
        itemsOf(store, quiz),
        store.state.attempts.filter((attempt) => attempt.quizId === quiz.id),
      ),
    )
  })
  // Attempts made elsewhere can be handed in, so that a course can be moved here with its past.
  site.post('/api/quizzes/:id/attempts', express.json({ limit: '5mb' }), (request, response) => {
    const quiz = quizOf(store, request.params.id ?? '')
    const given: unknown = request.body
    if (!quiz || !Array.isArray(given)) throw new BadRequest('Send a list of attempts to a quiz that is here.')
    for (const one of given as { student: string; submittedAt: string; answers: Record<string, string[]> }[])
      addAttempt(store, quiz, one.student, one.submittedAt, one.answers)
    store.save()
    response.status(201).json({ taken: given.length })
  })
}

function addQuizPages(site: Express, store: Store, now: () => Date): void {
  site.get('/quiz/:id', (request, response) => {
    const quiz = quizOf(store, request.params.id)
    if (!quiz) return void response.status(404).send(messagePage('Not here', 'There is no quiz at this address.'))
    response.send(quizPage(quiz, itemsOf(store, quiz)))
  })
  site.post('/quiz/:id', express.urlencoded({ extended: false, limit: '1mb' }), (request, response) => {
    const quiz = quizOf(store, request.params.id ?? '')
    if (!quiz) return void response.status(404).send(messagePage('Not here', 'There is no quiz at this address.'))
    const form = request.body as Record<string, string | string[]>
    const answers = Object.fromEntries(
      itemsOf(store, quiz).map((item) => [item.id, valuesOf(form[`${item.id}.RESPONSE`])]),
    )
    const attempt = addAttempt(
      store,
      quiz,
      String(form['student'] ?? '').trim() || 'No name',
      now().toISOString(),
      answers,
    )
    store.save()
    const rows = itemsOf(store, quiz).map((item) => ({
      title: item.title,
      score: attempt.answers[item.id]?.score ?? 0,
      points: item.points,
    }))
    response.send(scorePage(quiz, attempt.student, rows))
  })
}

function addAttempt(
  store: Store,
  quiz: Collection,
  student: string,
  submittedAt: string,
  given: Readonly<Record<string, readonly string[]>>,
): QuizAttempt {
  const answers = Object.fromEntries(
    itemsOf(store, quiz).map((item) => {
      const values = given[item.id] ?? []
      return [item.id, { values, score: gradeSource(item.source, { RESPONSE: values }) }]
    }),
  )
  const attempt: QuizAttempt = { id: store.newId('attempt-'), quizId: quiz.id, student, submittedAt, answers }
  store.state.attempts.push(attempt)
  return attempt
}

function csvOf(items: readonly SiteItem[], attempts: readonly QuizAttempt[]): string {
  const cell = (value: string): string => (/[",\n]/.test(value) ? `"${value.replaceAll('"', '""')}"` : value)
  const head = [
    'student',
    'submitted',
    ...items.map((item) => item.identifier),
    ...items.map((item) => `${item.identifier} score`),
  ]
  const rows = attempts.map((attempt) => [
    attempt.student,
    attempt.submittedAt,
    ...items.map((item) => (attempt.answers[item.id]?.values ?? []).join('; ')),
    ...items.map((item) => String(attempt.answers[item.id]?.score ?? '')),
  ])
  return `${[head, ...rows].map((row) => row.map(cell).join(',')).join('\r\n')}\r\n`
}

function quizOf(store: Store, id: string): Collection | null {
  const found = store.state.collections[id]
  return found?.kind === 'quiz' ? found : null
}

function itemsOf(store: Store, collection: Collection): SiteItem[] {
  return collection.itemIds.map((id) => store.state.items[id]).filter((item) => item !== undefined)
}

function valuesOf(field: string | string[] | undefined): string[] {
  if (field === undefined) return []
  return (Array.isArray(field) ? field : [field]).filter((value) => value !== '')
}

function text(value: unknown): string | null {
  return typeof value === 'string' && value !== '' ? value : null
}
