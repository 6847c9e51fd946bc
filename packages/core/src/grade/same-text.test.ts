import type { TextRules } from '../item/model.ts'
import { comparableText, isSameText } from './same-text.ts'

const STRICT: TextRules = { letterCase: 'respect', accents: 'respect' }
const same = (typed: string, accepted: string, rules: Partial<TextRules> = {}): boolean =>
  isSameText(typed, accepted, { ...STRICT, ...rules })

test.each<[string, string, Partial<TextRules>, boolean]>([
  ['port', 'port', {}, true],
  [' port ', 'port', {}, true],
  ['round  turn', 'round turn', {}, true],
  ['round\tturn', 'round turn', {}, true],
  ['roundturn', 'round turn', {}, false],
  ['Port', 'port', {}, false],
  ['Port', 'port', { letterCase: 'ignore' }, true],
  ['gård', 'ga\u030Ard', {}, true],
  ['gard', 'gård', {}, false],
  ['gard', 'gård', { accents: 'ignore' }, true],
  ['gård', 'gard', { accents: 'ignore' }, true],
  ['king’s', "king's", {}, true],
  ['‘king’', "'king'", {}, true],
  ['bow-line.', 'bowline', { punctuation: 'ignore' }, false],
  ['bow-line', 'bow line', { punctuation: 'ignore' }, true],
  ['“port”!', 'port', { punctuation: 'ignore' }, true],
  ['port, then aft', 'port then aft', { punctuation: 'ignore' }, true],
  ['3.5', '3,5', { punctuation: 'ignore' }, false],
  ['-3', '3', { punctuation: 'ignore' }, false],
  ['3.', '3', { punctuation: 'ignore' }, true],
  ['port.', 'port', {}, false],
  ['red and green', 'green, red', { listOrder: 'any' }, true],
  ['red; green', 'green und red', { listOrder: 'any' }, true],
  ['red, green', 'green, red', {}, false],
  ['red, red', 'red', { listOrder: 'any' }, false],
  ['1/2', '0.5', { numbers: 'value' }, true],
  ['50 %', '½', { numbers: 'value' }, true],
  ['1/2', '0.5', {}, false],
  ['3 m', '3.0 m', { numbers: 'value' }, true],
  ['3 m', '3.0 km', { numbers: 'value' }, false],
  ['3', '3.0000001', { numbers: 'value' }, false],
  ['three', '3', { numbers: 'value' }, false],
])('%j is %j by %j: %s', (typed, accepted, rules, holds) => expect(same(typed, accepted, rules)).toBe(holds))

// A star stands for any letters, or none.
test.each<[string, string, boolean]>([
  ['bowline', 'bow*', true],
  ['bow', 'bow*', true],
  ['bo', 'bow*', false],
  ['a bowline', 'bow*', false],
  ['a bowline', '*bowline', true],
  ['a bowline knot', '*bowline*', true],
  ['a reef knot', '*bowline*', false],
  ['reef and bowline', 'reef*bowline', true],
  ['reefbowline', 'reef*bowline', true],
  ['bowline and reef', 'reef*bowline', false],
  ['aba', 'ab*ba', false],
  ['abba', 'ab*ba', true],
  ['a-b-c-d', 'a*b*c*d', true],
  ['a-c-b-d', 'a*b*c*d', false],
  ['a-b-d', 'a*b*c*d', false],
  ['abcd', 'a*bc*cd', false],
  ['anything', '*', true],
])('%j fits the pattern %j: %s', (typed, pattern, holds) => {
  expect(same(typed, pattern, { pattern: 'star' })).toBe(holds)
  expect(same(typed, pattern)).toBe(false)
})

// Optimal string alignment distance (Damerau 1964: put in, taken out, changed, swapped with its neighbour).
test.each<[string, string, number, boolean]>([
  ['bowlin', 'bowline', 1, true],
  ['bowlinee', 'bowline', 1, true],
  ['bowlyne', 'bowline', 1, true],
  ['bolwine', 'bowline', 1, true],
  ['obwline', 'bowline', 1, true],
  ['bowlien', 'bowline', 1, true],
  ['bolwine', 'bowline', 0, false],
  ['bwlne', 'bowline', 1, false],
  ['bwlne', 'bowline', 2, false],
  ['starbord sid', 'starboard side', 2, true],
  ['starbord sd', 'starboard side', 2, false],
  ['por', 'port', 1, true],
  ['eb', 'ebb', 1, false],
  ['bowlin', 'bowline', 2, false],
  ['clove hich', 'clove hitch', 2, true],
  ['channel 15', 'channel 16', 2, false],
  ['bowline', 'bowline12', 2, false],
])('%j is %j with %i letters wrong: %s', (typed, accepted, misspelt, holds) =>
  expect(same(typed, accepted, { misspelt })).toBe(holds),
)

test('text in the form in which it is compared', () => {
  expect(comparableText('  Ålesund,  og ', { letterCase: 'ignore', accents: 'ignore' })).toBe('alesund, og')
  expect(comparableText('b, a and c', { ...STRICT, listOrder: 'any' })).toBe('a, b, c')
  expect(comparableText('“One” (two) [three] {four}…', { ...STRICT, punctuation: 'ignore' })).toBe('One two three four')
})
