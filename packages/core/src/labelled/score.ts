import { readingOutline } from '../draft/outline.ts'
import type { Reading } from '../draft/model.ts'
import type { Gold } from './gold.ts'

type Fields = Readonly<Record<string, unknown>>

/** How a reading stands against its gold outline; counts of items unless said otherwise. */
export interface Score {
  readonly gold: number
  readonly exact: number
  readonly keyRight: number
  /** Differ from the gold, and bear no flag. */
  readonly silent: number
  /** Exact, need no look, and bear a flag all the same. */
  readonly crying: number
  readonly missed: number
  readonly spurious: number
  /** Texts that belong to no item and turn up in one. */
  readonly leaked: number
  /** Items that a careful reader marks, and that bear no flag. */
  readonly unflagged: number
  readonly extras: number
  readonly extrasRight: number
  /** What was wrong, a line each. */
  readonly told: readonly string[]
}

/** Text as it is compared: quotes, dashes and blanks do not count. */
export function norm(text: unknown): string {
  return (typeof text === 'string' ? text : text === undefined || text === null ? '' : JSON.stringify(text))
    .normalize('NFC')
    .replace(/[\u2018\u2019\u201B\u2032]/g, "'")
    .replace(/[\u201C\u201D\u201E\u2033]/g, '"')
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/\u2026/g, '...')
    .replace(/_{2,}/g, '___')
    .replace(/\s+/g, ' ')
    .trim()
}

const EXTRAS = [
  'points',
  'feedback',
  'optionFeedback',
  'hint',
  'sample',
  'unit',
  'difficulty',
  'level',
  'outcome',
  'tags',
  'bank',
  'passage',
]

/** Fields besides stem, options and key that an item is labelled with, and whether they were read. */
function extrasOf(item: Fields, got: Fields) {
  return EXTRAS.flatMap((field) => {
    const want = plainExtra(field, item[field])
    const read = plainExtra(field, got[field])
    return want === undefined ? [] : [{ field, want, read, isRight: same(want, read) }]
  })
}

/** Scores a reading item by item, pairing items in order so that the likenesses add up to the most. */
export function scoreReading(reading: Reading, gold: Gold): Score {
  const read = readingOutline(reading)['items'] as readonly Fields[]
  const wanted = gold.items as unknown as readonly Fields[]
  const pairs = align(wanted, read)
  const told: string[] = []
  const count = { exact: 0, keyRight: 0, silent: 0, crying: 0, unflagged: 0, extras: 0, extrasRight: 0 }
  const must = new Set(gold.mustFlag ?? [])
  wanted.forEach((item, at) => {
    const got = read[pairs.get(at) ?? -1]
    if (!got) {
      told.push(`missed ${at}: ${String(item['kind'])} «${norm(item['stem']).slice(0, 90)}»`)
      return
    }
    const wrong = fewestWrong(item, got)
    const flags = (got['flags'] as readonly string[]) ?? []
    if (!wrong.length) count.exact++
    if (!wrong.length && flags.length && !must.has(at)) count.crying++
    if (!wrong.some((part) => part !== 'stem')) count.keyRight++
    if (wrong.length && !flags.length) count.silent++
    if (must.has(at) && !flags.length) count.unflagged++
    const extras = extrasOf(item, got)
    count.extras += extras.length
    count.extrasRight += extras.filter(({ isRight }) => isRight).length
    for (const { field, want, read: own, isRight } of extras)
      if (!isRight) told.push(`${at} ${field}: wanted ${JSON.stringify(want)}, read ${JSON.stringify(own)}`)
    if (wrong.length) {
      told.push(`wrong ${at} (${wrong.join(', ')}; ${flags.join(' ') || 'silent'})`)
      told.push(`    gold ${say(item)}`, `    read ${say(got)}`)
    }
  })
  const paired = new Set(pairs.values())
  read.forEach((item, at) => {
    if (!paired.has(at)) told.push(`spurious ${at}: ${String(item['kind'])} «${norm(item['stem']).slice(0, 90)}»`)
  })
  const leaks = leaksOf(read, gold)
  for (const text of leaks) told.push(`leaked: «${text}»`)
  const [missed, spurious] = [wanted.length - pairs.size, read.length - pairs.size]
  return { gold: wanted.length, ...count, missed, spurious, leaked: leaks.length, told }
}

function leaksOf(read: readonly Fields[], gold: Gold): string[] {
  const everything = norm(JSON.stringify(read.map(({ flags: _flags, lines: _lines, ...rest }) => rest))).toLowerCase()
  return (gold.dropped ?? []).filter((text) => {
    const plain = norm(JSON.stringify(norm(text)).slice(1, -1)).toLowerCase()
    return plain !== '' && everything.includes(plain)
  })
}

function say(item: Fields): string {
  return JSON.stringify({
    kind: item['kind'],
    stem: norm(item['stem']),
    options: offered(item).filter((one) => one.length),
    key: keyed(item),
  })
}

function texts(list: unknown): string[] {
  return Array.isArray(list) ? list.map(norm) : []
}

