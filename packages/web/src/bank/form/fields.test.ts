import { checkItem, contentOf, DEFAULT_TEXT_RULES, ITEM_KINDS, type Item, type MatchItem } from '@zakuska/core'
import { asKind, emptyItem, gapsFor } from './empty-item'
import { sentence } from './field-problem'
import { bandOf, bandText, creditOf, withCredit } from './numbers'
import { withoutPart, withPartner } from './pairs'
import { tidied } from './tidied'

const GAP = { type: 'gap' as const }
const choice: Item = {
  ...{ kind: 'single', stem: contentOf('Which is a grain?'), points: 2, tags: ['food'], shuffle: false },
  options: [
    { id: 'a', content: contentOf('oak') },
    { id: 'b', content: contentOf('rye') },
  ],
  ...{ key: ['b'], hint: contentOf('Bread'), outcome: 'G1', level: 'recall', timeLimit: 30, language: 'en' },
}

describe('a band of numbers, as people write it', () => {
  test.each([
    ['3.2', { value: 3.2, tolerance: 0 }],
    [' 3,5 ', { value: 3.5, tolerance: 0 }],
    ['3.2 ± 0.1', { value: 3.2, tolerance: 0.1 }],
    ['3.2 +/- 0.1', { value: 3.2, tolerance: 0.1 }],
    ['200 ± 5 %', { value: 200, tolerance: 10 }],
    ['-40 ± 5%', { value: -40, tolerance: 2 }],
    ['3 to 3.5', { min: 3, max: 3.5 }],
    ['3..5', { min: 3, max: 5 }],
    ['3 – 5', { min: 3, max: 5 }],
    ['-5 to -3', { min: -5, max: -3 }],
    ['1/2', { value: 0.5, tolerance: 0 }],
    ['6.02e23', { value: 6.02e23, tolerance: 0 }],
  ])('%s', (text, band) => expect(bandOf(text)).toEqual(band))

  test.each(['', 'three', '5 to 3', '3 ± x', 'a to b', '3 kg', '3 to', '± 2'])('“%s” is none', (text) =>
    expect(bandOf(text)).toBeNull(),
  )

  test('what is read is written so that it reads the same', () => {
    for (const band of [
      { value: 3.2, tolerance: 0 },
      { value: -1, tolerance: 0.25 },
      { min: -2, max: 9.5 },
    ])
      expect(bandOf(bandText(band))).toEqual(band)
  })

  test('a share of the points stays with its band, and a whole one is none', () => {
    expect(withCredit({ value: 1, tolerance: 0 }, 50)).toEqual({ value: 1, tolerance: 0, credit: 0.5 })
    expect(withCredit({ value: 1, tolerance: 0, credit: 0.5 }, 100)).toEqual({ value: 1, tolerance: 0 })
    expect(withCredit({ value: 1, tolerance: 0, credit: 0.5 }, Number.NaN)).toEqual({ value: 1, tolerance: 0 })
    expect(creditOf({ min: 1, max: 2, credit: 0.25 })).toEqual({ credit: 0.25 })
    expect(creditOf(undefined)).toEqual({})
  })
})

describe('pairs', () => {
  const key: MatchItem['key'] = [
    [0, 1],
    [1, 0],
    [2, 2],
  ]
  test('a part has one partner, or none', () => {
    expect(withPartner(key, 1, 2)).toEqual([
      [0, 1],
      [1, 2],
      [2, 2],
    ])
    expect(withPartner(key, 0, null)).toEqual([
      [1, 0],
      [2, 2],
    ])
    expect(withPartner([], 3, 0)).toEqual([[3, 0]])
  })
  test('when a part goes, its pair goes, and the others point where they did', () => {
    expect(withoutPart(key, 0, 0)).toEqual([
      [0, 0],
      [1, 2],
    ])
    expect(withoutPart(key, 1, 1)).toEqual([
      [1, 0],
      [2, 1],
    ])
  })
})

