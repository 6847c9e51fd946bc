import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { analyse, type Analysis, type Attempt, type Item } from '@zakuska/core'
import type { ReactElement } from 'react'
import { Notices } from '../../parts/notices'
import { BUOY } from '../../testing/results'
import { ItemPlot } from './ItemPlot'
import { OptionBars } from './OptionBars'
import { ScoreChart } from './ScoreChart'

const shown = (element: ReactElement) => render(<Notices>{element}</Notices>)
const rowsOf = (name: string): (string | null)[] =>
  within(screen.getByRole('group', { name: `${name}, as a table` }))
    .getAllByRole('row')
    .map((row) => row.textContent)

describe('scores', () => {
  const chart = (totals: readonly number[]) => <ScoreChart totals={totals} possible={10} average={5} threshold={0.5} />

  test('a class: a dot for each person, those under the threshold told apart', () => {
    const { container } = shown(chart([2, 2, 7, 9.5]))
    expect(container.querySelectorAll('circle')).toHaveLength(4)
    expect(container.querySelectorAll('circle.fill-beet')).toHaveLength(2)
    expect(screen.getByText('4 people from 0 to 10 points; 2 under the threshold of 5.')).toBeTruthy()
    expect(rowsOf('Scores')).toEqual(['PointsPeople', '9.51', '71', '22'])
  })

  test('many people: bars that together hold them all', () => {
    const totals = Array.from({ length: 200 }, (_none, at) => at % 11)
    const { container } = shown(chart(totals))
    expect(container.querySelectorAll('circle')).toHaveLength(0)
    expect(container.querySelectorAll('rect[height]').length).toBeGreaterThan(10)
    expect(
      rowsOf('Scores')
        .slice(1)
        .reduce((sum, row) => sum + Number(row?.slice(row.startsWith('10') ? 2 : 1)), 0),
    ).toBe(200)
  })

  test('a score above what was possible is still drawn inside', () => {
    const { container } = shown(chart([12]))
    const [, , width = 0] = (container.querySelector('svg')?.getAttribute('viewBox') ?? '').split(' ').map(Number)
    expect(Number(container.querySelector('circle')?.getAttribute('cx'))).toBeLessThan(width)
  })
})

/** Five statements that go together, and one that goes the other way. */
function analysis(people = 30): { readonly items: Item[]; readonly found: Analysis } {
  const statement: Item = { kind: 'truefalse', stem: [], points: 1, tags: [], key: [true] }
  const items = Array.from({ length: 6 }, () => statement)
  const attempts = Array.from({ length: people }, (_none, rank): Attempt => ({
    student: `${rank}`,
    responses: items.map((_item, at) => ({
      kind: 'truth',
      value: at === 5 ? rank > people / 2 : rank / people < (at + 1) / 6,
    })),
  }))
  return { items, found: analyse(items, attempts) }
}

test('difficulty and discrimination: what should be looked at is named, below nothing is a ground of its own', () => {
  const { items, found } = analysis()
  const { container } = shown(<ItemPlot items={found.items} bodies={items} />)
  expect(screen.getByText(/Named: .*6/)).toBeTruthy()
  const named = [...container.querySelectorAll('text.fill-beet')].map((one) => one.textContent)
  expect(named).toContain('6')
  expect(container.querySelectorAll('rect.fill-beet').length).toBe(named.length)
  expect(rowsOf('Difficulty and discrimination').find((row) => row?.startsWith('6'))).toContain('the wrong way round')
})

test('where nothing stands out, that is said', () => {
  const { items, found } = analysis(8)
  shown(<ItemPlot items={found.items} bodies={items} />)
  expect(screen.getByText(/None stands out/)).toBeTruthy()
})

test('options: three bars each, the key marked by a shape and in the table by a word', () => {
  const thirds = {
    options: [
      { id: 'a', isKey: true, upper: 8, middle: 5, lower: 2 },
      { id: 'b', isKey: false, upper: 0, middle: 3, lower: 6 },
    ],
    open: { upper: 0, middle: 0, lower: 1 },
    sizes: { upper: 8, middle: 8, lower: 9 },
  }
  const { container } = shown(<OptionBars item={BUOY} thirds={thirds} />)
  expect(container.querySelectorAll('g.stroke-dill')).toHaveLength(1)
  const bars = [...container.querySelectorAll('rect[y="22"], rect[y="35"], rect[y="48"]')].map((one) =>
    Number(one.getAttribute('width')),
  )
  expect(bars).toEqual([...bars].sort((a, b) => b - a))
  expect(rowsOf('Who took which option')).toEqual([
    ...['Optionupper thirdmiddlelower third', 'key: a) can852', 'b) cone036', 'left open001'],
  ])
})

test('a picture that cannot be made is said', async () => {
  // This browser draws no pictures.
  shown(<ScoreChart totals={[1]} possible={2} average={1} threshold={0.5} />)
  await userEvent.click(screen.getByRole('button', { name: 'PNG' }))
  await screen.findByText('The picture could not be made.')
})
