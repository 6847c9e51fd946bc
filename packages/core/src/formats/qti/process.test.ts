import { parseXml } from '../xml/xml.ts'
import { outcomesOf, processResponse, type QtiValue } from './process.ts'

const DECLARED = `
  <responseDeclaration identifier="R" cardinality="single" baseType="string"/>
  <responseDeclaration identifier="N" cardinality="single" baseType="float"><correctResponse><value>12</value></correctResponse><defaultValue><value>3</value></defaultValue></responseDeclaration>
  <responseDeclaration identifier="M" cardinality="multiple" baseType="identifier"><correctResponse><value>a</value><value>b</value></correctResponse></responseDeclaration>
  <responseDeclaration identifier="O" cardinality="ordered" baseType="identifier"><correctResponse><value>a</value><value>b</value></correctResponse></responseDeclaration>
  <responseDeclaration identifier="P" cardinality="multiple" baseType="pair"><mapping defaultValue="-1" lowerBound="-2" upperBound="3"><mapEntry mapKey="x y" mappedValue="2"/><mapEntry mapKey="u v" mappedValue="2"/></mapping></responseDeclaration>
  <responseDeclaration identifier="W" cardinality="single" baseType="string"><mapping><mapEntry mapKey="Port" mappedValue="2" caseSensitive="false"/><mapEntry mapKey="Aft" mappedValue="1"/></mapping></responseDeclaration>
  <outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>
  <outcomeDeclaration identifier="FEEDBACK" cardinality="single" baseType="identifier"/>
  <outcomeDeclaration identifier="START" cardinality="single" baseType="integer"><defaultValue><value>4</value></defaultValue></outcomeDeclaration>`

const GIVEN: readonly (readonly [string, QtiValue])[] = [
  ['R', ['Port side']],
  ['N', [12]],
  ['M', ['b', 'a']],
  ['O', ['b', 'a']],
  ['P', ['x  y', 'q r']],
  ['W', ['PORT']],
]

const item = (rules: string, more = ''): ReturnType<typeof parseXml> =>
  parseXml(`<assessmentItem>${DECLARED}<responseProcessing${more}>${rules}</responseProcessing></assessmentItem>`)

/** What an expression comes to. */
function valueOf(expression: string, given = GIVEN): QtiValue {
  const rules = `<setOutcomeValue identifier="X">${expression}</setOutcomeValue>`
  return outcomesOf(item(rules), new Map(given)).get('X') ?? null
}

const v = (name: string): string => `<variable identifier="${name}"/>`
const n = (value: number | string): string => `<baseValue baseType="float">${value}</baseValue>`
const s = (value: string): string => `<baseValue baseType="string">${value}</baseValue>`
const b = (value: boolean): string => `<baseValue baseType="boolean">${value}</baseValue>`
const op = (name: string, operands: string, more = ''): string => `<${name}${more}>${operands}</${name}>`
const NULL = '<null/>'

