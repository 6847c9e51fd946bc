import { act, screen, waitFor } from '@testing-library/react'
import { showPage } from '../testing/page'
import { useReply, type Reply } from './queries'

class Events {
  static readonly open: Events[] = []
  onmessage: ((event: { readonly data: string }) => void) | null = null
  isClosed = false
  constructor(readonly url: string) {
    Events.open.push(this)
  }
  close(): void {
    this.isClosed = true
  }
}

const reply = (text: string, state: Reply['state']): Reply => ({
  ...{ id: 'r', draftId: 'd', purpose: 'items', what: '4 questions', by: 'I', at: '2026-11-29T10:00:00Z', sentTo: 'S' },
  ...{ why: null, units: 1, cost: 0, currency: '', isTaken: false, text, state },
})

const tell = (from: number, more: string, state: Reply['state']): void => {
  const { text, ...summary } = reply('', state)
  act(() => Events.open.at(-1)?.onmessage?.({ data: JSON.stringify({ ...summary, from, more, text }) }))
}

/** What is known of the reply, with a way to ask for it again. */
function Shown() {
  const { data, refetch } = useReply('r')
  return (
    <>
      <p>{data ? `${data.state}: ${data.text}` : 'nothing'}</p>
      <button onClick={() => void refetch()}>ask</button>
    </>
  )
}

beforeEach(() => {
  Events.open.length = 0
  Object.assign(window, { EventSource: Events })
})
afterEach(() => Reflect.deleteProperty(window, 'EventSource'))

const shows = (text: string) => waitFor(() => expect(screen.getByText(/:/).textContent).toBe(text))

/** A page whose second and later questions are answered only when `answer` is called. */
async function begin() {
  const waiting: ((reply: Reply) => void)[] = []
  let asked = 0
  showPage(<Shown />, {
    answers: {
      'GET /api/writing': {},
      'GET /api/writing/replies/r': () =>
        asked++ === 0 ? reply('1. One', 'writing') : new Promise<Reply>((done) => waiting.push(done)),
    },
  })
  await screen.findByText('writing: 1. One')
  act(() => screen.getByRole('button').click())
  await waitFor(() => expect(waiting).toHaveLength(1))
  return async (late: Reply) => {
    await act(async () => {
      waiting[0]?.(late)
      await new Promise((done) => setTimeout(done, 20))
    })
  }
}

test('a reply grows by its events, and the events are closed at its end', async () => {
  await begin()
  tell(6, '\n2. Two', 'writing')
  await shows('writing: 1. One\n2. Two')
  tell(13, '\n3. Three', 'done')
  await shows('done: 1. One\n2. Two\n3. Three')
  expect(Events.open).toHaveLength(1)
  expect(Events.open[0]?.isClosed).toBe(true)
})

test('an answer that was under way when the reply ended does not make it partial again', async () => {
  const answer = await begin()
  tell(6, '\n2. Two', 'done')
  await answer(reply('1. One', 'writing'))
  await shows('done: 1. One\n2. Two')
})

test('an answer that was under way between two events leaves no hole in the text', async () => {
  const answer = await begin()
  tell(6, '\n2. Two', 'writing')
  await answer(reply('1. O', 'writing'))
  tell(13, '\n3. Three', 'done')
  await shows('done: 1. One\n2. Two\n3. Three')
})
