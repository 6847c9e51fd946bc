import { fitItem, plainText, destinationOf, type Content, type Item, type Loss } from '@zakuska/core'
import { stringify } from 'csv-stringify/sync'
import { escapedCell } from './sheet/read-csv.ts'

/** The columns of the live game's sheet, in its order. */
const HEADS = ['Seconds', 'Question', 'Right', 'A', 'B', 'C', 'D', 'E', 'F']
const SECONDS = { least: 10, most: 120, usual: 30 }

/** Items as the rows of the live game's sheet, CSV (RFC 4180); what a game cannot take is left out with its reasons. */
export function gameSheet(items: readonly Item[]): {
  readonly text: string
  readonly losses: readonly Loss[]
} {
  const { limits } = destinationOf('foghorn')
  const losses: Loss[] = []
  const rows = items.flatMap((item, index) => {
    const { verdict, reasons } = fitItem(item, limits)
    losses.push(...reasons.map(({ feature, says }) => ({ item: index, feature, says })))
    return verdict === 'cannot' ? [] : [rowOf(item)]
  })
  return { text: stringify([HEADS, ...rows].map((row) => row.map(escapedCell))), losses }
}

function rowOf(item: Item): string[] {
  const right = rightPlaces(item).map((place) => String.fromCharCode(65 + place))
  return [String(secondsFor(item)), line(item.stem), right.join(' '), ...gameOptions(item)]
}

function secondsFor({ timeLimit }: Item): number {
  return timeLimit === undefined ? SECONDS.usual : Math.min(SECONDS.most, Math.max(SECONDS.least, timeLimit))
}

function gameOptions(item: Item): string[] {
  if (item.kind === 'truefalse') return ['True', 'False']
  return item.kind === 'single' || item.kind === 'multiple' ? item.options.map(({ content }) => line(content)) : []
}

/** Places of the right options, counted from 0. */
function rightPlaces(item: Item): number[] {
  if (item.kind === 'truefalse') return item.key.map((value) => (value ? 0 : 1))
  if (item.kind !== 'single' && item.kind !== 'multiple') return []
  return item.options.flatMap(({ id }, at) => (item.key.includes(id) ? [at] : []))
}

function line(content: Content): string {
  return plainText(content).replace(/\s+/g, ' ').trim()
}
