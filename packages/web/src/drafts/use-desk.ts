import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { redo, undo } from '@codemirror/commands'
import {
  editsForOptions,
  editsForTruth,
  tidyReading,
  withoutKeyEntry,
  type DraftSource,
  type FollowedItem,
  type Mark,
  type Mend,
  type Reading,
  type ReadItem,
  type SourceStyle,
  type TextEdit,
} from '@zakuska/core'
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import { ApiProblem } from '../api/client'
import { saveBeforeLeaving } from '../parts/leaving'
import { useTell } from '../parts/notices'
import { dropBackup, keepBackup, readBackup } from './backup'
import { deskItems, followAll, linesLeftOut, stopsOf, troubleGroups, whyNotSigned, type DeskItem } from './desk-state'
import { applyToEditor, deskExtensions, showReading } from './editor'
import { clashesWith, meet } from './merge/meet'
import { editsBetween, type Choice, type Clash } from './merge/merge-texts'
import { fetchDraft, saveDraft, type SavedDraft } from './queries'
import type { ReadAnswer } from './reader.worker'
import { rewrite, styleLayer, stylesIn, undress } from './style-layer'
import { pasteDressed } from './paste'
import { pastedFile } from './pasted-file'
import { sentNotation } from './teaching/notation-queries'
import { previewLayer } from './teaching/preview-layer'
import { taughtIn, taughtLayer, teach, type Taught } from './teaching/taught-layer'
import { useTeaching, type OpenLines, type Teaching } from './teaching/use-teaching'
import { useReader } from './use-reader'
import { WhenRead } from './when-read'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict'

const SAVE_AFTER_MS = 700
const MAX_DORMANT = 200
const RETRY_AFTER_MS = 5000
const BACKUP_EVERY_MS = 250

