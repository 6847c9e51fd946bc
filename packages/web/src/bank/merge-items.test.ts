import { readDraft, type Item } from '@zakuska/core'
import { mergeItems, withFacet } from './merge-items'

const BASE = readDraft({ text: '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\nTags: farm\n' }).items[0]?.item as Item
const stem = (text: string): Item => ({
  ...BASE,
  stem: readDraft({ text: `1. ${text}\na) x\nb) y\n` }).items[0]?.item.stem ?? [],
})

test('what only one changed is taken, and said', () => {
  const mine = stem('Which is the grain?')
  const theirs = { ...BASE, tags: ['farm', 'bread'], points: 2 } as Item
  const { item, clashes, taken } = mergeItems(BASE, mine, theirs)
  expect(clashes).toEqual([])
  expect(taken).toEqual(['points', 'tags'])
  expect(item).toEqual({ ...mine, tags: ['farm', 'bread'], points: 2 })
})

test('what both changed is mine until somebody chooses', () => {
  const mine = stem('Which is the grain?')
  const theirs = stem('Which of these is a grain?')
  const { item, clashes } = mergeItems(BASE, mine, theirs)
  expect(item.stem).toEqual(mine.stem)
  expect(clashes.map(({ name }) => name)).toEqual(['stem'])
  expect(withFacet(item, 'stem', clashes[0]?.theirs ?? {}).stem).toEqual(theirs.stem)
})

test('options and key are never taken from two sides', () => {
  if (BASE.kind !== 'single') throw new Error('Not a single choice.')
  const [first, second] = BASE.options
  const mine: Item = { ...BASE, key: [first?.id ?? ''] }
  const theirs: Item = { ...BASE, options: BASE.options.filter((one) => one !== first), key: [second?.id ?? ''] }
  const { item, clashes } = mergeItems(BASE, mine, theirs)
  expect(clashes.map(({ name }) => name)).toEqual(['answers and key'])
  expect(withFacet(item, 'answers and key', clashes[0]?.theirs ?? {})).toEqual(theirs)
})

test('a field that the other one took out is taken out', () => {
  const base = { ...BASE, hint: BASE.stem } as Item
  expect('hint' in mergeItems(base, base, BASE).item).toBe(false)
})
