import { contentOf } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { DEFAULT_TEXT_RULES, type Item } from '../../item/model.ts'
import { FormatError, type FormatData } from '../format.ts'
import { children, descendants, parseXml } from '../xml/xml.ts'
import { qti21 } from './index.ts'
import { processResponse } from '../qti/process.ts'

const encoder = new TextEncoder()
const packed = (xml: string): FormatData => ({
  form: 'package',
  files: [{ path: 'item.xml', bytes: encoder.encode(xml) }],
})

const NS = 'xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1"'

// IMS QTI 2.1 Implementation Guide, section 3.2.1 (a simple multiple choice item), with wording of our own.
const SIMPLE_CHOICE = `<?xml version="1.0" encoding="UTF-8"?>
<assessmentItem ${NS} identifier="choice" title="Unattended" adaptive="false" timeDependent="false">
  <responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier">
    <correctResponse><value>ChoiceA</value></correctResponse>
  </responseDeclaration>
  <outcomeDeclaration identifier="SCORE" cardinality="single" baseType="integer"><defaultValue><value>0</value></defaultValue></outcomeDeclaration>
  <itemBody>
    <p>Look at the text in the picture.</p>
    <choiceInteraction responseIdentifier="RESPONSE" shuffle="false" maxChoices="1">
      <prompt>What does it say?</prompt>
      <simpleChoice identifier="ChoiceA">Keep clear of the quay.</simpleChoice>
      <simpleChoice identifier="ChoiceB">Moor here.</simpleChoice>
      <simpleChoice identifier="ChoiceC">No diving.</simpleChoice>
    </choiceInteraction>
  </itemBody>
  <responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/>
</assessmentItem>`

// Section 3.2.2 (choice with multiple responses): the mapping of the guide's chemistry item, H and O +1, Cl −1.
const MULTIPLE_MAPPED = `<assessmentItem ${NS} identifier="multiple" title="Water" adaptive="false" timeDependent="false">
  <responseDeclaration identifier="RESPONSE" cardinality="multiple" baseType="identifier">
    <correctResponse><value>H</value><value>O</value></correctResponse>
    <mapping lowerBound="0" upperBound="2" defaultValue="-2"><mapEntry mapKey="H" mappedValue="1"/><mapEntry mapKey="O" mappedValue="1"/><mapEntry mapKey="Cl" mappedValue="-1"/></mapping>
  </responseDeclaration>
  <outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>
  <itemBody><choiceInteraction responseIdentifier="RESPONSE" shuffle="true" maxChoices="0"><prompt>Which are in water?</prompt>
    <simpleChoice identifier="H">Hydrogen</simpleChoice><simpleChoice identifier="O">Oxygen</simpleChoice><simpleChoice identifier="Cl">Chlorine</simpleChoice><simpleChoice identifier="He">Helium</simpleChoice></choiceInteraction></itemBody>
  <responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/map_response"/>
</assessmentItem>`

// Section 3.2.8 (text entry): one accepted answer in full, one in part, by mapping.
const TEXT_ENTRY = `<assessmentItem ${NS} identifier="entry" title="Entry" adaptive="false" timeDependent="false">
  <responseDeclaration identifier="RESPONSE" cardinality="single" baseType="string">
    <correctResponse><value>York</value></correctResponse>
    <mapping defaultValue="0"><mapEntry mapKey="York" mappedValue="1"/><mapEntry mapKey="york" mappedValue="0.5"/></mapping>
  </responseDeclaration>
  <outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>
  <itemBody><p>The sun of <textEntryInteraction responseIdentifier="RESPONSE" expectedLength="15"/> is glorious.</p></itemBody>
  <responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/map_response"/>
</assessmentItem>`

