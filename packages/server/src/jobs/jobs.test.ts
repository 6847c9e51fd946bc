import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import { prepareDatabase } from '../database/prepare.ts'
import type { ServerSettings } from '../settings/settings.ts'
import { timersUnderWay, until } from '../testing/until.ts'
import { JobsService, type Worker } from './jobs.service.ts'

const databaseUrl = process.env['TEST_DATABASE_URL'] ?? ''
const started: JobsService[] = []

async function start(worker: Worker): Promise<JobsService> {
  const jobs = new JobsService({ databaseUrl } as ServerSettings)
  jobs.register(worker)
  started.push(jobs)
  await jobs.onApplicationBootstrap()
  return jobs
}
const queue = (): string => `test-${randomUUID()}`
const none = (): Promise<readonly string[]> => Promise.resolve([])

beforeAll(() => prepareDatabase(databaseUrl))
const timersBefore = timersUnderWay()
// The queue looks every second, by itself, whether its workers have ended; the suite is not taken from under it.
afterAll(() => until('the timers of the queues end', () => timersUnderWay() <= timersBefore + 1))
afterEach(async () => {
  await Promise.all(started.splice(0).map((jobs) => jobs.onApplicationShutdown()))
})

test('what is queued is done once, and what was left over at the start as well', async () => {
  const [name, done] = [queue(), [] as string[]]
  const jobs = await start({
    queue: name,
    run: (id) => {
      done.push(id)
      return Promise.resolve()
    },
    left: () => Promise.resolve(['left-over']),
  })
  await jobs.queue(name, 'first')
  await until('both are done', () => done.length >= 2)
  // What is done twice would be done before what is queued behind it.
  await jobs.queue(name, 'last')
  await until('the last is done', () => done.includes('last'))
  expect(done.sort()).toEqual(['first', 'last', 'left-over'])
})

test('what fails is tried again', async () => {
  const [name, tries] = [queue(), [] as boolean[]]
  const jobs = await start({
    queue: name,
    run: (_id, isLastTry) => {
      tries.push(isLastTry)
      return tries.length < 2 ? Promise.reject(new Error('not yet')) : Promise.resolve()
    },
    left: none,
  })
  await jobs.queue(name, 'stubborn')
  await until('it is tried again', () => tries.length >= 2)
  expect(tries).toEqual([false, false])
})

test('one that waits long keeps no other waiting', async () => {
  const [name, done] = [queue(), [] as string[]]
  let release: () => void = () => undefined
  const held = new Promise<void>((resolve) => (release = resolve))
  const jobs = await start({
    queue: name,
    run: async (id) => {
      if (id === 'slow') await held
      done.push(id)
    },
    left: none,
  })
  await jobs.queue(name, 'slow')
  await jobs.queue(name, 'quick')
  await until('the quick one is done', () => done.includes('quick'))
  expect(done).not.toContain('slow')
  release()
  await until('the slow one is done', () => done.includes('slow'))
})

test('when the server stops, what is under way is told, and ends where it stands', async () => {
  const name = queue()
  let isHalted = false
  let isUnderWay = false
  const jobs = await start({
    queue: name,
    run: async (_id, _isLastTry, halt) => {
      isUnderWay = true
      if (!halt.aborted) await once(halt, 'abort')
      isHalted = true
    },
    left: none,
  })
  await jobs.queue(name, 'endless')
  await until('it is under way', () => isUnderWay)
  await jobs.onApplicationShutdown()
  started.splice(0)
  expect(isHalted).toBe(true)
})

test('what is for later is not done now', async () => {
  const [name, done] = [queue(), [] as string[]]
  const jobs = await start({
    queue: name,
    run: (id) => {
      done.push(id)
      return Promise.resolve()
    },
    left: none,
  })
  await jobs.queue(name, 'later', new Date(Date.now() + 60_000))
  await jobs.queue(name, 'now')
  await until('what is for now is done', () => done.includes('now'))
  expect(done).toEqual(['now'])
})

test('work that waits for a connection is not left waiting when the server stops', async () => {
  const jobs = new JobsService({ databaseUrl } as ServerSettings)
  started.push(jobs)
  for (let at = 0; at < 8; at++) jobs.register({ queue: queue(), run: () => Promise.resolve(), left: none })
  const before = timersUnderWay()
  await jobs.onApplicationBootstrap()
  // All of them ask for work at the same time, and there are fewer connections than that.
  await jobs.onApplicationShutdown()
  started.splice(0)
  // The queue looks once more, after a second, whether its workers have ended; it would go on looking for one that cannot.
  await until('the queue has stopped looking', () => timersUnderWay() <= before)
})
