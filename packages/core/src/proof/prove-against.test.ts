import { readFileSync } from 'node:fs'
import { FORMATS } from '../formats/index.ts'
import type { Item } from '../item/model.ts'
import { hasKey, isGraded } from '../item/model.ts'
import { readDraft } from '../draft/read-draft.ts'
import { proveAgainst } from './prove-against.ts'
import { proofSummary } from './prove-format.ts'

const ITEMS = readDraft({
  text: readFileSync(new URL('../../samples/layouts/all-kinds.txt', `file://${__filename}`), 'utf8'),
}).items.map(({ item }) => item)

const written = (id: 'qti12' | 'qti21' | 'qti30' | 'gift', items: readonly Item[]) => {
  const format = FORMATS[id]
  const { data } = format.write(items, { title: 'All', as: 'bank' })
  return { items: format.read(data).items, format: { format, data } }
}

/** The item with a key that is wrong, where there is one to turn. */
function flipped(item: Item): Item | null {
  if (!isGraded(item.kind) || !hasKey(item)) return null
  switch (item.kind) {
    case 'single': {
      const other = item.options.find(({ id }) => !item.key.includes(id))
      return other ? { ...item, key: [other.id] } : null
    }
    case 'multiple':
      return { ...item, key: item.options.map(({ id }) => id).filter((id) => !item.key.includes(id)) }
    case 'truefalse':
      return { ...item, key: [!item.key[0]] }
    case 'short':
      return { ...item, key: ['quite another word'] }
    case 'numeric':
      return { ...item, key: [{ value: 424_242, tolerance: 0 }] }
    case 'order':
      return { ...item, key: [...item.key].reverse() }
    case 'match':
    case 'grid': {
      const [first, second, ...rest] = item.key
      return first && second ? { ...item, key: [[first[0], second[1]], [second[0], first[1]], ...rest] } : null
    }
    case 'cloze':
      return { ...item, gaps: item.gaps.map((gap, at) => (at ? gap : { ...gap, key: ['quite another word'] })) }
    default:
      return null
  }
}

describe.each(['qti12', 'qti21', 'qti30', 'gift'] as const)('%s', (id) => {
  test('as it was written it grades as the items say, whatever their order there', () => {
    const proof = proveAgainst(ITEMS, written(id, [...ITEMS].reverse()))
    expect(proofSummary(proof).wrong).toEqual([])
    expect(proofSummary(proof).sent).toBeGreaterThan(5)
  })

  test('every key that was turned there is said, and no other', () => {
    const turned = ITEMS.map((item) => flipped(item))
    const changed = turned.flatMap((item, at) => (item ? [at] : []))
    const there = written(
      id,
      ITEMS.map((item, at) => turned[at] ?? item),
    )
    const held = changed.filter((at) => proveAgainst([ITEMS[at] as Item], there).missing.length === 0)
    expect(proofSummary(proveAgainst(ITEMS, there)).wrong).toEqual(expect.arrayContaining(held))
    expect(held.length).toBeGreaterThan(5)
    for (const at of held) {
      const one = written(
        id,
        ITEMS.map((item, place) => (place === at ? (turned[at] as Item) : item)),
      )
      expect(proofSummary(proveAgainst(ITEMS, one)).wrong).toEqual([at])
    }
  })

  test('what is not there is missing, what only it holds is said', () => {
    const single = ITEMS.find(({ kind }) => kind === 'single') as Item
    const rest = ITEMS.filter((item) => item !== single && item.kind !== 'note')
    const proof = proveAgainst([single], written(id, rest))
    expect(proof.missing).toEqual([0])
    expect(proofSummary(proof).wrong).toEqual([0])
    expect(proof.more.length).toBeGreaterThan(3)
  })
})

test('two options that changed places there, and the key with neither, are said', () => {
  const { items } = readDraft({ text: '1. Which is a grain?\na) oak\nb) rye\nc) ash\nAnswer: b\n' })
  const item = items[0]?.item as Extract<Item, { kind: 'single' }>
  const [a, b, c] = item.options.map(({ content }) => content)
  const swapped = [b, a, c].map((content, at) => ({ id: item.options[at]?.id ?? '', content: content ?? [] }))
  const proof = proveAgainst([item], { items: [{ ...item, options: swapped }], format: null })
  expect(proofSummary(proof).wrong).toEqual([0])
  const moved = { ...item, options: swapped, key: [item.options[0]?.id ?? ''] }
  expect(proofSummary(proveAgainst([item], { items: [moved], format: null })).wrong).toEqual([])
})
