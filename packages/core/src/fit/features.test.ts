import { contentOf, paragraph, type Content, type Inline } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import { PLAIN } from '../testing/every-kind.ts'
import { featuresOf, measure, partsOf } from './limits.ts'

const text = (words: string) => contentOf(words)
const common = { stem: text('Which?'), points: 1, tags: [] }
const option = (id: string, words: string, feedback?: string) => ({
  ...{ id, content: text(words) },
  ...(feedback !== undefined && { feedback: text(feedback) }),
})
const options = [option('a', 'ebb'), option('b', 'flood')]
const rules = { letterCase: 'ignore', accents: 'respect' } as const
const single = (more: object = {}): Item => ({ ...common, kind: 'single', options, key: ['a'], shuffle: true, ...more })
const multiple = (more: object = {}): Item => ({
  ...{ ...common, kind: 'multiple', options, key: ['a'], shuffle: true, credit: 'all' },
  ...more,
})
const short = (more: object = {}): Item => ({ ...common, kind: 'short', key: ['ebb'], rules, ...more })
const numeric = (more: object = {}): Item => ({
  ...common,
  kind: 'numeric',
  key: [{ value: 3, tolerance: 0 }],
  ...more,
})
const stem = [{ type: 'paragraph' as const, content: [{ type: 'gap' as const }, { type: 'gap' as const }] }]
const cloze = (more: object = {}): Item => ({
  ...{ ...common, stem, kind: 'cloze', rules, gaps: [{ key: ['ebb'] }, { key: ['flood'] }] },
  ...more,
})
const match = (more: object = {}): Item => ({
  ...{ ...common, kind: 'match', left: [text('l'), text('m')], right: [text('r'), text('s')] },
  key: [
    [0, 0],
    [1, 1],
  ],
  ...more,
})
const essay = (more: object = {}): Item => ({ ...common, kind: 'essay', ...more })

/** What an item has beside its kind. */
const found = (item: Item): string[] => featuresOf(item).slice(1)

test.each<[string, Item, string[]]>([
  ['nothing', single(), []],
  ['no key', single({ key: [] }), ['no-key']],
  ['two points', single({ points: 2 }), ['points']],
  ['weights', single({ weights: { b: 0.5 } }), ['weights']],
  ['weights of nothing', single({ weights: { b: 0 } }), []],
  ['an order that stays', single({ shuffle: false }), ['fixed-order']],
  [
    'feedback to an option',
    single({ options: [option('a', 'ebb', 'Yes.'), option('b', 'flood')] }),
    ['option-feedback'],
  ],
  ['equal options', single({ options: [option('a', 'ebb'), option('b', 'ebb')] }), ['equal-options']],
  ['an empty option', single({ options: [option('a', 'ebb'), option('b', '')] }), ['empty-part']],
  ['credit for all', multiple(), ['credit-all']],
  ['credit for each', multiple({ credit: 'each' }), ['credit-each']],
  ['weights of several', multiple({ credit: 'weights', weights: { a: 1 } }), ['credit-each', 'weights']],
  ['one typed answer', short(), []],
  ['several', short({ key: ['ebb', 'fall'] }), ['several-answers']],
  ['letters told apart', short({ rules: { ...rules, letterCase: 'respect' } }), ['letter-case-respected']],
  ['accents left out', short({ rules: { ...rules, accents: 'ignore' } }), ['accents-ignored']],
  ['two words', short({ key: [' spring tide '] }), ['blanks-folded']],
  ['blanks round one', short({ key: [' ebb '] }), []],
  ['an arrow', short({ key: ['a->b'] }), ['arrow-key']],
  ['a unit', numeric({ unit: 'm' }), ['unit']],
  ['a unit that must be', numeric({ unit: 'm', unitRule: 'required' }), ['unit', 'unit-required']],
  ['a band', numeric({ key: [{ value: 3, tolerance: 1 }] }), ['number-band']],
  ['bounds', numeric({ key: [{ min: 1, max: 3 }] }), ['number-band']],
  [
    'bands with a part of the points',
    numeric({
      key: [
        { value: 3, tolerance: 0 },
        { value: 3, tolerance: 1, credit: 0.5 },
      ],
    }),
    ['number-band', 'several-bands', 'band-credit'],
  ],
  ['figures', numeric({ figures: 2 }), ['number-form']],
  ['gaps for a part each', cloze(), ['part-credit']],
  ['gaps that must all be right', cloze({ credit: 'all' }), ['part-all']],
  ['several answers to one gap, which every cloze may have', cloze({ gaps: [{ key: ['ebb', 'fall'] }] }), []],
  ['words in a gap', cloze({ gaps: [{ key: ['spring tide'] }] }), ['blanks-folded']],
  ['gaps to choose from, whose spelling is nobody’s', cloze({ gaps: [{ key: ['spring tide'], choices: ['x'] }] }), []],
  ['a word bank', cloze({ gaps: [{ key: ['ebb'] }], wordBank: ['ebb'] }), ['word-bank']],
  ['pairs', match(), ['part-credit']],
  ['a right side that is left over', match({ key: [[0, 0]] }), ['part-without-key', 'spares']],
  [
    'a key that names a right side that there is not',
    match({ key: [[0, 7]] }),
    ['key-not-there', 'part-without-key', 'spares'],
  ],
  ['a key that names an option that there is not', single({ key: ['z'] }), ['key-not-there']],
  ['an arrow in a pair', match({ left: [text('a->b'), text('m')] }), ['part-credit', 'arrow-key']],
  ['an essay', essay(), []],
  ['a sample', essay({ sample: text('So.') }), ['sample']],
  ['feedback to an essay', essay({ feedback: text('So.') }), ['essay-feedback', 'feedback']],
  ['a hint', single({ hint: text('Think.') }), ['hint']],
  ['a passage', single({ passage: text('Once.') }), ['passage']],
  ['filing', single({ level: 'apply' }), ['filing']],
  [
    'tags, a time and a language',
    single({ tags: ['x'], timeLimit: 60, language: 'de' }),
    ['tags', 'time-limit', 'language'],
  ],
])('%s', (_name, item, features) => {
  expect(found(item)).toEqual(features)
})

