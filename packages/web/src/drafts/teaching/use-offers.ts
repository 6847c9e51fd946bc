import type { Notation } from '@zakuska/core'
import { useEffect, useState } from 'react'
import type { Offer, Teaching } from './use-teaching'
import type { Following } from './what-follows'

const AFTER_MS = 600
const FEWEST_LINES = 2

/** Kept notations that a draft looks like: under one, more items come out that nothing is left to decide about. */
export function useOffers(teaching: Teaching, kept: readonly Notation[], reading: object | null): readonly Offer[] {
  const [found, setFound] = useState<readonly Offer[]>([])
  const { offers, taught } = teaching
  const isRead = taught.notation !== null
  useEffect(() => {
    if (isRead || !reading || !kept.length) return
    let isOver = false
    const timer = window.setTimeout(
      () =>
        void offers(kept).then((all) => {
          if (!isOver) setFound(bestFirst(all))
        }),
      AFTER_MS,
    )
    return () => {
      isOver = true
      window.clearTimeout(timer)
    }
  }, [isRead, kept, offers, reading])
  return isRead ? [] : found
}

function bestFirst(all: readonly Offer[]): Offer[] {
  return all
    .filter((offer) => isBetter(offer.following))
    .sort((a, b) => settledBy(b.following) - settledBy(a.following))
}

export function isBetter(following: Following): boolean {
  return following.others.length >= FEWEST_LINES && settledBy(following) > 0
}

/** How many more items come out that nothing is left to decide about. */
function settledBy({ items, undecided }: Following): number {
  return items[1] - undecided[1] - (items[0] - undecided[0])
}
