import { plainText } from '../content/plain.ts'
import type { Item } from '../item/model.ts'
import { REVIEW_LANGUAGES } from './languages.ts'
import { readText } from './readability.ts'

/** Two places in a list of items, and how alike the items are. */
export interface NearPair {
  readonly first: number
  readonly second: number
  /** In `[0, 1]`; 1 for the same words. */
  readonly likeness: number
}

/** From here on two items are nearly the same. */
export const NEARLY_SAME = 0.7

/** What an item is compared by. */
export interface ItemShape {
  /** Threes of letters of the words of the passage, the stem and what is offered, ends of words marked by blanks. */
  readonly pieces: ReadonlySet<string>
  readonly stem: ReadonlySet<string>
  /** Of what is keyed; empty for kinds whose key is not text. */
  readonly key: ReadonlySet<string>
  /** Numbers of the stem as written, in their order: two sums with other numbers are two items. */
  readonly numbers: string
  /** Words of the stem that turn a question round. */
  readonly turn: string
  /** Words of the stem that say what it is about. */
  readonly subject: readonly string[]
}

const TURNS =
  /(?<!\p{L})(?:not|except|never|least|most|nicht|kein\w*|pas|no|inte|niet|non|não|false|true|before|after|more|less|port|starboard|left|right|ebb|flood|high|low|north|south|east|west|minimum|maximum|first|last|without|with)(?!\p{L})/giu

/** Words that a question is put together with; another one of these makes no other question. */
const FORM_WORDS = new Set([
  ...REVIEW_LANGUAGES.flatMap((language) => [...language.common]),
  ...'has have had there some any can will would should do did was were who why its their these those following used called'.split(
    ' ',
  ),
])

export function shapeOf(item: Item): ItemShape {
  const stem = plainText(item.stem).toLowerCase()
  return {
    pieces: piecesOf(readText(item)),
    stem: piecesOf(stem),
    key: piecesOf(keyText(item)),
    numbers: (stem.match(/\d+(?:[.,:]\d+)*/g) ?? []).join(' '),
    turn: (stem.match(TURNS) ?? []).sort().join(' '),
    subject: [...new Set(stem.match(/[\p{L}\p{M}]+/gu) ?? [])].filter((word) => !FORM_WORDS.has(word)),
  }
}

function piecesOf(text: string): Set<string> {
  const pieces = new Set<string>()
  for (const word of text
    .toLowerCase()
    .normalize('NFKC')
    .match(/[\p{L}\p{M}\p{N}]+/gu) ?? []) {
    const ended = ` ${word} `
    for (let at = 0; at + 3 <= ended.length; at++) pieces.add(ended.slice(at, at + 3))
  }
  return pieces
}

function keyText(item: Item): string {
  if (item.kind === 'short') return item.key.join(' ')
  if (item.kind !== 'single' && item.kind !== 'multiple') return ''
  const keyed = item.options.filter((option) => item.key.includes(option.id))
  return keyed.map((option) => plainText(option.content)).join(' ')
}

const SAME_KEY = 0.3
const SAME_ROOT_LETTERS = 4

/** A word that the other stem has in no form: neither itself nor one that begins alike. */
function hasOther(words: readonly string[], others: readonly string[]): boolean {
  return words.some((word) => !others.some((other) => other === word || beginsAlike(word, other)))
}

function beginsAlike(a: string, b: string): boolean {
  return a.length >= SAME_ROOT_LETTERS && a.slice(0, SAME_ROOT_LETTERS) === b.slice(0, SAME_ROOT_LETTERS)
}

/**
 * How alike two items are: the shared pieces over all pieces (Jaccard's coefficient) of the stems or of the whole,
 * whichever is less; 0 where the numbers, a turning word or the keys are others, or one word of the subject stands in
 * another's place ("the capital of …").
 */
export function likeness(a: ItemShape, b: ItemShape): number {
  if (a.numbers !== b.numbers || a.turn !== b.turn) return 0
  if (a.key.size > 0 && b.key.size > 0 && shared(a.key, b.key) < SAME_KEY) return 0
  if (hasOther(a.subject, b.subject) && hasOther(b.subject, a.subject)) return 0
  return Math.min(shared(a.stem, b.stem), shared(a.pieces, b.pieces))
}

function shared(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  const [small, large] = a.size < b.size ? [a, b] : [b, a]
  let count = 0
  for (const piece of small) if (large.has(piece)) count++
  const all = a.size + b.size - count
  return all === 0 ? 1 : count / all
}

/**
 * Every pair of nearly the same items. Only pairs that share a rare piece are compared, so the cost is about linear
 * for items of different subjects, and quadratic for a list of copies.
 */
export function nearDuplicates(items: readonly Item[], from = NEARLY_SAME): NearPair[] {
  const shapes = items.map(shapeOf)
  const holders = new Map<string, number[]>()
  shapes.forEach(({ pieces }, index) => {
    for (const piece of pieces) {
      const known = holders.get(piece)
      if (known) known.push(index)
      else holders.set(piece, [index])
    }
  })
  const pairs: NearPair[] = []
  shapes.forEach((shape, second) => {
    for (const first of candidates(shape, second, holders, from)) {
      const other = shapes[first]
      const found = other ? likeness(other, shape) : 0
      if (found >= from) pairs.push({ first, second, likeness: found })
    }
  })
  return pairs
}

/**
 * Earlier items that could be alike enough. Two sets of that likeness share a piece among the rarest
 * ⌊(1 − likeness) · size⌋ + 1 of either (prefix filtering; Chaudhuri, Ganti & Kaushik 2006).
 */
function candidates(
  { pieces }: ItemShape,
  before: number,
  holders: ReadonlyMap<string, readonly number[]>,
  from: number,
): Set<number> {
  const rarest = [...pieces].sort((a, b) => (holders.get(a)?.length ?? 0) - (holders.get(b)?.length ?? 0))
  const found = new Set<number>()
  for (const piece of rarest.slice(0, Math.floor((1 - from) * pieces.size) + 1))
    for (const index of holders.get(piece) ?? []) if (index < before) found.add(index)
  return found
}
