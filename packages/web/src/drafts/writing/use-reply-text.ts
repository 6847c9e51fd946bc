import type { EditorView } from '@codemirror/view'
import { useCallback, useEffect, useRef } from 'react'
import type { Reply } from '../../writing/queries'

/** Letters of a line by which a place in a reply is known again in a draft. */
const TELLING = 12

/** What of a reply is not in a text yet: all after its last telling line that stands there. */
export function restOf(reply: string, text: string): string {
  if (!text.trim()) return reply
  const lines = reply.split('\n')
  for (let at = lines.length - 1; at >= 0; at--) {
    const line = lines[at] ?? ''
    if (line.trim().length < TELLING || !text.includes(line.trim())) continue
    const rest = lines.slice(at + 1).join('\n')
    // A line of the key alone is too short to tell; it may be there all the same.
    return text.trimEnd().endsWith(rest.trim()) ? '' : rest
  }
  return reply
}

export interface ReplyText {
  /** Puts in what is not there yet. */
  readonly putIn: () => void
}

interface Target {
  readonly view: () => EditorView | null
  readonly mayWrite: boolean
  /** Saves, and says that all of it is there. */
  readonly whole: () => void
}

/**
 * Puts a reply at the end of the text as it grows. Into an empty draft it goes by itself; one that came while nobody was
 * looking waits to be put in.
 */
// eslint-disable-next-line max-lines-per-function -- short callbacks over the same refs, none of use without the others
export function useReplyText(reply: Reply | undefined, { view, mayWrite, whole }: Target): ReplyText {
  const placed = useRef<{ readonly id: string; length: number } | null>(null)
  const latest = useRef(whole)
  useEffect(() => {
    latest.current = whole
  })
  const append = useCallback(
    (text: string): void => {
      const editor = view()
      if (!editor || !text) return
      const { length } = editor.state.doc
      const hasEnd = length === 0 || editor.state.doc.line(editor.state.doc.lines).text === ''
      editor.dispatch({ changes: { from: length, insert: hasEnd || placed.current?.length ? text : `\n\n${text}` } })
    },
    [view],
  )
  const grow = useCallback(
    ({ id, text, state, isTaken }: Reply): void => {
      if (placed.current?.id !== id) return
      append(text.slice(placed.current.length))
      placed.current.length = text.length
      if (state !== 'writing' && !isTaken) latest.current()
    },
    [append],
  )
  useEffect(() => {
    const editor = view()
    if (!reply || !editor || !mayWrite || reply.isTaken) return
    if (placed.current?.id !== reply.id && editor.state.doc.length === 0) placed.current = { id: reply.id, length: 0 }
    grow(reply)
  }, [reply, view, mayWrite, grow])
  const putIn = useCallback((): void => {
    const editor = view()
    if (!reply || !editor) return
    const rest = restOf(reply.text, editor.state.doc.toString())
    placed.current = { id: reply.id, length: 0 }
    append(rest)
    placed.current.length = reply.text.length
    if (reply.state !== 'writing') latest.current()
  }, [reply, view, append])
  return { putIn }
}
