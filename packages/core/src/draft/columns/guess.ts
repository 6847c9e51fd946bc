import { cellText, type DocumentCell } from '../document/blocks.ts'
import { truthOf } from '../truth-words.ts'
import { keyIndexes } from './key-cell.ts'
import {
  headsWrongOptions,
  kindOfCell,
  roleOfHeader,
  type ColumnLayout,
  type ColumnRole,
  type KeyForm,
} from './layout.ts'

type Rows = readonly (readonly DocumentCell[])[]

const SEARCHED_ROWS = 12

/** The layout of a table of questions, from its headers or, where it has none, its contents; null: it holds no questions. */
export function guessLayout(rows: Rows): ColumnLayout | null {
  const texts = rows.map((row) => row.map((cell) => cellText(cell).trim()))
  return fromHeaders(texts) ?? fromContents(texts) ?? fromAnswers(texts)
}

/** A table that gives only keys: numbers and a key, for the items of another table. */
export function guessKeyTable(rows: Rows): ColumnLayout | null {
  const texts = rows.map((row) => row.map((cell) => cellText(cell).trim()))
  const header = headerRow(
    texts,
    (roles) => roles.includes('key') && (roles.includes('number') || roles.includes('stem')),
  )
  if (!header || header.roles.includes('option') || header.roles.includes('options')) return null
  const roles = header.roles.map((role) => (role === 'stem' && !header.roles.includes('number') ? 'number' : role))
  return { roles, leadingRows: header.index + 1, keyForm: 'letter' }
}

interface Header {
  readonly index: number
  readonly roles: ColumnRole[]
}

function headerRow(
  texts: readonly (readonly string[])[],
  fits: (roles: readonly ColumnRole[]) => boolean,
): Header | null {
  for (let index = 0; index < Math.min(SEARCHED_ROWS, texts.length); index++) {
    const cells = texts[index] ?? []
    const roles = settleRoles(cells)
    const known = roles.filter((role) => role !== 'left').length
    if (known >= 2 && known >= cells.filter(Boolean).length / 2 && fits(roles)) return { index, roles }
  }
  return null
}

/** One role per header; a word that heads several columns ("Answer 1", "Answer") is settled by its neighbours. */
function settleRoles(cells: readonly string[]): ColumnRole[] {
  const roles = cells.map((cell) => roleOfHeader(cell) ?? 'left')
  const once = (role: ColumnRole, instead: (index: number) => ColumnRole): void => {
    const found = roles.flatMap((known, index) => (known === role ? [index] : []))
    for (const index of found.slice(1)) roles[index] = instead(index)
  }
  once('stem', () => 'left')
  once('key', () => 'option')
  // "Question" beside "Text": a short first column of that name holds the number.
  if (!roles.includes('key') && roles.filter((role) => role === 'options').length === 1 && roles.includes('option')) {
    roles[roles.indexOf('options')] = 'key'
  }
  return roles
}

function fromHeaders(texts: readonly (readonly string[])[]): ColumnLayout | null {
  const header = headerRow(
    texts,
    (roles) =>
      roles.includes('stem') &&
      (roles.filter((role) => role === 'option').length > 1 || roles.includes('options') || roles.includes('key')),
  )
  if (!header) return null
  const body = texts.slice(header.index + 1)
  const stems = body.map((row) => row[header.roles.indexOf('stem')] ?? '').filter(Boolean)
  // "Question | Answer" above figures and letters is a table of keys.
  if (
    !stems.length ||
    stems.filter((stem) => /\p{L}{2}.*\s/u.test(stem) || stem.length > 12).length < stems.length * 0.6
  )
    return null
  const roles = [...header.roles]
  const headers = texts[header.index] ?? []
  const key = roles.indexOf('key')
  const form = keyForm(body, roles)
  if (key >= 0 && headers.some((cell) => headsWrongOptions(cell)) && !form.resolves) roles[key] = 'right'
  return { roles, leadingRows: header.index + 1, keyForm: form.form }
}

function fromContents(texts: readonly (readonly string[])[]): ColumnLayout | null {
  const width = Math.max(0, ...texts.map((row) => row.length))
  const body = texts.filter((row) => row.filter(Boolean).length >= 3)
  if (width < 4 || body.length < 3 || body.length < texts.length * 0.6) return null
  const column = (index: number): string[] => body.map((row) => row[index] ?? '')
  const asks = (index: number): number =>
    column(index).filter((text) => /[?？…]$|_{2,}|:$/.test(text)).length / body.length
  const stem = Array.from({ length: width }, (_none, index) => index).find((index) => asks(index) >= 0.5)
  if (stem === undefined) return null
  const roles: ColumnRole[] = Array.from({ length: width }, () => 'left')
  roles[stem] = 'stem'
  for (let index = 0; index < width; index++) {
    if (index === stem) continue
    const values = column(index).filter(Boolean)
    if (!values.length) continue
    if (index < stem)
      roles[index] = values.every(
        (text, at) => /^\d+$/.test(text) && (at === 0 || Number(text) === Number(values[at - 1]) + 1),
      )
        ? 'number'
        : values.every((text) => kindOfCell(text) !== null)
          ? 'kind'
          : 'left'
    else roles[index] = isLabels(body, index) ? 'left' : 'option'
  }
  return (
    withKeyColumn(body, roles) ??
    rightFirst(
      texts.filter((row) => row[stem]),
      roles,
    )
  )
}

const ASKS = /[?？]\s*$|_{2,}/u
const LEAST_ASKING = 0.8
const FEWEST_ASKING = 3
const LONGEST_ANSWER = 60

