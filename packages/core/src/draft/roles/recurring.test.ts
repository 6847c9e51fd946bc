import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { surround } from './read-roles.ts'

const draftOf = (text: string) => surround(unitsOf(cleanLines({ text })))

test.each([
  ['words that come again', 'Quay walk\nWho?\nQuay walk\nWhen?', ['again', null, 'again', null]],
  ['words that come again with another number', 'Slide 2\nWho?\nSlide 14\nWhen?', ['counted', null, 'counted', null]],
  ['"2 of 4"', 'Check 1 of 4\nWho?\nCheck 2 of 4', ['counted', null, 'counted']],
  ['letters and numbers alone', '1 b\n2 c\n__\n__', [null, null, null, null]],
  ['case and blanks', 'The  Quay\nthe quay', ['again', 'again']],
])('%s', (_name, text, expected) => {
  expect(draftOf(text).recurring).toEqual(expected)
})

const PARTS = '1 Ropes\n(a) Name one.\n(b) Which is strong?\n2 Which is a knot?\n(a) hemp\n(b) bend'

test.each([
  ['a list names each letter of a question', `${PARTS}\nANSWERS\n1 (a) hemp (b) nylon\n2 b`, [1, 2]],
  ['each on a line of its own', `${PARTS}\nANSWERS\n1 (a) hemp\n(b) nylon\n2 b`, [1, 2]],
  ['only one of them', `${PARTS}\nANSWERS\n1 (a)\n2 (b)`, []],
  ['there is no list', PARTS, []],
])('letters below a number are parts where %s', (_name, text, expected) => {
  const { listed } = draftOf(text)
  expect(listed.flatMap((is, at) => (is ? [at] : []))).toEqual(expected)
})
