import { ApiProblem } from '../api/client'
import type { PaperState } from './paper-parts'
import { PaperSaver, type SavedPaper } from './paper-saver'

const paper = (more: Partial<PaperState> = {}): PaperState => ({
  ...{ title: 'Knots', instructions: '', entries: [], shuffleItems: false, shuffleOptions: false, sections: [] },
  ...{ identity: ['Name'], timeLimit: null, attempts: null, feedbackWhen: 'after', rules: [] },
  ...more,
})
const entry = (itemId: string) => ({ itemId, points: 1, required: false })

function saverOf(start = paper()) {
  const send = jest.fn<Promise<{ readonly version: number }>, [PaperState, number]>()
  const fetch = jest.fn<Promise<SavedPaper>, []>()
  const met = jest.fn<void, [SavedPaper, readonly (keyof PaperState)[]]>()
  const [failed, shown, waits] = [jest.fn(), jest.fn(), jest.fn()]
  const saver = new PaperSaver({
    start: { state: start, version: 3, by: null },
    send,
    fetch,
    show: shown,
    waits,
    met,
    failed,
  })
  send.mockImplementation((_state, version) => Promise.resolve({ version: version + 1 }))
  return { saver, send, fetch, met, failed, shown, waits }
}
const passes = (milliseconds: number): Promise<void> => jest.advanceTimersByTimeAsync(milliseconds)

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

test('edits are saved together, a moment after the last, from the version that they go on from', async () => {
  const { saver, send, shown } = saverOf()
  saver.change({ title: 'Knots and ropes' })
  await passes(300)
  saver.change({ timeLimit: 20 })
  expect(shown).toHaveBeenLastCalledWith(paper({ title: 'Knots and ropes', timeLimit: 20 }))
  await passes(500)
  expect(send.mock.calls).toEqual([[paper({ title: 'Knots and ropes', timeLimit: 20 }), 3]])
  saver.change({ attempts: 2 })
  await passes(500)
  expect(send.mock.calls[1]?.[1]).toBe(4)
})

test('what is edited while it is being saved goes with the next, never two at once', async () => {
  const { saver, send, waits } = saverOf()
  let done: (saved: { readonly version: number }) => void = () => undefined
  send.mockImplementationOnce(() => new Promise((resolve) => (done = resolve)))
  saver.change({ title: 'one' })
  await passes(500)
  saver.change({ title: 'two' })
  await passes(2000)
  expect(send).toHaveBeenCalledTimes(1)
  done({ version: 4 })
  await passes(10)
  expect(send.mock.calls.map(([state, version]) => [state.title, version])).toEqual([
    ['one', 3],
    ['two', 4],
  ])
  await passes(10)
  expect(waits).toHaveBeenLastCalledWith(false)
})

test('with the server out of reach it is said once, and tried until it is saved', async () => {
  const { saver, send, failed, waits } = saverOf()
  send.mockRejectedValueOnce(new TypeError('Failed to fetch')).mockRejectedValueOnce(new ApiProblem(503, 'Later.'))
  saver.change({ title: 'offline' })
  await passes(500)
  expect(failed).toHaveBeenCalledTimes(1)
  expect(waits).toHaveBeenLastCalledWith(true)
  await passes(5000)
  await passes(5000)
  expect(send).toHaveBeenCalledTimes(3)
  expect(failed).toHaveBeenCalledTimes(1)
  expect(waits).toHaveBeenLastCalledWith(false)
})

test('who needs it saved waits until it is, or hears why not', async () => {
  const { saver, send } = saverOf()
  await saver.flush()
  expect(send).not.toHaveBeenCalled()
  saver.change({ title: 'x' })
  await saver.flush()
  expect(send).toHaveBeenCalledTimes(1)
  send.mockRejectedValueOnce(new ApiProblem(503, 'The server has too much to do.'))
  saver.change({ title: 'y' })
  await expect(saver.flush()).rejects.toThrow('too much to do')
  await saver.flush()
  expect(send.mock.calls.at(-1)?.[0].title).toBe('y')
})

test('what somebody else changed goes together with mine, and is saved from their version on', async () => {
  const { saver, send, fetch, met, shown } = saverOf(paper({ entries: [entry('i1')] }))
  send.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else changed it.'))
  const theirs = paper({ entries: [entry('i1'), entry('i2')], instructions: 'Read twice.' })
  fetch.mockResolvedValueOnce({ state: theirs, version: 9, by: 'Torben Vik' })
  saver.change({ entries: [entry('i1'), entry('i3')], title: 'Mine' })
  await passes(500)
  expect(met.mock.calls[0]?.[1]).toEqual([])
  expect(shown).toHaveBeenLastCalledWith(
    paper({ title: 'Mine', instructions: 'Read twice.', entries: [entry('i1'), entry('i3'), entry('i2')] }),
  )
  await passes(10)
  expect(send.mock.calls.at(-1)?.[1]).toBe(9)
})

test('where both changed the same, mine stands and theirs is named', async () => {
  const { saver, send, fetch, met } = saverOf()
  send.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else changed it.'))
  fetch.mockResolvedValueOnce({ state: paper({ title: 'Theirs' }), version: 9, by: 'Torben Vik' })
  saver.change({ title: 'Mine' })
  await passes(500)
  expect(met.mock.calls[0]?.[1]).toEqual(['title'])
  await passes(10)
  expect(send.mock.calls.at(-1)?.[0].title).toBe('Mine')
})

test('a conflict that cannot be looked at is tried again, and nothing is lost', async () => {
  const { saver, send, fetch, failed } = saverOf()
  send.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else changed it.'))
  fetch.mockRejectedValueOnce(new TypeError('Failed to fetch'))
  saver.change({ title: 'Mine' })
  await passes(500)
  expect(failed).toHaveBeenCalledTimes(1)
  await passes(5000)
  expect(send.mock.calls.at(-1)?.[0].title).toBe('Mine')
})

test('what was edited during a save goes also where the paper was left meanwhile', async () => {
  const { saver, send } = saverOf()
  let done: (saved: { readonly version: number }) => void = () => undefined
  send.mockImplementationOnce(() => new Promise((resolve) => (done = resolve)))
  saver.change({ title: 'one' })
  await passes(500)
  saver.change({ title: 'two' })
  saver.close()
  done({ version: 4 })
  await passes(10)
  expect(send.mock.calls.map(([state]) => state.title)).toEqual(['one', 'two'])
})

test('a paper that is left sends what waits, and tries no more', async () => {
  const { saver, send } = saverOf()
  send.mockRejectedValue(new TypeError('Failed to fetch'))
  saver.change({ title: 'last' })
  saver.close()
  await passes(10)
  expect(send).toHaveBeenCalledTimes(1)
  await passes(60_000)
  expect(send).toHaveBeenCalledTimes(1)
})
