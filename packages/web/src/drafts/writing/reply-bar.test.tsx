import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, showPage } from '../../testing/page'
import type { Reply } from '../../writing/queries'
import { ReplyBar } from './ReplyBar'

const REPLY: Reply = {
  ...{ id: 'r', draftId: 'd', purpose: 'items', what: '4 questions', by: OWNER.name, at: '2026-11-29T10:00:00Z' },
  ...{ sentTo: 'Skerry, http://x', why: null, units: 120, cost: 0, currency: '', isTaken: false },
  ...{ state: 'done', text: '1. What?' },
}
const putIn = jest.fn()
const show = (
  more: Partial<Reply>,
  { read = 4, isFresh = false, isMissing = false } = {},
  person: typeof OWNER = OWNER,
) =>
  showPage(<ReplyBar reply={{ ...REPLY, ...more }} {...{ read, isFresh, isMissing, putIn }} />, {
    answers: {
      'POST /api/writing/replies/r/stop': { ...REPLY, state: 'stopped' },
      'POST /api/writing/replies/r/go-on': { ...REPLY, state: 'writing' },
      'GET /api/writing': {},
    },
    person,
  })
const says = () => screen.queryAllByRole('status').find(({ tagName }) => tagName === 'P')?.textContent ?? null

test.each<[string, Partial<Reply>, Parameters<typeof show>[1], string | null]>([
  ['being written', { state: 'writing' }, { read: 2 }, 'Skerry is writing 4 questions: 2 items read so far.'],
  ['cut', { state: 'cut' }, {}, '◆ Skerry stopped at the limit of one reply. What came is here (120 units).'],
  ['broken off', { state: 'failed', why: 'It fell silent.' }, {}, '◆ It fell silent. What came is here.'],
  ['nothing came', { state: 'failed', why: 'It fell silent.', text: '' }, {}, '◆ It fell silent. Nothing came.'],
  ['stopped', { state: 'stopped' }, {}, 'It was stopped. What came is here.'],
  ['not in the text', {}, { isMissing: true }, 'A reply from Skerry (4 questions) is not all in this text.'],
  ['fewer than asked for', {}, { isFresh: true, read: 3 }, '4 questions were asked for, and 3 items were read.'],
  ['all there', {}, { isFresh: true }, null],
  ['fewer, long ago', {}, { read: 3 }, null],
])('a reply that is %s', (_name, more, given, sentence) => {
  show(more, given)
  expect(says()).toBe(sentence)
})

test('one’s own is stopped, and gone on with', async () => {
  const { calls, unmount } = show({ state: 'writing' })
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }))
  unmount()
  expect(calls.map(({ asked }) => asked)).toContain('POST /api/writing/replies/r/stop')
  const second = show({ state: 'cut' })
  await userEvent.click(screen.getByRole('button', { name: 'Go on' }))
  expect(second.calls.map(({ asked }) => asked)).toContain('POST /api/writing/replies/r/go-on')
})

test('somebody else’s is theirs to stop and to pay for; what came may be put in', async () => {
  show({ state: 'cut', by: 'Jorun Vik' }, { isMissing: true })
  expect(screen.queryByRole('button', { name: 'Go on' })).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'Put in what is not here yet' }))
  expect(putIn).toHaveBeenCalledTimes(1)
})

test('who looks on has nothing to press', () => {
  show({ state: 'cut' }, { isMissing: true }, { ...OWNER, role: 'viewer', rights: ['see'] })
  expect(screen.queryByRole('button')).toBeNull()
})
