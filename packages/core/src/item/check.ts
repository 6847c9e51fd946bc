import { checkBoolean, checkContent, checkList, checkString, isFields, type Problem } from '../content/check.ts'
import { isEmptyContent, type Content } from '../content/model.ts'
import { KEPT_KINDS, type KeptItem } from './model.ts'

type Fields = Readonly<Record<string, unknown>>
export const MAX_OPTIONS = 40
export const MAX_POINTS = 1000
export const MAX_SECONDS = 86_400
const OPTIONAL_TEXT = ['outcome', 'level', 'difficulty', 'language'] as const
const OPTIONAL_CONTENT = ['feedback', 'hint', 'passage'] as const

/**
 * Says what is wrong with unknown data that should be the body of a kept item: first its shape, and
 * where the shape is right, whether it holds together (a stem, distinct option ids, a key that names
 * options). An item without a key is well formed; it is unfinished, which `hasKey` tells.
 *
 * @returns empty when `value` is a `KeptItem`.
 */
export function checkItem(value: unknown): Problem[] {
  if (!isFields(value)) return [{ path: '$', message: 'must be an item' }]
  const shape = [...checkCommon(value), ...checkKind(value)]
  return shape.length ? shape : checkSense(value as unknown as KeptItem)
}

export function isItemBody(value: unknown): value is KeptItem {
  return checkItem(value).length === 0
}

function checkCommon(value: Fields): Problem[] {
  return [
    ...checkContent(value['stem'], '$.stem'),
    ...checkPoints(value['points']),
    ...checkTimeLimit(value['timeLimit']),
    ...checkList(value['tags'], '$.tags', checkString),
    ...OPTIONAL_TEXT.flatMap((name) => (value[name] === undefined ? [] : checkString(value[name], `$.${name}`))),
    ...OPTIONAL_CONTENT.flatMap((name) => (value[name] === undefined ? [] : checkContent(value[name], `$.${name}`))),
  ]
}

function checkPoints(value: unknown): Problem[] {
  const fine = typeof value === 'number' && Number.isFinite(value) && value >= 0 && value <= MAX_POINTS
  return fine ? [] : [{ path: '$.points', message: `must be a number from 0 to ${MAX_POINTS}` }]
}

function checkTimeLimit(value: unknown): Problem[] {
  const fine = value === undefined || (typeof value === 'number' && value > 0 && value <= MAX_SECONDS)
  return fine ? [] : [{ path: '$.timeLimit', message: `must be more than 0 and at most ${MAX_SECONDS} seconds` }]
}

function checkKind(value: Fields): Problem[] {
  switch (value['kind']) {
    case 'single':
      return checkChoice(value)
    case 'multiple':
      return [...checkChoice(value), ...checkOneOf(value['credit'], '$.credit', ['all', 'each'])]
    case 'truefalse':
      return checkList(value['key'], '$.key', checkBoolean)
    case 'short':
      return [...checkList(value['key'], '$.key', checkString), ...checkRules(value['rules'])]
    default:
      return [{ path: '$.kind', message: `must be one of ${KEPT_KINDS.join(', ')}` }]
  }
}

function checkChoice(value: Fields): Problem[] {
  return [
    ...checkList(value['options'], '$.options', checkOption),
    ...checkList(value['key'], '$.key', checkString),
    ...checkBoolean(value['shuffle'], '$.shuffle'),
  ]
}

function checkOption(value: unknown, path: string): Problem[] {
  if (!isFields(value)) return [{ path, message: 'must be an option' }]
  return [
    ...checkString(value['id'], `${path}.id`),
    ...checkContent(value['content'], `${path}.content`),
    ...(value['feedback'] === undefined ? [] : checkContent(value['feedback'], `${path}.feedback`)),
  ]
}

function checkRules(value: unknown): Problem[] {
  if (!isFields(value)) return [{ path: '$.rules', message: 'must say what counts as the same' }]
  const both = ['ignore', 'respect']
  return [
    ...checkOneOf(value['letterCase'], '$.rules.letterCase', both),
    ...checkOneOf(value['accents'], '$.rules.accents', both),
  ]
}

function checkOneOf(value: unknown, path: string, allowed: readonly string[]): Problem[] {
  return allowed.includes(value as string) ? [] : [{ path, message: `must be one of ${allowed.join(', ')}` }]
}

function checkSense(item: KeptItem): Problem[] {
  const problems: Problem[] = []
  if (isEmptyContent(item.stem)) problems.push({ path: '$.stem', message: 'is empty' })
  if (item.kind === 'single' || item.kind === 'multiple') problems.push(...checkOptionsHold(item.options, item.key))
  if ((item.kind === 'single' || item.kind === 'truefalse') && item.key.length > 1)
    problems.push({ path: '$.key', message: 'names more than one answer' })
  if (item.kind === 'short' && item.key.some((answer) => answer.trim() === ''))
    problems.push({ path: '$.key', message: 'has an empty answer' })
  return problems
}

function checkOptionsHold(
  options: readonly { readonly id: string; readonly content: Content }[],
  key: readonly string[],
): Problem[] {
  const ids = options.map((option) => option.id)
  const problems: Problem[] = []
  if (options.length < 2) problems.push({ path: '$.options', message: 'must be at least two' })
  if (options.length > MAX_OPTIONS) problems.push({ path: '$.options', message: `must be at most ${MAX_OPTIONS}` })
  if (new Set(ids).size < ids.length) problems.push({ path: '$.options', message: 'have the same id twice' })
  if (new Set(key).size < key.length) problems.push({ path: '$.key', message: 'names an option twice' })
  if (key.some((id) => !ids.includes(id)))
    problems.push({ path: '$.key', message: 'names an option that is not there' })
  options.forEach((option, index) => {
    if (isEmptyContent(option.content)) problems.push({ path: `$.options[${index}].content`, message: 'is empty' })
  })
  return problems
}
