import {
  DESTINATIONS,
  fitItem,
  inPaper,
  remediesFor,
  remedied,
  REMEDIES,
  withTold,
  type Destination,
  type Fit,
  type FormatLimits,
  type Item,
  type RemedyId,
  type ToldLimits,
  type Toward,
} from '@zakuska/core'
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
  /** One for each destination. */
  readonly columns: readonly Column[]
}

/** Accepted remedies by destination and item, as `destination:item`. */
export type Accepted = Readonly<Record<string, readonly RemedyId[]>>

/** What fits where, item by item, with what was accepted. */
export function rowsOf(paper: Paper, accepted: Accepted, destinations: readonly Destination[] = DESTINATIONS): Row[] {
  return paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    if (!item) return []
    const body = inPaper(item.body, entry, paper.shuffleOptions)
    const columns = destinations.map((destination) =>
      columnOf(destination, body, accepted[`${destination.id}:${item.id}`] ?? []),
    )
    return [{ id: item.id, body, signed: item.signOff !== null, columns }]
  })
}

/** The fit of what an item becomes: where remedies split it, that of the part which fits least. */
function columnOf(destination: Destination, body: Item, taken: readonly RemedyId[]): Column {
  const parts = remedied(body, taken, toward(destination))
  const fits = parts.map((part) => fitItem(part, destination.limits))
  const worst = fits.find((fit) => fit.verdict === 'cannot') ?? fits.find((fit) => fit.verdict === 'changes') ?? fits[0]
  return { destination, fit: worst ?? { verdict: 'as-is', reasons: [] }, taken, becomes: parts.length }
}

/** Where remedied items go: links to pictures lead to this server. */
export function toward({ limits }: Destination): Toward & { readonly limits: FormatLimits } {
  return { limits, pictureAddress: (asset) => `${window.location.origin}/pictures/${asset}` }
}

/** The destinations, one of them with what it told of its own limits. */
export function destinationsWith(
  id: Destination['id'] | undefined,
  told: ToldLimits | undefined,
): readonly Destination[] {
  if (!told || !Object.keys(told).length) return DESTINATIONS
  return DESTINATIONS.map((one) => (one.id === id ? { ...one, limits: withTold(one.limits, told) } : one))
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

/** What was accepted, with the remedies that bring every item there which cannot go as it is. */
export function remediedAll(rows: readonly Row[], destination: Destination, accepted: Accepted): Accepted {
  const next: Record<string, readonly RemedyId[]> = { ...accepted }
  for (const { id, body } of rows) {
    const name = `${destination.id}:${id}`
    const taken = next[name] ?? []
    const found = remediesFor(body, taken, toward(destination))
    if (found.length > taken.length) next[name] = found
  }
  return next
}

/** What goes there and what stays behind, in items as they would arrive. */
export interface Going {
  readonly count: number
  readonly changed: number
  readonly left: number
}

export function goingOf(rows: readonly Row[], destination: string | undefined, includeUnsigned: boolean): Going {
  const columns = rows
    .filter((row) => includeUnsigned || row.signed)
    .flatMap((row) => row.columns.filter((column) => column.destination.id === destination))
  const fits = columns.filter(({ fit }) => fit.verdict !== 'cannot')
  return {
    count: fits.reduce((sum, { becomes }) => sum + becomes, 0),
    changed: fits.filter(({ fit }) => fit.verdict === 'changes').length,
    left: columns.length - fits.length,
  }
}
