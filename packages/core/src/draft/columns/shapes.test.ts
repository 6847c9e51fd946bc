import { cellText, type DocumentBlock, type DocumentCell } from '../document/blocks.ts'
import { documentDraft } from '../document/to-draft.ts'
import { expandByShape } from './shapes.ts'

function rows(text: string): DocumentCell[][] {
  return text
    .split('\n')
    .map((line) => line.split('|').map((cell) => (cell.trim() ? [{ text: cell.trim(), styles: [] }] : [])))
}

function textOf(blocks: readonly DocumentBlock[] | null): string[] {
  return (blocks ?? []).map((block) =>
    block.type === 'paragraph'
      ? `${block.label ?? ''} ${cellText(block.runs)}`.trim()
      : `| ${block.rows[0]!.map(cellText).join(' | ')}`,
  )
}

test('a row for each option, the stem in the first', () => {
  const table =
    'Nr|Question|Option|Right?\n1|What first?|raise the alarm|yes\n||fetch your coat|no\n2|Which is dry?|water|no\n||powder|yes\n||foam|no'
  expect(textOf(expandByShape(rows(table)))).toEqual([
    '| Nr | Question | Option | Right?',
    '1. What first?',
    'a) raise the alarm',
    'b) fetch your coat',
    'Answer: a',
    '2. Which is dry?',
    'a) water',
    'b) powder',
    'c) foam',
    'Answer: b',
  ])
})

test('options one below the other with a tick beside them', () => {
  const table = '1. Which tool?|\na comb|\na pick|x\n2. Which drink?|\nwater|x\nmilk|'
  expect(textOf(expandByShape(rows(table)))).toEqual([
    '1. Which tool?',
    'a) a comb',
    'b) a pick',
    'Answer: b',
    '2. Which drink?',
    'a) water',
    'b) milk',
    'Answer: a',
  ])
})

test('a column of ticks beside each option', () => {
  const table =
    'Nr|Frage|1||2|\n1|Was bedeutet die Flamme?|entzündbar|x|giftig|\n2|Was darf man nicht?|lagern||trinken|x\n3|Wer hilft dir?|die Chefin|x|niemand|'
  expect(textOf(expandByShape(rows(table))).filter((line) => line.startsWith('Answer'))).toEqual([
    'Answer: a',
    'Answer: b',
    'Answer: a',
  ])
})

test('boxes in one cell', () => {
  const table =
    'No|Question|Cross\n1|What do you do first?|☐ nothing ☒ the check\n2|How high are the forks?|☒ low ☐ high'
  expect(textOf(expandByShape(rows(table))).filter((line) => /^[ab]\)|^Answer/.test(line))).toEqual([
    'a) nothing',
    'b) the check',
    'Answer: b',
    'a) low',
    'b) high',
    'Answer: a',
  ])
})

test('statements under columns for true and false keep their numbers', () => {
  const table = '||V|F\n6|La Sardegna è un’isola.|X|\n7|Il Po è un lago.||X'
  expect(textOf(expandByShape(rows(table)))[1]).toBe('6. La Sardegna è un’isola.')
})

test('a table of words is no table of items', () => {
  expect(expandByShape(rows('Knot|Use\nbowline|a fixed loop\nreef knot|joins ropes'))).toBeNull()
})

test('a sheet whose first column behind the question is never empty holds the right answers', () => {
  const table =
    'How many legs has a spider?|8|6|10\nWhat is a young goose?|gosling|kid|calf\nHow many grams in a kilogram?|1000||\nWhich bird cannot fly?|ostrich|swan|heron'
  const { text } = documentDraft([{ type: 'table', rows: rows(table) }])
  expect(text.match(/Answer: a/g)).toHaveLength(4)
})

test('no cell is lost: what an item does not say of its rows stands behind it', () => {
  const table =
    'Nr|Question|Option|Right?|Owner\n1|What first?|raise the alarm|yes|Mara\n||fetch your coat|no|ask Tove\n2|Which is dry?|water|no|\n||powder|yes|'
  const text = textOf(expandByShape(rows(table))).join('\n')
  for (const cell of ['Mara', 'ask Tove', 'Owner']) expect(text).toContain(cell)
  const boxed = 'No|Question|Cross\n1|What first?|one only: ☐ nothing ☒ the check\n2|How high?|☒ low ☐ high'
  expect(textOf(expandByShape(rows(boxed))).join('\n')).toContain('one only:')
})
