import { plainText, type Item, type Sentence } from '@zakuska/core'
import { useEffect, useMemo, useState } from 'react'
import { useNearBodies } from '../../bank/queries'
import type { DeskItem } from '../desk-state'
import type { Beside } from './BesideItem'
import type { Found } from './EvidenceDialog'

/** So long nothing may have changed before the bank is asked, in ms. */
const SETTLED_MS = 1500
const MOST_COMPARED = 200
const MOST_STEM = 90

/** By the place of an item: its evidence, and what says nearly the same in the bank; nothing in drafts without a reading. */
export function useBeside(
  found: Found | null,
  items: readonly DeskItem[],
  show: (sentences: readonly Sentence[]) => void,
): readonly Beside[] {
  const near = useNearBank(found !== null, items)
  return useMemo(() => {
    if (!found) return []
    return items.map(({ read }, at): Beside => {
      const { verdict = 'nothing-to-find', sentences: places = [] } = found.evidence[at] ?? {}
      const sentences = places.flatMap((place) => found.sentences[place] ?? [])
      return { verdict, sentences, show: () => show(sentences), near: near.get(read.item) ?? null }
    })
  }, [found, items, near, show])
}

/** New items that the bank has nearly so already, asked for once the draft has come to rest. */
function useNearBank(isWanted: boolean, items: readonly DeskItem[]): ReadonlyMap<Item, NonNullable<Beside['near']>> {
  const fresh = useMemo(
    () =>
      isWanted
        ? items.flatMap(({ read, followed }) => (followed.bankItemId === null ? read.item : [])).slice(0, MOST_COMPARED)
        : [],
    [isWanted, items],
  )
  const [settled, setSettled] = useState<readonly Item[]>([])
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(fresh), SETTLED_MS)
    return () => window.clearTimeout(timer)
  }, [fresh])
  const { data } = useNearBodies(settled, settled.length > 0)
  return useMemo(() => {
    const known = new Map<Item, NonNullable<Beside['near']>>()
    settled.forEach((item, at) => {
      const [first] = data?.[at]?.near ?? []
      if (first)
        known.set(item, {
          itemId: first.itemId,
          stem: plainText(first.body.stem).replace(/\s+/g, ' ').slice(0, MOST_STEM),
        })
    })
    return known
  }, [settled, data])
}
