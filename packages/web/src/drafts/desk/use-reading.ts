import type { DraftSource, FollowedItem, Reading } from '@zakuska/core'
import { useCallback, useMemo, useRef, useState, type RefObject } from 'react'
import { deskItems, followAll, type DeskItem } from '../desk-state'
import type { ReadAnswer } from '../reader.worker'
import type { Taught } from '../teaching/taught-layer'
import { useReader, type Reader } from '../use-reader'
import { sourceOf, type Live } from './live'
import { wholeReading, type LastAnswer } from './whole-reading'

const MAX_DORMANT = 200

export interface DeskReading {
  readonly reader: Reader
  readonly reading: Reading | null
  readonly items: readonly DeskItem[]
  /** Asks for a reading of what now stands on the desk. */
  readonly read: () => void
  readonly sourceWith: (taught: Taught) => DraftSource
  /** What is followed changed otherwise than by a reading. */
  readonly follow: (followed: readonly FollowedItem[]) => void
}

/** Reads what stands on the desk, and follows its items from reading to reading. */
export function useReading(live: RefObject<Live>): DeskReading {
  const [reading, setReading] = useState<Reading | null>(null)
  const [followed, setFollowed] = useState(live.current.followed)
  const last = useRef<LastAnswer>({ answer: 0, reading: null })
  const follow = useCallback(
    (next: readonly FollowedItem[]) => {
      live.current.followed = next
      setFollowed(next)
    },
    [live],
  )
  const reader = useReader(
    useCallback(
      (answer: ReadAnswer) => {
        const fresh = wholeReading(answer, last.current)
        last.current = { answer: answer.answer, reading: fresh }
        const now = live.current
        // A newer text is on its way to the reader.
        if (!now.steps.isLatest(answer.version)) return
        now.shownVersion = answer.version
        const known = [...now.followed, ...now.dormant]
        const next = followAll(known, fresh)
        const found = new Set(next.map((item) => item.ref))
        now.dormant = known.filter((item) => item.signOff && !found.has(item.ref)).slice(-MAX_DORMANT)
        setReading(fresh)
        follow(next)
      },
      [follow, live],
    ),
  )
  const sourceWith = useCallback((taught: Taught) => sourceOf(live.current, taught), [live])
  const read = useCallback(() => {
    const { steps, taught } = live.current
    reader.read({ version: steps.ask(), source: sourceWith(taught) })
  }, [live, reader, sourceWith])
  const items = useMemo(() => (reading ? deskItems(reading, followed) : []), [reading, followed])
  return { reader, reading, items, read, sourceWith, follow }
}
