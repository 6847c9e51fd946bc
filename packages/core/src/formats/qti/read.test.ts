import { outlineOf } from '../../item/outline.ts'
import type { Item } from '../../item/model.ts'
import { readPackage } from './read-item.ts'

const NS = 'xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1"'
const encoder = new TextEncoder()

/** A file with one item in it. */
function file(declarations: string, body: string, rules = MATCH, more = ''): string {
  return `<assessmentItem ${NS} identifier="i" title="T" adaptive="false" timeDependent="false"${more}>${declarations}<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><itemBody>${body}</itemBody>${rules}</assessmentItem>`
}

const template = (name: string) =>
  `<responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/${name}"/>`
const MATCH = template('match_correct')
const MAP = template('map_response')

function declared(
  type: string,
  correct: readonly string[] | null,
  mapped: Readonly<Record<string, number>> = {},
  name = 'RESPONSE',
): string {
  const [cardinality, baseType] = type.split(' ')
  const values =
    correct && `<correctResponse>${correct.map((one) => `<value>${one}</value>`).join('')}</correctResponse>`
  const entries = Object.entries(mapped).map(([key, value]) => `<mapEntry mapKey="${key}" mappedValue="${value}"/>`)
  return `<responseDeclaration identifier="${name}" cardinality="${cardinality}" baseType="${baseType}">${values ?? ''}${entries.length ? `<mapping defaultValue="0">${entries.join('')}</mapping>` : ''}</responseDeclaration>`
}

function readFile(xml: string): { readonly items: readonly Item[]; readonly reasons: readonly string[] } {
  const { items, unread } = readPackage({ form: 'package', files: [{ path: 'item.xml', bytes: encoder.encode(xml) }] })
  return { items, reasons: unread.map(({ reason }) => reason) }
}

/** The one item of a file, as its outline. */
function only(xml: string): Readonly<Record<string, unknown>> {
  const { items, reasons } = readFile(xml)
  expect([items.length, reasons]).toEqual([1, []])
  return outlineOf(items[0] as Item)
}

/** Why no item comes of a file. */
function whyNot(xml: string): readonly string[] {
  const { items, reasons } = readFile(xml)
  expect(items).toEqual([])
  return reasons
}

const choices = (...texts: readonly string[]): string =>
  texts.map((text, at) => `<simpleChoice identifier="${'ABCDEF'.charAt(at)}">${text}</simpleChoice>`).join('')
const choose = (texts: readonly string[], more = '', prompt = '<prompt>Which?</prompt>'): string =>
  `<choiceInteraction responseIdentifier="RESPONSE" shuffle="true" maxChoices="1"${more}>${prompt}${choices(...texts)}</choiceInteraction>`
const SIDES = ['port', 'starboard', 'aft']

