import { act, screen, waitFor } from '@testing-library/react'
import { ApiProblem } from '../api/client'
import { openDesk, replaceText, savedDraft, WaitingReader, type OpenDesk } from '../testing/desk'
import * as queries from './queries'

const TEXT = '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. Which is a tree?\na) oak\nb) rye\nAnswer: a\n'
jest.mock('./queries', () => ({
  ...jest.requireActual<typeof queries>('./queries'),
  saveDraft: jest.fn(),
  fetchDraft: jest.fn(),
}))
const save = jest.mocked(queries.saveDraft)
const fetched = jest.mocked(queries.fetchDraft)
let open: OpenDesk

beforeEach(() => {
  WaitingReader.start()
  localStorage.clear()
  save
    .mockReset()
    .mockImplementation((_id, body) => Promise.resolve(savedDraft(body.text, { version: body.version + 1 })))
  fetched.mockReset()
})
afterEach(() => open.leave())

const start = (text = TEXT, may = {}): OpenDesk => {
  open = openDesk(savedDraft(text), may)
  WaitingReader.answer()
  return open
}
const textOf = ({ desk }: OpenDesk): string => desk().view()?.state.doc.toString() ?? ''

test('a draft is read when it opens, and its items stand beside the text', () => {
  const { desk, element } = start()
  expect(desk().items.map(({ read }) => read.number)).toEqual(['1', '2'])
  expect(desk().here).toBe(0)
  expect(element.textContent).toContain('Which is a grain?')
})

test('answers of the reader that are older than the text are left', () => {
  const { desk } = start()
  replaceText(open, TEXT.length, TEXT.length, '\n3. Which is a sail?\na) jib\nb) oar\nAnswer: a\n')
  replaceText(open, 0, textOf(open).length, 'nothing')
  expect(WaitingReader.asked).toHaveLength(3)
  WaitingReader.answer(1)
  expect(desk().items).toHaveLength(2)
  WaitingReader.answer(2)
  expect(desk().items).toHaveLength(0)
  // One that comes too late changes nothing any more.
  WaitingReader.answer(1)
  expect(desk().items).toHaveLength(0)
})

test('what is done by a reading waits until the text as it stands is read', () => {
  const { desk } = start()
  replaceText(open, 0, 0, 'Grains and trees\n\n')
  act(() => desk().setKey(0, 0))
  expect(textOf(open)).toContain('Answer: b')
  WaitingReader.answer()
  expect(textOf(open)).toContain('1. Which is a grain?\na) oak\nb) rye\nAnswer: a')
})

test('signing off goes on to the next that waits; what is trouble is not signed off', async () => {
  const { desk, went } = start(`${TEXT}\n3. Which?\na) oak\nb) rye\n`)
  act(() => desk().signOff(0))
  expect(desk().items[0]?.followed.signOff?.by).toBe('Iris Holm')
  expect(went).toEqual([1])
  act(() => desk().signOff(1))
  act(() => desk().signOff(2))
  expect(desk().items[2]?.followed.signOff).toBeNull()
  expect(await screen.findByText(/^Not signed off:/)).toBeTruthy()
  act(() => desk().takeBack(0))
  expect(desk().items[0]?.followed.signOff).toBeNull()
})

test('an item keeps its sign-off while it moves, also over a moment in which it is not read', () => {
  const { desk } = start()
  act(() => desk().signOff(1))
  const at = TEXT.indexOf('2. Which')
  replaceText(open, at, TEXT.length, '')
  WaitingReader.answer()
  expect(desk().items).toHaveLength(1)
  replaceText(open, at, at, TEXT.slice(at))
  WaitingReader.answer()
  expect(desk().items[1]?.followed.signOff?.by).toBe('Iris Holm')
})

test('who looks on changes nothing, signs nothing off, and is told what it takes', async () => {
  const { desk } = start(TEXT, { write: false, signOff: false })
  act(() => desk().setKey(0, 0))
  act(() => desk().signOff(0))
  replaceText(open, 0, 5, '')
  expect(textOf(open)).toBe(TEXT)
  expect(desk().items[0]?.followed.signOff).toBeNull()
  expect(await screen.findByText(/to change drafts takes an editor/)).toBeTruthy()
  expect(await screen.findByText(/to sign off takes a reviewer/)).toBeTruthy()
  expect(await desk().flush()).toBeNull()
})