// QTI 2.1 Information Model, section 9 (expressions).
test.each<[string, string, QtiValue]>([
  ['a number', n('1.5'), [1.5]],
  ['a boolean', b(true), [true]],
  ['a text', s('port'), ['port']],
  ['nothing', NULL, null],
  ['a variable', v('N'), [12]],
  ['one that is not there', v('Z'), null],
  ['the correct response', '<correct identifier="M"/>', ['a', 'b']],
  ['a correct number', '<correct identifier="N"/>', [12]],
  ['no correct response', '<correct identifier="R"/>', null],
  ['a default', '<default identifier="N"/>', [3]],
  ['a default of an outcome', '<default identifier="START"/>', [4]],
  ['no default', '<default identifier="R"/>', null],
  ['what has no default and is a number begins at nought', v('SCORE'), [0]],
  ['anything else at nothing', v('FEEDBACK'), null],
  ['what has a default', v('START'), [4]],
  ['nothing is null', op('isNull', NULL), [true]],
  ['an empty text is null', op('isNull', s('')), [true]],
  ['a text is not', op('isNull', v('R')), [false]],
  ['not', op('not', b(true)), [false]],
  ['not false', op('not', b(false)), [true]],
  ['not nothing', op('not', NULL), null],
  ['and', op('and', b(true) + b(true)), [true]],
  ['and with a false one', op('and', b(true) + b(false)), [false]],
  ['and with nothing', op('and', b(true) + NULL), [false]],
  ['or', op('or', b(false) + b(true)), [true]],
  ['or of none', op('or', b(false) + NULL), [false]],
  ['two of three', op('anyN', b(true) + b(true) + b(false), ' min="2" max="2"'), [true]],
  ['too many', op('anyN', b(true) + b(true) + b(true), ' min="1" max="2"'), [false]],
  ['too few', op('anyN', b(true) + b(false), ' min="2" max="2"'), [false]],
  ['bags match in any order', op('match', `${v('M')}<correct identifier="M"/>`), [true]],
  ['what is ordered does not', op('match', `${v('O')}<correct identifier="O"/>`), [false]],
  ['nothing matches nothing', op('match', v('R') + NULL), null],
  ['more do not match', op('match', v('M') + s('a')), [false]],
  ['numbers match', op('match', `${v('N')}<correct identifier="N"/>`), [true]],
  ['a member', op('member', s('a') + v('M')), [true]],
  ['no member', op('member', s('c') + v('M')), [false]],
  ['a member of nothing', op('member', s('c') + NULL), null],
  ['contained', op('contains', v('M') + op('multiple', s('a') + s('b'))), [true]],
  ['not contained', op('contains', v('M') + op('multiple', s('a') + s('c'))), [false]],
  ['contained in nothing', op('contains', NULL + s('a')), null],
  ['the second', op('index', v('M'), ' n="2"'), ['a']],
  ['the third of two', op('index', v('M'), ' n="3"'), null],
  ['several', op('multiple', s('a') + NULL + v('M')), ['a', 'b', 'a']],
  ['in order', op('ordered', s('a') + s('b')), ['a', 'b']],
  ['how many', op('containerSize', v('M')), [2]],
  ['how many of nothing', op('containerSize', NULL), [0]],
  ['the same text', op('stringMatch', v('R') + s('port side'), ' caseSensitive="false"'), [true]],
  ['another letter case', op('stringMatch', v('R') + s('port side'), ' caseSensitive="true"'), [false]],
  ['a part of it', op('stringMatch', v('R') + s('Port'), ' caseSensitive="true" substring="true"'), [true]],
  ['no part of it', op('stringMatch', v('R') + s('Port'), ' caseSensitive="true"'), [false]],
  ['nothing is no text', op('stringMatch', NULL + s('Port'), ' caseSensitive="true"'), null],
  ['a text within another', op('substring', s('SIDE') + v('R'), ' caseSensitive="false"'), [true]],
  ['not within it', op('substring', s('SIDE') + v('R'), ' caseSensitive="true"'), [false]],
  ['a pattern for the whole', op('patternMatch', v('R'), ' pattern="Port.*"'), [true]],
  ['and not for a part', op('patternMatch', v('R'), ' pattern="Port"'), [false]],
  ['a pattern for nothing', op('patternMatch', NULL, ' pattern=".*"'), null],
  ['a sum', op('sum', n(1) + n(2) + n(3)), [6]],
  ['a sum with nothing', op('sum', n(1) + NULL), null],
  ['a product', op('product', n(2) + n(3) + n(4)), [24]],
  ['a difference', op('subtract', n(5) + n(3)), [2]],
  ['a quotient', op('divide', n(6) + n(4)), [1.5]],
  ['by nought', op('divide', n(6) + n(0)), null],
  ['the greatest', op('max', n(2) + n(7) + n(3)), [7]],
  ['the least', op('min', n(2) + n(7) + n(3)), [2]],
  ['more', op('gt', n(3) + n(2)), [true]],
  ['not more', op('gt', n(2) + n(2)), [false]],
  ['at least', op('gte', n(2) + n(2)), [true]],
  ['at least, in binary', op('gte', op('subtract', n(0.4) + n(0.1)) + n(0.3)), [true]],
  ['not at least', op('gte', n(1) + n(2)), [false]],
  ['less', op('lt', n(1) + n(2)), [true]],
  ['not less', op('lt', n(2) + n(2)), [false]],
  ['at most', op('lte', n(2) + n(2)), [true]],
  ['at most, in binary', op('lte', op('sum', n(0.1) + n(0.2)) + n(0.3)), [true]],
  ['not at most', op('lte', n(3) + n(2)), [false]],
  ['equal', op('equal', n(2) + n(2)), [true]],
  ['not equal', op('equal', n(2) + n(2.1), ' toleranceMode="exact"'), [false]],
  ['within a tolerance', op('equal', n(2.5) + n(2), ' toleranceMode="absolute" tolerance="0.5"'), [true]],
  ['within another below', op('equal', n(1.4) + n(2), ' toleranceMode="absolute" tolerance="0.5 1"'), [false]],
  ['and above', op('equal', n(3) + n(2), ' toleranceMode="absolute" tolerance="0.5 1"'), [true]],
  ['within a share', op('equal', n(110) + n(100), ' toleranceMode="relative" tolerance="10"'), [true]],
  [
    'within a share of a negative number',
    op('equal', n(-110) + n(-100), ' toleranceMode="relative" tolerance="10"'),
    [true],
  ],
  ['beyond a share', op('equal', n(111) + n(100), ' toleranceMode="relative" tolerance="10"'), [false]],
  [
    'without its bounds',
    op('equal', n(1.5) + n(2), ' toleranceMode="absolute" tolerance="0.5" includeLowerBound="false"'),
    [false],
  ],
  [
    'without the upper one',
    op('equal', n(2.5) + n(2), ' toleranceMode="absolute" tolerance="0.5" includeUpperBound="false"'),
    [false],
  ],
  [
    'with the lower one then',
    op('equal', n(1.5) + n(2), ' toleranceMode="absolute" tolerance="0.5" includeUpperBound="false"'),
    [true],
  ],
  [
    'the same in two figures',
    op('equalRounded', n(1.234) + n(1.2), ' roundingMode="significantFigures" figures="2"'),
    [true],
  ],
  ['in three not', op('equalRounded', n(1.234) + n(1.2), ' figures="3"'), [false]],
  ['in one decimal', op('equalRounded', n(12.34) + n(12.3), ' roundingMode="decimalPlaces" figures="1"'), [true]],
  ['in two not', op('equalRounded', n(12.34) + n(12.3), ' roundingMode="decimalPlaces" figures="2"'), [false]],
  ['mapped, each once, what is not named to the default', '<mapResponse identifier="P"/>', [1]],
  ['mapped in any letter case where it is said', '<mapResponse identifier="W"/>', [2]],
])('%s', (_name, expression, value) => expect(valueOf(expression)).toEqual(value))