// Interactions as the QTI 2.1 Information Model defines them (section 7); the wording is our own.
describe('a choice (7.3, choiceInteraction)', () => {
  test('with its key, in an order that may change', () => {
    const item = readFile(file(declared('single identifier', ['B']), choose(SIDES))).items[0]
    expect(item).toMatchObject({ kind: 'single', points: 1, key: ['B'], shuffle: true })
    expect(item).not.toHaveProperty('weights')
  })
  test('in the order that it has', () =>
    expect(
      readFile(file(declared('single identifier', ['B']), choose(SIDES).replace('"true"', '"false"'))).items[0],
    ).toMatchObject({ shuffle: false }))
  test('of several right values to a single response, the first in the order of the choices counts', () =>
    expect(only(file(declared('single identifier', ['C', 'A']), choose(SIDES)))).toMatchObject({ key: [0] }))
  test('with a part for a distractor, by its mapping', () => {
    const xml = file(declared('single identifier', ['B'], { B: 2, C: 1 }), choose(SIDES), MAP)
    expect(readFile(xml).items[0]).toMatchObject({ points: 2, key: ['B'], weights: { C: 0.5 } })
  })
  test('with a mapping alone', () =>
    expect(only(file(declared('single identifier', null, { B: 2, A: 0 }), choose(SIDES), MAP))).toMatchObject({
      key: [1],
      points: 2,
    }))
  test('whose declared key earns nothing while another choice does', () => {
    const { items, reasons } = readFile(file(declared('single identifier', ['A'], { B: 1 }), choose(SIDES), MAP))
    expect(items[0]).toMatchObject({ key: ['A'] })
    expect(reasons).toEqual([expect.stringContaining('Check the key')])
  })
  test('without a key', () =>
    expect(only(file(declared('single identifier', null), choose(SIDES)))).toMatchObject({ kind: 'single', key: [] }))
  test('of two judgements', () =>
    expect(only(file(declared('single identifier', ['B']), choose(['True', 'False'])))).toMatchObject({
      kind: 'truefalse',
      key: [false],
    }))
  test('of steps without a key is a scale', () => {
    const steps = ['1 – never', '2', '3', '4 – always']
    expect(only(file(declared('single identifier', null), choose(steps)))).toMatchObject({ kind: 'scale', points: 0 })
  })
  test('of numbers of the class of scales is one, with its labels', () => {
    const xml = file(declared('single identifier', null), choose(['1 – never', '2', '3 – always'], ' class="scale"'))
    expect(only(xml)).toMatchObject({ kind: 'scale', low: 1, high: 3, lowLabel: 'never', highLabel: 'always' })
    const bare = only(file(declared('single identifier', null), choose(['-1', '0', '1'], ' class="scale"')))
    expect(bare).toMatchObject({ low: -1, high: 1 })
    expect(bare).not.toHaveProperty('lowLabel')
  })
  test('of one choice is none', () =>
    expect(whyNot(file(declared('single identifier', ['A']), choose(['port'])))).toEqual([
      'The interaction offers fewer than two choices.',
    ]))
  test('that no declaration answers to', () =>
    expect(whyNot(file('', choose(SIDES)))).toEqual(['An interaction has no response declaration.']))
})

describe('several choices', () => {
  const many = (correct: readonly string[] | null, mapped = {}, rules = MATCH) =>
    readFile(file(declared('multiple identifier', correct, mapped), choose(SIDES).replace('"1"', '"0"'), rules))
      .items[0]
  test('that must all be right', () =>
    expect(many(['A', 'C'])).toMatchObject({ kind: 'multiple', key: ['A', 'C'], credit: 'all', points: 1 }))
  test('that each earn their share, a wrong one taking it back', () =>
    expect(many(['A', 'B'], { A: 1, B: 1, C: -1 }, MAP)).toMatchObject({ credit: 'each', points: 2 }))
  test('that each earn a share of their own', () =>
    expect(many(['A', 'B'], { A: 3, B: 1, C: -8 }, MAP)).toMatchObject({
      credit: 'weights',
      points: 4,
      weights: { A: 0.75, B: 0.25, C: -1 },
    }))
  test('by their mapping alone', () =>
    expect(many(null, { A: 1, B: 1, C: -1 }, MAP)).toMatchObject({ key: ['A', 'B'] }))
  test('whose key only the rules know', () => {
    const rules =
      '<responseProcessing><responseCondition><responseIf><match><variable identifier="RESPONSE"/><multiple><baseValue baseType="identifier">A</baseValue><baseValue baseType="identifier">C</baseValue></multiple></match><setOutcomeValue identifier="SCORE"><baseValue baseType="float">3</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing>'
    expect(many(null, {}, rules)).toMatchObject({ key: ['A', 'C'], points: 3 })
  })
})

const order = (correct: readonly string[] | null): string =>
  file(
    declared('ordered identifier', correct),
    `<orderInteraction responseIdentifier="RESPONSE" shuffle="true"><prompt>Order.</prompt>${choices(...SIDES)}</orderInteraction>`,
  )

describe('an order (7.3, orderInteraction)', () => {
  test('with its key', () =>
    expect(only(order([' C ', 'A', 'B']))).toMatchObject({ kind: 'order', stem: 'Order.', key: [2, 0, 1], points: 1 }))
  test('without a key', () => expect(only(order(null))).toMatchObject({ kind: 'order', key: [] }))
  test('whose key leaves choices out', () =>
    expect(whyNot(order(['C', 'A']))).toEqual(['The right order leaves choices out.']))
})

