import { editsForKey, editsForOptions, editsForTruth, withoutKeyEntry } from './edits.ts'
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

  // However the draft keyed an option where it stands, the key that is set takes its place, and nothing contradicts it.
  test.each([
    '☑ oak\n☐ rye',
    '☐ oak\n☒ rye\n☐ elm',
    '*a) oak\nb) rye',
    '✓ a) oak\nb) rye',
    'a) oak *\nb) rye',
    'a) *oak\nb) rye',
    '- **oak**\n- rye',
    '**a) oak**\nb) rye',
    'a) **oak**\nb) rye',
    '● oak\n○ rye',
    '(•) oak\n( ) rye',
    '■ oak\n□ rye',
    '[x] oak\n[ ] rye',
    'a) oak ← correct\nb) rye',
    'A. oak  *B. rye  C. elm',
    'a) oak\nb) rye Answer: a',
  ])('%j', (options) => {
    const text = `1. Which is a grain?\n${options}\n`
    const [read] = readDraft({ text }).items
    for (const index of [0, 1]) {
      const changed = read ? applyEdits(text, editsForOptions(text, read, [index])) : ''
      const [after] = readDraft({ text: changed }).items
      expect(after?.item).toMatchObject({ kind: 'single', key: [['a', 'b'][index]] })
      expect(after?.marks.map((mark) => mark.code)).not.toContain('keys-disagree')
    }
  })

  test.each<[string, string, string | null]>([
    ['1. b\n2. a\n', '1', '2. a\n'],
    ['Q1: b\nQ2: a', '2', 'Q1: b'],
    ['| 1 | b |\n| 2 | a |', '2', '| 1 | b |'],
    ['1 b, 2 a', '1', null],
    ['1. b', '3', null],
  ])('the entry in a key text %j of item %s goes', (keyText, number, left) => {
    expect(withoutKeyEntry(keyText, number)).toBe(left)
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
