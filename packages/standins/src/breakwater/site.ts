import express, { Router, type Express, type NextFunction, type Request, type Response } from 'express'
import { csvOf } from '../shared/csv.ts'
import type { Faults } from '../shared/faults.ts'
import { answerProblems, Problem } from '../shared/problem.ts'
import { textOf } from '../shared/text.ts'
import { addAttempt, itemsOf } from './answers.ts'
import { startImport } from './imports.ts'
import { messagePage } from './pages.ts'
import { gradeSource } from './site-item.ts'
import type { Collection, Store } from './store.ts'
import { addQuizPages, quizOf } from './taking.ts'

const MAX_UPLOAD = '25mb'

/** The whole site: an API behind a token, and the pages that students see. `now` gives the time of an attempt. */
export function createSite(store: Store, faults: Faults, token: string, now: () => Date): Express {
  const site = express()
  site.disable('x-powered-by')
  site.use(faults.control)
  site.use(faults.play)
  site.get(
    '/',
    (_request, response) =>
      void response.send(
        messagePage(
          'Breakwater',
          'A small course site that takes QTI packages of 1.2 to 3.0, Common Cartridges and GIFT. Quizzes are opened by their own address.',
        ),
      ),
  )
  site.use('/api', requireToken(token), importsApi(store, faults), answersApi(store))
  addQuizPages(site, store, now)
  answerProblems(site)
  return site
}

function requireToken(token: string) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (request.get('authorization') === `Bearer ${token}`) next()
    else response.status(401).json({ error: 'The token is not known here.' })
  }
}

// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
function importsApi(store: Store, faults: Faults): Router {
  const api = Router()
  api.get(
    '/site',
    (_request, response) =>
      void response.json({
        name: 'Breakwater',
        takes: ['QTI 1.2', 'QTI 2.1', 'QTI 2.2', 'QTI 3.0', 'Common Cartridge', 'GIFT'],
      }),
  )
  api.post('/imports', express.raw({ type: () => true, limit: MAX_UPLOAD }), (request, response) => {
    if (!Buffer.isBuffer(request.body) || !request.body.length) throw new Problem('The upload is empty.')
    const attempts = Number(textOf(request.query['attempts']))
    const job = startImport(store, {
      bytes: new Uint8Array(request.body),
      into: request.query['into'] === 'bank' ? 'bank' : 'quiz',
      title: textOf(request.query['title']) || null,
      appendTo: textOf(request.query['appendTo']) || null,
      without: textOf(request.query['without']).split(',').filter(Boolean),
      attempts: attempts > 0 ? attempts : null,
      key: request.get('idempotency-key') ?? null,
      refusesNext: () => faults.refusesNext(),
    })
    response.status(202).json({ id: job.id })
  })
  api.get('/imports/:id', (request, response) => {
    const job = store.state.jobs[request.params.id]
    if (!job) throw new Problem('There is no such import.', 404)
    const { key: _key, ...shown } = job
    response.json(shown)
  })
  api.get('/collections', (_request, response) => void response.json(Object.values(store.state.collections).map(shown)))
  api.get('/collections/:id', (request, response) => void response.json(shown(collectionOf(store, request))))
  api.patch('/collections/:id', express.json(), (request, response) => {
    const collection = collectionOf(store, request)
    const { isClosed } = request.body as { isClosed?: unknown }
    if (typeof isClosed === 'boolean') collection.isClosed = isClosed
    store.save()
    response.json(shown(collection))
  })
  api.delete('/collections/:id', (request, response) => {
    const { id } = collectionOf(store, request)
    store.state.collections = Object.fromEntries(
      Object.entries(store.state.collections).filter(([name]) => name !== id),
    )
    store.state.attempts = store.state.attempts.filter(({ quizId }) => quizId !== id)
    store.save()
    response.status(204).end()
  })
  return api
}

function shown({ id, kind, title, itemIds, isClosed, seconds, attempts }: Collection): object {
  return { id, kind, title, items: itemIds.length, isClosed: isClosed === true, seconds, attempts }
}

// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
function answersApi(store: Store): Router {
  const api = Router()
  api.post('/grade', express.json({ limit: '5mb' }), (request, response) => {
    const asked: unknown = request.body
    if (!Array.isArray(asked)) throw new Problem('Send a list of { itemId, responses }.')
    response.json(asked.map((one: unknown) => gradeOne(store, one)))
  })
  api.get('/quizzes/:id/responses', (request, response) => {
    const quiz = quizNamed(store, request.params.id)
    response.json({
      quiz: { id: quiz.id, title: quiz.title },
      items: itemsOf(store, quiz).map(({ id, identifier, points }) => ({ id, identifier, points })),
      attempts: store.state.attempts.filter((attempt) => attempt.quizId === quiz.id),
    })
  })
  api.get('/quizzes/:id/responses.csv', (request, response) => {
    const quiz = quizNamed(store, request.params.id)
    const items = itemsOf(store, quiz)
    const head = ['student', 'submitted', ...items.map(({ identifier }) => identifier)]
    const rows = store.state.attempts
      .filter((attempt) => attempt.quizId === quiz.id)
      .map((attempt) => {
        const given = items.map(({ id }) => attempt.answers[id])
        const texts = given.map((one) =>
          (one?.variables ? Object.values(one.variables).flat() : (one?.values ?? [])).join('; '),
        )
        return [attempt.student, attempt.submittedAt, ...texts, ...given.map((one) => one?.score ?? '')]
      })
    response.type('text/csv').send(csvOf([[...head, ...items.map(({ identifier }) => `${identifier} score`)], ...rows]))
  })
  // Attempts made elsewhere can be handed in, so that a course can be moved here with its past.
  api.post('/quizzes/:id/attempts', express.json({ limit: '5mb' }), (request, response) => {
    const quiz = quizNamed(store, request.params.id ?? '')
    const given: unknown = request.body
    if (!Array.isArray(given)) throw new Problem('Send a list of attempts.')
    for (const one of given as { student: string; submittedAt: string; answers: Record<string, string[]> }[])
      addAttempt(store, quiz, one.student, one.submittedAt, one.answers)
    store.save()
    response.status(201).json({ taken: given.length })
  })
  return api
}

function gradeOne(store: Store, asked: unknown): { readonly score: number | null; readonly points: number | null } {
  if (typeof asked !== 'object' || asked === null || !('itemId' in asked) || !('responses' in asked))
    throw new Problem('Each entry needs itemId and responses.')
  const item = store.state.items[textOf(asked.itemId)]
  if (!item) return { score: null, points: null }
  return { score: gradeSource(item.source, asked.responses as Record<string, string[]>), points: item.points }
}

function collectionOf(store: Store, request: Request): Collection {
  const found = store.state.collections[textOf(request.params['id'])]
  if (!found) throw new Problem('There is no such collection.', 404)
  return found
}

function quizNamed(store: Store, id: string): Collection {
  const quiz = quizOf(store, id)
  if (!quiz) throw new Problem('There is no such quiz.', 404)
  return quiz
}
