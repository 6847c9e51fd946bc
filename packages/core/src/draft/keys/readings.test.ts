import type { Item } from '../../item/model.ts'
import { readDraft } from '../read-draft.ts'
import { entryIndex } from './values.ts'

/** The keys of a draft, as they are told apart by what they say. */
function keysOf(text: string): string[] {
  return readDraft({ text }).items.map(({ item }) => `${item.kind} ${keyOf(item)}`)
}

function keyOf(item: Item): string {
  if (item.kind === 'numeric')
    return item.key.map((one) => ('value' in one ? one.value : `${one.min}..${one.max}`)).join(' ')
  return 'key' in item && Array.isArray(item.key) ? item.key.map(String).join(' ') : ''
}

const choices = (count: number): string =>
  Array.from(
    { length: count },
    (_none, at) => `${at + 1}. Which of these is number ${at}?\na) oak\nb) rye\nc) ash\nd) elm\n`,
  ).join('\n')

// The drafts are our own; each is a way in which keys of tests are laid out (common practice).
describe('keys in tables', () => {
  test('numbers in one row, keys in the row below', () => {
    expect(keysOf(`${choices(4)}\nKey\n| 1 | 2 | 3 | 4 |\n| B | A | D | C |\n`)).toEqual([
      'single b',
      'single a',
      'single d',
      'single c',
    ])
  })
  test('a head at the left of both rows does not shift them', () => {
    expect(keysOf(`${choices(3)}\nAnswers\n| No. | 1 | 2 | 3 |\n| Key | C | B | A |\n`)).toEqual([
      'single c',
      'single b',
      'single a',
    ])
  })
  test('a key that is left open is left open, and the others stay in their places', () => {
    expect(keysOf(`${choices(4)}\nKey\n| 1 | 2 | 3 | 4 |\n| B |   | D | C |\n`)).toEqual([
      'single b',
      'single ',
      'single d',
      'single c',
    ])
  })
  test('number and key in one cell', () => {
    expect(keysOf(`${choices(3)}\nKey\n| 1 B | 2 A | 3 D |\n`)).toEqual(['single b', 'single a', 'single d'])
  })
  test('a row for each item, number first, with what else stands in it', () => {
    const table = '| Item | Key | Remark |\n| 1 | C | see page 3 |\n| 2 | A | |\n| 3 | B | easy |\n'
    expect(keysOf(`${choices(3)}\nKey\n${table}`)).toEqual(['single c', 'single a', 'single b'])
  })
  test('two columns of numbers and keys side by side', () => {
    expect(keysOf(`${choices(4)}\nKey\n| 1 | B | 3 | D |\n| 2 | A | 4 | C |\n`)).toEqual([
      'single b',
      'single a',
      'single d',
      'single c',
    ])
  })
})

describe('statements that are judged', () => {
  const judged = (...keys: string[]): string =>
    keys.map((key, at) => `${at + 1}. Statement number ${at} is so.\nAnswer: ${key}\n`).join('\n')

  test('by words, letters, or both in turn', () => {
    expect(keysOf(judged('True', 'False', 'True'))).toEqual(['truefalse true', 'truefalse false', 'truefalse true'])
    expect(keysOf(judged('T', 'F', 'F'))).toEqual(['truefalse true', 'truefalse false', 'truefalse false'])
    expect(keysOf(judged('richtig', 'falsch', 'falsch'))).toEqual([
      'truefalse true',
      'truefalse false',
      'truefalse false',
    ])
  })
  test('figures among words are figures, and so are figures alone', () => {
    expect(keysOf(judged('True', 'False', '1', 'True'))[2]).not.toMatch(/^truefalse/)
    expect(keysOf(judged('1', '0', '0', '1'))).toEqual(['numeric 1', 'numeric 0', 'numeric 0', 'numeric 1'])
  })
  test('one word among many answers judges nothing', () => {
    const keys = keysOf(
      '1. The falling water is called so.\nAnswer: ebb\n\n2. The rising water is called so.\nAnswer: flood\n\n3. The still water is called so.\nAnswer: slack\n\n4. The first of the year is in May.\nAnswer: spring\n',
    )
    expect(keys.filter((key) => key.startsWith('truefalse'))).toEqual([])
  })
  test('a question with options is not judged because its neighbours are', () => {
    const text = `${judged('True', 'False')}\n3. Which is a grain?\na) oak\nb) rye\nAnswer: b\n`
    expect(keysOf(text)).toEqual(['truefalse true', 'truefalse false', 'single b'])
  })
})

describe('the place of a label among the alternatives', () => {
  const entry = (id: string, value: number) => ({ id, value }) as never
  const letters = [entry('a', 0), entry('b', 1), entry('c', 2)]
  const figures = [entry('1', 0), entry('2', 1), entry('3', 2)]
  const bare = [entry('', 0), entry('', 1), entry('', 2)]

  test.each<[string, string, readonly never[], number]>([
    ['as it is written', 'B', letters, 1],
    ['a figure for a letter, by its place', '3', letters, 2],
    ['a circled figure for a letter', '②', letters, 1],
    ['a letter for a figure', 'b', figures, 1],
    ['a letter where nothing is labelled', 'c', bare, 2],
    ['a figure where nothing is labelled', '1', bare, 0],
    ['a letter that no alternative has', 'e', letters, -1],
    ['a figure beyond the last', '4', letters, -1],
    ['a letter of another script', 'б', letters, -1],
    ['what is no label', 'rye', letters, -1],
  ])('%s', (_what, label, entries, place) => expect(entryIndex(label, entries)).toBe(place))
})
