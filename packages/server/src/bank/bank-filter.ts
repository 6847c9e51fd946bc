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

export interface Condition {
  readonly sql: string
  readonly values: readonly unknown[]
}

const COLUMNS = ['kind', 'outcome', 'level', 'difficulty', 'language'] as const

const FLAGS: readonly (readonly [keyof BankFilter, string])[] = [
  ['signedOff', 'i.sign_off is not null'],
  ['hasKey', 'i.has_key'],
  ['hasPicture', 'i.has_picture'],
  ['sent', 'i.last_sent_at is not null'],
]

const SHARES: Readonly<Record<ShareBand, string>> = {
  hard: 'i.share_right < 0.4',
  middle: 'i.share_right >= 0.4 and i.share_right <= 0.8',
  easy: 'i.share_right > 0.8',
  untaken: 'i.share_right is null',
}

/** Ids of the items that are in papers of a workspace. */
export const IN_PAPERS = `select (entry ->> 'itemId')::uuid from paper p, jsonb_array_elements(p.entries) entry where p.workspace_id = ? and p.deleted_at is null`

/**
 * The filter as a condition on `bank_item i`.
 *
 * @param without a field that is passed over: its own values are counted as if it were not set.
 */
export function conditionOf(workspaceId: string, filter: BankFilter, without?: keyof BankFilter): Condition {
  const parts = ['i.workspace_id = ?', 'i.deleted_at is null']
  const values: unknown[] = [workspaceId]
  const add = (name: keyof BankFilter, sql: string, ...more: readonly unknown[]): void => {
    if (name === without) return
    parts.push(sql)
    values.push(...more)
  }
  for (const name of COLUMNS) {
    const value = filter[name]
    if (value !== undefined) add(name, `i.${name} = ?`, value)
  }
  if (filter.category !== undefined) add('category', 'i.categories @> array[?]::text[]', filter.category)
  if (filter.tag !== undefined) add('tag', 'i.tags @> array[?]::text[]', filter.tag)
  if (filter.finding !== undefined) add('finding', 'i.findings @> array[?]::text[]', filter.finding)
  for (const [name, sql] of FLAGS)
    if (filter[name] !== undefined) add(name, filter[name] === 'yes' ? sql : `not (${sql})`)
  if (filter.used !== undefined) {
    const inPapers = `i.id in (${IN_PAPERS})`
    add('used', filter.used === 'yes' ? inPapers : `not (${inPapers})`, workspaceId)
  }
  if (filter.share !== undefined) add('share', SHARES[filter.share])
  const words = textCondition(filter.text ?? '')
  if (words) add('text', words.sql, ...words.values)
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
