import { contentOf, DEFAULT_TEXT_RULES, type Item } from '@zakuska/core'
import { answerOf, questionOf, responseOfAnswer } from './question.ts'

const NONE = new Map<string, Uint8Array>()
const common = { stem: contentOf('Which?'), points: 2, tags: [] }
const options = [
  { id: 'x', content: contentOf('oak') },
  { id: 'y', content: contentOf('rye') },
]
const question = (item: Item, required = true) => questionOf(item, required, NONE)

// The API of Inlet is our own; its server says the same in docs/dispatch.md.
describe('items as questions of a form', () => {
  test('choices have the places of their keys', () => {
    expect(question({ ...common, kind: 'single', options, key: ['y'], shuffle: true })).toMatchObject({
      ...{ type: 'choice', title: 'Which?', required: true, points: 2, shuffle: true },
      ...{ options: ['oak', 'rye'], right: { places: [1] } },
    })
    expect(
      question({ ...common, kind: 'multiple', options, key: ['x', 'y'], shuffle: false, credit: 'all' }),
    ).toMatchObject({
      ...{ type: 'boxes', right: { places: [0, 1] } },
    })
    expect(question({ ...common, kind: 'single', options, key: [], shuffle: true })).not.toHaveProperty('right')
  })
  test('true and false are two options', () => {
    expect(question({ ...common, kind: 'truefalse', key: [false] })).toMatchObject({
      options: ['True', 'False'],
      right: { places: [1] },
    })
  })
  test('typed answers, and numbers as the middle of their bands, with the unit and without', () => {
    expect(
      question({
        ...common,
        kind: 'short',
        key: ['ebb', 'Ebb tide'],
        rules: { ...DEFAULT_TEXT_RULES, letterCase: 'respect' },
      }),
    ).toMatchObject({
      ...{ type: 'line', right: { texts: ['ebb', 'Ebb tide'] }, ignoreCase: false },
    })
    const number: Item = {
      ...common,
      kind: 'numeric',
      key: [
        { min: 1, max: 2 },
        { value: 0.3, tolerance: 0.1 },
      ],
      unit: 'm',
    }
    expect(question(number)).toMatchObject({ title: 'Which? (m)', right: { texts: ['1.5', '0.3', '1.5 m', '0.3 m'] } })
    expect(question({ ...number, unitRule: 'required' })).toMatchObject({ right: { texts: ['1.5 m', '0.3 m'] } })
  })
  test('a matching is a grid; one without a whole key has none', () => {
    const match: Item = {
      ...common,
      kind: 'match',
      left: [contentOf('bow'), contentOf('stern')],
      right: [contentOf('back'), contentOf('front')],
      key: [
        [0, 1],
        [1, 0],
      ],
    }
    expect(question(match)).toMatchObject({
      type: 'grid',
      rows: ['bow', 'stern'],
      columns: ['back', 'front'],
      right: { places: [1, 0] },
    })
    expect(question({ ...match, key: [[0, 1]] })).not.toHaveProperty('right')
  })
  test('scales and notes are worth nothing, and a note asks nothing', () => {
    expect(question({ ...common, kind: 'scale', low: 1, high: 5, highLabel: 'often' })).toMatchObject({
      type: 'scale',
      points: 0,
      low: 1,
      high: 5,
      lowLabel: '',
      highLabel: 'often',
    })
    expect(question({ ...common, kind: 'note' })).toMatchObject({ type: 'text', required: false, points: 0 })
    expect(question({ ...common, kind: 'essay' }, false)).toMatchObject({ type: 'lines', required: false })
  })
  test('what cannot go is refused, not made into something else', () => {
    expect(() => question({ ...common, kind: 'order', options, key: ['x', 'y'] })).toThrow('no question for order')
    expect(() => question({ ...common, kind: 'cloze', gaps: [], rules: DEFAULT_TEXT_RULES })).toThrow(
      'no question for cloze',
    )
  })
  test('passage, feedback and the first picture that is one go along', () => {
    const png = Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 0])
    const item: Item = {
      ...common,
      stem: [
        {
          type: 'paragraph',
          content: [
            { type: 'picture', asset: 'broken', alt: '' },
            { type: 'picture', asset: 'chart', alt: 'A chart' },
          ],
        },
      ],
      ...{ kind: 'essay', passage: contentOf('Read this.'), feedback: contentOf('See page 3.') },
    }
    const assets = new Map([
      ['broken', Uint8Array.from([1, 2, 3])],
      ['chart', png],
    ])
    expect(questionOf(item, true, assets)).toMatchObject({
      description: 'Read this.',
      feedback: { right: 'See page 3.', wrong: 'See page 3.' },
      picture: { type: 'image/png', description: 'A chart' },
    })
  })
})

describe('answers there, and responses here', () => {
  const cases: readonly (readonly [Item, Parameters<typeof answerOf>[1], readonly string[]])[] = [
    [{ ...common, kind: 'single', options, key: ['y'], shuffle: true }, { kind: 'choice', chosen: ['y'] }, ['rye']],
    [
      { ...common, kind: 'multiple', options, key: ['y'], shuffle: true, credit: 'all' },
      { kind: 'choice', chosen: ['x', 'y'] },
      ['oak', 'rye'],
    ],
    [{ ...common, kind: 'truefalse', key: [true] }, { kind: 'truth', value: false }, ['False']],
    [{ ...common, kind: 'short', key: ['ebb'], rules: DEFAULT_TEXT_RULES }, { kind: 'text', text: 'Ebb' }, ['Ebb']],
    [{ ...common, kind: 'scale', low: 1, high: 5 }, { kind: 'step', value: 4 }, ['4']],
    [
      {
        ...common,
        kind: 'grid',
        rows: [contentOf('rye'), contentOf('oak')],
        columns: [contentOf('tree'), contentOf('grain')],
        key: [],
      },
      {
        kind: 'pairs',
        pairs: [
          [0, 1],
          [1, 0],
        ],
      },
      ['grain', 'tree'],
    ],
  ]
  test.each(cases.map(([item, response, answer]) => [item.kind, item, response, answer] as const))(
    '%s',
    (_kind, item, response, answer) => {
      expect(answerOf(item, response)).toEqual(answer)
      expect(responseOfAnswer(item, answer)).toEqual(response)
    },
  )
  test('what was left open is open here, and what no option says is no option', () => {
    const single: Item = { ...common, kind: 'single', options, key: ['y'], shuffle: true }
    expect(responseOfAnswer(single, [])).toEqual({ kind: 'choice', chosen: [] })
    expect(responseOfAnswer(single, ['a new option that somebody put in there'])).toEqual({
      kind: 'choice',
      chosen: [],
    })
    expect(responseOfAnswer({ ...common, kind: 'truefalse', key: [true] }, [])).toEqual({ kind: 'truth', value: null })
    expect(answerOf(single, { kind: 'choice', chosen: [] })).toEqual([])
    expect(answerOf({ ...common, kind: 'order', options, key: [] }, { kind: 'order', order: [] } as never)).toEqual([])
  })
})
