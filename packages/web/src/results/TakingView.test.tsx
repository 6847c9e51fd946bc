import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { sitting, TAKING } from '../testing/results'
import { TakingView } from './TakingView'

const begun = { id: 'a1', student: 'Bente Havn', startedAt: '2026-03-02T18:00:00.000Z', mayMove: false }
const other = { ...begun, id: 'a2', student: 'Nils Bø', mayMove: true }

const show = (who: 'code' | 'list', answers: Answers = {}, person = OWNER) => {
  const dto = sitting({
    ...{ source: 'here', code: 'HARB22', underWay: 2, underWayList: [begun, other] },
    taking: { ...TAKING, who, people: [{ name: 'Bente Havn', code: 'K7QX9DMP' }] },
  })
  return showPage(<TakingView sitting={dto} />, {
    answers: { 'POST /api/sittings/s/attempts/a1/move': dto, 'GET /api/rosters': [], ...answers },
    person,
  })
}

test('who has begun by a code of their own goes on on another device where the teacher allows it', async () => {
  const { calls } = show('code')
  const list = screen.getByRole('list', { name: 'At it now' })
  expect(within(list).getByText('✓ may switch device')).toBeTruthy()
  await userEvent.click(within(list).getByRole('button', { name: 'Allow another device' }))
  await waitFor(() => expect(calls.some(({ asked }) => asked.endsWith('/attempts/a1/move'))).toBe(true))
  await waitFor(() => expect(document.activeElement).toBe(list))
})

test('what is refused is said', async () => {
  show('code', { 'POST /api/sittings/s/attempts/a1/move': refused(404, 'There is no such attempt.') })
  await userEvent.click(screen.getByRole('button', { name: 'Allow another device' }))
  expect(await screen.findByText(/There is no such attempt/)).toBeTruthy()
})

test('without codes nobody has to be allowed anything', () => {
  show('list')
  expect(screen.queryByRole('list', { name: 'At it now' })).toBeNull()
})

test('who looks on sees who is at it, and changes nothing', () => {
  show('code', {}, { ...OWNER, role: 'reviewer', rights: ['see', 'results'] })
  expect(screen.getByRole('list', { name: 'At it now' })).toBeTruthy()
  expect(screen.queryByRole('button', { name: 'Allow another device' })).toBeNull()
})
