import { redo, undo } from '@codemirror/commands'
import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { deskExtensions, type EditorHooks } from '../editor'
import { pasteDressed } from '../paste'
import { pastedFile } from '../pasted-file'
import { styleLayer } from '../style-layer'
import { previewLayer } from '../teaching/preview-layer'
import { taughtLayer } from '../teaching/taught-layer'
import type { OpenLines } from '../teaching/use-teaching'
import type { DeskContent } from './saver'

const PASTED_DRESSED = 'Pasted with its lists, tables and bold or underlined words. Undo leaves the plain text.'

/** What the keys of the desk do. */
export interface DeskCommands {
  readonly goTo: (step: 1 | -1) => void
  readonly nextTrouble: (step: 1 | -1) => void
  readonly signOffHere: () => unknown
  readonly mendHere: () => unknown
  readonly teachHere: () => unknown
  readonly toItems: () => void
  /** Asks what lines are. */
  readonly openLines: (lines: OpenLines) => void
}

const nothing = (): void => undefined

/** Until the page is there. */
export const NO_COMMANDS: DeskCommands = {
  goTo: nothing,
  nextTrouble: nothing,
  signOffHere: nothing,
  mendHere: nothing,
  teachHere: nothing,
  toItems: nothing,
  openLines: nothing,
}

type Tell = (says: string, more?: { readonly undo: () => void }) => void

/** The editor of a draft, with the dress of its text and what was taught of its lines. */
export function openEditor(
  parent: HTMLElement,
  { text, styles, taught }: Pick<DeskContent, 'text' | 'styles' | 'taught'>,
  mayWrite: boolean,
  hooks: EditorHooks,
): EditorView {
  const layers = [
    styleLayer(styles, text),
    taughtLayer(taught, text.length),
    previewLayer,
    mayWrite ? [] : [EditorState.readOnly.of(true), EditorState.changeFilter.of(() => false)],
  ]
  return new EditorView({ parent, state: EditorState.create({ doc: text, extensions: deskExtensions(hooks, layers) }) })
}

/** @param commands gives the commands as they are when a key is pressed. */
export function deskKeys(commands: () => DeskCommands): EditorHooks['keys'] {
  const key = (name: string, does: (now: DeskCommands) => void): EditorHooks['keys'][number] => ({
    key: name,
    run: () => {
      does(commands())
      return true
    },
  })
  return [
    key('F9', (now) => now.teachHere()),
    key('F8', (now) => now.nextTrouble(1)),
    key('Shift-F8', (now) => now.nextTrouble(-1)),
    key('Alt-ArrowDown', (now) => now.goTo(1)),
    key('Alt-ArrowUp', (now) => now.goTo(-1)),
    key('Alt-Enter', (now) => now.signOffHere()),
    key('Mod-Enter', (now) => now.mendHere()),
    key('Escape', (now) => now.toItems()),
  ]
}

/** Pastes what has a dress with it. @returns whether it is such a thing; else the editor pastes it as text. */
export function pasteInto(editor: EditorView, data: DataTransfer, tell: Tell): boolean {
  const plain = data.getData('text/plain')
  const file = plain ? pastedFile(data.getData('text/html'), plain) : null
  if (!file) return false
  pasteDressed(editor, file, plain)
    .then((isDressed) => {
      if (isDressed) tell(PASTED_DRESSED, { undo: () => undo(editor) })
    })
    .catch(() => tell('Pasted as plain text: what it looks like could not be read just now.'))
  return true
}

export function undoIn(view: EditorView | null): void {
  if (view) undo(view)
}

export function redoIn(view: EditorView | null): void {
  if (view) redo(view)
}
