import type { EditorView } from '@codemirror/view'
import type { FollowedItem, Mark, Reading } from '@zakuska/core'
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState, type RefObject } from 'react'
import { useTell } from '../parts/notices'
import { NO_COMMANDS, redoIn, undoIn } from './desk/desk-view'
import { linesToTeach } from './desk/lines-to-teach'
import { liveFrom, type Live } from './desk/live'
import type { DeskHooks, Now } from './desk/now'
import type { SaveState } from './desk/saver'
import { startingText } from './desk/starting-text'
import { useMending } from './desk/use-mending'
import { usePlaces } from './desk/use-places'
import { useReading } from './desk/use-reading'
import { useSaving, type Meeting } from './desk/use-saving'
import { useSigning } from './desk/use-signing'
import { useText } from './desk/use-text'
import { linesLeftOut, type DeskItem, type TroubleGroup } from './desk-state'
import { showReading } from './editor'
import type { Choice } from './merge/merge-texts'
import type { SavedDraft } from './queries'
import type { Taught } from './teaching/taught-layer'
import { useTeaching, type Teaching } from './teaching/use-teaching'

export interface Desk {
  readonly attach: (element: HTMLElement | null) => void
  readonly view: () => EditorView | null
  readonly items: readonly DeskItem[]
  readonly reading: Reading | null
  readonly here: number
  readonly title: string
  readonly setTitle: (title: string) => void
  readonly saveState: SaveState
  readonly groups: readonly TroubleGroup[]
  readonly goTo: (index: number) => void
  readonly goToMark: (item: number, mark: Mark) => void
  readonly nextTrouble: (step: 1 | -1) => void
  readonly setKey: (item: number, option: number) => void
  /** Signs an item off and goes on to the next that waits; one that is signed off stays so. */
  readonly signOff: (item: number) => void
  readonly takeBack: (item: number) => void
  readonly takeMend: (mark: Mark) => void
  readonly takeMends: (marks: readonly Mark[]) => void
  /** Says of doubtful lines that they are right as they are read. */
  readonly keepAsRead: (marks: readonly Mark[]) => void
  readonly tidy: () => void
  /** The key in a text of its own; null where the draft has none. */
  readonly keyText: string | null
  readonly setKeyText: (text: string | null) => void
  readonly teaching: Teaching
  readonly undo: () => void
  readonly redo: () => void
  /** Saves now; the newest saved draft, or null where it could not be saved. */
  readonly flush: () => Promise<SavedDraft | null>
  /** What somebody else changed at the same places, until it is settled. */
  readonly meeting: Meeting | null
  readonly settle: (choices: readonly Choice[]) => void
  /** The draft as the server has it after something else changed it. */
  readonly accept: (draft: SavedDraft) => void
}

