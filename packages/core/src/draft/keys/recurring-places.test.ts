import { spanText } from '../model.ts'
import { assembleText } from '../../testing/records.ts'
import { signedItems } from '../../testing/role-text.ts'
import { takeRecurringPlaces } from './recurring-places.ts'

/** What each item is keyed with by its own lines, without a word before a letter; "-" where nothing is taken. */
function taken(...items: readonly string[]): string[] {
  const { records } = assembleText(items.join('\n\n'), '')
  takeRecurringPlaces(records)
  return records.map(
    ({ statements }) =>
      statements
        .map(({ value }) => spanText(value).trim())
        .join('|')
        .replace(/^kelm (?=\w$)/, '') || '-',
  )
}

const OPTIONS = 'a) ebb\nb) flood\nc) neap'
const question = (number: number, stem: string): string => `${number}. ${stem}\n${OPTIONS}`

// Signs and words that drafts put before keys: invented ones among them, since none is to be known before.
test.each<[string, (key: string) => string]>([
  ['two dashes', (key) => ` -- ${key}`],
  ['a sign that nobody knows', (key) => ` ~> ${key}`],
  ['a word behind a sign', (key) => ` // kelm ${key}`],
  ['a word behind the question', (key) => ` kelm ${key}`],
  ['a word in brackets', (key) => ` (kelm: ${key})`],
  ['two words in square brackets', (key) => ` [la kelm ${key}]`],
])('%s: what stands there keys item after item', (_name, behind) => {
  expect(
    taken(
      question(1, `What runs out?${behind('a')}`),
      question(2, `What runs in?${behind('b')}`),
      question(3, `What is weakest?${behind('c')}`),
    ),
  ).toEqual(['a', 'b', 'c'])
})

test('behind the last option as well', () => {
  expect(taken(`${question(1, 'What runs out?')} // kelm a`, `${question(2, 'What runs in?')} // kelm b`)).toEqual([
    'a',
    'b',
  ])
})

test('once is no habit', () => {
  expect(taken(question(1, 'What runs out? // a'), question(2, 'What runs in?'))).toEqual(['-', '-'])
})

test('what is the same each time, or counts on, says something else', () => {
  const all = (...values: readonly string[]): string[] =>
    taken(...values.map((value, at) => question(at + 1, `What is number ${at + 1}? // ${value}`)))
  expect(all('b', 'b', 'b')).toEqual(['-', '-', '-'])
  expect(all('1', '2', '3')).toEqual(['-', '-', '-'])
  expect(all('2', '1', '3')).toEqual(['2', '1', '3'])
})

test('what fits no option is no key, and too many of it make no place', () => {
  expect(
    taken(
      question(1, 'What runs out? // a'),
      question(2, 'What runs in? // see page 3'),
      question(3, 'What is weakest? // see page 4'),
      question(4, 'What is strongest? // b'),
    ),
  ).toEqual(['-', '-', '-', '-'])
})

test('where keys are known what stands in such a place says something else', () => {
  const signed = (key: string): string =>
    [1, 2, 3, 4]
      .map((at) => `S|${at}. Which one? // ${'bac'[at % 3]}\nO|a) ebb\nO|b) flood\nO|c) neap${key}`)
      .join('\n')
  expect(signedItems(signed('')).map((item) => item['key'])).toEqual([[0], [2], [1], [0]])
  const half = signed('').replace('O|c) neap', 'O|c) neap\nK|Key: c').replace('S|3.', 'K|Key: c\nS|3.')
  expect(signedItems(half).map((item) => item['key'])).toEqual([[2], [2], [], []])
})

test('short answers count where others in the same place are certain', () => {
  expect(
    taken(
      '1. How many hulls has a catamaran? -- 2',
      '2. How long is the quay? -- 40 m',
      '3. A raft has no ______. -- keel',
      '4. A raft has a keel. -- no',
    ),
  ).toEqual(['2', '40 m', 'keel', 'no'])
  expect(taken('1. Name a knot. -- reef', '2. Name a sail. -- jib', '3. Name a rope. -- sheet')).toEqual([
    '-',
    '-',
    '-',
  ])
})

test('one of the things that a question lists is certain', () => {
  expect(
    taken(
      '1. What do you wear at the forge? gloves, a scarf, sandals -- gloves',
      '2. Where does glass go? the sink, the bin, the box -- the box',
    ),
  ).toEqual(['gloves', 'the box'])
})

test('the line of the number may hold the key, its number and the points of the item do not', () => {
  const item = (number: number, behind: string): string =>
    `I|Question ${number} ${behind}\nS|Which one?\nO|A ebb\nO|B flood\nO|C neap`
  const keys = (...behind: readonly string[]): unknown[] =>
    signedItems(behind.map((one, at) => item(at + 1, one)).join('\n')).map((read) => read['key'])
  expect(keys('(kelm: B)', '(kelm: A)', '(kelm: C)')).toEqual([[1], [0], [2]])
  expect(keys('', '', '')).toEqual([[], [], []])
  expect(keys('(2 points)', '(1 point)', '(3 points)')).toEqual([[], [], []])
})

test('a word before keys that fit nothing with it', () => {
  const items = signedItems(
    'S|1. Name the force.\nK|kelm gravity\nS|2. How hot is it?\nK|kelm 100\nS|3. How far is it?\nK|kelm 12\nS|4. Say why.\nK|kelm it melts',
  )
  expect(items.slice(0, 3).map((item) => item['key'])).toEqual([
    ['gravity'],
    [{ value: 100, tolerance: 0 }],
    [{ value: 12, tolerance: 0 }],
  ])
})

test('the text that is taken as a key is gone from the question, its colon is not', () => {
  const stems = signedItems(
    'S|1. The part that you look through: eyepiece\nS|2. How many lenses it has: 2\nS|3. How much it costs: 90\nS|4. It has a lamp: yes',
  ).map((item) => item['stem'])
  expect(stems.slice(0, 3)).toEqual([
    'The part that you look through:',
    'How many lenses it has:',
    'How much it costs:',
  ])
})
