import { Phrases } from './phrases.ts'

const PHRASES = new Phrases(['why', 'in your own words', '为什么', 'čemu', 'b)'])

test.each([
  ['Why do knots slip?', true],
  ['Say  WHY\nknots slip.', true],
  ['Tell it in  your\town Wordsworth', true],
  ['Anywhy', false],
  ['9why', false],
  ['𝒙why', false],
  ['“why”', true],
  ['1. 为什么', true],
  ['Čemu', true],
  ['', false],
])('a phrase begins in %j: %s', (text, found) => {
  expect(PHRASES.beginIn(text)).toBe(found)
})

test.each([
  ['Why do knots slip?', true],
  ['**Why**', true],
  ['  “Why', true],
  ['Whyever', false],
  ['Say why', false],
  ['In your own words: …', true],
  ['b) nothing', true],
  ['', false],
])('a text opens with a phrase: %j: %s', (text, found) => {
  expect(PHRASES.open(text)).toBe(found)
})
