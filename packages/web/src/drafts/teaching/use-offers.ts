import type { Notation } from '@zakuska/core'
import { useEffect, useState } from 'react'
import type { Teaching } from './use-teaching'
import type { Following } from './what-follows'

export interface Offer {
  readonly notation: Notation
  readonly following: Following
}

const AFTER_MS = 600
const MOST = 20
const FEWEST_LINES = 2

/** Kept notations that a draft looks like: under one, more items come out that nothing is left to decide about. */
export function useOffers(teaching: Teaching, kept: readonly Notation[], reading: object | null): readonly Offer[] {
  const [offers, setOffers] = useState<readonly Offer[]>([])
  const { outcomes, taught } = teaching
  const isRead = taught.notation !== null
  useEffect(() => {
    if (isRead || !reading || !kept.length) return
    let isOver = false
    const timer = window.setTimeout(() => {
      const tried = kept.slice(0, MOST)
      void outcomes(tried).then((followings) => {
        if (isOver) return
        setOffers(
          tried
            .flatMap((notation, at) => {
              const following = followings[at]
              return following && isBetter(following) ? [{ notation, following }] : []
            })
            .sort((a, b) => settledBy(b.following) - settledBy(a.following)),
        )
      })
    }, AFTER_MS)
    return () => {
      isOver = true
      window.clearTimeout(timer)
    }
  }, [isRead, kept, outcomes, reading])
  return isRead ? [] : offers
}

export function isBetter(following: Following): boolean {
  return following.others.length >= FEWEST_LINES && settledBy(following) > 0
}

/** How many more items come out that nothing is left to decide about. */
function settledBy({ items, undecided }: Following): number {
  return items[1] - undecided[1] - (items[0] - undecided[0])
}
