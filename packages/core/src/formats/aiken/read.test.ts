import { plainText } from '../../content/plain.ts'
import { aiken } from './index.ts'

const read = (text: string) => aiken.read({ form: 'text', text })

// Common practice; there is no standard behind the format.
test('both kinds of letters, and lines that go on', () => {
  const { items, unread } = read(
    'Which buoy stands to port\nin region A?\nA. green\nB. red\nANSWER: B\n\nWhich is a knot?\nA) bowline\nB) ebb\nC) keel\nANSWER: A\n',
  )
  expect(unread).toEqual([])
  expect(items.map((item) => [plainText(item.stem), item.kind === 'single' && item.key])).toEqual([
    ['Which buoy stands to port in region A?', ['b']],
    ['Which is a knot?', ['a']],
  ])
})

test.each<[string, string]>([
  ['a key that names no option', 'Which?\nA. green\nB. red\nANSWER: D\n'],
  ['one option', 'Which?\nA. green\nANSWER: A\n'],
  ['no key', 'Which?\nA. green\nB. red\n'],
])('%s: said with its source, and the others are read', (_name, broken) => {
  const { items, unread } = read(`${broken}\n`)
  expect(items).toEqual([])
  expect(unread[0]?.source).toContain('Which?')
  expect(read(`Fine?\nA. yes\nB. no\nANSWER: A\n\n${broken}`).items).toHaveLength(1)
})
