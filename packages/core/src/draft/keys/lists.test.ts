import { spanText } from '../model.ts'
import { assembleText } from '../../testing/records.ts'
import { signedItems } from '../../testing/role-text.ts'
import { giveListedKeys } from './lists.ts'

const ITEMS = [
  '1. Which rope?\na) hemp\nb) nylon\nc) cotton',
  '2. Which knot?\na) reef\nb) bowline\nc) hitch',
  '3. True or false: Ropes float.',
  '4. How many strands?',
  '5. Which light?\na) red\nb) green\nc) white',
].join('\n\n')

/** What the items are given, in their order, whatever way the list is written; empty where nothing is. */
function given(list: string): string[] {
  const { records, facts } = assembleText(ITEMS, list)
  giveListedKeys([{ facts, after: records.length, section: records[0]!.section }], records)
  return records.map((record) => record.statements.map((one) => spanText(one.value)).join('|'))
}

// Ways in which people write the same list of keys: common practice, no published source.
test.each([
  ['a line each', '1. b\n2. b\n3. false\n4. 3\n5. c'],
  ['in a row', '1 b  2 b  3 false  4 3  5 c'],
  ['with commas', '1-b, 2-b, 3-false, 4-3, 5-c'],
  ['glued', '1b 2b 3 false 4: 3 5c'],
  ['with words', 'Q1: nylon\nQ2: bowline\nQ3: False\nQ4: 3\nQ5: white'],
  ['in columns', '1 b      4 3\n2 b      5 c\n3 false'],
  ['with the word at each', '1. Answer: b\n2. Answer: b\n3. Answer: false\n4. Answer: 3\n5. Answer: c'],
  [
    'with further fields',
    '1. ANS: b   PTS: 1   REF: p. 2\n2. ANS: b   PTS: 1   REF: p. 3\n3. ANS: false   PTS: 1\n4. ANS: 3   PTS: 2\n5. ANS: c   PTS: 1',
  ],
  ['under the number of an exercise', 'Ex 1: 1 b, 2 b, 3 false, 4 3, 5 c'],
  ['backwards', '5. c\n4. 3\n3. false\n2. b\n1. b'],
  ['rows of a table', '| No | Key |\n| 1 | b |\n| 2 | b |\n| 3 | false |\n| 4 | 3 |\n| 5 | c |'],
  ['across a table', '| No | 1 | 2 | 3 | 4 | 5 |\n| Key | b | b | false | 3 | c |'],
  ['without numbers', 'b\nb\nfalse\n3\nc'],
])('a list of keys %s', (_name, list) => {
  const keys = given(list).map((key) => key.toLowerCase())
  expect(
    keys.map((key, at) => [['b', 'nylon'], ['b', 'bowline'], ['false'], ['3'], ['c', 'white']][at]!.includes(key)),
  ).toEqual([true, true, true, true, true])
})

test('where dashes part a list, one before a figure is no minus', () => {
  expect(given('1-b, 2-b, 3-false, 4-3, 5-c')[3]).toBe('3')
  expect(given('1. b\n4. -3')[3]).toBe('-3')
})

test.each([
  ['the numbers under each letter', 'B: 1, 2   C: 5', ['B', 'B', '', '', 'C']],
  ['letters without a number', 'A: -   B: 2   C: 5', ['', 'B', '', '', 'C']],
])('a list of letters with %s', (_name, list, expected) => expect(given(list)).toEqual(expected))

// What looks like a list of letters and is none: an item twice, other words, a letter that names no option, one letter alone.
test.each(['A: 3   B: 4   C: 2, 2', 'C: 1   Z: 5', 'C: 1, 5', 'B: 1   C: 9'])('%s is no list of letters', (list) =>
  expect(given(list).filter((key) => /^[A-Z]$/.test(key))).not.toEqual(['B', 'C']),
)

test('a letter that is none of an item is not given to it', () => {
  expect(given('A: 4   B: 1   C: 5')[3]).not.toBe('A')
  expect(given('H: 1   B: 2   C: 5')[0]).not.toBe('H')
})

test.each([
  ['words before the numbers', '| Item | Key |\n| Item No. 1 | b |\n| Item No. 2 | b |\n| item no. 3 | false |'],
  ['full stops and colons behind', '| Nr | Key |\n| 1.) | b |\n| 2.: | b |\n| 3°. | false |'],
  ['capitals', '| NR | KEY |\n| QUESTION 1 | b |\n| QUESTION 2 | b |\n| QUESTION 3 | false |'],
])('numbers in a table with %s', (_name, list) => {
  expect(given(list).slice(0, 3)).toEqual(['b', 'b', 'false'])
})