export interface Desk {
  readonly attach: (element: HTMLElement | null) => void
  readonly view: () => EditorView | null
  readonly items: readonly DeskItem[]
  readonly reading: Reading | null
  readonly here: number
  readonly title: string
  readonly setTitle: (title: string) => void
  readonly saveState: SaveState
  readonly groups: ReturnType<typeof troubleGroups>
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

/** Two changed one draft: what the other one saved, and the lines that both changed. */
export interface Meeting {
  readonly theirs: SavedDraft
  readonly clashes: readonly Clash[]
}

interface DeskHooks {
  readonly personName: string
  readonly scrolled: (view: EditorView) => void
  readonly toItems: () => void
  /** An item was signed off; the place of the next that waits, null where none does. */
  readonly wentOn: (next: number | null) => void
  /** Who may not write looks on; who may sign off does only that. */
  readonly mayWrite: boolean
  readonly maySignOff: boolean
}

const LOOKING_ON = 'You look on here; to change drafts takes an editor.'
const PASTED_DRESSED = 'Pasted with its lists, tables and bold or underlined words. Undo leaves the plain text.'

/** Everything the desk does: the text is the truth, and reading, following and saving go after it. */
export function useDesk(draft: SavedDraft, hooks: DeskHooks): Desk {
  const tell = useTell()
  const start = useMemo(() => startingText(draft), [draft])
  const [title, setTitleState] = useState(start.title)
  const [keyText, setKeyTextState] = useState(start.keyText)
  const [taught, setTaught] = useState(start.taught)
  const [reading, setReading] = useState<Reading | null>(null)
  const [followed, setFollowed] = useState<readonly FollowedItem[]>(draft.followed as FollowedItem[])
  const [chosen, setHere] = useState(-1)
  const [chosenMark, setSlip] = useState<Mark | null>(null)
  const [saveState, setSaveState] = useState<SaveState>('saved')
  const [meeting, setMeeting] = useState<Meeting | null>(null)
  const view = useRef<EditorView | null>(null)
  const live = useRef({
    text: start.text,
    styles: start.styles,
    keyText: start.keyText,
    taught: start.taught,
    title: start.title,
    followed: draft.followed as readonly FollowedItem[],
    dormant: [] as readonly FollowedItem[],
    version: start.version,
    agreed: {
      title: draft.title,
      text: start.base,
      keyText: draft.keyText,
      followed: draft.followed as readonly FollowedItem[],
    },
    steps: new WhenRead(),
    shownVersion: 0,
    saveTimer: 0,
    backupTimer: 0,
    saving: null as Promise<SavedDraft | null> | null,
    dirty: false,
    dead: false,
  })
  const items = useMemo(() => (reading ? deskItems(reading, followed) : []), [reading, followed])
  // Until somebody chooses, the first that waits.
  const here = chosen >= 0 ? chosen : items.findIndex(({ followed: { signOff } }) => !signOff)
  const groups = useMemo(() => troubleGroups(items, reading?.marks), [items, reading])
  // A mark that a newer reading no longer has shows no slip any more.
  const slip = useMemo(
    () =>
      chosenMark && (reading?.marks.includes(chosenMark) || items.some((item) => item.read.marks.includes(chosenMark)))
        ? chosenMark
        : null,
    [chosenMark, items, reading],
  )
  const lastAnswer = useRef<LastAnswer>({ answer: 0, reading: null })
  const reader = useReader(
    useCallback((answer: ReadAnswer) => {
      const fresh = wholeReading(answer, lastAnswer.current)
      lastAnswer.current = { answer: answer.answer, reading: fresh }
      if (!live.current.steps.isLatest(answer.version)) return
      live.current.shownVersion = answer.version
      const known = [...live.current.followed, ...live.current.dormant]
      live.current.followed = followAll(known, fresh)
      // An item that a half-typed word hides for a moment is known again when it shows.
      const found = new Set(live.current.followed.map((item) => item.ref))
      live.current.dormant = known.filter((item) => item.signOff && !found.has(item.ref)).slice(-MAX_DORMANT)
      setReading(fresh)
      setFollowed(live.current.followed)
    }, []),
  )

  const sourceWith = useCallback(({ lines, notation }: Taught): DraftSource => {
    const { text, styles, keyText } = live.current
    return {
      text,
      styles,
      ...(keyText?.trim() && { keyText }),
      ...(lines.length > 0 && { taught: lines }),
      ...(notation && { notation }),
    }
  }, [])

  const read = useCallback(
    () => reader.read({ version: live.current.steps.ask(), source: sourceWith(live.current.taught) }),
    [reader, sourceWith],
  )

  const teaching = useTeaching({ view, reader, sourceWith, reading, taught })

  const backup = useCallback(() => {
    window.clearTimeout(live.current.backupTimer)
    live.current.backupTimer = 0
    if (live.current.dirty)
      keepBackup(draft.id, {
        version: live.current.version,
        base: live.current.agreed.text,
        title: live.current.title,
        text: live.current.text,
        styles: live.current.styles,
        keyText: live.current.keyText,
        taught: live.current.taught,
      })
  }, [draft.id])

  const meetNow = useRef<() => void>(() => undefined)
  const latestHooks = useRef(hooks)

  const save = useCallback(async (): Promise<SavedDraft | null> => {
    const now = live.current
    if (now.saving) await now.saving
    window.clearTimeout(now.saveTimer)
    if (!now.dirty) return null
    now.dirty = false
    setSaveState('saving')
    const sent = now.text
    now.saving = saveDraft(draft.id, {
      title: now.title,
      text: sent,
      styles: now.styles.map(({ from, to, style }) => ({ from, to, style })),
      keyText: now.keyText,
      taught: now.taught.lines.filter((line) => line.to <= sent.length),
      notation: now.taught.notation && sentNotation(now.taught.notation),
      version: now.version,
      followed: now.followed.map(({ ref, from, to, fingerprint, signOff }) => ({
        ref,
        from: Math.min(from, sent.length),
        to: Math.min(to, sent.length),
        fingerprint,
        signedOff: signOff !== null,
      })),
    })
      .then((saved) => {
        now.version = saved.version
        now.agreed = {
          title: saved.title,
          text: sent,
          keyText: saved.keyText,
          followed: saved.followed as readonly FollowedItem[],
        }
        if (!now.dirty) {
          window.clearTimeout(now.backupTimer)
          dropBackup(draft.id)
        }
        setSaveState(now.dirty ? 'waiting' : 'saved')
        return saved
      })
      .catch((error: unknown) => {
        now.dirty = true
        const conflict = error instanceof ApiProblem && error.status === 409
        setSaveState(conflict ? 'conflict' : 'offline')
        if (now.dead) return null
        if (conflict) meetNow.current()
        else now.saveTimer = window.setTimeout(() => void save(), RETRY_AFTER_MS)
        return null
      })
      .finally(() => {
        now.saving = null
      })
    return now.saving
  }, [draft.id])

  const touch = useCallback(() => {
    if (!latestHooks.current.maySignOff) return
    live.current.dirty = true
    setSaveState((state) => (state === 'conflict' ? state : 'waiting'))
    live.current.backupTimer ||= window.setTimeout(backup, BACKUP_EVERY_MS)
    window.clearTimeout(live.current.saveTimer)
    live.current.saveTimer = window.setTimeout(() => void save(), SAVE_AFTER_MS)
  }, [backup, save])

  /** Puts what somebody else saved into what stands here, and goes on from both. */
  const takeIn = useCallback(
    (theirs: SavedDraft, choices: readonly Choice[]) => {
      const now = live.current
      const editor = view.current
      if (!editor) return
      const met = meet(now.agreed, { ...now, taught: now.taught.lines }, theirs, choices)
      Object.assign(now, {
        version: theirs.version,
        agreed: { ...theirs, followed: theirs.followed as FollowedItem[] },
        title: met.title,
        keyText: met.keyText,
        followed: met.followed,
        dormant: [...now.dormant, ...met.theirItems],
      })
      setTitleState(met.title)
      setKeyTextState(met.keyText)
      setMeeting(null)
      setSaveState('waiting')
      rewrite(editor, editsBetween(now.text, met.text), met.styles)
      if (met.taught.length) teach(editor, { ...taughtIn(editor.state), lines: met.taught })
      read()
      touch()
    },
    [read, touch],
  )

  useLayoutEffect(() => {
    meetNow.current = () => {
      fetchDraft(draft.id)
        .then((theirs) => {
          const now = live.current
          const clashes = clashesWith(now.agreed, { ...now, taught: now.taught.lines }, theirs)
          if (clashes.length) return setMeeting({ theirs, clashes })
          takeIn(theirs, [])
          tell(`What ${theirs.updatedBy ?? 'somebody'} changed meanwhile is in your text now.`)
        })
        .catch(() => {
          if (!live.current.dead) live.current.saveTimer = window.setTimeout(() => void save(), RETRY_AFTER_MS)
        })
    }
  })

  const settle = useCallback(
    (choices: readonly Choice[]) => {
      if (meeting) takeIn(meeting.theirs, choices)
    },
    [meeting, takeIn],
  )

  const commands = useRef<{
    goTo: (step: 1 | -1) => void
    nextTrouble: (step: 1 | -1) => void
    signOffHere: () => void
    mendHere: () => void
    teachHere: () => void
  }>({
    goTo: () => undefined,
    nextTrouble: () => undefined,
    signOffHere: () => undefined,
    mendHere: () => undefined,
    teachHere: () => undefined,
  })
  const teachNow = useRef(teaching.openLines)
  const itemsNow = useRef(items)
  const draftMarksNow = useRef(reading?.marks ?? [])
  const troubleNow = useRef({ groups, slip })
  // Before the next key press can be handled, not after the next paint.
  useLayoutEffect(() => {
    latestHooks.current = hooks
    teachNow.current = teaching.openLines
    itemsNow.current = items
    draftMarksNow.current = reading?.marks ?? []
    troubleNow.current = { groups, slip }
    // What waited for this reading is done by it.
    live.current.steps.show(live.current.shownVersion)
  })

  const attach = useCallback(
    (element: HTMLElement | null) => {
      view.current?.destroy()
      view.current = null
      if (!element) return
      const done = (run: () => void) => () => {
        run()
        return true
      }
      view.current = new EditorView({
        parent: element,
        state: EditorState.create({
          doc: live.current.text,
          extensions: deskExtensions(
            {
              changed: (editor, map) => {
                live.current.text = editor.state.doc.toString()
                live.current.styles = stylesIn(editor.state)
                live.current.taught = taughtIn(editor.state)
                setTaught(live.current.taught)
                live.current.followed = live.current.followed.map((item) => ({
                  ...item,
                  from: map(item.from, 1),
                  to: map(item.to, -1),
                }))
                setSlip(null)
                read()
                touch()
              },
              moved: (editor) => {
                const at = editor.state.selection.main.head
                const index = itemsNow.current.findIndex((item) => item.read.from <= at && at <= item.read.to)
                if (index >= 0) setHere(index)
              },
              pasted: (editor, data) => {
                const plain = data.getData('text/plain')
                const file = plain ? pastedFile(data.getData('text/html'), plain) : null
                if (file)
                  pasteDressed(editor, file, plain)
                    .then((isDressed) => {
                      if (isDressed) tell(PASTED_DRESSED, { undo: () => undo(editor) })
                    })
                    .catch(() => tell('Pasted as plain text: what it looks like could not be read just now.'))
                return file !== null
              },
              scrolled: (editor) => latestHooks.current.scrolled(editor),
              asked: (editor, lines) => teachNow.current(linesToTeach(editor, lines)),
              keys: [
                { key: 'F9', run: done(() => commands.current.teachHere()) },
                { key: 'F8', run: done(() => commands.current.nextTrouble(1)) },
                { key: 'Shift-F8', run: done(() => commands.current.nextTrouble(-1)) },
                { key: 'Alt-ArrowDown', run: done(() => commands.current.goTo(1)) },
                { key: 'Alt-ArrowUp', run: done(() => commands.current.goTo(-1)) },
                { key: 'Alt-Enter', run: done(() => commands.current.signOffHere()) },
                { key: 'Mod-Enter', run: done(() => commands.current.mendHere()) },
                { key: 'Escape', run: done(() => latestHooks.current.toItems()) },
              ],
            },
            [
              styleLayer(live.current.styles, live.current.text),
              taughtLayer(live.current.taught, live.current.text.length),
              previewLayer,
              latestHooks.current.mayWrite
                ? []
                : [EditorState.readOnly.of(true), EditorState.changeFilter.of(() => false)],
            ],
          ),
        }),
      })
    },
    [read, tell, touch],
  )

  useEffect(() => {
    read()
    if (start.restored) {
      live.current.dirty = true
      touch()
      tell('Text from before the window closed was brought back.')
    }
  }, [read, start, tell, touch])

  useEffect(() => {
    const now = live.current
    now.dead = false
    const leave = (): void => {
      backup()
      if (now.dirty) void save()
    }
    window.addEventListener('pagehide', leave)
    const stay = saveBeforeLeaving(async () => {
      await save()
      // What could not be saved stays where it is.
      if (now.dirty) throw new Error('This draft is not saved yet. Try again in a moment, or close it first.')
    })
    const hidden = (): void => {
      if (document.visibilityState === 'hidden') leave()
    }
    document.addEventListener('visibilitychange', hidden)
    return () => {
      window.removeEventListener('pagehide', leave)
      stay()
      document.removeEventListener('visibilitychange', hidden)
      now.dead = true
      leave()
    }
  }, [backup, save])

  const { say } = teaching
  const take = useCallback(
    (marks: readonly Mark[], mendOf: (mark: Mark) => Mend | undefined) =>
      live.current.steps.run(() => {
        if (!latestHooks.current.mayWrite) return tell(LOOKING_ON, { tone: 'trouble' })
        // Marks of a reading that a newer one took the place of are found again by what they say.
        const now = [...itemsNow.current.flatMap((item) => item.read.marks), ...draftMarksNow.current]
        const same = marks.flatMap(
          (mark) => now.find((one) => one === mark) ?? now.find((one) => one.message === mark.message) ?? [],
        )
        const editor = view.current
        const mends = same.flatMap((mark) => mendOf(mark) ?? [])
        const edits = mends.flatMap((mend) => mend.edits)
        const lines = mends.flatMap((mend) => mend.says ?? [])
        if (editor && edits.length) applyToEditor(editor, edits)
        if (lines.length) say(lines)
      }),
    [say, tell],
  )
  const takeMends = useCallback((marks: readonly Mark[]) => take(marks, (mark) => mark.mend), [take])
  const keepAsRead = useCallback((marks: readonly Mark[]) => take(marks, (mark) => mark.stays), [take])
  const takeMend = useCallback((mark: Mark) => takeMends([mark]), [takeMends])

  useEffect(() => {
    const editor = view.current
    if (!editor || !reading || live.current.text.length !== editor.state.doc.length) return
    editor.dispatch({
      effects: showReading.of({ items, aside: linesLeftOut(reading), here, slip, takeMend, keepAsRead }),
    })
  }, [items, reading, here, slip, takeMend, keepAsRead])

  const goTo = useCallback((index: number) => {
    const item = itemsNow.current[index]
    const editor = view.current
    if (!item || !editor) return
    setHere(index)
    setSlip(item.followed.signOff ? null : (item.read.marks.find((mark) => mark.severity !== 'told') ?? null))
    editor.dispatch({
      selection: { anchor: Math.min(item.read.from, editor.state.doc.length) },
      effects: EditorView.scrollIntoView(Math.min(item.read.from, editor.state.doc.length), {
        y: 'nearest',
        yMargin: 60,
      }),
    })
  }, [])

  const goToMark = useCallback((item: number, mark: Mark) => {
    const editor = view.current
    if (!editor) return
    setHere(item)
    setSlip(mark)
    const at = Math.min(mark.from, editor.state.doc.length)
    editor.dispatch({ selection: { anchor: at }, effects: EditorView.scrollIntoView(at, { y: 'center' }) })
  }, [])

  const nextTrouble = useCallback(
    (step: 1 | -1) => {
      const { groups: waiting, slip: shown } = troubleNow.current
      const places = stopsOf(waiting)
      const at = places.findIndex(({ mark }) => mark === shown)
      const from = view.current?.state.selection.main.head ?? -1
      const ahead =
        step === 1 ? places.find(({ mark }) => mark.from >= from) : places.findLast(({ mark }) => mark.from <= from)
      const next =
        at >= 0 ? places[(at + step + places.length) % places.length] : (ahead ?? places.at(step === 1 ? 0 : -1))
      if (next) goToMark(next.item, next.mark)
      else tell('Nothing is left to decide.')
    },
    [goToMark, tell],
  )

  const setKeyText = useCallback(
    (next: string | null) => {
      live.current.keyText = next
      setKeyTextState(next)
      read()
      touch()
    },
    [read, touch],
  )

  const keyItem = useCallback(
    (item: DeskItem, option: number) => {
      const editor = view.current
      if (!editor) return
      if (!latestHooks.current.mayWrite) return tell(LOOKING_ON, { tone: 'trouble' })
      const text = live.current.text
      const edits = keyEdits(text, item.read, option)
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
    [setKeyText, tell],
  )

  /** Does something to the item that now stands at `index`, once the text as it stands is read. */
  const whenRead = useCallback((index: number, step: (item: DeskItem) => void) => {
    const ref = itemsNow.current[index]?.followed.ref
    live.current.steps.run(() => {
      const item = itemsNow.current.find((one) => one.followed.ref === ref)
      if (item) step(item)
    })
  }, [])

  const setKey = useCallback(
    (index: number, option: number) => whenRead(index, (item) => keyItem(item, option)),
    [keyItem, whenRead],
  )

  const setSignOff = useCallback(
    (item: DeskItem, signed: FollowedItem['signOff']) => {
      live.current.followed = live.current.followed.map((one) =>
        one.ref === item.followed.ref ? { ...one, signOff: signed, lostSignOff: null } : one,
      )
      setFollowed(live.current.followed)
      setSlip(null)
      touch()
    },
    [touch],
  )

  const signItem = useCallback(
    (item: DeskItem) => {
      if (!latestHooks.current.maySignOff)
        return tell('You look on here; to sign off takes a reviewer.', { tone: 'trouble' })
      const why = item.followed.signOff ? null : whyNotSigned(item)
      if (why) return tell(`Not signed off: ${why}`, { tone: 'trouble' })
      const { fingerprint } = item.followed
      const signed = { by: latestHooks.current.personName, at: new Date().toISOString(), remark: '', fingerprint }
      if (!item.followed.signOff) setSignOff(item, signed)
      const next = nextWaiting(itemsNow.current, item)
      if (next !== null && view.current?.hasFocus) goTo(next)
      latestHooks.current.wentOn(next)
    },
    [goTo, setSignOff, tell],
  )

  const signOff = useCallback((index: number) => whenRead(index, signItem), [signItem, whenRead])
  const takeBack = useCallback(
    (index: number) =>
      whenRead(index, (item) => {
        if (item.followed.signOff && latestHooks.current.maySignOff) setSignOff(item, null)
      }),
    [setSignOff, whenRead],
  )

  const tidy = useCallback(() => {
    const editor = view.current
    if (!editor || !reading) return
    if (!reading.items.length) return tell('There is no item to tidy.')
    applyToEditor(editor, [{ from: 0, to: editor.state.doc.length, insert: tidyReading(reading) }])
    tell('The text was tidied; what was set aside is gone from it.', { undo: () => undo(editor) })
  }, [reading, tell])

  const setTitle = useCallback(
    (next: string) => {
      live.current.title = next
      setTitleState(next)
      touch()
    },
    [touch],
  )

  const accept = useCallback((saved: SavedDraft) => {
    live.current.version = saved.version
    const bankIds = new Map(saved.followed.map((item) => [item.fingerprint, item.bankItemId]))
    live.current.followed = live.current.followed.map((item) => ({
      ...item,
      bankItemId: bankIds.get(item.fingerprint) ?? item.bankItemId,
    }))
    setFollowed(live.current.followed)
  }, [])

  useLayoutEffect(() => {
    commands.current = {
      goTo: (step) => goTo(Math.max(0, Math.min(items.length - 1, here + step))),
      nextTrouble,
      signOffHere: () => {
        if (here >= 0) signOff(here)
      },
      mendHere: () => {
        if (slip?.mend) takeMend(slip)
      },
      teachHere: () => {
        const editor = view.current
        if (editor) teaching.openLines(linesToTeach(editor, editor.state.selection.main))
      },
    }
  })

  return {
    attach,
    view: () => view.current,
    items,
    reading,
    here,
    title,
    setTitle,
    saveState,
    groups,
    goTo,
    goToMark,
    nextTrouble,
    setKey,
    signOff,
    takeBack,
    takeMend: (mark) => takeMend(mark),
    takeMends,
    keepAsRead,
    tidy,
    keyText,
    setKeyText,
    teaching,
    undo: () => {
      if (view.current) undo(view.current)
    },
    redo: () => {
      if (view.current) redo(view.current)
    },
    flush: save,
    meeting,
    settle,
    accept,
  }
}

/** The edits that key an option: the one of a single item, one more or less of several, true or false. */
function keyEdits(text: string, read: ReadItem, option: number): TextEdit[] {
  const body = read.item
  if (body.kind === 'truefalse') return editsForTruth(text, read, option === 0)
  if ((body.kind !== 'single' && body.kind !== 'multiple') || option >= body.options.length) return []
  if (body.kind === 'single') return editsForOptions(text, read, [option])
  const now = body.options.flatMap((one, at) => (body.key.includes(one.id) ? [at] : []))
  const chosen = now.includes(option) ? now.filter((at) => at !== option) : [...now, option]
  return chosen.length ? editsForOptions(text, read, chosen) : []
}

interface LastAnswer {
  readonly answer: number
  readonly reading: Reading | null
}

/** Puts the items that were not sent again back in; they stay the same objects, so that their cards need not be drawn. */
function wholeReading(answer: ReadAnswer, last: LastAnswer): Reading {
  const before = last.answer === answer.since ? (last.reading?.items ?? []) : []
  const items = answer.reading.items.flatMap((sent): ReadItem[] => {
    if ('item' in sent) return [sent]
    const known = before[sent.known]
    return known ? [{ ...sent, item: known.item }] : []
  })
  return { ...answer.reading, items }
}

function startingText(draft: SavedDraft): {
  readonly title: string
  readonly text: string
  readonly styles: readonly SourceStyle[]
  readonly keyText: string | null
  readonly taught: Taught
  readonly restored: boolean
  /** The version that the text goes on from, and its text. */
  readonly version: number
  readonly base: string
} {
  const kept = readBackup(draft.id)
  const { title, text, styles, keyText } = draft
  const taught: Taught = { lines: draft.taught, notation: draft.notation }
  const same =
    kept?.text === text &&
    (kept.keyText ?? null) === keyText &&
    JSON.stringify(kept.taught ?? taught) === JSON.stringify(taught)
  const isOlder = kept !== null && kept.version < draft.version
  // Without what it goes on from, what is older cannot be put together with what is newer.
  if (!kept || same || (isOlder && kept.base === undefined))
    return { title, text, styles, keyText, taught, restored: false, version: draft.version, base: text }
  return {
    title: kept.title,
    text: kept.text,
    styles: kept.styles ?? [],
    keyText: kept.keyText ?? null,
    taught: kept.taught ?? NOTHING_TAUGHT,
    restored: true,
    version: kept.version,
    base: kept.base ?? text,
  }
}

/** The place of the next item after this one that nobody has signed off, from the first on again; null: none waits. */
function nextWaiting(items: readonly DeskItem[], { followed }: DeskItem): number | null {
  const here = items.findIndex((one) => one.followed.ref === followed.ref)
  const places = [...items.keys()]
  const next = [...places.slice(here + 1), ...places.slice(0, Math.max(0, here))].find(
    (at) => !items[at]?.followed.signOff,
  )
  return next ?? null
}

const NOTHING_TAUGHT: Taught = { lines: [], notation: null }

/** Room for what is asked, on a narrow screen. */
const MENU_WIDTH = 280

/** The lines between two places, with where it is asked what they are: beside the text, which shows what would follow. */
function linesToTeach(editor: EditorView, { from, to }: { readonly from: number; readonly to: number }): OpenLines {
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
