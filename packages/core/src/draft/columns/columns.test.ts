import { documentDraft } from '../document/to-draft.ts'
import { readingOutline } from '../outline.ts'
import { readDraft } from '../read-draft.ts'
import type { DocumentTable } from '../document/blocks.ts'
import { guessKeyTable, guessLayout } from './guess.ts'
import { keyIndexes } from './key-cell.ts'
import { roleOfHeader, type KeyForm } from './layout.ts'

const rows = (...texts: string[][]): DocumentTable['rows'] =>
  texts.map((row) => row.map((cell) => (cell ? [{ text: cell, styles: [] }] : [])))
const itemsOf = (...tables: DocumentTable['rows'][]) =>
  readingOutline(readDraft(documentDraft(tables.map((table) => ({ type: 'table', rows: table })))))['items']

test.each([
  ['Question', 'stem'],
  ['Option A', 'option'],
  ['B', 'option'],
  ['Correct answer(s)', 'key'],
  ['Time limit (sec)', 'time'],
  ['Antwortmöglichkeiten', 'options'],
  ['Réponse 2', 'option'],
  ['正确答案', 'key'],
  ['Wrong answer 1', 'option'],
  ['Remarks of the staff room', null],
])('the header “%s” names %s', (header, role) => expect(roleOfHeader(header)).toBe(role))

const OPTIONS = ['oak', 'rye', 'elm', '12']
test.each<[string, KeyForm, number[] | null]>([
  ['B', 'letter', [1]],
  ['a, c', 'letter', [0, 2]],
  ['ACD', 'letter', [0, 2, 3]],
  ['2', 'number', [1]],
  ['1;3', 'number', [0, 2]],
  ['0', 'zero-based', [0]],
  ['Rye', 'text', [1]],
  ['oak; elm', 'text', [0, 2]],
  ['12', 'text', [3]],
  ['E', 'letter', null],
  ['5', 'number', null],
  ['beech', 'text', null],
  ['', 'letter', []],
])('the key cell “%s” as %s', (cell, form, found) => expect(keyIndexes(cell, OPTIONS, form)).toEqual(found))

test('a column of figures is read as places, though a figure is also the text of an option', () => {
  const table = rows(
    ['Question', '1', 'Answer 2', 'Answer 3', 'Correct'],
    ['Which is a tree, an oak or a rye?', 'oak', 'rye', 'tin', '1'],
    ['How many hours has a day on the water?', '12', '2', '24', '3'],
    ['How many sides has a square rig of sails?', '3', '4', '5', '2'],
  )
  expect(
    guessLayout([
      [
        [{ text: 'Question', styles: [] }],
        ...['Answer 1', 'Answer 2', 'Answer 3', 'Correct'].map((text) => [{ text, styles: [] }]),
      ],
      ...table.slice(1),
    ])?.keyForm,
  ).toBe('number')
})

test('a second table with the keys goes to the items of the first by number', () => {
  expect(
    itemsOf(
      rows(
        ['No.', 'Question', 'A', 'B'],
        ['1', 'Which of them is a grain?', 'oak', 'rye'],
        ['2', 'Which of them is a tree?', 'oak', 'rye'],
      ),
      rows(['Question', 'Answer', 'Points'], ['2', 'A', '3'], ['1', 'B', '1']),
    ),
  ).toMatchObject([
    { key: [1], points: 1 },
    { key: [0], points: 3 },
  ])
})

test('a key that names no option stays in the draft and is marked', () => {
  expect(itemsOf(rows(['Question', 'A', 'B', 'Key'], ['Which of them is a grain?', 'oak', 'rye', 'E']))).toMatchObject([
    { key: [], flags: ['key-names-no-option'] },
  ])
})

test('tables of other things are left as they are', () => {
  expect(guessLayout(rows(['Instrument', 'Family'], ['oboe', 'woodwind'], ['viola', 'strings']))).toBeNull()
  expect(guessLayout(rows(['', 'daily', 'weekly'], ['oil', 'x', ''], ['bilge', '', 'x']))).toBeNull()
  expect(guessLayout(rows(['Question', 'Answer'], ['1', 'b'], ['2', 'c']))).toBeNull()
  expect(guessKeyTable(rows(['Question', 'Answer'], ['1', 'b'], ['2', 'c']))?.roles).toEqual(['number', 'key'])
})

test('no cell is lost: what belongs to no item stays as a row', () => {
  const { text } = documentDraft([
    {
      type: 'table',
      rows: rows(
        ['Bank of questions, spring'],
        ['Question', 'A', 'B', 'Key', 'Seen by'],
        ['Which of them is a grain?', 'oak', 'rye', 'B', 'the baker'],
        ['', '', '', '', 'the miller'],
      ),
    },
  ])
  for (const cell of ['Bank of questions, spring', 'Seen by', 'oak', 'rye', 'the baker', 'the miller'])
    expect(text).toContain(cell)
})

test('columns of nothing but the letters of the options hold no options', () => {
  const options = ['A', 'femur', 'B', 'ulna', 'C', 'skull']
  const table = rows(
    ['Which bone is in the leg?', ...options, 'A'],
    ['Which bone is in the arm?', ...options, 'B'],
    ['Which bone guards the brain?', ...options, 'C'],
  )
  expect(guessLayout(table)?.roles).toEqual(['stem', 'left', 'option', 'left', 'option', 'left', 'option', 'key'])
})

test('questions and what answers them side by side, under headers that nobody knows', () => {
  const table = rows(
    ['Nr', 'Sentence', 'Right form'],
    ['1', 'We ____ (go) home.', 'went'],
    ['2', 'She ____ (see) it.', 'saw'],
    ['3', 'Who ____ (eat) it?', 'ate'],
  )
  expect(guessLayout(table)).toEqual({ roles: ['number', 'stem', 'key'], leadingRows: 1, keyForm: 'text' })
  expect(itemsOf(table)).toMatchObject([{ key: ['went'] }, { key: ['saw'] }, { key: ['ate'] }])
})

test.each<[string, string[][]]>([
  [
    'terms and what they mean',
    [
      ['ebb', 'the tide runs out'],
      ['flood', 'it runs in'],
      ['neap', 'it is weak'],
    ],
  ],
  [
    'questions with nothing beside some',
    [
      ['Who?', 'me'],
      ['Why?', ''],
      ['When?', ''],
      ['Where?', ''],
    ],
  ],
  [
    'two columns beside the questions',
    [
      ['Who?', 'me', 'you'],
      ['Why?', 'so', 'no'],
      ['When?', 'now', 'then'],
    ],
  ],
  [
    'two questions',
    [
      ['Who?', 'me'],
      ['Why?', 'so'],
    ],
  ],
])('%s are no questions with their answers', (_name, table) => expect(guessLayout(rows(...table))).toBeNull())
