/** What the bank can be narrowed by. Absent: not narrowed. */
export interface BankFilter {
  /** Words, each matched at its start or by its stem; "in quotes" a phrase; -word without it. */
  readonly text?: string
  /** Items in it, and in what lies under it. */
  readonly category?: string
  readonly kind?: string
  readonly tag?: string
  readonly outcome?: string
  readonly level?: string
  readonly difficulty?: string
  readonly language?: string
  readonly signedOff?: YesNo
  readonly hasKey?: YesNo
  readonly hasPicture?: YesNo
  /** In a paper. */
  readonly used?: YesNo
  /** Sent at some time. */
  readonly sent?: YesNo
  /** Share right when last taken. */
  readonly share?: ShareBand
  /** How well it told people apart in all sittings. */
  readonly tells?: TellingBand
  /** Code of a writing check that finds something. */
  readonly finding?: string
}

export type YesNo = 'yes' | 'no'

/** Shares of the points that students earned: under 0.4, to 0.8, and above; not taken. */
export const SHARE_BANDS = {
  hard: 'under 40 %',
  middle: '40 to 80 %',
  easy: 'over 80 %',
  untaken: 'not taken',
} as const
export type ShareBand = keyof typeof SHARE_BANDS

/** Correlation with the rest of the paper: below nothing, too little to tell, and enough (common practice: 0.2). */
export const TELLING_BANDS = {
  backwards: 'i.discrimination < -0.05',
  hardly: 'i.discrimination >= -0.05 and i.discrimination < 0.2',
  well: 'i.discrimination >= 0.2',
} as const
export type TellingBand = keyof typeof TELLING_BANDS

export interface Condition {
  readonly sql: string
  readonly values: readonly unknown[]
}

const COLUMNS = ['kind', 'outcome', 'level', 'difficulty', 'language', 'share'] as const

const LISTS = [
  ['category', 'categories'],
  ['tag', 'tags'],
  ['finding', 'findings'],
] as const satisfies readonly (readonly [keyof BankFilter, string])[]

const FLAGS = [
  ['signedOff', 'signed_off'],
  ['hasKey', 'has_key'],
  ['hasPicture', 'has_picture'],
  ['sent', 'sent'],
] as const satisfies readonly (readonly [keyof BankFilter, string])[]

/** The columns of items and of their shapes that a bank is narrowed by. */
export const FILTER_COLUMNS = { single: COLUMNS, flags: FLAGS, lists: LISTS }

/** Ids of the items that are in papers of a workspace. */
export const IN_PAPERS = `select (entry ->> 'itemId')::uuid from paper p, jsonb_array_elements(p.entries) entry where p.workspace_id = ? and p.deleted_at is null`

/** Whether shapes tell how many items a filter finds: it asks for no words, no papers, and nothing that is a figure. */
export function isOfShapes(filter: BankFilter): boolean {
  return !filter.text && filter.used === undefined && filter.tells === undefined
}

/** The filter as a condition on `bank_item i`, or on `bank_shape i` where it is one of shapes. */
export function conditionOf(
  workspaceId: string,
  filter: BankFilter,
  rows: 'bank_item' | 'bank_shape' = 'bank_item',
): Condition {
  const parts = ['i.workspace_id = ?', ...(rows === 'bank_item' ? ['i.deleted_at is null'] : [])]
  const values: unknown[] = [workspaceId]
  const add = (sql: string, ...more: readonly unknown[]): void => {
    parts.push(sql)
    values.push(...more)
  }
  for (const name of COLUMNS) if (filter[name] !== undefined) add(`i.${name} = ?`, filter[name])
  for (const [name, column] of LISTS)
    if (filter[name] !== undefined) add(`i.${column} @> array[?]::text[]`, filter[name])
  for (const [name, column] of FLAGS)
    if (filter[name] !== undefined) add(filter[name] === 'yes' ? `i.${column}` : `not i.${column}`)
  if (filter.used !== undefined) {
    const inPapers = `i.id in (${IN_PAPERS})`
    add(filter.used === 'yes' ? inPapers : `not (${inPapers})`, workspaceId)
  }
  if (filter.tells !== undefined) add(`(${TELLING_BANDS[filter.tells]})`)
  const words = textCondition(filter.text ?? '')
  if (words) add(words.sql, ...words.values)
  return { sql: parts.join(' and '), values }
}

/** A phrase or a word to do without asks for the search engine's own syntax; plain words match at their start too. */
function textCondition(text: string): Condition | null {
  const words = text.toLowerCase().match(/[\p{L}\p{M}\p{N}]+/gu) ?? []
  if (!words.length) return null
  if (/["]|(?:^|\s)-\p{L}/u.test(text)) return { sql: `i.search @@ websearch_to_tsquery('simple', ?)`, values: [text] }
  const starts = words.map((word) => `${word}:*`).join(' & ')
  return {
    sql: `(i.search @@ (to_tsquery('simple', ?) || plainto_tsquery('english', ?)))`,
    values: [starts, text],
  }
}

export const SORTS = {
  newest: 'i.updated_at desc, i.id',
  oldest: 'i.updated_at, i.id',
  hardest: 'i.share_right nulls last, i.updated_at desc, i.id',
  easiest: 'i.share_right desc nulls last, i.updated_at desc, i.id',
  points: 'i.points desc, i.updated_at desc, i.id',
  sent: 'i.last_sent_at desc nulls last, i.updated_at desc, i.id',
} as const
export type BankSort = keyof typeof SORTS
