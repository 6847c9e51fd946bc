import { fromElements, textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { Item } from '../../../item/model.ts'
import { child, children } from '../../xml/xml.ts'
import { mapEntries } from './mapping.ts'
import type { Reading } from './reading.ts'

/** Two sets whose members are joined: a grid where the file says so by its class, else pairs to match. */
export function matchItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const [left, right] = children(interaction, 'simpleMatchSet').map((set) => children(set, 'simpleAssociableChoice'))
  if (!declaration || !left || !right) return 'The match interaction has no two sets.'
  const ids = (set: readonly ElementNode[]): string[] => set.map((one) => one.attributes['identifier'] ?? '')
  const [leftIds, rightIds] = [ids(left), ids(right)]
  const pairs = pairsOf(declaration)
  const places = pairs
    .map((pair) => pair.split(/\s+/))
    .map(([a = '', b = '']) => [leftIds.indexOf(a), rightIds.indexOf(b)] as const)
  if (places.some(([a, b]) => a < 0 || b < 0)) return 'A right pair names what is in no set.'
  if (new Set(places.map(([a]) => a)).size < places.length) return 'Something on the left has two right partners.'
  const key = [...places].sort((a, b) => a[0] - b[0])
  const points = reading.score(new Map([[declaration.attributes['identifier'] ?? '', pairs]]))
  const credit = child(declaration, 'mapping') ? {} : { credit: 'all' as const }
  const parts = { left: left.map(contentOf), right: right.map(contentOf) }
  const common = { ...reading.common, points, key, ...credit }
  const named = /\b(?:grid|tabular|match)\b/.exec(interaction.attributes['class'] ?? '')?.[0]
  const isGrid = named === undefined ? isReused(left, right, places) : named !== 'match'
  return isGrid
    ? { ...common, kind: 'grid', rows: parts.left, columns: parts.right }
    : { ...common, kind: 'match', ...parts }
}

/** Whether each row takes one column, and a column may be taken again (`matchMax` of QTI 2.1; 0: without end). */
function isReused(
  rows: readonly ElementNode[],
  columns: readonly ElementNode[],
  key: readonly (readonly [number, number])[],
): boolean {
  const most = (choice: ElementNode): number => Number(choice.attributes['matchMax'] ?? 1)
  if (new Set(key.map(([, column]) => column)).size < key.length) return true
  return rows.every((row) => most(row) === 1) && columns.every((column) => most(column) !== 1)
}

/** Members of one set that are joined in pairs: who stands first in a right pair on the left, all others on the right. */
export function associateItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const choices = children(interaction, 'simpleAssociableChoice')
  const named = declaration ? pairsOf(declaration) : []
  if (!declaration || !named.length) return 'Pairs of one set without a key are not held.'
  const pairs = named.map((pair) => pair.split(/\s+/))
  const members = pairs.flat()
  if (new Set(members).size < members.length) return 'A member of the set is in several right pairs.'
  const lefts = new Set(pairs.map(([first]) => first))
  const idOf = (choice: ElementNode): string => choice.attributes['identifier'] ?? ''
  const left = choices.filter((choice) => lefts.has(idOf(choice)))
  const right = choices.filter((choice) => !lefts.has(idOf(choice)))
  const key = left.map((choice, index) => {
    const [, partner] = pairs.find(([first]) => first === idOf(choice)) ?? []
    return [index, right.findIndex((one) => idOf(one) === partner)] as const
  })
  if (key.some(([, partner]) => partner < 0)) return 'A right pair names what is not in the set.'
  reading.say('Pairs of one set became two lists to match.')
  return {
    ...reading.common,
    kind: 'match',
    points: reading.score(new Map([[declaration.attributes['identifier'] ?? '', named]])),
    left: left.map(contentOf),
    right: right.map(contentOf),
    key,
    ...(child(declaration, 'mapping') ? {} : { credit: 'all' as const }),
  }
}

/** The correct response; where a file has only a mapping, what it maps to more than nothing. */
function pairsOf(declaration: ElementNode): string[] {
  const correct = child(declaration, 'correctResponse')
  return correct
    ? children(correct, 'value').map((one) => textOf(one).trim())
    : mapEntries(declaration).flatMap(([pair, share]) => (share > 0 ? [pair] : []))
}

function contentOf(choice: ElementNode): ReturnType<typeof fromElements> {
  return fromElements(choice.children)
}
