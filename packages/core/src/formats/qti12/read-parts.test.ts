import { outlineOf } from '../../item/outline.ts'
import type { Item } from '../../item/model.ts'
import { qti12 } from './index.ts'

const encoder = new TextEncoder()

function read(item: string): { readonly items: readonly Item[]; readonly reasons: readonly string[] } {
  const bytes = encoder.encode(`<questestinterop><section ident="s">${item}</section></questestinterop>`)
  const { items, unread } = qti12.read({ form: 'package', files: [{ path: 'a.xml', bytes }] })
  return { items, reasons: unread.map(({ reason }) => reason) }
}

const text = (words: string): string => `<material><mattext>${words}</mattext></material>`
const equal = (ident: string, value: string, more = ''): string =>
  `<varequal respident="${ident}"${more}>${value}</varequal>`
const set = (test: string, amount: number, action = 'Add', goOn = 'Yes'): string =>
  `<respcondition continue="${goOn}"><conditionvar>${test}</conditionvar><setvar varname="SCORE" action="${action}">${amount}</setvar></respcondition>`
const item = (presentation: string, conditions: string, metadata = '', most = 2): string =>
  `<item ident="i"><itemmetadata><qtimetadata>${metadata}</qtimetadata></itemmetadata><presentation>${presentation}</presentation><resprocessing><outcomes><decvar varname="SCORE" maxvalue="${most}"/></outcomes>${conditions}</resprocessing></item>`
const field = (label: string, entry: string): string =>
  `<qtimetadatafield><fieldlabel>${label}</fieldlabel><fieldentry>${entry}</fieldentry></qtimetadatafield>`
const fib = (ident: string, more = ''): string => `<response_str ident="${ident}"${more}><render_fib/></response_str>`
const lid = (ident: string, words: readonly string[], prompt = ''): string =>
  `<response_lid ident="${ident}" rcardinality="Single">${prompt}<render_choice>${words.map((word, at) => `<response_label ident="${'ABC'.charAt(at)}">${text(word)}</response_label>`).join('')}</render_choice></response_lid>`

function only(xml: string): Readonly<Record<string, unknown>> & { readonly item: Item } {
  const { items, reasons } = read(xml)
  expect([items.length, reasons]).toEqual([1, []])
  return { ...outlineOf(items[0] as Item), item: items[0] as Item }
}

// Several responses in one item: ASI Information Model 1.2, section 3.4 (presentation, flow, response_*); in brackets as
// course sites write them (common practice).
describe('names in brackets', () => {
  const named = (stem: string, ...names: readonly string[]): string =>
    item(
      text(stem) + names.map((name, at) => lid(`R${at}`, ['port', 'aft'], text(name))).join(''),
      names.map((_name, at) => set(equal(`R${at}`, 'A'), 1)).join(''),
    )
  test('are the gaps of the responses so named', () =>
    expect(only(named('Left is [one], behind is [two].', 'one', 'two'))).toMatchObject({
      kind: 'cloze',
      stem: 'Left is ___, behind is ___.',
      key: [['port'], ['port']],
      choices: [
        ['port', 'aft'],
        ['port', 'aft'],
      ],
    }))
  test('other words in brackets stay', () =>
    expect(only(named('Left [of all] is [one], behind [two].', 'one', 'two'))['stem']).toBe(
      'Left [of all] is ___, behind ___.',
    ))
  test.each([
    ['in another order', 'Left is [two], behind is [one].'],
    ['one of them missing', 'Left is [one].'],
    ['none', 'Which?'],
  ])('%s: they are parts to match', (_name, stem) =>
    expect(only(named(stem, 'one', 'two'))).toMatchObject({
      kind: 'grid',
      rows: ['one', 'two'],
      columns: ['port', 'aft'],
    }),
  )
})

