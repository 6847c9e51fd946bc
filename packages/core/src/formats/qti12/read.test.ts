import { plainText } from '../../content/plain.ts'
import type { FormatData } from '../format.ts'
import { qti12 } from './index.ts'

const encoder = new TextEncoder()
const packed = (items: string): FormatData => ({
  form: 'package',
  files: [
    {
      path: 'assessment.xml',
      bytes: encoder.encode(
        `<questestinterop><assessment ident="a1" title="Harbour check"><section ident="s1">${items}</section></assessment></questestinterop>`,
      ),
    },
  ],
})
const text = (words: string): string => `<material><mattext>${words}</mattext></material>`
const label = (ident: string, words: string): string =>
  `<response_label ident="${ident}">${text(words)}</response_label>`
const outcomes = '<outcomes><decvar varname="SCORE" vartype="Integer" minvalue="0" maxvalue="2"/></outcomes>'
const set = (test: string, amount: number, action = 'Set', goOn = 'No'): string =>
  `<respcondition continue="${goOn}"><conditionvar>${test}</conditionvar><setvar varname="SCORE" action="${action}">${amount}</setvar></respcondition>`

// The kinds of the examples in the IMS QTI ASI Best Practice and Implementation Guide 1.2, section 4, rebuilt with
// wording of our own.
const SINGLE = `<item ident="i1" title="Buoy"><presentation>${text('Which buoy stands to port?')}<response_lid ident="R" rcardinality="Single"><render_choice shuffle="Yes">${label('A', 'green cone')}${label('B', 'red can')}</render_choice></response_lid></presentation><resprocessing>${outcomes}${set('<varequal respident="R">B</varequal>', 2)}</resprocessing></item>`
const MULTIPLE = `<item ident="i2" title="Marks"><presentation>${text('Which are cardinal?')}<response_lid ident="R" rcardinality="Multiple"><render_choice>${label('A', 'north')}${label('B', 'special')}${label('C', 'west')}</render_choice></response_lid></presentation><resprocessing>${outcomes}${set('<varequal respident="R">A</varequal>', 1, 'Add', 'Yes')}${set('<varequal respident="R">C</varequal>', 1, 'Add', 'Yes')}${set('<varequal respident="R">B</varequal>', 1, 'Subtract', 'Yes')}</resprocessing></item>`
const FIB = `<item ident="i3" title="Knot"><presentation>${text('The knot is called')}<response_str ident="R" rcardinality="Single"><render_fib fibtype="String"/></response_str></presentation><resprocessing>${outcomes}${set('<or><varequal respident="R" case="No">bowline</varequal><varequal respident="R" case="No">bowline knot</varequal></or>', 2)}</resprocessing></item>`
const RANGE = `<item ident="i4" title="Depth"><presentation>${text('How deep is it?')}<response_num ident="R" rcardinality="Single" numtype="Decimal"><render_fib fibtype="Decimal"/></response_num></presentation><resprocessing>${outcomes}${set('<vargte respident="R">3.1</vargte><varlte respident="R">3.3</varlte>', 2)}</resprocessing></item>`

describe('the guide’s examples', () => {
  const { items, title, unread } = qti12.read(packed(SINGLE + MULTIPLE + FIB + RANGE))

  test('all are read, with the title of the assessment', () => {
    expect(unread).toEqual([])
    expect(title).toBe('Harbour check')
    expect(items.map((item) => item.points)).toEqual([2, 2, 2, 2])
  })

  test('single choice', () => expect(items[0]).toMatchObject({ kind: 'single', key: ['B'], shuffle: true }))
  test('multiple response whose conditions add up', () =>
    expect(items[1]).toMatchObject({ kind: 'multiple', key: ['A', 'C'], credit: 'each' }))
  test('fill in the blank', () =>
    expect(items[2]).toMatchObject({
      kind: 'short',
      key: ['bowline', 'bowline knot'],
      rules: { letterCase: 'ignore' },
    }))
  test('a number within bounds', () =>
    expect(items[3]).toMatchObject({ kind: 'numeric', key: [{ min: 3.1, max: 3.3 }] }))

  test.each<[number, string[], number]>([
    [0, ['B'], 1],
    [0, ['A'], 0],
    [1, ['A', 'C'], 1],
    [1, ['A'], 0.5],
    [1, ['A', 'B', 'C'], 0.5],
    [1, ['B'], 0],
  ])('item %s, %j chosen: %s of the points', (index, chosen, share) => {
    expect(qti12.grader(packed(SINGLE + MULTIPLE))(index, { kind: 'choice', chosen })).toBe(share)
  })
})

