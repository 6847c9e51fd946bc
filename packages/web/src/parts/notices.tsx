import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react'
import { Button } from './Button'
import { Dialog } from './Dialog'

interface Notice {
  readonly id: number
  readonly text: string
  readonly tone: 'told' | 'trouble'
  readonly undo?: (() => void) | undefined
  readonly lines?: readonly string[] | undefined
}

interface More {
  readonly tone?: Notice['tone']
  readonly undo?: () => void
  /** What the sentence sums up, to be read one by one; such a notice stays until it is closed. */
  readonly lines?: readonly string[]
}

export type Tell = (text: string, more?: More) => void

const NoticeContext = createContext<Tell>(() => undefined)
const SHOWN_MS = 8000

/** Says what happened in a line at the foot of the screen, with an undo where there is one. */
export function useTell(): Tell {
  return useContext(NoticeContext)
}

export function Notices({ children }: { readonly children: ReactNode }) {
  const [notices, setNotices] = useState<readonly Notice[]>([])
  const next = useRef(1)
  const drop = useCallback((id: number) => setNotices((all) => all.filter((one) => one.id !== id)), [])
  const tell = useCallback<Tell>((text, more) => {
    const id = next.current++
    setNotices((all) => [
      ...all.slice(-2),
      { id, text, tone: more?.tone ?? 'told', undo: more?.undo, lines: more?.lines },
    ])
  }, [])
  const box = useRef<HTMLDivElement>(null)
  const cameFrom = useRef<Element | null>(null)
  const close = useCallback(
    (id: number) => {
      drop(id)
      const { current: before } = cameFrom
      // The control that was pressed goes away: whoever pressed it goes on where they were.
      const next = before?.isConnected ? before : document.getElementById('desk')
      // A dialog lets go of the focus only once it is gone.
      setTimeout(() => {
        if (next instanceof HTMLElement) next.focus()
      })
    },
    [drop],
  )
  const list = useMemo(
    () => notices.map((notice) => <NoticeLine key={notice.id} notice={notice} close={close} fade={drop} />),
    [notices, close, drop],
  )
  return (
    <NoticeContext.Provider value={tell}>
      {children}
      <div
        ref={box}
        onFocus={({ relatedTarget }) => {
          const isOurs =
            box.current?.contains(relatedTarget) === true || Boolean(relatedTarget?.closest('[role=dialog]'))
          if (relatedTarget && !isOurs) cameFrom.current = relatedTarget
        }}
        className="fixed bottom-16 left-1/2 z-40 grid grid-cols-1 w-[min(36rem,calc(100vw-2rem))] -translate-x-1/2 gap-2"
        role="status"
        aria-live="polite"
      >
        {list}
      </div>
    </NoticeContext.Provider>
  )
}

/** It goes by itself after a while, but not while somebody points at it or is in it (WCAG 2.2, 2.2.1). */
function NoticeLine({
  notice,
  close,
  fade,
}: {
  readonly notice: Notice
  readonly close: (id: number) => void
  readonly fade: (id: number) => void
}) {
  const { id, undo, lines } = notice
  const drop = (): void => close(id)
  const [isOpen, setOpen] = useState(false)
  const [isHeld, setHeld] = useState(false)
  const isLasting = isHeld || Boolean(lines)
  useEffect(() => {
    if (isLasting) return
    const timer = setTimeout(() => fade(id), SHOWN_MS)
    return () => clearTimeout(timer)
  }, [isLasting, fade, id])
  const [hold, release] = [() => setHeld(true), () => setHeld(false)]
  return (
    <div
      onPointerEnter={hold}
      onPointerLeave={release}
      onFocus={hold}
      onBlur={release}
      className={`flex items-center gap-3 rounded-[3px] border bg-sheet px-3 py-2 ${notice.tone === 'trouble' ? 'border-l-4 border-beet' : 'border-ink'}`}
    >
      <span className="min-w-0 grow break-words">
        {notice.tone === 'trouble' && <span aria-hidden="true">◆ </span>}
        {notice.text}
      </span>
      {lines && <Button onClick={() => setOpen(true)}>See them</Button>}
      {lines && (
        <Dialog open={isOpen} close={() => setOpen(false)} title={notice.text} wide>
          <ul className="mb-4 grid gap-1.5">
            {lines.map((line, at) => (
              <li key={at} className="border-l-2 border-line pl-2 break-words">
                {line}
              </li>
            ))}
          </ul>
          <Button tone="lead" onClick={drop}>
            All read
          </Button>
        </Dialog>
      )}
      {undo && (
        <Button
          onClick={() => {
            undo()
            drop()
          }}
        >
          Undo
        </Button>
      )}
      <button type="button" aria-label="Close this notice" className="px-1 text-muted" onClick={drop}>
        ×
      </button>
    </div>
  )
}
