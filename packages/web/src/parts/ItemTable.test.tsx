import { render, screen, within } from '@testing-library/react'
import { ItemTable } from './ItemTable'

const columns = [
  { name: 'Answer', width: 'w-24' },
  { name: 'Points', figures: true, title: 'Points earned' },
  { name: 'Alpha', figures: true, wideOnly: true },
]
const line = (number: number, below?: string) => ({
  key: number,
  number,
  item: `Item ${number}?`,
  cells: [`answer ${number}`, number * 2, '0.80'],
  below,
})

const texts = (row: HTMLElement): (string | null)[] =>
  within(row)
    .getAllByRole('cell')
    .map((cell) => cell.textContent)

test('a head for each column, and a row for each item with a cell below each head', () => {
  render(<ItemTable columns={columns} lines={[line(1), line(4)]} />)
  expect(screen.getAllByRole('columnheader').map((head) => head.textContent)).toEqual([
    'Number',
    'Item',
    'Answer',
    'Points',
    'Alpha',
  ])
  const [, ...rows] = screen.getAllByRole('row')
  expect(rows.map(texts)).toEqual([
    ['1', 'Item 1?', 'answer 1', '2', '0.80'],
    ['4', 'Item 4?', 'answer 4', '8', '0.80'],
  ])
  expect(screen.getByTitle('Points earned').textContent).toBe('Points')
})

test('figures stand at the right, and what is for wide pages only is hidden on narrow ones, head and cells alike', () => {
  render(<ItemTable columns={columns} lines={[line(1)]} />)
  const [head, row] = screen.getAllByRole('row') as [HTMLElement, HTMLElement]
  const looks = (cells: readonly HTMLElement[]): string[][] =>
    cells.slice(2).map(({ classList }) => ['text-right', 'hidden'].filter((name) => classList.contains(name)))
  expect(looks(within(head).getAllByRole('columnheader'))).toEqual([[], ['text-right'], ['text-right', 'hidden']])
  expect(looks(within(row).getAllByRole('cell'))).toEqual([[], ['text-right'], ['text-right', 'hidden']])
})

test('what is opened below an item spans the columns, and stands right below it', () => {
  render(<ItemTable columns={columns} lines={[line(1, 'Who took which'), line(2)]} />)
  const [, first, opened, second] = screen.getAllByRole('row')
  expect(texts(first!)).toContain('Item 1?')
  expect(within(opened!).getByText('Who took which').closest('td')).toHaveProperty('colSpan', 4)
  expect(texts(second!)).toContain('Item 2?')
})
