import { checkBoolean, checkContent, checkList, checkString, isFields, type Problem } from '../content/check.ts'
import { countGaps, isEmptyContent, type Content } from '../content/model.ts'
import { ITEM_KINDS, type Item, type ItemKind, type NumericKey } from './model.ts'

type Fields = Readonly<Record<string, unknown>>
type Check = (value: unknown, path: string) => Problem[]
export const MAX_OPTIONS = 40
export const MAX_POINTS = 1000
export const MAX_SECONDS = 86_400
const OPTIONAL_TEXT = ['outcome', 'level', 'difficulty', 'language'] as const
const OPTIONAL_CONTENT = ['feedback', 'hint', 'passage'] as const

/**
 * Says what is wrong with unknown data that should be the body of an item: first its shape, and where the shape is
 * right, whether it holds together (a stem, distinct option ids, a key that names what is there). An item without a
 * key is well formed; it is unfinished, which `hasKey` tells.
 *
 * @returns empty when `value` is an `Item`.
 */
export function checkItem(value: unknown): Problem[] {
  if (!isFields(value)) return [{ path: '$', message: 'must be an item' }]
  const kind = value['kind'] as ItemKind
  if (!ITEM_KINDS.includes(kind)) return [{ path: '$.kind', message: `must be one of ${ITEM_KINDS.join(', ')}` }]
  const shape = [...checkCommon(value), ...checkFields(value, SHAPES[kind])]
  return shape.length ? shape : checkSense(value as unknown as Item)
}

export function isItemBody(value: unknown): value is Item {
  return checkItem(value).length === 0
}

function checkCommon(value: Fields): Problem[] {
  return [
    ...checkContent(value['stem'], '$.stem'),
    ...checkNumber(0, MAX_POINTS)(value['points'], '$.points'),
    ...checkTimeLimit(value['timeLimit']),
    ...checkList(value['tags'], '$.tags', checkString),
    ...OPTIONAL_TEXT.flatMap((name) => optional(checkString)(value[name], `$.${name}`)),
    ...OPTIONAL_CONTENT.flatMap((name) => optional(checkContent)(value[name], `$.${name}`)),
  ]
}

function checkTimeLimit(value: unknown): Problem[] {
  const fine = value === undefined || (typeof value === 'number' && value > 0 && value <= MAX_SECONDS)
  return fine ? [] : [{ path: '$.timeLimit', message: `must be more than 0 and at most ${MAX_SECONDS} seconds` }]
}

// Shapes: a check for each field of a kind beyond what all items have.

const listOf =
  (entry: Check): Check =>
  (value, path) =>
    checkList(value, path, entry)
const optional =
  (check: Check): Check =>
  (value, path) =>
    value === undefined ? [] : check(value, path)
const oneOf =
  (...allowed: readonly unknown[]): Check =>
  (value, path) =>
    allowed.includes(value) ? [] : [{ path, message: `must be one of ${allowed.join(', ')}` }]
const fields =
  (shape: Readonly<Record<string, Check>>, what: string): Check =>
  (value, path) =>
    isFields(value) ? checkFields(value, shape, path) : [{ path, message: `must be ${what}` }]

function checkNumber(least: number, most: number): Check {
  return (value, path) =>
    typeof value === 'number' && Number.isFinite(value) && value >= least && value <= most
      ? []
      : [{ path, message: Number.isFinite(least) ? `must be a number from ${least} to ${most}` : 'must be a number' }]
}

const anyNumber = checkNumber(-Infinity, Infinity)

const checkPair: Check = (value, path) =>
  Array.isArray(value) && value.length === 2 && value.every((one) => Number.isInteger(one) && one >= 0)
    ? []
    : [{ path, message: 'must be a pair of places' }]

const checkWeights: Check = (value, path) =>
  isFields(value)
    ? Object.entries(value).flatMap(([id, weight]) => checkNumber(-1, 1)(weight, `${path}.${id}`))
    : [{ path, message: 'must say what each option adds' }]

const checkBand: Check = (value, path) => {
  if (!isFields(value)) return [{ path, message: 'must be a number with a tolerance, or a range' }]
  const credit = optional(checkNumber(0, 1))(value['credit'], `${path}.credit`)
  return 'min' in value
    ? [...anyNumber(value['min'], `${path}.min`), ...anyNumber(value['max'], `${path}.max`), ...credit]
    : [...anyNumber(value['value'], `${path}.value`), ...anyNumber(value['tolerance'], `${path}.tolerance`), ...credit]
}

const OPTION = fields({ id: checkString, content: checkContent, feedback: optional(checkContent) }, 'an option')
const RULES = fields(
  {
    letterCase: oneOf('ignore', 'respect'),
    accents: oneOf('ignore', 'respect'),
    punctuation: optional(oneOf('ignore', 'respect')),
    numbers: optional(oneOf('value', 'text')),
    listOrder: optional(oneOf('any', 'written')),
    pattern: optional(oneOf('star', 'none')),
    misspelt: optional(oneOf(0, 1, 2)),
  },
  'what counts as the same',
)
const PART_CREDIT = optional(oneOf('each', 'all'))
const GAP = fields({ key: listOf(checkString), choices: optional(listOf(checkString)) }, 'a gap')

