import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import { shareEarned } from '../grade/grade.ts'
import { checkItem } from '../item/check.ts'
import type { Item, NumericItem } from '../item/model.ts'
import { FOGHORN_LIMITS } from '../destinations/foghorn.ts'
import { fitItem } from './fit.ts'
import { PLAIN } from '../testing/every-kind.ts'
import { cut, fewerOptions, numbersIn } from './narrow.ts'
import { remediesFor, remedied, REMEDIES } from './remedies.ts'
import { BREAKWATER_LIMITS } from '../destinations/breakwater.ts'
import { INLET_LIMITS } from '../destinations/inlet.ts'
import { withTold } from './told.ts'

function numeric(key: NumericItem['key'], more: Partial<NumericItem> = {}): NumericItem {
  return { kind: 'numeric', stem: contentOf('How deep?'), points: 1, tags: [], key, ...more }
}

test.each<[NumericItem, string[]]>([
  [numeric([{ value: 3, tolerance: 0 }]), ['3']],
  [numeric([{ value: 3.2, tolerance: 0.1 }]), ['3.1', '3.2', '3.3']],
  [numeric([{ value: 3, tolerance: 0.1 }]), ['2.9', '3.0', '3', '3.1']],
  [numeric([{ min: 8, max: 10 }]), ['8', '9', '10']],
  [numeric([{ value: 1000, tolerance: 500 }]), []],
  [numeric([{ value: 3, tolerance: 0, credit: 0.5 }]), []],
])('the numbers of %j', (item, numbers) => {
  expect(numbersIn(item)).toEqual(numbers)
})

test('a band of numbers becomes a list that accepts the same numbers, the middle first, with the unit and without', () => {
  const [listed] = remedied(numeric([{ value: 3.2, tolerance: 0.1 }], { unit: 'm' }), ['list-answers'])
  expect(listed?.kind === 'short' && listed.key).toEqual(['3.2', '3.1', '3.3', '3.2 m', '3.1 m', '3.3 m'])
  const [required] = remedied(numeric([{ value: 3, tolerance: 0 }], { unit: 'm', unitRule: 'required' }), [
    'list-answers',
  ])
  expect(required?.kind === 'short' && required.key).toEqual(['3 m'])
})

test('every number that is listed is right in the item that it was listed from', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -500, max: 500 }),
      fc.integer({ min: 0, max: 40 }),
      fc.integer({ min: 0, max: 3 }),
      (value, tolerance, decimals) => {
        const scale = 10 ** decimals
        const item = numeric([{ value: value / scale, tolerance: tolerance / scale }])
        for (const text of numbersIn(item)) expect([text, shareEarned(item, { kind: 'text', text })]).toEqual([text, 1])
        const [listed] = remedied(item, ['list-answers'])
        expect(listed && checkItem(listed)).toEqual([])
      },
    ),
  )
})

const eight: Item = {
  kind: 'single',
  stem: contentOf(`Which of these ${'very '.repeat(40)}long questions fits?`),
  points: 1,
  tags: [],
  options: Array.from({ length: 8 }, (_none, at) => ({
    id: `o${at}`,
    content: contentOf(`option ${at} ${'w '.repeat(at * 10)}`),
  })),
  key: ['o7'],
  shuffle: true,
}

test('options, stem and their number come down to what the destination takes, and the key stays', () => {
  const [cut, ...others] = remedied(eight, ['fewer-options', 'shorten', 'shorten-stem'], { limits: FOGHORN_LIMITS })
  expect(others).toEqual([])
  expect(cut?.kind === 'single' && cut.options.map(({ id }) => id)).toEqual(['o0', 'o1', 'o2', 'o3', 'o4', 'o7'])
  expect(cut && fitItem(cut, FOGHORN_LIMITS).verdict).toBe('as-is')
  expect(plainText(cut?.stem)).toMatch(/^Which of these .*…$/)
})

test.each<[string, Item, number, string[]]>([
  ['the last distractors go', PLAIN.single, 2, ['a', 'b']],
  ['never the key', PLAIN.single, 1, ['b']],
  ['nor any of several', PLAIN.multiple, 2, ['a', 'b', 'd']],
  ['what fits stays', PLAIN.multiple, 4, ['a', 'b', 'c', 'd']],
  ['an order stays whole', PLAIN.order, 2, ['a', 'b', 'c']],
])('fewer options: %s', (_name, item, limit, ids) => {
  const fewer = fewerOptions(item, limit)
  expect('options' in fewer && fewer.options.map(({ id }) => id)).toEqual(ids)
})

test('with an option its weight goes, and no weights come of none', () => {
  const weights = { a: 0.5, b: 0.25, c: -1, d: 0.25 }
  expect(fewerOptions({ ...PLAIN.multiple, credit: 'weights', weights }, 3)).toMatchObject({
    weights: { a: 0.5, b: 0.25, d: 0.25 },
  })
  expect(fewerOptions({ ...PLAIN.multiple, credit: 'weights', weights }, 3)).not.toHaveProperty('weights.c')
  expect(fewerOptions(PLAIN.single, 2)).not.toHaveProperty('weights')
  expect(fewerOptions(PLAIN.short, 1)).toBe(PLAIN.short)
})

