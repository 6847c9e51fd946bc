import { readDraft } from '../draft/read-draft.ts'
import { ASKED_KINDS, countAsked, readingText, requestText, variantText } from './request.ts'

const all = Object.fromEntries(ASKED_KINDS.map((kind) => [kind, 1]))
const bare = { level: '', language: '', remarks: '' }

test('the layout that is asked for is one that the reader reads, kind by kind, with its key', () => {
  for (const kind of ASKED_KINDS) {
    const text = requestText({ ...bare, counts: { [kind]: 2 } }, 'A text.')
    const [, layout = ''] = /nothing before or after:\n\n[^\n]+:\n([\s\S]*?)\n\nThe text:/.exec(text) ?? []
    const { items } = readDraft({ text: layout.replace(/^N\./, '1.') })
    expect([kind, items.map(({ item }) => item.kind)]).toEqual([kind, [kind]])
    const [read] = items
    const key =
      read && ('gaps' in read.item ? read.item.gaps.flatMap((gap) => gap.key) : 'key' in read.item ? read.item.key : [])
    expect([kind, key?.length]).not.toEqual([kind, 0])
  }
})

test('it says what is wanted, for whom, in which language, and ends with the source', () => {
  const text = requestText(
    { counts: { single: 3, cloze: 0 }, level: 'grade 9', language: 'Norwegian', remarks: 'No dates.' },
    '  The sea. ',
  )
  expect(text).toMatch(/^Write 3 questions/)
  for (const part of ['- 3 × single choice', 'They are for: grade 9.', 'Write them in Norwegian.', 'No dates.'])
    expect(text).toContain(part)
  expect(text).not.toContain('Cloze')
  expect(text.endsWith('The text:\n\nThe sea.')).toBe(true)
  expect(countAsked({ ...bare, counts: all })).toBe(ASKED_KINDS.length)
})

test('outcomes, difficulty and cognitive levels are said; what is to be replaced and what stays is set in', () => {
  const text = requestText(
    {
      counts: { single: 1 },
      ...bare,
      outcomes: ' read a chart \n\nuse a table',
      difficulty: 'hard',
      cognitive: ['apply', 'analyse'],
      remarks: ' No dates. ',
    },
    'The sea.',
    { instead: ['1. Old?\na) x\nAnswer: a'], kept: ['Kept?'] },
  )
  for (const part of [
    'Write 1 other question about',
    'students can: read a chart; use a table.',
    'They are to be hard for these readers.',
    'They ask students to apply, analyse.',
    'Besides: No dates.',
    'In place of these, and not the same again:\n\n    1. Old?\n    a) x\n    Answer: a',
    'not to be asked twice:\n\n    Kept?',
  ])
    expect(text).toContain(part)
  // Nothing that is set in can be read as an item of the request.
  expect(text.match(/^Answer: a$/gm)).toBeNull()
})

test('a reading and a variant are asked for in one line that cannot be broken', () => {
  expect(readingText('fog\nand  rain', 300, { level: 'B1', language: '' })).toMatch(
    /^Write a reading of about 300 words on: fog and rain\n\nIt is for: B1\./,
  )
  expect(variantText('1. What?', { to: 'easier' })).toMatch(
    /^Make this question easier\.[\s\S]*The question:\n\n1\. What\?$/,
  )
  expect(variantText('1. What?', { to: 'level', level: 'A2\nor less' })).toMatch(
    /^Say this question for other readers: A2 or less\./,
  )
  expect(variantText('1. What?', { to: 'language', language: 'Norwegian' })).toMatch(
    /^Translate this question into Norwegian\./,
  )
})
