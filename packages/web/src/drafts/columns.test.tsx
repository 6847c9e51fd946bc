import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { DocumentBlock } from '@zakuska/core'
import { refused, showPage, type Answers } from '../testing/page'
import { ColumnsPage } from './ColumnsPage'
import { waiting, type OpenedFile } from './files'

const user = userEvent.setup()
const table = (...rows: readonly (readonly string[])[]): DocumentBlock => ({
  type: 'table',
  rows: rows.map((row) => row.map((cell) => (cell ? [{ text: cell, styles: [] }] : []))),
})
const QUESTIONS = table(
  ['Question', 'A', 'B', 'C', 'Right'],
  ['Which knot makes a fixed loop?', 'bowline', 'reef knot', 'clove hitch', 'A'],
  ['Which knot joins two ends?', 'bowline', 'reef knot', 'clove hitch', 'B'],
)
const opened = (...blocks: DocumentBlock[]): OpenedFile =>
  ({ name: 'knots', type: 'workbook', text: '', styles: [], blocks, notes: [] }) as unknown as OpenedFile

function show(file: OpenedFile | null, answers: Answers = {}) {
  waiting.table = file
  return showPage(<ColumnsPage />, {
    at: '/drafts/columns',
    path: '/drafts/columns',
    answers: { 'GET /api/files/layouts': [], ...answers },
  })
}
const readItems = () => within(screen.getByRole('region', { name: 'Items as they will be read' }))

test('columns are guessed, and the items stand beside them', async () => {
  const page = show(opened(QUESTIONS), { 'POST /api/drafts': { id: 'd1' } })
  expect(screen.getByLabelText<HTMLSelectElement>('What column 1 holds').value).toBe('stem')
  expect(screen.getByLabelText<HTMLSelectElement>('What column 5 holds').value).toBe('key')
  expect(readItems().getAllByRole('article')).toHaveLength(2)
  await user.click(screen.getByRole('button', { name: 'Make a draft of 2 items' }))
  await waitFor(() => expect(page.address()).toBe('/drafts/d1'))
  const sent = page.calls.find(({ asked }) => asked === 'POST /api/drafts')?.body as {
    readonly text: string
    readonly title: string
  }
  expect(sent.title).toBe('knots')
  expect(sent.text).toContain('Which knot joins two ends?')
})

test('what was guessed wrongly is corrected, and the items follow', async () => {
  show(opened(QUESTIONS))
  await user.selectOptions(screen.getByLabelText('What column 4 holds'), 'left out')
  expect(readItems().queryByText('clove hitch')).toBeNull()
  await user.selectOptions(screen.getByLabelText('What column 1 holds'), 'left out')
  expect(screen.getByText('No column is named as the stem yet.')).toBeTruthy()
  await user.selectOptions(screen.getByLabelText('What column 1 holds'), 'stem')
  fireEvent.change(screen.getByLabelText('Rows before the items'), { target: { value: '2' } })
  expect(readItems().getAllByRole('article')).toHaveLength(1)
})

test('a key in figures is read by what it is said to be', async () => {
  show(
    opened(
      table(
        ['Question', 'A', 'B', 'Right'],
        ['Which knot makes a fixed loop?', 'bowline', 'reef knot', '1'],
        ['Which knot joins two ends?', 'bowline', 'reef knot', '1'],
      ),
    ),
  )
  const form = screen.getByLabelText('The key says')
  await user.selectOptions(form, 'figures from 0')
  expect(readItems().getAllByRole('article')).toHaveLength(2)
  const marked = () => readItems().getAllByRole('article')[0]?.textContent ?? ''
  const fromNought = marked()
  await user.selectOptions(form, 'figures from 1')
  expect(marked()).toContain('bowline')
  expect(fromNought).toContain('reef knot')
})

test('of several tables each has its own columns; one without items says so', async () => {
  show(opened(table(['Name', 'Class'], ['Iris', '7b']), QUESTIONS))
  const tables = within(screen.getByRole('group', { name: 'Tables of the file' }))
  expect(tables.getAllByRole('button').map((button) => button.textContent)).toEqual(['Table 1, no items', 'Table 2'])
  expect(tables.getByRole('button', { name: 'Table 2' }).getAttribute('aria-pressed')).toBe('true')
  await user.click(tables.getByRole('button', { name: 'Table 1, no items' }))
  expect(screen.getByLabelText<HTMLSelectElement>('What column 1 holds').value).toBe('left')
})

test('a layout is kept by name and used again; what is refused is said', async () => {
  const layout = { roles: ['stem', 'option', 'option', 'left', 'key'], leadingRows: 1, keyForm: 'letter' }
  let isFull = true
  const page = show(opened(QUESTIONS), {
    'GET /api/files/layouts': [{ id: 'l1', name: 'Ours', layout }],
    'PUT /api/files/layouts': () => (isFull ? refused(409, 'Forty layouts are kept already.') : null),
  })
  await user.selectOptions(await screen.findByLabelText('Use a kept layout'), 'Ours')
  expect(screen.getByLabelText<HTMLSelectElement>('What column 4 holds').value).toBe('left')
  await user.type(screen.getByLabelText('Keep this layout as'), 'Mine{Enter}')
  expect(await screen.findByText('Forty layouts are kept already.')).toBeTruthy()
  isFull = false
  await user.click(screen.getByRole('button', { name: 'Keep' }))
  expect(await screen.findByText('The layout is kept as “Mine”.')).toBeTruthy()
  expect(page.calls.findLast(({ asked }) => asked.startsWith('PUT'))?.body).toMatchObject({ name: 'Mine', layout })
})

test('without a table the page leads back to the drafts', () => {
  show(null)
  expect(screen.getByText('No table is open')).toBeTruthy()
  expect(screen.getByRole('link', { name: 'To the drafts' }).getAttribute('href')).toBe('/drafts')
})
