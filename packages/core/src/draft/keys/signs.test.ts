import { signedItems } from '../../testing/role-text.ts'

function keys(signed: string): unknown[] {
  return signedItems(signed).map((item) => item['key'])
}

test.each([
  ['behind the option', 'S|1. Who?\nO|a) me <<\nO|b) you\n\nS|2. Where?\nO|a) here\nO|b) there <<'],
  ['before the label', 'S|1. Who?\nO|*a) me\nO|b) you\n\nS|2. Where?\nO|a) here\nO|*b) there'],
  ['a word', 'S|1. Who?\nO|a) me (correct)\nO|b) you\n\nS|2. Where?\nO|a) here\nO|b) there (correct)'],
  ['bold', 'S|1. Who?\nO|a) **me**\nO|b) you\n\nS|2. Where?\nO|a) here\nO|b) **there**'],
  ['capitals', 'S|1. Who?\nO|a) MARA\nO|b) tove\n\nS|2. Where?\nO|a) here\nO|b) THERE'],
  [
    'two characters that part the options',
    'S|1. Who?\nO|X me\nO|0 you\nO|0 they\n\nS|2. Where?\nO|0 here\nO|X there\nO|0 nowhere',
  ],
  ['a tick at one, a star at the other', 'S|1. Who?\nO|a) me ✓\nO|b) you\n\nS|2. Where?\nO|a) here\nO|b) there*'],
])('the odd one out is the key: %s', (_name, signed) => {
  expect(keys(signed)).toEqual([[0], [1]])
})

test.each([
  ['bullets of two sorts', 'S|Who?\nO|+ me\nO|- you\nO|- they\n\nS|Where?\nO|- here\nO|+ there\nO|- nowhere'],
  ['shares of the points', 'S|1. Who?\nO|100% me\nO|0% you\nO|0% they\n\nS|2. Where?\nO|0% here\nO|100% there'],
])('%s key alternatives, and are no part of them', (_name, signed) => {
  const items = signedItems(signed)
  expect(items.map((item) => item['key'])).toEqual([[0], [1]])
  expect(items[0]!['options']).toEqual(['me', 'you', 'they'])
})

test('shares that make up the whole together are all the key; a part beside a whole is said', () => {
  const [several] = signedItems('S|1. Who?\nO|50% me\nO|50% you\nO|-100% they')
  expect(several).toMatchObject({ kind: 'multiple', key: [0, 1], options: ['me', 'you', 'they'] })
  const [part] = signedItems('S|1. Who?\nO|100% me\nO|50% you\nO|0% they')
  expect(part).toMatchObject({ kind: 'single', key: [0], flags: ['reading-unsure'] })
})

test.each([
  ['answers in per cent', 'S|1. How much is salt?\nO|a) 3 %\nO|b) 10 %\nO|c) 35 %'],
  [
    'none, half and all of the same',
    'S|1. How often?\nO|a) 0% of the time\nO|b) 50% of the time\nO|c) 100% of the time',
  ],
  ['per cent of something', 'S|1. How much?\nO|a) 30% of it\nO|b) 50% of it\nO|c) 90% of it'],
])('%s are no shares of points', (_name, signed) => {
  expect(keys(signed)).toEqual([[]])
  expect((signedItems(signed)[0]!['options'] as string[])[0]).toMatch(/%/)
})

test('dress that few items have is a guess, a tick among them is none', () => {
  const items = signedItems(
    'S|1. Who?\nO|a) **me**\nO|b) you\nS|2. Where?\nO|a) here\nO|b) **there**\nS|3. When?\nO|a) now\nO|b) then ✓\nS|4. Why?\nO|a) so\nO|b) thus\nS|5. How?\nO|a) well\nO|b) badly\nS|6. Whose?\nO|a) mine\nO|b) yours',
  )
  const codes = items.map((item) => (item['flags'] as string[]).includes('key-guessed'))
  expect(codes).toEqual([true, true, false, false, false, false])
})

test('one sort of bullet before all keys none', () => {
  expect(keys('S|Who?\nO|+ me\nO|+ you\n\nS|Where?\nO|+ here\nO|+ there')).toEqual([[], []])
})

// Two characters part the alternatives of every item; where they do not, they are words of theirs.
test.each([
  ['one of three', 'S|1. Who?\nO|X me\nO|0 you\nO|Z they\n\nS|2. Where?\nO|0 here\nO|X there\nO|0 nowhere'],
  ['in one item only', 'S|1. Who?\nO|X me\nO|0 you\n\nS|2. Where?\nO|here\nO|there'],
  ['the same before all of an item', 'S|1. Who?\nO|0 me\nO|0 you\n\nS|2. Where?\nO|0 here\nO|X there\nO|0 nowhere'],
])('characters before options key none: %s', (_name, signed) => {
  expect(keys(signed)).toEqual([[], []])
  expect((signedItems(signed)[0]!['options'] as string[])[0]).toMatch(/me$/)
})

