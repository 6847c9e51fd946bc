import { AnswerQueue, type Pending, type Sent } from './answer-queue'

class Shelf {
  readonly kept = new Map<string, string>()
  getItem(name: string): string | null {
    return this.kept.get(name) ?? null
  }
  setItem(name: string, value: string): void {
    this.kept.set(name, value)
  }
  removeItem(name: string): void {
    this.kept.delete(name)
  }
}

const text = (value: string) => ({ kind: 'text', text: value }) as const

/** A queue whose server answers as told, one answer after the other; the last goes on. */
function queued(answers: readonly (Sent | 'break')[], storage = new Shelf()) {
  const sent: (readonly Pending[])[] = []
  const queue = new AnswerQueue({
    ...{ name: 'q', storage, pauseMs: 100, firstRetryMs: 1000 },
    send: (batch) => {
      const answer = answers[Math.min(sent.length, answers.length - 1)] ?? 'kept'
      sent.push(batch)
      return answer === 'break' ? Promise.reject(new TypeError('no network')) : Promise.resolve(answer)
    },
  })
  return { queue, sent, storage }
}

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())
const pass = (ms: number): Promise<void> => jest.advanceTimersByTimeAsync(ms)

test('what is typed quickly goes once, the newest of each item', async () => {
  const { queue, sent, storage } = queued(['kept'])
  queue.give(0, 1, text('e'))
  queue.give(0, 2, text('eb'))
  queue.give(1, 1, text('flood'))
  expect(queue.state.waiting).toBe(2)
  expect(storage.getItem('q')).toContain('flood')
  await pass(100)
  expect(sent).toEqual([
    [
      { at: 0, n: 2, response: text('eb') },
      { at: 1, n: 1, response: text('flood') },
    ],
  ])
  expect([queue.state, storage.getItem('q')]).toEqual([{ waiting: 0, isCutOff: false, ended: null }, null])
})

test('without a network it waits in the browser, tries again ever later, and loses nothing', async () => {
  const { queue, sent } = queued(['break', 'unheard', 'unheard', 'kept'])
  queue.give(0, 1, text('ebb'))
  await pass(100)
  expect(queue.state).toMatchObject({ waiting: 1, isCutOff: true })
  await pass(1000)
  await pass(1999)
  expect(sent).toHaveLength(2)
  await pass(1)
  expect(sent).toHaveLength(3)
  await pass(4000)
  expect(queue.state).toEqual({ waiting: 0, isCutOff: false, ended: null })
})

test('a reload goes on with what the browser kept', async () => {
  const storage = new Shelf()
  const first = queued(['unheard'], storage)
  first.queue.give(3, 7, text('kept'))
  await pass(100)
  const second = queued(['kept'], storage)
  expect(second.queue.pendingAt(3)?.response).toEqual(text('kept'))
  await pass(0)
  expect(second.sent).toEqual([[{ at: 3, n: 7, response: text('kept') }]])
})

test('what is changed while it is on its way goes after it', async () => {
  let answer: (sent: Sent) => void = () => undefined
  const sent: (readonly Pending[])[] = []
  const queue = new AnswerQueue({
    ...{ name: 'q', storage: new Shelf(), pauseMs: 100 },
    send: (batch) => {
      sent.push(batch)
      return new Promise((resolve) => (answer = resolve))
    },
  })
  queue.give(0, 1, text('e'))
  await pass(100)
  queue.give(0, 2, text('ebb'))
  answer('kept')
  await pass(100)
  expect(sent.map(([one]) => one?.n)).toEqual([1, 2])
  expect(queue.state.waiting).toBe(1)
})

test('where nothing is taken any more, that is said, and nothing is sent again', async () => {
  const { queue, sent } = queued([{ ended: 'This was handed in already.' }])
  queue.give(0, 1, text('late'))
  await pass(100)
  expect(queue.state.ended).toBe('This was handed in already.')
  queue.give(0, 2, text('later'))
  await pass(60_000)
  expect(sent).toHaveLength(1)
})

test('what the browser kept and cannot be read is passed over', () => {
  const storage = new Shelf()
  storage.setItem('q', '{broken')
  expect(queued(['kept'], storage).queue.state.waiting).toBe(0)
})
