import { Problem } from '../shared/problem.ts'
import { textOf } from '../shared/text.ts'
import { QUESTION_TYPES, type Limits, type OnlineFormSettings, type Question, type QuestionType } from './model.ts'

type Given = Readonly<Record<string, unknown>>

/** A question as it was sent, checked. @throws Problem that names the field. */
export function questionIn(given: unknown, id: string, key: string | null, limits: Limits): Question {
  if (typeof given !== 'object' || given === null) throw new Problem('Send a question.')
  const from = given as Given
  const type = from['type'] as QuestionType
  if (!QUESTION_TYPES.includes(type)) throw new Problem('There is no such type of question.', 422, 'type')
  const options = texts(from, 'options', limits)
  const rows = texts(from, 'rows', limits)
  const columns = texts(from, 'columns', limits)
  if (['choice', 'boxes', 'list'].includes(type)) distinct(options, 'options')
  if (type === 'grid') [rows, columns].forEach((list, at) => distinct(list, at ? 'columns' : 'rows'))
  const points = from['points'] === undefined ? 0 : Number(from['points'])
  if (!(points >= 0 && points <= 1000)) throw new Problem('Points are from 0 to 1000.', 422, 'points')
  return {
    id,
    key,
    type,
    title: text(from, 'title', limits.title),
    description: text(from, 'description', limits.description),
    picture: pictureIn(from['picture']),
    required: from['required'] === true,
    options,
    shuffle: from['shuffle'] === true,
    rows,
    columns,
    low: Number(from['low'] ?? 1),
    high: Number(from['high'] ?? 5),
    lowLabel: text(from, 'lowLabel', limits.option),
    highLabel: text(from, 'highLabel', limits.option),
    points,
    right: rightIn(from['right'], type, options, rows, columns),
    ignoreCase: from['ignoreCase'] === true,
    feedback: feedbackIn(from['feedback'], limits),
  }
}

export function settingsIn(given: unknown): OnlineFormSettings {
  const from = (typeof given === 'object' && given !== null ? given : {}) as Given
  const fields = Array.isArray(from['fields']) ? from['fields'].map(String).slice(0, 10) : []
  return {
    isQuiz: from['isQuiz'] === true,
    shuffle: from['shuffle'] === true,
    oneEach: from['oneEach'] === true,
    fields,
    feedback: from['feedback'] === 'never' ? 'never' : 'after',
  }
}

/** Who may answer, by the names that they give; null: anybody. */
export function peopleIn(given: unknown): string[] | null {
  if (given === null) return null
  if (!Array.isArray(given) || !given.length) throw new Problem('People are a list of names, or null.', 422, 'people')
  return given.map(String)
}

function rightIn(
  given: unknown,
  type: QuestionType,
  options: readonly string[],
  rows: readonly string[],
  columns: readonly string[],
): Question['right'] {
  if (typeof given !== 'object' || given === null) return null
  const places = 'places' in given && Array.isArray(given.places) ? given.places.map(Number) : null
  const accepted = 'texts' in given && Array.isArray(given.texts) ? given.texts.map(String) : null
  const most = type === 'grid' ? columns.length : options.length
  if (places?.some((place) => !(Number.isInteger(place) && place >= 0 && place < most)))
    throw new Problem('The right answer names an option that is not there.', 422, 'right')
  if (type === 'grid' && places?.length !== rows.length)
    throw new Problem('Every row of a graded grid needs a right column.', 422, 'right')
  if ((type === 'choice' || type === 'list') && places?.length !== 1)
    throw new Problem('One option is right.', 422, 'right')
  if (type === 'line' ? !accepted?.length : !places?.length)
    throw new Problem('This type of question is not graded in this way.', 422, 'right')
  return type === 'line' ? { texts: accepted ?? [] } : { places: places ?? [] }
}

function pictureIn(given: unknown): Question['picture'] {
  if (typeof given !== 'object' || given === null) return null
  const { type, data, description } = given as Record<string, unknown>
  if (!['image/png', 'image/jpeg', 'image/gif', 'image/webp'].includes(String(type)))
    throw new Problem('Pictures are PNG, JPEG, GIF or WebP.', 422, 'picture')
  return { type: String(type), data: String(data), description: textOf(description) }
}

function feedbackIn(given: unknown, limits: Limits): Question['feedback'] {
  const from = (typeof given === 'object' && given !== null ? given : {}) as Given
  return { right: text(from, 'right', limits.description), wrong: text(from, 'wrong', limits.description) }
}

function text(from: Given, field: string, most: number): string {
  const value = from[field] ?? ''
  if (typeof value !== 'string') throw new Problem(`${field} is a text.`, 422, field)
  if (value.length > most) throw new Problem(`${field} has at most ${most} letters.`, 422, field)
  return value
}

function texts(from: Given, field: string, limits: Limits): string[] {
  const value = from[field] ?? []
  if (!Array.isArray(value)) throw new Problem(`${field} is a list.`, 422, field)
  if (value.length > limits.options) throw new Problem(`${field} are at most ${limits.options}.`, 422, field)
  return value.map((one: unknown) => text({ [field]: one }, field, limits.option))
}

function distinct(list: readonly string[], field: string): void {
  if (!list.length || list.some((one) => one.trim() === '')) throw new Problem(`${field} need a text each.`, 422, field)
  if (new Set(list).size < list.length) throw new Problem(`Two of the ${field} are alike.`, 422, field)
}
