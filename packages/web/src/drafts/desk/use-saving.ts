import type { EditorView } from '@codemirror/view'
import { useCallback, useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react'
import { saveBeforeLeaving } from '../../parts/leaving'
import { useTell } from '../../parts/notices'
import { clashesWith, meet, type OnDesk } from '../merge/meet'
import { editsBetween, type Choice, type Clash } from '../merge/merge-texts'
import { fetchDraft, type SavedDraft } from '../queries'
import { rewrite } from '../style-layer'
import { taughtIn, teach } from '../teaching/taught-layer'
import type { Live } from './live'
import type { Now } from './now'
import { Saver, type SaveState } from './saver'
import type { StartingText } from './starting-text'

/** Two changed one draft: what the other one saved, and the lines that both changed. */
export interface Meeting {
  readonly theirs: SavedDraft
  readonly clashes: readonly Clash[]
}

interface Given {
  readonly draft: SavedDraft
  readonly start: StartingText
  readonly live: RefObject<Live>
  readonly view: RefObject<EditorView | null>
  readonly now: RefObject<Now>
  /** Asks for a reading of what stands on the desk. */
  readonly read: () => void
  /** Title and key, which stand beside the text, are other ones now. */
  readonly show: (fields: { readonly title: string; readonly keyText: string | null }) => void
}

/** Saves what stands on the desk, and puts it together with what somebody else saved meanwhile. */
// eslint-disable-next-line max-lines-per-function -- short callbacks over the same refs, none of use without the others
export function useSaving({ draft, start, live, view, now, read, show }: Given) {
  const tell = useTell()
  const [saveState, setSaveState] = useState<SaveState>('saved')
  const [meeting, setMeeting] = useState<Meeting | null>(null)
  const met = useRef<() => void>(() => undefined)
  const [saver] = useState(
    () =>
      new Saver({
        id: draft.id,
        version: start.version,
        agreed: { title: draft.title, text: start.base, keyText: draft.keyText, followed: live.current.followed },
        content: () => live.current,
        tell: setSaveState,
        met: () => met.current(),
      }),
  )
  const touch = useCallback(() => {
    if (now.current.hooks.maySignOff) saver.touch()
  }, [now, saver])
  const takeIn = useCallback(
    (theirs: SavedDraft, choices: readonly Choice[]) => {
      if (!view.current) return
      const both = meet(saver.agreed, onDesk(live.current), theirs, choices)
      const before = live.current.text
      saver.goOnFrom(theirs)
      Object.assign(live.current, {
        title: both.title,
        keyText: both.keyText,
        followed: both.followed,
        dormant: [...live.current.dormant, ...both.theirItems],
      })
      show(both)
      setMeeting(null)
      rewrite(view.current, editsBetween(before, both.text), both.styles)
      if (both.taught.length) teach(view.current, { ...taughtIn(view.current.state), lines: both.taught })
      read()
      touch()
    },
    [live, read, saver, show, touch, view],
  )
  useLayoutEffect(() => {
    met.current = () => {
      fetchDraft(draft.id)
        .then((theirs) => {
          const clashes = clashesWith(saver.agreed, onDesk(live.current), theirs)
          if (clashes.length) return setMeeting({ theirs, clashes })
          takeIn(theirs, [])
          tell(`What ${theirs.updatedBy ?? 'somebody'} changed meanwhile is in your text now.`)
        })
        .catch(() => saver.again())
    }
  }, [draft.id, live, saver, takeIn, tell])
  const settle = useCallback(
    (choices: readonly Choice[]) => {
      if (meeting) takeIn(meeting.theirs, choices)
    },
    [meeting, takeIn],
  )
  useLeaving(saver)
  return { saver, saveState, touch, meeting, settle }
}

function onDesk(live: Live): OnDesk {
  return { ...live, taught: live.taught.lines }
}

/** Saves when the window is left, and before somebody signs out or goes to another workspace. */
function useLeaving(saver: Saver): void {
  useEffect(() => {
    saver.arrive()
    const leave = (): void => saver.leave()
    const hidden = (): void => {
      if (document.visibilityState === 'hidden') leave()
    }
    window.addEventListener('pagehide', leave)
    document.addEventListener('visibilitychange', hidden)
    const stay = saveBeforeLeaving(async () => {
      await saver.save()
      // What could not be saved stays where it is.
      if (saver.isDirty) throw new Error('This draft is not saved yet. Try again in a moment, or close it first.')
    })
    return () => {
      window.removeEventListener('pagehide', leave)
      document.removeEventListener('visibilitychange', hidden)
      stay()
      saver.close()
    }
  }, [saver])
}
