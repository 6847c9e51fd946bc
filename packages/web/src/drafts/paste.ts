import type { SourceStyle } from '@zakuska/core'
import type { EditorView } from '@codemirror/view'
import { openFile } from './files'
import { insertDressed } from './style-layer'

/**
 * Puts what was pasted in at once as plain text, and in its dress as soon as that is read. An undo takes the dress
 * back first. Where the text was changed in the meantime, or nothing can be read, the plain text stays.
 *
 * @returns whether more than the plain text was put in.
 */
export async function pasteDressed(view: EditorView, file: File, plain: string): Promise<boolean> {
  const { from } = view.state.selection.main
  const inserted = plain.replace(/\r\n?/g, '\n')
  view.dispatch(view.state.replaceSelection(inserted), { userEvent: 'input.paste', scrollIntoView: true })
  const opened = await openFile(file)
  const to = from + inserted.length
  const text = opened.text.replace(/\n+$/, inserted.endsWith('\n') ? '\n' : '')
  const styles: SourceStyle[] = opened.styles
    .filter((style) => style.from < text.length)
    .map((style) => ({ ...style, to: Math.min(style.to, text.length) }))
  if (!text.trim() || view.state.sliceDoc(from, to) !== inserted) return false
  if (text === inserted && !styles.length) return false
  insertDressed(view, { from, to }, text, styles)
  return true
}
