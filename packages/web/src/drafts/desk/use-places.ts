import type { Mark, Reading } from '@zakuska/core'
import { EditorView } from '@codemirror/view'
import { useCallback, useLayoutEffect, useMemo, useRef, useState, type RefObject } from 'react'
import { useTell } from '../../parts/notices'
import { stopsOf, troubleGroups, type DeskItem, type TroubleGroup } from '../desk-state'
import { nextStop } from './next-stop'
import type { Now } from './now'

export interface DeskPlaces {
  /** The item that is looked at; −1: none. */
  readonly here: number
  /** The mark whose slip is open. */
  readonly slip: Mark | null
  readonly groups: readonly TroubleGroup[]
  readonly goTo: (index: number) => void
  readonly goToMark: (item: number, mark: Mark) => void
  readonly nextTrouble: (step: 1 | -1) => void
  /** The text was changed, or what the slip asks was done. */
  readonly closeSlip: () => void
  /** The cursor came into an item. */
  readonly cameTo: (index: number) => void
}

/** Where on the desk somebody is, and the ways from there to what is left to decide. */
// eslint-disable-next-line max-lines-per-function -- short callbacks over the same refs, none of use without the others
export function usePlaces(
  view: RefObject<EditorView | null>,
  items: readonly DeskItem[],
  now: RefObject<Now>,
  reading: Reading | null,
): DeskPlaces {
  const tell = useTell()
  const [chosen, cameTo] = useState(-1)
  const [chosenMark, setSlip] = useState<Mark | null>(null)
  // Until somebody chooses, the first that waits.
  const here = chosen >= 0 ? chosen : items.findIndex(({ followed: { signOff } }) => !signOff)
  const groups = useMemo(() => troubleGroups(items, reading?.marks), [items, reading])
  // A mark that a newer reading no longer has shows no slip any more.
  const slip = useMemo(
    () => (chosenMark && isThere(chosenMark, items, reading) ? chosenMark : null),
    [chosenMark, items, reading],
  )
  const latest = useRef({ groups, slip })
  useLayoutEffect(() => {
    latest.current = { groups, slip }
  })
  const goTo = useCallback(
    (index: number) => {
      const item = now.current.items[index]
      const editor = view.current
      if (!item || !editor) return
      cameTo(index)
      setSlip(item.followed.signOff ? null : (item.read.marks.find((mark) => mark.severity !== 'told') ?? null))
      show(editor, item.read.from, { y: 'nearest', yMargin: 60 })
    },
    [now, view],
  )
  const goToMark = useCallback(
    (item: number, mark: Mark) => {
      if (!view.current) return
      cameTo(item)
      setSlip(mark)
      show(view.current, mark.from, { y: 'center' })
    },
    [view],
  )
  const nextTrouble = useCallback(
    (step: 1 | -1) => {
      const stops = stopsOf(latest.current.groups)
      const next = nextStop(stops, latest.current.slip, view.current?.state.selection.main.head ?? -1, step)
      if (next) goToMark(next.item, next.mark)
      else tell('Nothing is left to decide.')
    },
    [goToMark, tell, view],
  )
  return { here, slip, groups, goTo, goToMark, nextTrouble, cameTo, closeSlip: useCallback(() => setSlip(null), []) }
}

function isThere(mark: Mark, items: readonly DeskItem[], reading: Reading | null): boolean {
  return Boolean(reading?.marks.includes(mark)) || items.some((item) => item.read.marks.includes(mark))
}

function show(editor: EditorView, place: number, how: Parameters<typeof EditorView.scrollIntoView>[1]): void {
  const at = Math.min(place, editor.state.doc.length)
  editor.dispatch({ selection: { anchor: at }, effects: EditorView.scrollIntoView(at, how) })
}
