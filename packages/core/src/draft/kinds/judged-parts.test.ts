import { signedItems } from '../../testing/role-text.ts'

const told = (signed: string) => signedItems(signed).map(({ kind, stem, key }) => [kind, stem, key])
const BOTH = [
  ['truefalse', 'Cork floats.', [true]],
  ['truefalse', 'Lead floats.', [false]],
]
const OPEN = BOTH.map(([kind, stem]) => [kind, stem, []])

test.each([
  [
    'both letters behind each',
    'S|3. True or false?\nO|a) Cork floats.   T / F\nO|b) Lead floats.   T / F\nK|a-T, b-F',
    BOTH,
  ],
  ['room behind each', 'S|3. True (t) or false (f)?\nO|a) Cork floats. ( )\nO|b) Lead floats. ( )\nK|a) t b) f', BOTH],
  ['keys in their order', 'S|3. Write T (true) or F (false).\nM|___ Cork floats.\nM|___ Lead floats.\nK|T F', BOTH],
  ['no key', 'S|3. True or false?\nO|a) Cork floats.   T / F\nO|b) Lead floats.   T / F', OPEN],
  [
    'the judgement before each',
    'S|3. Mark as true (T) or false (F).\nO|( T ) Cork floats.\nO|( F ) Lead floats.',
    BOTH,
  ],
  [
    'fewer judgements than statements',
    'S|3. True (t) or false (f)?\nO|a) Cork floats. ( )\nO|b) Lead floats. ( )\nK|t',
    OPEN,
  ],
])('statements that one question asks to be judged: %s', (_name, signed, expected) => {
  expect(told(signed)).toEqual(expected)
})

test.each([
  ['options that are no statements', 'S|3. Which is true?\nO|a) Cork floats.\nO|b) Lead floats.\nK|a'],
  ['letters that count on', 'S|3. True or false, which?\nO|A) Cork\nO|B) Lead\nK|A'],
])('%s stay options', (_name, signed) => {
  expect(signedItems(signed)).toHaveLength(1)
})

test('each line of the question is in one of its statements', () => {
  const items = signedItems('S|3. True (t) or false (f)?\nO|a) Cork floats. ( )\nO|b) Lead floats. ( )')
  expect(items.map(({ lines }) => lines)).toEqual([
    [1, 2],
    [3, 3],
  ])
})
