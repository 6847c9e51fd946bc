import type { Item } from '../item/model.ts'
import { scoreAttempts, type Attempt, type ScoreSettings } from './scores.ts'

/** What one person's score becomes. */
export interface ScoreChange {
  /** Place in the list of attempts. */
  readonly attempt: number
  readonly student: string
  readonly before: number
  readonly after: number
  readonly items: readonly { readonly item: number; readonly before: number | null; readonly after: number | null }[]
}

export interface Grading {
  readonly items: readonly Item[]
  readonly settings?: ScoreSettings
}

/** What changes for whom when the same attempts are graded otherwise; who keeps the score and all points is not named. */
export function scoreChanges(attempts: readonly Attempt[], before: Grading, after: Grading): ScoreChange[] {
  const then = scoreAttempts(before.items, attempts, before.settings)
  const now = scoreAttempts(after.items, attempts, after.settings)
  return attempts.flatMap(({ student }, attempt): ScoreChange[] => {
    const [old, fresh] = [then[attempt], now[attempt]]
    if (!old || !fresh) return []
    const items = fresh.points.flatMap((points, item) => {
      const was = old.points[item] ?? null
      return was === points ? [] : [{ item, before: was, after: points }]
    })
    return items.length || old.total !== fresh.total
      ? [{ attempt, student, before: old.total, after: fresh.total, items }]
      : []
  })
}
