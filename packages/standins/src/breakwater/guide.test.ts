import { correctResponses, gradeSource, maxScore, takeItem } from './site-item.ts'
import { parseQti } from './version3.ts'

// The kinds of the examples in the IMS QTI 2.1 Implementation Guide, section 3.2, rebuilt with wording of our own; their
// mappings and what they score are the guide's, set down from memory.
const item = (declaration: string, body: string, processing: string): string =>
  `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="i" title="An item" adaptive="false" timeDependent="false">
${declaration}<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"><defaultValue><value>0</value></defaultValue></outcomeDeclaration>
<itemBody>${body}</itemBody>${processing}</assessmentItem>`
const byTemplate = (name: string): string =>
  `<responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/${name}"/>`
const declared = (type: string, cardinality: string, correct: readonly string[], more = ''): string =>
  `<responseDeclaration identifier="RESPONSE" cardinality="${cardinality}" baseType="${type}"><correctResponse>${correct.map((one) => `<value>${one}</value>`).join('')}</correctResponse>${more}</responseDeclaration>`
const mapping = (bounds: string, entries: Readonly<Record<string, number>>, more = ''): string =>
  `<mapping ${bounds}>${Object.entries(entries)
    .map(([key, value]) => `<mapEntry mapKey="${key}" mappedValue="${value}"${more}/>`)
    .join('')}</mapping>`
const choices = (...ids: string[]): string =>
  ids.map((id) => `<simpleChoice identifier="${id}">${id}</simpleChoice>`).join('')

const CHOICE = item(
  declared('identifier', 'single', ['ChoiceA']),
  `<p>A sign stands by the gangway.</p><choiceInteraction responseIdentifier="RESPONSE" shuffle="false" maxChoices="1"><prompt>What does it say?</prompt>${choices('ChoiceA', 'ChoiceB', 'ChoiceC')}</choiceInteraction>`,
  byTemplate('match_correct'),
)
const CHOICE_MULTIPLE = item(
  declared(
    'identifier',
    'multiple',
    ['H', 'O'],
    mapping('lowerBound="0" upperBound="2" defaultValue="-2"', { H: 1, O: 1, Cl: -1 }),
  ),
  `<choiceInteraction responseIdentifier="RESPONSE" shuffle="true" maxChoices="0"><prompt>Of which elements is water made?</prompt>${choices('H', 'He', 'C', 'O', 'N', 'Cl')}</choiceInteraction>`,
  byTemplate('map_response'),
)
const ORDER = item(
  declared('identifier', 'ordered', ['C', 'A', 'B']),
  `<orderInteraction responseIdentifier="RESPONSE" shuffle="true"><prompt>Who came in first, second, third?</prompt>${choices('A', 'B', 'C')}</orderInteraction>`,
  byTemplate('match_correct'),
)
const sets = (...ids: string[]): string =>
  `<simpleMatchSet>${ids.map((id) => `<simpleAssociableChoice identifier="${id}" matchMax="4">${id}</simpleAssociableChoice>`).join('')}</simpleMatchSet>`
const MATCH = item(
  declared(
    'directedPair',
    'multiple',
    ['C R', 'D M', 'L M', 'P T'],
    mapping('defaultValue="0"', { 'C R': 1, 'D M': 0.5, 'L M': 0.5, 'P T': 1 }),
  ),
  `<matchInteraction responseIdentifier="RESPONSE" shuffle="true" maxAssociations="4"><prompt>Match each with its play.</prompt>${sets('C', 'D', 'L', 'P')}${sets('M', 'R', 'T')}</matchInteraction>`,
  byTemplate('map_response'),
)
const TEXT_ENTRY = item(
  declared('string', 'single', ['York'], mapping('defaultValue="0"', { York: 1, york: 0.5 })),
  '<blockquote><p>Made glorious by this sun of <textEntryInteraction responseIdentifier="RESPONSE" expectedLength="15"/>.</p></blockquote>',
  byTemplate('map_response'),
)
const INLINE_CHOICE = item(
  declared('identifier', 'single', ['Y']),
  '<p>Made glorious by this sun of <inlineChoiceInteraction responseIdentifier="RESPONSE" shuffle="false"><inlineChoice identifier="G">Gloucester</inlineChoice><inlineChoice identifier="Y">York</inlineChoice></inlineChoiceInteraction>.</p>',
  byTemplate('match_correct'),
)
const SLIDER = item(
  declared('integer', 'single', ['16']),
  '<sliderInteraction responseIdentifier="RESPONSE" lowerBound="0" upperBound="100" step="1"><prompt>How much of the air is moist?</prompt></sliderInteraction>',
  byTemplate('match_correct'),
)

const EXAMPLES = { CHOICE, CHOICE_MULTIPLE, ORDER, MATCH, TEXT_ENTRY, INLINE_CHOICE, SLIDER }
type Example = keyof typeof EXAMPLES

