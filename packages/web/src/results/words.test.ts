import type { Flag, Item } from '@zakuska/core'
import { BUOY, KNOT } from '../testing/results'
import {
  discriminationWord,
  flagText,
  optionName,
  percent,
  points,
  reliabilityWord,
  severity,
  signed,
  smallClass,
  stemLine,
} from './words'

const TRUTH: Item = { kind: 'truefalse', stem: [], points: 1, tags: [], key: [true] }

test.each<[Flag, RegExp]>([
  [{ code: 'key-doubtful', option: 'b', figure: -0.2 }, /the best took b\) cone: look at the key$/],
  [{ code: 'backwards', figure: -0.2 }, /look at the key and the wording$/],
  [{ code: 'hardly-tells-apart', figure: 0.05 }, /answered it alike$/],
  [{ code: 'very-hard', figure: 0.14 }, /^Only 14 % of its points/],
  [{ code: 'very-easy', figure: 0.97 }, /\(97 %\)$/],
  [{ code: 'given-away', figure: 0.92 }, /the weakest too \(92 % of them\): look for a clue$/],
  [{ code: 'dead-option', option: 'b', figure: 0 }, /^Nobody took b\) cone$/],
  [{ code: 'draws-the-best', option: 'b', figure: 0.3 }, /^b\) cone draws the best .* is it right, too\?$/],
  [{ code: 'often-open', figure: 0.25 }, /^25 % left it open$/],
])('%j in words', (flag, says) => {
  expect(flagText(BUOY, flag)).toMatch(says)
})

test('what speaks of the key stands before what speaks of an option that nobody took', () => {
  const flags = (code: Flag['code']): Flag[] => [{ code, figure: 0 }]
  const order = ['key-doubtful', 'given-away', 'very-hard', 'dead-option'] as const
  expect(order.map((code) => severity(flags(code)))).toEqual(
    [...order.map((code) => severity(flags(code)))].sort((a, b) => a - b),
  )
  expect(severity([])).toBeGreaterThan(severity(flags('dead-option')))
  expect(severity([...flags('dead-option'), ...flags('key-doubtful')])).toBe(0)
})

test.each([
  [0.004, '0.00'],
  [-0.004, '0.00'],
  [-0.22, '−0.22'],
  [null, '–'],
])('%s is written %s', (value, says) => {
  expect(signed(value)).toBe(says)
})

test.each([
  [null, 0.5, 'not to be told'],
  [0.5, 0.99, 'too easy to tell'],
  [-0.3, 0.5, 'the wrong way round'],
  [-0.01, 0.5, 'hardly'],
  [0.25, 0.5, 'somewhat'],
  [0.35, 0.5, 'well'],
  [0.6, 0.5, 'very well'],
])('a discrimination of %s at %s tells apart %s', (value, difficulty, says) => {
  expect(discriminationWord(value, difficulty)).toBe(says)
})

test.each([
  [1, /^1 response: figures of so few/],
  [4, /^4 responses: figures of so few/],
  [8, /one person more or less moves every share by 13 %. Nothing is flagged/],
  [25, /shares are good to about 10 % either way/],
  [30, null],
])('%s people', (people, says) => {
  if (says === null) expect(smallClass(people)).toBeNull()
  else expect(smallClass(people)).toMatch(says)
})

test.each([
  [0.2, 'says little about one person'],
  [0.6, 'will do to look at a class, not to settle a mark'],
  [0.75, 'will do for a check in class'],
  [0.9, 'steady'],
])('alpha %s %s', (alpha, says) => {
  expect(reliabilityWord(alpha)).toBe(says)
})

test('figures, stems and options in a line', () => {
  expect([percent(1 / 3), points(2 / 3), points(4)]).toEqual(['33 %', '0.67', '4'])
  expect(stemLine(KNOT, 10)).toBe('Which kno…')
  expect([optionName(BUOY, 'a'), optionName(TRUTH, 'false'), optionName(KNOT, 'x')]).toEqual(['a) can', 'False', 'x'])
})
