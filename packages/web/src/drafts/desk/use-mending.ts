import { undo } from '@codemirror/commands'
import type { EditorView } from '@codemirror/view'
import { tidyReading, withoutKeyEntry, type Mark, type Mend, type Reading } from '@zakuska/core'
import { useCallback, type RefObject } from 'react'
import { useTell } from '../../parts/notices'
import type { DeskItem } from '../desk-state'
import { applyToEditor } from '../editor'
import { undress } from '../style-layer'
import { keyEdits } from './key-edits'
import type { Live } from './live'
import type { Now } from './now'

const LOOKING_ON = 'You look on here; to change drafts takes an editor.'

interface Given {
  readonly live: RefObject<Live>
  readonly view: RefObject<EditorView | null>
  readonly now: RefObject<Now>
  readonly reading: Reading | null
  readonly whenRead: (index: number, step: (item: DeskItem) => void) => void
  readonly setKeyText: (text: string | null) => void
  readonly say: (lines: NonNullable<Mend['says']>) => void
}

/** What changes the text of a draft by its reading: mends, keys, tidying. */
// eslint-disable-next-line max-lines-per-function -- short callbacks over the same refs, none of use without the others
export function useMending({ live, view, now, reading, whenRead, setKeyText, say }: Given) {
  const tell = useTell()
  const take = useCallback(
    (marks: readonly Mark[], mendOf: (mark: Mark) => Mend | undefined) =>
      live.current.steps.run(() => {
        if (!now.current.hooks.mayWrite) return tell(LOOKING_ON, { tone: 'trouble' })
        const mends = sameMarks(marks, now.current.marks).flatMap((mark) => mendOf(mark) ?? [])
        const edits = mends.flatMap((mend) => mend.edits)
        const lines = mends.flatMap((mend) => mend.says ?? [])
        if (view.current && edits.length) applyToEditor(view.current, edits)
        if (lines.length) say(lines)
      }),
    [live, now, say, tell, view],
  )
  const takeMends = useCallback((marks: readonly Mark[]) => take(marks, (mark) => mark.mend), [take])
  const keepAsRead = useCallback((marks: readonly Mark[]) => take(marks, (mark) => mark.stays), [take])
  const takeMend = useCallback((mark: Mark) => takeMends([mark]), [takeMends])
  const keyItem = useCallback(
    (item: DeskItem, option: number) => {
      const editor = view.current
      if (!editor) return
      if (!now.current.hooks.mayWrite) return tell(LOOKING_ON, { tone: 'trouble' })
      const edits = keyEdits(live.current.text, item.read, option)
      if (!edits.length) return
      // A key that was dressed up gives way to the one that is set, and so does one in the text of the key.
      undress(editor, item.read.places.options)
      applyToEditor(editor, edits)
      const { keyText: listed } = live.current
      const left = listed && item.read.number ? withoutKeyEntry(listed, item.read.number) : null
      if (left === null) return
      setKeyText(left)
      tell(`The entry for ${item.read.number ?? ''} was taken out of the key, since the item says its own now.`, {
        undo: () => setKeyText(listed),
      })
    },
    [live, now, setKeyText, tell, view],
  )
  const setKey = useCallback(
    (index: number, option: number) => whenRead(index, (item) => keyItem(item, option)),
    [keyItem, whenRead],
  )
  const tidy = useCallback(() => {
    const editor = view.current
    if (!editor || !reading) return
    if (!reading.items.length) return tell('There is no item to tidy.')
    applyToEditor(editor, [{ from: 0, to: editor.state.doc.length, insert: tidyReading(reading) }])
    tell('The text was tidied; what was set aside is gone from it.', { undo: () => undo(editor) })
  }, [reading, tell, view])
  return { takeMend, takeMends, keepAsRead, setKey, tidy }
}

/** Marks of a reading that a newer one took the place of are found again by what they say. */
export function sameMarks(marks: readonly Mark[], now: readonly Mark[]): Mark[] {
  return marks.flatMap(
    (mark) => now.find((one) => one === mark) ?? now.find((one) => one.message === mark.message) ?? [],
  )
}
