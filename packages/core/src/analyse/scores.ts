import { pointsEarned } from '../grade/grade.ts'
import type { Response } from '../grade/response.ts'
import { isAnswered } from '../grade/response.ts'
import type { Item } from '../item/model.ts'

/** One student's attempt: a response per item of the paper, null where none came. */
export interface Attempt {
  readonly student: string
  readonly responses: readonly (Response | null)[]
}

export interface ScoredAttempt {
  readonly student: string
  /** Points per item, in the paper's order. */
  readonly points: readonly number[]
  readonly total: number
}

export interface ItemFigures {
  readonly item: number
  /** Students who left it open. */
  readonly open: number
  /**
   * Difficulty: mean points earned over the points possible, in `[0, 1]`, everyone counted
   * (Crocker & Algina, Introduction to Classical and Modern Test Theory, ch. 14: item difficulty p; from memory).
   */
  readonly shareRight: number
  /** Choices per option id, for items with options; `true` and `false` for true/false. */
  readonly chosen: Readonly<Record<string, number>>
}

export interface PaperFigures {
  readonly attempts: readonly ScoredAttempt[]
  readonly pointsPossible: number
  /** Mean total; null without attempts. */
  readonly average: number | null
  readonly items: readonly ItemFigures[]
}

/** Scores every attempt with the items' keys. Cost: attempts × items. */
export function scorePaper(items: readonly Item[], attempts: readonly Attempt[]): PaperFigures {
  const scored = attempts.map((attempt) => scoreAttempt(items, attempt))
  return {
    attempts: scored,
    pointsPossible: items.reduce((sum, item) => sum + item.points, 0),
    average: scored.length ? scored.reduce((sum, one) => sum + one.total, 0) / scored.length : null,
    items: items.map((item, index) => itemFigures(item, index, attempts, scored)),
  }
}

function scoreAttempt(items: readonly Item[], attempt: Attempt): ScoredAttempt {
  const points = items.map((item, index) => {
    const response = attempt.responses[index]
    return response ? pointsEarned(item, response) : 0
  })
  return { student: attempt.student, points, total: points.reduce((sum, one) => sum + one, 0) }
}

function itemFigures(
  item: Item,
  index: number,
  attempts: readonly Attempt[],
  scored: readonly ScoredAttempt[],
): ItemFigures {
  const given = attempts.map((attempt) => attempt.responses[index] ?? null)
  const earned = scored.reduce((sum, one) => sum + (one.points[index] ?? 0), 0)
  const possible = item.points * attempts.length
  return {
    item: index,
    open: given.filter((response) => !response || !isAnswered(response)).length,
    shareRight: possible > 0 ? earned / possible : 0,
    chosen: countChosen(item, given),
  }
}

function countChosen(item: Item, given: readonly (Response | null)[]): Record<string, number> {
  const counts: Record<string, number> = {}
  if (item.kind === 'truefalse') Object.assign(counts, { true: 0, false: 0 })
  if ('options' in item) for (const option of item.options) counts[option.id] = 0
  for (const response of given) {
    const ids =
      response?.kind === 'choice'
        ? response.chosen
        : response?.kind === 'truth' && response.value !== null
          ? [String(response.value)]
          : []
    for (const id of ids) counts[id] = (counts[id] ?? 0) + 1
  }
  return counts
}
