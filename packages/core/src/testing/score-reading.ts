import type { OutlineItem } from '../item/outline.ts'
import { norm } from '../labelled/score.ts'

/** What a gold file holds for one item: the item, and other readings that are right too. */
export type GoldItem = OutlineItem & { readonly alt?: readonly Readonly<Record<string, unknown>>[] }

type Fields = Readonly<Record<string, unknown>>

export { norm }

/** Whether kind, stem, options and key are as in the gold item, or in one of its other right readings. */
export function isExact(gold: GoldItem, read: OutlineItem): boolean {
  return [gold, ...(gold.alt ?? []).map((other) => ({ ...gold, ...other }))].some((one) => sameReading(one, read))
}

function sameReading(gold: Fields, read: Fields): boolean {
  return (
    gold['kind'] === read['kind'] &&
    norm(gold['stem']) === norm(read['stem']) &&
    JSON.stringify(offered(gold)) === JSON.stringify(offered(read)) &&
    JSON.stringify(keyed(gold)) === JSON.stringify(keyed(read))
  )
}

function texts(list: unknown): string[] {
  return Array.isArray(list) ? list.map(norm) : []
}

function offered(item: Fields): unknown {
  const choices =
    item['kind'] === 'cloze' && Array.isArray(item['choices']) ? item['choices'].filter(Boolean).map(texts) : []
  return [
    texts(item['options']),
    texts(item['left']),
    texts(item['right']).sort(),
    texts(item['rows']),
    texts(item['columns']),
    choices,
  ]
}

function pairs(item: Fields, from: string, to: string): string[] {
  const key = item['key'] as readonly (readonly [number, number])[]
  return key.map(([a, b]) => `${texts(item[from])[a]}=${texts(item[to])[b]}`).sort()
}

function bag(list: unknown): string[] {
  return texts(list)
    .map((text) => text.toLowerCase())
    .sort()
}

function keyed(item: Fields): unknown {
  const key = (item['key'] ?? []) as readonly never[]
  switch (item['kind']) {
    case 'single':
    case 'multiple':
      return key.map((index: number) => texts(item['options'])[index]).sort()
    case 'order':
      return key.map((index: number) => texts(item['options'])[index])
    case 'match':
      return pairs(item, 'left', 'right')
    case 'grid':
      return pairs(item, 'rows', 'columns')
    case 'short':
      return bag(key)
    case 'cloze':
      return key.map(bag)
    case 'numeric':
      return key.map((one: Fields) => ('min' in one ? [one['min'], one['max']] : [one['value'], one['tolerance']]))
    default:
      return key
  }
}