describe('the guide’s items are read', () => {
  test('simple choice', () => {
    const [item] = qti21.read(packed(SIMPLE_CHOICE)).items
    expect(item).toMatchObject({ kind: 'single', key: ['ChoiceA'], points: 1, shuffle: false })
    expect(plainText(item?.stem)).toBe('Look at the text in the picture.\nWhat does it say?')
  })

  test('multiple responses with a mapping are worth what the key is mapped to', () => {
    expect(qti21.read(packed(MULTIPLE_MAPPED)).items[0]).toMatchObject({
      kind: 'multiple',
      key: ['H', 'O'],
      points: 2,
      credit: 'weights',
    })
  })

  test('text entry leaves a gap in its sentence', () => {
    const [item] = qti21.read(packed(TEXT_ENTRY)).items
    expect(item).toMatchObject({ kind: 'short', key: ['York'], rules: { letterCase: 'respect' } })
    expect(plainText(item?.stem)).toBe('The sun of ___ is glorious.')
  })
})

describe('response processing', () => {
  test.each<[string, string, string[] | null, number]>([
    ['match_correct, right', SIMPLE_CHOICE, ['ChoiceA'], 1],
    ['match_correct, wrong', SIMPLE_CHOICE, ['ChoiceB'], 0],
    ['match_correct, nothing', SIMPLE_CHOICE, null, 0],
    ['map_response, all', MULTIPLE_MAPPED, ['O', 'H'], 2],
    ['map_response, one and a wrong one', MULTIPLE_MAPPED, ['H', 'Cl'], 0],
    ['map_response, the default is taken for what is not mapped', MULTIPLE_MAPPED, ['H', 'O', 'He'], 0],
    ['map_response, nothing', MULTIPLE_MAPPED, null, 0],
    ['mapping is case-sensitive unless told otherwise', TEXT_ENTRY, ['york'], 0.5],
  ])('%s', (_name, xml, response, expected) => {
    expect(processResponse(parseXml(xml), new Map([['RESPONSE', response]]))).toBe(expected)
  })

  test('an expression that is not known is an error, not a guess', () => {
    const xml = SIMPLE_CHOICE.replace(
      /<responseProcessing.*\/>/,
      '<responseProcessing><setOutcomeValue identifier="SCORE"><randomFloat min="0" max="1"/></setOutcomeValue></responseProcessing>',
    )
    expect(() => processResponse(parseXml(xml), new Map())).toThrow(/randomFloat/)
  })
})

const ITEM: Item = {
  kind: 'single',
  stem: contentOf('Which buoy?'),
  points: 2,
  tags: ['buoys'],
  key: ['b'],
  shuffle: false,
  feedback: contentOf('Red to port.'),
  options: [
    { id: 'a', content: contentOf('green') },
    { id: 'b', content: contentOf('red'), feedback: contentOf('Yes.') },
  ],
}