test('an item that is not understood is listed, and the others are read', () => {
  const odd = `<item ident="odd"><presentation>${text('Point at the wreck.')}<response_xy ident="R"><render_hotspot/></response_xy></presentation></item>`
  const result = qti12.read(packed(odd + SINGLE))
  expect(result.items).toHaveLength(1)
  expect(result.unread[0]).toMatchObject({ where: 'odd' })
  expect(result.unread[0]?.source).toContain('Point at the wreck.')
  expect(plainText(result.items[0]?.stem)).toBe('Which buoy stands to port?')
})

// What other writers make of the standard (ASI Information Model 1.2; common practice).
describe('as others write it', () => {
  const lid = (ident: string, labels: string, more = ''): string =>
    `<response_lid ident="${ident}" rcardinality="Single">${more}<render_choice>${labels}</render_choice></response_lid>`
  const str = (ident: string): string => `<response_str ident="${ident}"><render_fib/></response_str>`
  const equal = (ident: string, value: string, more = ''): string =>
    `<varequal respident="${ident}"${more}>${value}</varequal>`
  const noBound = '<outcomes><decvar varname="SCORE" vartype="Integer" defaultval="0"/></outcomes>'
  const item = (presentation: string, processing: string, more = '', metadata = ''): string =>
    `<item ident="x" title="X">${metadata}<presentation>${presentation}</presentation><resprocessing>${processing}</resprocessing>${more}</item>`
  const feedback = (ident: string, words: string): string =>
    `<itemfeedback ident="${ident}"><flow_mat>${text(words)}</flow_mat></itemfeedback>`
  const shows = (test: string, ident: string): string =>
    `<respcondition continue="Yes"><conditionvar>${test}</conditionvar><displayfeedback linkrefid="${ident}"/></respcondition>`
  const one = (xml: string) => {
    const result = qti12.read(packed(xml))
    return { item: result.items[0], said: result.unread.map((entry) => entry.reason) }
  }

  test('without an upper bound the most that can be earned are the points', () => {
    const labels = label('A', 'north') + label('B', 'special') + label('C', 'west')
    const multiple = lid('R', labels).replace('Single', 'Multiple')
    const adds = set(equal('R', 'A'), 5, 'Add', 'Yes') + set(equal('R', 'C'), 5, 'Add', 'Yes')
    expect(one(item(text('Which?') + multiple, noBound + adds)).item).toMatchObject({
      kind: 'multiple',
      points: 10,
      key: ['A', 'C'],
      credit: 'weights',
      weights: { A: 0.5, B: 0, C: 0.5 },
    })
    const single = lid('R', labels)
    const best = set(equal('R', 'A'), 4) + set(equal('R', 'B'), 1)
    expect(one(item(text('Which?') + single, noBound + best)).item).toMatchObject({
      kind: 'single',
      points: 4,
      key: ['A'],
      weights: { B: 0.25 },
    })
  })

  test('a weight stands for a score that is a percentage', () => {
    const field = (name: string, entry: string): string =>
      `<qtimetadatafield><fieldlabel>${name}</fieldlabel><fieldentry>${entry}</fieldentry></qtimetadatafield>`
    const metadata = (fields: string): string => `<itemmetadata><qtimetadata>${fields}</qtimetadata></itemmetadata>`
    const percent = '<outcomes><decvar varname="SCORE" minvalue="0" maxvalue="100"/></outcomes>'
    const body = text('Which?') + lid('R', label('A', 'can') + label('B', 'cone'))
    const profile = field('cc_profile', 'cc.multiple_choice.v0p1')
    const right = percent + set(equal('R', 'A'), 100)
    expect(one(item(body, right, '', metadata(profile + field('cc_weighting', '3')))).item?.points).toBe(3)
    expect(one(item(body, right, '', metadata(profile))).item?.points).toBe(1)
    expect(one(item(body, right)).item?.points).toBe(100)
    const essay = metadata(field('cc_profile', 'cc.essay.v0p1'))
    expect(one(item(text('Why?') + str('R'), percent, '', essay)).item).toMatchObject({ kind: 'essay', points: 1 })
  })

  test('what is only answered with feedback, or earns nothing, is no key', () => {
    const processing =
      outcomes +
      shows(equal('R', 'knot'), 'close') +
      set(equal('R', 'bight'), 0) +
      set(equal('R', 'bowline', ' case="Yes"'), 2) +
      set(`<not>${equal('R', 'hitch')}</not>`, 0)
    const { item: read, said } = one(
      item(text('Which knot?') + str('R'), processing, feedback('close', 'Which knot exactly?')),
    )
    expect(read).toMatchObject({ kind: 'short', key: ['bowline'], rules: { letterCase: 'respect' } })
    expect(said).toEqual(['Feedback that is shown to some answers only is left out: “Which knot exactly?”.'])
  })

  test('a part of the points for a typed answer is said, and a part of a text is a key with stars', () => {
    const { item: read, said } = one(
      item(
        text('Who?') + str('R'),
        outcomes + set('<varsubstring respident="R">harbour</varsubstring>', 2) + set(equal('R', 'port'), 1),
      ),
    )
    expect(read).toMatchObject({ kind: 'short', key: ['*harbour*'], rules: { pattern: 'star' } })
    expect(said).toEqual(['Answers that earn only a part of the points are left out: port.'])
  })

  test('a number that is typed as text, exact or within bounds', () => {
    const band = '<vargt respident="R">3</vargt><varlte respident="R">4</varlte>'
    const { item: read, said } = one(
      item(text('How deep?') + str('R'), outcomes + set(`<or>${equal('R', '3.5')}<and>${band}</and></or>`, 2)),
    )
    expect(read).toMatchObject({ kind: 'numeric', key: [{ value: 3.5, tolerance: 0.5 }] })
    expect(said).toEqual(['A bound that itself does not count was read as one that does.'])
  })

  test('boxes between the words are gaps of one text', () => {
    const flow = `<flow>${text('Green is')}${str('A')}${text('and red is')}${str('B')}${text('in region A.')}</flow>`
    const processing =
      outcomes + set(equal('A', 'starboard'), 1, 'Add', 'Yes') + set(equal('B', 'port'), 1, 'Add', 'Yes')
    const { item: read } = one(item(flow, processing))
    expect(read).toMatchObject({ kind: 'cloze', gaps: [{ key: ['starboard'] }, { key: ['port'] }], points: 2 })
    expect(plainText(read?.stem)).toBe('Green is ___ and red is ___ in region A.')
    const both = `<and>${equal('A', 'starboard')}${equal('B', 'port')}</and>`
    expect(one(item(flow, outcomes + set(both, 2))).item).toMatchObject({ kind: 'cloze', credit: 'all' })
    const single = one(
      item(`<flow>${text('A')}${str('R')}${text('holds fast.')}</flow>`, outcomes + set(equal('R', 'bowline'), 2)),
    )
    expect(single.item?.kind).toBe('short')
    expect(plainText(single.item?.stem)).toBe('A ___ holds fast.')
  })

  test('choices that differ from part to part are gaps to choose for, choices that are alike are pairs', () => {
    const part = (ident: string, words: string, labels: string): string => lid(ident, labels, text(words))
    const [redOrGreen, canOrCone] = [label('1', 'red') + label('2', 'green'), label('1', 'can') + label('2', 'cone')]
    const key = (first: string, second: string): string =>
      outcomes + set(equal('P', first), 1, 'Add', 'Yes') + set(equal('Q', second), 1, 'Add', 'Yes')
    const differing = one(
      item(text('Port side') + part('P', 'Colour', redOrGreen) + part('Q', 'Shape', canOrCone), key('1', '1')),
    ).item
    expect(differing).toMatchObject({
      kind: 'cloze',
      gaps: [
        { key: ['red'], choices: ['red', 'green'] },
        { key: ['can'], choices: ['can', 'cone'] },
      ],
    })
    expect(plainText(differing?.stem)).toBe('Port side\nColour ___\nShape ___')
    const alike = one(
      item(text('Sides') + part('P', 'Port', redOrGreen) + part('Q', 'Starboard', redOrGreen), key('1', '2')),
    ).item
    expect(alike).toMatchObject({
      kind: 'match',
      key: [
        [0, 0],
        [1, 1],
      ],
    })
  })

  test('feedback: of a choice, to all, to the right; and what is shown to the wrong is said', () => {
    const body = text('Which?') + lid('R', label('A', 'can') + label('B', 'cone'))
    const feedbacks =
      feedback('a', 'Cans are to port.') + feedback('no', 'Look again.') + feedback('all', 'See page 4.')
    const first = one(
      item(
        body,
        outcomes +
          shows('<other/>', 'all') +
          shows(equal('R', 'A'), 'a') +
          set(equal('R', 'A'), 2) +
          shows('<other/>', 'no'),
        feedbacks,
      ),
    )
    expect(plainText(first.item?.feedback)).toBe('See page 4.')
    expect(first.item).toMatchObject({ options: [{ id: 'A', feedback: expect.anything() as unknown }, { id: 'B' }] })
    expect(first.said).toEqual(['Feedback that is shown to some answers only is left out: “Look again.”.'])
    const right = set(`<and>${equal('R', 'A')}<not>${equal('R', 'B')}</not></and>`, 2).replace(
      '</respcondition>',
      '<displayfeedback linkrefid="a"/></respcondition>',
    )
    expect(plainText(one(item(body, outcomes + right, feedback('a', 'Well seen.'))).item?.feedback)).toBe('Well seen.')
  })

  test('metadata as elements of their own, a text that a section shows to all its items, and a file that breaks off', () => {
    const metadata =
      '<itemmetadata><qmd_itemtype>Logical Identifier</qmd_itemtype><qmd_topic>Buoys</qmd_topic><qmd_levelofdifficulty>easy</qmd_levelofdifficulty></itemmetadata>'
    const whole = item(
      text('Which?') + lid('R', label('A', 'can') + label('B', 'cone')),
      outcomes + set(equal('R', 'A'), 2),
      '',
      metadata,
    )
    const shown = `<presentation_material><flow_mat>${text('A chart of the harbour.')}</flow_mat></presentation_material>`
    const { items } = qti12.read(packed(`<section ident="s2">${shown}${whole}</section>`))
    expect(items[0]).toMatchObject({ kind: 'single', tags: ['Buoys'], difficulty: 'easy' })
    expect(plainText(items[0]?.passage)).toBe('A chart of the harbour.')
    const broken = qti12.read(packed(`${whole}<item ident="half"><presentation>${text('Cut')}`))
    expect(broken.items).toHaveLength(1)
    expect(broken.unread[0]?.source).toContain('<item ident="half">')
    expect(broken.unread[0]?.source).not.toContain('ident="x"')
  })
})

