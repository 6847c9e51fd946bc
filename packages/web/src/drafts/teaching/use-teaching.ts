import { PART_KINDS, type LinePart, type Notation, type SaidLine } from '@zakuska/core'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { teach, withLines, type Taught } from './taught-layer'
import { useFollowing } from './use-following'
import { useNotations, type Offer } from './use-notations'
import { useSaying, useUndoable } from './use-saying'
import type { TeachingSources } from './sources'
import type { Following } from './what-follows'

export type { Offer } from './use-notations'

/** Lines of which somebody is about to say what they are. */
export interface OpenLines {
  /** Counted from 1. */
  readonly lines: readonly number[]
  /** Where they start in the text. */
  readonly places: readonly number[]
  /** Where on the screen it is asked. */
  readonly at: { readonly left: number; readonly top: number }
}

export interface Teaching {
  readonly taught: Taught
  readonly open: OpenLines | null
  /** What the open lines are read as; null where they differ. */
  readonly current: LinePart | null
  readonly openLines: (open: OpenLines) => void
  readonly close: () => void
  /** Whether lines that look alike are to follow. */
  readonly alike: boolean
  readonly setAlike: (alike: boolean) => void
  /** What would follow from what is being considered; null while that is not known. */
  readonly following: Following | null
  readonly consider: (part: LinePart | null) => void
  readonly considerNotation: (notation: Notation | null) => void
  readonly leave: () => void
  /** Says what the open lines are; null takes back what was said. */
  readonly settle: (part: LinePart | null) => void
  /** Says of several lines, each by its place, what they are, as one step. */
  readonly say: (said: readonly SaidLine[]) => void
  /** Takes back what was said of the lines at these places. */
  readonly takeBack: (places: readonly number[]) => void
  readonly readBy: (notation: Notation | null) => void
  readonly notation: (name: string) => Promise<Notation>
  /** What would follow from each of the notations that are about lines of the draft. */
  readonly offers: (notations: readonly Notation[]) => Promise<Offer[]>
}

/** What people say that lines are, what would follow from it, and notations. */
// eslint-disable-next-line max-lines-per-function -- short callbacks over the same refs, none of use without the others
export function useTeaching({ view, reader, sourceWith, reading, taught }: TeachingSources): Teaching {
  const tell = useTell()
  const [open, setOpen] = useState<OpenLines | null>(null)
  const [alike, setAlike] = useState(true)
  const { following, forget, knownFor, preview, leave } = useFollowing({ view, reader, sourceWith, reading })
  const undoable = useUndoable(view)
  const saying = useSaying(view, undoable, leave)
  const notations = useNotations({ view, reader, sourceWith, reading, taught }, preview)

  const considered = useRef<LinePart | null>(null)
  const consider = useCallback(
    (part: LinePart | null) => {
      considered.current = part
      const state = view.current?.state
      if (!state || !open) return
      void preview(withLines(state, open.places, part, alike), part && { lines: open.lines, part })
    },
    [alike, open, preview, view],
  )

  const close = useCallback(() => {
    setOpen(null)
    leave()
  }, [leave])

  const settle = useCallback(
    (part: LinePart | null) => {
      const editor = view.current
      if (!editor || !open) return
      const known = part === knownFor.current ? following : null
      if (part !== null && known && !known.holds) {
        tell(`${named(open.lines)} cannot be ${PART_KINDS[part].noun} there.`, { tone: 'trouble' })
        return close()
      }
      teach(editor, withLines(editor.state, open.places, part, alike))
      const more = alike ? (known?.alike.length ?? 0) : 0
      undoable(
        part === null
          ? `What was said of ${named(open.lines).toLowerCase()} is taken back.`
          : `${named(open.lines)}${more ? ` and ${counted(more, 'more', 'more')}` : ''}: ${PART_KINDS[part].says.toLowerCase()}.`,
      )
      close()
    },
    [alike, close, following, knownFor, open, tell, undoable, view],
  )

  const openLines = useCallback(
    (lines: OpenLines) => {
      if (!lines.lines.length) return tell('There is no text on that line.')
      setAlike(true)
      forget()
      setOpen(lines)
    },
    [forget, tell],
  )

  // The same is considered again when other lines are to follow, or not.
  const considerNow = useRef(consider)
  useEffect(() => {
    considerNow.current = consider
  })
  const changeAlike = useCallback((next: boolean) => {
    setAlike(next)
    setTimeout(() => considerNow.current(considered.current))
  }, [])

  const current = useMemo(() => {
    const parts = new Set(open?.lines.map((line) => reading?.parts[line - 1] ?? null))
    const [only = null] = parts
    return parts.size === 1 ? only : null
  }, [open, reading])

  return {
    taught,
    open,
    current,
    openLines,
    close,
    alike,
    setAlike: changeAlike,
    following,
    consider,
    leave,
    settle,
    ...saying,
    ...notations,
  }
}

/** "Line 4", "Lines 4 to 7". */
export function named(lines: readonly number[]): string {
  const [first = 0] = lines
  const last = lines.at(-1) ?? first
  return first === last ? `Line ${first}` : `Lines ${first} to ${last}`
}