test.each<[string, string, QtiValue, number]>([
  ['within the upper bound', 'P', ['x y', 'u v'], 3],
  ['within the lower bound', 'P', ['a b', 'c d', 'e f'], -2],
  ['what comes twice counts once', 'P', ['x y', 'x y'], 2],
  ['letter case counts where nothing is said', 'W', ['aft'], 0],
  ['nothing given', 'W', null, 0],
  ['an empty text', 'W', [''], 0],
])('mapping: %s', (_name, name, given, sum) =>
  expect(valueOf(`<mapResponse identifier="${name}"/>`, [[name, given]])).toEqual([sum]),
)

const set = (name: string, expression: string): string =>
  `<setOutcomeValue identifier="${name}">${expression}</setOutcomeValue>`
const score = (rules: string, more = ''): number => processResponse(item(rules, more), new Map(GIVEN))

// Section 8 (response processing) and appendix B (the standard templates).
describe('rules', () => {
  const branches = (first: boolean, second: boolean): string =>
    `<responseCondition><responseIf>${b(first)}${set('SCORE', n(1))}</responseIf><responseElseIf>${b(second)}${set('SCORE', n(2))}</responseElseIf><responseElse>${set('SCORE', n(3))}</responseElse></responseCondition>`
  test('the first branch that holds, and no other', () => {
    expect(score(branches(true, true))).toBe(1)
    expect(score(branches(false, true))).toBe(2)
    expect(score(branches(false, false))).toBe(3)
  })
  test('one after the other, until the end is said', () => {
    expect(score(set('SCORE', n(1)) + set('SCORE', op('sum', v('SCORE') + n(2))))).toBe(3)
    expect(score(`${set('SCORE', n(1))}<exitResponse/>${set('SCORE', n(2))}`)).toBe(1)
  })
  test('in a fragment', () =>
    expect(score(`<responseProcessingFragment>${set('SCORE', n(4))}</responseProcessingFragment>`)).toBe(4))
  test('without any, nothing is earned', () => {
    expect(score('')).toBe(0)
    expect(processResponse(parseXml('<assessmentItem/>'), new Map())).toBe(0)
  })
  test.each([
    ['<setTemplateValue/>', 'The rule setTemplateValue is not known.'],
    [set('SCORE', '<random/>'), 'The expression random is not known.'],
    [set('SCORE', '<mapResponse identifier="R"/>'), 'R has no mapping.'],
  ])('what is not known is said: %s', (rules, message) => expect(() => score(rules)).toThrow(message))
})

describe('templates', () => {
  const by = (name: string, declaration: string, given: QtiValue): number =>
    processResponse(
      parseXml(
        `<assessmentItem>${declaration}<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><responseProcessing template="${name}"/></assessmentItem>`,
      ),
      new Map([['RESPONSE', given]]),
    )
  const correct =
    '<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>a</value></correctResponse></responseDeclaration>'
  const mapped =
    '<responseDeclaration identifier="RESPONSE" cardinality="multiple" baseType="identifier"><mapping defaultValue="-1"><mapEntry mapKey="a" mappedValue="2"/></mapping></responseDeclaration>'
  test.each([
    ['http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct'],
    ['http://www.imsglobal.org/question/qti_v2p2/rptemplates/match_correct.xml'],
  ])('%s', (name) => {
    expect(by(name, correct, ['a'])).toBe(1)
    expect(by(name, correct, ['b'])).toBe(0)
    expect(by(name, correct, null)).toBe(0)
  })
  test('map_response; nothing given is not mapped', () => {
    expect(by('x/map_response', mapped, ['a'])).toBe(2)
    expect(by('x/map_response', mapped, ['b'])).toBe(-1)
    expect(by('x/map_response', mapped, null)).toBe(0)
  })
  test('another', () =>
    expect(() => by('x/map_response_point', mapped, ['a'])).toThrow('x/map_response_point is not known'))
})
