import { contentOf, type Item, type Response } from '@zakuska/core'
import { countingOf } from './counting.ts'
import type { Attempt, Sitting } from './sitting.entity.ts'

const ITEM: Item = { kind: 'truefalse', stem: contentOf('Rye is a grain.'), points: 1, tags: [], key: [true] }
const sitting = (which: 'last' | 'first' | 'best', more: object = {}): Sitting =>
  ({
    items: [0, 1].map((at) => ({ itemId: `i${at}`, body: ITEM })),
    settings: { which, threshold: null, leftOut: [], ...more },
  }) as unknown as Sitting
const attempt = (id: string, person: string | null, right: number, more: object = {}): Attempt =>
  ({
    ...{ id, person, student: person ?? '', given: {}, isHandedIn: true },
    responses: [0, 1].map((at): Response => ({ kind: 'truth', value: at < right })),
    ...more,
  }) as unknown as Attempt
const idsOf = (which: 'last' | 'first' | 'best', attempts: readonly Attempt[]): string[] =>
  countingOf(sitting(which), attempts).map((one) => one.attempt.id)

const OF_BENTE = [attempt('a', 'bente', 1), attempt('b', 'bente', 2), attempt('c', 'bente', 0)]

describe('which of several attempts of one person counts', () => {
  test.each([
    ['last', 'c'],
    ['first', 'a'],
    ['best', 'b'],
  ] as const)('the %s', (which, id) => expect(idsOf(which, OF_BENTE)).toEqual([id]))

  test('of two that are as good the earlier one', () => {
    expect(idsOf('best', [attempt('a', 'bente', 2), attempt('b', 'bente', 2)])).toEqual(['a'])
  })
  test('people are told apart; attempts of nobody that is known all count', () => {
    const all = [...OF_BENTE, attempt('d', 'nils', 1), attempt('e', null, 0), attempt('f', null, 1)]
    expect(idsOf('last', all).sort()).toEqual(['c', 'd', 'e', 'f'])
  })
  test('what is not handed in counts for nothing, also as the last', () => {
    expect(idsOf('last', [...OF_BENTE, attempt('g', 'bente', 2, { isHandedIn: false })])).toEqual(['c'])
    expect(idsOf('last', [])).toEqual([])
  })
})