const set = (members: Readonly<Record<string, string>>, more = ''): string =>
  `<simpleMatchSet>${Object.entries(members)
    .map(
      ([id, text]) => `<simpleAssociableChoice identifier="${id}" matchMax="1"${more}>${text}</simpleAssociableChoice>`,
    )
    .join('')}</simpleMatchSet>`
const joined = (
  correct: readonly string[] | null,
  mapped = {},
  rules = MATCH,
  right = set({ x: 'rear', y: 'front' }),
  more = '',
) =>
  file(
    declared('multiple directedPair', correct, mapped),
    `<matchInteraction responseIdentifier="RESPONSE" shuffle="true" maxAssociations="2"${more}><prompt>Match.</prompt>${set({ a: 'bow', b: 'stern' })}${right}</matchInteraction>`,
    rules,
  )

describe('two sets to join (7.3, matchInteraction)', () => {
  test('in pairs, that must all be right', () => {
    const item = readFile(joined(['b x', 'a y'])).items[0]
    expect(item).toMatchObject({
      kind: 'match',
      credit: 'all',
      points: 1,
      key: [
        [0, 1],
        [1, 0],
      ],
    })
  })
  test('in pairs, that each earn their share', () => {
    const item = readFile(joined(['a y', 'b x'], { 'a y': 1, 'b x': 1 }, MAP)).items[0]
    expect(item).toMatchObject({ kind: 'match', points: 2 })
    expect(item).not.toHaveProperty('credit')
  })
  test('by a mapping alone', () =>
    expect(only(joined(null, { 'a y': 1, 'b x': 1, 'a x': 0 }, MAP))).toMatchObject({
      key: [
        [0, 1],
        [1, 0],
      ],
    }))
  test('where a partner is taken twice, in a grid', () =>
    expect(only(joined(['a x', 'b x']))).toMatchObject({
      kind: 'grid',
      rows: ['bow', 'stern'],
      key: [
        [0, 0],
        [1, 0],
      ],
    }))
  test('where partners may be taken again, in a grid', () => {
    const right = set({ x: 'rear', y: 'front' }).replaceAll('matchMax="1"', 'matchMax="0"')
    expect(only(joined(['a x', 'b y'], {}, MATCH, right))).toMatchObject({ kind: 'grid' })
  })
  test('as the class says', () => {
    expect(only(joined(['a x', 'b y'], {}, MATCH, undefined, ' class="grid"'))).toMatchObject({ kind: 'grid' })
    expect(only(joined(['a x', 'b y'], {}, MATCH, undefined, ' class="match-tabular"'))).toMatchObject({
      kind: 'match',
    })
    expect(only(joined(['a x', 'b x'], {}, MATCH, undefined, ' class="match"'))).toMatchObject({ kind: 'match' })
  })
  test.each<[string, readonly string[], string]>([
    ['names what is in no set', ['a y', 'b z'], 'A right pair names what is in no set.'],
    ['gives one two partners', ['a y', 'a x'], 'Something on the left has two right partners.'],
  ])('whose key %s', (_name, key, reason) => expect(whyNot(joined(key))).toEqual([reason]))
  test('without its second set', () =>
    expect(whyNot(joined(['a y'], {}, MATCH, ''))).toEqual(['The match interaction has no two sets.']))
})

const associated = (correct: readonly string[] | null) =>
  file(
    declared('multiple pair', correct),
    `<associateInteraction responseIdentifier="RESPONSE" shuffle="true" maxAssociations="2"><prompt>Pair.</prompt>${['bow', 'stern', 'front', 'rear', 'mast'].map((text) => `<simpleAssociableChoice identifier="${text}" matchMax="1">${text}</simpleAssociableChoice>`).join('')}</associateInteraction>`,
  )

