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
