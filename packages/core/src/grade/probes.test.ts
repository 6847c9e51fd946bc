import { contentOf } from '../content/model.ts'
import { DEFAULT_TEXT_RULES, type Item, type TextRules } from '../item/model.ts'
import { PLAIN } from '../testing/every-kind.ts'
import { probesOf, type ProbeKind } from './probes.ts'
import type { Response } from './response.ts'

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

/** "key a,b = 1": each probe in full. */
function told(item: Item): string[] {
  return probesOf(item).map(({ kind, response, share }) => `${kind} ${saidOf(response)} = ${Number(share.toFixed(3))}`)
}

function saidOf(response: Response): string {
  switch (response.kind) {
    case 'choice':
      return response.chosen.join(',')
    case 'truth':
      return String(response.value)
    case 'text':
      return `“${response.text}”`
    case 'gaps':
      return response.texts.map((text) => `“${text}”`).join(' ')
    case 'pairs':
      return response.pairs.map((pair) => pair.join('')).join(' ')
    case 'order':
      return response.ids.join(',')
    case 'step':
      return String(response.value)
  }
}

describe('all probes of', () => {
  test('one option of several', () =>
    expect(told(PLAIN.single)).toEqual(['key b = 1', 'wrong-option a = 0', 'wrong-option c = 0', 'empty  = 0']))
  test('one option, another earning a part', () =>
    expect(told({ ...PLAIN.single, weights: { c: 0.5 } })).toEqual([
      'key b = 1',
      'wrong-option a = 0',
      'wrong-option c = 0.5',
      'empty  = 0',
    ]))
  test('several options, all or nothing', () =>
    expect(told(PLAIN.multiple)).toEqual([
      'key a,b,d = 1',
      'wrong-option c = 0',
      'key-part b,d = 0',
      'key-part a,d = 0',
      'key-part a,b = 0',
      'key-plus a,b,c,d = 0',
      'empty  = 0',
    ]))
  test('several options, a share each', () =>
    expect(told({ ...PLAIN.multiple, credit: 'each', key: ['a', 'b'] })).toEqual([
      'key a,b = 1',
      'wrong-option c = 0',
      'wrong-option d = 0',
      'key-part b = 0.5',
      'key-part a = 0.5',
      'key-plus a,b,c = 0.5',
      'key-plus a,b,d = 0.5',
      'key-plus a,b,c,d = 0',
      'empty  = 0',
    ]))
  test('several options of which one is keyed', () =>
    expect(told({ ...PLAIN.multiple, key: ['d'] })).toEqual([
      'key d = 1',
      'wrong-option a = 0',
      'wrong-option b = 0',
      'wrong-option c = 0',
      'key-plus a,d = 0',
      'key-plus b,d = 0',
      'key-plus c,d = 0',
      'key-plus a,b,c,d = 0',
      'empty  = 0',
    ]))
  test('a judgement', () => {
    expect(told(PLAIN.truefalse)).toEqual(['key true = 1', 'wrong-option false = 0', 'empty null = 0'])
    expect(told({ ...PLAIN.truefalse, key: [false] })).toEqual([
      'key false = 1',
      'wrong-option true = 0',
      'empty null = 0',
    ])
  })
  test('a number', () =>
    expect(told(PLAIN.numeric)).toEqual([
      'key “1852” = 1',
      'outside “1666.8” = 0',
      'outside “2037.2” = 0',
      'empty “” = 0',
    ]))
  test('a number near nought', () =>
    expect(told({ ...PLAIN.numeric, key: [{ value: 0, tolerance: 0 }] })).toEqual([
      'key “0” = 1',
      'outside “-1” = 0',
      'outside “1” = 0',
      'empty “” = 0',
    ]))
  test('a number with a tolerance, its unit asked for, and one that is converted', () =>
    expect(told({ ...PLAIN.numeric, key: [{ value: 10, tolerance: 2 }], unit: 'm', unitRule: 'required' })).toEqual([
      'key “10 m” = 1',
      'band-edge “8 m” = 1',
      'band-edge “12 m” = 1',
      'outside “4 m” = 0',
      'outside “16 m” = 0',
      'empty “” = 0',
    ]))
  test('a unit that may stand there is not written', () =>
    expect(told({ ...PLAIN.numeric, key: [{ min: 1, max: 2 }], unit: 'm' })[0]).toBe('key “1.5” = 1'))
  test('a number in so many figures', () =>
    expect(told({ ...PLAIN.numeric, key: [{ value: 2, tolerance: 0 }], figures: 3 }).slice(0, 2)).toEqual([
      'key “2.00” = 1',
      'outside “1.00” = 0',
    ]))
  test('bounds, and a wider band for a part; what lies beyond one and within the other proves nothing', () =>
    expect(
      told({
        ...PLAIN.numeric,
        key: [
          { min: 10, max: 12 },
          { min: 8, max: 20, credit: 0.5 },
        ],
      }),
    ).toEqual([
      'key “11” = 1',
      'band-edge “10” = 1',
      'band-edge “12” = 1',
      'accepted “14” = 0.5',
      'band-edge “8” = 0.5',
      'band-edge “20” = 0.5',
      'outside “-4” = 0',
      'outside “32” = 0',
      'empty “” = 0',
    ]))
  test('gaps that are typed', () =>
    expect(told({ ...PLAIN.cloze, gaps: [{ key: ['port', 'left'] }, { key: ['12'] }] })).toEqual([
      'key “port” “12” = 1',
      'accepted “left” “12” = 1',
      'wrong-gap “portt” “12” = 0.5',
      'letter-case “PORT” “12” = 1',
      'wrong-gap “port” “122” = 0.5',
      'empty “” “” = 0',
    ]))
  test('gaps with choices', () =>
    expect(
      told({
        ...PLAIN.cloze,
        credit: 'all',
        gaps: [
          { key: ['port'], choices: ['Port', 'starboard'] },
          { key: ['red'], choices: ['red'] },
        ],
      }),
    ).toEqual(['key “port” “red” = 1', 'wrong-gap “starboard” “red” = 0', 'empty “” “” = 0']))
  test('pairs', () => {
    expect(told(PLAIN.match)).toEqual([
      'key 01 10 = 1',
      'wrong-pair 02 10 = 0.5',
      'wrong-pair 01 11 = 0.5',
      'key-part 10 = 0.5',
      'empty  = 0',
    ])
    expect(told(PLAIN.grid)).toEqual([
      'key 00 11 = 1',
      'wrong-pair 01 11 = 0.5',
      'wrong-pair 00 10 = 0.5',
      'key-part 11 = 0.5',
      'empty  = 0',
    ])
  })
  test('one pair, which cannot be wrong where there is one partner', () =>
    expect(told({ ...PLAIN.match, right: PLAIN.match.right.slice(0, 1), key: [[0, 0]] })).toEqual([
      'key 00 = 1',
      'empty  = 0',
    ]))
  test('an order', () =>
    expect(told(PLAIN.order)).toEqual([
      'key c,a,b = 1',
      'wrong-order b,a,c = 0',
      'wrong-order a,c,b = 0',
      'wrong-order c,b,a = 0',
      'empty  = 0',
    ]))
  test('an order with a share for neighbours', () =>
    expect(told({ ...PLAIN.order, credit: 'neighbours' }).map((probe) => probe.split(' = ')[1])).toEqual([
      '1',
      '0',
      '0',
      '0',
      '0',
    ]))
  test('what nobody grades by a key, or has none', () => {
    for (const item of [PLAIN.scale, PLAIN.essay, PLAIN.note, { ...PLAIN.single, key: [] }])
      expect(probesOf(item)).toEqual([])
  })
})