// Authors of other tools leave the type out and write HTML all the same (common practice); the DTD's default is plain.
test('text that does not say what it is is HTML where it holds tags', () => {
  const stem = (said: string): string => {
    const { items } = qti12.read(
      packed(
        `<item ident="q"><presentation><material>${said}</material><response_str ident="r"><render_fib/></response_str></presentation></item>`,
      ),
    )
    return plainText(items[0]?.stem)
  }
  expect(stem('<mattext>&lt;p&gt;Is H&lt;sub&gt;2&lt;/sub&gt;O wet?&lt;/p&gt;</mattext>')).toBe('Is H₂O wet?')
  expect(stem('<mattext>Is 3 &lt; 4 &amp; 5 &gt; 4?</mattext>')).toBe('Is 3 < 4 & 5 > 4?')
  expect(stem('<mattext texttype="text/plain">Is &lt;b&gt; bold?</mattext>')).toBe('Is <b> bold?')
})

test('recordings, and what HTML holds besides text, are said', () => {
  const { unread } = qti12.read(
    packed(
      `<item ident="q" title="Fog"><presentation><material><mataudio uri="fog.mp3" audiotype="audio/mpeg"/><mattext texttype="text/html">&lt;a href="https://chart.example/"&gt;chart&lt;/a&gt;</mattext></material><response_str ident="r"><render_fib/></response_str></presentation></item>`,
    ),
  )
  expect(unread).toEqual([
    { where: 'Fog', reason: 'What is not text or a picture is left out: fog.mp3.', source: '', item: 0 },
    { where: 'Fog', reason: 'A link became its text; it went to https://chart.example/.', source: '', item: 0 },
  ])
})

