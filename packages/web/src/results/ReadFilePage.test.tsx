import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { paper } from '../testing/dispatch'
import { refused, showPage, type Answers } from '../testing/page'
import { sitting } from '../testing/results'
import { ReadFilePage } from './ReadFilePage'
import { ResultsPage } from './ResultsPage'

const ROWS = [
  ['Timestamp', 'Name', 'Rye is a grain.', 'Depth?', 'Score'],
  ['2026-03-02 19:10', 'Bente', 'True', '3.2', ''],
  ['', 'Nils', 'perhaps', '3', ''],
]

function show(answers: Answers = {}, at = '/results/read?paper=p') {
  return showPage(<ReadFilePage />, {
    at,
    path: '/results/read',
    answers: {
      'GET /api/papers': [paper()],
      'GET /api/papers/p': paper(),
      'POST /api/sittings/table': { rows: ROWS },
      'POST /api/sittings': { sitting: sitting(), fresh: 2, known: 0 },
      ...answers,
    },
  })
}

const file = new File(['x'], 'answers.csv', { type: 'text/csv' })
const roleOf = (header: string) =>
  screen.getByRole<HTMLSelectElement>('combobox', { name: `What “${header}” is` }).selectedOptions[0]?.textContent

beforeEach(() => localStorage.clear())

test('columns are told apart, what is doubtful is said, set right, read in, and remembered', async () => {
  const one = show()
  await userEvent.upload(await screen.findByLabelText('File'), file)
  await screen.findByText(/2 rows, 5 columns/)
  expect(['Timestamp', 'Name', 'Rye is a grain.', 'Score'].map(roleOf)).toEqual([
    ...['when it was handed in', 'who it is', '1. Rye is a grain.', 'passed over'],
  ])
  expect(screen.getByText(/No column for item 2/)).toBeTruthy()
  expect(screen.getByText(/1 cell says nothing to its item, as in item 1: “perhaps”/)).toBeTruthy()
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'What “Depth?” is' }), '2. How deep is it?')
  expect(screen.queryByText(/No column for item/)).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'Read 2 responses' }))
  await waitFor(() => expect(one.address()).toBe('/results/s'))
  expect(one.calls.find(({ asked }) => asked === 'POST /api/sittings')?.body).toMatchObject({
    ...{ paperId: 'p', title: 'answers' },
    attempts: [
      {
        student: 'Bente',
        time: '2026-03-02 19:10',
        responses: [
          { kind: 'truth', value: true },
          { kind: 'text', text: '3.2' },
        ],
      },
      { student: 'Nils', time: null, responses: [null, { kind: 'text', text: '3' }] },
    ],
  })
  one.unmount()
  show()
  await userEvent.upload(await screen.findByLabelText('File'), file)
  await screen.findByText(/as you set them the last time/)
  expect(roleOf('Depth?')).toBe('2. How deep is it?')
})

test('the file may be chosen before the paper', async () => {
  const { calls } = show({}, '/results/read')
  await userEvent.upload(await screen.findByLabelText('File'), file)
  await screen.findByText('Say which paper it is of')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Responses to' }), 'p')
  await screen.findByText(/2 rows, 5 columns/)
  expect(calls.filter(({ asked }) => asked === 'GET /api/papers')).toHaveLength(1)
})

test('a file that is no table is said in a line', async () => {
  show({ 'POST /api/sittings/table': refused(422, 'There is no table with a head and a row below it in this file.') })
  await userEvent.upload(await screen.findByLabelText('File'), file)
  expect((await screen.findByRole('alert')).textContent).toContain('There is no table')
})

describe('the tray', () => {
  const tray = (answers: Answers) =>
    showPage(<ResultsPage />, { at: '/results', path: '/results', answers: { 'GET /api/deliveries': [], ...answers } })
  test('empty: the next steps', async () => {
    tray({ 'GET /api/sittings': [] })
    await screen.findByText('Nothing to bring back yet')
  })
  test('sittings, with how many are at it; deleted with a way back', async () => {
    const { calls } = tray({
      'GET /api/sittings': [
        sitting({ source: 'here', isOpen: true, underWay: 3 }),
        sitting({ id: 't', title: 'Week 3' }),
      ],
      'DELETE /api/sittings/t': null,
      'POST /api/sittings/t/undelete': null,
    })
    await screen.findByText('◐ 3 under way')
    expect(screen.getByText(/taken here/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Delete the results of Week 3' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(calls.map(({ asked }) => asked)).toContain('POST /api/sittings/t/undelete'))
  })
})
