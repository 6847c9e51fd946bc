import type { SourceStyle } from '@zakuska/core'
import type { EditorView } from '@codemirror/view'
import { openFile } from './files'
import { insertDressed } from './style-layer'

/** What a copied page carries that its plain text loses: dress that may say which option is right, lists, tables. */
const TELLING = 'table, ol, ul, b, strong, u, ins, mark, s, del, sub, sup, h1, h2, h3, h4, h5, h6'
const TELLING_STYLE =
  /font-weight\s*:\s*(?:bold|[6-9]00)|text-decoration[\w-]*\s*:[^;]*underline|background(?:-color)?\s*:/i
/** Three lines or more with cells between tabs were copied from a sheet. */
const FEWEST_ROWS = 3

/**
 * What was pasted as a file that is read like any other, where its plain text would lose something of it.
 *
 * @returns null: the plain text is all there is.
 */
export function pastedFile(html: string, plain: string): File | null {
  if (html && isTelling(html)) return new File([`<html><body>${html}</body></html>`], 'pasted.html')
  if (/^\s*<(?:!doctype html|html[\s>])/i.test(plain)) return new File([plain], 'pasted.html')
  const rows = plain.split(/\r?\n/).filter((line) => line.includes('\t'))
  return rows.length >= FEWEST_ROWS ? new File([plain], 'pasted.txt') : null
}

function isTelling(html: string): boolean {
  const page = new DOMParser().parseFromString(html, 'text/html')
  // A code editor colours all that it copies; its blanks are what tells.
  if (page.body.querySelector('pre') ?? /white-space\s*:\s*pre\b/.test(html.slice(0, 2000))) return false
  // Some copy everything inside of one bold element that says it is not.
  const telling = [...page.body.querySelectorAll<HTMLElement>(TELLING)].filter(
    (element) => !/font-weight\s*:\s*normal/i.test(element.getAttribute('style') ?? ''),
  )
  return (
    telling.length > 0 ||
    [...page.body.querySelectorAll('[style]')].some((element) =>
      TELLING_STYLE.test(element.getAttribute('style') ?? ''),
    )
  )
}

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
