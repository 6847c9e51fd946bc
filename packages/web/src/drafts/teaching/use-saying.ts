import { undo } from '@codemirror/commands'
import type { EditorView } from '@codemirror/view'
import { PART_KINDS, type Notation, type SaidLine } from '@zakuska/core'
import { useCallback, type RefObject } from 'react'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { taughtIn, teach, withLines } from './taught-layer'

type View = RefObject<EditorView | null>

/** Tells what was done to the text, with the way back. */
export function useUndoable(view: View): (text: string) => void {
  const tell = useTell()
  return useCallback(
    (text: string) =>
      tell(text, {
        undo: () => {
          if (view.current) undo(view.current)
        },
      }),
    [tell, view],
  )
}

/** What is said of lines by their places, and of the whole draft by a notation. */
export function useSaying(view: View, undoable: (text: string) => void, leave: () => void) {
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
  return { say, takeBack, readBy }
}