describe('gaps of one text', () => {
  test('boxes between the words', () =>
    expect(
      only(
        item(
          text('Left is') + fib('A') + text('and right is') + fib('B') + text('.'),
          set(equal('A', 'port'), 1) + set(equal('B', 'starboard'), 1),
        ),
      ),
    ).toMatchObject({
      kind: 'cloze',
      stem: 'Left is ___ and right is ___.',
      key: [['port'], ['starboard']],
      choices: [null, null],
    }))
  test('all or nothing where one condition asks for all', () => {
    const body = text('Left is') + fib('A') + text('right is') + fib('B')
    const whole = only(item(body, set(equal('A', 'port') + equal('B', 'starboard'), 2, 'Set')))
    expect(whole.item).toMatchObject({ credit: 'all' })
    const parts = only(item(body, set(equal('A', 'port'), 1) + set(equal('B', 'starboard'), 1)))
    expect(parts.item).not.toHaveProperty('credit')
    const said = only(item(body, set(equal('A', 'port'), 1) + set(equal('B', 'starboard'), 1), field('credit', 'all')))
    expect(said.item).toMatchObject({ credit: 'all' })
    const not = only(item(body, set(equal('A', 'port') + equal('B', 'starboard'), 2, 'Set'), field('credit', 'each')))
    expect(not.item).not.toHaveProperty('credit')
  })
  test('numbers count by their value; a range is said', () => {
    const number = '<response_num ident="B"><render_fib/></response_num>'
    const body = text('It has') + number + text('masts.') + fib('A')
    expect(only(item(body, set(equal('B', '2'), 1) + set(equal('A', 'x'), 1))).item).toMatchObject({
      kind: 'cloze',
      rules: { numbers: 'value' },
    })
    const range = '<vargte respident="B">2</vargte><varlte respident="B">3</varlte>'
    expect(read(item(body, set(range, 1) + set(equal('A', 'x'), 1))).reasons).toEqual([
      'A gap that takes a range of numbers was read without the range.',
    ])
  })
  test('where every choice is right, they are typed', () => {
    const body =
      text('Left is') + lid('A', ['port', 'left']) + text('and right') + lid('B', ['aft', 'starboard']) + text('.')
    const right = `<or>${equal('A', 'A')}${equal('A', 'B')}</or>`
    expect(only(item(body, set(right, 1) + set(equal('B', 'B'), 1)))).toMatchObject({
      kind: 'cloze',
      key: [['port', 'left'], ['starboard']],
      choices: [null, ['aft', 'starboard']],
    })
  })
  test.each([
    ['a list', '["port","aft"]', ['port', 'aft']],
    ['words with commas', 'port, aft', ['port', 'aft']],
    ['one word', '"port"', ['"port"']],
  ])('a word bank: %s', (_name, entry, bank) =>
    expect(
      only(
        item(
          text('Left is') + fib('A') + text('.'),
          set(equal('A', 'port'), 1),
          field('qmd_itemtype', 'cloze') + field('wordbank', entry),
        ),
      ),
    ).toMatchObject({ kind: 'cloze', bank }),
  )
})

describe('boxes of one response', () => {
  const label = '<response_label ident="L"/>'
  const boxes = (inner: string, more = ''): string =>
    `<response_str ident="R"${more}><render_fib>${inner}</render_fib></response_str>`
  test('in order, with the text round them', () => {
    const body = boxes(text('Left is') + label + text('and right is') + label + text('.'), ' rcardinality="Ordered"')
    const conditions = set(equal('R', 'port', ' index="1"'), 1) + set(equal('R', 'starboard', ' index="2"'), 1)
    expect(only(item(body, conditions))).toMatchObject({
      kind: 'cloze',
      stem: 'Left is ___ and right is ___.',
      key: [['port'], ['starboard']],
    })
  })
  test('a single one is a short answer with a gap', () => {
    const body = boxes(text('Left is') + label + text('.'))
    expect(only(item(body, set(equal('R', 'port'), 2)))).toMatchObject({
      kind: 'short',
      stem: 'Left is ___.',
      key: ['port'],
    })
  })
  test('answers that earn a part are said', () => {
    const body = boxes(text('Left is') + label + text('and right is') + label, ' rcardinality="Ordered"')
    const conditions =
      set(equal('R', 'port', ' index="1"'), 1) +
      set(equal('R', 'left', ' index="1"'), 0.5) +
      set(equal('R', 'starboard', ' index="2"'), 1)
    expect(read(item(body, conditions)).reasons).toEqual([
      'Answers that earn only a part of the points are left out: left.',
    ])
  })
})

describe('parts that choose from the same', () => {
  const parts = (conditions: string, metadata = '', words = ['rear', 'front']): string =>
    item(text('Match.') + lid('A', words, text('bow')) + lid('B', words, text('stern')), conditions, metadata)
  const key = (a: string, b: string): string => set(equal('A', a), 1) + set(equal('B', b), 1)
  test('a partner each', () =>
    expect(only(parts(key('B', 'A')))).toMatchObject({
      kind: 'match',
      stem: 'Match.',
      left: ['bow', 'stern'],
      right: ['rear', 'front'],
      key: [
        [0, 1],
        [1, 0],
      ],
    }))
  test('a partner twice', () =>
    expect(only(parts(key('B', 'B')))).toMatchObject({
      kind: 'grid',
      key: [
        [0, 1],
        [1, 1],
      ],
    }))
  test('as the metadata say', () => {
    expect(only(parts(key('B', 'B'), field('qmd_itemtype', 'match')))).toMatchObject({ kind: 'match' })
    expect(only(parts(key('B', 'A'), field('qmd_itemtype', 'grid')))).toMatchObject({ kind: 'grid' })
  })
  test('a part without a key has none', () =>
    expect(only(parts(set(equal('B', 'A'), 1)))).toMatchObject({ key: [[1, 0]] }))
  test('one partner alone is no choice', () =>
    expect(read(parts(key('A', 'A'), field('qmd_itemtype', 'match'), ['rear'])).reasons).toEqual([
      'Items with several responses of this sort are not held.',
    ]))
})

