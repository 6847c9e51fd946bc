import { spanText } from '../model.ts'
import { assembleText } from '../../testing/records.ts'
import { takeSlots } from './slots.ts'

/** What each item is keyed with by its own lines; "-" where nothing is taken. */
function taken(...items: readonly string[]): string[] {
  const { records } = assembleText(items.join('\n\n'), '')
  takeSlots(records)
  return records.map(({ statements }) => statements.map(({ value }) => spanText(value)).join('|') || '-')
}

const question = (number: number, stem: string, behind: string) =>
  `${number}. ${stem}${behind}\na) ebb\nb) flood\nc) neap`

// Where people put keys in the lines of their questions: common practice, no published source.
test.each<[string, (key: string) => string]>([
  ['in brackets behind the stem', (key) => ` (${key})`],
  ['behind an arrow', (key) => ` -> ${key}`],
  ['at the right margin', (key) => `      ${key}`],
])('a key %s counts where it fits item after item', (_name, behind) => {
  const drawn = taken(
    question(1, 'What runs out?', behind('a')),
    question(2, 'What runs in?', behind('b')),
    question(3, 'What is weakest?', behind('c')),
  )
  expect(drawn).toEqual(['a', 'b', 'c'])
})

test('once is no habit', () => {
  expect(
    taken(question(1, 'What runs out?', ' (a)'), question(2, 'What runs in?', ''), question(3, 'What is weakest?', '')),
  ).toEqual(['-', '-', '-'])
})

test('brackets that say something else, item after item, hold no keys', () => {
  expect(
    taken(
      question(1, 'What runs out?', ' (see page 3)'),
      question(2, 'What runs in?', ' (see page 4)'),
      question(3, 'What is weakest?', ' (b)'),
    ),
  ).toEqual(['-', '-', '-'])
})

test('among brackets that hold keys, one that says something else stays in its stem', () => {
  expect(
    taken(
      question(1, 'What runs out?', ' (a)'),
      question(2, 'What runs in?', ' (b)'),
      question(3, 'What is weakest?', ' (c)'),
      question(4, 'What is strongest?', ' (of them all)'),
    ),
  ).toEqual(['a', 'b', 'c', '-'])
})

test('an item that says its key otherwise keeps that one', () => {
  const said = `${question(1, 'What runs out?', ' (b)')}\nAnswer: a`
  const [first, second, third] = taken(
    said,
    question(2, 'What runs in?', ' (b)'),
    question(3, 'What is weakest?', ' (c)'),
  )
  expect([first, second, third]).toEqual(['a', 'b', 'c'])
})

test('judgements in brackets, by words and by letters', () => {
  expect(taken('1. Rye is a grain. (True)', '2. Oak is a grain. (False)')).toEqual(['True', 'False'])
  expect(taken('1. Rye is a grain. (T)', '2. Oak is a grain. (F)', '3. Oats are grain. (T)')).toEqual(['T', 'F', 'T'])
})
