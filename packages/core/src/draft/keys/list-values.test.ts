import { tidyValue, valueText } from './list-values.ts'

// What parts the entries of lists of keys from their numbers and from each other: common practice, no published source.
test.each([
  ['. b', 'b'],
  [') b', 'b'],
  [': b', 'b'],
  [' = b', 'b'],
  [' – b', 'b'],
  ['— b', 'b'],
  ['| b', 'b'],
  [' - b', 'b'],
  ['-b', 'b'],
  ['.) - b', 'b'],
  [' -3', '-3'],
  [' –3', '–3'],
  ['. -3', '3'],
  [' - 3', '3'],
  ['b,', 'b'],
  ['b;', 'b'],
  ['b |', 'b'],
  ['b •', 'b'],
  ['b ·', 'b'],
  ['b -', 'b'],
  ['b –  ', 'b'],
  ['b-', 'b-'],
  ['b-,', 'b-'],
  ['b ', 'b'],
  ['red, green', 'red, green'],
  ['', ''],
])('%j says %j', (text, value) => expect(tidyValue(text)).toBe(value))

test('where dashes part a list, one before a figure is none of its sign', () => {
  expect(tidyValue(' -3', true)).toBe('3')
  expect(tidyValue('-3', false)).toBe('-3')
})

const lines = ['1. b', '2. because it', '   floats,', '3. c']

test.each<[string, Parameters<typeof valueText>[1], string]>([
  ['within a line', { line: 0, from: 2, endLine: 0, to: 4 }, 'b'],
  ['to the end of the next line', { line: 1, from: 2, endLine: 2, to: 10 }, 'because it floats'],
  ['to a place in the next line', { line: 1, from: 2, endLine: 2, to: 6 }, 'because it flo'],
  ['over three lines', { line: 1, from: 2, endLine: 3, to: 2 }, 'because it floats, 3.'],
  ['beyond the last line', { line: 3, from: 2, endLine: 4, to: 1 }, 'c'],
])('a value %s', (_name, stretch, value) => expect(valueText(lines, stretch)).toBe(value))

test('a dash between number and letter anywhere in a list parts all of it', () => {
  const value = { line: 1, from: 1, endLine: 1, to: 3 }
  expect(valueText(['1-b', '2-3'], value)).toBe('3')
  expect(valueText(['1 b', '2-3'], value)).toBe('-3')
  expect(valueText(['1 – b', '2-3'], value)).toBe('3')
  expect(valueText(['A1-b', '2-3'], value)).toBe('-3')
})
