import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { validateXML } from 'xmllint-wasm'
import { paragraph, styledText } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import { FORMATS } from './index.ts'
import { barePlan, bySection, fitPaper, PAPER_FEATURES, type PaperPlan } from './paper-plan.ts'

const words = fc.constantFrom('Tides', 'Buoys & lights', 'Knots', 'Part <two>', 'Wind: “gale”')
const line = fc.constantFrom('Read all of it first.', 'Chart and dividers are allowed.', 'Answer in whole knots.')
const lines = fc.array(line, { maxLength: 3 }).map((all) => all.join('\n'))

/** A paper whose items stand section by section, as papers keep them, each section with an item. */
const anyPlan: fc.Arbitrary<PaperPlan> = fc
  .record({
    instructions: lines,
    identity: fc.subarray(['Name', 'Class', 'Boat']),
    timeLimit: fc.option(fc.integer({ min: 60, max: 7200 })),
    attempts: fc.option(fc.integer({ min: 1, max: 5 })),
    shuffleItems: fc.boolean(),
    feedbackWhen: fc.constantFrom('each' as const, 'after' as const, 'never' as const),
    loose: fc.array(fc.boolean(), { maxLength: 3 }),
    own: fc.array(fc.tuple(words, lines, fc.array(fc.boolean(), { minLength: 1, maxLength: 3 })), { maxLength: 4 }),
  })
  .filter(({ loose, own }) => loose.length + own.length > 0)
  .map(({ loose, own, ...settings }) => ({
    ...settings,
    sections: own.map(([title, instructions]) => ({ title, instructions })),
    places: [
      ...loose.map((required) => ({ section: null, required })),
      ...own.flatMap(([, , inside], section) => inside.map((required) => ({ section, required }))),
    ],
  }))

const itemsFor = (plan: PaperPlan): Item[] =>
  plan.places.map((_place, at) => ({
    kind: 'truefalse',
    stem: [paragraph([styledText(`A buoy marked ${at} is red.`, [])])],
    points: 1 + (at % 3),
    tags: [],
    key: [at % 2 === 0],
  }))

/** What is left of a plan where the format's limits take something away. */
function held(plan: PaperPlan, format: keyof typeof FORMATS): PaperPlan {
  const lost = new Set(fitPaper(plan, FORMATS[format].paper).map((loss) => loss.feature))
  const never = plan.feedbackWhen === 'never' && lost.has('feedback-never')
  return {
    ...plan,
    // Name and class are known to a site, so they are not in the file either.
    identity: [],
    attempts: lost.has('attempts') ? null : plan.attempts,
    feedbackWhen: never || (plan.feedbackWhen === 'each' && lost.has('feedback-each')) ? 'after' : plan.feedbackWhen,
    places: plan.places.map((place) => ({ ...place, required: lost.has('some-required') ? true : place.required })),
  }
}

describe.each(['qti12', 'qti21', 'qti22', 'qti30'] as const)('%s', (format) => {
  test('a paper comes back with its sections and settings, but for what its limits name', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const items = itemsFor(plan)
        const { data } = FORMATS[format].write(items, { title: 'Spring paper', as: 'paper', plan })
        const back = FORMATS[format].read(data)
        expect(back.items.map((item) => item.points)).toEqual(items.map((item) => item.points))
        const allAlike = format === 'qti12' ? { places: plan.places.map((one) => ({ ...one, required: true })) } : {}
        expect(back.plan).toEqual({ ...held(plan, format), ...allAlike })
      }),
      { numRuns: 60 },
    )
  })
})

test.each(['gift', 'aiken'] as const)('%s lists items, and says of each setting that it stays behind', (format) => {
  const plan: PaperPlan = {
    instructions: 'Read all.',
    identity: ['Name', 'Boat'],
    timeLimit: 600,
    attempts: 2,
    shuffleItems: true,
    feedbackWhen: 'each',
    sections: [{ title: 'One', instructions: '' }],
    places: [
      { section: 0, required: true },
      { section: 0, required: false },
    ],
  }
  const said = fitPaper(plan, FORMATS[format].paper).map((loss) => loss.feature)
  expect(said).toEqual(PAPER_FEATURES.filter((feature) => feature !== 'feedback-never'))
  expect(fitPaper(barePlan(3), FORMATS[format].paper)).toEqual([])
})

test('items are put under their sections, and empty sections are passed over', () => {
  const plan = {
    ...barePlan(3),
    sections: [
      { title: 'Empty', instructions: '' },
      { title: 'Full', instructions: '' },
    ],
    places: [
      { section: null, required: true },
      { section: 1, required: false },
      { section: 1, required: true },
    ],
  }
  const parts = ['a', 'b', 'c'].map((part, at) => ({ at, part }))
  expect(bySection(plan, parts)).toMatchObject([
    { section: null, parts: [{ part: 'a' }] },
    {
      section: { title: 'Full' },
      parts: [
        { part: 'b', required: false },
        { part: 'c', required: true },
      ],
    },
  ])
})

