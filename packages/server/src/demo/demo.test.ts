import {
  checkItem,
  fitItem,
  hasKey,
  limitsOf,
  outcomesFromRows,
  plainText,
  readDraft,
  type ReadItem,
} from '@zakuska/core'
import { READY_MADE } from './ready-made-texts.ts'
import { BANK_TEXT, CLEAN_DRAFT, MESSY_DRAFT, OUTCOMES } from './texts.ts'

const troubles = (items: readonly ReadItem[]) =>
  items.flatMap(({ marks }) => marks.filter(({ severity }) => severity === 'trouble'))

describe('the texts of the demo', () => {
  test('the bank reads as items of every kind, each well formed and filed by an outcome that there is', () => {
    const { items } = readDraft({ text: BANK_TEXT })
    expect(items.flatMap(({ item }) => checkItem(item))).toEqual([])
    expect(new Set(items.map(({ item }) => item.kind)).size).toBeGreaterThanOrEqual(10)
    const codes = new Set(OUTCOMES.map(([code]) => code))
    for (const { item } of items) if (item.outcome !== undefined) expect(codes.has(item.outcome)).toBe(true)
    expect(outcomesFromRows(OUTCOMES.map((row) => [...row]))).toHaveLength(OUTCOMES.length - 1)
  })
  test('the clean draft is clean, and the messy one has something to decide and something to leave out', () => {
    const clean = readDraft({ text: CLEAN_DRAFT })
    expect(troubles(clean.items)).toEqual([])
    expect(clean.items.every(({ item }) => hasKey(item))).toBe(true)
    const messy = readDraft({ text: MESSY_DRAFT })
    expect(troubles(messy.items).length).toBeGreaterThan(0)
    expect(messy.aside.length).toBeGreaterThan(1)
  })
  test('no two items of the bank ask the same', () => {
    const stems = readDraft({ text: BANK_TEXT }).items.map(({ item }) => plainText(item.stem))
    expect(new Set(stems).size).toBe(stems.length)
  })
  test.each(READY_MADE.map((set) => [set.title, set] as const))('ready-made: %s', (_title, set) => {
    const { items } = readDraft({ text: set.text })
    expect(items.length).toBeGreaterThanOrEqual(5)
    expect(troubles(items)).toEqual([])
    const [code] = set.outcome.split(' ')
    expect(items.every(({ item }) => item.outcome === code)).toBe(true)
    // Each goes out as a package of a course site without a loss that would cost its key.
    const limits = limitsOf('qti21') ?? {}
    expect(items.every(({ item }) => fitItem(item, limits).verdict !== 'cannot')).toBe(true)
  })
})
