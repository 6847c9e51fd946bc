import { EditorView } from '@codemirror/view'
import type { OpenLines } from '../teaching/use-teaching'

/** Room for what is asked, on a narrow screen. */
const MENU_WIDTH = 280

/** The lines between two places, with where it is asked what they are: beside the text, which shows what would follow. */
export function linesToTeach(
  editor: EditorView,
  { from, to }: { readonly from: number; readonly to: number },
): OpenLines {
  const { doc } = editor.state
  const [first, last] = [doc.lineAt(from).number, doc.lineAt(to).number]
  const lines = Array.from({ length: last - first + 1 }, (_none, at) => first + at).filter(
    (number) => doc.line(number).text.trim() !== '',
  )
  const top = editor.coordsAtPos(doc.line(last).from)?.top ?? 0
  return {
    lines,
    places: lines.map((number) => doc.line(number).from),
    at: { left: Math.min(editor.dom.getBoundingClientRect().right, window.innerWidth - MENU_WIDTH), top },
  }
}
