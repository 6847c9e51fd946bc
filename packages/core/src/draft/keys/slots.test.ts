import { spanText } from '../model.ts'
import { assembleText } from '../../testing/records.ts'
import { signedItems } from '../../testing/role-text.ts'
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

/** Stem and key of each item of lines whose roles are given. */
function read(signed: string): string[] {
  return signedItems(signed).map((item) => `${String(item['stem'])} | ${JSON.stringify(item['key'])}`)
}

// Each place in the lines of items, and what is left of the line: common practice, no published source.
test.each<[string, string, string[]]>([
  ['behind "true or false?"', 'S|1. Ropes float. True or false? F', ['Ropes float. | [false]']],
  [
    'behind "T/F"',
    'S|1. Ropes float. T/F: T\nS|2. Hemp rots. T/F: F',
    ['Ropes float. | [true]', 'Hemp rots. | [false]'],
  ],
  ['a word of judgement in brackets', 'S|1. Ropes float. (False)', ['Ropes float. | [false]']],
  [
    'a number behind a question',
    'S|1. How many masts? 2\nS|2. How many keels? 1',
    ['How many masts? | [{"value":2,"tolerance":0}]', 'How many keels? | [{"value":1,"tolerance":0}]'],
  ],
  [
    'a number with its unit',
    'S|1. How deep is it? 12 m\nS|2. How long? 3,5 m (about)',
    ['How deep is it? | [{"value":12,"tolerance":0}]', 'How long? | [{"value":3.5,"tolerance":0}]'],
  ],
  [
    'words behind a question',
    'S|1. What is the left side? port\nS|2. What is the right side? starboard',
    ['What is the left side? | ["port"]', 'What is the right side? | ["starboard"]'],
  ],
  [
    'behind a letter for the answer',
    'S|1. What is left? A: port\nS|2. What is right? A: starboard',
    ['What is left? | ["port"]', 'What is right? | ["starboard"]'],
  ],
  [
    'a judgement behind each statement',
    'S|1. Ropes float. True, mostly\nS|2. Hemp rots. False',
    ['Ropes float. | [true]', 'Hemp rots. | [false]'],
  ],
  [
    'behind an equals sign',
    'S|1. left side = port\nS|2. right side = starboard',
    ['left side | ["port"]', 'right side | ["starboard"]'],
  ],
  [
    'behind a dash',
    'S|1. left side – port\nS|2. right side — starboard',
    ['left side | ["port"]', 'right side | ["starboard"]'],
  ],
  [
    'behind colons',
    'S|1. left side:: port\nS|2. right side:: starboard',
    ['left side | ["port"]', 'right side | ["starboard"]'],
  ],
  [
    'behind dots',
    'S|1. left side ... port\nS|2. right side … starboard',
    ['left side | ["port"]', 'right side | ["starboard"]'],
  ],
  [
    'in brackets of other shapes',
    'S|1. What is left? [port]\nS|2. What is right? {starboard}\nS|3. What is behind?（stern）',
    ['What is left? | ["port"]', 'What is right? | ["starboard"]', 'What is behind? | ["stern"]'],
  ],
  [
    'at the margin behind a tab',
    'S|1. What is left?\tport\nS|2. What is right?\tstarboard',
    ['What is left? | ["port"]', 'What is right? | ["starboard"]'],
  ],
  [
    'a bold word of the sentence',
    'S|1. The left side is **port** of the ship.\nS|2. The right side is **starboard** of it.',
    ['The left side is ___ of the ship. | ["port"]', 'The right side is ___ of it. | ["starboard"]'],
  ],
  [
    'a bold word behind the question',
    'S|1. What is left? **port**\nS|2. What is right? **starboard**',
    ['What is left? | ["port"]', 'What is right? | ["starboard"]'],
  ],
  [
    'in brackets where a sentence breaks off',
    'S|1. 中国最长的河流是（ 长江 ）\nS|2. 中国的首都是（ 北京 ）',
    ['中国最长的河流是___ | ["长江"]', '中国的首都是___ | ["北京"]'],
  ],
])('a key stands %s', (_name, signed, expected) => expect(read(signed)).toEqual(expected))

test.each<[string, string, string[]]>([
  [
    'the ends of a scale, which make it one',
    'S|1. How sure? (1 = not sure, 5 = very sure)\nS|2. How often? (1 = never, 5 = always)',
    ['How sure? | []', 'How often? | []'],
  ],
  [
    'two bold words in a sentence',
    'S|1. The **left** side is **port**.\nS|2. The **right** side is **starboard**.',
    ['The left side is port. | []', 'The right side is starboard. | []'],
  ],
  [
    'a whole line in bold',
    'S|1. **What is left?**\nS|2. **What is right?**',
    ['What is left? | []', 'What is right? | []'],
  ],
  [
    'questions for an essay',
    'S|1. Explain why? It matters\nS|2. Describe how? At length',
    ['Explain why? It matters | []', 'Describe how? At length | []'],
  ],
  [
    'what is the same behind each',
    'S|1. port (opposite)\nS|2. bow (opposite)\nS|3. luff (opposite)',
    ['port (opposite) | []', 'bow (opposite) | []', 'luff (opposite) | []'],
  ],
])('%s: no key is taken', (_name, signed, expected) => expect(read(signed)).toEqual(expected))