/** Questions or sentences with room in one column, and beside it what answers each; a row above them that does neither. */
function fromAnswers(texts: readonly (readonly string[])[]): ColumnLayout | null {
  const first = texts.findIndex((row) => row.some((cell) => ASKS.test(cell)))
  if (first < 0 || first > 1) return null
  const body = texts.slice(first)
  const width = Math.max(...body.map((row) => row.length))
  const share = (index: number, holds: (cell: string) => boolean): number =>
    body.filter((row) => holds(row[index] ?? '')).length / body.length
  const columns = Array.from({ length: width }, (_none, index) => index)
  const stem = columns.find((index) => share(index, (cell) => ASKS.test(cell)) >= LEAST_ASKING)
  const [key, ...others] = columns.filter((index) => index > (stem ?? width) && share(index, Boolean) > 0)
  const isAnswer = (cell: string): boolean => cell !== '' && cell.length <= LONGEST_ANSWER && !ASKS.test(cell)
  if (stem === undefined || key === undefined || others.length > 0 || body.length < FEWEST_ASKING) return null
  if (share(key, isAnswer) < LEAST_ASKING) return null
  const isNumber = (index: number): boolean =>
    body.every((row, at) => at === 0 || Number(row[index]) === Number(body[at - 1]?.[index]) + 1)
  const roles = columns.map((index): ColumnRole =>
    index === stem ? 'stem' : index === key ? 'key' : index < stem && isNumber(index) ? 'number' : 'left',
  )
  return { roles, leadingRows: first, keyForm: 'text' }
}

/** A column of nothing but the letter of the option beside it. */
function isLabels(body: readonly (readonly string[])[], index: number): boolean {
  const [first] = body.map((row) => row[index] ?? '')
  const isLetter = first !== undefined && /^[([]?[A-H][)\].:]?$/i.test(first)
  return isLetter && body.every((row) => row[index] === first && (row[index + 1] ?? '').length > 0)
}

/** Without headers the key is the column whose cells name another column's option in most rows, from the right. */
function withKeyColumn(body: readonly (readonly string[])[], roles: readonly ColumnRole[]): ColumnLayout | null {
  for (let index = roles.length - 1; index > roles.indexOf('stem') + 2; index--) {
    if (roles[index] !== 'option') continue
    const tried = roles.map((role, at) => (at === index ? 'key' : at > index && role === 'option' ? 'left' : role))
    const form = keyForm(body, tried)
    if (form.share >= 0.6) return { roles: tried, leadingRows: 0, keyForm: form.form }
  }
  return null
}

/** The first column behind the stem is never empty where others are: it holds the right answers, whatever they are. */
function rightFirst(body: readonly (readonly string[])[], roles: readonly ColumnRole[]): ColumnLayout | null {
  const first = roles.indexOf('option')
  const others = roles.flatMap((role, at) => (role === 'option' && at > first ? [at] : []))
  const alone = body.filter((row) => row[first] && others.every((at) => !row[at])).length
  if (first < 0 || others.length < 2 || !alone || body.some((row) => !row[first])) return null
  return { roles: roles.map((role, at) => (at === first ? 'right' : role)), leadingRows: 0, keyForm: 'text' }
}

export function optionTexts(row: readonly string[], roles: readonly ColumnRole[]): string[] {
  return roles.flatMap((role, index) => {
    const text = optionText(row[index] ?? '')
    if (role === 'option') return [text]
    return role === 'options' ? splitOptions(text) : []
  })
}

/** A cell that only says that it is empty is empty. */
export function optionText(cell: string): string {
  const text = cell.trim()
  return /^(?:[-–—/.]|n\/?a|none given|k\.\s?a\.)$/i.test(text) ? '' : text
}

const BARS = /\s*(?:\||\n|;)\s*/

/** All options of one cell: on lines, between bars or semicolons, or lettered. */
export function splitOptions(text: string): string[] {
  const lettered = text.split(/(?:^|[\s;,|]+)\(?[A-Ja-j][).]\s+/).filter((part) => part.trim() !== '')
  if (/^\(?[aA][).]\s/.test(text.trim()) && lettered.length > 1) return lettered.map((part) => part.trim())
  return text
    .split(BARS)
    .map((part) => part.trim())
    .filter(Boolean)
}

/** The form in which most cells of the key column name an option. */
function keyForm(
  body: readonly (readonly string[])[],
  roles: readonly ColumnRole[],
): { readonly form: KeyForm; readonly resolves: boolean; readonly share: number } {
  const key = roles.indexOf('key')
  const rows = body
    .map((row) => ({ key: (row[key] ?? '').trim(), options: optionTexts(row, roles) }))
    .filter((row) => row.key !== '' && row.options.some(Boolean) && truthOf(row.key, false) === null)
  if (key < 0 || !rows.length) return { form: 'letter', resolves: false, share: 0 }
  const figures = rows.flatMap((row) => (/^[\d\s,;|]+$/.test(row.key) ? (row.key.match(/\d+/g) ?? []).map(Number) : []))
  const numbered: KeyForm = figures.includes(0) ? 'zero-based' : 'number'
  const counts = (['text', 'letter', numbered] as const).map((form) => ({
    form,
    count: rows.filter((row) => (keyIndexes(row.key, row.options, form)?.length ?? 0) > 0).length,
  }))
  const best = counts.reduce((most, one) => (one.count > most.count ? one : most))
  return { form: best.form, resolves: best.count > 0, share: best.count / rows.length }
}
