import {
  DESTINATIONS,
  fitItem,
  inPaper,
  remedied,
  REMEDIES,
  type Destination,
  type Fit,
  type Item,
  type RemedyId,
} from '@zakuska/core'
import { asKept } from '../parts/item-words'
import type { Paper } from '../papers/queries'

/** Something that an item is compared with, and what was accepted to make it fit. */
export interface Column {
  readonly destination: Destination
  readonly fit: Fit
  /** Remedies that were accepted for this item there. */
  readonly taken: readonly RemedyId[]
  /** How many items it becomes there. */
  readonly becomes: number
}

export interface Row {
  readonly id: string
  readonly body: Item
  readonly signed: boolean
  /** One for each destination, in the order of `DESTINATIONS`. */
  readonly columns: readonly Column[]
}

/** Accepted remedies by destination and item, as `destination:item`. */
export type Accepted = Readonly<Record<string, readonly RemedyId[]>>

/** What fits where, item by item, with what was accepted. */
export function rowsOf(paper: Paper, accepted: Accepted): Row[] {
  return paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    if (!item) return []
    const body = inPaper(asKept(item.body), entry, paper.shuffleOptions)
    const columns = DESTINATIONS.map((destination) =>
      columnOf(destination, body, accepted[`${destination.id}:${item.id}`] ?? []),
    )
    return [{ id: item.id, body, signed: item.signOff !== null, columns }]
  })
}

/** The fit of what an item becomes: where remedies split it, that of the part which fits least. */
function columnOf(destination: Destination, body: Item, taken: readonly RemedyId[]): Column {
  const parts = remedied(body, taken, destination.limits)
  const fits = parts.map((part) => fitItem(part, destination.limits))
  const worst = fits.find((fit) => fit.verdict === 'cannot') ?? fits.find((fit) => fit.verdict === 'changes') ?? fits[0]
  return { destination, fit: worst ?? { verdict: 'as-is', reasons: [] }, taken, becomes: parts.length }
}

/** Accepted remedies as the server takes them. */
export function remedyList(accepted: Accepted, of: (destination: string) => boolean): string {
  return Object.entries(accepted)
    .filter(([name]) => of(name.split(':')[0] ?? ''))
    .flatMap(([name, remedies]) => remedies.map((remedy) => `${name}:${remedy}`))
    .join(',')
}

/** Accepted remedies from what the server keeps of a delivery. */
export function acceptedIn(remedies: string): Accepted {
  const found: Record<string, readonly RemedyId[]> = {}
  for (const entry of remedies.split(',')) {
    const [destination, item, remedy] = entry.split(':')
    if (!destination || !item || !remedy || !Object.hasOwn(REMEDIES, remedy)) continue
    const name = `${destination}:${item}`
    found[name] = [...(found[name] ?? []), remedy as RemedyId]
  }
  return found
}
