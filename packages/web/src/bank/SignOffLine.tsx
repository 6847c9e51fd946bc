import { hasKey } from '@zakuska/core'
import { useEffect, useRef } from 'react'
import { Link } from 'react-router'
import { Button, Kbd } from '../parts/Button'
import type { BankItem } from './queries'

/** Keys that work wherever nothing is typed. */
export function useQueueKeys({ sign, go }: { readonly sign: () => void; readonly go: (step: number) => void }): void {
  const keys = useRef<(event: KeyboardEvent) => void>(() => undefined)
  useEffect(() => {
    keys.current = (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const typing = event.target instanceof HTMLElement && /^(?:INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)
      if (typing) {
        if (event.key === 'Escape' && event.target instanceof HTMLElement) event.target.blur()
        return
      }
      if (event.key === 's') sign()
      else if (event.key === 'j' || event.key === 'ArrowRight') go(1)
      else if (event.key === 'k' || event.key === 'ArrowLeft') go(-1)
      else if (event.key === 'r') document.getElementById('remark')?.focus()
      else return
      event.preventDefault()
    }
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => keys.current(event)
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
}

/** What is done with the item that is looked at, by button or by key. */
export function SignOffLine({
  sign,
  remark,
  setRemark,
  item,
  waiting,
  go,
  place,
  queue,
}: {
  readonly sign: () => void
  readonly remark: string
  readonly setRemark: (next: string) => void
  readonly item: BankItem
  readonly waiting: ReadonlySet<string>
  readonly go: (step: number) => void
  readonly place: number
  readonly queue: readonly BankItem[]
}) {
  return (
    <form
      className="flex shrink-0 flex-wrap items-center gap-2 border-t border-ink px-3 py-2 sm:px-[18px]"
      onSubmit={(event) => {
        event.preventDefault()
        sign()
      }}
    >
      <input
        id="remark"
        aria-label="Remark"
        placeholder="checked against …"
        value={remark}
        onChange={(event) => setRemark(event.target.value)}
        className="w-64 min-w-0 rounded-[3px] border border-edge bg-sheet px-2 py-1"
      />
      <Button tone="lead" type="submit" disabled={!hasKey(item.body) || !waiting.has(item.id)}>
        Sign off, next
      </Button>
      <Button onClick={() => go(-1)} disabled={place === 1}>
        Back
      </Button>
      <Button onClick={() => go(1)} disabled={place === queue.length}>
        Leave for later
      </Button>
      <Link to={`/bank/${item.id}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
        Edit it
      </Link>
      <span className="ml-auto hidden gap-3 text-xs text-muted lg:flex">
        <span>
          <Kbd>S</Kbd> sign off
        </span>
        <span>
          <Kbd>J</Kbd> <Kbd>K</Kbd> next, back
        </span>
        <span>
          <Kbd>R</Kbd> remark
        </span>
      </span>
    </form>
  )
}
