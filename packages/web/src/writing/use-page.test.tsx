import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { UnitsChart } from './UnitsChart'
import { UsePage } from './UsePage'
import { costText, unitsText, usedText } from './words'

const SERVICE = {
  ...{ provider: 'skerry', name: 'Skerry', url: 'http://127.0.0.1:4440', model: '', hasKey: true },
  ...{ words: 3000, units: 2500, price: 0.5, currency: 'SKM', cap: 20_000 },
}
const WRITING = {
  service: SERVICE,
  whyNot: null,
  used: 17_000,
  cap: 20_000,
  isNear: true,
  allowed: ['http://127.0.0.1:4440'],
  pages: ['http://x'],
}
const entry = (id: string, by: string, more: object = {}) => ({
  ...{ id, by, draftId: null, purpose: 'items' as const, what: '10 questions', at: new Date().toISOString() },
  ...{
    sentTo: 'Skerry, http://x',
    state: 'done' as const,
    why: null,
    units: 1200,
    cost: 0.6,
    currency: 'SKM',
    isTaken: true,
  },
  ...more,
})
const PEOPLE = [
  { personId: 'p', name: 'Iris Holm', isAllowed: true, cap: null, used: 17_000 },
  { personId: 'q', name: 'Torben Aske', isAllowed: true, cap: 500, used: 0 },
]
const show = (answers: Answers = {}, person = OWNER) =>
  showPage(<UsePage />, {
    person,
    answers: {
      'GET /api/writing': WRITING,
      'GET /api/writing/use': {
        entries: [
          entry('1', 'Iris Holm', { draftId: 'd1' }),
          entry('2', 'Torben Aske', { state: 'failed', why: 'It fell silent.', cost: 0 }),
        ],
        isMore: false,
      },
      'GET /api/writing/people': PEOPLE,
      ...answers,
    },
  })

test('the book says who asked for what, where it went, and what it cost', async () => {
  show()
  const rows = within(await screen.findByRole('region', { name: 'Usage book' })).getAllByRole('row')
  expect(rows[1]?.textContent).toMatch(/Iris Holm10 questions.*Skerry, http:\/\/xwhole1,2000\.60 SKM$/)
  expect(rows[2]?.textContent).toMatch(/broke off1,200–$/)
  expect(screen.getByText(/17,000 of 20,000 units used this month, more than four fifths/)).toBeTruthy()
  expect(screen.getByRole('link', { name: 'The book as CSV' }).getAttribute('href')).toBe('/api/writing/use/file')
})

test('the service is set with its key, which is sent only where one is given', async () => {
  const { calls } = show({ 'PUT /api/writing/service': WRITING })
  const service = within(await screen.findByRole('form', { name: 'The service' }))
  await userEvent.selectOptions(service.getByRole('combobox', { name: 'What it is' }), 'chat')
  await userEvent.type(service.getByRole('textbox', { name: 'Model' }), 'small')
  await userEvent.click(service.getByRole('button', { name: 'Try it and keep it' }))
  await waitFor(() => expect(calls.some(({ asked }) => asked.startsWith('PUT'))).toBe(true))
  const sent = calls.find(({ asked }) => asked.startsWith('PUT'))?.body as object
  expect(sent).toMatchObject({ provider: 'chat', model: 'small', cap: 20_000 })
  expect(sent).not.toHaveProperty('key')
  expect(sent).not.toHaveProperty('hasKey')
})

test('what the service says instead is shown', async () => {
  show({ 'PUT /api/writing/service': refused(422, 'Skerry does not know this key.') })
  await userEvent.type(await screen.findByLabelText(/^Key/), 'wrong')
  await userEvent.click(screen.getByRole('button', { name: 'Try it and keep it' }))
  expect((await screen.findByRole('alert')).textContent).toContain('does not know this key')
})

test('people are let in, kept out, and given other caps', async () => {
  const { calls } = show({ 'PUT /api/writing/people/q': PEOPLE })
  await userEvent.click(await screen.findByRole('checkbox', { name: /Torben Aske/ }))
  const put = () => calls.filter(({ asked }) => asked === 'PUT /api/writing/people/q').map(({ body }) => body)
  await waitFor(() => expect(put()).toEqual([{ isAllowed: false, cap: 500 }]))
  const cap = screen.getByRole('spinbutton', { name: 'Units a month for Torben Aske' })
  await userEvent.clear(cap)
  await userEvent.type(cap, '900{Enter}')
  await waitFor(() => expect(put().at(-1)).toEqual({ isAllowed: true, cap: 900 }))
})

test('who is no owner sees the own book, and no settings', async () => {
  show({}, { ...OWNER, role: 'editor', rights: ['see', 'write'] })
  expect(await screen.findByText('What you asked for')).toBeTruthy()
  expect(screen.queryByRole('form', { name: 'The service' })).toBeNull()
  expect(screen.getByText(/takes an owner/)).toBeTruthy()
})

test('an empty book leads on', async () => {
  show({ 'GET /api/writing/use': { entries: [], isMore: false } })
  expect((await screen.findByRole('link', { name: /Have questions drafted/ })).getAttribute('href')).toBe(
    '/drafts/request',
  )
})

test('the chart adds up by day and person, and has its figures as a table', () => {
  const day = new Date('2026-11-29T12:00:00')
  const at = (text: string) => ({ at: new Date(text).toISOString() })
  showPage(
    <UnitsChart
      today={day}
      entries={[
        entry('1', 'Iris', { ...at('2026-11-29T09:00:00'), units: 100 }),
        entry('2', 'Iris', { ...at('2026-11-29T10:00:00'), units: 50 }),
        entry('3', 'Torben', { ...at('2026-11-28T10:00:00'), units: 70 }),
        entry('4', 'Torben', { ...at('2026-08-01T10:00:00'), units: 999 }),
      ]}
    />,
  )
  expect(screen.getByText('220 units in thirty days, 150 by Iris, 70 by Torben.')).toBeTruthy()
  expect(screen.getAllByRole('row', { hidden: true }).map((row) => row.textContent)).toEqual([
    'DayIrisTorben',
    '28 Nov070',
    '29 Nov1500',
  ])
})

test('words of units', () => {
  expect([unitsText(1), unitsText(1500)]).toEqual(['1 unit', '1,500 units'])
  expect([costText(2000, { price: 0.5, currency: 'SKM' }), costText(2000, { price: 0, currency: 'SKM' })]).toEqual([
    '1.00 SKM',
    '',
  ])
  expect(usedText({ used: 10, cap: 2000 })).toBe('10 of 2,000 units used this month')
})
