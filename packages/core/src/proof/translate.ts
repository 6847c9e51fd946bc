import { plainText } from '../content/plain.ts'
import type { Content } from '../content/model.ts'
import type { Response } from '../grade/response.ts'
import type { Item } from '../item/model.ts'

/**
 * A response in the ids and places that the same item has elsewhere, which a format may have named or ordered anew: what an
 * option or a part says decides; among equals, or where its words are others there, its place.
 */
export function translate(response: Response, here: Item, there: Item): Response {
  if (response.kind === 'pairs') {
    const [from, to] = [sidesOf(here), sidesOf(there)]
    if (!from || !to) return response
    const [left, right] = [placesIn(from.left, to.left), placesIn(from.right, to.right)]
    return { kind: 'pairs', pairs: response.pairs.map(([a, b]) => [left[a] ?? a, right[b] ?? b] as const) }
  }
  if (!('options' in here) || !('options' in there)) return response
  const places = placesIn(
    here.options.map((option) => option.content),
    there.options.map((option) => option.content),
  )
  const names = new Map(here.options.map(({ id }, at) => [id, there.options[places[at] ?? at]?.id ?? id]))
  const named = (ids: readonly string[]): string[] => ids.map((id) => names.get(id) ?? id)
  if (response.kind === 'choice') return { kind: 'choice', chosen: named(response.chosen) }
  return response.kind === 'order' ? { kind: 'order', ids: named(response.ids) } : response
}

function sidesOf(item: Item): { readonly left: readonly Content[]; readonly right: readonly Content[] } | null {
  if (item.kind === 'match') return item
  return item.kind === 'grid' ? { left: item.rows, right: item.columns } : null
}

/** For each part its place there, no place twice. */
function placesIn(from: readonly Content[], to: readonly Content[]): number[] {
  const there = to.map(said)
  const places = new Map<number, number>()
  const taken = new Set<number>()
  const claim = (part: number, place: number): void => {
    if (place < 0 || place >= there.length || taken.has(place) || places.has(part)) return
    places.set(part, place)
    taken.add(place)
  }
  const texts = from.map(said)
  texts.forEach((text, at) => claim(at, there[at] === text ? at : -1))
  texts.forEach((text, at) =>
    claim(
      at,
      there.findIndex((one, place) => one === text && !taken.has(place)),
    ),
  )
  texts.forEach((_text, at) => claim(at, at))
  return texts.map((_text, at) => places.get(at) ?? at)
}

function said(part: Content): string {
  return plainText(part).replace(/\s+/g, ' ').trim()
}
