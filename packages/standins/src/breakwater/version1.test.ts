import { gradeSource, takeItem } from './site-item.ts'
import { parseDocument } from './dom.ts'
import { pointsOf1, sectionsIn } from './version1.ts'

// IMS QTI 1.2 ASI Best Practice and Implementation Guide, section 4: items by their conditions, with wording of our own.
const item = (conditions: string, score = '', metadata = ''): string =>
  `<item ident="i" title="An item">${metadata}<presentation><response_lid ident="R" rcardinality="Multiple"/></presentation><resprocessing><outcomes><decvar varname="SCORE" vartype="Decimal" defaultval="0" ${score}/></outcomes>${conditions}</resprocessing></item>`
const condition = (test: string, change: string, more = ''): string =>
  `<respcondition ${more}><conditionvar>${test}</conditionvar>${change}</respcondition>`
const equal = (value: string, more = ''): string => `<varequal respident="R" ${more}>${value}</varequal>`
const set = (value: number, action = 'Set'): string => `<setvar action="${action}" varname="SCORE">${value}</setvar>`
const score = (source: string, ...given: string[]): number => gradeSource(source, { R: given })

const SINGLE = item(condition(equal('A'), set(1)))
const SEVERAL = item(
  ['A', 'C'].map((id) => condition(equal(id), set(1, 'Add'), 'continue="Yes"')).join('') +
    condition(equal('B'), set(1, 'Subtract'), 'continue="Yes"'),
  'maxvalue="2"',
)
const WHOLE = item(condition(`<and>${equal('A')}<not>${equal('B')}</not>${equal('C')}</and>`, set(1)))
const EITHER = item(condition(`<or>${equal('ebb')}${equal('Fall', 'case="Yes"')}</or>`, set(1)))
const RANGE = item(
  condition('<vargte respident="R">2</vargte><varlte respident="R">3</varlte>', set(1)) +
    condition('<vargt respident="R">1</vargt><varlt respident="R">4</varlt>', set(0.5)),
)
const FIRST_ONLY = item(condition(equal('A'), set(1)) + condition('<other/>', set(0.25)))
const OPEN = item(condition('<unanswered respident="R"/>', set(1)))
const PART = item(condition('<varsubstring respident="R">harb</varsubstring>', set(1)))
const INDEXED = item(condition(equal('B', 'index="2"'), set(1)))
const SCALED = item(condition(equal('A'), set(3, 'Add') + set(4, 'Multiply') + set(2, 'Divide')), 'maxvalue="10"')

const ITEMS = { SINGLE, SEVERAL, WHOLE, EITHER, RANGE, FIRST_ONLY, OPEN, PART, INDEXED, SCALED }

test.each<[keyof typeof ITEMS, string[], number]>([
  ['SINGLE', ['A'], 1],
  ['SINGLE', ['B'], 0],
  ['SEVERAL', ['A', 'C'], 2],
  ['SEVERAL', ['A'], 1],
  ['SEVERAL', ['A', 'B', 'C'], 1],
  ['SEVERAL', ['B'], 0],
  ['WHOLE', ['C', 'A'], 1],
  ['WHOLE', ['A', 'B', 'C'], 0],
  ['EITHER', ['EBB'], 1],
  ['EITHER', ['Fall'], 1],
  ['EITHER', ['fall'], 0],
  ['RANGE', ['2'], 1],
  ['RANGE', ['3.5'], 0.5],
  ['RANGE', ['4'], 0],
  ['FIRST_ONLY', ['A'], 1],
  ['FIRST_ONLY', ['B'], 0.25],
  ['OPEN', [], 1],
  ['OPEN', ['A'], 0],
  ['PART', ['the HARBOUR'], 1],
  ['PART', ['the sea'], 0],
  ['INDEXED', ['A', 'B'], 1],
  ['INDEXED', ['B', 'A'], 0],
  ['SCALED', ['A'], 6],
])('%s: %j scores %d', (name, given, earned) => {
  expect(score(ITEMS[name], ...given)).toBe(earned)
})

test('figures are compared by their value, not by their letters', () => {
  expect(score(item(condition(equal('3.50'), set(1))), '3.5')).toBe(1)
})

// Common Cartridge 1.3 profile of QTI 1.2.1: SCORE runs to 100, and a weight says what the item counts.
test('a percentage counts the weight of its item', () => {
  const fields = (pairs: Readonly<Record<string, string>>): string =>
    `<itemmetadata><qtimetadata>${Object.entries(pairs)
      .map(
        ([label, entry]) =>
          `<qtimetadatafield><fieldlabel>${label}</fieldlabel><fieldentry>${entry}</fieldentry></qtimetadatafield>`,
      )
      .join('')}</qtimetadata></itemmetadata>`
  const profile = { cc_profile: 'cc.multiple_choice.v0p1' }
  const conditions = condition(equal('A'), set(100)) + condition(equal('B'), set(50))
  const weighed = item(conditions, 'maxvalue="100"', fields({ ...profile, cc_weighting: '3' }))
  expect(pointsOf1(parseDocument(weighed))).toBe(3)
  expect([score(weighed, 'A'), score(weighed, 'B'), score(weighed)]).toEqual([3, 1.5, 0])
  expect(pointsOf1(parseDocument(item(conditions, 'maxvalue="100"', fields(profile))))).toBe(1)
})

test('items come section by section, those of no section last', () => {
  const sections = sectionsIn(
    `<questestinterop><assessment ident="a"><section ident="s" title="One"><item ident="x"/><item ident="y"/></section><section ident="e" title="Empty"/></assessment><item ident="z"/></questestinterop>`,
  )
  expect(sections.map(({ title, items }) => [title, items.map(({ ident }) => ident)])).toEqual([
    ['One', ['x', 'y']],
    ['', ['z']],
  ])
  expect(sectionsIn('<manifest/>')).toEqual([])
})

test('an item is taken with its own name; a condition or an action that nobody knows is said', () => {
  expect(takeItem('item-4', SEVERAL)).toMatchObject({ id: 'item-4', identifier: 'i', points: 2 })
  expect(() => takeItem('i', item(condition('<durequal>PT1M</durequal>', set(1))))).toThrow(
    'the condition durequal is not supported',
  )
  expect(() => score(item(condition(equal('A'), set(1, 'Root'))), 'A')).toThrow('the action Root is not supported')
})
