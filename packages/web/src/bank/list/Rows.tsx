import { useVirtualizer } from '@tanstack/react-virtual'
import { CHECKS, hasKey, KIND_NAMES, plainText } from '@zakuska/core'
import { type KeyboardEvent, useEffect, useRef } from 'react'
import { Link } from 'react-router'
import { Button } from '../../parts/Button'
import { Empty } from '../../parts/Empty'
import { pointsText } from '../../parts/item-words'
import type { BankItem } from '../queries'

const ROW_HEIGHT = 56

/** Rows before the end of what is loaded at which the next page is asked for. */
const AHEAD = 30

export function Rows({
  items,
  hasMore,
  more,
  here,
  picked,
  open,
  toggle,
}: {
  readonly items: readonly BankItem[]
  readonly hasMore: boolean
  readonly more: () => void
  readonly here: string | null
  readonly picked: ReadonlySet<string>
  readonly open: (id: string) => void
  readonly toggle: (id: string) => void
}) {
  const scroller = useRef<HTMLDivElement>(null)
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 12,
    getItemKey: (index) => items[index]?.id ?? index,
  })
  const last = rows.getVirtualItems().at(-1)?.index ?? 0
  useEffect(() => {
    if (hasMore && last >= items.length - AHEAD) more()
  }, [last, items.length, hasMore, more])
  const keys = (event: KeyboardEvent): void => {
    const row = (event.target as HTMLElement).closest<HTMLElement>('[data-index]')
    const index = Number(row?.dataset['index'] ?? -1)
    const item = items[index]
    if (!item || (event.target as HTMLElement).tagName === 'INPUT') return
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      const next = Math.max(0, Math.min(items.length - 1, index + (event.key === 'ArrowDown' ? 1 : -1)))
      rows.scrollToIndex(next)
      requestAnimationFrame(() =>
        scroller.current?.querySelector<HTMLElement>(`[data-index="${next}"] button`)?.focus(),
      )
    } else if (event.key === ' ') toggle(item.id)
    else return
    event.preventDefault()
  }
  return (
    <div ref={scroller} className="h-full overflow-y-auto" onKeyDown={keys}>
      <ul className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => {
          const item = items[row.index]
          return (
            item && (
              <li
                key={row.key}
                ref={rows.measureElement}
                data-index={row.index}
                style={{ transform: `translateY(${row.start}px)` }}
                className="absolute inset-x-0 top-0"
              >
                <BankRow
                  item={item}
                  here={item.id === here}
                  picked={picked.has(item.id)}
                  open={() => open(item.id)}
                  toggle={() => toggle(item.id)}
                />
              </li>
            )
          )
        })}
      </ul>
      {hasMore && (
        <p className="py-2 text-center text-xs text-muted" role="status">
          {items.length} loaded, more follow …
        </p>
      )}
    </div>
  )
}

function BankRow({
  item,
  here,
  picked,
  open,
  toggle,
}: {
  readonly item: BankItem
  readonly here: boolean
  readonly picked: boolean
  readonly open: () => void
  readonly toggle: () => void
}) {
  const body = item.body
  const stem = plainText(body.stem)
  const findings = item.findings.filter((one) => one.waived === null && one.code !== 'no-key')
  return (
    <div
      className={`grid grid-cols-[24px_1fr] items-start gap-3 border-b border-l-[3px] border-b-line py-2 pr-3 pl-3 sm:grid-cols-[24px_1fr_190px] ${picked ? 'border-l-mustard' : 'border-l-transparent'} ${here ? 'bg-here' : ''}`}
    >
      <input
        type="checkbox"
        aria-label={`Pick: ${stem.slice(0, 60)}`}
        checked={picked}
        onChange={toggle}
        className="mt-1.5 size-3.5 accent-ink"
      />
      <button
        type="button"
        aria-current={here}
        onClick={open}
        dir="auto"
        className="text-left font-text text-[15.5px] leading-snug"
      >
        {stem}
      </button>
      <span className="col-start-2 text-xs text-muted sm:col-start-auto sm:pt-0.5">
        {KIND_NAMES[body.kind].toLowerCase()} · {pointsText(body.points)}
        {body.tags.length > 0 && <span> · {body.tags.join(', ')}</span>}
        {item.shareRight !== null && (
          <span>
            {' '}
            · {Math.round(item.shareRight * 100)}
            {'\u00a0'}%{'\u00a0'}right
          </span>
        )}
        {!hasKey(body) && <span className="block text-beet">◆ no key</span>}
        {!item.signOff && (
          <span className="block text-beet">
            <span aria-hidden="true">◆ </span>not signed off
          </span>
        )}
        {findings.map((one) => (
          <span key={one.code} className="block text-mustard-ink">
            <span aria-hidden="true">◇ </span>
            {CHECKS[one.code].name.toLowerCase()}
          </span>
        ))}
        {item.stale && (
          <span className="block text-mustard-ink">
            <span aria-hidden="true">◇ </span>its original has changed
          </span>
        )}
      </span>
    </div>
  )
}

export function NoItems({ all, clear }: { readonly all: number; readonly clear: () => void }) {
  if (all > 0)
    return (
      <Empty title="Nothing matches">
        <Button onClick={clear}>Show all {all} items</Button>
      </Empty>
    )
  return (
    <Empty title="The bank is empty">
      <p>
        Items come here from <Link to="/drafts">a draft</Link>, once somebody has signed them off. Or copy a{' '}
        <Link to="/bank/ready-made">ready-made set</Link> to begin with.
      </p>
    </Empty>
  )
}
