import { contentsOf } from '../item/contents.ts'
import { plainText } from '../content/plain.ts'
import type { Item } from '../item/model.ts'
import type { OutcomeNode } from './outcome.ts'

export interface Proposal {
  readonly outcome: OutcomeNode
  /** Cosine of the two texts, in `(0, 1]`. */
  readonly likeness: number
}

const LEAST = 0.12
const MIN_LETTERS = 3
/** Letters of a word that count, so that "buoys" and "buoy", "navigate" and "navigation" meet. */
const ROOT_LETTERS = 5

/**
 * Outcomes whose statements share words with an item, the likeliest first: texts as weighted words (tf-idf; Salton &
 * Buckley 1988) and the cosine between them. The words of the outcomes above count for half.
 */
export function proposeOutcomes(item: Item, outcomes: readonly OutcomeNode[], most = 3): Proposal[] {
  const byId = new Map(outcomes.map((one) => [one.id, one]))
  const texts = outcomes.map((one) => weights(one, byId))
  const spread = new Map<string, number>()
  for (const text of texts) for (const root of text.keys()) spread.set(root, (spread.get(root) ?? 0) + 1)
  const weighted = (counts: ReadonlyMap<string, number>): Map<string, number> =>
    new Map(
      [...counts].map(([root, count]) => [
        root,
        count * Math.log(1 + outcomes.length / (spread.get(root) ?? outcomes.length)),
      ]),
    )
  const own = weighted(counted([...contentsOf(item).map(plainText), ...item.tags].join(' '), 1))
  return outcomes
    .map((outcome, index) => ({ outcome, likeness: cosine(own, weighted(texts[index] ?? new Map())) }))
    .filter((one) => one.likeness >= LEAST)
    .sort((a, b) => b.likeness - a.likeness)
    .slice(0, most)
}

function weights(outcome: OutcomeNode, byId: ReadonlyMap<string, OutcomeNode>): Map<string, number> {
  const counts = counted(outcome.statement, 1)
  const seen = new Set([outcome.id])
  for (let up = outcome.parent; up !== null && !seen.has(up); up = byId.get(up)?.parent ?? null) {
    seen.add(up)
    for (const [root, count] of counted(byId.get(up)?.statement ?? '', 0.5))
      counts.set(root, (counts.get(root) ?? 0) + count)
  }
  return counts
}

function counted(text: string, weight: number): Map<string, number> {
  const counts = new Map<string, number>()
  for (const word of text.toLowerCase().match(/[\p{L}\p{M}]+/gu) ?? []) {
    if (word.length < MIN_LETTERS) continue
    const root = word.slice(0, ROOT_LETTERS)
    counts.set(root, (counts.get(root) ?? 0) + weight)
  }
  return counts
}

function cosine(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): number {
  let dot = 0
  for (const [root, weight] of a) dot += weight * (b.get(root) ?? 0)
  const size = (one: ReadonlyMap<string, number>): number =>
    Math.sqrt([...one.values()].reduce((sum, weight) => sum + weight * weight, 0))
  return dot === 0 ? 0 : dot / (size(a) * size(b))
}