describe('another kind of the same item', () => {
  test.each(ITEM_KINDS)('%s keeps what both have', (kind) => {
    const other = asKind(choice, kind)
    expect(other.kind).toBe(kind)
    expect(other).toMatchObject({ stem: choice.stem, tags: ['food'], hint: choice.hint, outcome: 'G1', language: 'en' })
    expect(other.points).toBe(kind === 'scale' || kind === 'note' ? 0 : 2)
  })
  test('options and key go along among the kinds that choose', () => {
    const many = asKind(choice, 'multiple')
    expect(many).toMatchObject({ options: choice.kind === 'single' && choice.options, key: ['b'], credit: 'all' })
    expect(asKind({ ...many, key: ['a', 'b'] } as Item, 'single')).toMatchObject({ key: ['a'], shuffle: false })
    const ordered = asKind(choice, 'order')
    expect(ordered).toMatchObject({ key: ['a', 'b'] })
    // An order is no key of a choice.
    expect(asKind(ordered, 'multiple')).toMatchObject({ key: [], shuffle: true })
  })
  test('a cloze has as many gaps as its stem', () => {
    const stem = [{ type: 'paragraph' as const, content: [GAP, { type: 'text' as const, text: ' and ' }, GAP] }]
    expect(asKind({ ...choice, stem }, 'cloze')).toMatchObject({ gaps: [{ key: [] }, { key: [] }] })
    expect(gapsFor([{ key: ['x'] }], stem)).toEqual([{ key: ['x'] }, { key: [] }])
    expect(gapsFor([{ key: ['x'] }], [])).toEqual([])
  })
  test('what a new item lacks is said, field by field, and never by a path', () => {
    for (const kind of ITEM_KINDS) {
      const [problem] = checkItem(emptyItem(kind))
      if (problem) expect(sentence(problem)).not.toMatch(/[$[\]]/)
    }
    expect(sentence({ path: '$.options[2].content', message: 'is empty' })).toBe('Option c is empty.')
    expect(sentence({ path: '$.left[1]', message: 'is empty' })).toBe('Left part 2 is empty.')
    expect(sentence({ path: '$.columns[0]', message: 'is empty' })).toBe('Column 1 is empty.')
    expect(sentence({ path: '$.unheard', message: 'is wrong' })).toBe('Something is wrong.')
    expect(sentence(undefined)).toBe('')
  })
})

describe('what is saved', () => {
  test('empty fields are absent, and the key keeps no blank line', () => {
    const short: Item = {
      ...{ kind: 'short', stem: contentOf('What?'), points: 1, tags: [], rules: DEFAULT_TEXT_RULES },
      ...{ key: ['  rye ', '', ' '], feedback: [], hint: [], outcome: '', level: 'recall' },
    }
    expect(tidied(short)).toEqual({
      ...{ kind: 'short', stem: short.stem, points: 1, tags: [], rules: DEFAULT_TEXT_RULES },
      ...{ key: ['rye'], level: 'recall' },
    })
  })
  test('options without feedback have none; lines of a rubric that say nothing go', () => {
    const options = [{ id: 'a', content: contentOf('x'), feedback: [] }]
    expect(tidied({ ...choice, options })).toMatchObject({ options: [{ id: 'a', content: contentOf('x') }] })
    const essay: Item = {
      ...emptyItem('essay'),
      rubric: [
        { says: ' ', points: 1 },
        { says: 'Clear', points: 2 },
      ],
    } as Item
    expect(tidied(essay)).toMatchObject({ rubric: [{ says: 'Clear', points: 2 }] })
  })
  test('labels and units that are empty go; nought is no empty field', () => {
    expect(tidied({ ...emptyItem('scale'), low: 0, lowLabel: '', highLabel: 'often' } as Item)).toMatchObject({
      low: 0,
      highLabel: 'often',
      points: 0,
    })
    expect(tidied({ ...emptyItem('numeric'), unit: '', conversions: [] } as Item)).not.toHaveProperty('unit')
  })
})
