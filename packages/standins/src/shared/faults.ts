import express, { Router, type NextFunction, type Request, type Response } from 'express'
import { setTimeout as sleep } from 'node:timers/promises'

/**
 * What a service can be asked to play. `cut`: the connection is torn while the request comes in. `silence`: no answer,
 * ever. `unheard`: the work is done, and the answer gets lost. `slow`: each answer takes a while longer. `refuse`: every
 * second item of what comes in is refused, whatever it is.
 */
export interface Fault {
  /** A part of "POST /v1/forms". */
  readonly on: string
  readonly play: 'status' | 'cut' | 'silence' | 'unheard' | 'slow' | 'refuse'
  readonly status?: number
  /** Seconds, as in the header. */
  readonly retryAfter?: number
  readonly ms?: number
  /** How often; then it is over. */
  times: number
}

/** Plays faults on request, for whoever builds on the service to try how they are survived. */
export class Faults {
  #waiting: Fault[] = []

  /** `PUT /faults` with a list of faults takes the place of those that wait. */
  readonly control: Router = Router()
    .put('/faults', express.json(), (request: Request, response: Response) => {
      this.#waiting = Array.isArray(request.body) ? (request.body as Fault[]).map((one) => ({ ...one })) : []
      response.status(204).end()
    })
    .get('/faults', (_request: Request, response: Response) => void response.json(this.#waiting))

  /** Whether the item that comes in now is one of those to be refused. */
  refusesNext(): boolean {
    const fault = this.#waiting.find((one) => one.play === 'refuse' && one.times > 0)
    if (!fault) return false
    fault.times--
    return fault.times % 2 === 0
  }

  readonly play = (request: Request, response: Response, next: NextFunction): void => {
    const asked = `${request.method} ${request.originalUrl}`
    const fault = this.#waiting.find((one) => one.times > 0 && one.play !== 'refuse' && asked.includes(one.on))
    if (!fault) return next()
    fault.times--
    switch (fault.play) {
      case 'status':
        if (fault.retryAfter !== undefined) response.set('retry-after', String(fault.retryAfter))
        return void response.status(fault.status ?? 500).json({ error: 'Not just now.' })
      case 'cut':
        return void request.socket.destroy()
      case 'silence':
        return
      case 'unheard':
        response.end = (): Response => {
          request.socket.destroy()
          return response
        }
        return next()
      case 'refuse':
        return next()
      case 'slow':
        return void sleep(fault.ms ?? 500).then(() => next())
    }
  }
}
