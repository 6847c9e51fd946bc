import { contentOf } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import { featuresOf, measure } from './limits.ts'

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
  ['a right side that is left over', match({ key: [[0, 0]] }), ['spares']],
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

test('what is measured', () => {
  expect(measure(single(), 'option-count')).toBe(2)
  expect(measure(single(), 'option-length')).toBe('flood'.length)
  expect(measure(single(), 'stem-length')).toBe('Which?'.length)
  expect(measure(match(), 'option-count')).toBe(4)
  expect(measure(essay(), 'option-length')).toBe(0)
})
