import type { ColumnLayout, ColumnRole } from '../../draft/columns/layout.ts'
import type { Item } from '../../item/model.ts'
import { contentOf } from '../../content/model.ts'
import { optionsOf, PLAIN } from '../../testing/every-kind.ts'
import { itemRows, ownColumns, withHeaders } from './write.ts'

const layout = (roles: readonly ColumnRole[], more: Partial<ColumnLayout> = {}): ColumnLayout => ({
  ...{ roles, leadingRows: 1, keyForm: 'letter' },
  ...more,
})

/** The cells of one item under some columns. */
function cells(item: Item, roles: readonly ColumnRole[], more: Partial<ColumnLayout> = {}): readonly string[] {
  return itemRows([item], withHeaders(layout(roles, more))).rows.at(-1) ?? []
}

test('our own columns: a head, a row for each item, as many options as the longest has', () => {
  const five = { ...PLAIN.single, options: optionsOf('a', 'b', 'c', 'd', 'e') }
  expect(itemRows([PLAIN.single, PLAIN.short])).toEqual({
    rows: [
      [
        'Kind',
        'Question',
        'Option A',
        'Option B',
        'Option C',
        'Option D',
        'Key',
        'Points',
        'Time limit',
        'Feedback',
        'Hint',
        'Difficulty',
        'Level',
        'Outcome',
        'Tags',
      ],
      [
        'Single choice',
        'Which knot makes a fixed loop?',
        'reef knot',
        'bowline',
        'clove hitch',
        '',
        'B',
        '1',
        '',
        '',
        '',
        '',
        '',
        '',
        '',
      ],
      ['Short answer', 'Name the left side.', '', '', '', '', 'port', '1', '', '', '', '', '', '', ''],
    ],
    losses: [],
    written: [0, 1],
  })
  expect(ownColumns([five]).headers.filter((header) => header.startsWith('Option'))).toHaveLength(5)
  expect(ownColumns([{ ...five, options: optionsOf(...'abcdefghijkl') }]).headers).toContain('Option J')
  expect(ownColumns([{ ...five, options: optionsOf(...'abcdefghijkl') }]).headers).not.toContain('Option K')
})

test('what an item says besides', () => {
  const item: Item = {
    ...PLAIN.single,
    ...{ points: 2, timeLimit: 30, difficulty: 'hard', level: 'apply', outcome: 'N1', tags: ['knots', 'ropes'] },
    feedback: contentOf('It does not slip.'),
    hint: contentOf('A tree.'),
    passage: contentOf('Read this.'),
  }
  expect(
    cells(item, [
      'number',
      'stem',
      'points',
      'time',
      'feedback',
      'hint',
      'difficulty',
      'level',
      'outcome',
      'tags',
      'section',
      'left',
    ]),
  ).toEqual([
    '1',
    'Read this.\nWhich knot makes a fixed loop?',
    '2',
    '30',
    'It does not slip.',
    'A tree.',
    'hard',
    'apply',
    'N1',
    'knots, ropes',
    '',
    '',
  ])
})

test.each<[ColumnLayout['keyForm'], string]>([
  ['letter', 'A, B, D'],
  ['number', '1, 2, 4'],
  ['zero-based', '0, 1, 3'],
  ['text', 'red, green, white'],
])('a key by %s', (keyForm, key) => expect(cells(PLAIN.multiple, ['key'], { keyForm })).toEqual([key]))

test.each<[string, Item, string]>([
  ['a judgement', PLAIN.truefalse, 'True'],
  ['the other', { ...PLAIN.truefalse, key: [false] }, 'False'],
  ['several words', { ...PLAIN.short, key: ['port', 'left'] }, 'port / left'],
  ['a number', PLAIN.numeric, '1852'],
  ['a number with its unit', { ...PLAIN.numeric, unit: 'm' }, '1852 m'],
  ['a tolerance', { ...PLAIN.numeric, key: [{ value: 3, tolerance: 0.5 }], unit: 'm' }, '3 ± 0.5 m'],
  ['bounds', { ...PLAIN.numeric, key: [{ min: 2, max: 4 }] }, '2 to 4'],
  [
    'bands',
    {
      ...PLAIN.numeric,
      key: [
        { value: 3, tolerance: 0 },
        { min: 2, max: 4 },
      ],
    },
    '3 / 2 to 4',
  ],
  ['a sample', { ...PLAIN.essay, sample: contentOf('Upright.') }, 'Upright.'],
  ['no key', { ...PLAIN.single, key: [] }, ''],
])('the cell of the key: %s', (_name, item, key) => expect(cells(item, ['stem', 'key'])[1]).toBe(key))

test('options in one cell, in cells of their own, and the right one', () => {
  expect(cells(PLAIN.single, ['options', 'right', 'option', 'option', 'option', 'option'])).toEqual([
    'reef knot; bowline; clove hitch',
    'bowline',
    ...['reef knot', 'bowline', 'clove hitch', ''],
  ])
  expect(cells(PLAIN.short, ['options', 'right', 'option'])).toEqual(['', '', ''])
  expect(cells({ ...PLAIN.single, key: [] }, ['right'])).toEqual([''])
})

test('rows above the head stay empty, and without a head there is none', () => {
  const rows = (leadingRows: number) =>
    itemRows([PLAIN.short], withHeaders(layout(['stem', 'key'], { leadingRows }))).rows
  expect(rows(3)).toEqual([
    ['', ''],
    ['', ''],
    ['Question', 'Key'],
    ['Name the left side.', 'port'],
  ])
  expect(rows(0)).toEqual([['Name the left side.', 'port']])
})

test('options in a laid out table are lettered one after the other', () => {
  expect(withHeaders(layout(['option', 'stem', 'option', 'left'])).headers).toEqual([
    'Option A',
    'Question',
    'Option B',
    '',
  ])
})

test('what a row has no columns for is left out and said; the numbers count what is there', () => {
  const { rows, losses, written } = itemRows([PLAIN.cloze, PLAIN.short], withHeaders(layout(['number', 'stem'])))
  expect(rows.slice(1)).toEqual([['1', 'Name the left side.']])
  expect(written).toEqual([1])
  expect(losses).toContainEqual({ item: 0, feature: 'kind-cloze', says: 'A row has no columns for this kind' })
})