test('a key that a list gives is set in the item, and its entry is taken out of the list', async () => {
  open = openDesk(savedDraft('1. Which is a grain?\na) oak\nb) rye\n', { keyText: '1 b' }))
  WaitingReader.answer()
  act(() => open.desk().setKey(0, 0))
  expect(textOf(open)).toMatch(/Answer: a|\*a\)|a\) oak/)
  expect(open.desk().keyText?.trim() ?? '').toBe('')
  expect(await screen.findByText(/The entry for 1 was taken out of the key/)).toBeTruthy()
})

test('places that are left to decide are gone through, and said to be none where none is left', async () => {
  const { desk } = start('1. Which?\na) oak\nb) rye\n\n2. Who?\na) she\nb) he\nAnswer: x\n')
  act(() => desk().nextTrouble(1))
  expect(desk().here).toBe(0)
  act(() => desk().nextTrouble(1))
  expect(desk().here).toBe(1)
  act(() => desk().goTo(0))
  expect(desk().here).toBe(0)
  open.leave()
  start()
  act(() => open.desk().nextTrouble(1))
  expect(await screen.findByText('Nothing is left to decide.')).toBeTruthy()
})

test('title and text are saved together; what was typed offline is brought back when the desk opens again', async () => {
  const { desk } = start()
  act(() => desk().setTitle('Grains'))
  replaceText(open, 0, 0, 'New\n\n')
  await act(async () => void (await desk().flush()))
  expect(save.mock.calls[0]?.[1]).toMatchObject({ title: 'Grains', text: `New\n\n${TEXT}`, version: 1 })
  expect(desk().saveState).toBe('saved')
  save.mockRejectedValue(new TypeError('Failed to fetch'))
  replaceText(open, 0, 0, 'Typed offline\n')
  await act(async () => void (await desk().flush()))
  expect(desk().saveState).toBe('offline')
  open.leave()
  open = openDesk(savedDraft(`New\n\n${TEXT}`, { version: 2 }))
  expect(textOf(open)).toBe(`Typed offline\nNew\n\n${TEXT}`)
  expect(await screen.findByText(/brought back/)).toBeTruthy()
})

test('what somebody else changed elsewhere comes in by itself; the same line is chosen', async () => {
  const { desk } = start()
  save.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else changed it.'))
  fetched.mockResolvedValueOnce(
    savedDraft(TEXT.replace('Which is a tree?', 'Which one is a tree?'), { version: 2, updatedBy: 'Torben Vik' }),
  )
  replaceText(open, 0, 2, '1)')
  await act(async () => void (await desk().flush()))
  await waitFor(() => expect(textOf(open)).toContain('Which one is a tree?'))
  expect(textOf(open)).toContain('1) Which is a grain?')
  expect(await screen.findByText(/What Torben Vik changed meanwhile is in your text now/)).toBeTruthy()
  await act(async () => void (await desk().flush()))
  expect(save.mock.calls.at(-1)?.[1]).toMatchObject({ version: 2 })

  save.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else changed it.'))
  const theirs = textOf(open).replace('Which is a grain?', 'Which of them is a grain?')
  fetched.mockResolvedValueOnce(savedDraft(theirs, { version: 9 }))
  const at = textOf(open).indexOf('grain?')
  replaceText(open, at, at + 6, 'cereal?')
  await act(async () => void (await desk().flush()))
  await waitFor(() => expect(desk().meeting?.clashes).toHaveLength(1))
  expect(desk().saveState).toBe('conflict')
  act(() => desk().settle(['theirs']))
  expect(textOf(open)).toContain('Which of them is a grain?')
  expect(desk().meeting).toBeNull()
})

test('tidying is one step that is taken back by one undo', async () => {
  const { desk } = start('Hello!\n\n1) Which is a grain?\n(A) oak\n(B) rye\nAns. B\n')
  act(() => desk().tidy())
  expect(textOf(open)).toMatch(/^1\. Which is a grain\?\nA\) oak\nB\) rye\nAnswer: B/)
  act(() => desk().undo())
  expect(textOf(open)).toMatch(/^Hello!/)
  act(() => desk().redo())
  expect(textOf(open)).toMatch(/^1\./)
  replaceText(open, 0, textOf(open).length, 'Nothing here')
  WaitingReader.answer()
  act(() => desk().tidy())
  expect(await screen.findByText('There is no item to tidy.')).toBeTruthy()
})