describe('what is written', () => {
  const written = qti21.write(
    [
      ITEM,
      { kind: 'short', stem: contentOf('It is called?'), points: 1, tags: [], key: ['ebb'], rules: DEFAULT_TEXT_RULES },
    ],
    { title: 'Week 2', as: 'paper' },
  )
  const files =
    written.data.form === 'package'
      ? new Map(written.data.files.map((file) => [file.path, new TextDecoder().decode(file.bytes)]))
      : new Map<string, string>()
  const manifest = parseXml(files.get('imsmanifest.xml') ?? '')

  // IMS QTI 2.1 Integration Guide, section 4 (packaging): resource types, dependencies, every file listed.
  test('the manifest names every file, and the test depends on every item', () => {
    const resources = descendants(manifest, 'resource')
    expect(resources.map((one) => one.attributes['type'])).toEqual([
      'imsqti_test_xmlv2p1',
      'imsqti_item_xmlv2p1',
      'imsqti_item_xmlv2p1',
    ])
    expect(
      descendants(manifest, 'file')
        .map((one) => one.attributes['href'])
        .sort(),
    ).toEqual([...files.keys()].filter((path) => path !== 'imsmanifest.xml').sort())
    expect(descendants(manifest, 'dependency').map((one) => one.attributes['identifierref'])).toEqual(
      resources.slice(1).map((one) => one.attributes['identifier']),
    )
  })

  // Information Model, section 4: the order of an item's parts is fixed by the schema's sequence.
  test('an item’s parts stand in the order of the schema', () => {
    const order = [
      'responseDeclaration',
      'outcomeDeclaration',
      'templateDeclaration',
      'templateProcessing',
      'stylesheet',
      'itemBody',
      'responseProcessing',
      'modalFeedback',
    ]
    for (const [path, xml] of files) {
      if (!path.startsWith('items/')) continue
      const root = parseXml(xml)
      const ranks = root.children.flatMap((node) => (node.type === 'element' ? [order.indexOf(node.name)] : []))
      expect(ranks).not.toContain(-1)
      expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
      expect(root.attributes['xmlns']).toBe('http://www.imsglobal.org/xsd/imsqti_v2p1')
      for (const name of ['identifier', 'title', 'adaptive', 'timeDependent'])
        expect(root.attributes[name]).toBeTruthy()
    }
  })

  test('every outcome that feedback or rules use is declared', () => {
    const root = parseXml(files.get('items/item-001.xml') ?? '')
    const declared = children(root, 'outcomeDeclaration').map((one) => one.attributes['identifier'])
    for (const feedback of children(root, 'modalFeedback'))
      expect(declared).toContain(feedback.attributes['outcomeIdentifier'])
    for (const rule of descendants(root, 'setOutcomeValue')) expect(declared).toContain(rule.attributes['identifier'])
  })

  test('text that XML escapes, or has no place for, does not break it', () => {
    const odd: Item = {
      kind: 'truefalse',
      stem: contentOf('5 < 6 & "x" ]]> \u0007'),
      points: 1,
      tags: ['a&b'],
      key: [true],
    }
    const back = qti21.read(qti21.write([odd], { title: '<&>', as: 'bank' }).data)
    expect(plainText(back.items[0]?.stem)).toBe('5 < 6 & "x" ]]>')
    expect(back.title).toBe('<&>')
  })
})

describe('broken packages', () => {
  test.each<[string, string]>([
    ['not well-formed', '<assessmentItem'],
    ['a document type', '<!DOCTYPE x [<!ENTITY a "b">]><assessmentItem/>'],
  ])('%s: the other items are read', (_name, xml) => {
    const data: FormatData = {
      form: 'package',
      files: [
        { path: 'a.xml', bytes: encoder.encode(xml) },
        { path: 'b.xml', bytes: encoder.encode(SIMPLE_CHOICE) },
      ],
    }
    const result = qti21.read(data)
    expect(result.items).toHaveLength(1)
    expect(result.unread[0]).toMatchObject({ where: 'a.xml' })
  })

  test('a package with nothing in it is one clear error', () => {
    expect(() => qti21.read({ form: 'package', files: [] })).toThrow(FormatError)
  })

  test('an interaction that is not kept is listed with its words', () => {
    const result = qti21.read(packed(SIMPLE_CHOICE.replaceAll('choiceInteraction', 'hotspotInteraction')))
    expect(result.unread[0]?.reason).toContain('hotspotInteraction')
    expect(result.unread[0]?.source).toContain('Moor here.')
  })
})

