import type { ItemKind } from '../../item/model.ts'
import { columnWords, wordsFor } from '../languages/index.ts'
import { kindNamed } from '../words.ts'

export const COLUMN_ROLES = [
  'stem',
  'option',
  'options',
  'right',
  'key',
  'kind',
  'number',
  'points',
  'time',
  'feedback',
  'hint',
  'difficulty',
  'level',
  'outcome',
  'tags',
  'section',
  'left',
] as const

/**
 * What a column of a table of questions holds. `options` holds all options in one cell, `right` the option
 * that is the key beside others that are not; `left` is left out of the items.
 */
export type ColumnRole = (typeof COLUMN_ROLES)[number]

/** How the cells of the key column name an option. */
export type KeyForm = 'letter' | 'number' | 'zero-based' | 'text'

/** A table's columns and how to read them: guessed, corrected by a person, kept by name. */
export interface ColumnLayout {
  /** One role per column. */
  readonly roles: readonly ColumnRole[]
  /** Rows at the top that are no items: a title, a remark, the headers. */
  readonly leadingRows: number
  readonly keyForm: KeyForm
}

/** What a header names, by its words in any language; null where they are unknown. */
export function roleOfHeader(header: string): ColumnRole | null {
  const text = header
    .toLowerCase()
    .replace(/\([^)]*\)/g, ' ')
    .replace(/[_:.*?]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
  if (!text) return null
  if (/^(?:[a-jа-з]|[①-⑩])$/u.test(text) || /^\(?[a-j]\)?$/.test(header.trim().toLowerCase())) return 'option'
  for (const [role, words] of ROLE_HEADERS) if (words.has(text)) return role
  const numbered = /^(.+?)\s*(?:no\s*)?(?:\d{1,2}|[a-j]|[а-з])$/u.exec(text)?.[1]
  if (numbered && OPTION_HEADERS.has(numbered)) return 'option'
  return null
}

const OPTION_HEADERS = new Set([...columnWords('option'), ...columnWords('wrong'), ...wordsFor('answer')])
/** In the order in which a word that can head several columns is taken. */
const ROLE_HEADERS: readonly (readonly [ColumnRole, ReadonlySet<string>])[] = [
  ['stem', new Set(columnWords('stem'))],
  ['key', new Set(columnWords('key').map((word) => word.replaceAll('.', '')))],
  ['options', new Set(columnWords('options'))],
  ['option', new Set([...columnWords('option'), ...columnWords('wrong')])],
  ['kind', new Set(columnWords('kind'))],
  ['points', new Set([...columnWords('points'), ...wordsFor('points').filter((word) => word.length > 1)])],
  ['feedback', new Set([...wordsFor('feedback'), 'comment', 'comments', 'rationale'])],
  ['hint', new Set(wordsFor('hint'))],
  ['time', new Set(columnWords('time'))],
  ['difficulty', new Set(wordsFor('difficulty'))],
  ['level', new Set(wordsFor('level'))],
  ['outcome', new Set(wordsFor('outcome'))],
  ['tags', new Set(wordsFor('tags'))],
  ['number', new Set(columnWords('number').map((word) => word.replaceAll('.', '')))],
  ['section', new Set(columnWords('section'))],
]

/** Whether a header says that its column holds options which are wrong. */
export function headsWrongOptions(header: string): boolean {
  const text = header
    .toLowerCase()
    .replace(/[\d_:.()]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
  return WRONG.has(text)
}
const WRONG = new Set(columnWords('wrong'))

/** The kind that a cell of the kind column names. */
export function kindOfCell(text: string): ItemKind | null {
  return kindNamed(text.replace(/\s*\/\s*/g, '/').replace(/\s+/g, ' '))
}
