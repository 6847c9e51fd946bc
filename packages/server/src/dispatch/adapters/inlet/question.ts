import {
  inlinesOf,
  isEmptyContent,
  plainText,
  type Assets,
  type Content,
  type Item,
  type NumericKey,
  type Response,
} from '@zakuska/core'
import { pictureType } from '../../../assets/picture-type.ts'

/** A question as the API of Inlet takes it. */
export interface InletQuestion {
  readonly type: 'line' | 'lines' | 'choice' | 'boxes' | 'scale' | 'grid' | 'part' | 'text'
  readonly title: string
  readonly [field: string]: unknown
}

/** An item as a question of a form: see core's limits of Inlet for what changes. @throws RangeError for kinds that cannot go. */
// eslint-disable-next-line max-lines-per-function -- one short case for each kind
export function questionOf(item: Item, required: boolean, assets: Assets): InletQuestion {
  const feedback = lines(item.feedback)
  const common = {
    title: lines(item.stem),
    required,
    description: lines(item.passage),
    picture: pictureOf(item, assets),
    points: item.points,
    ...(feedback && { feedback: { right: feedback, wrong: feedback } }),
  }
  switch (item.kind) {
    case 'single':
    case 'multiple': {
      const places = item.options.flatMap(({ id }, at) => (item.key.includes(id) ? [at] : []))
      return {
        ...common,
        type: item.kind === 'single' ? 'choice' : 'boxes',
        options: item.options.map(({ content }) => lines(content)),
        shuffle: item.shuffle,
        ...(places.length > 0 && { right: { places } }),
      }
    }
    case 'truefalse':
      return {
        ...common,
        type: 'choice',
        options: TRUTH,
        ...(item.key.length > 0 && { right: { places: [item.key[0] === true ? 0 : 1] } }),
      }
    case 'short':
      return {
        ...common,
        type: 'line',
        ...(item.key.length > 0 && { right: { texts: item.key } }),
        ignoreCase: item.rules.letterCase === 'ignore',
      }
    case 'numeric':
      return {
        ...common,
        type: 'line',
        ...(item.unit !== undefined && { title: `${lines(item.stem)} (${item.unit})` }),
        ...(item.key.length > 0 && { right: { texts: numbersOf(item) } }),
        ignoreCase: true,
      }
    case 'match':
    case 'grid': {
      const [rows, columns] = item.kind === 'match' ? [item.left, item.right] : [item.rows, item.columns]
      const places = rows.map((_row, at) => item.key.find(([row]) => row === at)?.[1] ?? -1)
      return {
        ...common,
        type: 'grid',
        rows: rows.map(lines),
        columns: columns.map(lines),
        ...(places.every((place) => place >= 0) && { right: { places } }),
      }
    }
    case 'scale': {
      const { low, high, lowLabel = '', highLabel = '' } = item
      return { ...common, ...{ low, high, lowLabel, highLabel }, type: 'scale', points: 0 }
    }
    case 'essay':
      return { ...common, type: 'lines' }
    case 'note':
      return { ...common, type: 'text', required: false, points: 0 }
    case 'cloze':
    case 'order':
      throw new RangeError(`Inlet has no question for ${item.kind}.`)
  }
}

const TRUTH = ['True', 'False'] as const

/** A response as the texts that the form's page would send. */
export function answerOf(item: Item, response: Response): readonly string[] {
  const textsOf = (contents: readonly Content[], places: readonly number[]): string[] =>
    places.map((place) => lines(contents[place] ?? []))
  switch (response.kind) {
    case 'choice':
      return 'options' in item
        ? item.options.flatMap(({ id, content }) => (response.chosen.includes(id) ? [lines(content)] : []))
        : []
    case 'truth':
      return response.value === null ? [] : [TRUTH[response.value ? 0 : 1]]
    case 'text':
      return response.text ? [response.text] : []
    case 'step':
      return response.value === null ? [] : [String(response.value)]
    case 'pairs': {
      const [rows, columns] = partsOf(item)
      return rows.map((_row, at) => textsOf(columns, [response.pairs.find(([row]) => row === at)?.[1] ?? -1])[0] ?? '')
    }
    case 'gaps':
    case 'order':
      return []
  }
}

/** What a person answered, as a response to the item. */
export function responseOfAnswer(item: Item, answer: readonly string[]): Response {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return {
        kind: 'choice',
        chosen: item.options.flatMap(({ id, content }) => (answer.includes(lines(content)) ? [id] : [])),
      }
    case 'truefalse':
      return { kind: 'truth', value: answer[0] === undefined ? null : answer[0] === TRUTH[0] }
    case 'scale':
      return { kind: 'step', value: answer[0] === undefined ? null : Number(answer[0]) }
    case 'match':
    case 'grid': {
      const columns = partsOf(item)[1].map(lines)
      const pairs = answer.flatMap((text, row): (readonly [number, number])[] => {
        const column = columns.indexOf(text)
        return column < 0 ? [] : [[row, column]]
      })
      return { kind: 'pairs', pairs }
    }
    default:
      return { kind: 'text', text: answer[0] ?? '' }
  }
}

function partsOf(item: Item): readonly [readonly Content[], readonly Content[]] {
  if (item.kind === 'match') return [item.left, item.right]
  return item.kind === 'grid' ? [item.rows, item.columns] : [[], []]
}

/** The middle of each band, with the unit and, where it may be left out, without. */
function numbersOf({ key, unit, unitRule }: Extract<Item, { kind: 'numeric' }>): string[] {
  const middles = key.map((band) => String(middleOf(band)))
  const withUnit = unit === undefined ? [] : middles.map((text) => `${text} ${unit}`)
  return unit !== undefined && unitRule === 'required' ? withUnit : [...middles, ...withUnit]
}

function middleOf(band: NumericKey): number {
  return 'min' in band ? Number(((band.min + band.max) / 2).toPrecision(12)) : band.value
}

function lines(content: Content | undefined): string {
  return isEmptyContent(content) ? '' : plainText(content).trim()
}

/** The first picture of the stem or the passage. */
function pictureOf(item: Item, assets: Assets): object | null {
  for (const node of [...inlinesOf(item.stem), ...inlinesOf(item.passage ?? [])]) {
    if (node.type !== 'picture') continue
    const bytes = assets.get(node.asset)
    const type = bytes && pictureType(Buffer.from(bytes))
    if (bytes && type) return { type, data: Buffer.from(bytes).toString('base64'), description: node.alt }
  }
  return null
}
