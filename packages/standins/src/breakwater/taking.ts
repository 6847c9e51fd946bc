import express, { type Express, type Request, type Response } from 'express'
import { textOf } from '../shared/text.ts'
import { addAttempt, itemsOf, variablesIn } from './answers.ts'
import { messagePage, quizPage, scorePage, startPage, type Begun } from './pages.ts'
import type { Collection, QuizStart, Store } from './store.ts'

/** What is on its way when the time ends is still taken. */
const GRACE_SECONDS = 30

/** The pages on which students take a quiz. */
// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
export function addQuizPages(site: Express, store: Store, now: () => Date): void {
  const form = express.urlencoded({ extended: false, limit: '1mb' })
  site.get('/quiz/:id', (request, response) => {
    const quiz = openQuiz(store, request, response)
    if (!quiz) return
    if (!quiz.seconds) return void response.send(quizPage(quiz, itemsOf(store, quiz), null))
    const begun = startIn(store, quiz, textOf(request.query['start']))
    response.send(begun ? quizPage(quiz, itemsOf(store, quiz), left(quiz, begun, now())) : startPage(quiz))
  })
  site.post('/quiz/:id/start', form, (request, response) => {
    const quiz = openQuiz(store, request, response)
    if (!quiz) return
    const student = studentIn(request)
    if (saysNo(store, quiz, student, response)) return
    store.state.starts ??= []
    // Who opens it again goes on with the time that runs already.
    let begun = store.state.starts.find((one) => one.quizId === quiz.id && one.student === student && !one.isOver)
    if (!begun) {
      begun = { id: store.newId('start-'), quizId: quiz.id, student, at: now().toISOString(), isOver: false }
      store.state.starts.push(begun)
      store.save()
    }
    response.redirect(303, `/quiz/${quiz.id}?start=${begun.id}`)
  })
  site.post('/quiz/:id', form, (request, response) => {
    const quiz = openQuiz(store, request, response, 410)
    if (!quiz) return
    const begun = quiz.seconds
      ? startIn(store, quiz, textOf((request.body as Record<string, unknown>)['start']))
      : undefined
    if (quiz.seconds && !begun) return void response.status(409).send(startPage(quiz))
    const student = begun?.student ?? studentIn(request)
    if (saysNo(store, quiz, student, response)) return
    if (begun) {
      const isLate = left(quiz, begun, now()).secondsLeft < -GRACE_SECONDS
      begun.isOver = true
      store.save()
      if (isLate)
        return void response
          .status(403)
          .send(messagePage(quiz.title, 'The time was over before this was handed in. It is not counted.'))
    }
    handIn(store, quiz, student, request, response, now())
  })
}

export function quizOf(store: Store, id: string): Collection | null {
  const found = store.state.collections[id]
  return found?.kind === 'quiz' ? found : null
}

/** The quiz, where it can be taken now; else the page that says why not is sent. */
function openQuiz(store: Store, request: Request, response: Response, closedStatus = 200): Collection | null {
  const quiz = quizOf(store, textOf(request.params['id']))
  if (!quiz) response.status(404).send(messagePage('Not here', 'There is no quiz at this address.'))
  else if (quiz.isClosed) response.status(closedStatus).send(messagePage(quiz.title, 'This quiz is closed.'))
  return quiz?.isClosed ? null : quiz
}

function startIn(store: Store, quiz: Collection, id: string): QuizStart | undefined {
  return store.state.starts?.find((one) => one.quizId === quiz.id && one.id === id && !one.isOver)
}

function left(quiz: Collection, { id, student, at }: QuizStart, now: Date): Begun {
  const spent = (now.getTime() - Date.parse(at)) / 1000
  return { id, student, secondsLeft: Math.ceil((quiz.seconds ?? 0) - spent) }
}

function studentIn(request: Request): string {
  return textOf((request.body as Record<string, unknown>)['student']).trim() || 'No name'
}

/** Whether somebody has had all attempts, which is then said. */
function saysNo(store: Store, quiz: Collection, student: string, response: Response): boolean {
  const before = store.state.attempts.filter((one) => one.quizId === quiz.id && one.student === student).length
  if (!quiz.attempts || before < quiz.attempts) return false
  response
    .status(409)
    .send(messagePage(quiz.title, `${student} has handed in ${before} of ${quiz.attempts} times; that is all.`))
  return true
}

function handIn(store: Store, quiz: Collection, student: string, request: Request, response: Response, at: Date): void {
  const form = request.body as Record<string, string | string[]>
  const answers = Object.fromEntries(itemsOf(store, quiz).map((item) => [item.id, variablesIn(item, form)]))
  const attempt = addAttempt(store, quiz, student, at.toISOString(), answers)
  store.save()
  const rows = itemsOf(store, quiz).map((item) => ({
    title: item.title,
    score: attempt.answers[item.id]?.score ?? 0,
    points: item.points,
  }))
  response.send(scorePage(quiz, attempt.student, rows))
}
