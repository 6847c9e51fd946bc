import { MathMLToLaTeX } from 'mathml-to-latex'
import { fromElements, textNode } from '../../content/elements.ts'
import { mathMl } from '../../content/mathematics.ts'
import { contentOf, paragraph } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { printMarkup } from '../../content/print-markup.ts'
import { shareEarned } from '../../grade/grade.ts'
import type { Response } from '../../grade/response.ts'
import type { Item } from '../../item/model.ts'
import type { FormatData } from '../format.ts'
import { qti21 } from '../qti21/index.ts'
import { qti30 } from '../qti30/index.ts'
import { parseXml } from '../xml/xml.ts'
import { processResponse, type QtiValue } from './process.ts'

const encoder = new TextEncoder()
const packed = (xml: string, more: Readonly<Record<string, string>> = {}): FormatData => ({
  form: 'package',
  files: Object.entries({ 'items/item.xml': xml, ...more }).map(([path, text]) => ({
    path,
    bytes: encoder.encode(text),
  })),
})

const item = (declarations: string, body: string, processing: string): string =>
  `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="item" title="An item" adaptive="false" timeDependent="false">
${declarations}
<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>
<itemBody>${body}</itemBody>
${processing}
</assessmentItem>`
const MATCH = '<responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/>'
const MAP = '<responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/map_response"/>'

/** What an item read from a file gives for a response, by our model and by the file's own rules. */
function shares(xml: string, response: Response): readonly [number, number | null] {
  const [read] = qti21.read(packed(xml)).items
  return [read ? shareEarned(read, response) : NaN, qti21.grader(packed(xml))(0, response)]
}

