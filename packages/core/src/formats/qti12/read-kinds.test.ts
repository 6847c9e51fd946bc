import { outlineOf } from '../../item/outline.ts'
import type { Item } from '../../item/model.ts'
import { qti12 } from './index.ts'

const encoder = new TextEncoder()

function read(item: string): { readonly items: readonly Item[]; readonly reasons: readonly string[] } {
  const bytes = encoder.encode(`<questestinterop><section ident="s">${item}</section></questestinterop>`)
  const { items, unread } = qti12.read({ form: 'package', files: [{ path: 'a.xml', bytes }] })
  return { items, reasons: unread.map(({ reason }) => reason) }
}

function only(item: string): Item {
  const { items, reasons } = read(item)
  expect([items.length, reasons]).toEqual([1, []])
  return items[0] as Item
}

const text = (words: string): string => `<material><mattext>${words}</mattext></material>`
const labels = (...words: readonly string[]): string =>
  words.map((word, at) => `<response_label ident="${'ABCDE'.charAt(at)}">${text(word)}</response_label>`).join('')
const itemOf = (presentation: string, conditions: string, more = '', bounds = ' maxvalue="2"'): string =>
  `<item ident="i">${more}<presentation>${text('Which?')}${presentation}</presentation><resprocessing><outcomes><decvar varname="SCORE"${bounds}/></outcomes>${conditions}</resprocessing></item>`
const set = (test: string, amount: number | string, action = 'Set', goOn = 'No'): string =>
  `<respcondition continue="${goOn}"><conditionvar>${test}</conditionvar><setvar varname="SCORE" action="${action}">${amount}</setvar></respcondition>`
const equal = (value: string, more = ''): string => `<varequal respident="R"${more}>${value}</varequal>`
const lid = (cardinality: string, words: readonly string[], render = '<render_choice>'): string =>
  `<response_lid ident="R" rcardinality="${cardinality}">${render}${labels(...words)}</render_choice></response_lid>`
const SIDES = ['port', 'starboard', 'aft']

// Responses and conditions as the ASI Information Model 1.2 defines them (sections 3.4 and 3.5); the wording is our own.
describe('choices', () => {
  test('one, in an order that stays unless it says otherwise', () => {
    expect(only(itemOf(lid('Single', SIDES), set(equal('B'), 2)))).toMatchObject({
      kind: 'single',
      key: ['B'],
      points: 2,
      shuffle: false,
    })
    expect(only(itemOf(lid('Single', SIDES, '<render_choice shuffle="Yes">'), set(equal('B'), 2)))).toMatchObject({
      shuffle: true,
    })
  })
  test('another that earns a part', () =>
    expect(only(itemOf(lid('Single', SIDES), set(equal('B'), 2) + set(equal('C'), 1)))).toMatchObject({
      key: ['B'],
      weights: { C: 0.5 },
    }))
  test('two that earn the same: one is the key, the other earns as much', () =>
    expect(only(itemOf(lid('Single', SIDES), set(equal('A'), 2) + set(equal('C'), 2)))).toMatchObject({
      key: ['A'],
      weights: { C: 1 },
    }))
  test('one that takes points away is said', () => {
    const { items, reasons } = read(
      itemOf(lid('Single', SIDES), set(equal('B'), 2) + set(equal('C'), -1), '', ' minvalue="-2" maxvalue="2"'),
    )
    expect(items[0]).not.toHaveProperty('weights')
    expect(reasons).toEqual(['Choices that take points away take none here.'])
  })
  test('judgements', () =>
    expect(only(itemOf(lid('Single', ['True', 'False']), set(equal('B'), 2)))).toMatchObject({
      kind: 'truefalse',
      key: [false],
    }))
  test('steps without a key', () =>
    expect(only(itemOf(lid('Single', ['1 – never', '2', '3 – always']), ''))).toMatchObject({
      kind: 'scale',
      low: 1,
      high: 3,
      lowLabel: 'never',
      highLabel: 'always',
      points: 0,
    }))
  test('no key', () => expect(only(itemOf(lid('Single', SIDES), ''))).toMatchObject({ kind: 'single', key: [] }))
  test('one choice is none', () =>
    expect(read(itemOf(lid('Single', ['port']), set(equal('A'), 2))).reasons).toEqual([
      'The item offers fewer than two choices.',
    ]))
})

