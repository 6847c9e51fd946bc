import { contentOf } from '../content/model.ts'
import { DEFAULT_TEXT_RULES, type Item } from '../item/model.ts'
import { guessColumns, readRows, type AnswerRole } from './columns.ts'

const stem = (text: string) => contentOf(text)
const ITEMS: Item[] = [
  {
    ...{
      kind: 'single',
      stem: stem('Which buoy marks the port side of the channel in region A?'),
      points: 1,
      tags: [],
    },
    ...{
      key: ['a'],
      shuffle: true,
      options: ['red', 'green'].map((one, at) => ({ id: 'ab'[at] ?? '', content: stem(one) })),
    },
  },
  {
    kind: 'numeric',
    stem: stem('How deep is the harbour entrance, in metres?'),
    points: 1,
    tags: [],
    key: [{ value: 3, tolerance: 0 }],
  },
  {
    ...{ kind: 'grid', stem: stem('Which colour has each light?'), points: 1, tags: [], key: [[0, 0]] },
    rows: ['Port', 'Starboard'].map(stem),
    columns: ['red', 'green'].map(stem),
  },
  {
    ...{ kind: 'cloze', points: 1, tags: [], gaps: [{ key: ['ebb'] }, { key: ['flood'] }], rules: DEFAULT_TEXT_RULES },
    stem: [
      {
        type: 'paragraph',
        content: [
          { type: 'text', text: 'The ' },
          { type: 'gap' },
          { type: 'text', text: ' and the ' },
          { type: 'gap' },
        ],
      },
    ],
  },
  { kind: 'essay', stem: stem('Explain why a lee shore is dangerous.'), points: 4, tags: [] },
]

const item = (at: number, part: number | null = null): AnswerRole => ({ kind: 'item', item: at, part })
const skip: AnswerRole = { kind: 'skip' }
const field = (name: string): AnswerRole => ({ kind: 'identity', field: name })

// Heads of tables as forms, sites and people write them (common practice), for the same five items.
test.each<[string, readonly string[], readonly AnswerRole[]]>([
  [
    'a form, with its stems whole and its grid over columns',
    [
      'Timestamp',
      'Name',
      'Class',
      'Which buoy marks the port side of the channel in region A?',
      'How deep is the harbour entrance, in metres?',
      'Which colour has each light? [Port]',
      'Which colour has each light? [Starboard]',
      'Explain why a lee shore is dangerous.',
      'Score',
    ],
    [{ kind: 'time' }, field('Name'), field('Class'), item(0), item(1), item(2, 0), item(2, 1), item(4), skip],
  ],
  [
    'a site, numbered, cut off, with points and scores beside',
    [
      'Email address',
      '1. Which buoy marks the port side of… (1 point)',
      '1. Which buoy marks the port side of… score',
      '2. How deep is the harbour…',
      'Total',
    ],
    [field('Email address'), item(0), skip, item(1), skip],
  ],
  [
    'numbers only',
    ['Student', 'Q1', 'Q2', 'Q3', 'Q4', 'Q5'],
    [field('Student'), item(0), item(1), item(2), item(3), item(4)],
  ],
  ['gaps by number', ['Name', 'Q4 [Gap 1]', 'Q4 [Gap 2]', 'Feedback'], [field('Name'), item(3, 0), item(3, 1), skip]],
  [
    'other words for the same',
    ['name', 'Which buoy is on the port side in region A', 'Depth of the harbour entrance in metres'],
    [field('name'), item(0), item(1)],
  ],
  ['nothing of ours', ['name', 'Favourite colour', 'Shoe size'], [field('name'), skip, skip]],
])('%s', (_name, headers, roles) => {
  expect(guessColumns(headers, ITEMS).map(({ role }) => role)).toEqual(roles)
})

test('what is guessed is less sure than what is the same', () => {
  const [same, cut, alike] = guessColumns(
    [
      'How deep is the harbour entrance, in metres?',
      '1. Which buoy marks the port side of…',
      'Why is a lee shore dangerous? Explain',
    ],
    ITEMS,
  )
  expect(same?.sureness).toBe(1)
  expect(cut?.sureness).toBeLessThan(1)
  expect(alike?.sureness).toBeLessThan(cut?.sureness ?? 0)
})

test('rows become attempts; cells that say nothing to their item are named', () => {
  const roles = [
    field('Name'),
    field('Class'),
    { kind: 'time' } as const,
    item(0),
    item(2, 0),
    item(2, 1),
    item(3, 0),
    item(3, 1),
  ]
  const [first, second, ...others] = readRows(
    [
      ['Bente', '7b', '2026-03-02 10:15', 'red', 'green', '', 'ebb', 'flood'],
      ['', '', '', 'blue', '', '', '', ''],
      ['', '', '', '', '', '', '', ''],
    ],
    roles,
    ITEMS,
  )
  expect(others).toEqual([])
  expect(first).toMatchObject({ fields: { Name: 'Bente', Class: '7b' }, time: '2026-03-02 10:15', unread: [] })
  expect(first?.attempt).toEqual({
    student: 'Bente, 7b',
    responses: [
      { kind: 'choice', chosen: ['a'] },
      null,
      { kind: 'pairs', pairs: [[0, 1]] },
      { kind: 'gaps', texts: ['ebb', 'flood'] },
      null,
    ],
  })
  expect(second).toMatchObject({ attempt: { student: 'Response 2' }, unread: [{ item: 0, cell: 'blue' }] })
})

test.each<[string, number, string, unknown, boolean]>([
  ['two ticked in a single choice', 0, 'red; green', null, true],
  ['one ticked', 0, 'green', { kind: 'choice', chosen: ['b'] }, false],
  [
    'a pair that is none, beside one that is',
    2,
    'Port → red; Starboard → zzz',
    { kind: 'pairs', pairs: [[0, 0]] },
    true,
  ],
  [
    'all pairs',
    2,
    'Port → red; Starboard → green',
    {
      kind: 'pairs',
      pairs: [
        [0, 0],
        [1, 1],
      ],
    },
    false,
  ],
])('%s: nothing is dropped without a word', (_name, item, cell, response, isTold) => {
  const roles: AnswerRole[] = [
    { kind: 'identity', field: 'Name' },
    { kind: 'item', item, part: null },
  ]
  const [row] = readRows([['Nils', cell]], roles, ITEMS)
  expect(row?.attempt.responses[item] ?? null).toEqual(response)
  expect(row?.unread).toEqual(isTold ? [{ item, cell }] : [])
})

test('a column of a part with a value that there is not is told', () => {
  const roles: AnswerRole[] = [
    { kind: 'item', item: 2, part: 0 },
    { kind: 'item', item: 2, part: 1 },
  ]
  const [row] = readRows([['red', 'zzz']], roles, ITEMS)
  expect(row?.unread).toEqual([{ item: 2, cell: 'red; zzz' }])
})

test('a number in brackets is a part where the item has parts, else points', () => {
  const roles = guessColumns(
    [
      'Which colour has each light? [1]',
      'Which colour has each light? [2]',
      'How deep is the harbour entrance, in metres? [1]',
    ],
    ITEMS,
  ).map(({ role }) => role)
  expect(roles).toEqual([
    { kind: 'item', item: 2, part: 0 },
    { kind: 'item', item: 2, part: 1 },
    { kind: 'item', item: 1, part: null },
  ])
})