/** The desk of a draft: the text is the truth, and reading, following and saving go after it. */
// eslint-disable-next-line max-lines-per-function -- it puts the parts of the desk together, and has no step of its own
export function useDesk(draft: SavedDraft, hooks: DeskHooks): Desk {
  const start = useMemo(() => startingText(draft), [draft])
  const [live] = useState<RefObject<Live>>(() => ({ current: liveFrom(start, draft) }))
  const view = useRef<EditorView | null>(null)
  const now = useRef<Now>({ hooks, items: [], marks: [] })
  const commands = useRef(NO_COMMANDS)
  const [fields, show] = useState({ title: start.title, keyText: start.keyText })
  const [taught, setTaught] = useState(start.taught)
  const { reader, reading, items, read, sourceWith, follow } = useReading(live)
  const { saver, saveState, touch, meeting, settle } = useSaving({ draft, start, live, view, now, read, show })
  const { here, slip, groups, goTo, goToMark, nextTrouble, cameTo, closeSlip } = usePlaces(view, items, now, reading)
  const teaching = useTeaching({ view, reader, sourceWith, reading, taught })
  const changed = useCallback(
    (next: Taught) => {
      setTaught(next)
      closeSlip()
      read()
      touch()
    },
    [closeSlip, read, touch],
  )
  const attach = useText({ live, view, now, commands, changed, cameTo })
  const setFields = useCallback(
    (next: Partial<typeof fields>) => {
      Object.assign(live.current, next)
      show(({ title, keyText }) => ({ title, keyText, ...next }))
      if (next.keyText !== undefined) read()
      touch()
    },
    [live, read, touch],
  )
  const setKeyText = useCallback((keyText: string | null) => setFields({ keyText }), [setFields])
  const setTitle = useCallback((title: string) => setFields({ title }), [setFields])
  const whenRead = useWhenRead(live, now)
  const signing = useSigning({ live, view, now, whenRead, follow, touch, closeSlip, goTo })
  const mending = useMending({ live, view, now, reading, whenRead, setKeyText, say: teaching.say })
  const { takeMend, keepAsRead } = mending
  useFirstReading(read, touch, start.restored)

  useEffect(() => {
    const editor = view.current
    if (!editor || !reading || live.current.text.length !== editor.state.doc.length) return
    const aside = linesLeftOut(reading)
    editor.dispatch({ effects: showReading.of({ items, aside, here, slip, takeMend, keepAsRead }) })
  }, [items, reading, here, slip, takeMend, keepAsRead, live])

  const accept = useCallback(
    (saved: SavedDraft) => {
      saver.accept(saved)
      follow(withBankIds(live.current.followed, saved))
    },
    [follow, live, saver],
  )

  // Before the next key press can be handled, not after the next paint.
  useLayoutEffect(() => {
    const marks = [...items.flatMap((item) => item.read.marks), ...(reading?.marks ?? [])]
    now.current = { hooks, items, marks }
    commands.current = {
      goTo: (step) => goTo(Math.max(0, Math.min(items.length - 1, here + step))),
      nextTrouble,
      signOffHere: () => here >= 0 && signing.signOff(here),
      mendHere: () => slip?.mend && takeMend(slip),
      teachHere: () =>
        view.current && teaching.openLines(linesToTeach(view.current, view.current.state.selection.main)),
      toItems: hooks.toItems,
      openLines: teaching.openLines,
    }
    // What waited for this reading is done by it.
    live.current.steps.show(live.current.shownVersion)
  })

  return {
    ...{ attach, items, reading, here, saveState, groups, goTo, goToMark, nextTrouble, teaching, meeting, settle },
    ...{ ...fields, setTitle, setKeyText, accept, ...signing, ...mending },
    view: () => view.current,
    undo: () => undoIn(view.current),
    redo: () => redoIn(view.current),
    flush: () => saver.save(),
  }
}

/** Reads what the desk begins with; what the browser kept of it is saved. */
function useFirstReading(read: () => void, touch: () => void, isRestored: boolean): void {
  const tell = useTell()
  useEffect(() => {
    read()
    if (!isRestored) return
    touch()
    tell('Text from before the window closed was brought back.')
  }, [isRestored, read, tell, touch])
}

/** @returns a way to do something to the item that now stands at a place, once the text as it stands is read. */
function useWhenRead(live: RefObject<Live>, now: RefObject<Now>) {
  return useCallback(
    (index: number, step: (item: DeskItem) => void) => {
      const ref = now.current.items[index]?.followed.ref
      live.current.steps.run(() => {
        const item = now.current.items.find((one) => one.followed.ref === ref)
        if (item) step(item)
      })
    },
    [live, now],
  )
}

function withBankIds(followed: readonly FollowedItem[], saved: SavedDraft): FollowedItem[] {
  const ids = new Map(saved.followed.map((item) => [item.fingerprint, item.bankItemId]))
  return followed.map((item) => ({ ...item, bankItemId: ids.get(item.fingerprint) ?? item.bankItemId }))
}
