import {
  fitItem,
  remedied,
  REMEDIES,
  stableJson,
  type FormatLimits,
  type Item,
  type PaperPlan,
  type RemedyId,
} from '@zakuska/core'
import type { PaperItem } from '../../papers/index.ts'
import type { SentItem } from './delivery.entity.ts'
import type { ForAllDto } from './deliveries.dto.ts'

export interface Packing {
  /** Those of the very destination. */
  readonly limits: FormatLimits
  /** Where anybody can look at a picture. */
  readonly pictureAddress: (asset: string) => string
  /** Remedies that were accepted, by item. */
  readonly remediesOf: (itemId: string) => readonly RemedyId[]
  readonly includeUnsigned: boolean
  readonly plan: PaperPlan
  readonly forAll: ForAllDto | undefined
  /** What an earlier delivery left there, by name; null: it is the first. */
  readonly before: ReadonlyMap<string, SentItem> | null
}

/** What goes of a paper: what would not fit, or nobody has vouched for, is left out and says so. */
export function packItems(items: readonly PaperItem[], packing: Packing): SentItem[] {
  return items.flatMap((item, index) => {
    const body = withSettings(item.body, packing.forAll, item.item.id)
    const remedies = packing.remediesOf(item.item.id)
    const parts = remedied(body, remedies, packing)
    const place = packing.plan.places[index]
    const isLoose = packing.forAll?.exceptions?.includes(item.item.id)
    return parts.map((part, at) => {
      const name = `${nameOf(item.item.id)}${parts.length > 1 ? `-${at + 1}` : ''}`
      const required = (isLoose ? undefined : packing.forAll?.required) ?? place?.required ?? true
      const sent = packed(item, part, name, remedies, packing)
      return withBefore({ ...sent, section: place?.section ?? null, required }, packing.before?.get(name))
    })
  })
}

/** A name for files and sites: letters and figures only, beginning with a letter. */
function nameOf(itemId: string): string {
  return `item-${itemId.replaceAll('-', '').slice(0, 20)}`
}

function packed(
  { item }: PaperItem,
  body: Item,
  name: string,
  remedies: readonly RemedyId[],
  { limits, includeUnsigned }: Packing,
): SentItem {
  const fit = fitItem(body, limits)
  const why =
    fit.verdict === 'cannot'
      ? (fit.reasons[0]?.says ?? 'Does not fit')
      : !item.signOff && !includeUnsigned
        ? 'Not signed off'
        : null
  return {
    ...{ itemId: item.id, revision: item.revision, body, name, why },
    outcome: why ? 'left-out' : 'waiting',
    remoteId: null,
    changes: [
      ...remedies.map((id) => REMEDIES[id].label),
      ...(fit.verdict === 'changes' ? fit.reasons.map(({ says }) => says) : []),
    ],
  }
}

/** What is there already as it should be is not sent; what changed is replaced in its place. */
function withBefore(sent: SentItem, before: SentItem | undefined): SentItem {
  if (!before?.remoteId || sent.outcome !== 'waiting') return sent
  // The database keeps fields in an order of its own.
  const isSame = stableJson(before.body) === stableJson(sent.body) && (before.required ?? true) === sent.required
  return { ...sent, remoteId: before.remoteId, outcome: isSame ? 'kept' : 'waiting' }
}

/** What is set for all items of this delivery, but for the exceptions. */
function withSettings(item: Item, forAll: ForAllDto | undefined, itemId: string): Item {
  if (!forAll || forAll.exceptions?.includes(itemId)) return item
  const { points, shuffleOptions, timeLimit } = forAll
  const isCounted = item.kind !== 'scale' && item.kind !== 'note'
  return {
    ...item,
    ...(points !== undefined && isCounted && { points }),
    // What has to keep its order keeps it.
    ...(shuffleOptions === false && 'shuffle' in item && { shuffle: false }),
    ...(timeLimit !== undefined && { timeLimit }),
  }
}