test.each<[Example, string[], number]>([
  ['CHOICE', ['ChoiceA'], 1],
  ['CHOICE', ['ChoiceB'], 0],
  ['CHOICE', [], 0],
  ['CHOICE_MULTIPLE', ['H', 'O'], 2],
  ['CHOICE_MULTIPLE', ['H'], 1],
  ['CHOICE_MULTIPLE', ['H', 'O', 'Cl'], 1],
  ['CHOICE_MULTIPLE', ['H', 'O', 'N'], 0],
  ['CHOICE_MULTIPLE', ['C', 'N'], 0],
  ['CHOICE_MULTIPLE', [], 0],
  ['ORDER', ['C', 'A', 'B'], 1],
  ['ORDER', ['A', 'C', 'B'], 0],
  ['ORDER', ['C', 'A'], 0],
  ['MATCH', ['C R', 'D M', 'L M', 'P T'], 3],
  ['MATCH', ['P T', 'C R'], 2],
  ['MATCH', ['C M', 'D M'], 0.5],
  ['MATCH', ['R C'], 0],
  ['TEXT_ENTRY', ['York'], 1],
  ['TEXT_ENTRY', ['york'], 0.5],
  ['TEXT_ENTRY', ['YORK'], 0],
  ['TEXT_ENTRY', ['  York '], 1],
  ['INLINE_CHOICE', ['Y'], 1],
  ['INLINE_CHOICE', ['G'], 0],
  ['SLIDER', ['16'], 1],
  ['SLIDER', ['17'], 0],
])('%s: %j scores %d', (name, given, score) => {
  expect(gradeSource(EXAMPLES[name], { RESPONSE: given })).toBe(score)
})

test('a key is case-sensitive unless it says otherwise (QTI 2.1 Information Model, mapEntry)', () => {
  const lax = TEXT_ENTRY.replace('mapKey="york"', 'mapKey="york" caseSensitive="false"')
  expect(gradeSource(lax, { RESPONSE: ['YORK'] })).toBe(0.5)
})

test.each(Object.entries(EXAMPLES))('%s is taken, and counts what its correct response scores', (name, source) => {
  const taken = takeItem('item-1', source)
  expect(taken).toMatchObject({ id: 'item-1', identifier: 'i', title: 'An item' })
  expect(taken.points).toBe({ CHOICE_MULTIPLE: 2, MATCH: 3 }[name] ?? 1)
  expect(maxScore(parseQti(source))).toBe(taken.points)
  expect(gradeSource(source, correctResponses(parseQti(source)))).toBe(taken.points)
})

// QTI 3.0 ASI Information Model: names in lower case with hyphens, most with the prefix "qti-".
const CHOICE_3 = CHOICE.replace('imsqti_v2p1', 'imsqtiasi_v3p0')
  .replace('http://www.imsglobal.org/question/qti_v2p1/', 'https://purl.imsglobal.org/spec/qti/v3p0/')
  .replace('match_correct"', 'match_correct.xml"')
  .replace(
    /(<\/?)(?!p\b)([a-z]+(?:[A-Z][a-z]+)*)\b/g,
    (_all, open: string, name: string) => `${open}qti-${hyphens(name)}`,
  )
  .replace(/ ([a-z]+[A-Z]\w*)=/g, (_all, name: string) => ` ${hyphens(name)}=`)

function hyphens(name: string): string {
  return name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)
}

test('the same item in the names of 3.0 is taken and scores the same', () => {
  expect(CHOICE_3).toContain('<qti-choice-interaction response-identifier="RESPONSE"')
  expect(takeItem('i', CHOICE_3).points).toBe(1)
  expect(gradeSource(CHOICE_3, { RESPONSE: ['ChoiceA'] })).toBe(1)
  expect(gradeSource(CHOICE_3, { RESPONSE: ['ChoiceC'] })).toBe(0)
})

test.each<[string, string, string]>([
  ['another root', '<assessmentTest xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1"/>', 'holds assessmentTest'],
  ['another namespace', CHOICE.replace('imsqti_v2p1', 'imsqti_v2p0'), 'is not in a QTI namespace of 2.1 to 3.0'],
  [
    'a key that earns nothing',
    CHOICE.replace('<value>ChoiceA', '<value>ChoiceX').replace('match_correct', 'map_response'),
    'has no mapping',
  ],
  [
    'a mapping without its key',
    TEXT_ENTRY.replace('<value>York', '<value>Kent'),
    'its correct response scores nothing',
  ],
  ['a template nobody knows', CHOICE.replace('match_correct', 'map_response_point'), 'is not supported'],
])('%s is refused, with the reason', (_name, source, why) => {
  expect(() => takeItem('i', source)).toThrow(why)
})
