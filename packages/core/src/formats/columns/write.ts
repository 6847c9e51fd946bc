import { plainText } from '../../content/plain.ts'
import type { ColumnLayout, ColumnRole } from '../../draft/columns/layout.ts'
import { fitItem } from '../../fit/fit.ts'
import { KIND_NAMES } from '../../item/kind-names.ts'
import type { Item, NumericKey } from '../../item/model.ts'
import type { Loss } from '../format.ts'
import { COLUMNS_LIMITS } from './limits.ts'

const MOST_OPTIONS = 10

/** A table to write: a layout, with what stands above its columns. */
export interface ColumnTarget {
  readonly layout: ColumnLayout
  /** One per column; written as the last of the leading rows. */
  readonly headers: readonly string[]
}

export interface WrittenRows {
  readonly rows: readonly (readonly string[])[]
  readonly losses: readonly Loss[]
  readonly written: readonly number[]
}

/** Our own columns, which the reader of tables tells by their headers; as many option columns as the items need. */
export function ownColumns(items: readonly Item[]): ColumnTarget {
  const most = Math.max(4, ...items.map((item) => ('options' in item ? item.options.length : 0)))
  const options = Array.from({ length: Math.min(most, MOST_OPTIONS) }, (_none, at) => `Option ${letter(at)}`)
  const columns: [ColumnRole, string][] = [
    ['kind', 'Kind'],
    ['stem', 'Question'],
    ...options.map((header): [ColumnRole, string] => ['option', header]),
    ['key', 'Key'],
    ['points', 'Points'],
    ['time', 'Time limit'],
    ['feedback', 'Feedback'],
    ['hint', 'Hint'],
    ['difficulty', 'Difficulty'],
    ['level', 'Level'],
    ['outcome', 'Outcome'],
    ['tags', 'Tags'],
  ]
  return {
    layout: { roles: columns.map(([role]) => role), leadingRows: 1, keyForm: 'letter' },
    headers: columns.map(([, header]) => header),
  }
}

const HEADERS: Readonly<Record<ColumnRole, string>> = {
  stem: 'Question',
  option: 'Option',
  options: 'Options',
  right: 'Right option',
  key: 'Key',
  kind: 'Kind',
  number: 'Number',
  points: 'Points',
  time: 'Time limit',
  feedback: 'Feedback',
  hint: 'Hint',
  difficulty: 'Difficulty',
  level: 'Level',
  outcome: 'Outcome',
  tags: 'Tags',
  section: 'Section',
  left: '',
}

/** A layout that a person laid out, with headers by what its columns hold. */
export function withHeaders(layout: ColumnLayout): ColumnTarget {
  let options = 0
  const headers = layout.roles.map((role) =>
    role === 'option' ? `${HEADERS.option} ${letter(options++)}` : HEADERS[role],
  )
  return { layout, headers }
}

/** A row per item in the columns of the target; leading rows before the headers stay empty. */
export function itemRows(items: readonly Item[], target: ColumnTarget = ownColumns(items)): WrittenRows {
  const losses: Loss[] = []
  const written: number[] = []
  const { roles, leadingRows } = target.layout
  const rows: string[][] = Array.from({ length: Math.max(0, leadingRows - 1) }, () => roles.map(() => ''))
  if (leadingRows > 0) rows.push([...target.headers])
  items.forEach((item, index) => {
    const fit = fitItem(item, COLUMNS_LIMITS)
    losses.push(...fit.reasons.map((reason) => ({ item: index, feature: reason.feature, says: reason.says })))
    if (fit.verdict === 'cannot') return
    written.push(index)
    rows.push(rowOf(item, target.layout, written.length))
  })
  return { rows, losses, written }
}

function rowOf(item: Item, layout: ColumnLayout, number: number): string[] {
  const options = 'options' in item ? item.options.map((option) => plainText(option.content)) : []
  let next = 0
  return layout.roles.map((role) => {
    switch (role) {
      case 'option':
        return options[next++] ?? ''
      case 'options':
        return options.join('; ')
      default:
        return cellOf(item, role, layout, options, number)
    }
  })
}

function cellOf(
  item: Item,
  role: Exclude<ColumnRole, 'option' | 'options'>,
  layout: ColumnLayout,
  options: readonly string[],
  number: number,
): string {
  switch (role) {
    case 'stem':
      return plainText([...(item.passage ?? []), ...item.stem])
    case 'key':
      return keyCell(item, layout, options)
    case 'right':
      return 'options' in item ? (options[item.options.findIndex((option) => item.key.includes(option.id))] ?? '') : ''
    case 'kind':
      return KIND_NAMES[item.kind]
    case 'number':
      return String(number)
    case 'points':
      return String(item.points)
    case 'time':
      return item.timeLimit === undefined ? '' : String(item.timeLimit)
    case 'feedback':
      return plainText(item.feedback)
    case 'hint':
      return plainText(item.hint)
    case 'difficulty':
    case 'level':
    case 'outcome':
      return item[role] ?? ''
    case 'tags':
      return item.tags.join(', ')
    case 'section':
    case 'left':
      return ''
  }
}

function keyCell(item: Item, layout: ColumnLayout, options: readonly string[]): string {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return item.options
        .flatMap((option, index) => (item.key.includes(option.id) ? [optionName(index, layout, options)] : []))
        .join(', ')
    case 'truefalse':
      return item.key.map((value) => (value ? 'True' : 'False')).join()
    case 'short':
      return item.key.join(' / ')
    case 'numeric':
      return item.key.map((band) => bandText(band, item.unit)).join(' / ')
    case 'essay':
      return plainText(item.sample)
    default:
      return ''
  }
}

function optionName(index: number, layout: ColumnLayout, options: readonly string[]): string {
  switch (layout.keyForm) {
    case 'number':
      return String(index + 1)
    case 'zero-based':
      return String(index)
    case 'text':
      return options[index] ?? ''
    case 'letter':
      return letter(index)
  }
}

function bandText(band: NumericKey, unit: string | undefined): string {
  const behind = unit === undefined ? '' : ` ${unit}`
  if ('min' in band) return `${band.min} to ${band.max}${behind}`
  return band.tolerance ? `${band.value} ± ${band.tolerance}${behind}` : `${band.value}${behind}`
}

function letter(index: number): string {
  return String.fromCharCode(65 + index)
}
