import type { EditorView } from '@codemirror/view'
import { useCallback, useEffect, useRef, type KeyboardEvent, type RefObject } from 'react'
import type { DeskItem } from '../desk-state'
import type { Desk } from '../use-desk'

export interface Pane {
  readonly pane: RefObject<HTMLDivElement | null>
  /** What leads on from the desk. */
  readonly onward: RefObject<HTMLDivElement | null>
  /** The items that stand in it now. */
  readonly show: (items: readonly DeskItem[]) => void
  readonly scrolled: (editor: EditorView) => void
  readonly toItems: () => void
  readonly wentOn: (next: number | null) => void
}

/** The side of the items, and how text and steps lead into it. */
export function usePane(): Pane {
  const pane = useRef<HTMLDivElement>(null)
  const onward = useRef<HTMLDivElement>(null)
  const items = useRef<readonly DeskItem[]>([])
  const show = useCallback((now: readonly DeskItem[]) => void (items.current = now), [])
  const scrolled = useCallback((editor: EditorView) => keepLevel(editor, pane.current, items.current), [])
  const toItems = useCallback(() => {
    const card = (which: string) => pane.current?.querySelector<HTMLElement>(`[data-item]${which}`)
    ;(card('[data-here="true"]') ?? card(''))?.focus()
  }, [])
  const wentOn = useCallback((next: number | null) => goOn(next, pane.current, onward.current), [])
  return { pane, onward, show, scrolled, toItems, wentOn }
}

/** An empty draft waits for what is pasted. */
export function useTextFirst({ view }: Desk, isEmpty: boolean): void {
  useEffect(() => {
    if (isEmpty) view()?.focus()
    // Once, when it opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isEmpty])
}

/** F8 goes to the next trouble, wherever the focus is. */
export function useTroubleKey(nextTrouble: Desk['nextTrouble']): void {
  useEffect(() => {
    const anywhere = (event: globalThis.KeyboardEvent): void => {
      if (event.key !== 'F8' || event.defaultPrevented) return
      event.preventDefault()
      nextTrouble(event.shiftKey ? -1 : 1)
    }
    window.addEventListener('keydown', anywhere)
    return () => window.removeEventListener('keydown', anywhere)
  }, [nextTrouble])
}

/** Keys of the item side: letters set the key, Enter signs off and goes on, Backspace takes back, arrows walk. */
export function paneKeys(event: KeyboardEvent, desk: Desk): void {
  const index = Number((event.target as HTMLElement).closest<HTMLElement>('[data-item]')?.dataset['item'] ?? -1)
  const item = desk.items[index]
  const handled = ((): boolean => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z')
      return done(() => (event.shiftKey ? desk.redo() : desk.undo()))
    if (event.ctrlKey || event.metaKey || event.altKey || !item) return false
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp')
      return done(() => focusItem(event.currentTarget as HTMLElement, index + (event.key === 'ArrowDown' ? 1 : -1)))
    if (event.key === 'Enter' && (event.target as HTMLElement).dataset['item'] !== undefined)
      return done(() => desk.signOff(index))
    if (event.key === 'Backspace' && (event.target as HTMLElement).dataset['item'] !== undefined)
      return done(() => desk.takeBack(index))
    if (event.key === 'Escape')
      return done(() => {
        desk.goTo(index)
        desk.view()?.focus()
      })
    return keyByLetter(event.key, item, index, desk)
  })()
  if (handled) event.preventDefault()
}

function done(run: () => void): true {
  run()
  return true
}

function keyByLetter(key: string, { read }: DeskItem, index: number, desk: Desk): boolean {
  if (!/^[a-z]$/i.test(key)) return false
  const letter = key.toLowerCase()
  if (read.item.kind === 'truefalse') {
    if (letter !== 't' && letter !== 'f') return false
    return done(() => desk.setKey(index, letter === 't' ? 0 : 1))
  }
  const option = letter.charCodeAt(0) - 97
  if ((read.item.kind !== 'single' && read.item.kind !== 'multiple') || option >= read.item.options.length) return false
  return done(() => desk.setKey(index, option))
}

/** The next item that waits; where none does, the next step. Who signs off in the text stays there. */
function goOn(next: number | null, pane: HTMLElement | null, onward: HTMLElement | null): void {
  if (next === null) return onward?.querySelector<HTMLElement>('[data-lead]')?.focus()
  if (pane && !document.activeElement?.closest('.cm-editor')) focusItem(pane, next)
}

function focusItem(pane: HTMLElement, index: number): void {
  pane.querySelector<HTMLElement>(`[data-item="${index}"]`)?.focus()
}

/** Scrolls the items so that the one at the top of the text stands level with its lines. */
function keepLevel(editor: EditorView, pane: HTMLElement | null, items: readonly DeskItem[]): void {
  if (!pane || pane.contains(document.activeElement)) return
  const top = editor.scrollDOM.scrollTop
  const block = editor.lineBlockAtHeight(top)
  const at = items.findLastIndex((item) => item.read.from <= block.from)
  const card = pane.querySelector<HTMLElement>(`[data-item="${Math.max(0, at)}"]`)
  if (!card) return
  const from = Math.min(items[Math.max(0, at)]?.read.from ?? 0, editor.state.doc.length)
  const into = at < 0 ? 0 : Math.max(0, top - editor.lineBlockAt(from).top)
  pane.scrollTop = at < 0 && top < 40 ? 0 : card.offsetTop - pane.offsetTop + Math.min(into, card.offsetHeight)
}