describe('several choices', () => {
  const many = (conditions: string): Item => only(itemOf(lid('Multiple', SIDES), conditions))
  test('each adding its share, a wrong one taking it back', () =>
    expect(
      many(set(equal('A'), 1, 'Add', 'Yes') + set(equal('B'), 1, 'Add', 'Yes') + set(equal('C'), 1, 'Subtract', 'Yes')),
    ).toMatchObject({ kind: 'multiple', credit: 'each', key: ['A', 'B'] }))
  test('each adding a share of its own', () =>
    expect(many(set(equal('A'), 1.5, 'Add', 'Yes') + set(equal('B'), 0.5, 'Add', 'Yes'))).toMatchObject({
      credit: 'weights',
      weights: { A: 0.75, B: 0.25, C: 0 },
    }))
  test('all at once', () => {
    expect(many(set(`<and>${equal('A')}<not>${equal('B')}</not>${equal('C')}</and>`, 2))).toMatchObject({
      credit: 'all',
      key: ['A', 'C'],
    })
    expect(many(set('<varsubset respident="R">A, C</varsubset>', 2))).toMatchObject({ credit: 'all', key: ['A', 'C'] })
  })
})

describe('orders and pairs', () => {
  test('an order by the places of its labels', () =>
    expect(
      only(
        itemOf(
          lid('Ordered', SIDES),
          set(equal('C', ' index="1"') + equal('A', ' index="2"') + equal('B', ' index="3"'), 2),
        ),
      ),
    ).toMatchObject({ kind: 'order', key: ['C', 'A', 'B'] }))
  const grouped = (conditions: string, groups = ' match_group="C,D"'): string => {
    const own = (ident: string, word: string, more = ''): string =>
      `<response_label ident="${ident}"${more}>${text(word)}</response_label>`
    return itemOf(
      `<response_grp ident="R" rcardinality="Multiple"><render_choice>${own('A', 'bow', groups)}${own('B', 'stern', groups)}${own('C', 'rear')}${own('D', 'front')}</render_choice></response_grp>`,
      conditions,
    )
  }
  test('labels dragged onto others, each for its share or all at once', () => {
    const each = only(grouped(set(equal('A,D'), 1, 'Add', 'Yes') + set(equal('C, B'), 1, 'Add', 'Yes')))
    expect(outlineOf(each)).toMatchObject({
      kind: 'match',
      left: ['bow', 'stern'],
      right: ['rear', 'front'],
      key: [
        [0, 1],
        [1, 0],
      ],
    })
    expect(each).not.toHaveProperty('credit')
    expect(only(grouped(set(equal('A,D') + equal('B,C'), 2)))).toMatchObject({ credit: 'all' })
  })
  test.each<[string, string, string | undefined, string]>([
    ['nothing to drag', set(equal('A,D'), 2), '', 'A group of labels without two lists to match is not held.'],
    ['a stranger', set(equal('A,Z'), 2), undefined, 'A group of labels without two lists to match is not held.'],
    [
      'two partners',
      set(equal('A,D'), 1, 'Add', 'Yes') + set(equal('A,C'), 1, 'Add', 'Yes'),
      undefined,
      'Something on the left has two right partners.',
    ],
  ])('%s: not held', (_name, conditions, groups, reason) =>
    expect(read(grouped(conditions, groups)).reasons).toEqual([reason]),
  )
})

const fib = (more = '', name = 'response_str'): string =>
  `<${name} ident="R" rcardinality="Single"><render_fib${more}/></${name}>`

describe('what is typed', () => {
  test('a word, letters told apart where it says so', () => {
    expect(only(itemOf(fib(), set(equal('port'), 2)))).toMatchObject({
      kind: 'short',
      key: ['port'],
      rules: { letterCase: 'ignore' },
    })
    expect(only(itemOf(fib(), set(equal('port', ' case="Yes"'), 2)))).toMatchObject({
      rules: { letterCase: 'respect' },
    })
  })
  test('several, of which one earns a part', () => {
    const { items, reasons } = read(
      itemOf(fib(), set(`<or>${equal('port')}${equal('left')}</or>`, 2) + set(equal('side'), 1)),
    )
    expect(items[0]).toMatchObject({ key: ['port', 'left'] })
    expect(reasons).toEqual(['Answers that earn only a part of the points are left out: side.'])
  })
  test('a number, by its response, its box or its bounds', () => {
    const key = [{ value: 12, tolerance: 0 }]
    expect(only(itemOf(fib('', 'response_num'), set(equal('12'), 2)))).toMatchObject({ kind: 'numeric', key })
    expect(only(itemOf(fib(' fibtype="Integer"'), set(equal('12'), 2)))).toMatchObject({ kind: 'numeric', key })
    const bounds = '<vargte respident="R">3</vargte><varlte respident="R">4</varlte>'
    expect(only(itemOf(fib(), set(bounds, 2)))).toMatchObject({ kind: 'numeric', key: [{ min: 3, max: 4 }] })
  })
  test('a second band for a part, open bounds said', () => {
    const open = '<vargt respident="R">3</vargt><varlt respident="R">4</varlt>'
    const { items, reasons } = read(itemOf(fib('', 'response_num'), set(equal('3.5'), 2) + set(open, 1)))
    expect(items[0]).toMatchObject({
      key: [
        { value: 3.5, tolerance: 0 },
        { min: 3, max: 4, credit: 0.5 },
      ],
    })
    expect(reasons).toEqual(['A bound that itself does not count was read as one that does.'])
  })
  test('nothing that is compared: an essay, with what the scorer is told', () => {
    const told = (words: string): string => `<itemrubric view="Scorer">${text(words)}</itemrubric>`
    const essay = (rubrics: string): Item => only(itemOf(fib(), '').replace('</item>', `${rubrics}</item>`))
    expect(essay('')).toMatchObject({ kind: 'essay', points: 2 })
    expect(essay(told('Names the wind (2)'))).toMatchObject({ rubric: [{ says: 'Names the wind', points: 2 }] })
    expect(outlineOf(essay(told('It keeps them upright.')))).toMatchObject({ sample: 'It keeps them upright.' })
    expect(outlineOf(essay(told('Write much.').replace('Scorer', 'Candidate')))).not.toHaveProperty('sample')
  })
})

