import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { Schemas } from '../api/client'
import { connections, delivery, FORMS } from '../testing/dispatch'
import { refused, showPage, type Answers } from '../testing/page'
import { DeliveryPage } from './DeliveryPage'
import { classText } from './HandOut'

// Drawing needs a browser; the code is looked at in one.
jest.mock('./qr-code', () => ({ qrCode: () => ({ svg: 'data:image/svg+xml,', png: 'data:image/png;base64,' }) }))

/** A delivery, which becomes what the server answers to a change of it. */
function show(first: Schemas['DeliveryDto'], changes: Readonly<Record<string, Schemas['DeliveryDto'] | object>> = {}) {
  let now = first
  const answers: Answers = Object.fromEntries(
    Object.entries(changes).map(([asked, answer]) => [
      asked,
      () => {
        if ('id' in answer) now = answer
        return answer
      },
    ]),
  )
  return showPage(<DeliveryPage />, {
    at: '/dispatch/d',
    path: '/dispatch/:id',
    answers: {
      'GET /api/deliveries/d': () => now,
      'GET /api/deliveries': () => [now],
      'GET /api/connections': connections(),
      ...answers,
    },
  })
}

test('a proven delivery says what was proven, and opens each probe', async () => {
  show(delivery())
  await screen.findByText(/what was sent is what is graded/)
  await userEvent.click(screen.getByRole('button', { name: '1 of 1' }))
  expect(screen.getByText('the key')).toBeTruthy()
})

test('a disagreement is loud, and names the item', async () => {
  const [proof] = delivery().proof as unknown as { probes: object[] }[]
  const wrong = [
    { ...proof, verdict: 'disagrees', probes: proof?.probes.map((one) => ({ ...one, got: 0, verdict: 'disagrees' })) },
  ]
  show(delivery({ disagreeing: 1, proof: wrong as unknown as Schemas['DeliveryDto']['proof'] }))
  expect((await screen.findByRole('alert')).textContent).toBe(
    '◆ 1 item grades otherwise there than here: 1. Do not hand it out before this is mended.',
  )
})

test('what changed since is counted, with the way to send it again', async () => {
  show(delivery({ since: { edited: 2, keys: 1, added: 1, removed: 0 } }))
  await screen.findByText('◐ Since then 2 items were changed, 1 key among them, 1 added.')
  expect(screen.getByRole('link', { name: 'Send again' }).getAttribute('href')).toBe('/dispatch/paper/p?again=d')
})

test('one that failed is taken up again; one under way is stopped', async () => {
  const failed = delivery({ state: 'failed', why: 'Inlet does not answer at its address.', address: null })
  const one = show(failed, { 'POST /api/deliveries/d/retry': delivery({ state: 'queued', proof: null }) })
  await screen.findByText(/did not arrive: Inlet does not answer/)
  await userEvent.click(screen.getByRole('button', { name: 'Take it up again' }))
  await waitFor(() => expect(one.calls.map(({ asked }) => asked)).toContain('POST /api/deliveries/d/retry'))
  one.unmount()
  const going = delivery({ state: 'sending', done: 3, total: 10, proof: null })
  const two = show(going, { 'POST /api/deliveries/d/stop': delivery({ state: 'stopped', done: 4, total: 10 }) })
  expect((await screen.findByRole('progressbar')).getAttribute('aria-valuenow')).toBe('30')
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }))
  await screen.findByText(/stopped after 4 of 10/)
  two.unmount()
})

test('handing out: closed and opened there; taken away only after a question; what the other side says is shown', async () => {
  const { calls } = show(delivery(), {
    'PUT /api/deliveries/d/open': refused(422, 'Inlet does not answer at its address. Is it running?'),
    'POST /api/deliveries/d/remove-there': delivery({ address: null, isOpen: false }),
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Close it' }))
  await screen.findByText(/Inlet does not answer at its address/)
  await userEvent.click(screen.getByRole('button', { name: 'Take it away there…' }))
  const question = await screen.findByRole('dialog')
  await userEvent.click(within(question).getByRole('button', { name: 'Leave it there' }))
  expect(calls.some(({ asked }) => asked.endsWith('remove-there'))).toBe(false)
  await userEvent.click(screen.getByRole('button', { name: 'Take it away there…' }))
  await userEvent.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Take it away' }))
  await waitFor(() => expect(screen.queryByText('Handing out')).toBeNull())
})

test('times to open and close are kept in the person’s own time, and said', async () => {
  const until = new Date(2026, 11, 4, 15, 30)
  const { calls } = show(delivery(), {
    'PUT /api/deliveries/d/opening': delivery({ closesAt: until.toISOString() }),
  })
  await userEvent.click(await screen.findByText('Open from and until'))
  await userEvent.type(screen.getByLabelText('Until'), '2026-12-04T15:30')
  await userEvent.click(screen.getByRole('button', { name: 'Keep these times' }))
  await screen.findByText('closes 4 Dec 15:30', { exact: false })
  expect(calls.find(({ asked }) => asked.endsWith('opening'))?.body).toEqual({
    opensAt: null,
    closesAt: until.toISOString(),
  })
})

test('the text for a class has the address, and the code where there is one', () => {
  expect(classText(delivery(), 'http://x/f')).toBe('Week 2\nOpen this address: http://x/f')
  expect(classText(delivery({ joinCode: 'AB12CD' }), 'http://x/j')).toContain('Code to join: AB12CD')
})

test('who may answer is a list of names where the destination can hold it', async () => {
  const { calls } = show(delivery(), {
    'GET /api/connections': connections(FORMS),
    'PUT /api/deliveries/d/people': delivery({ people: ['Bente Havn', 'Nils Bø'] }),
  })
  await userEvent.click(await screen.findByText('Who may answer: anybody with the address'))
  await userEvent.type(screen.getByRole('textbox', { name: 'Names, a line each' }), 'Bente Havn\n\n Nils Bø ')
  await userEvent.click(screen.getByRole('button', { name: 'Only these may answer' }))
  await screen.findByText('◐ Only 2 people of a list may answer')
  expect(calls.find(({ asked }) => asked.startsWith('PUT'))?.body).toEqual({ people: ['Bente Havn', 'Nils Bø'] })
  screen.getByRole('button', { name: 'Let anybody answer' })
})
