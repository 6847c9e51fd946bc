import { paragraph, styledText, type Content } from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import { DEFAULT_TEXT_RULES, type Item, type MatchItem, type NumericItem, type NumericKey } from '../item/model.ts'

/** What things are cut to where nobody says. */
export const LENGTHS = { option: 100, stem: 250, options: 6 } as const

/** A text cut at a word, with an ellipsis. */
export function cut(content: Content, limit: number): Content {
  const text = plainText(content)
  if (text.length <= limit) return content
  const whole = text.slice(0, limit - 1)
  const space = whole.lastIndexOf(' ')
  return [paragraph([styledText(`${(space > limit / 2 ? whole.slice(0, space) : whole).trimEnd()}…`, [])])]
}

export function shortened(item: Item, limit: number): Item {
  const short = (content: Content): Content => cut(content, limit)
  if ('options' in item)
    return { ...item, options: item.options.map((option) => ({ ...option, content: short(option.content) })) }
  if (item.kind === 'match') return { ...item, left: item.left.map(short), right: item.right.map(short) }
  return item.kind === 'grid' ? { ...item, rows: item.rows.map(short), columns: item.columns.map(short) } : item
}

/** The last distractors are left out, never a key. */
export function fewerOptions(item: Item, limit: number): Item {
  if (item.kind !== 'single' && item.kind !== 'multiple') return item
  const room = Math.max(0, limit - item.key.length)
  const distractors = item.options.filter(({ id }) => !item.key.includes(id)).slice(0, room)
  const options = item.options.filter((option) => item.key.includes(option.id) || distractors.includes(option))
  if (!item.weights) return { ...item, options }
  const kept = new Set(options.map(({ id }) => id))
  return { ...item, options, weights: Object.fromEntries(Object.entries(item.weights).filter(([id]) => kept.has(id))) }
}

/** A row per part, in which one partner is chosen. */
export function matchAsGrid(item: MatchItem): Item {
  const { left, right, kind: _kind, ...rest } = item
  return { ...rest, kind: 'grid', rows: left, columns: right }
}

/** A list that nobody would type by hand either. */
const MOST_NUMBERS = 200

/**
 * Every number of the bands that has as many decimals as the bands are written with, in order; empty where they are too
 * many, or where one earns less than another.
 */
export function numbersIn(item: NumericItem): string[] {
  if (!item.key.length || item.key.some((band) => (band.credit ?? 1) < 1)) return []
  const found = new Set<string>()
  for (const band of item.key) {
    const [low, high] = ends(band)
    const decimals = Math.max(...writtenIn(band).map(decimalsOf))
    const step = 10 ** -decimals
    if ((high - low) / step > MOST_NUMBERS) return []
    for (let at = Math.round(low / step); at <= Math.round(high / step); at++)
      for (const text of new Set([(at * step).toFixed(decimals), String(Number((at * step).toFixed(decimals)))]))
        found.add(text)
  }
  return found.size <= MOST_NUMBERS ? [...found] : []
}

/** A typed answer that accepts each of the numbers, with its unit and, where it may be left out, without. */
export function listedAnswers(item: NumericItem): Item {
  const { key: _key, unit, unitRule, conversions: _conversions, figures: _figures, kind: _kind, ...rest } = item
  const numbers = numbersIn(item)
  const middle = middleOf(item.key[0])
  const ordered = [
    ...numbers.filter((text) => Number(text) === middle),
    ...numbers.filter((text) => Number(text) !== middle),
  ]
  const bare = unit !== undefined && unitRule === 'required' ? [] : ordered
  const withUnit = unit === undefined ? [] : ordered.map((text) => `${text} ${unit}`)
  return { ...rest, kind: 'short', key: [...bare, ...withUnit], rules: DEFAULT_TEXT_RULES }
}

function middleOf(band: NumericKey | undefined): number {
  if (!band) return NaN
  return 'min' in band ? Number(((band.min + band.max) / 2).toPrecision(12)) : band.value
}

function ends(band: NumericKey): readonly [number, number] {
  return 'min' in band ? [band.min, band.max] : [band.value - band.tolerance, band.value + band.tolerance]
}

function writtenIn(band: NumericKey): readonly number[] {
  return 'min' in band ? [band.min, band.max, middleOf(band)] : [band.value, band.tolerance]
}

function decimalsOf(value: number): number {
  const [, decimals = '', exponent = '0'] = /^-?\d+(?:\.(\d+))?(?:e([+-]\d+))?$/.exec(String(value)) ?? []
  return Math.max(0, decimals.length - Number(exponent))
}
