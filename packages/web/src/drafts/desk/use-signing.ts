import type { EditorView } from '@codemirror/view'
import type { FollowedItem } from '@zakuska/core'
import { useCallback, type RefObject } from 'react'
import { useTell } from '../../parts/notices'
import { whyNotSigned, type DeskItem } from '../desk-state'
import type { Live } from './live'
import { nextWaiting } from './next-waiting'
import type { Now } from './now'

interface Given {
  readonly live: RefObject<Live>
  readonly view: RefObject<EditorView | null>
  readonly now: RefObject<Now>
  readonly whenRead: (index: number, step: (item: DeskItem) => void) => void
  readonly follow: (followed: readonly FollowedItem[]) => void
  /** Something that is saved changed. */
  readonly touch: () => void
  readonly closeSlip: () => void
  readonly goTo: (index: number) => void
}

/** Signing items off, and taking it back. */
export function useSigning({ live, view, now, whenRead, follow, touch, closeSlip, goTo }: Given) {
  const tell = useTell()
  const set = useCallback(
    ({ followed: { ref } }: DeskItem, signOff: FollowedItem['signOff']) => {
      follow(live.current.followed.map((one) => (one.ref === ref ? { ...one, signOff, lostSignOff: null } : one)))
      closeSlip()
      touch()
    },
    [closeSlip, follow, live, touch],
  )
  const sign = useCallback(
    (item: DeskItem) => {
      const { personName, maySignOff, wentOn } = now.current.hooks
      if (!maySignOff) return tell('You look on here; to sign off takes a reviewer.', { tone: 'trouble' })
      const why = item.followed.signOff ? null : whyNotSigned(item)
      if (why) return tell(`Not signed off: ${why}`, { tone: 'trouble' })
      const { fingerprint } = item.followed
      if (!item.followed.signOff) set(item, { by: personName, at: new Date().toISOString(), remark: '', fingerprint })
      const next = nextWaiting(now.current.items, item)
      if (next !== null && view.current?.hasFocus) goTo(next)
      wentOn(next)
    },
    [goTo, now, set, tell, view],
  )
  const signOff = useCallback((index: number) => whenRead(index, sign), [sign, whenRead])
  const takeBack = useCallback(
    (index: number) =>
      whenRead(index, (item) => {
        if (item.followed.signOff && now.current.hooks.maySignOff) set(item, null)
      }),
    [now, set, whenRead],
  )
  return { signOff, takeBack }
}
