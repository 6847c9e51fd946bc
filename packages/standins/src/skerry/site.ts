import { EventEmitter, once } from 'node:events'
import { setTimeout as sleep } from 'node:timers/promises'
import express, { Router, type Express, type NextFunction, type Request, type Response } from 'express'
import type { Faults } from '../shared/faults.ts'
import { escape, htmlPage, lines } from '../shared/html.ts'
import { answerProblems, Problem } from '../shared/problem.ts'
import { textOf } from '../shared/text.ts'
import type { Drafted } from './items.ts'
import { MANNERS, type Manner } from './manners.ts'
import { shippedReadings } from './readings.ts'
import { write, type Temper } from './write.ts'

/** What one request and one reply may have. */
export interface SkerryLimits {
  /** Words of a request, its source included. */
  readonly words: number
  /** Units of one reply. */
  readonly units: number
}

export interface SkerryState {
  next: number
  temper: Temper & {
    readonly wordsPerSecond: number
    /** Stops behind so many words of a reply until its temper is set again; null: never. */
    readonly pauseAfter: number | null
  }
}

const LETTERS_PER_UNIT = 4

/**
 * The whole service: a request in words comes in behind a token, the reply goes out in pieces as lines of JSON, and the
 * last says how it ended and what it took.
 */
// eslint-disable-next-line max-lines-per-function -- routes one after the other, over one state
export function createSkerry(state: SkerryState, faults: Faults, token: string, limits: SkerryLimits): Express {
  const readings = shippedReadings()
  const written: { readonly seed: number; readonly items: readonly Drafted[] }[] = []
  const changes = new EventEmitter().setMaxListeners(0)
  const goOn = async (words: number, response: Response): Promise<void> => {
    const pausesHere = (): boolean => state.temper.pauseAfter !== null && words >= state.temper.pauseAfter
    while (pausesHere() && !response.destroyed) await Promise.race([once(changes, 'temper'), once(response, 'close')])
  }
  const site = express()
  site.disable('x-powered-by')
  site.use(faults.control)
  site.use(faults.play)
  site.get('/temper', (_request, response) => void response.json(state.temper))
  site.put('/temper', express.json(), (request, response) => {
    state.temper = temperIn(request.body as Record<string, unknown>, state.temper)
    changes.emit('temper')
    response.status(204).end()
  })
  site.get('/written', (_request, response) => void response.json(written))
  site.get('/', (_request, response) => {
    const list = readings
      .map(({ id, title }) => `<li><a href="/readings/${id}.html">${escape(title)}</a></li>`)
      .join('')
    response.send(
      page(
        'Skerry',
        `<p>Drafts questions from a text, for those who have a token.</p><h2>Readings</h2><ul>${list}</ul>`,
      ),
    )
  })
  site.get('/readings/:name', (request, response) => {
    const found = readings.find(({ id }) => `${id}.html` === request.params.name)
    if (!found) throw new Problem('There is no such reading.', 404)
    const [title = '', ...paragraphs] = found.text.split(/\n\s*\n/)
    response.send(page(title, lines(paragraphs.join('\n'))))
  })
  site.use('/v1', requireToken(token), writingApi())
  answerProblems(site)
  return site

  function writingApi(): Router {
    const api = Router()
    api.get('/terms', (_request, response) => void response.json({ name: 'Skerry', limits }))
    api.post('/write', express.json({ limit: '4mb' }), async (request, response) => {
      const body = request.body as Record<string, unknown>
      const asked = textOf(body['request'])
      const words = wordCount(asked)
      if (words > limits.words) throw new Problem(`The request has ${words} words; ${limits.words} are taken.`, 413)
      const soFar = textOf(body['soFar'])
      // Whoever goes on with a reply gets the same one.
      const seed = typeof body['seed'] === 'number' ? body['seed'] : state.temper.seed + state.next++
      const reply = write(asked, { ...state.temper, seed }, readings)
      written.push({ seed, items: reply.items })
      const whole = reply.text.startsWith(soFar) ? reply.text.slice(soFar.length) : reply.text
      const most = Math.min(limits.units, Number(body['units'] ?? limits.units))
      await stream(response, whole, { most, seed, asked, wordsPerSecond: state.temper.wordsPerSecond, goOn })
    })
    return api
  }
}

const STYLE = 'body{font:17px/1.6 serif;max-width:38em;margin:2em auto;padding:0 1em;color:#223}nav{font-size:14px}'

function page(title: string, body: string): string {
  return htmlPage(title, STYLE, `<nav><a href="/">Skerry</a></nav><main><h1>${escape(title)}</h1>${body}</main>`)
}

interface Streaming {
  readonly most: number
  readonly seed: number
  readonly asked: string
  readonly wordsPerSecond: number
  /** Resolves when the reply may go on behind so many words. */
  readonly goOn: (words: number, response: Response) => Promise<void>
}

/** Lines of JSON: `{"seed": 1}`, `{"text": "…"}` again and again, `{"end": "whole" | "limit", "units": {…}}`. */
async function stream(
  response: Response,
  text: string,
  { most, seed, asked, wordsPerSecond, goOn }: Streaming,
): Promise<void> {
  response.type('application/x-ndjson')
  const say = (line: object): void => void response.write(`${JSON.stringify(line)}\n`)
  say({ seed })
  const pieces = text.match(/\s*\S+\s*/g) ?? []
  let letters = 0
  let isCut = false
  const size = Math.max(1, Math.round(wordsPerSecond / 20))
  for (let at = 0; at < pieces.length && !response.destroyed; at += size) {
    await goOn(at, response)
    const piece = pieces.slice(at, at + size).join('')
    if (letters + piece.length > most * LETTERS_PER_UNIT) {
      isCut = true
      break
    }
    letters += piece.length
    say({ text: piece })
    await sleep((1000 * size) / wordsPerSecond)
  }
  say({ end: isCut ? 'limit' : 'whole', units: { asked: unitsOf(asked.length), written: unitsOf(letters) } })
  response.end()
}

function unitsOf(letters: number): number {
  return Math.ceil(letters / LETTERS_PER_UNIT)
}

function wordCount(text: string): number {
  return text.split(/\s+/).filter(Boolean).length
}

function temperIn(given: Record<string, unknown>, known: SkerryState['temper']): SkerryState['temper'] {
  const { manner, mistakes, seed, wordsPerSecond, pauseAfter } = given
  const isShare = typeof mistakes === 'number' && mistakes >= 0 && mistakes <= 1
  return {
    manner: manner === null || MANNERS.includes(manner as Manner) ? (manner as Manner | null) : known.manner,
    mistakes: isShare ? mistakes : known.mistakes,
    seed: Number.isInteger(seed) ? Number(seed) : known.seed,
    pauseAfter: pauseAfter === null || Number.isInteger(pauseAfter) ? (pauseAfter as number | null) : known.pauseAfter,
    wordsPerSecond: typeof wordsPerSecond === 'number' && wordsPerSecond > 0 ? wordsPerSecond : known.wordsPerSecond,
  }
}

function requireToken(token: string) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (request.get('authorization') === `Bearer ${token}`) next()
    else response.status(401).json({ error: 'The token is not known here.' })
  }
}
