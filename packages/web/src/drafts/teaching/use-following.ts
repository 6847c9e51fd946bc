import type { LinePart } from '@zakuska/core'
import { useCallback, useEffect, useRef, useState } from 'react'
import { showPreview } from './preview-layer'
import type { TeachingSources } from './sources'
import type { Taught } from './taught-layer'
import { changedLines, outcomeOf, whatFollows, type Following } from './what-follows'

/** Lines that are about to be said, and what. */
export interface About {
  readonly lines: readonly number[]
  readonly part: LinePart
}

/** What would follow from what is being considered, shown at the text; the last asked is the one that is answered. */
export function useFollowing({ view, reader, sourceWith, reading }: Omit<TeachingSources, 'taught'>) {
  const [following, setFollowing] = useState<Following | null>(null)
  const asked = useRef(0)
  /** What was considered when `following` was found out; another part may be considered by now. */
  const knownFor = useRef<LinePart | null>(null)
  const readingNow = useRef(reading)
  useEffect(() => {
    readingNow.current = reading
  })
  const forget = useCallback(() => setFollowing(null), [])
  const leave = useCallback(() => {
    asked.current++
    setFollowing(null)
    view.current?.dispatch({ effects: showPreview.of([]) })
  }, [view])
  const preview = useCallback(
    async (next: Taught, said: About | null) => {
      const before = readingNow.current
      if (!before) return
      const ask = ++asked.current
      const [after] = await reader.ask({ what: 'outcomes', sources: [sourceWith(next)] })
      if (!after || ask !== asked.current) return
      const follows = whatFollows(outcomeOf(before), after, said)
      setFollowing(follows)
      knownFor.current = said?.part ?? null
      const changed = said && follows.holds ? changedLines(follows, said.part) : follows.others
      const own = said?.lines.map((line) => ({ line, part: said.part })) ?? []
      view.current?.dispatch({ effects: showPreview.of(follows.holds ? [...own, ...changed] : []) })
    },
    [reader, sourceWith, view],
  )
  return { following, forget, knownFor, preview, leave }
}
