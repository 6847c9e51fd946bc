import { fromElements, textOf, type ElementNode } from '../../../content/elements.ts'
import type { Item } from '../../../item/model.ts'
import { child, children } from '../../xml/xml.ts'
import { mapEntries, type Reading } from '../read-item.ts'

/** Two sets whose members are joined: a grid where the file says so by its class, else pairs to match. */
export function matchItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const [left, right] = children(interaction, 'simpleMatchSet').map((set) => children(set, 'simpleAssociableChoice'))
  if (!declaration || !left || !right) return 'The match interaction has no two sets.'
  const ids = (set: readonly ElementNode[]): string[] => set.map((one) => one.attributes['identifier'] ?? '')
  const [leftIds, rightIds] = [ids(left), ids(right)]
  const correct = child(declaration, 'correctResponse')
  const named = correct
    ? children(correct, 'value').map((one) => textOf(one).trim())
    : mapEntries(declaration).flatMap(([pair, share]) => (share > 0 ? [pair] : []))
  const places = named
    .map((pair) => pair.split(/\s+/))
    .map(([a = '', b = '']) => [leftIds.indexOf(a), rightIds.indexOf(b)] as const)
  if (places.some(([a, b]) => a < 0 || b < 0)) return 'A right pair names what is in no set.'
  if (new Set(places.map(([a]) => a)).size < places.length) return 'Something on the left has two right partners.'
  const key = [...places].sort((a, b) => a[0] - b[0])
  const points = reading.score(new Map([[declaration.attributes['identifier'] ?? '', named]]))
  const credit = child(declaration, 'mapping') ? {} : { credit: 'all' as const }
  const parts = { left: left.map(contentOf), right: right.map(contentOf) }
  const common = { ...reading.common, points, key, ...credit }
  return /\bgrid\b|\btabular\b/.test(interaction.attributes['class'] ?? '')
    ? { ...common, kind: 'grid', rows: parts.left, columns: parts.right }
    : { ...common, kind: 'match', ...parts }
}

function contentOf(choice: ElementNode): ReturnType<typeof fromElements> {
  return fromElements(choice.children)
}
