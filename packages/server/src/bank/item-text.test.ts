import { contentOf, DEFAULT_TEXT_RULES, fingerprint, type Item } from '@zakuska/core'
import { conditionOf, isOfShapes } from './bank-filter.ts'
import { asItem, differences, filedAs, searchText, signOffAfter } from './item-text.ts'

const ITEM: Item = {
  ...{ kind: 'single', stem: contentOf('Which knot makes a fixed loop?'), points: 2, tags: ['knots'], shuffle: true },
  options: [
    { id: 'a', content: contentOf('bowline') },
    { id: 'b', content: contentOf('reef knot') },
  ],
  ...{ key: ['a'], hint: contentOf('Think of rescue.'), outcome: 'K1', level: 'remember' },
}

describe('an item on its way in', () => {
  test('is taken as it is, or refused with the first thing that is wrong', () => {
    expect(asItem(ITEM)).toBe(ITEM)
    expect(() => asItem({ ...ITEM, key: ['z'] })).toThrow(/^The item cannot be kept: key/)
    expect(() => asItem({ ...ITEM, kind: 'riddle' })).toThrow(/^The item cannot be kept: kind/)
    expect(() => asItem(null)).toThrow(/^The item cannot be kept: it/)
  })
  test('shows no picture that could be an address', () => {
    const picture = (asset: string) => ({
      ...ITEM,
      stem: [{ type: 'paragraph', content: [{ type: 'picture', asset, alt: '' }] }],
    })
    expect(() => asItem(picture('https://elsewhere.example/x.png'))).toThrow('a picture of it is no picture here')
    expect(() => asItem(picture('../../secret'))).toThrow('no picture here')
    expect(() => asItem(picture('5f0c-x.png'))).not.toThrow()
  })
  test('holds no more than anybody reads', () => {
    expect(() => asItem({ ...ITEM, stem: contentOf('word '.repeat(50_000)) })).toThrow('more than 200,000 letters')
  })
})

describe('the words that an item is found by', () => {
  test.each<[string, Item, string[]]>([
    ['stem, options, hint and filing', ITEM, ['Which knot', 'bowline', 'Think of rescue', 'knots', 'K1', 'remember']],
    [
      'typed answers',
      { kind: 'short', stem: contentOf('What?'), points: 1, tags: [], key: ['ebb'], rules: DEFAULT_TEXT_RULES },
      ['ebb'],
    ],
    [
      'both sides of a matching',
      {
        kind: 'match',
        stem: contentOf('Match'),
        points: 1,
        tags: [],
        left: [contentOf('bow')],
        right: [contentOf('front')],
        key: [[0, 0]],
      },
      ['bow', 'front'],
    ],
    [
      'rows and columns',
      {
        kind: 'grid',
        stem: contentOf('Tick'),
        points: 1,
        tags: [],
        rows: [contentOf('rye')],
        columns: [contentOf('grain')],
        key: [[0, 0]],
      },
      ['rye', 'grain'],
    ],
    [
      'what gaps accept and offer',
      {
        kind: 'cloze',
        stem: contentOf('x'),
        points: 1,
        tags: [],
        gaps: [{ key: ['ebb'], choices: ['ebb', 'flood'] }],
        rules: DEFAULT_TEXT_RULES,
      },
      ['ebb', 'flood'],
    ],
    [
      'the sample of an essay',
      { kind: 'essay', stem: contentOf('Tell'), points: 1, tags: [], sample: contentOf('It was dark.') },
      ['It was dark.'],
    ],
  ])('%s', (_what, item, words) => {
    for (const word of words) expect(searchText(item)).toContain(word)
  })
  test('and what it is filed by; a check that was waived is none', () => {
    expect(filedAs(ITEM)).toMatchObject({
      kind: 'single',
      points: 2,
      outcome: 'K1',
      difficulty: null,
      hasKey: true,
      hasPicture: false,
    })
    const negative: Item = { ...ITEM, stem: contentOf('Which knot does not make a loop?') }
    const [code] = filedAs(negative).findings
    expect(code).toBeDefined()
    if (code) expect(filedAs(negative, [{ code }]).findings).not.toContain(code)
  })
})

describe('a sign-off and a change', () => {
  const signOff = { by: 'Iris', at: '', remark: '', fingerprint: fingerprint(ITEM) }
  test('it stays where nothing shown or graded changed, and goes with the key', () => {
    expect(signOffAfter(signOff, { ...ITEM, tags: ['loops'] })).toBe(signOff)
    expect(signOffAfter(signOff, { ...ITEM, key: ['b'] })).toBeNull()
    expect(signOffAfter(null, ITEM)).toBeNull()
  })
  test('what differs is named', () => {
    expect(differences(ITEM, { ...ITEM, points: 3, language: 'en' })).toBe('points, language')
    expect(differences(ITEM, { ...ITEM })).toBe('nothing')
  })
})

describe('a filter as a condition', () => {
  test('every value is a parameter, never part of the statement', () => {
    const nasty = `x'; drop table bank_item; --`
    const { sql, values } = conditionOf('w', { tag: nasty, kind: nasty, category: nasty, outcome: nasty, text: nasty })
    expect(sql).not.toContain('drop')
    expect(values.filter((value) => value === nasty)).toHaveLength(5)
    expect((sql.match(/\?/g) ?? []).length).toBe(values.length)
  })
  test('words match at their start; quotes and a minus ask for phrases', () => {
    expect(conditionOf('w', { text: 'fixed lo' }).values).toContain('fixed:* & lo:*')
    expect(conditionOf('w', { text: '"fixed loop" -reef' }).sql).toContain('websearch_to_tsquery')
    expect(conditionOf('w', { text: ' *&|! ' }).sql).not.toContain('tsquery')
  })
  test('yes and no, in papers, and bands', () => {
    expect(conditionOf('w', { signedOff: 'no', hasKey: 'yes' }).sql).toContain('not i.signed_off and i.has_key')
    expect(conditionOf('w', { used: 'no' }).sql).toMatch(/not \(i\.id in/)
    expect(conditionOf('w', { tells: 'backwards' }).sql).toContain('i.discrimination < -0.05')
    expect(conditionOf('w', {}, 'bank_shape').sql).toBe('i.workspace_id = ?')
  })
  test('shapes tell the count where no words and no figures are asked for', () => {
    expect(isOfShapes({ tag: 'x', signedOff: 'no' })).toBe(true)
    for (const filter of [{ text: 'x' }, { used: 'yes' as const }, { tells: 'well' as const }])
      expect(isOfShapes(filter)).toBe(false)
  })
})
