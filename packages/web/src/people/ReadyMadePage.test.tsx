import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { refused, showPage } from '../testing/page'
import { ReadyMadePage } from './ReadyMadePage'

const SETS = [
  {
    id: 'a',
    title: 'Height of tide',
    outcome: 'P3.1 Finds the height',
    from: 'Course team',
    here: 5,
    kinds: ['numeric', 'numeric', 'short'],
  },
  { id: 'b', title: 'Calls on the radio', outcome: 'P5 Makes calls', from: 'Course team', here: 0, kinds: ['order'] },
]

test('sets are found by words of title and outcome, and say what is in them and here already', async () => {
  showPage(<ReadyMadePage />, { answers: { 'GET /api/copies/ready-made': SETS } })
  const first = await screen.findByRole('link', { name: /Height of tide/ })
  expect(first.getAttribute('href')).toBe('/copy/a')
  expect(first.textContent).toContain('2 numeric, short answer')
  expect(first.textContent).toContain('5 in your bank')
  await userEvent.type(screen.getByRole('searchbox'), 'calls p5')
  expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
    expect.stringContaining('Calls on the radio'),
  ])
  await userEvent.type(screen.getByRole('searchbox'), ' knots')
  screen.getByText('No set is about that.')
})

test('a server without sets says where items come from instead; one that fails is asked again', async () => {
  showPage(<ReadyMadePage />, { answers: { 'GET /api/copies/ready-made': [] } })
  await screen.findByText('No sets came with this server')
  let turn = 0
  showPage(<ReadyMadePage />, {
    answers: { 'GET /api/copies/ready-made': () => (turn++ ? SETS : refused(503, 'The database does not answer.')) },
  })
  await screen.findByText('The database does not answer.')
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  await screen.findByText('2 sets')
})