test.each(['B: 1, 1   C: 5', 'B: 1 and so on, as you know   C: 5 or more'])('%s is no list of letters', (list) =>
  expect(given(list)[4]).not.toBe('C'),
)

test('letters for a range of numbers', () => {
  expect(given('1–2 BB').slice(0, 2)).toEqual(['B', 'B'])
})

test('a remark goes along with its key', () => {
  expect(given('1. b (it stretches)\n2. b')[0]).toBe('b (it stretches)')
})

test('a text that fits no item gives nothing', () => {
  expect(given('Have a nice holiday, see you in 2 weeks.')).toEqual(['', '', '', '', ''])
})

// Lists of what belongs together under a heading or a number.
test.each([
  [
    'by the headings of the draft',
    'Round 1\n1. Who?\n2. When?\nRound 2\n1. Why?',
    'Round 1: 1. me  2. now\nRound 2: 1. so',
    ['me', 'now', 'so'],
  ],
  [
    'by numbers and letters',
    'Task 1\n(a) Who?\n(b) When?\nTask 2\n(a) Why?',
    '1a) me   1b) now\n2a) so',
    ['me', 'now', 'so'],
  ],
])('entries of a list are given %s', (_name, items, list, expected) => {
  const signed = items
    .split('\n')
    .map((line) => `${line.startsWith('Round') ? '-' : line.startsWith('Task') ? 'I' : 'S'}|${line}`)
  const keys = list.split('\n').map((line) => `X|${line}`)
  expect(signedItems([...signed, ...keys].join('\n')).map((item) => (item['key'] as string[])[0])).toEqual(expected)
})

describe('a key that goes on over several lines', () => {
  const ESSAYS = '1. Why do ships carry ballast?\n\n2. Why is hemp tarred?\n\n3. How many strands?'
  /** Of each item, the first line of its key and those that it goes on in. */
  const lines = (list: string) => {
    const { records, facts } = assembleText(ESSAYS, list)
    giveListedKeys([{ facts, after: records.length, section: records[0]!.section }], records)
    return records.map(({ statements }) =>
      statements.flatMap(({ value, more }) => [spanText(value), ...more.map(({ span }) => spanText(span).trim())]),
    )
  }

  test('has each of its lines, and none of the next', () =>
    expect(
      lines('1. It keeps them upright\nwhen the wind is strong\nand the hold is empty.\n2. Tar keeps water out.\n3. 3'),
    ).toEqual([
      ['It keeps them upright', 'when the wind is strong', 'and the hold is empty.'],
      ['Tar keeps water out.'],
      ['3'],
    ]))

  test('the last one, too', () =>
    expect(lines('1. Upright.\n2. Tar keeps water out\nand rot away.').slice(0, 2)).toEqual([
      ['Upright.'],
      ['Tar keeps water out', 'and rot away.'],
    ]))

  test('an empty line within it is none of it', () =>
    expect(lines('1. Upright\n\nin a strong wind.\n2. Tar.\n3. 3').slice(1)).toEqual([['Tar.'], ['3']]))
})

// A list of some items only: common practice, no published source.
test.each([
  ['the last item left out', '1. b\n2. reef\n3. true', ['b', 'reef', 'true', '', '']],
  ['items in the middle left out', '1. b\n4. 3', ['b', '', '', '3', '']],
  ['one item left out, under a title', 'Answers\n1. b\n2. b\n3. false\n4. 3', ['b', 'b', 'false', '3', '']],
  ['as many lines as items, with the title', 'Answers\n\n1. b\n2. b\n3. false\n5. c', ['b', 'b', 'false', '', 'c']],
])('%s: no key goes to another item', (_name, list, keys) => expect(given(list)).toEqual(keys))

test('keys without numbers may be decimals: 2.5 is no second item', () => {
  const { records, facts } = assembleText(
    '1. How long is it?\n\n2. How wide is it?\n\n3. How deep is it?',
    '2.5\n3.1\n1.8',
  )
  giveListedKeys([{ facts, after: records.length, section: records[0]!.section }], records)
  expect(records.map(({ statements }) => statements.map(({ value }) => spanText(value)).join())).toEqual([
    '2.5',
    '3.1',
    '1.8',
  ])
})
