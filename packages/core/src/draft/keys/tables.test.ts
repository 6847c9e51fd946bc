import { assembleText } from '../../testing/records.ts'
import { tableEntries } from './lists-in-tables.ts'

const { records } = assembleText(
  [
    '1. Which rope?\na) hemp\nb) nylon',
    '2. Which knot?\na) reef\nb) bowline',
    '3. Which light?\na) red\nb) green',
  ].join('\n\n'),
  '',
)
const IDS = new Map([1, 2, 3, 4, 5].map((number) => [String(number), [number - 1]] as const))

/** What each item is given: "0 b" is the first item and its key. */
function entries(...rows: readonly string[]): string[] {
  return tableEntries(rows, IDS, records).map(
    ({ record, value }) => `${record} ${(rows[value.line] ?? '').slice(value.from, value.to)}`,
  )
}

// How lists of keys are drawn as tables: common practice, no published source.
describe('numbers across, keys below them', () => {
  test('each key under its number', () =>
    expect(entries('| 1 | 2 | 3 |', '| b | a | b |')).toEqual(['0 b', '1 a', '2 b']))
  test('a word before each row is no number and no key', () =>
    expect(entries('| No | 1 | 2 | 3 |', '| Key | b | a | b |')).toEqual(['0 b', '1 a', '2 b']))
  test('a word before the numbers alone, one cell less below', () =>
    expect(entries('| 1 | 2 | 3 |', '| b | a |')).toEqual(['0 b', '1 a']))
  test('two numbers are enough', () => expect(entries('| 1 | 2 |', '| b | a |')).toEqual(['0 b', '1 a']))
  test('a cell left open gives nothing, and moves nothing', () =>
    expect(entries('| 1 | 2 | 3 |', '| b | | b |')).toEqual(['0 b', '2 b']))
  test('figures as keys, also where the next number stands below the first', () =>
    expect(entries('| 1 | 2 | 3 | 4 |', '| 2 | b | a | 3 |')).toEqual(['0 2', '1 b', '2 a', '3 3']))
  test('five numbers among eight cells are most of them; four are not', () => {
    const across = (row: string) => entries(row, '| b | b | b | b | b | b | b | b |').includes('0 b')
    expect(across('| 1 | 2 | 3 | 4 | 5 | x | y | z |')).toBe(true)
    expect(across('| 1 | 2 | 3 | 4 | w | x | y | z |')).toBe(false)
  })
})

describe('numbers that go down are not taken for numbers across', () => {
  test('number, key, number, key in a row', () =>
    expect(entries('| 1 | b |', '| 2 | a |', '| 3 | b |')).toEqual(['0 b', '1 a', '2 b']))
  test('where the next number stands below the first', () =>
    expect(entries('| 1 | 4 | b |', '| 2 | 5 | a |').some((one) => one === '0 2')).toBe(false))
  test('a row of numbers below a row of numbers holds no keys', () =>
    expect(entries('| 1 | 2 | 3 |', '| 4 | 5 | 1 |')).not.toContain('0 4'))
})

test('number and key in one cell', () => expect(entries('| 1 b | 2. a | 3) b |')).toEqual(['0 b', '1 a', '2 b']))

test('one cell with a number and words is no list', () => expect(entries('| 1 b | nothing |')).toEqual([]))

test('a row for each item: the first cell that fits it is its key', () =>
  expect(entries('| 1 | page 3 | nylon |', '| Item 2 | b | see the book |', '| 3 | |')).toEqual(['0 nylon', '1 b']))

test('a line without cells gives nothing', () => expect(entries('1 b', '2 a')).toEqual([]))
