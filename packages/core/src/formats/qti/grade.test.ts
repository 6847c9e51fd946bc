import { parseXml } from '../xml/xml.ts'
import { interactionsOf, maxScore } from './grade.ts'

const item = (inner: string): ReturnType<typeof parseXml> => parseXml(`<assessmentItem>${inner}</assessmentItem>`)
const outcome = (name: string, value?: string, more = ''): string =>
  `<outcomeDeclaration identifier="${name}" cardinality="single" baseType="float"${more}>${value === undefined ? '' : `<defaultValue><value>${value}</value></defaultValue>`}</outcomeDeclaration>`
const declared = (type: string, ...correct: readonly string[]): string =>
  `<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="${type}">${correct.length ? `<correctResponse>${correct.map((value) => `<value> ${value} </value>`).join('')}</correctResponse>` : ''}</responseDeclaration>`
const earns = (points: number): string =>
  `<responseProcessing><responseCondition><responseIf><match><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></match><setOutcomeValue identifier="SCORE"><baseValue baseType="float">${points}</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing>`

// MAXSCORE and normalMaximum: QTI 2.1 Information Model, sections 5.2 and 6.4.
test.each<[string, string, number]>([
  ['MAXSCORE', outcome('SCORE') + outcome('MAXSCORE', ' 4 '), 4],
  [
    'MAXSCORE before what the right response earns',
    declared('identifier', 'a') + outcome('SCORE') + outcome('MAXSCORE', '4') + earns(3),
    4,
  ],
  [
    'a MAXSCORE of nought says nothing',
    declared('identifier', 'a') + outcome('SCORE') + outcome('MAXSCORE', '0') + earns(3),
    3,
  ],
  [
    'a MAXSCORE without a value says nothing',
    declared('identifier', 'a') + outcome('SCORE') + outcome('MAXSCORE') + earns(3),
    3,
  ],
  ['what the right response earns', declared('identifier', 'a') + outcome('SCORE') + earns(3), 3],
  ['what the right number earns', declared('float', '2.50') + outcome('SCORE') + earns(3), 3],
  ['the normal maximum', declared('identifier') + outcome('SCORE', undefined, ' normalMaximum="5"') + earns(3), 5],
  [
    'a normal maximum of nought says nothing',
    declared('identifier') + outcome('SCORE', undefined, ' normalMaximum="0"'),
    1,
  ],
  [
    'a normal maximum of another outcome says nothing',
    outcome('OTHER', undefined, ' normalMaximum="5"') + outcome('SCORE'),
    1,
  ],
  ['nothing said: one', outcome('SCORE'), 1],
])('the most that an item can earn: %s', (_name, inner, most) => expect(maxScore(item(inner))).toBe(most))

test('interactions in reading order, without the button that ends an attempt, and none within another', () => {
  const body = item(
    '<itemBody><p>A <textEntryInteraction responseIdentifier="A"/></p><endAttemptInteraction responseIdentifier="H"/><div><gapMatchInteraction responseIdentifier="B"><p><textEntryInteraction responseIdentifier="C"/></p></gapMatchInteraction></div></itemBody>',
  )
  expect(interactionsOf(body).map(({ attributes }) => attributes['responseIdentifier'])).toEqual(['A', 'B'])
})