describe('pairs of one set (7.3, associateInteraction)', () => {
  test('become two lists, what is in no pair on the right', () => {
    const { items, reasons } = readFile(associated(['stern rear', 'bow front']))
    expect(items[0]).toMatchObject({
      kind: 'match',
      credit: 'all',
      key: [
        [0, 0],
        [1, 1],
      ],
    })
    expect(outlineOf(items[0] as Item)).toMatchObject({ left: ['bow', 'stern'], right: ['front', 'rear', 'mast'] })
    expect(reasons).toEqual(['Pairs of one set became two lists to match.'])
  })
  test.each<[string, readonly string[] | null, string]>([
    ['without a key', null, 'Pairs of one set without a key are not held.'],
    ['with one in two pairs', ['bow front', 'bow rear'], 'A member of the set is in several right pairs.'],
    ['with a stranger', ['bow keel'], 'A right pair names what is not in the set.'],
  ])('%s are not held', (_name, key, reason) => expect(whyNot(associated(key))).toEqual([reason]))
})

const typed = (
  declaration: string,
  body = '<p>Name it: <textEntryInteraction responseIdentifier="RESPONSE"/></p>',
  rules = MATCH,
) => file(declaration, body, rules)

describe('a typed answer (7.2, textEntryInteraction)', () => {
  test('letters told apart, where nothing says otherwise', () => {
    const item = readFile(typed(declared('single string', ['port']))).items[0]
    expect(item).toMatchObject({ kind: 'short', key: ['port'], points: 1, rules: { letterCase: 'respect' } })
  })
  test('what is mapped to as much counts as well, what is mapped to less is said', () => {
    const { items, reasons } = readFile(
      typed(declared('single string', ['port'], { port: 2, left: 2, side: 1, aft: 0 }), undefined, MAP),
    )
    expect(items[0]).toMatchObject({ key: ['port', 'left'], points: 2 })
    expect(reasons).toEqual(['Answers that earn only a part of the points are left out: side.'])
  })
  test('letter case does not count where no entry of the key says so', () => {
    const one = declared('single string', ['port'], { port: 1 }).replace(
      'mappedValue="1"',
      'mappedValue="1" caseSensitive="false"',
    )
    expect(readFile(typed(one, undefined, MAP)).items[0]).toMatchObject({ rules: { letterCase: 'ignore' } })
    const two = declared('single string', ['port'], { port: 1, Left: 1 }).replace(
      'mapKey="port"',
      'mapKey="port" caseSensitive="false"',
    )
    expect(readFile(typed(two, undefined, MAP)).items[0]).toMatchObject({ rules: { letterCase: 'respect' } })
  })
  test('without a key', () =>
    expect(only(typed(declared('single string', null)))).toMatchObject({ kind: 'short', key: [], points: 1 }))
  test('of a type that nobody types', () =>
    expect(whyNot(typed(declared('single point', ['1 2'])))).toEqual(['A typed answer of type point is not held.']))
  test('a number, exactly', () =>
    expect(only(typed(declared('single integer', ['12'])))).toMatchObject({
      kind: 'numeric',
      key: [{ value: 12, tolerance: 0 }],
      points: 1,
    }))
  test('a number with a unit beside the box', () =>
    expect(
      only(
        typed(
          declared('single float', ['12']),
          '<p>How deep?</p><p><textEntryInteraction responseIdentifier="RESPONSE"/><span class="unit"> m </span></p>',
        ),
      ),
    ).toMatchObject({ stem: 'How deep?', unit: 'm' }))
})

const compared = (...branches: readonly (readonly [test: string, points: number])[]): string => {
  const rule = ([test, points]: readonly [string, number], at: number): string => {
    const name = at ? 'responseElseIf' : 'responseIf'
    return `<${name}>${test}<setOutcomeValue identifier="SCORE"><baseValue baseType="float">${points}</baseValue></setOutcomeValue></${name}>`
  }
  const rules = `<responseProcessing><responseCondition>${branches.map(rule).join('')}</responseCondition></responseProcessing>`
  return typed(declared('single float', ['12']), undefined, rules)
}
const V = '<variable identifier="RESPONSE"/>'
const base = (value: number): string => `<baseValue baseType="float">${value}</baseValue>`

