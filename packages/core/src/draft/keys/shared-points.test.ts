import { signedItems } from '../../testing/role-text.ts'

const list = (...keys: readonly string[]): string =>
  [
    ...keys.map((_key, at) => `S|${at + 1}. How many are there in box ${at + 1}?`),
    'X|MARK SCHEME',
    ...keys.map((key, at) => `X|${at + 1}. ${key}`),
  ].join('\n')

test('what stands behind key after key in brackets is how much each is worth', () => {
  const items = signedItems(list('8 (1)', '10 (2)', '12 (1)'))
  expect(items.map(({ key, points }) => [key, points])).toEqual([
    [[{ value: 8, tolerance: 0 }], 1],
    [[{ value: 10, tolerance: 0 }], 2],
    [[{ value: 12, tolerance: 0 }], 1],
  ])
})

test('how much each part is worth says nothing of the whole', () => {
  const [first] = signedItems(
    `S|1. Which are trees?\nO|a) oak\nO|b) rye\nO|c) elm\nK|a and c (1 mark each)\n${list('8 (1)', '10 (1)', '9 (1)')
      .replace(/S\|(\d)/g, 'S|2$1')
      .replace(/X\|(\d)/g, 'X|2$1')}`,
  )
  expect(first).toMatchObject({ kind: 'multiple', key: [0, 2] })
})

test('quantities in brackets are part of the keys', () => {
  expect(signedItems(list('rest (2 min)', 'boil (10 min)', 'cool (5 min)')).map(({ key }) => key)).toEqual([
    ['rest (2 min)'],
    ['boil (10 min)'],
    ['cool (5 min)'],
  ])
})

test('behind one key of several it may be part of it', () => {
  expect(signedItems(list('ferry (1)', 'raft', 'canoe', 'kayak'))[0]?.key).toEqual(['ferry (1)'])
})
