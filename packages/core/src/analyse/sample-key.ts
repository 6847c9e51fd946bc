import { probesOf } from '../grade/probes.ts'
import { readNumber } from '../grade/number-value.ts'
import { isAnswered, type Response } from '../grade/response.ts'
import { shareEarned } from '../grade/grade.ts'
import { isGraded, type Item } from '../item/model.ts'

/** How one item of a sample submission stands to the item's own key. */
export interface SampleDifference {
  readonly item: number
  /** `differs`: it earns less than all points. `no-key`: the item has none yet. `open`: the sample leaves it open. */
  readonly how: 'differs' | 'no-key' | 'open'
  /** What the key says; null: it has none. */
  readonly key: Response | null
  readonly sample: Response | null
  /** The item with the sample as its key; null where it cannot be one. */
  readonly changed: Item | null
}

/** Every item where a sample submission disagrees with the key; what agrees is not named. */
export function sampleDifferences(items: readonly Item[], sample: readonly (Response | null)[]): SampleDifference[] {
  return items.flatMap((item, place): SampleDifference[] => {
    if (!isGraded(item.kind)) return []
    const own = sample[place] ?? null
    const [key = null] = probesOf(item)
      .filter((probe) => probe.kind === 'key')
      .map(({ response }) => response)
    if (!own || !isAnswered(own)) return [{ item: place, how: 'open', key, sample: null, changed: null }]
    if (key && shareEarned(item, own) === 1) return []
    return [{ item: place, how: key ? 'differs' : 'no-key', key, sample: own, changed: keyedBy(item, own) }]
  })
}

/** The item with a response as its only key; null where such a response cannot be one. */
// eslint-disable-next-line complexity -- one short case for each kind
export function keyedBy(item: Item, response: Response): Item | null {
  switch (item.kind) {
    case 'single':
      if (response.kind !== 'choice' || response.chosen.length !== 1) return null
      return { ...withoutWeights(item), key: response.chosen }
    case 'multiple':
      if (response.kind !== 'choice' || !response.chosen.length) return null
      return {
        ...withoutWeights(item),
        key: item.options.flatMap(({ id }) => (response.chosen.includes(id) ? [id] : [])),
        credit: item.credit === 'weights' ? 'each' : item.credit,
      }
    case 'truefalse':
      return response.kind === 'truth' && response.value !== null ? { ...item, key: [response.value] } : null
    case 'short':
      return response.kind === 'text' && response.text.trim() ? { ...item, key: [response.text.trim()] } : null
    case 'numeric': {
      const value = response.kind === 'text' ? readNumber(response.text)?.value : undefined
      const [first] = item.key
      const tolerance = first && 'tolerance' in first ? first.tolerance : 0
      return value === undefined ? null : { ...item, key: [{ value, tolerance }] }
    }
    case 'cloze':
      if (response.kind !== 'gaps' || response.texts.length !== item.gaps.length) return null
      if (response.texts.some((text) => !text.trim())) return null
      return { ...item, gaps: item.gaps.map((gap, at) => ({ ...gap, key: [(response.texts[at] ?? '').trim()] })) }
    case 'match':
    case 'grid':
      if (response.kind !== 'pairs' || !response.pairs.length) return null
      return { ...item, key: [...response.pairs].sort(([a], [b]) => a - b) }
    case 'order':
      return response.kind === 'order' && response.ids.length === item.options.length
        ? { ...item, key: response.ids }
        : null
    case 'scale':
    case 'essay':
    case 'note':
      return null
  }
}

function withoutWeights<Kind extends Extract<Item, { kind: 'single' | 'multiple' }>>(item: Kind): Kind {
  const { weights: _weights, ...rest } = item
  return rest as Kind
}