test('a text is cut at a word where one ends late enough, and one that fits is the same', () => {
  const cutTo = (text: string, limit: number): string => plainText(cut(contentOf(text), limit))
  expect(cutTo('reef knots slip', 15)).toBe('reef knots slip')
  expect(cutTo('reef knots slip', 14)).toBe('reef knots…')
  expect(cutTo('a reefknotsslip', 12)).toBe('a reefknots…')
  expect(cutTo('reefknotsslip', 5)).toBe('reef…')
})

test('a matching item becomes a grid with a row per part, keyed alike', () => {
  const match: Item = {
    kind: 'match',
    stem: contentOf('Match.'),
    points: 2,
    tags: [],
    left: ['one blast', 'two blasts'].map((text) => contentOf(text)),
    right: ['starboard', 'port', 'astern'].map((text) => contentOf(text)),
    key: [
      [0, 0],
      [1, 1],
    ],
  }
  const [grid] = remedied(match, ['as-grid'])
  expect(grid).toMatchObject({ kind: 'grid', rows: match.left, columns: match.right, key: match.key, points: 2 })
})

describe('remedies that bring an item there', () => {
  const typed: Item = {
    kind: 'cloze',
    stem: [{ type: 'paragraph', content: [{ type: 'gap' }, { type: 'text', text: ' then ' }, { type: 'gap' }] }],
    points: 1,
    tags: [],
    gaps: [{ key: ['ebb'] }, { key: ['flood'] }],
    rules: { letterCase: 'ignore', accents: 'respect' },
  }
  test('a cloze stays whole where none of its gaps could go', () => {
    expect(remediesFor(typed, [], { limits: FOGHORN_LIMITS })).toEqual([])
    expect(remediesFor(typed, ['drop-hint'], { limits: FOGHORN_LIMITS })).toEqual(['drop-hint'])
    expect(remediesFor(typed, [], { limits: INLET_LIMITS })).toEqual(['split'])
  })
  test('it is split where some of them can', () => {
    const chosen: Item = { ...typed, gaps: [{ key: ['ebb'] }, { key: ['flood'], choices: ['flood', 'slack'] }] }
    expect(remediesFor(chosen, [], { limits: FOGHORN_LIMITS })).toEqual(['split'])
  })
  test('what one remedy makes may need another', () => {
    const order: Item = {
      ...{ kind: 'order', stem: contentOf('In order:'), points: 1, tags: [], key: ['b', 'a'] },
      options: ['a', 'b'].map((id) => ({ id, content: contentOf(`step ${id} `.repeat(30)) })),
    }
    expect(remediesFor(order, [], { limits: FOGHORN_LIMITS })).toEqual(['as-match', 'split', 'shorten-stem'])
  })
})

describe('what a destination tells of itself', () => {
  test('its figures stand for ours, in the limit and in what it says', () => {
    const own = withTold(FOGHORN_LIMITS, { 'stem-length': 90, 'option-count': 4 })
    expect([own['stem-length']?.over, own['stem-length']?.says]).toEqual([90, 'A question has at most 90 letters'])
    expect([own['option-count']?.over, own['option-count']?.says]).toEqual([4, 'A round has at most 4 options'])
    expect(own['option-length']).toBe(FOGHORN_LIMITS['option-length'])
  })
  test('what is not limited there stays so, and what is the same is the same', () => {
    expect(withTold(BREAKWATER_LIMITS, { 'stem-length': 90 })).toBe(BREAKWATER_LIMITS)
    expect(withTold(FOGHORN_LIMITS, { 'stem-length': 150 })).toBe(FOGHORN_LIMITS)
  })
})

describe('a picture as a link', () => {
  const seen: Item = {
    ...{ kind: 'truefalse', points: 1, tags: [], key: [true] },
    stem: [{ type: 'paragraph', content: [{ type: 'picture', asset: 'a1', alt: 'a buoy' }] }],
  }
  const pictureAddress = (asset: string): string => `https://zakuska.test/pictures/${asset}`
  test('its description and its address stand in its place', () => {
    const [linked] = remedied(seen, ['picture-to-link'], { pictureAddress })
    expect(plainText(linked?.stem)).toBe('a buoy: https://zakuska.test/pictures/a1')
  })
  test('without an address, or without the picture, it is left as it is', () => {
    expect(remedied(seen, ['picture-to-link'])).toEqual([seen])
    const missing: Item = {
      ...seen,
      stem: [{ type: 'paragraph', content: [{ type: 'picture', asset: '', alt: 'x' }] }],
    }
    expect(REMEDIES['picture-to-link'].suits(missing)).toBe(false)
  })
})
