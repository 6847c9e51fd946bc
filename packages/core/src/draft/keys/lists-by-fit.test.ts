import { signedRoles, signsOf } from '../../testing/role-text.ts'
import { withListsByFit } from './lists-by-fit.ts'

/** The roles of the lines, a sign each, once lists were looked for. */
function found(signed: string): string {
  return signsOf(withListsByFit(signedRoles(signed).read))
}

const item = (number: number, more = ''): string =>
  `S|${number}. Which knot is number ${number}?\nO|a) reef\nO|b) bowline\nO|c) hitch${more}`
const FOUR = [1, 2, 3, 4].map((number) => item(number)).join('\n')
const FOUR_READ = 'SOOO'.repeat(4)

// A list of keys that was taken for something else: common practice, no published source.
test.each<[string, string, string]>([
  ['lines set aside', '-|1. b\n-|2. c\n-|3. a\n-|4. b', 'XXXX'],
  ['lines set aside below other words', '-|Have fun!\n-|1. b\n-|2. c\n-|3. a\n-|4. b', 'XXXXX'],
  ['statements with the same numbers', 'S|1. b\nS|2. c\nS|3. a\nS|4. b', 'XXXX'],
  ['one line', '-|1 b, 2 c, 3 a, 4 b', 'X'],
  ['below its title', 'S|Answer key\nS|1. b\nS|2. c\nS|3. a\nS|4. b', 'SXXXX'],
  ['a table', 'S:|1|2|3|4|\nS:|b|c|a|b|'.replaceAll('S:', 'S|'), 'XX'],
])('%s that fit the items before them are their list', (_name, list, roles) =>
  expect(found(`${FOUR}\n${list}`)).toBe(FOUR_READ + roles),
)

test.each<[string, string]>([
  ['what fits none of them', '-|Have a nice holiday.\n-|See you in spring.'],
  ['keys for fewer than half of them', '-|1. b\n-|2. furl\n-|3. luff\n-|4. tack'],
  ['too few', '-|1. b\n-|2. c'],
])('%s is no list', (_name, list) => {
  const signed = `${FOUR}\n${list}`
  expect(found(signed)).toBe(signsOf(signedRoles(signed).read))
})

test('items that have their keys need no list', () => {
  const keyed = [1, 2, 3, 4].map((number) => item(number, `\nK|Answer: a`)).join('\n')
  expect(found(`${keyed}\n-|1. b\n-|2. c\n-|3. a\n-|4. b`)).toBe(`${'SOOOK'.repeat(4)}----`)
})

test('two open items are too few for one', () =>
  expect(found(`${item(1)}\n${item(2)}\n-|1. b\n-|2. c`)).toBe('SOOOSOOO--'))

test('a list ends before the next item that asks', () => {
  const more = item(5)
  expect(found(`${FOUR}\n-|1. b\n-|2. c\n-|3. a\n-|4. b\n${more}`)).toBe(`${FOUR_READ}XXXXSOOO`)
})

test('items that would be lost weigh against a list', () => {
  const asked = 'S|1. Why?\nS|2. When?\nS|3. Where?\nS|4. Who?'
  expect(found(`${FOUR}\n${asked}`)).toBe(`${FOUR_READ}SSSS`)
})

test('what a person said of a line is not undone', () => {
  const { read } = signedRoles(`${FOUR}\n-|1. b\n-|2. c\n-|3. a\n-|4. b`)
  const said = { ...read, said: new Map([[17, 'none' as const]]) }
  expect(signsOf(withListsByFit(said))).toBe(`${FOUR_READ}----`)
  const same = { ...read, said: new Map([[17, 'key' as const]]) }
  expect(signsOf(withListsByFit(same))).toBe(`${FOUR_READ}XXXX`)
})

test('above the items a list is told by its pairs', () => {
  expect(found(`-|Unit test 4   (key: 1-b 2-c 3-a 4-b)\n${FOUR}`)).toBe(`X${FOUR_READ}`)
  expect(found(`-|Unit test 4 of 8, class 6 b\n${FOUR}`)).toBe(`-${FOUR_READ}`)
  expect(found(`-|Room 1 b, 2 b and 3 b: no phones\n-|Good luck\n${FOUR}`)[1]).toBe('-')
})
