import { randomBytes, randomInt } from 'node:crypto'
import express, { Router, type Express, type NextFunction, type Request, type Response } from 'express'
import { csvOf } from '../shared/csv.ts'
import type { Faults } from '../shared/faults.ts'
import { answerProblems, Problem } from '../shared/problem.ts'
import type { JsonStore } from '../shared/store.ts'
import { textOf } from '../shared/text.ts'
import { isRight, LIMITS, scoreOf, type FoghornState, type Game, type Player, type Round } from './model.ts'
import { foghornPage, hostPage, joinPage, playPage } from './pages.ts'
import { roundsIn } from './sheet.ts'

/** Letters that are not mistaken for one another. */
const CODE_LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'

/** The whole service: sheets come in behind a token; the host runs a game, and players join it by its code. */
export function createFoghorn(store: JsonStore<FoghornState>, faults: Faults, token: string): Express {
  const site = express()
  site.disable('x-powered-by')
  site.use(faults.control)
  site.use(faults.play)
  site.get('/', (_request, response) => response.redirect('/join'))
  site.use('/api', requireToken(token), gamesApi(store, faults))
  addHost(site, store)
  addPlayers(site, store)
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
function gamesApi(store: JsonStore<FoghornState>, faults: Faults): Router {
  const api = Router()
  api.get('/site', (_request, response) => void response.json({ name: 'Foghorn', limits: LIMITS }))
  api.get(
    '/games',
    (_request, response) =>
      void response.json(
        Object.values(store.state.games).map(({ id, title, rounds, isOpen }) => ({
          id,
          title,
          isOpen,
          rounds: rounds.length,
        })),
      ),
  )
  api.post('/games', express.raw({ type: () => true, limit: LIMITS.bytes }), async (request, response) => {
    const key = request.get('idempotency-key') ?? null
    const known = key === null ? undefined : Object.values(store.state.games).find((game) => game.key === key)
    if (known) return void response.status(200).json(told(known))
    if (!Buffer.isBuffer(request.body) || !request.body.length) throw new Problem('The sheet is empty.')
    const { rounds, rows } = await roundsIn(
      request.body,
      () => store.newId('round-'),
      () => faults.refusesNext(),
    )
    const game: Game = {
      id: store.newId('game-'),
      key,
      title: textOf(request.query['title']).slice(0, 120) || 'Game',
      code: newCode(store),
      hostKey: randomBytes(18).toString('base64url'),
      rounds,
      rows,
      isOpen: true,
      at: -1,
      since: 0,
      players: [],
    }
    store.state.games[game.id] = game
    store.save()
    response.status(201).json(told(game))
  })
  api.get('/games/:id', (request, response) => void response.json(told(gameOf(store, request))))
  api.patch('/games/:id', express.json(), (request, response) => {
    const game = gameOf(store, request)
    const { isOpen } = request.body as { isOpen?: unknown }
    if (typeof isOpen === 'boolean') game.isOpen = isOpen
    store.save()
    response.json(told(game))
  })
  api.delete('/games/:id', (request, response) => {
    const { id } = gameOf(store, request)
    store.state.games = Object.fromEntries(Object.entries(store.state.games).filter(([name]) => name !== id))
    store.save()
    response.status(204).end()
  })
  api.post('/games/:id/grade', express.json({ limit: '4mb' }), (request, response) => {
    const game = gameOf(store, request)
    if (!Array.isArray(request.body)) throw new Problem('Send a list of { round, chosen }.')
    response.json(
      (request.body as { round: string; chosen: number[] }[]).map(({ round: id, chosen }) => {
        const round = game.rounds.find((one) => one.id === id)
        return { right: round ? isRight(round, chosen) : null }
      }),
    )
  })
  api.get('/games/:id/responses', (request, response) => {
    const { rounds, players } = gameOf(store, request)
    response.json({
      rounds: rounds.map(({ id }) => id),
      players: players.map(({ id, name, answers }) => ({ id, name, answers })),
    })
  })
  api.get('/games/:id/responses.csv', (request, response) => {
    const { rounds, players } = gameOf(store, request)
    const letters = (chosen: readonly number[]): string =>
      chosen.map((place) => String.fromCharCode(97 + place)).join(' ')
    response
      .type('text/csv')
      .send(
        csvOf([
          ['player', ...rounds.map(({ stem }) => stem), 'score'],
          ...players.map((player) => [
            player.name,
            ...rounds.map(({ id }) => letters(player.answers[id]?.chosen ?? [])),
            totalOf(player),
          ]),
        ]),
      )
  })
  return api
}

function addHost(site: Express, store: JsonStore<FoghornState>): void {
  const hosted = (request: Request): Game => {
    const game = gameOf(store, request)
    if (request.query['key'] !== game.hostKey) throw new Problem('Only the host runs the game.', 403)
    return game
  }
  site.get('/host/:id', (request, response) => {
    response.send(hostPage(hosted(request), `${request.protocol}://${request.get('host') ?? ''}`))
  })
  site.get('/host/:id/state', (request, response) => void response.json(hostState(hosted(request))))
  site.post('/host/:id/next', (request, response) => {
    const game = hosted(request)
    Object.assign(game, { at: Math.min(game.at + 1, game.rounds.length), since: Date.now() })
    store.save()
    response.status(204).end()
  })
  site.post('/host/:id/stop', (request, response) => {
    const game = hosted(request)
    game.since = 0
    store.save()
    response.status(204).end()
  })
}

function addPlayers(site: Express, store: JsonStore<FoghornState>): void {
  site.get('/join', (request, response) => void response.send(joinPage('', textOf(request.query['code']))))
  site.post('/join', express.urlencoded({ extended: false }), (request, response) => {
    const { code = '', name = '' } = request.body as Record<string, string>
    const game = Object.values(store.state.games).find((one) => one.code === code.trim().toUpperCase())
    if (!game?.isOpen) return void response.status(404).send(joinPage('There is no open game with this code.', code))
    const player: Player = { id: randomBytes(9).toString('base64url'), name: name.trim() || 'Nameless', answers: {} }
    game.players.push(player)
    store.save()
    response.redirect(303, `/play/${game.id}/${player.id}`)
  })
  site.get('/play/:id/:player', (request, response) => {
    const game = gameOf(store, request)
    const player = playerOf(game, request)
    response.send(player ? playPage(game, player.id) : foghornPage('Not here', '<h1>You are not in this game</h1>'))
  })
  site.get('/play/:id/:player/state', (request, response) => {
    const game = gameOf(store, request)
    const player = playerOf(game, request)
    if (!player) throw new Problem('You are not in this game.', 404)
    response.json(playerState(game, player))
  })
  site.post('/play/:id/:player/answer', express.json(), (request, response) => {
    const game = gameOf(store, request)
    const player = playerOf(game, request)
    const { round: id, chosen } = request.body as { round?: string; chosen?: number[] }
    const round = game.rounds[game.at]
    if (!player || !round || round.id !== id || phaseOf(game) !== 'asked')
      throw new Problem('This question is over.', 409)
    const ms = Date.now() - game.since
    if (!player.answers[round.id] && Array.isArray(chosen))
      player.answers[round.id] = { chosen, ms, score: scoreOf(round, chosen, ms) }
    store.save()
    response.status(204).end()
  })
}

type Phase = 'wait' | 'asked' | 'shown' | 'over'

/** A question is over when its time is, or when everybody has answered. */
function phaseOf(game: Game): Phase {
  const round = game.rounds[game.at]
  if (game.at < 0) return 'wait'
  if (!round) return 'over'
  const isAllIn = game.players.length > 0 && game.players.every(({ answers }) => answers[round.id])
  return secondsLeft(game, round) > 0 && !isAllIn ? 'asked' : 'shown'
}

function secondsLeft(game: Game, round: Round): number {
  return game.since === 0 ? 0 : Math.max(0, Math.ceil(round.seconds - (Date.now() - game.since) / 1000))
}

function hostState(game: Game): object {
  const phase = phaseOf(game)
  const round = game.rounds[game.at]
  const standing = [...game.players]
    .map((player) => ({ name: player.name, score: totalOf(player) }))
    .sort((a, b) => b.score - a.score)
  const { title, code, at } = game
  return {
    ...{ title, code, phase, at, standing },
    players: game.players.map(({ name }) => name),
    count: game.rounds.length,
    isLast: at === game.rounds.length - 1,
    ...(round && {
      ...{ stem: round.stem, options: round.options, right: phase === 'shown' ? round.right : [] },
      left: secondsLeft(game, round),
      answered: game.players.filter(({ answers }) => answers[round.id]).length,
      counts: round.options.map(
        (_option, place) => game.players.filter(({ answers }) => answers[round.id]?.chosen.includes(place)).length,
      ),
    }),
  }
}

/** What a player may see: never what is right before the question is over. */
function playerState(game: Game, player: Player): object {
  const phase = phaseOf(game)
  const round = game.rounds[game.at]
  const given = round && player.answers[round.id]
  const score = totalOf(player)
  return {
    ...{ phase, name: player.name, at: game.at, score, given: given !== undefined, players: game.players.length },
    rank: 1 + game.players.filter((other) => totalOf(other) > score).length,
    ...(round &&
      phase === 'asked' && {
        round: round.id,
        stem: round.stem,
        options: round.options,
        several: round.right.length > 1,
      }),
    ...(round && phase === 'shown' && { isRight: given !== undefined && given.score > 0, gained: given?.score ?? 0 }),
  }
}

function totalOf(player: Player): number {
  return Object.values(player.answers).reduce((sum, { score }) => sum + score, 0)
}

function told(game: Game): object {
  const { id, title, code, rows, rounds, isOpen, hostKey } = game
  return {
    id,
    title,
    code,
    isOpen,
    rows,
    rounds: rounds.map((round) => round.id),
    hostPath: `/host/${id}?key=${hostKey}`,
    joinPath: `/join?code=${code}`,
  }
}

function newCode(store: JsonStore<FoghornState>): string {
  for (;;) {
    const code = Array.from({ length: 6 }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('')
    if (!Object.values(store.state.games).some((game) => game.code === code)) return code
  }
}

function gameOf(store: JsonStore<FoghornState>, request: Request): Game {
  const game = store.state.games[String(request.params['id'])]
  if (!game) throw new Problem('There is no such game.', 404)
  return game
}

function playerOf(game: Game, request: Request): Player | undefined {
  return game.players.find(({ id }) => id === request.params['player'])
}
