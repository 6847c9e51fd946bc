import { TEXT_STYLES } from './model.ts'

/** A place where unknown data departs from the model, `$.stem[0].content` for instance. */
export interface Problem {
  readonly path: string
  readonly message: string
}

type Fields = Readonly<Record<string, unknown>>
const MAX_DEPTH = 12

/** Says what is wrong with unknown data that should be rich text; empty means it is `Content`. */
export function checkContent(value: unknown, path = '$', depth = 0): Problem[] {
  if (!Array.isArray(value)) return [{ path, message: 'must be a list of blocks' }]
  if (depth > MAX_DEPTH) return [{ path, message: `is nested more than ${MAX_DEPTH} deep` }]
  return value.flatMap((block, index) => checkBlock(block, `${path}[${index}]`, depth))
}

function checkBlock(value: unknown, path: string, depth: number): Problem[] {
  if (!isFields(value)) return [{ path, message: 'must be a block' }]
  switch (value['type']) {
    case 'paragraph':
      return checkList(value['content'], `${path}.content`, checkInline)
    case 'preformatted':
      return checkString(value['text'], `${path}.text`)
    case 'list':
      return [
        ...checkBoolean(value['ordered'], `${path}.ordered`),
        ...checkList(value['entries'], `${path}.entries`, (entry, at) => checkContent(entry, at, depth + 1)),
      ]
    case 'table':
      return checkList(value['rows'], `${path}.rows`, (row, at) =>
        isFields(row)
          ? [
              ...checkBoolean(row['header'], `${at}.header`),
              ...checkList(row['cells'], `${at}.cells`, (cell, cellAt) => checkContent(cell, cellAt, depth + 1)),
            ]
          : [{ path: at, message: 'must be a table row' }],
      )
    default:
      return [{ path: `${path}.type`, message: 'is not a kind of block' }]
  }
}

function checkInline(value: unknown, path: string): Problem[] {
  if (!isFields(value)) return [{ path, message: 'must be a piece of text' }]
  switch (value['type']) {
    case 'text':
      return [...checkString(value['text'], `${path}.text`), ...checkStyles(value['styles'], `${path}.styles`)]
    case 'break':
    case 'gap':
      return []
    case 'tex':
      return [...checkString(value['tex'], `${path}.tex`), ...checkBoolean(value['display'], `${path}.display`)]
    case 'picture':
      return [...checkString(value['asset'], `${path}.asset`), ...checkString(value['alt'], `${path}.alt`)]
    default:
      return [{ path: `${path}.type`, message: 'is not a kind of text' }]
  }
}

function checkStyles(value: unknown, path: string): Problem[] {
  if (value === undefined) return []
  return checkList(value, path, (style, at) =>
    (TEXT_STYLES as readonly unknown[]).includes(style) ? [] : [{ path: at, message: 'is not a text style' }],
  )
}

/** @internal */
export function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** @internal */
export function checkString(value: unknown, path: string): Problem[] {
  return typeof value === 'string' ? [] : [{ path, message: 'must be text' }]
}

/** @internal */
export function checkBoolean(value: unknown, path: string): Problem[] {
  return typeof value === 'boolean' ? [] : [{ path, message: 'must be true or false' }]
}

/** @internal */
export function checkList(value: unknown, path: string, entry: (value: unknown, path: string) => Problem[]): Problem[] {
  if (!Array.isArray(value)) return [{ path, message: 'must be a list' }]
  return value.flatMap((one, index) => entry(one, `${path}[${index}]`))
}