test('signs are no part of the options', () => {
  const [item] = signedItems('S|1. Who?\nO|a) me ✅\nO|b) you ❌\n\nS|2. Who?\nO|a) he ❌\nO|b) she ✅')
  expect(item!['options']).toEqual(['me', 'you'])
})

test('what all options of an item wear keys none', () => {
  expect(keys('S|1. Who?\nO|a) **me**\nO|b) **you**\n\nS|2. Where?\nO|a) **here**\nO|b) **there**')).toEqual([[], []])
})

// Places that hold keys by what stands there, item after item; no word says so.
test.each<[string, string, unknown[]]>([
  [
    'brackets behind the stem',
    'S|1) Which is deadly? (b)\nO|a) one, b) two\nS|2) Which is eaten? (a)\nO|a) one, b) two',
    [[1], [0]],
  ],
  [
    'brackets behind the last option',
    'S|1. Who?\nO|a) me   b) you   [b]\nS|2. Where?\nO|a) here   b) there   [a]',
    [[1], [0]],
  ],
  [
    'the mark before the number',
    'S|_b_ 1. Who?\nO|a) me\nO|b) you\nS|_a_ 2. Where?\nO|a) here\nO|b) there',
    [[1], [0]],
  ],
  [
    'the right margin',
    'S|1. How many legs?        8\nS|2. Which colour?          red',
    [[{ value: 8, tolerance: 0 }], ['red']],
  ],
  ['an arrow', 'S|- noun for crows -> murder\nS|- puffins nest in -> burrows', [['murder'], ['burrows']]],
  ['single letters that judge', 'S|1. Owls are birds. (T)\nS|2. Bats are birds. (F)', [[true], [false]]],
  ['a judgement behind the statement', 'S|1. Owls are birds. True\nS|2. Bats are birds. False', [[true], [false]]],
  ['behind the question for it', 'S|1. Owls are birds. True or false? T', [[true]]],
  ['a word glued to the last option', 'S|1. Who?\nO|a) me\nO|b) you Answer: b', [[1]]],
])('keys in %s', (_name, signed, expected) => {
  expect(keys(signed)).toEqual(expected)
})

test('options that count 1, X, 2 are one list, and the key names them so', () => {
  const items = signedItems(
    'S|Fråga 1. Vad?\nO|1. ett\nO|X. två\nO|2. tre\nK|Rätt svar: X\nS|Fråga 2. Vem?\nO|1. han\nO|X. hon\nO|2. vi\nK|Rätt svar: 2',
  )
  expect(items.map((item) => [item['options'], item['key']])).toEqual([
    [['ett', 'två', 'tre'], [1]],
    [['han', 'hon', 'vi'], [2]],
  ])
})

test('a sign before every key is no part of it', () => {
  expect(keys('S|1. ¿Cuál?\nO|a. Venus\nO|b. Marte\nK|R/ b\nS|2. ¿Cuál?\nO|a. uno\nO|b. dos\nK|R/ a')).toEqual([
    [1],
    [0],
  ])
})

test('what stands in brackets behind item after item, and is the same, keys none of them', () => {
  const items = signedItems('S|1. big ____ (opposite)\nS|2. fast ____ (opposite)\nS|3. late ____ (opposite)')
  expect(items.map((item) => item['key'])).toEqual([[], [], []])
})

test.each([
  ['points behind the options', 'S|1. Who?\nO|a) me     2 points\nO|b) you     0 points\nO|c) they     0 points'],
  ['points in brackets', 'S|1. Who?\nO|a) me (1 p)\nO|b) you (0 p)\nO|c) they (-1 p)'],
])('%s: what earns most is the key, and is worth so much', (_name, signed) => {
  const [item] = signedItems(signed)
  expect(item).toMatchObject({ options: ['me', 'you', 'they'], key: [0], points: signed.includes('2 p') ? 2 : 1 })
})

test('what earns a part is kept nowhere, and said to be so', () => {
  const [item] = signedItems('S|1. Who?\nO|a) me     2 points\nO|b) you     1 point\nO|c) they     0 points')
  expect(item).toMatchObject({ key: [0] })
  expect(item!['flags']).toContain('reading-unsure')
})

test.each([
  [
    'what somebody says of one option',
    'S|1. Which?\nO|a) 10 (binary)\nO|b) F (hex code)\nS|2. Who?\nO|a) me\nO|b) you',
  ],
  ['points that are all the same', 'S|1. Which?\nO|a) a try, 5 points\nO|b) a goal, 5 points'],
])('%s is no key', (_name, signed) => {
  expect(keys(signed)[0]).toEqual([])
})
