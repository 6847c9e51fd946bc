import { plainText } from '../content/plain.ts'
import type { Item } from '../item/model.ts'
import { wordItems, wordsIn, type ListedWord } from './words.ts'

const noun = (word: string, definition: string, more: Partial<ListedWord> = {}): ListedWord => ({
  ...{ word, definition, sentence: '', class: 'noun', related: [], forms: { base: word, plural: `${word}s` } },
  ...more,
})
const LIST = [
  noun('harbour', 'a sheltered port', { related: ['haven', 'seaport'] }),
  noun('haven', 'a shelter serving as a place of safety', { related: ['harbour'] }),
  noun('anchor', 'a device that keeps a vessel from moving', {
    sentence: 'Two anchors lay on the quay.',
    as: 'anchors',
  }),
  noun('wreck', 'a ship that was lost', { sentence: 'An anchor was taken from the wreck.' }),
  noun('buoy', 'a float that marks a channel', { sentence: 'A buoy marks the channel.' }),
  { ...noun('moor', 'secure in a berth'), class: 'verb', forms: { base: 'moor', past: 'moored' } },
]
const options = (item: Item | undefined) =>
  item?.kind === 'single' ? item.options.map(({ content }) => plainText(content)) : []
const keyOf = (item: Item | undefined) =>
  item?.kind === 'single'
    ? item.options.filter(({ id }) => item.key.includes(id)).map(({ content }) => plainText(content))
    : item?.kind === 'short'
      ? [...item.key]
      : []

describe('items of a list', () => {
  const { items, left } = wordItems(LIST, 'definition', 1)

  test('ask by the definition, with one key', () => {
    expect(left).toEqual([])
    expect(items.map(({ stem }) => plainText(stem))[0]).toBe('Which word means: a sheltered port?')
    expect(items.map(keyOf)).toEqual([['harbour'], ['haven'], ['anchor'], ['wreck'], ['buoy'], ['moor']])
  })

  test('a word that means nearly the same is never a wrong option', () => {
    for (let seed = 0; seed < 40; seed++) {
      const [first, second] = wordItems(LIST, 'definition', seed).items
      expect(options(first)).not.toContain('haven')
      expect(options(second)).not.toContain('harbour')
    }
  })

  test('with too few words of its class, a word is typed', () => {
    expect(items[5]?.kind).toBe('short')
  })

  test('of the same seed the same items come, of another others', () => {
    expect(wordItems(LIST, 'definition', 1)).toEqual({ items, left })
    const orders = new Set([1, 2, 3, 4, 5].map((seed) => options(wordItems(LIST, 'definition', seed).items[2]).join()))
    expect(orders.size).toBeGreaterThan(1)
  })
})

describe('by a sentence', () => {
  const { items, left } = wordItems(LIST, 'sentence', 3)

  test('the gap stands for the form that is there, and wrong options are inflected like it', () => {
    expect(plainText(items[0]?.stem)).toBe('Which word is missing? “Two … lay on the quay.”')
    expect(keyOf(items[0])).toEqual(['anchors'])
    expect(options(items[0]).every((option) => option.endsWith('s'))).toBe(true)
  })

  test('what stands in the sentence is no wrong option', () => {
    expect(options(items[1])).not.toContain('anchor')
  })

  test('an article does not tell how the word begins', () => {
    expect(plainText(items[2]?.stem)).toBe('Which word is missing? “A(n) … marks the channel.”')
  })

  test('words without one are said', () => {
    expect(left.map(({ word }) => word)).toEqual(['harbour', 'haven', 'moor'])
    expect(wordItems([noun('fog', '')], 'mixed', 1).left).toEqual([{ word: 'fog', why: 'it has no definition' }])
  })

  test('by turns, one way stands in for the other', () => {
    expect(wordItems(LIST, 'mixed', 1).items).toHaveLength(LIST.length)
  })
})

test.each([
  ['harbour\nanchor\n\n  wreck  ', ['harbour', 'anchor', 'wreck'], ['', '', '']],
  ['harbour, anchor wreck', ['harbour', 'anchor', 'wreck'], ['', '', '']],
  [
    '1. havn – harbour\n2) anker\tanchor\n- vrak: wreck\nå fortøye = to moor',
    ['havn', 'anker', 'vrak', 'å fortøye'],
    ['harbour', 'anchor', 'wreck', 'to moor'],
  ],
  ['Fog\nfog\nFOG', ['Fog'], ['']],
  ['', [], []],
])('a list is read: %j', (list, words, glosses) => {
  const read = wordsIn(list)
  expect(read.map(({ word }) => word)).toEqual(words)
  expect(read.map(({ gloss }) => gloss)).toEqual(glosses)
})
