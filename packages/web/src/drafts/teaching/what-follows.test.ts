import type { LinePart } from '@zakuska/core'
import { followingWords } from './following-words'
import { isBetter } from './use-offers'
import { changedLines, whatFollows, type Following, type Outcome } from './what-follows'

const outcome = (parts: string, items: number, undecided: number): Outcome => ({
  parts: parts.split(' ').map((part) => (part === '-' ? null : (part as LinePart))),
  items,
  undecided,
})

const before = outcome('heading - item option option - item option option', 2, 2)
const after = outcome('heading - item option key - item option key', 2, 0)

test('lines that become the same as what was said follow it', () => {
  const follows = whatFollows(before, after, { lines: [5], part: 'key' })
  expect(follows).toEqual({ alike: [9], others: [], items: [2, 2], undecided: [2, 0], holds: true })
  expect(changedLines(follows, 'key')).toEqual([{ line: 9, part: 'key' }])
  expect(followingWords(follows)).toBe('1 more line is read the same way; 2 items as before; 0 to decide instead of 2.')
})

test('lines that become something else are told apart', () => {
  const other = outcome('heading - item option key - none option item', 3, 2)
  const follows = whatFollows(before, other, { lines: [5], part: 'key' })
  expect(follows.others).toEqual([
    { line: 7, part: 'none' },
    { line: 9, part: 'item' },
  ])
  expect(followingWords(follows)).toBe('2 other lines change; 3 items instead of 2.')
})

test.each<[string, string, LinePart, boolean]>([
  ['what cannot stand there does not hold', 'heading - item option option - item option option', 'rest', false],
  ['what is set aside may head something', 'heading - none option option - item option option', 'heading', true],
])('%s', (_name, parts, part, holds) => {
  const follows = whatFollows(before, outcome(parts, 2, 2), { lines: [3], part })
  expect(follows.holds).toBe(holds)
  if (!holds) expect(followingWords(follows)).toBe('It cannot be that here.')
})

test('where nothing else changes that is said', () => {
  expect(followingWords(whatFollows(before, before, { lines: [3], part: 'item' }))).toBe(
    'No other line changes; 2 items as before.',
  )
})

test.each<[string, Partial<Following>, boolean]>([
  ['fewer to decide', { undecided: [2, 0] }, true],
  ['more items that are whole', { items: [2, 4], undecided: [0, 0] }, true],
  ['more items, but none of them whole', { items: [2, 4], undecided: [2, 4] }, false],
  ['nothing better', {}, false],
  ['one line only', { others: [{ line: 5, part: 'key' }], undecided: [2, 0] }, false],
])('a notation is offered for what comes out of it: %s', (_name, more, offered) => {
  const others = [5, 9].map((line) => ({ line, part: 'key' as const }))
  expect(isBetter({ alike: [], others, items: [2, 2], undecided: [2, 2], holds: true, ...more })).toBe(offered)
})