// Checked by libxml2 against a schema set down from the standard (QTI 2.1 Information Model, section 3), since the
// published one is not to be had without a network.
test('a test is in the order that the standard fixes', async () => {
  const schema = readFileSync(join(__dirname, 'qti/schema/test-2.1.xsd'), 'utf8')
    .replaceAll('NAMESPACE', 'http://www.imsglobal.org/xsd/imsqti_v2p1')
    .replace('RUBRIC', '<xs:element ref="p" minOccurs="0" maxOccurs="unbounded"/>')
    .replace('CONTENT_BODY', '')
  const tests = fc.sample(anyPlan, { numRuns: 40, seed: 5 }).map((plan, at) => {
    const { data } = FORMATS.qti21.write(itemsFor(plan), { title: 'Spring paper', as: 'paper', plan })
    const file = data.form === 'package' ? data.files.find((one) => one.path === 'test.xml') : undefined
    return { fileName: `test-${at}.xml`, contents: new TextDecoder().decode(file?.bytes) }
  })
  const result = await validateXML({ xml: tests, schema: [schema] })
  expect(result.errors.map((error) => error.message)).toEqual([])
  const [first] = tests
  const broken = { fileName: 'broken.xml', contents: (first?.contents ?? '').replace(/ visible="true"/, '') }
  expect((await validateXML({ xml: [broken], schema: [schema] })).valid).toBe(false)
})

// After the examples of tests in the IMS QTI 2.1 Implementation Guide (sections, weights, time limits), with wording of our own.
test('a foreign test: nested sections, a weight that the score uses, and one that it does not', () => {
  const encoder = new TextEncoder()
  const item = (id: string): string =>
    `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="${id}" title="${id}" adaptive="false" timeDependent="false"><responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>A</value></correctResponse></responseDeclaration><outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><itemBody><choiceInteraction responseIdentifier="RESPONSE" shuffle="false" maxChoices="1"><prompt>Which is ${id}?</prompt><simpleChoice identifier="A">This</simpleChoice><simpleChoice identifier="B">That</simpleChoice></choiceInteraction></itemBody><responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/></assessmentItem>`
  const test = `<assessmentTest xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="T" title="Harbour test"><timeLimits maxTime="900"/><testPart identifier="P" navigationMode="linear" submissionMode="individual"><itemSessionControl allowSkipping="false"/><assessmentSection identifier="S1" title="Lights" visible="true"><rubricBlock view="candidate"><p>Look at the chart.</p></rubricBlock><rubricBlock view="scorer"><p>Be kind.</p></rubricBlock><assessmentItemRef identifier="i2" href="items/i2.xml"><weight identifier="W" value="2.5"/><weight identifier="X" value="9"/></assessmentItemRef><assessmentSection identifier="S2" title="Marks" visible="true"><ordering shuffle="true"/><assessmentItemRef identifier="i1" href="items/i1.xml"><itemSessionControl allowSkipping="true"/></assessmentItemRef></assessmentSection></assessmentSection><assessmentSection identifier="S3" title="Empty" visible="true"/></testPart><outcomeProcessing><setOutcomeValue identifier="SCORE"><sum><testVariables variableIdentifier="SCORE" weightIdentifier="W"/></sum></setOutcomeValue></outcomeProcessing></assessmentTest>`
  const manifest = `<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1" identifier="M"><resources><resource identifier="t" type="imsqti_test_xmlv2p1" href="test.xml"/><resource identifier="a" type="imsqti_item_xmlv2p1" href="items/i1.xml"/><resource identifier="b" type="imsqti_item_xmlv2p1" href="items/i2.xml"/></resources></manifest>`
  const files = Object.entries({
    'imsmanifest.xml': manifest,
    'test.xml': test,
    'items/i1.xml': item('i1'),
    'items/i2.xml': item('i2'),
  }).map(([path, text]) => ({ path, bytes: encoder.encode(text) }))
  const { title, items, plan } = FORMATS.qti21.read({ form: 'package', files })
  expect(title).toBe('Harbour test')
  expect(items.map((one) => one.points)).toEqual([2.5, 1])
  expect(plan).toEqual({
    instructions: '',
    identity: [],
    timeLimit: 900,
    attempts: null,
    shuffleItems: true,
    feedbackWhen: 'each',
    sections: [
      { title: 'Lights', instructions: 'Look at the chart.' },
      { title: 'Marks', instructions: '' },
      { title: 'Empty', instructions: '' },
    ],
    places: [
      { section: 0, required: true },
      { section: 1, required: false },
    ],
  })
})