// The kinds of the examples in the IMS QTI 2.1 Implementation Guide, section 3.2, rebuilt with wording of our own.
describe('the guide’s examples', () => {
  const ORDER = item(
    '<responseDeclaration identifier="RESPONSE" cardinality="ordered" baseType="identifier"><correctResponse><value>C</value><value>A</value><value>B</value></correctResponse></responseDeclaration>',
    '<orderInteraction responseIdentifier="RESPONSE" shuffle="true"><prompt>Who came in first, second, third?</prompt><simpleChoice identifier="A">Ine</simpleChoice><simpleChoice identifier="B">Bo</simpleChoice><simpleChoice identifier="C">Siv</simpleChoice></orderInteraction>',
    MATCH,
  )

  test('order (section 3.2.3)', () => {
    expect(qti21.read(packed(ORDER)).items[0]).toMatchObject({ kind: 'order', key: ['C', 'A', 'B'], points: 1 })
    expect(shares(ORDER, { kind: 'order', ids: ['C', 'A', 'B'] })).toEqual([1, 1])
    expect(shares(ORDER, { kind: 'order', ids: ['A', 'C', 'B'] })).toEqual([0, 0])
  })

  const PAIRS = item(
    '<responseDeclaration identifier="RESPONSE" cardinality="multiple" baseType="directedPair"><correctResponse><value>X N</value><value>Y S</value></correctResponse><mapping defaultValue="0"><mapEntry mapKey="X N" mappedValue="1"/><mapEntry mapKey="Y S" mappedValue="1"/></mapping></responseDeclaration>',
    '<matchInteraction responseIdentifier="RESPONSE" shuffle="true" maxAssociations="2"><prompt>Match each crew with its boat.</prompt><simpleMatchSet><simpleAssociableChoice identifier="X" matchMax="1">Odd</simpleAssociableChoice><simpleAssociableChoice identifier="Y" matchMax="1">Liv</simpleAssociableChoice></simpleMatchSet><simpleMatchSet><simpleAssociableChoice identifier="N" matchMax="4">the ketch</simpleAssociableChoice><simpleAssociableChoice identifier="S" matchMax="4">the sloop</simpleAssociableChoice><simpleAssociableChoice identifier="R" matchMax="4">the raft</simpleAssociableChoice></simpleMatchSet></matchInteraction>',
    MAP,
  )

  test('match with a mapping (section 3.2.5): a partner may be taken again, so that it is a grid', () => {
    expect(qti21.read(packed(PAIRS)).items[0]).toMatchObject({
      kind: 'grid',
      points: 2,
      key: [
        [0, 0],
        [1, 1],
      ],
    })
    const half: Response = {
      kind: 'pairs',
      pairs: [
        [0, 0],
        [1, 2],
      ],
    }
    expect(shares(PAIRS, half)[0]).toBe(0.5)
    expect(shares(PAIRS, half)[1]).toBe(0.5)
  })

  test('gap match (section 3.2.6) becomes a text with a word bank', () => {
    const xml = item(
      '<responseDeclaration identifier="RESPONSE" cardinality="multiple" baseType="directedPair"><correctResponse><value>W G1</value><value>Su G2</value></correctResponse></responseDeclaration>',
      '<gapMatchInteraction responseIdentifier="RESPONSE" shuffle="false"><prompt>Fill the gaps.</prompt><gapText identifier="W" matchMax="1">ebb</gapText><gapText identifier="Sp" matchMax="1">slack</gapText><gapText identifier="Su" matchMax="1">flood</gapText><p>Out goes the <gap identifier="G1"/>, in comes the <gap identifier="G2"/>.</p></gapMatchInteraction>',
      MATCH,
    )
    const [read] = qti21.read(packed(xml)).items
    expect(read).toMatchObject({
      kind: 'cloze',
      gaps: [{ key: ['ebb'] }, { key: ['flood'] }],
      wordBank: ['ebb', 'slack', 'flood'],
    })
    expect(plainText(read?.stem)).toContain('Out goes the ___, in comes the ___.')
  })

  test('inline choice (section 3.2.8)', () => {
    const xml = item(
      '<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>Y</value></correctResponse></responseDeclaration>',
      '<p>Now is the <inlineChoiceInteraction responseIdentifier="RESPONSE" shuffle="false"><inlineChoice identifier="G">glue</inlineChoice><inlineChoice identifier="Y">tide</inlineChoice></inlineChoiceInteraction> to turn.</p>',
      MATCH,
    )
    const [read] = qti21.read(packed(xml)).items
    expect(read).toMatchObject({ kind: 'cloze', gaps: [{ key: ['tide'], choices: ['glue', 'tide'] }] })
    expect(shares(xml, { kind: 'gaps', texts: ['tide'] })).toEqual([1, 1])
  })

  test('extended text (section 3.2.10) is for a person to read', () => {
    const xml = item(
      '<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="string"/>',
      '<p>Dear crew,</p><extendedTextInteraction responseIdentifier="RESPONSE" expectedLength="200"><prompt>Write back to the harbour master.</prompt></extendedTextInteraction>',
      '',
    )
    const [read] = qti21.read(packed(xml)).items
    expect(read?.kind).toBe('essay')
    expect(plainText(read?.stem)).toBe('Dear crew,\nWrite back to the harbour master.')
  })

  // MathML 3, sections 3.3.2 and 5.4; the guide shows it inside prompts (section 3.2.1).
  test('MathML becomes TeX, by its annotation or by its elements', () => {
    const math = '<math xmlns="http://www.w3.org/1998/Math/MathML"><mfrac><mn>1</mn><mn>2</mn></mfrac></math>'
    const annotated =
      '<math xmlns="http://www.w3.org/1998/Math/MathML"><semantics><msup><mi>x</mi><mn>2</mn></msup><annotation encoding="application/x-tex">x^{2}</annotation></semantics></math>'
    const xml = item('', `<p>Half is ${math}, a square ${annotated}.</p>`, '')
    expect(plainText(qti21.read(packed(xml)).items[0]?.stem)).toBe('Half is \\(\\frac{1}{2}\\), a square \\(x^{2}\\).')
  })

  // Section 9 of the Information Model, `equal` with a relative tolerance.
  test('a number with a relative tolerance', () => {
    const xml = item(
      '<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="float"><correctResponse><value>200</value></correctResponse></responseDeclaration>',
      '<p>How far is it? <textEntryInteraction responseIdentifier="RESPONSE"/> NM</p>',
      '<responseProcessing><responseCondition><responseIf><equal toleranceMode="relative" tolerance="5 5"><variable identifier="RESPONSE"/><baseValue baseType="float">200</baseValue></equal><setOutcomeValue identifier="SCORE"><baseValue baseType="float">2</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing>',
    )
    expect(qti21.read(packed(xml)).items[0]).toMatchObject({
      kind: 'numeric',
      points: 2,
      key: [{ value: 200, tolerance: 10 }],
    })
    expect(shares(xml, { kind: 'text', text: '190' })).toEqual([1, 1])
    expect(shares(xml, { kind: 'text', text: '189' })).toEqual([0, 0])
  })
})

