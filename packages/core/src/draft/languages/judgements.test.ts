import { falsehoodFirst, saysRight } from '../truth-words.ts'
import { initialsOfTruth } from './judgements.ts'

// The words themselves are common knowledge of each language; what is tested is that two letters settle what both mean.
test.each<[string, string[], Record<string, boolean>]>([
  ['Romanian', ['a', 'f', 'a'], { a: true, f: false }],
  ['Hungarian', ['i', 'h', 'h'], { i: true, h: false }],
  ['Turkish', ['d', 'y'], { d: true, y: false }],
  ['German', ['r', 'f'], { r: true, f: false }],
  ['one letter alone says nothing', ['f', 'f'], {}],
  ['letters of options say nothing', ['a', 'b'], {}],
  ['three letters say nothing', ['t', 'f', 'x'], {}],
])('%s', (_name, letters, truths) => {
  expect(Object.fromEntries(initialsOfTruth(letters))).toEqual(truths)
})

test.each([
  ['true   false', false],
  ['Vero o falso', false],
  ['falsch   richtig', true],
  ['Part B', false],
])('the head “%s” starts with the falsehood: %s', (head, isFirst) => expect(falsehoodFirst(head)).toBe(isFirst))

test.each([
  ['correct answer', true],
  ['richtig', true],
  ['binary', false],
])('“%s” calls an option right: %s', (text, isRight) => expect(saysRight(text)).toBe(isRight))
