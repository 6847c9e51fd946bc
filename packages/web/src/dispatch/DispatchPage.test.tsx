import { screen } from '@testing-library/react'
import { connections, COURSE, delivery } from '../testing/dispatch'
import { showPage } from '../testing/page'
import { DispatchPage } from './DispatchPage'

const show = (...list: ReturnType<typeof delivery>[]) =>
  showPage(<DispatchPage />, {
    answers: {
      'GET /api/papers': [{ id: 'p', title: 'Week 2', itemCount: 12, points: 12, versionOf: null }],
      'GET /api/connections': connections(COURSE),
      'GET /api/deliveries': list,
    },
  })

test('papers to send, connections, and what went where, each with how it stands', async () => {
  show(
    delivery({ id: 'a' }),
    delivery({ id: 'b', title: 'Wrong one', disagreeing: 2 }),
    delivery({ id: 'c', title: 'Under way', state: 'sending', done: 3, total: 9 }),
    delivery({ id: 'd', title: 'By hand', state: 'stopped', done: 3, total: 9 }),
    delivery({ id: 'e', title: 'Away', state: 'failed', why: 'Inlet does not answer at its address.' }),
    delivery({ id: 'f', title: 'Closed', isOpen: false, again: 'a' }),
  )
  await screen.findByText('6 deliveries · ◆ 1 grades otherwise there')
  expect(screen.getByText('2 keys are graded otherwise there', { exact: false })).toBeTruthy()
  expect(screen.getByText(/is being sent, 3 of 9/)).toBeTruthy()
  expect(screen.getByText(/stopped after 3 of 9/)).toBeTruthy()
  expect(screen.getByText(/did not arrive: Inlet does not answer/)).toBeTruthy()
  expect(screen.getAllByText(/keys proven/)).toHaveLength(2)
  expect(screen.getByText(/, again, closed/)).toBeTruthy()
  const papers = screen.getAllByRole('link', { name: 'Week 2' }).map((one) => one.getAttribute('href'))
  expect(papers).toEqual(['/dispatch/paper/p', '/dispatch/a'])
})

test('where nothing was sent, the next step is said', async () => {
  show()
  await screen.findByText('Nothing was sent yet. Choose a paper, see what fits, and send it.')
})