// Expressions: section 11.3 (equal, equalRounded, gte, lte, gt, lt, and, or).
describe('a number by its rules', () => {
  test.each<[string, string, object[]]>([
    ['exactly', `<equal toleranceMode="exact">${V}${base(7)}</equal>`, [{ value: 7, tolerance: 0 }]],
    [
      'the correct one',
      `<equal toleranceMode="exact">${V}<correct identifier="RESPONSE"/></equal>`,
      [{ value: 12, tolerance: 0 }],
    ],
    [
      'with an absolute tolerance',
      `<equal toleranceMode="absolute" tolerance="0.5">${V}${base(7)}</equal>`,
      [{ value: 7, tolerance: 0.5 }],
    ],
    [
      'with one on each side',
      `<equal toleranceMode="absolute" tolerance="0.5 1">${V}${base(7)}</equal>`,
      [{ min: 6.5, max: 8 }],
    ],
    [
      'with a relative one',
      `<equal toleranceMode="relative" tolerance="10">${V}${base(-7)}</equal>`,
      [{ value: -7, tolerance: 0.7 }],
    ],
    ['between bounds', `<and><gte>${V}${base(3)}</gte><lte>${V}${base(4)}</lte></and>`, [{ min: 3, max: 4 }]],
    [
      'one of two',
      `<or><equal toleranceMode="exact">${V}${base(3)}</equal><equal toleranceMode="exact">${V}${base(4)}</equal></or>`,
      [
        { value: 3, tolerance: 0 },
        { value: 4, tolerance: 0 },
      ],
    ],
    [
      'within two conditions',
      `<and><equal toleranceMode="exact">${V}${base(3)}</equal><not><isNull>${V}</isNull></not></and>`,
      [{ value: 3, tolerance: 0 }],
    ],
  ])('%s', (_name, test, key) => {
    const { items, reasons } = readFile(compared([test, 2]))
    expect([items[0], reasons]).toMatchObject([{ kind: 'numeric', points: 2, key }, []])
  })
  test('a second band earns a part', () =>
    expect(
      readFile(
        compared(
          [`<equal toleranceMode="exact">${V}${base(7)}</equal>`, 4],
          [`<equal toleranceMode="absolute" tolerance="1">${V}${base(7)}</equal>`, 1],
        ),
      ).items[0],
    ).toMatchObject({
      points: 4,
      key: [
        { value: 7, tolerance: 0 },
        { value: 7, tolerance: 1, credit: 0.25 },
      ],
    }))
  test('what earns nothing is no band, what is about another variable neither', () =>
    expect(
      readFile(
        compared(
          [`<equal toleranceMode="exact">${V}${base(7)}</equal>`, 1],
          [`<equal toleranceMode="exact">${V}${base(8)}</equal>`, 0],
          [`<equal toleranceMode="exact"><variable identifier="OTHER"/>${base(9)}</equal>`, 1],
        ),
      ).items[0],
    ).toMatchObject({ key: [{ value: 7, tolerance: 0 }] }))
  test('rounding, and a bound that does not count, are said', () => {
    expect(
      readFile(compared([`<equalRounded roundingMode="decimalPlaces" figures="1">${V}${base(7)}</equalRounded>`, 1]))
        .reasons,
    ).toEqual(['That the number is rounded before it is compared was left out.'])
    const open = readFile(compared([`<and><gt>${V}${base(3)}</gt><lt>${V}${base(4)}</lt></and>`, 1]))
    expect(open.items[0]).toMatchObject({ key: [{ min: 3, max: 4 }] })
    expect(new Set(open.reasons)).toEqual(new Set(['A bound that itself does not count was read as one that does.']))
  })
})

const gap = (name: string): string => `<textEntryInteraction responseIdentifier="${name}"/>`
const drop = (name: string): string =>
  `<inlineChoiceInteraction responseIdentifier="${name}" shuffle="false"><inlineChoice identifier="p">port</inlineChoice><inlineChoice identifier="s">starboard</inlineChoice></inlineChoiceInteraction>`

