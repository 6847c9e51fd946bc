import express from 'express'
import { Faults, type Fault } from './faults.ts'
import { serve, type Running } from './serve.ts'

let site: Running
let faults: Faults
let done = 0
beforeAll(async () => {
  faults = new Faults()
  const app = express()
  app.use(faults.control, faults.play)
  app.post('/work', (_request, response) => {
    done++
    response.json({ done })
  })
  site = await serve(app, 0)
})
afterAll(() => site.close())
beforeEach(() => {
  done = 0
})

const ask = () => fetch(`${site.url}/work`, { method: 'POST', signal: AbortSignal.timeout(400) })
const play = (...list: Partial<Fault>[]) =>
  fetch(`${site.url}/faults`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(list.map((one) => ({ on: 'POST /work', times: 1, ...one }))),
  })

test('a status with a time to wait, as often as it was asked for', async () => {
  await play({ play: 'status', status: 429, retryAfter: 2, times: 2 })
  const [first, second, third] = [await ask(), await ask(), await ask()]
  expect([first.status, second.status, third.status, done]).toEqual([429, 429, 200, 1])
  expect(first.headers.get('retry-after')).toBe('2')
})

test.each<[Fault['play'], number]>([
  ['cut', 0],
  ['silence', 0],
  ['unheard', 1],
])('%s: nobody hears an answer, and the work is done %d times', async (kind, times) => {
  await play({ play: kind })
  await expect(ask()).rejects.toThrow()
  expect(done).toBe(times)
  expect((await ask()).status).toBe(200)
})

test('every second item is refused, until it is over', async () => {
  await play({ play: 'refuse', times: 4 })
  expect(Array.from({ length: 6 }, () => faults.refusesNext())).toEqual([false, true, false, true, false, false])
  await play({ play: 'slow', ms: 50 })
  expect((await ask()).status).toBe(200)
})
