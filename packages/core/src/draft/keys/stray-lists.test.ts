import { spanText } from '../model.ts'
import { assembleText } from '../../testing/records.ts'
import { signedItems } from '../../testing/role-text.ts'
import { listWorth, unknownEntries } from './lists.ts'
import { strayLists } from './stray-lists.ts'

const ITEMS = [
  '1. Which rope?\na) hemp\nb) nylon\nc) cotton',
  '2. Which knot?\na) reef\nb) bowline\nc) hitch',
  '3. Which light?\na) red\nb) green\nc) white',
]

/** What is taken out of the items as lists, and what their lines still say. */
function strays(...items: readonly string[]): {
  readonly lists: readonly string[][]
  readonly left: readonly string[]
} {
  const { records } = assembleText(items.join('\n\n'), '')
  const lists = strayLists(records).map(({ facts }) => facts.map(({ unit }) => unit.text))
  return { lists, left: records.map(({ statements }) => statements.map(({ value }) => spanText(value)).join('|')) }
}

// A short list of keys below a few items: common practice, no published source.
test('a list for several items below the last of them is no key of that one', () => {
  const text = ITEMS.join('\n\n')
    .replace(/^(?=\d)/gm, 'S|')
    .replace(/^(?=[a-c]\))/gm, 'O|')
  expect(signedItems(`${text}\nK|Key: 1 b, 2 c, 3 a`).map(({ key }) => key)).toEqual([[1], [2], [0]])
})

test('each page with its own: a list counts for the items above it', () => {
  const [one, two, three] = ITEMS
  const signed = (item: string): string =>
    item
      .split('\n')
      .map((line, at) => `${at ? 'O' : 'S'}|${line}`)
      .join('\n')
  const text = `${signed(one!)}\n${signed(two!)}\nK|Key: 1 b, 2 c\n${signed(three!)}\nK|Key: a`
  expect(signedItems(text).map((item) => item['key'])).toEqual([[1], [2], [0]])
})

test.each([
  ['a key', 'Answer: a'],
  ['a key with a remark that has a figure', 'Answer: a (see page 2)'],
  ['a key of one item by its number', 'Key: 3 a'],
])('%s is no list', (_name, line) => {
  const [one, two, three] = ITEMS
  expect(strays(one!, two!, `${three}\n${line}`).lists).toEqual([])
})

/** A list of keys that stands apart, below the items. */
function listed(list: string) {
  const { records, facts } = assembleText(ITEMS.join('\n\n'), list)
  return { records, block: { facts, after: records.length, section: records[0]!.section } }
}

test.each<[string, string, string[]]>([
  ['of no item', '1. b\n2. c\n7. a\n(12) b', ['7', '12']],
  ['none', '1. b\n2. c\n3. a', []],
  ['where no line is of an item, it is another list', '7. b\n8. c', []],
  ['lines without a number', '1. b\nsee the book\n3. a', []],
])('numbers in a list: %s', (_name, list, ids) => {
  const { records, block } = listed(list)
  expect(unknownEntries(block, records).map(({ id }) => id)).toEqual(ids)
})

test.each<[string, string, number[]]>([
  ['all of them', '1. b\n2. c\n3. a', [0, 1, 2]],
  ['some of them', '1. b\n3. a', [0, 2]],
  ['those that fit', '1. b\n2. furl\n3. a', [0, 2]],
  ['none', 'Have a nice holiday.', []],
])('a list would give keys to %s', (_name, list, records) => {
  const { records: all, block } = listed(list)
  expect(listWorth(block, all)).toEqual(records)
})

test('answers with the numbers of several items below one of them are theirs', () => {
  const items = signedItems('S|1. A hull has a ____.\nS|2. A mast has a ____.\nK|1. Answer: keel\nK|2. Answer: stay')
  expect(items.map(({ key }) => key)).toEqual([['keel'], ['stay']])
})
