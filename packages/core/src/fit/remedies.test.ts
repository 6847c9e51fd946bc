import { contentOf } from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import { shareEarned } from '../grade/grade.ts'
import { probesOf } from '../grade/probes.ts'
import { DEFAULT_TEXT_RULES, type Item, type OrderItem } from '../item/model.ts'
import { REMEDIES } from './remedies.ts'

const ORDER: OrderItem = {
  ...{ kind: 'order', stem: contentOf('Put them in order.'), points: 3, tags: [] },
  options: ['second', 'third', 'first'].map((text, at) => ({ id: 'abc'.charAt(at), content: contentOf(text) })),
  key: ['c', 'a', 'b'],
}

describe('an ordering as a matching', () => {
  const asMatch = () => {
    const [match] = REMEDIES['as-match'].apply(ORDER)
    if (match?.kind !== 'match') throw new Error('It is no matching.')
    return match
  }
  test('each entry has its place, counted from one, and the key is the order', () => {
    const match = asMatch()
    expect(match.right.map((part) => plainText(part))).toEqual(['1', '2', '3'])
    expect(match.left.map((part, at) => [plainText(part), match.key.find(([left]) => left === at)?.[1]])).toEqual([
      ['second', 1],
      ['third', 2],
      ['first', 0],
    ])
  })
  test('the right answer still earns all', () => {
    const match = asMatch()
    expect(shareEarned(match, { kind: 'pairs', pairs: match.key })).toBe(1)
  })
  test('an entry that the key does not name has no place', () => {
    const [part] = REMEDIES['as-match'].apply({ ...ORDER, key: ['c', 'a'] })
    expect(part?.kind === 'match' && part.key).toEqual([
      [0, 1],
      [2, 0],
    ])
  })
})

describe('what a typed answer is tried with', () => {
  const probes = (key: string[], rules = DEFAULT_TEXT_RULES): string[] => {
    const item: Item = { kind: 'short', stem: contentOf('What?'), points: 1, tags: [], key, rules }
    return probesOf(item).map(({ kind, response }) => `${kind} ${response.kind === 'text' ? response.text : ''}`)
  }
  test('the key, the others that count, other letter case, blanks', () => {
    expect(probes(['Ebb tide', 'ebb'])).toEqual(
      expect.arrayContaining(['key Ebb tide', 'accepted ebb', 'letter-case EBB TIDE', 'blanks   Ebb  tide ']),
    )
    expect(probes(['EBB'])).toContain('letter-case ebb')
  })
  test('without accents only where there are any, and otherwise as it is written', () => {
    expect(probes(['Été'])).toContain('accents Ete')
    expect(probes(['ebb']).some((probe) => probe.startsWith('accents'))).toBe(false)
    expect(probes(['12']).some((probe) => probe.startsWith('letter-case'))).toBe(false)
  })
})

const common = { stem: contentOf('Which?'), points: 1, tags: [] }
const options = ['x', 'y'].map((text, at) => ({ id: 'ab'.charAt(at), content: contentOf(text) }))
const KINDS: Readonly<Record<string, Item>> = {
  multiple: { ...common, kind: 'multiple', options, key: ['a'], shuffle: true, credit: 'all' },
  single: { ...common, kind: 'single', options, key: ['a'], shuffle: true },
  truefalse: { ...common, kind: 'truefalse', key: [false] },
  short: { ...common, kind: 'short', key: ['x'], rules: DEFAULT_TEXT_RULES },
  cloze: { ...common, kind: 'cloze', gaps: [{ key: ['x'] }, { key: ['y'] }], rules: DEFAULT_TEXT_RULES },
  match: { ...common, kind: 'match', left: [contentOf('l')], right: [contentOf('r')], key: [[0, 0]] },
  grid: { ...common, kind: 'grid', rows: [contentOf('l')], columns: [contentOf('r')], key: [[0, 0]] },
  order: ORDER,
  essay: { ...common, kind: 'essay' },
}

test.each<[keyof typeof REMEDIES, string[]]>([
  ['split', ['multiple', 'cloze', 'match', 'grid']],
  ['as-match', ['grid', 'order']],
  ['make-single', ['multiple', 'truefalse']],
])('%s suits %j, and no other kind', (remedy, kinds) => {
  expect(Object.keys(KINDS).filter((kind) => REMEDIES[remedy].suits(KINDS[kind]!))).toEqual(kinds)
})

test('what a remedy does not suit, it leaves as it is', () => {
  expect(REMEDIES['as-match'].apply(KINDS['essay']!)).toEqual([KINDS['essay']])
  expect(REMEDIES['make-single'].apply(KINDS['short']!)).toEqual([KINDS['short']])
})

test('a judgement as single choice has its two words in their order, and keeps its key', () => {
  const [single] = REMEDIES['make-single'].apply(KINDS['truefalse']!)
  expect(single).toMatchObject({ kind: 'single', key: ['b'], shuffle: false })
  expect(single?.kind === 'single' && single.options.map(({ content }) => plainText(content))).toEqual([
    'True',
    'False',
  ])
})