// How other tools lay out what the standard leaves open (common practice), and forms of the XML Binding 1.2 (from memory).
describe('laid out otherwise', () => {
  const lid = (ident: string, labels: string, prompt = '', cardinality = 'Single'): string =>
    `<response_lid ident="${ident}" rcardinality="${cardinality}">${prompt}<render_choice>${labels}</render_choice></response_lid>`
  const is = (response: string, value: string, more = ''): string =>
    `<varequal respident="${response}"${more}>${value}</varequal>`
  const item = (presentation: string, conditions: string, fields = ''): string =>
    `<item ident="q">${fields}<presentation>${presentation}</presentation><resprocessing>${outcomes}${conditions}</resprocessing></item>`
  const add = (test: string, amount = 1): string => set(test, amount, 'Add', 'Yes')
  const fields = (label: string, entry: string): string =>
    `<itemmetadata><qtimetadata><qtimetadatafield><fieldlabel>${label}</fieldlabel><fieldentry>${entry}</fieldentry></qtimetadatafield></qtimetadata></itemmetadata>`
  const read = (source: string) => {
    const { items, unread } = qti12.read(packed(source))
    return { items, stems: items.map((one) => plainText(one.stem)), said: unread.map((one) => one.reason) }
  }

  test('names in brackets are the gaps of the responses so named; where all choices are right, they are typed', () => {
    const presentation =
      text('A [a] tide follows a [b] one.') +
      lid('A', label('1', 'spring') + label('2', 'springs'), text('a')) +
      lid('B', label('3', 'neap') + label('4', 'high'), text('b'))
    const { items, stems } = read(item(presentation, add(is('A', '1')) + add(is('A', '2')) + add(is('B', '3'))))
    expect(stems).toEqual(['A ___ tide follows a ___ one.'])
    expect(items).toMatchObject([
      {
        kind: 'cloze',
        gaps: [{ key: ['spring', 'springs'] }, { key: ['neap'], choices: ['neap', 'high'] }],
        points: 2,
      },
    ])
    expect(items[0]?.kind === 'cloze' && items[0].gaps[0]).not.toHaveProperty('choices')
  })

  test('boxes of one response, with the text round them', () => {
    const fib = `<response_str ident="F" rcardinality="Ordered"><render_fib>${text('Falling is')}<response_label ident="1"/>${text('and rising')}<response_label ident="2"/></render_fib></response_str>`
    const { items, stems } = read(item(fib, add(is('F', 'ebb', ' index="1"')) + add(is('F', 'flood', ' index="2"'))))
    expect(stems).toEqual(['Falling is ___ and rising ___'])
    expect(items).toMatchObject([{ kind: 'cloze', gaps: [{ key: ['ebb'] }, { key: ['flood'] }] }])
  })

  test('a prompt inside its response is the question', () => {
    const { stems } = read(item(lid('R', label('1', 'oak') + label('2', 'rye'), text('Which?')), set(is('R', '1'), 2)))
    expect(stems).toEqual(['Which?'])
  })

  test('an order that is drawn in a way of its own, and labels that are dragged onto others', () => {
    const drawn = `${text('Order')}<response_lid ident="R" rcardinality="Ordered"><render_extension>${label('A', 'one')}${label('B', 'two')}</render_extension></response_lid>`
    const ordered = set(is('R', 'B', ' index="1"') + is('R', 'A', ' index="2"'), 2)
    expect(read(item(drawn, ordered)).items).toMatchObject([{ kind: 'order', key: ['B', 'A'] }])
    const dragged = (ident: string): string => label(ident, ident).replace('>', ' match_group="C,D">')
    const group = `${text('Join')}<response_grp ident="G"><render_choice>${dragged('A')}${dragged('B')}${label('C', 'c')}${label('D', 'd')}</render_choice></response_grp>`
    const subset = (idents: string): string => add(`<varsubset respident="G">${idents}</varsubset>`)
    expect(read(item(group, subset('A,D') + subset('B,C'))).items).toMatchObject([
      {
        kind: 'match',
        key: [
          [0, 1],
          [1, 0],
        ],
      },
    ])
  })

  test('several questions, each with its choices below it, are an item each', () => {
    const presentation =
      text('Which is a tree?') +
      lid('A', label('1', 'oak') + label('2', 'rye')) +
      text('Which is a grain?') +
      lid('B', label('1', 'rye') + label('2', 'elm') + label('3', 'ash'))
    const { items, stems, said } = read(item(presentation, add(is('A', '1'), 0.5) + add(is('B', '1'), 1.5)))
    expect(stems).toEqual(['Which is a tree?', 'Which is a grain?'])
    expect(items).toMatchObject([
      { kind: 'single', key: ['1'], points: 0.5 },
      { kind: 'single', key: ['1'], points: 1.5 },
    ])
    expect(said).toEqual(['It asks 2 things; each became an item of its own.'])
  })

  test('a number with bounds about it has a tolerance; points without a place to answer are an essay', () => {
    const box = '<response_str ident="R"><render_fib fibtype="Decimal"/></response_str>'
    const about = `<or>${is('R', '3.5')}<and><vargte respident="R">3.4</vargte><varlte respident="R">3.6</varlte></and></or>`
    expect(read(item(text('How deep?') + box, set(about, 2))).items).toMatchObject([
      { kind: 'numeric', key: [{ value: 3.5, tolerance: 0.1 }] },
    ])
    const handedIn = read(item(text('Hand it in.'), '', fields('points_possible', '5')))
    expect(handedIn.items).toMatchObject([{ kind: 'essay', points: 5 }])
    expect(handedIn.said).toHaveLength(1)
  })
})
