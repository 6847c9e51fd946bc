import { contentOf } from '../content/model.ts'
import { DEFAULT_TEXT_RULES, type Item, type TextRules } from '../item/model.ts'
import { probesOf, type ProbeKind } from './probes.ts'

const EXACT: TextRules = { ...DEFAULT_TEXT_RULES, letterCase: 'respect', accents: 'respect' }

/** Texts of the probes of each sort, for a short answer. */
function typed(key: readonly string[], rules: TextRules = EXACT): Partial<Record<ProbeKind, string[]>> {
  const item: Item = { kind: 'short', stem: contentOf('Name it.'), points: 1, tags: [], key, rules }
  const found: Partial<Record<ProbeKind, string[]>> = {}
  for (const { kind, response } of probesOf(item))
    if (response.kind === 'text') found[kind] = [...(found[kind] ?? []), response.text]
  return found
}

describe('probes of a short answer', () => {
  test('the key and all others that are accepted', () =>
    expect(typed(['bowline', 'king’s knot'])).toMatchObject({ key: ['bowline'], accepted: ['king’s knot'] }))
  test('another letter case, where there are letters', () => {
    expect(typed(['bowline'])['letter-case']).toEqual(['BOWLINE'])
    expect(typed(['VHF'])['letter-case']).toEqual(['vhf'])
    expect(typed(['1852'])['letter-case']).toBeUndefined()
  })
  test('without accents, where there are some', () => {
    expect(typed(['gård'])['accents']).toEqual(['gard'])
    expect(typed(['bowline'])['accents']).toBeUndefined()
    expect(typed(['Bowline'])['accents']).toBeUndefined()
  })
  test('blanks more than are needed', () => expect(typed(['round turn'])['blanks']).toEqual(['  round  turn ']))
  test('one that is misspelt is none of the accepted ones', () => {
    expect(typed(['knot', 'knott'])['misspelt']).toEqual(['knotx'])
    expect(typed(['knot', 'knott', 'knotx'])['misspelt']).toEqual(['xknot'])
  })
})
