import { probesOf, type Item, type Response } from '@zakuska/core'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A stream of numbers in `[0, 1)` that is the same on every machine. */
function numbersFrom(seed: number): () => number {
  const generator = xoroshiro128plus(seed)
  return () => uniformInt(generator, 0, 999_999) / 1_000_000
}

/** Index of the item that the good students miss: its wording misleads those who know most. */
const MISLEADING = 6

/** Places of items that go otherwise: one that everybody gets by a clue, one with a distractor that nobody takes. */
export interface Oddities {
  readonly clue?: number
  readonly dead?: number
}

/**
 * Responses of made-up students: the chance of a right answer rises with the student's ability and falls
 * with the item's difficulty (a logistic curve), but for one misleading item, and the oddities that are asked for.
 *
 * @returns per student, one response per item.
 */
export function makeResponses(
  items: readonly Item[],
  students: number,
  seed: number,
  { clue, dead }: Oddities = {},
): Response[][] {
  const next = numbersFrom(seed)
  const difficulty = items.map(() => next() * 2.6 - 1.6)
  return Array.from({ length: students }, () => {
    const ability = (next() + next() + next() - 1.5) * 2.4
    return items.map((item, index) => {
      if (index === clue && next() < 0.97) return rightResponse(item)
      const pull = index === MISLEADING ? -0.9 * ability - 0.4 : 1.3 * (ability - (difficulty[index] ?? 0))
      return next() < 1 / (1 + Math.exp(-pull))
        ? rightResponse(item)
        : wrongResponse(index === dead ? withoutLast(item) : item, next)
    })
  })
}

/** The last distractor draws nobody. */
function withoutLast(item: Item): Item {
  if (item.kind !== 'single') return item
  const last = item.options.findLast(({ id }) => !item.key.includes(id))
  return { ...item, options: item.options.filter((option) => option !== last) }
}

function rightResponse(item: Item): Response {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return { kind: 'choice', chosen: item.key }
    case 'truefalse':
      return { kind: 'truth', value: item.key[0] ?? null }
    case 'short':
      return { kind: 'text', text: item.key[0] ?? '' }
    default:
      return keyResponse(item)
  }
}

/** The key as its first probe says it; items without one are left open. */
function keyResponse(item: Item): Response {
  return probesOf(item)[0]?.response ?? { kind: 'text', text: '' }
}

function wrongResponse(item: Item, next: () => number): Response {
  switch (item.kind) {
    case 'single': {
      const wrong = item.options.filter((option) => !item.key.includes(option.id))
      // The first distractor draws most, as in real classes; now and then one is left open.
      const drawn = wrong[Math.floor(next() ** 1.8 * wrong.length)]
      return { kind: 'choice', chosen: drawn && next() > 0.05 ? [drawn.id] : [] }
    }
    case 'multiple':
      return {
        kind: 'choice',
        chosen: item.options
          .filter((option) => (item.key.includes(option.id) ? next() < 0.6 : next() < 0.35))
          .map((option) => option.id),
      }
    case 'truefalse':
      return { kind: 'truth', value: item.key[0] === undefined ? null : !item.key[0] }
    case 'short':
      return {
        kind: 'text',
        text: next() < 0.4 ? '' : (['flood', 'stream', 'tide', 'the bight'][Math.floor(next() * 4)] ?? 'tide'),
      }
    default: {
      const wrong = probesOf(item).filter((probe) => probe.share < 1)
      return wrong[Math.floor(next() * wrong.length)]?.response ?? { kind: 'text', text: '' }
    }
  }
}
