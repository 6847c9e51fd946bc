import { signedItems } from '../../testing/role-text.ts'

const LIST = '\nX|1 (a) 2 (b) yes'

test('the letter inside a first part is its label, so that its key is found', () => {
  const items = signedItems(`S|1. The line is steep.\nM|(a) Find its gradient.\nS|(b) Does it rise?${LIST}`)
  expect(items).toMatchObject([
    { stem: 'The line is steep.\nFind its gradient.', key: [{ value: 2 }] },
    { stem: 'Does it rise?', key: ['yes'] },
  ])
})

test.each([
  ['the next label has another dress', 'S|1. It is steep.\nM|(a) Find its gradient.\nS|b) Does it rise?'],
  ['nothing goes on', 'S|1. It is steep.\nM|(a) Find its gradient.\nS|2. Does it rise?'],
])('the letter stays where %s', (_name, signed) => {
  expect(signedItems(signed)[0]?.stem).toContain('(a)')
})

test('what stands below the number of a question is for its parts only', () => {
  const items = signedItems(
    'I|Question 1\nP|A taxi costs 4 euros.\nS|(a) How much is a ride?\nS|(b) How far is it?\nI|Question 2\nS|(a) Who drives?',
  )
  expect(items.map(({ passage }) => passage)).toEqual(['p1', 'p1', undefined])
})
