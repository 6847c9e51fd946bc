import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { plainText } from '../../../content/plain.ts'
import type { Item, Option } from '../../../item/model.ts'
import { ratingOf } from '../../package/ratings.ts'
import { isTruth, truthIn } from '../../package/truth.ts'
import { descendants, walk } from '../../xml/xml.ts'
import { scorerOf } from '../process.ts'
import { earns, onlyEqual, positiveTests } from './conditions.ts'
import { itemOf, type Reading } from './item.ts'
import { identOf } from './ident.ts'
import { contentIn } from './material.ts'

export function labelsOf(response: ElementNode): ElementNode[] {
  const labels: ElementNode[] = []
  walk(response, (one) => {
    const isLabel = one.name === 'response_label'
    if (isLabel) labels.push(one)
    return !isLabel && one.name !== 'material'
  })
  return labels
}

/** One `response_lid`: single choice, multiple response, true or false, or an order. */
export function choiceItem(reading: Reading, response: ElementNode): Item | string {
  const { node, common, points, most } = reading
  const name = identOf(response)
  const options: Option[] = labelsOf(response).map((label) => {
    const id = identOf(label)
    const linked = reading.feedback.ofLabel(name, id)
    return { id, content: contentIn(label), ...(linked && { feedback: linked }) }
  })
  if (options.length < 2) return 'The item offers fewer than two choices.'
  const cardinality = response.attributes['rcardinality'] ?? 'Single'
  if (cardinality === 'Ordered') return itemOf(common, { kind: 'order', points, options, key: orderKey(reading, name) })
  const shuffle = descendants(response, 'render_choice')[0]?.attributes['shuffle'] === 'Yes'
  if (cardinality === 'Multiple')
    return itemOf(common, { kind: 'multiple', points, options, shuffle, ...multipleKey(reading, name, options) })
  const score = scorerOf(node)
  const earned = options.map(({ id }) => ({ id, share: rounded(score(new Map([[name, [id]]])) / most) }))
  const best = Math.max(...earned.map((one) => one.share))
  const key = best > 0 ? earned.filter((one) => one.share === best).map((one) => one.id) : []
  const rating = key.length ? null : ratingOf(options.map((option) => plainText(option.content)))
  if (rating) return itemOf(common, { kind: 'scale', points: 0, ...rating })
  if (isTruth(options))
    return itemOf(common, { kind: 'truefalse', points, key: key.slice(0, 1).map((id) => truthIn(options, id)) })
  // Choices that earn the same are all right; only one of them can be the key, the others earn as much.
  const weights = Object.fromEntries(
    earned.filter((one) => one.share > 0 && one.id !== key[0]).map((one) => [one.id, one.share]),
  )
  if (earned.some((one) => one.share < 0)) reading.say('Choices that take points away take none here.')
  const partial = Object.keys(weights).length > 0
  return itemOf(common, { kind: 'single', points, options, key: key.slice(0, 1), shuffle, ...(partial && { weights }) })
}

type MultipleKey = Pick<Extract<Item, { kind: 'multiple' }>, 'key' | 'credit' | 'weights'>

function multipleKey(reading: Reading, name: string, options: readonly Option[]): MultipleKey {
  const changes = changesOf(reading, name)
  const ids = options.map((option) => option.id)
  if (changes.size === 0 || reading.fields.get('credit') === 'all')
    return { key: exactKey(reading, name, ids), credit: 'all' }
  const weights = Object.fromEntries(ids.map((id) => [id, rounded(changes.get(id) ?? 0)]))
  const key = ids.filter((id) => (weights[id] ?? 0) > 0)
  const isEach = ids.every((id) => Math.abs((weights[id] ?? 0) - (key.includes(id) ? 1 : -1) / key.length) < 1e-4)
  return isEach ? { key, credit: 'each' } : { key, credit: 'weights', weights }
}

/** What choosing each label adds, as a share of the points. */
function changesOf({ conditions, most }: Reading, name: string): Map<string, number> {
  const found = new Map<string, number>()
  for (const condition of conditions) {
    const label = onlyEqual(condition, name)
    if (label === null || !condition.change) continue
    const { action, amount } = condition.change
    const sign = action === 'Subtract' ? -1 : action === 'Add' ? 1 : 0
    if (sign) found.set(label, (sign * amount) / most)
  }
  return found
}

/** Labels that the conditions which earn something ask for, and that they do not rule out. */
function exactKey({ conditions }: Reading, name: string, ids: readonly string[]): string[] {
  const wanted = new Set(
    conditions
      .filter(earns)
      .flatMap((condition) => positiveTests(condition.tests))
      .filter((test) => test.attributes['respident'] === name)
      .flatMap((test) => (test.name === 'varsubset' ? textOf(test).split(',') : [textOf(test)]))
      .map((text) => text.trim()),
  )
  return ids.filter((id) => wanted.has(id))
}

function orderKey({ tests }: Reading, name: string): string[] {
  return (tests.get(name) ?? [])
    .filter(({ test }) => test.attributes['index'] !== undefined)
    .sort((a, b) => Number(a.test.attributes['index']) - Number(b.test.attributes['index']))
    .map(({ test }) => textOf(test).trim())
}

export function scaleItem({ common, fields }: Reading, response: ElementNode): Item {
  const texts = labelsOf(response).map((label) => plainText(contentIn(label)))
  const ends = [texts[0], texts.at(-1)].map((text) => /^-?\d+\s*–\s*(.*)$/su.exec(text ?? '')?.[1])
  return itemOf(common, {
    kind: 'scale',
    points: 0,
    low: Number(fields.get('low') ?? 1),
    high: Number(fields.get('high') ?? texts.length),
    ...(ends[0] !== undefined && { lowLabel: ends[0] }),
    ...(ends[1] !== undefined && { highLabel: ends[1] }),
  })
}

function rounded(share: number): number {
  return Math.round(share * 1e6) / 1e6
}
