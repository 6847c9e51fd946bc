import { contentOf, paragraph, type Content } from '../content/model.ts'
import { DEFAULT_TEXT_RULES, optionId, type Item, type ItemKind, type Option } from '../item/model.ts'

type Of<Kind extends ItemKind> = Extract<Item, { kind: Kind }>

const common = (stem: string) => ({ stem: contentOf(stem), points: 1, tags: [] })

export function optionsOf(...texts: readonly string[]): Option[] {
  return texts.map((text, at) => ({ id: optionId(at), content: contentOf(text) }))
}

/** A stem with a gap at each `___`. */
export function gapped(text: string): Content {
  const runs = text.split('___').map((run) => ({ type: 'text' as const, text: run }))
  return [paragraph(runs.flatMap((run, at) => (at ? [{ type: 'gap' as const }, run] : [run])).filter(hasText))]
}

function hasText(node: { readonly type: string; readonly text?: string }): boolean {
  return node.type !== 'text' || node.text !== ''
}

/** One plain item of each kind, with a key where the kind has one. @internal For tests. */
export const PLAIN: { readonly [Kind in ItemKind]: Of<Kind> } = {
  single: {
    ...common('Which knot makes a fixed loop?'),
    kind: 'single',
    options: optionsOf('reef knot', 'bowline', 'clove hitch'),
    key: ['b'],
    shuffle: true,
  },
  multiple: {
    ...common('Which are lights of a ship?'),
    kind: 'multiple',
    options: optionsOf('red', 'green', 'blue', 'white'),
    key: ['a', 'b', 'd'],
    shuffle: true,
    credit: 'all',
  },
  truefalse: { ...common('A port light is red.'), kind: 'truefalse', key: [true] },
  short: { ...common('Name the left side.'), kind: 'short', key: ['port'], rules: DEFAULT_TEXT_RULES },
  numeric: { ...common('How long is a nautical mile?'), kind: 'numeric', key: [{ value: 1852, tolerance: 0 }] },
  cloze: {
    ...common(''),
    stem: gapped('The ___ is left, the ___ is right.'),
    kind: 'cloze',
    gaps: [{ key: ['port'] }, { key: ['starboard'] }],
    rules: DEFAULT_TEXT_RULES,
  },
  match: {
    ...common('Match the sides.'),
    kind: 'match',
    left: ['bow', 'stern'].map(contentOf),
    right: ['rear', 'front', 'width'].map(contentOf),
    key: [
      [0, 1],
      [1, 0],
    ],
  },
  order: {
    ...common('Put in order.'),
    kind: 'order',
    options: optionsOf('lower', 'tie', 'hoist'),
    key: ['c', 'a', 'b'],
  },
  grid: {
    ...common('Which side?'),
    kind: 'grid',
    rows: ['red', 'green'].map(contentOf),
    columns: ['port', 'starboard'].map(contentOf),
    key: [
      [0, 0],
      [1, 1],
    ],
  },
  scale: { ...common('How sure are you?'), kind: 'scale', low: 1, high: 5 },
  essay: { ...common('Why do ships carry ballast?'), kind: 'essay' },
  note: { ...common('Bring a pencil.'), kind: 'note', points: 0 },
}

const rich: Content = [
  paragraph([
    { type: 'text', text: 'Lights & ' },
    { type: 'text', text: 'signals', styles: ['strong', 'emphasis'] },
    { type: 'break' },
    { type: 'text', text: 'H' },
    { type: 'text', text: '2', styles: ['sub'] },
    { type: 'text', text: 'O, ' },
    { type: 'tex', tex: 'v^2', display: false },
  ]),
  paragraph([{ type: 'tex', tex: '\\frac{1}{2}', display: true }]),
]

const laid: Content = [
  { type: 'list', ordered: false, entries: ['red', 'green'].map(contentOf) },
  { type: 'list', ordered: true, entries: ['first', 'second'].map(contentOf) },
  {
    type: 'table',
    rows: [
      { header: true, cells: ['side', 'light'].map(contentOf) },
      { header: false, cells: ['port', 'red'].map(contentOf) },
    ],
  },
  { type: 'preformatted', text: 'if port:\n    red' },
]

/** Items that say all that there is to say of each kind. @internal For tests. */
export const TELLING: readonly Item[] = [
  {
    ...PLAIN.single,
    points: 2,
    shuffle: false,
    weights: { c: 0.5 },
    options: PLAIN.single.options.map((option, at) => ({ ...option, feedback: contentOf(`About option ${at + 1}.`) })),
    feedback: contentOf('It does not slip.'),
    hint: contentOf('A rabbit and a tree.'),
    tags: ['knots', 'ropes & lines'],
    outcome: 'N1',
    level: 'understand',
    difficulty: 'hard',
    language: 'en',
    timeLimit: 30,
  },
  PLAIN.multiple,
  { ...PLAIN.multiple, credit: 'each', points: 3, feedback: contentOf('Ships show no blue.') },
  { ...PLAIN.multiple, credit: 'weights', weights: { a: 0.5, b: 0.25, c: -1, d: 0.25 } },
  PLAIN.truefalse,
  { ...PLAIN.truefalse, key: [false], feedback: contentOf('It is red.') },
  PLAIN.short,
  {
    ...PLAIN.short,
    key: ['port', 'left {side} = #1'],
    rules: { letterCase: 'respect', accents: 'ignore', punctuation: 'ignore' },
    hint: contentOf('Red.'),
  },
  PLAIN.numeric,
  { ...PLAIN.numeric, key: [{ value: 1852, tolerance: 2 }], unit: 'm', unitRule: 'required' },
  {
    ...PLAIN.numeric,
    key: [
      { min: 1, max: 2 },
      { min: 0.5, max: 3, credit: 0.5 },
    ],
  },
  PLAIN.cloze,
  {
    ...PLAIN.cloze,
    credit: 'all',
    gaps: [{ key: ['port', 'left'] }, { key: ['starboard'], choices: ['starboard', 'aft'] }],
  },
  { ...PLAIN.cloze, wordBank: ['port', 'starboard', 'aft'] },
  PLAIN.match,
  { ...PLAIN.match, credit: 'all', right: PLAIN.match.right.slice(0, 2) },
  PLAIN.order,
  { ...PLAIN.order, credit: 'neighbours' },
  PLAIN.grid,
  { ...PLAIN.grid, credit: 'all', points: 4 },
  { ...PLAIN.scale, lowLabel: 'not sure', highLabel: 'very sure' },
  {
    ...PLAIN.essay,
    points: 6,
    sample: contentOf('It keeps them upright.'),
    rubric: [
      { says: 'Names the weight', points: 4 },
      { says: 'Names the wind', points: 2 },
    ],
    feedback: contentOf('Think of the wind.'),
  },
  PLAIN.note,
  {
    ...PLAIN.single,
    stem: rich,
    passage: laid,
    options: [{ id: 'a', content: rich }, ...PLAIN.single.options.slice(1)],
  },
  { ...PLAIN.single, stem: laid, key: [] },
  PLAIN.essay,
  { ...PLAIN.scale, low: -1, high: 1 },
]
