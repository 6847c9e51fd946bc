import { editsForKey, editsForOptions, editsForTruth } from './edits.ts'
import { applyEdits } from './marks.ts'
import { readDraft } from './read-draft.ts'

describe('setting a key writes into the text', () => {
  test.each<[string, string, number[], string]>([
    ['where there is none, a line is added', '1. Which?\na) oak\nb) rye', [1], '1. Which?\na) oak\nb) rye\nAnswer: b'],
    ['a key line is rewritten', '1. Which?\nA. oak\nB. rye\nAnswer: D', [0], '1. Which?\nA. oak\nB. rye\nAnswer: A'],
    [
      'a glued key gets its own line',
      '1. Which?\na) oak\nb) rye Answer: b)',
      [0],
      '1. Which?\na) oak\nb) rye \nAnswer: a',
    ],
    ['a ticked box is emptied', 'Which?\n[x] oak\n[ ] rye', [1], 'Which?\n[ ] oak\n[ ] rye\nAnswer: B'],
    ['several keys', '1. Which?\na) oak\nb) rye\nc) elm', [0, 2], '1. Which?\na) oak\nb) rye\nc) elm\nAnswer: a, c'],
  ])('%s', (_name, text, indexes, expected) => {
    const [read] = readDraft({ text }).items
    expect(read && applyEdits(text, editsForOptions(text, read, indexes))).toBe(expected)
  })

  test('and is read back as that key', () => {
    const text = 'Which is a grain?\n*oak\nrye\nelm'
    const [read] = readDraft({ text }).items
    const changed = read ? applyEdits(text, editsForOptions(text, read, [1])) : ''
    expect(readDraft({ text: changed }).items[0]?.item).toMatchObject({ kind: 'single', key: ['b'] })
  })

  test('true and false', () => {
    const text = '1. True or false: rye is a grain.\nAnswer: True'
    const [read] = readDraft({ text }).items
    expect(read && applyEdits(text, editsForTruth(text, read, false))).toBe(
      '1. True or false: rye is a grain.\nAnswer: False',
    )
    expect(read && editsForKey(text, read, 'False')).toHaveLength(1)
  })
})