describe('a text with gaps', () => {
  test('typed and chosen ones', () => {
    const xml = file(
      declared('single string', ['port'], {}, 'G1') + declared('single identifier', ['s'], {}, 'G2'),
      `<p>Left is ${gap('G1')}, right is ${drop('G2')}.</p>`,
    )
    expect(only(xml)).toMatchObject({
      kind: 'cloze',
      stem: 'Left is ___, right is ___.',
      key: [['port'], ['starboard']],
      choices: [null, ['port', 'starboard']],
    })
  })
  test('one box to choose in', () =>
    expect(
      only(file(declared('single identifier', null, { s: 1 }), `<p>Right is ${drop('RESPONSE')}.</p>`, MAP)),
    ).toMatchObject({ kind: 'cloze', key: [['starboard']], points: 1 }))
  test('that only earn together, or each a share', () => {
    const declarations =
      declared('single string', ['port'], { port: 1 }, 'G1') + declared('single string', ['aft'], { aft: 1 }, 'G2')
    const sum = `<responseProcessing><setOutcomeValue identifier="SCORE"><sum><mapResponse identifier="G1"/><mapResponse identifier="G2"/></sum></setOutcomeValue></responseProcessing>`
    const match = (name: string): string =>
      `<match><variable identifier="${name}"/><correct identifier="${name}"/></match>`
    const both = `<responseProcessing><responseCondition><responseIf><and>${match('G1')}${match('G2')}</and><setOutcomeValue identifier="SCORE"><baseValue baseType="float">3</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing>`
    const body = `<p>${gap('G1')} and ${gap('G2')}</p>`
    const [each] = readFile(file(declarations, body, sum)).items
    expect(each).toMatchObject({ kind: 'cloze', points: 2 })
    expect(each).not.toHaveProperty('credit')
    expect(readFile(file(declarations, body, both)).items[0]).toMatchObject({ credit: 'all', points: 3 })
  })
  test('with words to drag (7.3, gapMatchInteraction)', () => {
    const dragged = (
      declaration: string,
      words = '<gapText identifier="w1" matchMax="1">port</gapText><gapText identifier="w2" matchMax="1">aft</gapText>',
    ) =>
      file(
        declaration,
        `<gapMatchInteraction responseIdentifier="RESPONSE" shuffle="true"><prompt>Drag.</prompt>${words}<p>Left is <gap identifier="g1"/>, behind is <gap identifier="g2"/>.</p></gapMatchInteraction>`,
        MAP,
      )
    expect(only(dragged(declared('multiple directedPair', ['w1 g1'], { 'w1 g1': 1 })))).toMatchObject({
      kind: 'cloze',
      key: [['port'], []],
      bank: ['port', 'aft'],
    })
    expect(only(dragged(declared('multiple directedPair', null, { 'w1 g1': 1, 'w2 g2': 1 })))).toMatchObject({
      key: [['port'], ['aft']],
      points: 2,
    })
    expect(whyNot(dragged(declared('multiple directedPair', null), ''))).toEqual([
      'A gap match without words or gaps is not held.',
    ])
  })
  test('with something else in it is not held', () => {
    const slider = '<sliderInteraction responseIdentifier="G2" lowerBound="0" upperBound="5"/>'
    const xml = file(
      declared('single identifier', ['p'], {}, 'G1') + declared('single integer', null, {}, 'G2'),
      `<div>${drop('G1')}<p>${slider}</p></div>`,
    )
    expect(readFile(xml).items.map(({ kind }) => kind)).toEqual(['cloze', 'scale'])
  })
})

