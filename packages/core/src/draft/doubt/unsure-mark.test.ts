import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Mark } from '../marks.ts'
import type { Reading } from '../model.ts'
import { readDraft } from '../read-draft.ts'
import { newRecord, NO_SECTION } from '../records/record.ts'
import type { OtherPart } from './doubt-of-item.ts'
import { unsureMarks } from './unsure-mark.ts'

const line: OtherPart = { number: 4, from: 30, to: 42, part: 'key', other: 'feedback', cause: '2 key feedback' }
const record = newRecord(NO_SECTION)

test('a doubtful line is marked where it stands, with what it may be as well', () => {
  const [mark] = unsureMarks({ odd: null, line }, record)
  expect(mark).toMatchObject({
    message: 'This may be read wrongly: line 4 is read as a key and may be feedback.',
    lines: [4, 4],
    from: 30,
    to: 42,
    cause: '2 key feedback',
    mend: { label: 'Read line 4 as feedback', says: [{ from: 30, to: 42, part: 'feedback' }] },
    stays: { label: 'It is a key', says: [{ from: 30, to: 42, part: 'key' }] },
  })
})

test.each([
  ['nothing odd and no doubtful line', { odd: null, line: null }, []],
  ['an odd item', { odd: 'the question has no words', line: null }, ['the question has no words.']],
  [
    'an odd item with a doubtful line',
    { odd: 'it is odd', line },
    ['it is odd; line 4 is read as a key and may be feedback.'],
  ],
  [
    'a line of one part, but unsure of what',
    { odd: null, line: { ...line, other: 'key' as const } },
    ['line 4 is read as a key, but it is not sure of what.'],
  ],
])('%s', (_name, doubt, says) =>
  expect(unsureMarks(doubt, record).map((mark) => mark.message.replace('This may be read wrongly: ', ''))).toEqual(
    says,
  ),
)

test('an odd item is not said to be right by a word about one of its lines', () => {
  const [mark] = unsureMarks({ odd: 'it is odd', line }, record)
  expect(mark?.mend).toBeDefined()
  expect(mark?.stays).toBeUndefined()
})

describe('on labelled drafts', () => {
  const folder = join(__dirname, '../../../samples/layouts')
  const drafts = readdirSync(folder)
    .filter((file) => file.endsWith('.txt'))
    .map((file) => ({ file, text: readFileSync(join(folder, file), 'utf8') }))
  /** Of lines; what is said of a draft as a whole is settled by none of them. */
  const doubts = (reading: Reading): Mark[] =>
    reading.items.flatMap((read) => read.marks).filter((mark) => mark.cause && mark.cause !== 'most items')
  const marked = drafts
    .flatMap(({ file, text }) => doubts(readDraft({ text })).map((mark) => ({ file, text, mark })))
    .slice(0, 12)

  test('some lines are doubtful', () => expect(marked.length).toBeGreaterThan(3))

  test.each(marked)('the other reading of a line in $file is taken, and its doubt is gone', ({ text, mark }) => {
    for (const mend of [mark.mend, mark.stays]) {
      const [said] = mend?.says ?? []
      if (!said) throw new Error('no mend')
      const after = readDraft({ text, taught: [{ ...said, alike: false }] })
      const found = after.parts[mark.lines[0] - 1]
      expect(found === 'heading' ? 'none' : found).toBe(said.part)
      expect(doubts(after).filter((one) => one.from === mark.from)).toEqual([])
    }
  })
})
