import fc from 'fast-check'
import { fitItem } from '../../fit/fit.ts'
import { anyItem } from '../../testing/arbitraries.ts'
import { qtiProblems } from '../../testing/qti-rules.ts'
import { FORMATS } from '../index.ts'
import { parseXml } from '../xml/xml.ts'
import { QTI_21, QTI_22, QTI_30 } from './dialect.ts'

describe.each([QTI_21, QTI_22, QTI_30])('$name', ({ id }) => {
  test('what is written keeps to what the standard asks of bindings, correct responses and expressions', () => {
    const items = fc
      .sample(anyItem, { numRuns: 400, seed: 19 })
      .filter((item) => fitItem(item, FORMATS[id].limits).verdict !== 'cannot')
    expect(new Set(items.map(({ kind }) => kind)).size).toBe(12)
    const { data } = FORMATS[id].write(items, { title: 'A bank', as: 'bank' })
    const files = data.form === 'package' ? data.files.filter(({ path }) => path.startsWith('items/')) : []
    expect(files).toHaveLength(items.length)
    const problems = files.flatMap(({ path, bytes }) =>
      qtiProblems(parseXml(new TextDecoder().decode(bytes))).map((problem) => `${path}: ${problem}`),
    )
    expect(problems).toEqual([])
  })
})

const ITEM = `<assessmentItem identifier="i" title="i" adaptive="false" timeDependent="false"><responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>a</value></correctResponse></responseDeclaration><responseDeclaration identifier="PAIRS" cardinality="multiple" baseType="directedPair"><correctResponse><value>l r</value></correctResponse><mapping defaultValue="0"><mapEntry mapKey="l r" mappedValue="1"/></mapping></responseDeclaration><outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"><defaultValue><value>0</value></defaultValue></outcomeDeclaration><itemBody><choiceInteraction responseIdentifier="RESPONSE" maxChoices="1"><simpleChoice identifier="a">A</simpleChoice><simpleChoice identifier="b">B</simpleChoice></choiceInteraction><matchInteraction responseIdentifier="PAIRS" maxAssociations="2"><simpleMatchSet><simpleAssociableChoice identifier="l" matchMax="1">L</simpleAssociableChoice></simpleMatchSet><simpleMatchSet><simpleAssociableChoice identifier="r" matchMax="1">R</simpleAssociableChoice><simpleAssociableChoice identifier="s" matchMax="1">S</simpleAssociableChoice></simpleMatchSet></matchInteraction></itemBody><responseProcessing><responseCondition><responseIf><match><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></match><setOutcomeValue identifier="SCORE"><sum><baseValue baseType="float">1</baseValue><mapResponse identifier="PAIRS"/></sum></setOutcomeValue></responseIf></responseCondition></responseProcessing></assessmentItem>`

describe('the check can fail', () => {
  test('and says nothing of an item that is as it should be', () => {
    expect(qtiProblems(parseXml(ITEM))).toEqual([])
  })

  test.each<[string, string, string]>([
    ['<value>a</value>', '<value>c</value>', 'c is no choice of RESPONSE'],
    ['<value>a</value>', '<value>a</value><value>b</value>', 'RESPONSE is single and has 2 values'],
    ['<value>l r</value>', '<value>r l</value>', 'r l is no pair of PAIRS'],
    ['<value>l r</value>', '<value>l</value>', '“l” is no directedPair'],
    ['<value>l r</value>', '<value>l r</value><value>l s</value>', 'l is joined 2 times, and may be 1 times'],
    ['mapKey="l r"', 'mapKey="l t"', 'l t is no pair of PAIRS'],
    [
      'responseIdentifier="PAIRS"',
      'responseIdentifier="PEARS"',
      'matchInteraction is bound to PEARS, which is not declared',
    ],
    ['baseType="identifier"', 'baseType="string"', 'choiceInteraction takes no string'],
    ['cardinality="multiple"', 'cardinality="ordered"', 'matchInteraction takes no ordered directedPair'],
    ['maxChoices="1"', 'maxChoices="0"', 'choiceInteraction takes no single identifier'],
    ['maxChoices="1"', 'maxChoices="1" minChoices="2"', 'choiceInteraction asks for more than it allows'],
    ['identifier="b"', 'identifier="a"', 'a stands twice in choiceInteraction'],
    ['identifier="b"', 'identifier="2b"', '“2b” is no identifier'],
    ['<correct identifier="RESPONSE"/>', '<correct identifier="SCORE"/>', 'SCORE has no correct response'],
    [
      '<correct identifier="RESPONSE"/>',
      '<correct identifier="PAIRS"/>',
      'match compares identifier with directedPair',
    ],
    ['<correct identifier="RESPONSE"/>', '', 'match has 1 parts'],
    ['<mapResponse identifier="PAIRS"/>', '<mapResponse identifier="RESPONSE"/>', 'RESPONSE has no mapping'],
    ['<mapResponse identifier="PAIRS"/>', '<variable identifier="RESPONSE"/>', 'sum works on float and identifier'],
    ['<setOutcomeValue identifier="SCORE">', '<setOutcomeValue identifier="SORE">', 'the outcome SORE is not declared'],
    ['baseType="float"><defaultValue>', 'baseType="integer"><defaultValue>', 'SCORE is not a single float'],
    ['<variable identifier="RESPONSE"/>', '<variable identifier="NONE"/>', 'NONE is not declared'],
  ])('%s to %s', (from, to, problem) => {
    expect(ITEM).toContain(from)
    expect(qtiProblems(parseXml(ITEM.replace(from, to)))).toContain(problem)
  })
})
