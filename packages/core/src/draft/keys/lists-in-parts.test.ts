import { assembleText } from '../../testing/records.ts'
import type { ListEntry } from './list-entry.ts'
import type { Ids } from './list-ids.ts'
import { letterEntries } from './lists-by-letter.ts'
import { inOrder, rangeEntries } from './lists-in-a-row.ts'

const { records } = assembleText(
  [1, 2, 3, 4, 5]
    .map((number) => `${number}. Which knot is number ${number}?\na) reef\nb) bowline\nc) hitch\nd) bend`)
    .join('\n\n'),
  '',
)
const IDS: Ids = new Map([1, 2, 3, 4, 5].map((number) => [String(number), [number - 1]] as const))

/** "0b 1c": which item gets what. */
function said(entries: readonly ListEntry[], texts: readonly string[]): string {
  return entries
    .map(({ record, value }) => `${record}${(texts[value.line] ?? '').slice(value.from, value.to)}`)
    .join(' ')
}

// Lists of keys by letter, in ranges and without numbers: common practice, no published source.
describe('the numbers of the items under each letter', () => {
  test.each([
    ['B: 1, 2   C: 5', '0B 1B 4C'],
    ['B: 1,2,3 C: 4,5', '0B 1B 2B 3C 4C'],
    ['B = 1 + 2; C = 5', '0B 1B 4C'],
    ['B: 1 2 3   C: 4', '0B 1B 2B 3C'],
    ['B: 1 & 2 | A: - | C: 5', '0B 1B 4C'],
    ['b: 1, c: 2', '0b 1c'],
    ['B:1 C:2', '0B 1C'],
    // One letter alone, an item twice, an item that is none, a letter that no option has, other words.
    ['B: 1, 2', ''],
    ['B: 1, 2   C: 2', ''],
    ['H: 1   C: 2', ''],
    ['B: 1 as everybody knows   C: 2', ''],
    ['B: -   C: -', ''],
  ])('%j gives %j', (list, keys) => expect(said(letterEntries([list], IDS, records), [list])).toBe(keys))

  test('a letter on a line each, under a title', () => {
    const lines = ['Key', 'A: 3', 'B: 1, 2', 'C: 5']
    expect(said(letterEntries(lines, IDS, records), lines)).toBe('2A 0B 1B 4C')
  })

  test('a number of no item ends what its line gives', () => {
    const lines = ['A: 3', 'B: 9, 1', 'C: 5']
    expect(said(letterEntries(lines, IDS, records), lines)).toBe('2A 4C')
  })
})

describe('letters for a range of numbers', () => {
  test.each([
    ['1–5 BCADA', '0B 1C 2A 3D 4A'],
    ['1-3 b c a', '0b 1c 2a'],
    ['1—3: b, c, a', '0b 1c 2a'],
    ['1 to 3. b/c/a', '0b 1c 2a'],
    ['1 bis 3) b; c; a', '0b 1c 2a'],
    ['1 à 3 = b c a', '0b 1c 2a'],
    ['1–2 bc 4–5 da', '0b 1c 3d 4a'],
    ['4–7 bcda', '3b 4c'],
    ['1–3 ①②③', '0① 1② 2③'],
    ['1–3 + − +', '0+ 1− 2+'],
    // Too few letters or too many, no range.
    ['1–5 BCAD', ''],
    ['1–3 BCAD', ''],
    ['1, 3 BCA', ''],
    ['A1–3 BCA', ''],
  ])('%j gives %j', (list, keys) => expect(said(rangeEntries([list], IDS, records), [list])).toBe(keys))
})

describe('keys without numbers', () => {
  const keys = (...lines: string[]): string => said(inOrder(lines, records, records.length, IDS), lines)
  test('a line each', () => expect(keys('b', 'c', 'a', 'd', 'a')).toBe('0b 1c 2a 3d 4a'))
  test('a line each, with bullets, under a line that ends in a colon', () =>
    expect(keys('The answers:', '• b', '- c', '* a', '– d', '', 'a')).toBe('0b 1c 2a 3d 4a'))
  test('in a row, parted by blanks, commas or bars', () => {
    expect(keys('b c a d a')).toBe('0b 1c 2a 3d 4a')
    expect(keys('Key: b, c, a, d, a')).toBe('0b 1c 2a 3d 4a')
    expect(keys('b|c|a', 'd;a')).toBe('0b 1c 2a 3d 4a')
  })
  test('as many as there are items, no more and no fewer', () => {
    expect(keys('b', 'c', 'a', 'd')).toBe('')
    expect(keys('b c a d a b')).toBe('')
  })
  test('four of five must fit', () => {
    expect(keys('b', 'c', 'a', 'd', 'z')).toBe('0b 1c 2a 3d 4z')
    expect(keys('b', 'c', 'a', 'y', 'z')).toBe('')
  })
  test('lines that begin with numbers of items go by these', () => {
    expect(keys('1. b', '2. c', '3. a', '4. d', '5. a')).toBe('')
    expect(keys('(1) b', '2: c', 'a', 'd', 'a')).toBe('')
  })
  test('items behind the list, and with a key, are none of them', () => {
    const some = records.map((record, at) => (at === 1 ? { ...record, statements: [{} as never] } : record))
    const lines = ['b', 'c', 'a']
    expect(said(inOrder(lines, some, 4, IDS), lines)).toBe('0b 2c 3a')
    expect(said(inOrder(lines, records, 3, IDS), lines)).toBe('0b 1c 2a')
    expect(inOrder(['b', 'c'], records, 2, IDS)).toEqual([])
  })
})