// What other writers make of the standard (QTI 2.1 Information Model; common practice).
describe('as others write it', () => {
  const declared = (type: string, values: readonly string[], more = '', cardinality = 'single'): string =>
    `<responseDeclaration identifier="RESPONSE" cardinality="${cardinality}" baseType="${type}">${values.length ? `<correctResponse>${values.map((value) => `<value>${value}</value>`).join('')}</correctResponse>` : ''}${more}</responseDeclaration>`
  const item = (declaration: string, body: string, processing = '', more = ''): FormatData =>
    packed(
      `<assessmentItem ${NS} identifier="x" title="X" adaptive="false" timeDependent="false">${declaration}<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/><itemBody>${body}</itemBody>${processing && `<responseProcessing>${processing}</responseProcessing>`}${more}</assessmentItem>`,
    )
  const choice =
    '<choiceInteraction responseIdentifier="RESPONSE" shuffle="true" maxChoices="1"><prompt>Which?</prompt><simpleChoice identifier="A">can</simpleChoice><simpleChoice identifier="B">cone</simpleChoice></choiceInteraction>'
  const entry = '<p>How deep?</p><p><textEntryInteraction responseIdentifier="RESPONSE"/></p>'
  const set = (outcome: string, value: string, type = 'float'): string =>
    `<setOutcomeValue identifier="${outcome}"><baseValue baseType="${type}">${value}</baseValue></setOutcomeValue>`
  const right = '<match><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></match>'
  const when = (test: string, rules: string, otherwise = ''): string =>
    `<responseCondition><responseIf>${test}${rules}</responseIf>${otherwise && `<responseElse>${otherwise}</responseElse>`}</responseCondition>`
  const modal = (identifier: string, words: string): string =>
    `<modalFeedback outcomeIdentifier="FEEDBACK" identifier="${identifier}" showHide="show">${words}</modalFeedback>`
  const one = (data: FormatData) => {
    const { items, unread } = qti21.read(data)
    return { item: items[0], said: unread.map((entry) => entry.reason) }
  }

  test('a key that only the rules know', () => {
    const is = (id: string): string =>
      `<match><variable identifier="RESPONSE"/><baseValue baseType="identifier">${id}</baseValue></match>`
    expect(one(item(declared('identifier', []), choice, when(is('B'), set('SCORE', '2'))))).toMatchObject({
      item: { kind: 'single', key: ['B'], points: 2 },
      said: [],
    })
    const several = choice.replace('maxChoices="1"', 'maxChoices="0"')
    const both =
      '<match><variable identifier="RESPONSE"/><multiple><baseValue baseType="identifier">A</baseValue><baseValue baseType="identifier">B</baseValue></multiple></match>'
    expect(
      one(item(declared('identifier', [], '', 'multiple'), several, when(both, set('SCORE', '1')))).item,
    ).toMatchObject({ kind: 'multiple', key: ['A', 'B'] })
    const contrary = one(item(declared('identifier', ['A']), choice, when(is('B'), set('SCORE', '1'))))
    expect(contrary.said).toEqual([
      'The declared key earns nothing by the rules of the item, and another choice does. Check the key.',
    ])
  })

  test.each<[string, string, object]>([
    [
      'a tolerance about the declared number',
      'toleranceMode="absolute" tolerance="0.1 0.1"',
      { value: 3.5, tolerance: 0.1 },
    ],
    ['a tolerance in per cent', 'toleranceMode="relative" tolerance="2"', { value: 3.5, tolerance: 0.07 }],
    ['more below than above', 'toleranceMode="absolute" tolerance="0.5 0.1"', { min: 3, max: 3.6 }],
    ['none', 'toleranceMode="exact"', { value: 3.5, tolerance: 0 }],
  ])('numbers: %s', (_name, mode, key) => {
    const test = `<equal ${mode}><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></equal>`
    expect(one(item(declared('float', ['3.5']), entry, when(test, set('SCORE', '1'))))).toMatchObject({
      item: { kind: 'numeric', key: [key] },
      said: [],
    })
  })

  test('a bound that does not count is said', () => {
    const bound = (name: string, value: string): string =>
      `<${name}><variable identifier="RESPONSE"/><baseValue baseType="float">${value}</baseValue></${name}>`
    const { item: read, said } = one(
      item(
        declared('float', ['3.5']),
        entry,
        when(`<and>${bound('gt', '3')}${bound('lte', '4')}</and>`, set('SCORE', '1')),
      ),
    )
    expect(read).toMatchObject({ key: [{ min: 3, max: 4 }] })
    expect(said).toEqual(['A bound that itself does not count was read as one that does.'])
  })

  test('feedback to the right is kept, feedback to the wrong is said, feedback to all is kept', () => {
    const rules = when(
      right,
      set('SCORE', '1') + set('FEEDBACK', 'right', 'identifier'),
      set('FEEDBACK', 'wrong', 'identifier'),
    )
    const both = one(
      item(declared('identifier', ['A']), choice, rules, modal('right', 'Well seen.') + modal('wrong', 'Look again.')),
    )
    expect(plainText(both.item?.feedback)).toBe('Well seen.')
    expect(both.said).toEqual(['Feedback that is shown to some answers only is left out: “Look again.”.'])
    const always = when(right, set('SCORE', '1')) + set('FEEDBACK', 'all', 'identifier')
    const toAll = one(item(declared('identifier', ['A']), choice, always, modal('all', 'See page 4.')))
    expect([plainText(toAll.item?.feedback), toAll.said]).toEqual(['See page 4.', []])
  })

  test('typed answers that earn a part are said; letter case is that of the key', () => {
    const mapping =
      '<mapping defaultValue="0"><mapEntry mapKey="bowline" mappedValue="1" caseSensitive="false"/><mapEntry mapKey="knot" mappedValue="0.5"/></mapping>'
    const { item: read, said } = one(item(declared('string', ['bowline'], mapping), entry, set('SCORE', '1')))
    expect(read).toMatchObject({ kind: 'short', key: ['bowline'], rules: { letterCase: 'ignore' } })
    expect(said).toEqual(['Answers that earn only a part of the points are left out: knot.'])
  })

  test('words to pick in a text are options, a slider is a number, an object that is a picture is one', () => {
    const pick =
      '<hottextInteraction responseIdentifier="RESPONSE" maxChoices="1"><prompt>Which is wrong?</prompt><p>The <hottext identifier="A">tide</hottext> is <hottext identifier="B">tied</hottext>.</p></hottextInteraction>'
    const picked = one(item(declared('identifier', ['B']), pick, when(right, set('SCORE', '1')))).item
    expect(picked).toMatchObject({ kind: 'single', key: ['B'] })
    expect(plainText(picked?.stem)).toBe('Which is wrong?\nThe tide is tied.')
    const slider =
      '<sliderInteraction responseIdentifier="RESPONSE" lowerBound="0" upperBound="20"><prompt>How many?</prompt></sliderInteraction>'
    expect(one(item(declared('integer', ['16']), slider, when(right, set('SCORE', '1')))).item).toMatchObject({
      kind: 'numeric',
      key: [{ value: 16, tolerance: 0 }],
    })
    const sign = `<p><object data="sign.png" type="image/png">a sign</object></p>${choice}`
    expect(plainText(one(item(declared('identifier', ['A']), sign)).item?.stem)).toBe('[image: a sign]\nWhich?')
  })

  const named = (name: string, type: string, values: readonly string[]): string =>
    declared(type, values).replace('"RESPONSE"', `"${name}"`)
  const choiceOf = (name: string, prompt: string): string =>
    choice.replace('"RESPONSE"', `"${name}"`).replace('Which?', prompt)
  const rightIn = (name: string): string => right.replaceAll('"RESPONSE"', `"${name}"`)
  const adds = (amount: number): string =>
    `<setOutcomeValue identifier="SCORE"><sum><variable identifier="SCORE"/><baseValue baseType="float">${amount}</baseValue></sum></setOutcomeValue>`

  // Composite items (QTI 2.1 Implementation Guide, from memory): several interactions in one body.
  test('an item that asks several things is an item for each, with what they share', () => {
    const { items, unread } = qti21.read(
      item(
        named('A', 'identifier', ['A']) + named('RESPONSE_2', 'string', ['ebb']) + named('C', 'string', []),
        `<p>The tide turns at noon.</p>${choiceOf('A', 'Which buoy?')}<p>The falling tide is the <textEntryInteraction responseIdentifier="RESPONSE_2"/>.</p><div><p>Say why.</p><extendedTextInteraction responseIdentifier="C"/></div>`,
        when(rightIn('A'), adds(2)) + when(rightIn('RESPONSE_2'), adds(1)),
      ),
    )
    expect(items).toMatchObject([
      { kind: 'single', key: ['A'], points: 2 },
      { kind: 'short', key: ['ebb'], points: 1 },
      { kind: 'essay', points: 1 },
    ])
    expect(items.map((one) => plainText(one.stem))).toEqual(['Which buoy?', 'The falling tide is the ___.', 'Say why.'])
    expect(items.map((one) => plainText(one.passage))).toEqual(Array(3).fill('The tide turns at noon.'))
    expect(unread.map((one) => one.reason)).toEqual(['It asks 3 things; each became an item of its own.'])
  })

  test('gaps in blocks one after the other are one text with gaps; a choice between them parts it', () => {
    const gap = (name: string): string => `<textEntryInteraction responseIdentifier="${name}"/>`
    const declared = named('A', 'string', ['ebb']) + named('B', 'string', ['flood'])
    const scores = when(rightIn('A'), adds(1)) + when(rightIn('B'), adds(1))
    const [first, second] = [`<p>Out goes the ${gap('A')}.</p>`, `<p>In comes the ${gap('B')}.</p>`]
    const together = qti21.read(item(declared, first + second, scores)).items
    expect(together).toMatchObject([{ kind: 'cloze', gaps: [{ key: ['ebb'] }, { key: ['flood'] }], points: 2 }])
    const parted = qti21.read(
      item(
        declared + named('C', 'identifier', ['A']),
        first + choiceOf('C', 'Which?') + second,
        scores + when(rightIn('C'), adds(1)),
      ),
    ).items
    expect(parted.map(({ kind }) => kind)).toEqual(['short', 'single', 'short'])
  })

  test('what the scorer is told is shared with no question, and a passage is said once', () => {
    const { items, unread } = qti21.read(
      item(
        named('A', 'identifier', ['A']) + named('B', 'identifier', ['B']),
        `<div class="passage"><p>The log.</p></div><rubricBlock view="scorer"><p>Both are A, B.</p></rubricBlock>${choiceOf('A', 'First?')}${choiceOf('B', 'Then?')}`,
        when(rightIn('A'), adds(1)) + when(rightIn('B'), adds(1)),
      ),
    )
    expect(items.map((one) => [plainText(one.passage), plainText(one.stem)])).toEqual([
      ['The log.', 'First?'],
      ['The log.', 'Then?'],
    ])
    expect(unread.map((one) => one.reason)).toContain('What is for the scorer only is left out: “Both are A, B.”.')
  })

  test('two choices that only earn together are worth a half each', () => {
    const { items } = qti21.read(
      item(
        named('A', 'identifier', ['A']) + named('B', 'identifier', ['B']),
        choiceOf('A', 'First?') + choiceOf('B', 'Then?'),
        when(`<and>${rightIn('A')}${rightIn('B')}</and>`, set('SCORE', '3')),
      ),
    )
    expect(items).toMatchObject([
      { kind: 'single', key: ['A'], points: 1.5 },
      { kind: 'single', key: ['B'], points: 1.5 },
    ])
  })

  // QTI 2.1 Information Model, section 7.3: associateInteraction pairs the members of one set.
  test('pairs of one set are matched, what is in no pair is a spare', () => {
    const choices = ['A', 'B', 'C', 'D', 'E']
      .map((id) => `<simpleAssociableChoice identifier="${id}" matchMax="1">${id}!</simpleAssociableChoice>`)
      .join('')
    const pairs = `<associateInteraction responseIdentifier="RESPONSE" maxAssociations="2"><prompt>Who goes with whom?</prompt>${choices}</associateInteraction>`
    const { item: read, said } = one(
      item(declared('pair', ['A D', 'C B'], '', 'multiple'), pairs, when(right, set('SCORE', '1'))),
    )
    expect(read).toMatchObject({
      kind: 'match',
      key: [
        [0, 1],
        [1, 0],
      ],
      credit: 'all',
    })
    expect(read?.kind === 'match' && [read.left, read.right].map((list) => list.map(plainText))).toEqual([
      ['A!', 'C!'],
      ['B!', 'D!', 'E!'],
    ])
    expect(said).toEqual(['Pairs of one set became two lists to match.'])
  })

  test('a file to hand in is an essay', () => {
    const upload =
      '<uploadInteraction responseIdentifier="RESPONSE"><prompt>Hand in your chart.</prompt></uploadInteraction>'
    expect(one(item(declared('file', []), upload))).toMatchObject({
      item: { kind: 'essay', points: 1 },
      said: ['What is to be handed in as a file became an essay.'],
    })
  })

  test('what the candidate is told is part of the question, what the scorer is told is said', () => {
    const told =
      '<rubricBlock view="candidate"><p>Use the chart.</p></rubricBlock><rubricBlock view="scorer"><p>Be mild.</p></rubricBlock>'
    const { item: read, said } = one(item(declared('identifier', ['A']), `${told}${choice}`))
    expect(plainText(read?.stem)).toBe('Use the chart.\nWhich?')
    expect(said).toEqual(['What is for the scorer only is left out: “Be mild.”.'])
    const essay = '<p>Why?</p><extendedTextInteraction responseIdentifier="RESPONSE"/>'
    expect(one(item(declared('string', []), `${told}${essay}`)).item).toMatchObject({
      kind: 'essay',
      sample: [{ type: 'paragraph', content: [{ type: 'text', text: 'Be mild.' }] }],
    })
  })

  test('values that are drawn for each student are not held', () => {
    const drawn = `${declared('float', ['3'])}<templateDeclaration identifier="N" cardinality="single" baseType="integer"/>`
    expect(one(item(drawn, `<p>Add <printedVariable identifier="N"/>.</p>${entry}`)).said).toEqual([
      'The item draws its values anew for each student, which is not held.',
    ])
  })
})

