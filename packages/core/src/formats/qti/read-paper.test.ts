import { parseXml } from '../xml/xml.ts'
import { readTest } from './read-paper.ts'

const ref = (href: string, inner = '', more = ''): string =>
  `<assessmentItemRef identifier="${href}" href="${href}"${more}>${inner}</assessmentItemRef>`
const section = (title: string, inner: string): string =>
  `<assessmentSection identifier="s" title="${title}" visible="true">${inner}</assessmentSection>`
const part = (inner: string, more = ' submissionMode="simultaneous"'): string =>
  `<testPart identifier="p" navigationMode="nonlinear"${more}>${inner}</testPart>`
const test1 = (inner: string, title = 'Watch') =>
  readTest(parseXml(`<assessmentTest identifier="t" title="${title}">${inner}</assessmentTest>`))
const rubric = (words: string, view = 'candidate'): string => `<rubricBlock view="${view}">${words}</rubricBlock>`
const skipping = (allowed: boolean): string => `<itemSessionControl allowSkipping="${allowed}"/>`

// QTI 2.1 Information Model, section 3 (tests, parts, sections, references, time limits, weights).
describe('sections', () => {
  test('one that is named as the test stands for it', () => {
    const { title, refs, plan } = test1(part(section('Watch', rubric('<p>Read.</p>') + ref('a.xml'))))
    expect(title).toBe('Watch')
    expect(refs).toEqual([{ href: 'a.xml', section: null, required: false, timeLimit: null, weight: 1 }])
    expect(plan).toMatchObject({ instructions: 'Read.', sections: [] })
  })
  test('one with another name is one', () => {
    const { refs, plan } = test1(part(section('Knots', rubric('Choose.') + ref('a.xml'))))
    expect(refs[0]?.section).toBe(0)
    expect(plan).toMatchObject({ instructions: '', sections: [{ title: 'Knots', instructions: 'Choose.' }] })
  })
  test('one that holds others stands for the test; items before them are in none', () => {
    const inner = ref('a.xml') + section('Knots', ref('b.xml')) + section('Lights', ref('c.xml'))
    const { refs, plan } = test1(part(section('All', inner)))
    expect(refs.map(({ section: at }) => at)).toEqual([null, 0, 1])
    expect(plan.sections.map(({ title }) => title)).toEqual(['Knots', 'Lights'])
  })
  test('several are as many', () => {
    const { refs } = test1(part(section('Watch', ref('a.xml')) + section('Lights', ref('b.xml'))))
    expect(refs.map(({ section: at }) => at)).toEqual([0, 1])
  })
  test('a title of blanks is none', () => expect(test1(part(section('Knots', ref('a.xml'))), '  ').title).toBeNull())
})

describe('what must be answered', () => {
  const required = (partSays: string, sectionSays: string, refSays: string): boolean | undefined =>
    test1(part(partSays + section('Knots', sectionSays + ref('a.xml', refSays)))).refs[0]?.required
  test('nothing, where nothing is said', () => expect(required('', '', '')).toBe(false))
  test('as the part, the section or the reference says, the nearest of them', () => {
    expect(required(skipping(false), '', '')).toBe(true)
    expect(required('', skipping(false), '')).toBe(true)
    expect(required('', '', skipping(false))).toBe(true)
    expect(required(skipping(false), '', skipping(true))).toBe(false)
    expect(required(skipping(false), skipping(true), '')).toBe(false)
    expect(required(skipping(true), skipping(false), '')).toBe(true)
  })
})

describe('weights', () => {
  const weight = (id: string, value: string): string => `<weight identifier="${id}" value="${value}"/>`
  const weighed = (weights: string, processing = ''): number | undefined =>
    test1(part(section('Knots', ref('a.xml', weights))) + processing).refs[0]?.weight
  const uses = (name: string): string =>
    `<outcomeProcessing><setOutcomeValue identifier="SCORE"><sum><testVariables variableIdentifier="SCORE" weightIdentifier="${name}"/></sum></setOutcomeValue></outcomeProcessing>`
  test.each([
    ['the only one', weight('W', '3'), '', 3],
    ['none', '', '', 1],
    ['of two, none is used', weight('W', '3') + weight('X', '2'), '', 1],
    ['of two, the one that is used', weight('W', '3') + weight('X', '2'), uses('X'), 2],
    ['one that is not used', weight('W', '3'), uses('X'), 1],
    ['nought is none', weight('W', '0'), '', 1],
    ['what is no number is none', weight('W', 'much'), '', 1],
  ])('%s', (_name, weights, processing, value) => expect(weighed(weights, processing)).toBe(value))
})

describe('time, order and feedback', () => {
  const time = (seconds: string): string => `<timeLimits maxTime="${seconds}"/>`
  test('time of the test, or of its only part', () => {
    const body = section('Knots', ref('a.xml', time('30')))
    expect(test1(time('600') + part(body)).plan.timeLimit).toBe(600)
    expect(test1(part(time('300') + body)).plan.timeLimit).toBe(300)
    expect(test1(part(time('300') + body) + part(body)).plan.timeLimit).toBeNull()
    expect(test1(part(time('0') + body)).plan.timeLimit).toBeNull()
    expect(test1(part(body)).refs[0]?.timeLimit).toBe(30)
  })
  test('whether items change places', () => {
    const order = (shuffle: boolean): string => `<ordering shuffle="${shuffle}"/>`
    expect(test1(part(section('Knots', order(true) + ref('a.xml')))).plan.shuffleItems).toBe(true)
    expect(test1(part(section('Knots', order(false) + ref('a.xml')))).plan.shuffleItems).toBe(false)
  })
  test('when feedback is shown', () => {
    const body = section('Knots', ref('a.xml'))
    expect(test1(part(body)).plan.feedbackWhen).toBe('after')
    expect(test1(part(body, ' submissionMode="individual"')).plan.feedbackWhen).toBe('each')
    const never = '<itemSessionControl showFeedback="false"/>'
    expect(test1(part(never + body, ' submissionMode="individual"')).plan.feedbackWhen).toBe('never')
  })
})

test('instructions are what the candidate reads, a line for each block', () => {
  const blocks =
    rubric('<p>Read  each\nitem.</p><p>Then answer.</p>') +
    rubric('Keep time.', 'scorer candidate') +
    rubric('Be kind.', 'scorer') +
    rubric('')
  expect(test1(part(section('Watch', blocks))).plan.instructions).toBe('Read each item.\nThen answer.\nKeep time.')
})
