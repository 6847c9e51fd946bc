import { responseText } from '../grade/response-text.ts'
import { plainText } from '../content/plain.ts'
import type { Item } from '../item/model.ts'
import type { Attempt, PaperFigures } from '../analyse/scores.ts'
import { counts, type ScoreSettings } from '../analyse/scores.ts'

/** Columns of a results sheet that can be chosen; `points` and `answers` are a column for each item. */
export const SHEET_COLUMNS = [
  'student',
  'fields',
  'submitted',
  'total',
  'share',
  'points',
  'answers',
  'waiting',
] as const
export type SheetColumn = (typeof SHEET_COLUMNS)[number]

export interface SheetAttempt extends Attempt {
  /** What was asked above the items, by its name. */
  readonly fields: Readonly<Record<string, string>>
  /** ISO 8601. */
  readonly submittedAt: string | null
}

const LONGEST_HEAD = 60

/** Rows of a results sheet, the head first: one for each attempt, with the columns in the order asked for. */
export function resultsSheet(
  items: readonly Item[],
  attempts: readonly SheetAttempt[],
  figures: PaperFigures,
  columns: readonly SheetColumn[],
  settings: ScoreSettings = {},
): (string | number)[][] {
  const fields = [...new Set(attempts.flatMap((attempt) => Object.keys(attempt.fields)))]
  const asked = items.flatMap((item, place) => (item.kind === 'note' ? [] : [place]))
  const graded = asked.filter((place) => items[place] && counts(items[place], place, settings))
  const told: Told = { items, fields, asked, graded, figures }
  return [[...headRow(columns, told)], ...attempts.map((attempt, at) => sheetRow(columns, told, attempt, at))]
}

/** What the columns are made of: places of items that are asked, and of those that earn points. */
interface Told {
  readonly items: readonly Item[]
  readonly fields: readonly string[]
  readonly asked: readonly number[]
  readonly graded: readonly number[]
  readonly figures: PaperFigures
}

function headRow(columns: readonly SheetColumn[], { items, fields, asked, graded, figures }: Told): readonly string[] {
  return columns.flatMap((column): readonly string[] => {
    switch (column) {
      case 'student':
        return ['Student']
      case 'fields':
        return fields
      case 'submitted':
        return ['Handed in']
      case 'total':
        return [`Total (${figures.pointsPossible})`]
      case 'share':
        return ['Share (%)']
      case 'points':
        return graded.map((place) => `${headOf(items[place], place)} (${items[place]?.points ?? 0})`)
      case 'answers':
        return asked.map((place) => headOf(items[place], place))
      case 'waiting':
        return ['Still to read']
    }
  })
}

function sheetRow(
  columns: readonly SheetColumn[],
  { items, fields, asked, graded, figures }: Told,
  attempt: SheetAttempt,
  at: number,
): (string | number)[] {
  const scored = figures.attempts[at]
  const total = scored?.total ?? 0
  return columns.flatMap((column): (string | number)[] => {
    switch (column) {
      case 'student':
        return [attempt.student]
      case 'fields':
        return fields.map((field) => attempt.fields[field] ?? '')
      case 'submitted':
        return [attempt.submittedAt ?? '']
      case 'total':
        return [round(total)]
      case 'share':
        return [figures.pointsPossible ? round((100 * total) / figures.pointsPossible) : '']
      case 'points':
        return graded.map((place) => {
          const points = scored?.points[place]
          return points === null || points === undefined ? '' : round(points)
        })
      case 'answers':
        return asked.map((place) => answerText(items[place], attempt, place))
      case 'waiting':
        return [scored?.waiting ?? 0]
    }
  })
}

function headOf(item: Item | undefined, place: number): string {
  const text = plainText(item?.stem).replace(/\s+/g, ' ').trim()
  return `${place + 1}. ${text.length > LONGEST_HEAD ? `${text.slice(0, LONGEST_HEAD - 1).trimEnd()}…` : text}`
}

function answerText(item: Item | undefined, attempt: Attempt, place: number): string {
  const response = attempt.responses[place]
  return item && response ? responseText(item, response) : ''
}

function round(value: number): number {
  return Number(value.toFixed(2))
}
