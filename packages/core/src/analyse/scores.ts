import { shareEarned } from '../grade/grade.ts'
import { isAnswered, type Response } from '../grade/response.ts'
import { isGraded, type Item } from '../item/model.ts'

/** One person's attempt: a response per item of the paper, null where none came. */
export interface Attempt {
  readonly student: string
  readonly responses: readonly (Response | null)[]
  /** Points that a person gave, by the item's place; they stand above what the key gives. */
  readonly given?: Readonly<Record<string, number>>
}

export interface ScoreSettings {
  /** Places of items that count for nobody. */
  readonly leftOut?: readonly number[]
}

export interface ScoredAttempt {
  readonly student: string
  /** Points per item, in the paper's order; null: a person has to give them, and has not yet. */
  readonly points: readonly (number | null)[]
  /** Sum over the items that count. */
  readonly total: number
  /** Items of it that wait for a person. */
  readonly waiting: number
}

export interface ItemFigures {
  readonly item: number
  /** People who left it open. */
  readonly open: number
  /** Answers that wait for a person. */
  readonly waiting: number
  /**
   * Difficulty: mean points earned over the points possible, in `[0, 1]`, everyone counted who was graded
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

/** Whether an item counts for the score: it is graded by key or by a person, and was not left out. */
export function counts(item: Item, place: number, { leftOut = [] }: ScoreSettings = {}): boolean {
  return (isGraded(item.kind) || item.kind === 'essay') && !leftOut.includes(place)
}

/** Scores every attempt with the items' keys and what people gave by hand. Cost: attempts × items. */
export function scorePaper(
  items: readonly Item[],
  attempts: readonly Attempt[],
  settings: ScoreSettings = {},
): PaperFigures {
  const scored = scoreAttempts(items, attempts, settings)
  return {
    attempts: scored,
    pointsPossible: pointsPossible(items, settings),
    average: scored.length ? scored.reduce((sum, one) => sum + one.total, 0) / scored.length : null,
    items: items.map((item, index) => itemFigures(item, index, attempts, scored)),
  }
}

export function pointsPossible(items: readonly Item[], settings: ScoreSettings = {}): number {
  return items.reduce((sum, item, place) => sum + (counts(item, place, settings) ? item.points : 0), 0)
}

/** The points of every attempt, item by item. What is typed alike is graded once. */
export function scoreAttempts(
  items: readonly Item[],
  attempts: readonly Attempt[],
  settings: ScoreSettings = {},
): ScoredAttempt[] {
  const graders = items.map(graderOf)
  const isCounted = items.map((item, place) => counts(item, place, settings))
  return attempts.map(({ student, responses, given }) => {
    let total = 0
    let waiting = 0
    const points = items.map((item, place) => {
      const earned = pointsFor(item, responses[place] ?? null, given?.[place], graders[place])
      if (!isCounted[place]) return earned
      if (earned === null) waiting++
      else total += earned
      return earned
    })
    return { student, points, total: tidy(total), waiting }
  })
}

/** Sums of thirds and tenths come out as people write them. */
function tidy(points: number): number {
  return Number(points.toFixed(9))
}

function pointsFor(
  item: Item,
  response: Response | null,
  given: number | undefined,
  grade: ((response: Response) => number) | undefined,
): number | null {
  if (given !== undefined) return given
  if (item.kind === 'essay') return response && isAnswered(response) ? null : 0
  return response && grade ? grade(response) : 0
}

function graderOf(item: Item): (response: Response) => number {
  const known = new Map<string, number>()
  return (response) => {
    if (response.kind !== 'text') return shareEarned(item, response) * item.points
    let points = known.get(response.text)
    if (points === undefined) {
      points = shareEarned(item, response) * item.points
      known.set(response.text, points)
    }
    return points
  }
}

function itemFigures(
  item: Item,
  index: number,
  attempts: readonly Attempt[],
  scored: readonly ScoredAttempt[],
): ItemFigures {
  let [earned, graded, open] = [0, 0, 0]
  scored.forEach(({ points }, at) => {
    const response = attempts[at]?.responses[index]
    if (!response || !isAnswered(response)) open++
    const own = points[index]
    if (own === null || own === undefined) return
    earned += own
    graded++
  })
  const possible = item.points * graded
  return {
    item: index,
    open,
    waiting: scored.length - graded,
    shareRight: possible > 0 ? earned / possible : 0,
    chosen: countChosen(item, attempts, index),
  }
}

function countChosen(item: Item, attempts: readonly Attempt[], index: number): Record<string, number> {
  const chosen: Record<string, number> = {}
  if (item.kind === 'truefalse') Object.assign(chosen, { true: 0, false: 0 })
  if ('options' in item) for (const option of item.options) chosen[option.id] = 0
  for (const { responses } of attempts)
    for (const id of choicesIn(responses[index] ?? null)) chosen[id] = (chosen[id] ?? 0) + 1
  return chosen
}

/** Ids of what was chosen; `true` or `false`. */
export function choicesIn(response: Response | null): readonly string[] {
  if (response?.kind === 'choice') return response.chosen
  return response?.kind === 'truth' && response.value !== null ? [String(response.value)] : []
}