describe('other interactions', () => {
  const slider = (more: string, correct: readonly string[] | null) =>
    file(
      declared('single integer', correct),
      `<sliderInteraction responseIdentifier="RESPONSE"${more}><prompt>How sure?</prompt></sliderInteraction>`,
    )
  test('a slider without a right place is a scale (7.4, sliderInteraction)', () => {
    expect(only(slider(' lowerBound="1" upperBound="5"', null))).toMatchObject({
      kind: 'scale',
      low: 1,
      high: 5,
      points: 0,
    })
    expect(whyNot(slider(' lowerBound="0.5" upperBound="5"', null))).toEqual([
      'The slider does not say between which whole numbers it goes.',
    ])
    expect(whyNot(slider(' lowerBound="0"', null))).toHaveLength(1)
  })
  test('with one it is a number', () => {
    const { items, reasons } = readFile(slider(' lowerBound="1" upperBound="5"', ['3']))
    expect([items[0], reasons]).toMatchObject([
      { kind: 'numeric', key: [{ value: 3, tolerance: 0 }] },
      ['A slider became a number to type.'],
    ])
  })
  test('nothing to answer is a note', () =>
    expect(only(file('', '<p>Bring a pencil.</p>'))).toMatchObject({
      kind: 'note',
      stem: 'Bring a pencil.',
      points: 0,
    }))
  test('what nobody holds is said by its name', () =>
    expect(
      whyNot(
        file(declared('single point', null), '<selectPointInteraction responseIdentifier="RESPONSE" maxChoices="1"/>'),
      ),
    ).toEqual(['Items with selectPointInteraction are not held.']))
  test('an item without a body', () =>
    expect(whyNot(`<assessmentItem ${NS} identifier="i" title="T"/>`)).toEqual(['The item has no body.']))
  test('a language, and feedback to who is right', () => {
    const rules = `<responseProcessing><responseCondition><responseIf><match><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></match><setOutcomeValue identifier="SCORE"><baseValue baseType="float">1</baseValue></setOutcomeValue><setOutcomeValue identifier="FB"><baseValue baseType="identifier">yes</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing><modalFeedback outcomeIdentifier="FB" showHide="show" identifier="yes">Well done.</modalFeedback>`
    const item = readFile(
      file(
        `${declared('single identifier', ['B'])}<outcomeDeclaration identifier="FB" cardinality="single" baseType="identifier"/>`,
        choose(SIDES),
        rules,
        ' xml:lang="nb"',
      ),
    ).items[0]
    expect(item).toMatchObject({ language: 'nb', key: ['B'] })
    expect(outlineOf(item as Item)).toMatchObject({ feedback: 'Well done.' })
  })
})

// Feedback by the outcomes that show it: sections 5.3 and 10.2.
describe('feedback', () => {
  const sets = (...values: readonly (readonly [when: string, value: string])[]): string =>
    `<responseProcessing><responseCondition>${values.map(([when, value], at) => `<${at ? 'responseElseIf' : 'responseIf'}><match><variable identifier="RESPONSE"/><baseValue baseType="identifier">${when}</baseValue></match><setOutcomeValue identifier="FB"><baseValue baseType="identifier">${value}</baseValue></setOutcomeValue></${at ? 'responseElseIf' : 'responseIf'}>`).join('')}</responseCondition></responseProcessing>`
  const shown = (name: string, text: string, how = 'show', outcome = 'FB'): string =>
    `<modalFeedback outcomeIdentifier="${outcome}" showHide="${how}" identifier="${name}">${text}</modalFeedback>`
  const told = (rules: string, notes: string): readonly [unknown, readonly string[]] => {
    const declared2 = `${declared('single identifier', ['B'])}<outcomeDeclaration identifier="FB" cardinality="single" baseType="identifier"/>`
    const { items, reasons } = readFile(file(declared2, choose(SIDES), rules + notes))
    return [items[0] && outlineOf(items[0])['feedback'], reasons]
  }
  const left = (text: string): string => `Feedback that is shown to some answers only is left out: “${text}”.`
  test('to the right is kept, to the wrong is said', () =>
    expect(told(sets(['B', 'yes'], ['A', 'no']), shown('yes', 'Right.') + shown('no', 'Wrong.'))).toEqual([
      'Right.',
      [left('Wrong.')],
    ]))
  test('to all comes before that to the right', () =>
    expect(told(sets(['B', 'yes'], ['A', 'no']), shown('yes', 'Right.') + shown('none', 'For all.', 'hide'))).toEqual([
      'For all.',
      [left('Right.')],
    ]))
  test('hidden from the right is for the others', () =>
    expect(told(sets(['B', 'yes'], ['A', 'no']), shown('yes', 'Wrong.', 'hide'))).toEqual([
      undefined,
      [left('Wrong.')],
    ]))
  test('that no rule shows is for whoever delivers it', () =>
    expect(told(sets(['B', 'yes']), shown('x', 'For all.', 'show', 'OTHER'))).toEqual(['For all.', []]))
  test('that only the wrong have is theirs, also where nothing is set for the right', () =>
    expect(told(sets(['A', 'no']), shown('no', 'Wrong.'))).toEqual([undefined, [left('Wrong.')]]))
})

