import { readDraft } from '../read-draft.ts'
import { cleanLines } from './clean.ts'
import { pageEnds } from './page-ends.ts'

const endsOf = (...lines: string[]) => [...pageEnds(cleanLines({ text: lines.join('\n') }))].sort((a, b) => a - b)

// Common practice of page furniture, in the words of several languages, from memory.
test.each([
  'page 1 of 2',
  'Page 3',
  'p. 4',
  'Seite 2 von 5',
  'página 2',
  'pág. 2 de 3',
  'side 2 av 4',
  '- 3 -',
  '– 12 –',
  'стр. 4',
  '    page 1 / 2   ',
])('%j says the number of a page', (text) => {
  expect(endsOf('Who is it?', 'a) me', text, 'b) you')).toEqual([2])
})

test.each(['1', '12', '3.', '-3', 'page', 'See page 3.', 'Page 3 says what?', 'a) page 2', 'B 2'])(
  '%j does not',
  (text) => {
    expect(endsOf('Who is it?', 'a) me', text, 'b) you')).toEqual([])
  },
)

test('what stands beside one number as beside another is the head or the foot of a page', () => {
  const page = ['Harbour course   paper 2', '____________']
  expect(endsOf(...page, '1. Who?', 'a) me', 'page 1', ...page, 'b) you', '2. When?', 'page 2')).toEqual([4, 5, 6, 9])
})

test('the head of the first page is the title, and stays', () => {
  expect(endsOf('Knots', 'page 1', 'Who?', 'Knots', 'page 2', 'When?')).toEqual([1, 3, 4])
})

test('a page that ends among the options of an item parts nothing, and is set aside', () => {
  const text =
    'Quay paper A\n1. Which knot makes a loop?\n   a) bowline\n   b) reef knot\n        page 1 of 2\nQuay paper A\n   c) sheet bend\n   Answer: a\n2. Which is a hitch?\n   a) clove\n   b) reef\n   Answer: a\n        page 2 of 2\n'
  const { items, aside } = readDraft({ text })
  expect(items.map(({ item }) => ('options' in item ? item.options.length : 0))).toEqual([3, 2])
  expect(aside.filter((one) => one.reason === 'page').map((one) => one.line)).toEqual([5, 6, 13])
})