// QTI 3.0 ASI Information Model: names with hyphens, and a stimulus that items share.
test('an item of 3.0 with its stimulus', () => {
  const xml = `<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="item" title="Lamp" adaptive="false" time-dependent="false">
<qti-response-declaration identifier="RESPONSE" cardinality="multiple" base-type="identifier"><qti-correct-response><qti-value>A</qti-value><qti-value>C</qti-value></qti-correct-response></qti-response-declaration>
<qti-outcome-declaration identifier="SCORE" cardinality="single" base-type="float"/>
<qti-assessment-stimulus-ref identifier="lamp" href="../stimuli/lamp.xml"/>
<qti-item-body><qti-choice-interaction response-identifier="RESPONSE" max-choices="0" shuffle="true"><qti-prompt>What did it burn?</qti-prompt><qti-simple-choice identifier="A">oil</qti-simple-choice><qti-simple-choice identifier="B">peat</qti-simple-choice><qti-simple-choice identifier="C">gas</qti-simple-choice></qti-choice-interaction></qti-item-body>
<qti-response-processing template="https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/match_correct.xml"/>
</qti-assessment-item>`
  const stimulus =
    '<qti-assessment-stimulus xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="lamp" title="The lamp"><qti-stimulus-body><p>It burned oil, then gas.</p></qti-stimulus-body></qti-assessment-stimulus>'
  const data = packed(xml, { 'stimuli/lamp.xml': stimulus })
  const [read] = qti30.read(data).items
  expect(read).toMatchObject({ kind: 'multiple', key: ['A', 'C'], credit: 'all', shuffle: true })
  expect(plainText(read?.passage)).toBe('It burned oil, then gas.')
  expect(qti30.grader(data)(0, { kind: 'choice', chosen: ['C', 'A'] })).toBe(1)
})

test('items that share a passage share one stimulus in 3.0, and each keeps its own in 2.1', () => {
  const passage = [{ type: 'paragraph' as const, content: [{ type: 'text' as const, text: 'The lamp burned oil.' }] }]
  const stem = [{ type: 'paragraph' as const, content: [{ type: 'text' as const, text: 'Did it?' }] }]
  const asks: Item = { kind: 'truefalse', stem, points: 1, tags: [], key: [true], passage }
  const paths = (format: typeof qti30): string[] => {
    const { data } = format.write([asks, { ...asks, key: [false] }], { title: 'Lamp', as: 'paper' })
    return data.form === 'package'
      ? data.files.map((file) => file.path).filter((path) => path.startsWith('stimuli/'))
      : []
  }
  expect(paths(qti30)).toEqual(['stimuli/stimulus-1.xml'])
  expect(paths(qti21)).toEqual([])
})

test('pictures go into the package, named from where the item stands', () => {
  const stem = [{ type: 'paragraph' as const, content: [{ type: 'picture' as const, asset: 'a1', alt: 'a red can' }] }]
  const asks: Item = { kind: 'truefalse', stem, points: 1, tags: [], key: [true] }
  const assets = new Map([['a1', new Uint8Array([1, 2, 3])]])
  const { data, losses } = qti21.write([asks], { title: 'Buoys', as: 'bank', assets })
  const files = data.form === 'package' ? data.files : []
  expect(losses).toEqual([])
  expect(files.find((file) => file.path === 'media/1-a1')?.bytes).toEqual(new Uint8Array([1, 2, 3]))
  expect(new TextDecoder().decode(files.find((file) => file.path.startsWith('items/'))?.bytes)).toContain(
    'src="../media/1-a1"',
  )
  expect(qti21.write([asks], { title: 'Buoys', as: 'bank', assets: new Map() }).losses[0]?.feature).toBe(
    'picture-missing',
  )
})

