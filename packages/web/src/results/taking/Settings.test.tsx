import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage, type Answers } from '../../testing/page'
import { sitting, TAKING } from '../../testing/results'
import type { Taking } from '../queries'
import { Settings } from './Settings'

const show = (more: Partial<Taking> = {}, answers: Answers = {}, person = OWNER) => {
  const taking: Taking = { ...TAKING, ...more }
  const dto = sitting({ source: 'here', code: 'HARB22', taking })
  return showPage(<Settings sitting={dto} taking={taking} />, {
    answers: {
      'PUT /api/sittings/s/taking': dto,
      'GET /api/rosters': [{ id: 'r', name: 'Year 2', people: [{ name: 'Bente Havn', code: '' }] }],
      ...answers,
    },
    person,
  })
}

const sent = (calls: readonly { readonly asked: string; readonly body: unknown }[]) =>
  calls.flatMap(({ asked, body }) => (asked.startsWith('PUT') ? [body as Taking] : []))

test('nothing is kept before it is said; then all of it', async () => {
  const { calls } = show({ mode: 'test', who: 'anyone' })
  expect(screen.queryByText('◐ not kept yet')).toBeNull()
  await userEvent.click(screen.getByRole('checkbox', { name: 'items differ by person' }))
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'When points and feedback are told' }), 'never')
  expect(sent(calls)).toEqual([])
  await userEvent.click(screen.getByRole('button', { name: 'Keep these settings' }))
  await waitFor(() => expect(screen.queryByText('◐ not kept yet')).toBeNull())
  expect(sent(calls)[0]).toMatchObject({ shuffleItems: !TAKING.shuffleItems, feedbackWhen: 'never' })
})

test('practice asks for tries where a test asks when points are told', async () => {
  show({ mode: 'test' })
  expect(screen.queryByRole('spinbutton', { name: 'Tries for each item' })).toBeNull()
  await userEvent.click(screen.getByRole('radio', { name: /^practice/ }))
  expect(screen.queryByRole('combobox', { name: 'When points and feedback are told' })).toBeNull()
  expect(screen.getByText('Tries')).toBeTruthy()
})

test('how sure it is that each answers once is said for each way', async () => {
  show({ who: 'anyone', attempts: null })
  const who = screen.getByRole('combobox', { name: 'Who may take it' })
  expect(screen.getByText(/^Anybody who has the address/)).toBeTruthy()
  await userEvent.selectOptions(who, 'list')
  expect(screen.getByText(/^Fairly sure/)).toBeTruthy()
  await userEvent.selectOptions(who, 'code')
  expect(screen.getByText(/^Sure as long as codes are kept/)).toBeTruthy()
})

test('names on a list get their codes, and go with the settings', async () => {
  const { calls } = show({ who: 'anyone', people: [] })
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Who may take it' }), 'code')
  await userEvent.type(screen.getByRole('textbox', { name: /names/i }), 'Bente Havn{enter}Corvin Lind')
  expect(within(screen.getByRole('list', { name: 'Codes' })).getAllByRole('listitem')).toHaveLength(2)
  await userEvent.click(screen.getByRole('button', { name: 'Keep these settings' }))
  await waitFor(() => expect(sent(calls)).toHaveLength(1))
  const people = sent(calls)[0]?.people ?? []
  expect(people.map(({ name }) => name)).toEqual(['Bente Havn', 'Corvin Lind'])
  expect(new Set(people.map(({ code }) => code)).size).toBe(2)
})

test('opened by hand it has no times any more', async () => {
  const { calls } = show({ isOpen: false, opensAt: '2030-01-01T10:00:00.000Z', closesAt: '2030-01-01T12:00:00.000Z' })
  await userEvent.click(screen.getByRole('button', { name: 'Open it now' }))
  await waitFor(() => expect(sent(calls)[0]).toMatchObject({ isOpen: true, opensAt: null, closesAt: null }))
})

test('closing says what it does', async () => {
  const { calls } = show({ isOpen: true })
  expect(screen.getByText('Closing hands in what was saved.')).toBeTruthy()
  await userEvent.click(screen.getByRole('button', { name: 'Close it now' }))
  await waitFor(() => expect(sent(calls)[0]).toMatchObject({ isOpen: false }))
})

test('what is refused is said, and stays to be kept', async () => {
  show({}, { 'PUT /api/sittings/s/taking': refused(422, 'It would close before it opens. Choose a later end.') })
  await userEvent.click(screen.getByRole('checkbox', { name: 'options differ by person' }))
  await userEvent.click(screen.getByRole('button', { name: 'Keep these settings' }))
  expect((await screen.findByRole('alert')).textContent).toContain('close before it opens')
  expect(screen.getByText('◐ not kept yet')).toBeTruthy()
})

test('who looks on changes nothing', () => {
  show({ isOpen: true }, {}, { ...OWNER, role: 'viewer', rights: ['see'] })
  expect(screen.queryByRole('button', { name: 'Close it now' })).toBeNull()
  expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'items differ by person' }).matches(':disabled')).toBe(
    true,
  )
})
