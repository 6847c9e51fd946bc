import { undo } from '@codemirror/commands'
import type { EditorView } from '@codemirror/view'
import { PART_KINDS, type DraftSource, type LinePart, type Notation, type Reading, type SaidLine } from '@zakuska/core'
import { useCallback, useEffect, useMemo, useRef, useState, type RefObject } from 'react'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import type { Reader } from '../use-reader'
import { showPreview } from './preview-layer'
import { taughtIn, teach, withLines, type Taught } from './taught-layer'
import { changedLines, outcomeOf, whatFollows, type Following } from './what-follows'

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

/** A kept notation, and what would follow from reading by it. */
export interface Offer {
  readonly notation: Notation
  readonly following: Following
}

interface Given {
  readonly view: RefObject<EditorView | null>
  readonly reader: Reader
  /** The draft as it stands, with what would be taught. */
  readonly sourceWith: (taught: Taught) => DraftSource
  readonly reading: Reading | null
  readonly taught: Taught
}

/** What people say that lines are, what would follow from it, and notations. */
export function useTeaching({ view, reader, sourceWith, reading, taught }: Given): Teaching {
  const tell = useTell()
  const [open, setOpen] = useState<OpenLines | null>(null)
  const [alike, setAlike] = useState(true)
  const [following, setFollowing] = useState<Following | null>(null)
  const asked = useRef(0)
  /** What was considered when `following` was found out; another part may be considered by now. */
  const knownFor = useRef<LinePart | null>(null)
  const readingNow = useRef(reading)
  useEffect(() => {
    readingNow.current = reading
  })

  const leave = useCallback(() => {
    asked.current++
    setFollowing(null)
    view.current?.dispatch({ effects: showPreview.of([]) })
  }, [view])

  const preview = useCallback(
    async (next: Taught, said: { readonly lines: readonly number[]; readonly part: LinePart } | null) => {
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

  const undoable = useCallback(
    (text: string) =>
      tell(text, {
        undo: () => {
          if (view.current) undo(view.current)
        },
      }),
    [tell, view],
  )

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
    [alike, close, following, open, tell, undoable, view],
  )

  const say = useCallback(
    (said: readonly SaidLine[]) => {
      const editor = view.current
      if (!editor) return
      const next = said.reduce(
        (taught, { from, part }) => withLines(editor.state, [from], part, false, taught),
        taughtIn(editor.state),
      )
      teach(editor, next)
      const [first] = said
      if (first) undoable(`${counted(said.length, 'line', 'lines')}: ${PART_KINDS[first.part].says.toLowerCase()}.`)
      leave()
    },
    [leave, undoable, view],
  )

  const takeBack = useCallback(
    (places: readonly number[]) => {
      const editor = view.current
      if (!editor) return
      teach(editor, withLines(editor.state, places, null, false))
      undoable(`What was said of ${counted(places.length, 'line', 'lines')} is taken back.`)
    },
    [undoable, view],
  )

  const readBy = useCallback(
    (notation: Notation | null) => {
      const editor = view.current
      if (!editor) return
      const before = taughtIn(editor.state)
      teach(editor, { ...before, notation })
      leave()
      undoable(notation ? `Read by the notation “${notation.name}”.` : `Read without “${before.notation?.name ?? ''}”.`)
    },
    [leave, undoable, view],
  )

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

  const openLines = useCallback(
    (lines: OpenLines) => {
      if (!lines.lines.length) return tell('There is no text on that line.')
      setAlike(true)
      setFollowing(null)
      setOpen(lines)
    },
    [tell],
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
    considerNotation,
    leave,
    settle,
    say,
    takeBack,
    readBy,
    notation,
    offers,
  }
}

/** "Line 4", "Lines 4 to 7". */
export function named(lines: readonly number[]): string {
  const [first = 0] = lines
  const last = lines.at(-1) ?? first
  return first === last ? `Line ${first}` : `Lines ${first} to ${last}`
}