const gridItem = (more: object = {}): Item => ({
  ...{ ...common, kind: 'grid', rows: [text('l')], columns: [text('r'), text('s')], key: [[0, 0]] },
  ...more,
})
const inline = (...content: readonly Inline[]): Content => [paragraph(content)]
const formula: Inline = { type: 'tex', tex: 'x^2', display: false }
const picture = (asset: string): Inline => ({ type: 'picture', asset, alt: 'A knot' })
const bold: Inline = { type: 'text', text: 'ebb', styles: ['strong'] }

test.each<[string, Item, string[]]>([
  ['a key without a gap to fill', cloze({ gaps: [{ key: [] }] }), ['no-key']],
  ['points of a scale, which earns none', { ...PLAIN.scale, points: 5 }, []],
  ['no points of a note', PLAIN.note, []],
  ['feedback to a note', { ...PLAIN.note, feedback: text('So.') }, ['feedback', 'note-feedback']],
  ['punctuation left out', short({ rules: { ...rules, punctuation: 'ignore' } }), ['text-rules']],
  ['numbers by value', short({ rules: { ...rules, numbers: 'value' } }), ['text-rules']],
  ['lists in any order', short({ rules: { ...rules, listOrder: 'any' } }), ['text-rules']],
  ['stars', short({ rules: { ...rules, pattern: 'star' } }), ['text-rules']],
  ['a letter that may be wrong', short({ rules: { ...rules, misspelt: 1 } }), ['text-rules']],
  [
    'rules that say what always holds',
    short({
      rules: { ...rules, punctuation: 'respect', numbers: 'text', listOrder: 'written', pattern: 'none', misspelt: 0 },
    }),
    [],
  ],
  [
    'rules of gaps to choose from',
    cloze({ gaps: [{ key: ['x'], choices: ['x'] }], rules: { ...rules, letterCase: 'respect' } }),
    [],
  ],
  [
    'rules of typed gaps',
    cloze({ gaps: [{ key: ['x'] }], rules: { ...rules, letterCase: 'respect' } }),
    ['letter-case-respected'],
  ],
  ['conversions', numeric({ unit: 'm', conversions: [{ unit: 'km', factor: 1000 }] }), ['unit', 'number-form']],
  ['no conversions', numeric({ unit: 'm', conversions: [] }), ['unit']],
  ['a unit that may be', numeric({ unit: 'm', unitRule: 'optional' }), ['unit']],
  ['a unit asked for, and none', numeric({ unitRule: 'required' }), []],
  ['all of the points for a band', numeric({ key: [{ value: 3, tolerance: 0, credit: 1 }] }), []],
  ['pairs that must all be right', match({ credit: 'all' }), ['part-all']],
  ['one pair', match({ left: [text('l')], right: [text('r')], key: [[0, 0]] }), []],
  ['one row', gridItem(), []],
  [
    'rows',
    gridItem({
      rows: [text('l'), text('m')],
      key: [
        [0, 0],
        [1, 1],
      ],
    }),
    ['part-credit'],
  ],
  ['an arrow in a row', gridItem({ rows: [text('a->b')] }), ['arrow-key']],
  ['an arrow in a column', gridItem({ columns: [text('r'), text('a->b')] }), ['arrow-key']],
  ['an arrow at the right of a pair', match({ right: [text('r'), text('a->b')] }), ['part-credit', 'arrow-key']],
  ['a share for neighbours', { ...PLAIN.order, credit: 'neighbours' }, ['order-neighbours']],
  ['an order', PLAIN.order, []],
  [
    'an order of equals',
    { ...PLAIN.order, options: [option('a', 'ebb'), option('b', 'ebb'), option('c', 'x')] },
    ['equal-options'],
  ],
  ['a rubric', essay({ rubric: [{ says: 'Names it', points: 1 }] }), ['rubric']],
  ['a rubric without a line', essay({ rubric: [] }), []],
  ['a sample without a word', essay({ sample: [] }), []],
  ['an outcome', single({ outcome: 'N1' }), ['filing']],
  ['a difficulty', single({ difficulty: 'hard' }), ['filing']],
  ['an empty left side', match({ left: [text('l'), []] }), ['part-credit', 'empty-part']],
  ['an empty row', gridItem({ rows: [[]] }), ['empty-part']],
  ['a formula', single({ stem: inline(formula) }), ['rich-text', 'mathematics']],
  ['a formula in feedback', single({ feedback: inline(formula) }), ['feedback', 'rich-text', 'mathematics']],
  ['a picture', single({ stem: inline(picture('knot.png')) }), ['rich-text', 'picture']],
  ['a picture that is only named', single({ stem: inline(picture('')) }), ['rich-text', 'picture', 'picture-missing']],
  ['bold words', single({ stem: inline(bold) }), ['rich-text']],
  ['no style', single({ stem: inline({ type: 'text', text: 'ebb', styles: [] }) }), []],
  [
    'a bold option',
    single({ options: [{ id: 'a', content: inline(bold) }, option('b', 'x')] }),
    ['rich-text', 'rich-part'],
  ],
  ['two paragraphs', single({ stem: text('One.\nTwo.') }), ['several-lines']],
  ['a line break', single({ stem: inline({ type: 'text', text: 'a' }, { type: 'break' }) }), ['several-lines']],
  ['a line end in a text', single({ stem: inline({ type: 'text', text: 'a\nb' }) }), ['several-lines']],
  ['program text of one line', single({ stem: [{ type: 'preformatted', text: 'x = 1' }] }), ['rich-text']],
  ['program text', single({ stem: [{ type: 'preformatted', text: 'x = 1\ny' }] }), ['rich-text', 'several-lines']],
  ['an option of two lines', single({ options: [option('a', 'One.\nTwo.'), option('b', 'x')] }), ['several-lines']],
  ['nothing asked', single({ stem: [] }), []],
])('of %s', (_name, item, features) => {
  expect([...found(item)].sort()).toEqual([...features].sort())
})

test('a picture is missing where it is not among those at hand', () => {
  const item = single({ stem: inline(picture('knot.png')) })
  expect(featuresOf(item, new Map())).toContain('picture-missing')
  expect(featuresOf(item, new Map([['knot.png', new Uint8Array()]]))).not.toContain('picture-missing')
})

test('parts are what a student picks among', () => {
  const counts = Object.values(PLAIN).map((item) => [item.kind, partsOf(item).length])
  expect(Object.fromEntries(counts)).toEqual({
    ...{ single: 3, multiple: 4, truefalse: 0, short: 0, numeric: 0, cloze: 0 },
    ...{ match: 5, order: 3, grid: 4, scale: 0, essay: 0, note: 0 },
  })
})

test('what is measured', () => {
  expect(measure(single(), 'option-count')).toBe(2)
  expect(measure(single(), 'option-length')).toBe('flood'.length)
  expect(measure(single(), 'stem-length')).toBe('Which?'.length)
  expect(measure(match(), 'option-count')).toBe(4)
  expect(measure(essay(), 'option-length')).toBe(0)
})
