import type { Notation } from '@zakuska/core'
import { useCallback, useEffect, useRef } from 'react'
import type { TeachingSources } from './sources'
import { taughtIn, type Taught } from './taught-layer'
import type { About } from './use-following'
import { outcomeOf, whatFollows, type Following } from './what-follows'

/** A kept notation, and what would follow from reading by it. */
export interface Offer {
  readonly notation: Notation
  readonly following: Following
}

/** Notations: the one that the draft teaches, and what would follow from kept ones. */
export function useNotations(
  { view, reader, sourceWith, reading, taught }: TeachingSources,
  preview: (next: Taught, said: About | null) => Promise<void>,
) {
  const readingNow = useRef(reading)
  useEffect(() => {
    readingNow.current = reading
  })
  const considerNotation = useCallback(
    (notation: Notation | null) => {
      const editor = view.current
      if (editor) void preview({ ...taughtIn(editor.state), notation }, null)
    },
    [preview, view],
  )
  const notation = useCallback(
    (name: string) => reader.ask({ what: 'notation', source: sourceWith(taught), name }),
    [reader, sourceWith, taught],
  )
  const offers = useCallback(
    async (notations: readonly Notation[]): Promise<Offer[]> => {
      const before = readingNow.current
      if (!before) return []
      const fitting = await reader.ask({ what: 'fitting', source: sourceWith(taught), notations })
      const sources = fitting.map((notation) => sourceWith({ ...taught, notation }))
      const after = sources.length ? await reader.ask({ what: 'outcomes', sources }) : []
      return fitting.flatMap((notation, at) => {
        const outcome = after[at]
        return outcome ? [{ notation, following: whatFollows(outcomeOf(before), outcome, null) }] : []
      })
    },
    [reader, sourceWith, taught],
  )
  return { considerNotation, notation, offers }
}