const scorer = (text: string, more = ''): string => `<rubricBlock view="scorer"${more}>${text}</rubricBlock>`
const essay = (rubrics: string, feedback = ''): string =>
  file(
    declared('single string', null),
    `<p>Why?</p><extendedTextInteraction responseIdentifier="RESPONSE"/>${rubrics}`,
    '<responseProcessing/>',
    '',
  ).replace('</assessmentItem>', `${feedback}</assessmentItem>`)

describe('an essay (7.2, extendedTextInteraction)', () => {
  test('what the scorer is told is a rubric where a line has points', () => {
    const item = readFile(essay(scorer('<ul><li>Names the wind (2)</li><li>Names the weight (1)</li></ul>'))).items[0]
    expect(item).toMatchObject({ kind: 'essay', rubric: [{ points: 2 }, { points: 1 }] })
    expect(item).not.toHaveProperty('sample')
  })
  test('else it is a sample', () => {
    const item = readFile(essay(scorer('<p>It keeps them upright.</p>'))).items[0]
    expect(outlineOf(item as Item)).toMatchObject({ sample: 'It keeps them upright.' })
    expect(item).not.toHaveProperty('rubric')
  })
  test('as it is called', () => {
    expect(readFile(essay(scorer('<p>Names the wind</p>', ' class="rubric"'))).items[0]).toMatchObject({
      rubric: [{ points: 0 }],
    })
    expect(readFile(essay(scorer('<p>Names it (2)</p>', ' class="sample"'))).items[0]).toHaveProperty('sample')
    expect(readFile(essay(scorer('<p>Names the wind</p>', ' use="scoring"'))).items[0]).toHaveProperty('rubric')
    expect(readFile(essay(scorer('<p>Names it (2)</p>', ' use="modelAnswer"'))).items[0]).toHaveProperty('sample')
  })
  test('feedback alone is what could have been written', () => {
    const shown = '<modalFeedback outcomeIdentifier="F" showHide="show" identifier="x"><p>Upright.</p></modalFeedback>'
    const outline = outlineOf(readFile(essay('', shown)).items[0] as Item)
    expect(outline).toMatchObject({ sample: 'Upright.' })
    expect(outline).not.toHaveProperty('feedback')
    expect(outlineOf(readFile(essay(scorer('<p>So.</p>'), shown)).items[0] as Item)).toMatchObject({
      sample: 'So.',
      feedback: 'Upright.',
    })
  })
})

describe('an item that asks several things', () => {
  const two = (between = '', before = '') =>
    file(
      declared('single identifier', ['A'], {}, 'R1') + declared('single identifier', ['B'], {}, 'R2'),
      `${before}${choose(SIDES).replace('"RESPONSE"', '"R1"')}${between}${choose(SIDES).replace('"RESPONSE"', '"R2"')}`,
      '<responseProcessing/>',
    )
  test('an item for each, worth an equal share where the rules do not say', () => {
    const { items, reasons } = readFile(two())
    expect(items).toMatchObject([{ key: ['A'] }, { key: ['B'] }])
    expect(items.map(({ points }) => points)).toEqual([items[0]?.points, items[0]?.points])
    expect(items.every((item) => item.passage === undefined)).toBe(true)
    expect(reasons).toEqual(['It asks 2 things; each became an item of its own.'])
  })
  test('what stands in front is for all, what stands between for the second', () => {
    const { items } = readFile(two('<p>And then?</p>', '<p>Read this.</p>'))
    expect(items.map((item) => JSON.stringify(item.passage).includes('Read this.'))).toEqual([true, true])
    expect(items.map((item) => outlineOf(item)['stem'])).toEqual(['Which?', 'And then?\nWhich?'])
  })
  test('without a prompt, the last block in front is the question', () => {
    const xml = two('<p>And then?</p>', '<p>Read this.</p><p>Which first?</p>').replaceAll(
      '<prompt>Which?</prompt>',
      '',
    )
    const { items } = readFile(xml)
    expect(items.map((item) => outlineOf(item)['stem'])).toEqual(['Which first?', 'And then?'])
    expect(items.every((item) => JSON.stringify(item.passage).includes('Read this.'))).toBe(true)
  })
})