test('points at places beside other responses are not held', () => {
  const spot = '<response_xy ident="B"><render_hotspot/></response_xy>'
  expect(read(item(text('Where?') + fib('A') + spot, '')).reasons).toEqual([
    'Items with several responses of this sort are not held.',
  ])
})

test('between a gap and the signs beside it stands no blank', () => {
  const gapped = (before: string, behind: string): unknown =>
    only(item(text(before) + fib('A') + text(behind) + fib('B'), set(equal('A', 'x'), 1) + set(equal('B', 'y'), 1)))[
      'stem'
    ]
  expect(gapped('Port (', ') or')).toBe('Port (___) or ___')
  expect(gapped('It is „', '“, not')).toBe('It is „___“, not ___')
  expect(gapped('Take', '% of')).toBe('Take ___% of ___')
  expect(gapped('Take', 'of')).toBe('Take ___ of ___')
})

// What stands round the items: sections, their texts, controls (section 3.2 and 3.3).
describe('an assessment', () => {
  const simple = item(text('Name it.') + fib('A'), set(equal('A', 'x'), 2, 'Set'))
  const assessment = (inner: string, more = ' title="Watch"') => {
    const bytes = encoder.encode(
      `<questestinterop><assessment ident="a"${more}>${inner}</assessment></questestinterop>`,
    )
    return qti12.read({ form: 'package', files: [{ path: 'a.xml', bytes }] })
  }
  const rubric = (words: string, view = ''): string => `<rubric${view && ` view="${view}"`}>${text(words)}</rubric>`
  test('its sections, and where each item stands', () => {
    const { plan, title } = assessment(
      `<section ident="s" title="Knots">${rubric('Choose.')}${simple}</section><section ident="t" title="Lights">${simple}${simple}</section>`,
    )
    expect(title).toBe('Watch')
    expect(plan?.sections).toEqual([
      { title: 'Knots', instructions: 'Choose.' },
      { title: 'Lights', instructions: '' },
    ])
    expect(plan?.places.map(({ section }) => section)).toEqual([0, 1, 1])
  })
  test('a section that is named as it stands for the whole', () => {
    const { plan } = assessment(`<section ident="s" title="Watch">${simple}</section>`)
    expect([plan?.sections, plan?.places]).toEqual([[], [{ section: null, required: true }]])
  })
  test('what the candidate is told, and nobody else', () => {
    const told =
      rubric('For all.', 'All') +
      rubric('For you.', 'candidate') +
      rubric('For none.', 'Scorer') +
      rubric('Unsaid.') +
      rubric('No.', 'noncandidate')
    expect(assessment(`${told}<section ident="s">${simple}</section>`).plan?.instructions).toBe(
      'For all.\nFor you.\nUnsaid.',
    )
  })
  test('time, tries, order and feedback', () => {
    const said = `<duration>PT1H30M</duration><qtimetadata>${field('cc_maxattempts', '3')}</qtimetadata><assessmentcontrol feedbackswitch="No"/>`
    const section = `<section ident="s"><selection_ordering><order order_type="Random"/></selection_ordering>${simple}</section>`
    expect(assessment(said + section).plan).toMatchObject({
      timeLimit: 5400,
      attempts: 3,
      shuffleItems: true,
      feedbackWhen: 'never',
    })
    expect(assessment(`<section ident="s">${simple}</section>`).plan).toMatchObject({
      timeLimit: null,
      attempts: null,
      shuffleItems: false,
      feedbackWhen: 'after',
    })
  })
  test('a text that a section shows to its items', () => {
    const shown = `<presentation_material><flow_mat>${text('Read this.')}</flow_mat></presentation_material>`
    expect(JSON.stringify(assessment(`<section ident="s">${shown}${simple}</section>`).items[0]?.passage)).toContain(
      'Read this.',
    )
  })
})
