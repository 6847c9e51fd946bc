import { gradeSource } from './site-item.ts'

const item = (type: string, cardinality: string, correct: readonly string[], test: string): string =>
  `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="i" title="i"><responseDeclaration identifier="RESPONSE" cardinality="${cardinality}" baseType="${type}"><correctResponse>${correct.map((one) => `<value>${one}</value>`).join('')}</correctResponse></responseDeclaration><outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><itemBody/><responseProcessing><responseCondition><responseIf>${test}<setOutcomeValue identifier="SCORE"><baseValue baseType="float">1</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing></assessmentItem>`
const RESPONSE = '<variable identifier="RESPONSE"/>'
const BOTH = `<correct identifier="RESPONSE"/>${RESPONSE}`

// QTI 2.1 Information Model, section 15.3: tolerance, modes and bounds of `equal`.
test.each([
  ['exact', '', '9.8', 1],
  ['exact', '', '9.81', 0],
  ['absolute', 'tolerance="0.5 0.2"', '9.3', 1],
  ['absolute', 'tolerance="0.5 0.2"', '9.2', 0],
  ['absolute', 'tolerance="0.5 0.2"', '10.1', 0],
  ['absolute', 'tolerance="0.2" includeUpperBound="false"', '10', 0],
  ['absolute', 'tolerance="0.2" includeLowerBound="false"', '9.61', 1],
  ['relative', 'tolerance="10"', '10.78', 1],
  ['relative', 'tolerance="10"', '10.8', 0],
  ['absolute', 'tolerance="100"', '', 0],
])('equal, %s %s: %s scores %s', (mode, more, given, score) => {
  const test = `<equal toleranceMode="${mode}" ${more}>${BOTH}</equal>`
  expect(gradeSource(item('float', 'single', ['9.8'], test), { RESPONSE: given ? [given] : [] })).toBe(score)
})

test.each([
  ['gte', '3', 1],
  ['gte', '2.9', 0],
  ['gt', '3', 0],
  ['lte', '3', 1],
  ['lt', '3', 0],
  ['lt', '2', 1],
  ['lte', '', 0],
])('%s 3: %s scores %s', (name, given, score) => {
  const test = `<${name}>${RESPONSE}<baseValue baseType="float">3</baseValue></${name}>`
  expect(gradeSource(item('float', 'single', ['3'], test), { RESPONSE: given ? [given] : [] })).toBe(score)
})

test('an order is right in its order only, a set in any', () => {
  const test = `<match>${RESPONSE}<correct identifier="RESPONSE"/></match>`
  const [ordered, set] = ['ordered', 'multiple'].map((how) => item('identifier', how, ['a', 'b'], test))
  expect(gradeSource(ordered ?? '', { RESPONSE: ['a', 'b'] })).toBe(1)
  expect(gradeSource(ordered ?? '', { RESPONSE: ['b', 'a'] })).toBe(0)
  expect(gradeSource(set ?? '', { RESPONSE: ['b', 'a'] })).toBe(1)
})

test('a rule that is not known here is said', () => {
  expect(() => gradeSource(item('float', 'single', ['3'], '<inside/>'), {})).toThrow('inside is not supported')
})