// Feedback and hints as the guide's examples show them (QTI 2.1 Implementation Guide, section 3.4 and the sections of the
// Information Model that are named), with wording of our own. Section numbers of the guide are from memory.
describe('feedback and hints', () => {
  const DECLARED =
    '<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier"><correctResponse><value>A</value></correctResponse></responseDeclaration>'
  const CHOICES = (inA: string): string =>
    `<choiceInteraction responseIdentifier="RESPONSE" shuffle="false" maxChoices="1"><prompt>Which knot makes a loop?</prompt><simpleChoice identifier="A">bowline${inA}</simpleChoice><simpleChoice identifier="B">sheet bend</simpleChoice></choiceInteraction>`

  test('inline feedback inside a choice is the option’s (Information Model, section 5.3, feedbackInline)', () => {
    const inline =
      '<feedbackInline outcomeIdentifier="FEEDBACK" identifier="A" showHide="show">It holds and comes undone.</feedbackInline>'
    const [read] = qti21.read(packed(item(DECLARED, CHOICES(inline), MATCH))).items
    expect(read?.kind === 'single' && read.options.map((one) => plainText(one.content))).toEqual([
      'bowline',
      'sheet bend',
    ])
    expect(read?.kind === 'single' && plainText(read.options[0]?.feedback)).toBe('It holds and comes undone.')
  })

  test('a feedback block in the body is feedback, not part of the stem (section 5.3, feedbackBlock)', () => {
    const block =
      '<feedbackBlock outcomeIdentifier="FEEDBACK" identifier="all" showHide="show"><p>See the chapter on loops.</p></feedbackBlock>'
    const [read] = qti21.read(packed(item(DECLARED, `${CHOICES('')}${block}`, MATCH))).items
    expect([plainText(read?.stem), plainText(read?.feedback)]).toEqual([
      'Which knot makes a loop?',
      'See the chapter on loops.',
    ])
  })

  test('what a button that ends the attempt shows is a hint (section 7.6, endAttemptInteraction)', () => {
    const xml = item(
      `${DECLARED}<responseDeclaration identifier="HELP" cardinality="single" baseType="boolean"/>`,
      `${CHOICES('')}<p><endAttemptInteraction responseIdentifier="HELP" title="Help me"/></p>`,
      '<responseProcessing><responseCondition><responseIf><variable identifier="HELP"/><setOutcomeValue identifier="SHOWN"><baseValue baseType="identifier">loop</baseValue></setOutcomeValue></responseIf><responseElseIf><match><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></match><setOutcomeValue identifier="SCORE"><baseValue baseType="float">1</baseValue></setOutcomeValue></responseElseIf></responseCondition></responseProcessing><modalFeedback outcomeIdentifier="SHOWN" identifier="loop" showHide="show">The rabbit comes out of its hole.</modalFeedback>',
    )
    const [read] = qti21.read(packed(xml)).items
    expect([plainText(read?.hint), read?.feedback]).toEqual(['The rabbit comes out of its hole.', undefined])
    expect(shares(xml, { kind: 'choice', chosen: ['A'] })).toEqual([1, 1])
  })

  test('a hint that is written costs nothing: asking for it is no attempt that is scored', () => {
    const [read] = qti21.read(packed(item(DECLARED, CHOICES(''), MATCH))).items
    if (!read) throw new Error('nothing was read')
    const { data } = qti21.write([{ ...read, hint: contentOf('The rabbit comes out.') }], { title: 'A', as: 'bank' })
    const file = data.form === 'package' ? data.files.find((one) => one.path.startsWith('items/')) : undefined
    const root = parseXml(new TextDecoder().decode(file?.bytes))
    expect(root.attributes['adaptive']).toBe('true')
    const right = ['RESPONSE', ['A']] as const
    expect(processResponse(root, new Map<string, QtiValue>([right, ['HINT', [true]]]))).toBe(0)
    expect(processResponse(root, new Map<string, QtiValue>([right]))).toBe(1)
    expect(plainText(qti21.read(data).items[0]?.hint)).toBe('The rabbit comes out.')
  })
})

// The setter's MathML without its TeX annotation, read by a library that knows nothing of the setter.
test.each([
  ['x_1 \\neq y', 'x_{1} \\neq y'],
  ['\\frac{a}{b}', '\\frac{a}{b}'],
  ['\\sqrt{2}', '\\sqrt{2}'],
])('TeX goes as MathML that says the same: %s', (tex, said) => {
  const math = mathMl(tex, false)
  expect(math).toMatchObject({ type: 'element', name: 'math' })
  const bare = printMarkup([math]).replace(/<annotation.*<\/annotation>/, '')
  expect(MathMLToLaTeX.convert(bare).replace(/\s+/g, ' ').trim()).toBe(said)
  expect(fromElements([math])).toEqual([paragraph([{ type: 'tex', tex, display: false }])])
})

test('TeX that cannot be set stays as it is typed', () => {
  expect(mathMl('\\frac{1', true)).toEqual(textNode('\\[\\frac{1\\]'))
})
