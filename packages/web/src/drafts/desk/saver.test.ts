import { ApiProblem } from '../../api/client'
import { keepBackup, readBackup } from '../backup'
import * as queries from '../queries'
import { savedDraft } from '../../testing/desk'
import { Saver, type DeskContent, type SaveState } from './saver'

jest.mock('../queries', () => ({
  ...jest.requireActual<typeof queries>('../queries'),
  saveDraft: jest.fn(),
  fetchDraft: jest.fn(),
}))
const save = jest.mocked(queries.saveDraft)
const content = (text: string): DeskContent => ({
  ...{ title: 'Knots', text, styles: [], keyText: null, followed: [] },
  taught: { lines: [], notation: null },
})
const NOTHING = { title: '', text: '', keyText: null, followed: [] }

function saverOf(start = 'old') {
  const now = { text: start }
  const states: SaveState[] = []
  const met = jest.fn()
  const saver = new Saver({
    id: 'd1',
    version: 3,
    agreed: { ...NOTHING, text: start },
    content: () => content(now.text),
    tell: (state) => states.push(state),
    met,
  })
  const type = (text: string): void => {
    now.text = text
    saver.touch()
  }
  return { saver, type, states, met }
}
const passes = (milliseconds: number): Promise<void> => jest.advanceTimersByTimeAsync(milliseconds)
const answer = (version: number) => (_id: string, body: { readonly text: string }) =>
  Promise.resolve(savedDraft(body.text, { version }))

beforeEach(() => {
  jest.useFakeTimers()
  save.mockReset()
  localStorage.clear()
})
afterEach(() => jest.useRealTimers())

test('what is typed is saved a moment after the last letter, once, from the version that it goes on from', async () => {
  save.mockImplementation(answer(4))
  const { type, states, saver } = saverOf()
  for (const text of ['a', 'ab', 'abc']) {
    type(text)
    await passes(300)
  }
  expect(save).not.toHaveBeenCalled()
  await passes(700)
  expect(save).toHaveBeenCalledTimes(1)
  expect(save.mock.calls[0]?.[1]).toMatchObject({ text: 'abc', version: 3 })
  expect(states.slice(-2)).toEqual(['saving', 'saved'])
  expect(saver.agreed.text).toBe('abc')
  type('abcd')
  await passes(700)
  expect(save.mock.calls[1]?.[1]).toMatchObject({ version: 4 })
})

test('what is not saved yet is kept by the browser, and dropped once the server has it', async () => {
  save.mockImplementation(answer(4))
  const { type } = saverOf()
  type('half a wor')
  await passes(250)
  expect(readBackup('d1')).toMatchObject({ version: 3, base: 'old', text: 'half a wor' })
  await passes(700)
  expect(readBackup('d1')).toBeNull()
})

test('what is typed while it is being saved waits for its own turn, and stays kept meanwhile', async () => {
  const answers: (() => void)[] = []
  save.mockImplementation(
    (_id, body) => new Promise((resolve) => answers.push(() => resolve(savedDraft(body.text, { version: 4 })))),
  )
  const { type, states, saver } = saverOf()
  type('first')
  await passes(700)
  type('first and second')
  void saver.save()
  await passes(0)
  // Never two at once.
  expect(save).toHaveBeenCalledTimes(1)
  answers[0]?.()
  await passes(0)
  expect(states).toContain('waiting')
  expect(save).toHaveBeenCalledTimes(2)
  expect(save.mock.calls[1]?.[1]).toMatchObject({ text: 'first and second', version: 4 })
  answers[1]?.()
  await passes(0)
  expect(saver.isDirty).toBe(false)
  expect(states.at(-1)).toBe('saved')
})

test('with the server out of reach it is tried again and again, with what stands there by then', async () => {
  save.mockRejectedValueOnce(new TypeError('Failed to fetch')).mockRejectedValueOnce(new ApiProblem(503, 'Try again.'))
  const { type, states } = saverOf()
  type('one')
  await passes(700)
  expect(states.at(-1)).toBe('offline')
  await passes(5000)
  expect(states.at(-1)).toBe('offline')
  expect(readBackup('d1')).toMatchObject({ text: 'one' })
  save.mockImplementation(answer(4))
  await passes(5000)
  expect(save).toHaveBeenCalledTimes(3)
  expect(states.at(-1)).toBe('saved')
})

test('where somebody else saved meanwhile it is met, and saved from their version on; typing says nothing else', async () => {
  save.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else changed it.'))
  const { type, states, met, saver } = saverOf()
  type('mine')
  await passes(700)
  expect(met).toHaveBeenCalledTimes(1)
  expect(states.at(-1)).toBe('conflict')
  type('mine still')
  expect(states.at(-1)).toBe('conflict')
  save.mockImplementation(answer(8))
  saver.goOnFrom(savedDraft('theirs', { version: 7 }))
  expect(saver.agreed.text).toBe('theirs')
  type('mine and theirs')
  await passes(700)
  expect(save.mock.calls.at(-1)?.[1]).toMatchObject({ text: 'mine and theirs', version: 7 })
  expect(states.at(-1)).toBe('saved')
})

test('a desk that is closed saves what it has, and then nothing is tried again', async () => {
  save.mockRejectedValue(new TypeError('Failed to fetch'))
  const { type, saver, met } = saverOf()
  type('last words')
  saver.close()
  await passes(0)
  expect(save).toHaveBeenCalledTimes(1)
  await passes(60_000)
  expect(save).toHaveBeenCalledTimes(1)
  expect(met).not.toHaveBeenCalled()
  expect(readBackup('d1')).toMatchObject({ text: 'last words' })
})

test('nothing is sent where nothing changed; what the server changed itself is gone on from', async () => {
  const { saver, type } = saverOf()
  expect(await saver.save()).toBeNull()
  saver.leave()
  expect(save).not.toHaveBeenCalled()
  save.mockImplementation(answer(10))
  saver.accept(savedDraft('old', { version: 9 }))
  type('x')
  expect(await saver.save()).toMatchObject({ version: 10 })
  expect(save.mock.calls[0]?.[1]).toMatchObject({ version: 9 })
})

test('places beyond the text that is sent are drawn in to its end', async () => {
  save.mockImplementation(answer(4))
  const saver = new Saver({
    id: 'd1',
    version: 1,
    agreed: NOTHING,
    content: () => ({
      ...content('short'),
      followed: [{ ref: 'r', from: 2, to: 90, fingerprint: 'f', signOff: null, lostSignOff: null, bankItemId: null }],
      taught: { lines: [{ from: 0, to: 50, part: 'stem' }] as never, notation: null },
    }),
    tell: () => undefined,
    met: () => undefined,
  })
  saver.touch()
  await saver.save()
  expect(save.mock.calls[0]?.[1]).toMatchObject({ taught: [], followed: [{ from: 2, to: 5, signedOff: false }] })
})

test('a store that is full stops nobody', () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  expect(() => keepBackup('d1', { version: 1, title: '', text: 'x' })).not.toThrow()
  full.mockRestore()
  localStorage.setItem('zakuska.draft.d1', 'no json')
  expect(readBackup('d1')).toBeNull()
})