const SHAPES: Readonly<Record<ItemKind, Readonly<Record<string, Check>>>> = {
  single: {
    options: listOf(OPTION),
    key: listOf(checkString),
    shuffle: checkBoolean,
    weights: optional(checkWeights),
  },
  multiple: {
    options: listOf(OPTION),
    key: listOf(checkString),
    shuffle: checkBoolean,
    credit: oneOf('all', 'each', 'weights'),
    weights: optional(checkWeights),
  },
  truefalse: { key: listOf(checkBoolean) },
  short: { key: listOf(checkString), rules: RULES },
  numeric: {
    key: listOf(checkBand),
    unit: optional(checkString),
    unitRule: optional(oneOf('optional', 'required')),
    conversions: optional(listOf(fields({ unit: checkString, factor: anyNumber }, 'a unit with its factor'))),
    figures: optional(checkNumber(1, 15)),
  },
  cloze: { gaps: listOf(GAP), wordBank: optional(listOf(checkString)), rules: RULES, credit: PART_CREDIT },
  match: {
    left: listOf(checkContent),
    right: listOf(checkContent),
    key: listOf(checkPair),
    credit: PART_CREDIT,
  },
  order: { options: listOf(OPTION), key: listOf(checkString), credit: optional(oneOf('all', 'neighbours')) },
  grid: {
    rows: listOf(checkContent),
    columns: listOf(checkContent),
    key: listOf(checkPair),
    credit: PART_CREDIT,
  },
  scale: {
    low: checkNumber(-100, 100),
    high: checkNumber(-100, 100),
    lowLabel: optional(checkString),
    highLabel: optional(checkString),
  },
  essay: {
    sample: optional(checkContent),
    rubric: optional(listOf(fields({ says: checkString, points: checkNumber(0, MAX_POINTS) }, 'a line of a rubric'))),
  },
  note: {},
}

function checkFields(value: Fields, shape: Readonly<Record<string, Check>>, path = '$'): Problem[] {
  return Object.entries(shape).flatMap(([name, check]) => check(value[name], `${path}.${name}`))
}

// Sense: what holds together.

function checkSense(item: Item): Problem[] {
  const stem = isEmptyContent(item.stem) ? [{ path: '$.stem', message: 'is empty' }] : []
  return [...stem, ...checkKindSense(item)]
}

function checkKindSense(item: Item): Problem[] {
  switch (item.kind) {
    case 'single':
      return [...checkOptionsHold(item.options, item.key), ...atMostOne(item.key)]
    case 'multiple':
      return checkOptionsHold(item.options, item.key)
    case 'truefalse':
      return atMostOne(item.key)
    case 'short':
      return item.key.some((answer) => answer.trim() === '') ? [{ path: '$.key', message: 'has an empty answer' }] : []
    case 'numeric':
      return item.key.flatMap((band, at) => checkBandHolds(band, `$.key[${at}]`))
    case 'cloze':
      return checkGaps(item.gaps.length, countGaps(item.stem))
    case 'match':
      return [
        ...checkParts(item.left, '$.left', 1),
        ...checkParts(item.right, '$.right', 2),
        ...checkPairs(item.key, item.left.length, item.right.length),
      ]
    case 'order':
      return [...checkOptionsHold(item.options, item.key), ...checkWholeOrder(item.key, item.options.length)]
    case 'grid':
      return [
        ...checkParts(item.rows, '$.rows', 1),
        ...checkParts(item.columns, '$.columns', 2),
        ...checkPairs(item.key, item.rows.length, item.columns.length),
      ]
    case 'scale':
      return item.high > item.low ? [] : [{ path: '$.high', message: 'must be above the low end' }]
    case 'essay':
    case 'note':
      return []
  }
}

function atMostOne(key: readonly unknown[]): Problem[] {
  return key.length > 1 ? [{ path: '$.key', message: 'names more than one answer' }] : []
}

function checkBandHolds(band: NumericKey, path: string): Problem[] {
  if ('min' in band) return band.min <= band.max ? [] : [{ path, message: 'starts above its end' }]
  return band.tolerance >= 0 ? [] : [{ path, message: 'has a tolerance below nothing' }]
}

function checkGaps(kept: number, drawn: number): Problem[] {
  if (kept === 0) return [{ path: '$.gaps', message: 'must be at least one' }]
  return kept === drawn ? [] : [{ path: '$.gaps', message: `are ${kept}, and the text has ${drawn}` }]
}

function checkParts(parts: readonly Content[], path: string, least: number): Problem[] {
  const problems: Problem[] = []
  if (parts.length < least) problems.push({ path, message: `must be at least ${least === 1 ? 'one' : 'two'}` })
  if (parts.length > MAX_OPTIONS) problems.push({ path, message: `must be at most ${MAX_OPTIONS}` })
  parts.forEach((part, at) => {
    if (isEmptyContent(part)) problems.push({ path: `${path}[${at}]`, message: 'is empty' })
  })
  return problems
}

function checkPairs(key: readonly (readonly [number, number])[], left: number, right: number): Problem[] {
  if (key.some(([a, b]) => a >= left || b >= right)) return [{ path: '$.key', message: 'names what is not there' }]
  return new Set(key.map(([a]) => a)).size < key.length ? [{ path: '$.key', message: 'names a part twice' }] : []
}

function checkWholeOrder(key: readonly string[], count: number): Problem[] {
  return key.length === 0 || key.length === count ? [] : [{ path: '$.key', message: 'leaves options out' }]
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