// Weights as profiles and course sites name them (common practice); the score where none is named.
test.each<[string, string, string, number]>([
  ['the upper bound of the score', '', ' maxvalue="3"', 3],
  [
    'a weight of the cartridge profile',
    '<qtimetadatafield><fieldlabel>cc_weighting</fieldlabel><fieldentry>5</fieldentry></qtimetadatafield>',
    ' maxvalue="100"',
    5,
  ],
  [
    'a weight of other writers',
    '<qtimetadatafield><fieldlabel>points_possible</fieldlabel><fieldentry>4</fieldentry></qtimetadatafield>',
    ' maxvalue="100"',
    4,
  ],
  [
    'a greatest score',
    '<qtimetadatafield><fieldlabel>qmd_maximumscore</fieldlabel><fieldentry>6</fieldentry></qtimetadatafield>',
    ' maxvalue="100"',
    6,
  ],
  [
    'a weight of nought says nothing',
    '<qtimetadatafield><fieldlabel>qmd_weighting</fieldlabel><fieldentry>0</fieldentry></qtimetadatafield>',
    ' maxvalue="3"',
    3,
  ],
  [
    'a percentage of the profile is one',
    '<qtimetadatafield><fieldlabel>cc_profile</fieldlabel><fieldentry>cc.multiple_choice.v0p1</fieldentry></qtimetadatafield>',
    ' maxvalue="100"',
    1,
  ],
  [
    'another bound of the profile stays',
    '<qtimetadatafield><fieldlabel>cc_profile</fieldlabel><fieldentry>cc.multiple_choice.v0p1</fieldentry></qtimetadatafield>',
    ' maxvalue="50"',
    50,
  ],
  ['a hundred without a profile', '', ' maxvalue="100"', 100],
])('points: %s', (_name, fields, bounds, points) => {
  const metadata = `<itemmetadata><qtimetadata>${fields}</qtimetadata></itemmetadata>`
  const most = Number(/\d+/.exec(bounds)?.[0])
  expect(only(itemOf(lid('Single', SIDES), set(equal('B'), most), metadata, bounds))).toMatchObject({
    points,
    key: ['B'],
  })
})

test('nothing to answer is a note', () =>
  expect(only(`<item ident="i"><presentation>${text('Bring a pencil.')}</presentation></item>`)).toMatchObject({
    kind: 'note',
    points: 0,
  }))

describe('several questions in one item', () => {
  const two = (first: string, second: string): string =>
    `<item ident="i"><presentation>${text(first)}${lid('Single', SIDES).replace('"R"', '"Q1"')}${text(second)}${lid('Single', ['red', 'green']).replace('"R"', '"Q2"')}</presentation><resprocessing><outcomes><decvar varname="SCORE" maxvalue="4"/></outcomes>${set(equal('A').replace('"R"', '"Q1"'), 3, 'Add', 'Yes')}${set(equal('B').replace('"R"', '"Q2"'), 1, 'Add', 'Yes')}</resprocessing></item>`
  test('an item for each, worth what it earns alone', () => {
    const { items } = read(two('Which side?', 'Which light?'))
    expect(items).toMatchObject([
      { key: ['A'], points: 3 },
      { key: ['B'], points: 1 },
    ])
    expect(items.map((item) => outlineOf(item)['stem'])).toEqual(['Which side?', 'Which light?'])
  })
  test('where their text goes on, they are one text', () =>
    expect(read(two('The left side is', 'and its light is')).items.map(({ kind }) => kind)).toEqual(['cloze']))
})