describe('packages as others pack them', () => {
  const file = (path: string, text: string) => ({ path, bytes: encoder.encode(text) })
  const resource = (href: string, type = 'imsqti_item_xmlv2p1'): string =>
    `<resource identifier="r" type="${type}" href="${href}"><file href="${href}"/></resource>`
  const manifest = (...resources: readonly string[]): string =>
    `<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1" identifier="m"><resources>${resources.join('')}</resources></manifest>`
  const read = (...files: readonly { path: string; bytes: Uint8Array }[]) => {
    const { items, unread } = qti21.read({ form: 'package', files })
    return { count: items.length, said: unread.map((one) => `${one.where}: ${one.reason}`) }
  }

  test('items that the manifest calls something else, or does not name, are read all the same', () => {
    const named = manifest(resource('a.xml', 'webcontent'))
    expect(read(file('imsmanifest.xml', named), file('a.xml', SIMPLE_CHOICE), file('b.xml', SIMPLE_CHOICE))).toEqual({
      count: 2,
      said: ['a.xml', 'b.xml'].map(
        (path) => `${path}: The manifest does not name this item; it was read all the same.`,
      ),
    })
  })

  test('a broken manifest, a broken test, and files that are not there do not take the items along', () => {
    const broken = read(file('imsmanifest.xml', '<manifest><resources>'), file('a.xml', SIMPLE_CHOICE))
    expect(broken.count).toBe(1)
    expect(broken.said[0]).toMatch(/^imsmanifest.xml: The XML is not well-formed/)
    const files = [
      file('imsmanifest.xml', manifest(resource('a.xml'), resource('t.xml', 'imsqti_test_xmlv2p1'))),
      file('a.xml', SIMPLE_CHOICE),
    ]
    expect(read(...files, file('t.xml', '<assessmentTest>')).count).toBe(1)
    const test = `<assessmentTest ${NS} identifier="t" title="T"><testPart identifier="p" navigationMode="linear" submissionMode="individual"><assessmentSection identifier="s" title="S" visible="true"><assessmentItemRef identifier="i" href="gone.xml"/></assessmentSection></testPart></assessmentTest>`
    expect(read(...files, file('t.xml', test))).toEqual({
      count: 1,
      said: ['gone.xml: The test names this file, but the package does not hold it.'],
    })
  })
})