function offered(item: Fields): unknown[][] {
  const choices =
    item['kind'] === 'cloze'
      ? ((item['choices'] as readonly unknown[] | undefined) ?? [])
          .map((one) => (one ? texts(one) : null))
          .filter(Boolean)
      : []
  return [
    texts(item['options']),
    texts(item['left']),
    texts(item['right']).sort(),
    texts(item['rows']),
    texts(item['columns']),
    choices,
  ]
}

function rounded(value: unknown): unknown {
  return value === undefined || value === null ? value : Number(Number(value).toPrecision(9))
}

/** The key in the item's own words, so that two readings compare whatever the indexes are. */
function keyed(item: Fields): unknown[] {
  const key = (item['key'] as readonly unknown[] | undefined) ?? []
  const at = (field: string, index: number): string => norm((item[field] as readonly string[] | undefined)?.[index])
  const pairs = (left: string, right: string): string[] =>
    (key as readonly (readonly [number, number])[]).map(([a, b]) => `${at(left, a)} = ${at(right, b)}`).sort()
  switch (item['kind']) {
    case 'single':
    case 'multiple':
      return (key as readonly number[]).map((index) => at('options', index)).sort()
    case 'order':
      return (key as readonly number[]).map((index) => at('options', index))
    case 'match':
      return pairs('left', 'right')
    case 'grid':
      return pairs('rows', 'columns')
    case 'short':
      return bagOf(key)
    case 'cloze':
      return key.map((gap) => bagOf(gap))
    case 'numeric':
      return (key as readonly Record<string, number>[])
        .map((one) =>
          'min' in one
            ? [rounded(one['min']), rounded(one['max'])]
            : [
                rounded((one['value'] ?? 0) - (one['tolerance'] ?? 0)),
                rounded((one['value'] ?? 0) + (one['tolerance'] ?? 0)),
              ],
        )
        .sort()
    case 'truefalse':
      return [...key]
    default:
      return []
  }
}

function bagOf(list: unknown): string[] {
  return texts(list)
    .map((word) => word.toLowerCase())
    .sort()
}

function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b)
}

function wrongParts(gold: Fields, read: Fields): string[] {
  return [
    ...(gold['kind'] === read['kind'] ? [] : ['kind']),
    ...(norm(gold['stem']) === norm(read['stem']) ? [] : ['stem']),
    ...(same(offered(gold), offered(read)) ? [] : ['options']),
    ...(same(keyed(gold), keyed(read)) ? [] : ['key']),
  ]
}

function fewestWrong(gold: Fields, read: Fields): string[] {
  const others = (gold['alt'] as readonly Fields[] | undefined) ?? []
  const readings = [gold, ...others.map((over) => ({ ...gold, ...over }))]
  return readings.map((one) => wrongParts(one, read)).sort((a, b) => a.length - b.length)[0] ?? []
}

function plainExtra(field: string, value: unknown): unknown {
  if (field === 'passage') return value ? 'yes' : undefined
  if (Array.isArray(value))
    return value.every((one) => one === null) ? undefined : value.map((one) => (one === null ? null : norm(one)))
  if (typeof value === 'number') return rounded(value)
  return value === undefined || value === null || value === '' ? undefined : norm(value)
}

function likeness(gold: Fields, read: Fields): number {
  const all = (item: Fields): string =>
    [...texts(item['options']), ...texts(item['left']), ...texts(item['rows'])].join(' ')
  return similarity(norm(gold['stem']), norm(read['stem'])) + 0.5 * similarity(all(gold), all(read))
}

function similarity(a: string, b: string): number {
  const [one, other] = [wordsOf(a), wordsOf(b)]
  if (!one.size && !other.size) return 1
  let shared = 0
  for (const word of one) if (other.has(word)) shared++
  return (2 * shared) / (one.size + other.size)
}

function wordsOf(text: string): Set<string> {
  return new Set(text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [])
}

const LEAST_LIKENESS = 0.7

function align(gold: readonly Fields[], read: readonly Fields[]): Map<number, number> {
  const scores = gold.map((item) => read.map((other) => likeness(item, other)))
  const best = Array.from({ length: gold.length + 1 }, () => new Float64Array(read.length + 1))
  const at = (row: number, column: number): number => best[row]?.[column] ?? 0
  for (let g = gold.length - 1; g >= 0; g--)
    for (let r = read.length - 1; r >= 0; r--) {
      const score = scores[g]?.[r] ?? 0
      ;(best[g] as Float64Array)[r] = Math.max(
        at(g + 1, r),
        at(g, r + 1),
        score >= LEAST_LIKENESS ? at(g + 1, r + 1) + score : 0,
      )
    }
  const pairs = new Map<number, number>()
  for (let g = 0, r = 0; g < gold.length && r < read.length;) {
    const score = scores[g]?.[r] ?? 0
    if (score >= LEAST_LIKENESS && at(g, r) === at(g + 1, r + 1) + score) pairs.set(g++, r++)
    else if (at(g, r) === at(g + 1, r)) g++
    else r++
  }
  return pairs
}
