import { readDraft } from '../draft/read-draft.ts'
import { ASKED_KINDS, countAsked, requestText } from './request.ts'

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
