import { signedItems } from '../../testing/role-text.ts'

const stems = (...lines: readonly string[]): unknown[] =>
  signedItems(lines.map((line) => `S|${line}`).join('\n')).map((item) => item['stem'])

// Words before parts of items are each draft's own: common practice.
test('a word with a colon before the question of item after item is no part of it', () => {
  expect(stems('1. kelm: Who steers?', '2. kelm: Who rows?', '3. kelm: Who bails?')).toEqual([
    'Who steers?',
    'Who rows?',
    'Who bails?',
  ])
  expect(stems('1. A fire: what now?', '2. Who rows?', '3. Who bails?')[0]).toBe('A fire: what now?')
})

test.each([
  ['of 3  ', 'of 3  ', 'of 3  '],
  ['/ 3: ', '/ 3: ', '/ 3: '],
  ['av 3) ', 'av 3) ', 'av 3) '],
])('how many there are, behind the number of each: “%s”', (...behind) => {
  expect(stems(...behind.map((one, at) => `${at + 1} ${one}Who is number ${at}?`))).toEqual([
    'Who is number 0?',
    'Who is number 1?',
    'Who is number 2?',
  ])
})

test('behind some of the numbers only it belongs to the question', () => {
  expect(stems('1. at 3 who rows?', '2. at 4 who rows?', '3. at 5 who rows?')[0]).toBe('at 3 who rows?')
})

test.each(['@%0:15 ', '◆ %0 ◆ ', '# '])('signs and figures before the question of each: “%s”', (lead) => {
  const signed = [1, 2, 3].map((at) => `S|${lead.replace('%', String(at))}Who is number ${at}?`).join('\n')
  expect(signedItems(signed).map((item) => item['stem'])).toEqual([1, 2, 3].map((at) => `Who is number ${at}?`))
})

test('quantities that questions start with stay', () => {
  expect(stems('15 km in m?', '90 km in m?', '27 km in m?')).toEqual(['15 km in m?', '90 km in m?', '27 km in m?'])
})
