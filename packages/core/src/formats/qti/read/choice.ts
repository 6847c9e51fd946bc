import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { plainText } from '../../../content/plain.ts'
import type { Item, Option } from '../../../item/model.ts'
import { ratingOf } from '../../package/ratings.ts'
import { isTruth, truthIn } from '../../package/truth.ts'
import { child, children } from '../../xml/xml.ts'
import type { Common, Reading } from './reading.ts'
import { mapEntries } from './mapping.ts'
import { optionsOf } from './options.ts'

export function choiceItem(reading: Reading, interaction: ElementNode): Item | string {
  const { root, common } = reading
  const declaration = reading.declaration(interaction)
  if (!declaration) return 'The interaction has no response declaration.'
  const options = optionsOf(root, interaction)
  if (options.length < 2) return 'The interaction offers fewer than two choices.'
  const name = declaration.attributes['identifier'] ?? ''
  if (interaction.attributes['class'] === 'scale') return scaleItem(common, options)
  const multiple = declaration.attributes['cardinality'] === 'multiple'
  const ids = options.map((option) => option.id)
  const declared = keyOf(declaration, ids)
  const key = declared.length ? declared : earningKey(reading, name, ids, multiple)
  const keyed = multiple ? key : key.slice(0, 1)
  const rating = multiple || keyed.length ? null : ratingOf(options.map((option) => plainText(option.content)))
  if (rating) return { ...common, kind: 'scale', points: 0, ...rating }
  const points = reading.score(new Map([[name, keyed]]))
  if (!multiple && isTruth(options))
    return { ...common, kind: 'truefalse', points, key: keyed.map((id) => truthIn(options, id)) }
  const shuffle = interaction.attributes['shuffle'] === 'true'
  const shares = sharesOf(reading, name, options, points)
  const [first] = keyed
  if (!multiple && first !== undefined && shares[first] === 0 && Object.values(shares).some((share) => share > 0))
    reading.say('The declared key earns nothing by the rules of the item, and another choice does. Check the key.')
  if (!multiple) {
    const weights = Object.fromEntries(Object.entries(shares).filter(([id, share]) => !keyed.includes(id) && share > 0))
    const single = { ...common, kind: 'single' as const, points, options, key: keyed, shuffle }
    return { ...single, ...(Object.keys(weights).length && { weights }) }
  }
  const plain = { ...common, kind: 'multiple' as const, points, options, key, shuffle }
  if (!child(declaration, 'mapping')) return { ...plain, credit: 'all' }
  return isSharedOut(declaration, options, key, points)
    ? { ...plain, credit: 'each' }
    : { ...plain, credit: 'weights', weights: mappedWeights(declaration, options, points) }
}

/** More choices than this are not tried together. */
const MOST_TRIED = 8

/** Where no right response is declared, what earns the most by the item's own rules; nothing: no key. */
function earningKey(reading: Reading, name: string, ids: readonly string[], multiple: boolean): string[] {
  const tried = multiple && ids.length <= MOST_TRIED ? subsets(ids) : ids.map((id) => [id])
  let best: string[] = []
  let most = 0
  for (const chosen of tried) {
    const earned = reading.raw(new Map([[name, chosen]]))
    if (earned > most) [best, most] = [chosen, earned]
  }
  return best
}

/** Smaller ones first. */
function subsets(ids: readonly string[]): string[][] {
  const all = Array.from({ length: 2 ** ids.length }, (_none, bits) => ids.filter((_id, at) => bits & (1 << at)))
  return all.sort((a, b) => a.length - b.length)
}

/** The correct response; where a file has only a mapping, what it maps to more than nothing. */
function keyOf(declaration: ElementNode, ids: readonly string[]): string[] {
  const correct = child(declaration, 'correctResponse')
  const named = correct
    ? children(correct, 'value').map((one) => textOf(one).trim())
    : mapEntries(declaration).flatMap(([id, share]) => (share > 0 ? [id] : []))
  return ids.filter((id) => named.includes(id))
}

/** What each option earns alone, as a share of the points, by the item's own rules. */
function sharesOf(reading: Reading, name: string, options: readonly Option[], points: number): Record<string, number> {
  return Object.fromEntries(options.map(({ id }) => [id, rounded(reading.raw(new Map([[name, [id]]])) / points)]))
}

/** Each keyed option adds an equal share, each distractor takes one back. */
function isSharedOut(
  declaration: ElementNode,
  options: readonly Option[],
  key: readonly string[],
  points: number,
): boolean {
  const weights = mappedWeights(declaration, options, points)
  const share = 1 / key.length
  return options.every(({ id }) => Math.abs((weights[id] ?? 0) - (key.includes(id) ? share : -share)) < 1e-4)
}

function mappedWeights(declaration: ElementNode, options: readonly Option[], points: number): Record<string, number> {
  const entries = new Map(mapEntries(declaration))
  const fallback = Number(child(declaration, 'mapping')?.attributes['defaultValue'] ?? 0)
  return Object.fromEntries(
    options.map(({ id }) => [id, rounded(Math.min(1, Math.max(-1, (entries.get(id) ?? fallback) / points)))]),
  )
}

function rounded(share: number): number {
  return Number(share.toFixed(6))
}

function scaleItem(common: Common, options: readonly Option[]): Item {
  const steps = options.map((option) => /^(-?\d+)(?:\s*–\s*(.*))?$/su.exec(plainText(option.content)))
  const [first, last] = [steps[0], steps.at(-1)]
  return {
    ...common,
    kind: 'scale',
    points: 0,
    low: Number(first?.[1] ?? 1),
    high: Number(last?.[1] ?? options.length),
    ...(first?.[2] !== undefined && { lowLabel: first[2] }),
    ...(last?.[2] !== undefined && { highLabel: last[2] }),
  }
}
