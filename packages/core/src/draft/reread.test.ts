import fc from 'fast-check'
import type { Reading } from './model.ts'
import { readDraft } from './read-draft.ts'
import { rereadDraft } from './reread.ts'

const kinds = [
  (at: number) => `${at}. Which is a grain number ${at}?\na) oak\nb) rye\nc) elm\nAnswer: b\n`,
  (at: number) => `${at}. True or false: rye number ${at} is a grain.\nAnswer: True\n`,
  (at: number) => `${at}. The plant number ${at} is called ______.\nAnswer: rye\nHint: It is baked into bread.\n`,
]
const draft = Array.from({ length: 24 }, (_none, at) => kinds[at % 3]?.(at + 1) ?? '').join('\n')

function edited(text: string, at: number, gone: number, come: string): string {
  return text.slice(0, at) + come + text.slice(at + gone)
}

describe('reading again round an edit', () => {
  const whole = readDraft({ text: draft })

  // Ours: what people type while they mend a draft. Each row: what is looked for, how much of it goes, what comes.
  test.each<[string, number, string]>([
    ['Which is a grain number 10', 0, 'Say: '],
    ['c) elm', 6, 'c) elm\nd) ash'],
    ['Answer: b', 9, 'Answer: c'],
    ['Answer: b', 9, ''],
    ['13. Which', 0, 'A line between two items.\n\n'],
    ['Hint: It is baked', 0, 'Points: 3\n'],
    ['24. The plant', 13, '24. The second plant'],
  ])('%s', (place, gone, come) => {
    const at = draft.indexOf(place, draft.indexOf('10. '))
    const text = edited(draft, at, gone, come)
    expect(rereadDraft(whole, { text })).toEqual(readDraft({ text }))
  })

  test('items that nothing happened to stay the very same objects', () => {
    const text = edited(draft, draft.indexOf('number 13'), 0, 'x')
    const again = rereadDraft(whole, { text })
    const same = (reading: Reading | null): number =>
      reading?.items.filter((read, index) => read.item === whole.items[index]?.item).length ?? 0
    expect(same(again)).toBe(23)
  })

  test('an edit that changes the whole draft is read as such', () => {
    const text = `${draft}\nAnswer key\n1. c\n2. F\n`
    expect(rereadDraft(whole, { text })).toEqual(readDraft({ text }))
    expect(rereadDraft(whole, { text: draft, keyText: '1. a' })).toEqual(readDraft({ text: draft, keyText: '1. a' }))
  })

  test('any edit is read within the text, and no line is in two places', () => {
    const piece = fc.constantFrom('x', '\n', '\n\n', 'Answer: a', '7. ', 'a) ', '- ', '**', '|', 'Answer key\n', '')
    fc.assert(
      fc.property(fc.nat({ max: draft.length }), fc.nat({ max: 80 }), piece, (at, gone, come) => {
        const text = edited(draft, at, gone, come)
        const again = rereadDraft(whole, { text })
        const lines = text.split('\n')
        const taken = [
          ...again.items.flatMap(({ lines: [first, last] }) =>
            Array.from({ length: last - first + 1 }, (_none, index) => first + index),
          ),
        ]
        expect(new Set(taken).size).toBe(taken.length)
        for (const read of again.items) expect(read.to).toBeLessThanOrEqual(text.length)
        const passages = again.passages.flatMap(({ lines: [first, last] }) =>
          Array.from({ length: last - first + 1 }, (_none, index) => first + index),
        )
        const kept = new Set([...taken, ...passages, ...again.aside.map((aside) => aside.line)])
        expect(lines.filter((line, index) => /[\p{L}\p{N}]/u.test(line) && !kept.has(index + 1))).toEqual([])
      }),
      { numRuns: 100 },
    )
  })
})
