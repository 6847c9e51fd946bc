import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { connections, COURSE, FORMS } from '../testing/dispatch'
import { refused, showPage } from '../testing/page'
import { Connections } from './Connections'

test('a course site is connected by a token that is tried first, with what it said where it refused', async () => {
  let turn = 0
  const { calls } = showPage(<Connections />, {
    answers: {
      'GET /api/connections': () => connections(...(turn > 1 ? [COURSE] : [])),
      'POST /api/connections': () => (turn++ ? COURSE : refused(422, 'Breakwater does not know this token.')),
    },
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Connect a destination' }))
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /Kind/ }), 'breakwater')
  await userEvent.type(screen.getByLabelText('Called here'), 'Pilotage course')
  await userEvent.type(screen.getByLabelText('Address'), 'http://127.0.0.1:4410')
  await userEvent.type(screen.getByLabelText('Token'), 'abc')
  await userEvent.click(screen.getByRole('button', { name: 'Try and keep' }))
  await screen.findByText('Breakwater does not know this token.')
  await userEvent.click(screen.getByRole('button', { name: 'Try and keep' }))
  await screen.findByRole('button', { name: 'Give up Pilotage course' })
  expect(calls.filter(({ asked }) => asked === 'POST /api/connections').at(-1)?.body).toEqual({
    ...{ destination: 'breakwater', name: 'Pilotage course', url: 'http://127.0.0.1:4410', token: 'abc' },
  })
})

test('forms are connected on their own page, at the address that the server knows', async () => {
  const { calls } = showPage(<Connections />, {
    answers: {
      'GET /api/connections': connections(),
      'POST /api/connections/consent': refused(422, 'This server sends to this machine only.'),
    },
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Connect a destination' }))
  expect(screen.queryByLabelText('Token')).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'Go to Inlet' }))
  await screen.findByText('This server sends to this machine only.')
  expect(calls.at(-1)?.body).toEqual({ destination: 'inlet', name: 'Inlet', url: 'http://127.0.0.1:4420' })
})

test('what has ended says why; what came back from the other page is said', async () => {
  const ended = { ...FORMS, ended: 'The consent was taken back there, or has run out.' }
  const page = showPage(<Connections />, {
    at: '/dispatch?refused=It+was+refused+there.',
    answers: { 'GET /api/connections': connections(ended), 'DELETE /api/connections/c-forms': null },
  })
  expect((await screen.findByRole('alert')).textContent).toBe('◆ It was refused there.')
  expect(screen.getByText(/The consent was taken back there/)).toBeTruthy()
  await userEvent.click(screen.getByRole('button', { name: 'Give up Class forms' }))
  await screen.findByText('“Class forms” was given up. What was sent by it stays in the log.')
  page.unmount()
  showPage(<Connections />, {
    at: '/dispatch?connected=Class+forms',
    answers: { 'GET /api/connections': connections(FORMS) },
  })
  await waitFor(() => expect(screen.getByText(/“Class forms” is connected/)).toBeTruthy())
})
