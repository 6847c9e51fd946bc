import { signedItems } from '../../testing/role-text.ts'

function keys(signed: string): unknown[] {
  return signedItems(signed).map((item) => item['key'])
}

const asked = (...lines: readonly string[]): string =>
  lines
    .map((line, at) => `S|${at + 1}. Which knot is number ${at + 1}?\nO|a) reef\nO|b) bowline\nO|c) hitch\nK|${line}`)
    .join('\n')

// A draft's own word for a key: common practice, no published source.
test.each<[string, string]>([
  ['a word', asked('Kelm B', 'Kelm A', 'Kelm C')],
  ['a word with a colon', asked('Kelm: B', 'Kelm: A', 'Kelm: C')],
  ['a word with a dash', asked('Kelm – B', 'Kelm – A', 'Kelm – C')],
  ['a word in another letter case', asked('kelm B', 'KELM A', 'Kelm C')],
  ['an abbreviation', asked('kl. B', 'kl. A', 'kl. C')],
])('%s before every key is taken off', (_name, signed) => expect(keys(signed)).toEqual([[1], [0], [2]]))

test('in most items is enough, in few it is not', () => {
  expect(keys(asked('Kelm B', 'Kelm A', 'c', 'Kelm C'))).toEqual([[1], [0], [2], [2]])
  expect(keys(asked('Kelm B', 'b', 'c', 'a'))[0]).toEqual([])
})

test('a word without which no key fits better stays', () => {
  const typed = (...lines: readonly string[]): string =>
    lines.map((line, at) => `S|${at + 1}. Name knot ${at + 1}.\nK|${line}`).join('\n')
  expect(keys(typed('reef knot', 'reef bend', 'reef hitch'))).toEqual([['reef knot'], ['reef bend'], ['reef hitch']])
})

test('an arrow goes on with a reaction where the key is named in words', () => {
  const [item] = signedItems('S|1. Complete: 2 H2 + O2\nK|-> ____\nK|Answer: 2 H2O')
  expect(item).toMatchObject({ key: ['2 H2O'] })
  expect(String(item?.['stem'])).toMatch(/->/)
})

test('alone it gives the key', () => {
  const items = signedItems('S|1. noun for crows\nK|-> murder\nS|2. puffins nest in\nK|-> burrows')
  expect(items.map((item) => item['key'])).toEqual([['murder'], ['burrows']])
})
