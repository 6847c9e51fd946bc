import type { EditorView } from '@codemirror/view'
import { useCallback, type RefObject } from 'react'
import { useTell } from '../../parts/notices'
import { stylesIn } from '../style-layer'
import { taughtIn, type Taught } from '../teaching/taught-layer'
import { deskKeys, openEditor, pasteInto, type DeskCommands } from './desk-view'
import { linesToTeach } from './lines-to-teach'
import type { Live } from './live'
import type { Now } from './now'

interface Given {
  readonly live: RefObject<Live>
  readonly view: RefObject<EditorView | null>
  readonly now: RefObject<Now>
  readonly commands: RefObject<DeskCommands>
  /** The text, its dress or what was taught of it changed. */
  readonly changed: (taught: Taught) => void
  /** The cursor came into an item. */
  readonly cameTo: (index: number) => void
}

/** The editor of the desk. @returns what its element is given to. */
export function useText({ live, view, now, commands, changed, cameTo }: Given) {
  const tell = useTell()
  return useCallback(
    (element: HTMLElement | null) => {
      view.current?.destroy()
      view.current = null
      if (!element) return
      view.current = openEditor(element, live.current, now.current.hooks.mayWrite, {
        changed: (editor, map) => {
          Object.assign(live.current, {
            text: editor.state.doc.toString(),
            styles: stylesIn(editor.state),
            taught: taughtIn(editor.state),
            followed: live.current.followed.map((item) => ({
              ...item,
              from: map(item.from, 1),
              to: map(item.to, -1),
            })),
          })
          changed(live.current.taught)
        },
        moved: (editor) => {
          const at = editor.state.selection.main.head
          const index = now.current.items.findIndex((item) => item.read.from <= at && at <= item.read.to)
          if (index >= 0) cameTo(index)
        },
        pasted: (editor, data) => pasteInto(editor, data, tell),
        scrolled: (editor) => now.current.hooks.scrolled(editor),
        asked: (editor, lines) => commands.current.openLines(linesToTeach(editor, lines)),
        keys: deskKeys(() => commands.current),
      })
    },
    [cameTo, changed, commands, live, now, tell, view],
  )
}
