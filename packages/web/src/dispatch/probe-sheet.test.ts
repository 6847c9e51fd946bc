import { contentOf, DEFAULT_TEXT_RULES } from '@zakuska/core'
import { probeSheet } from './probe-sheet'

test('each answer stands with what it must earn, and nothing runs as a formula', () => {
  const sheet = probeSheet([
    {
      kind: 'single',
      stem: contentOf('Which, of these?'),
      points: 2,
      tags: [],
      options: ['=1+1', 'rye'].map((text, at) => ({ id: 'ab'.charAt(at), content: contentOf(text) })),
      key: ['b'],
      shuffle: true,
    },
    { kind: 'short', stem: contentOf('Name a tree.'), points: 1, tags: [], key: ['oak'], rules: DEFAULT_TEXT_RULES },
  ])
  const rows = sheet.trim().split('\r\n')
  expect(rows[0]).toBe('\uFEFFItem,Stem,Try,Answer to give,Points it must earn,Points it earned'.trim())
  expect(rows[1]).toMatch(/^1,"Which, of these\?",the key,.*rye.*,2,$/)
  expect(rows.find((row) => row.includes('a wrong option'))).toMatch(/,0,$/)
  expect(rows.every((row) => !/(?:^|,)=/.test(row))).toBe(true)
  expect(rows.filter((row) => row.startsWith('2,')).some((row) => row.includes('OAK'))).toBe(true)
})
