import { useState, type ReactNode } from 'react'
import { Button, Kbd } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { HandOver } from '../../people/HandOver'
import { May } from '../../people/May'
import { BulkDialog } from '../BulkDialog'
import type { BankItem } from '../queries'
import type { BankFilter } from '../search'

/** What leads on from the bank with picked items; the bank itself knows nothing of papers. */
export interface Onward {
  readonly add: (ids: readonly string[], done: () => void) => ReactNode
  readonly send: (ids: readonly string[]) => ReactNode
}

/** What can be done with the picked items, or with all that the filter finds. */
export function PickedLine({
  picked,
  shown,
  seen,
  total,
  filter,
  pick,
  onward,
}: {
  readonly picked: ReadonlySet<string>
  readonly shown: readonly BankItem[]
  /** Revisions of all items that were shown, by id. */
  readonly seen: ReadonlyMap<string, number>
  readonly total: number
  readonly filter: BankFilter
  readonly pick: (ids: ReadonlySet<string>) => void
  readonly onward: Onward
}) {
  const [changing, setChanging] = useState<'picked' | 'found' | null>(null)
  const [handing, setHanding] = useState(false)
  return (
    <section
      aria-label="Picked items"
      className="flex shrink-0 flex-wrap items-center gap-2 border-t border-ink px-3 py-2 sm:px-[18px]"
    >
      <b>{picked.size} picked</b>
      <May right="write">{onward.add([...picked], () => pick(new Set()))}</May>
      {picked.size > 0 ? (
        <>
          <May right="sign-off" to="change items">
            <Button onClick={() => setChanging('picked')}>Change them</Button>
          </May>
          <May right="dispatch">{onward.send([...picked])}</May>
          <May right="write">
            <Button onClick={() => setHanding(true)}>Hand over</Button>
          </May>
          <Button tone="quiet" onClick={() => pick(new Set())}>
            Pick none
          </Button>
        </>
      ) : (
        total > 0 && (
          <>
            <Button tone="quiet" onClick={() => pick(new Set(shown.map((item) => item.id)))}>
              Pick the {shown.length} shown
            </Button>
            <May right="write">
              <Button tone="quiet" onClick={() => setChanging('found')}>
                Change all {total} found
              </Button>
            </May>
          </>
        )
      )}
      {handing && (
        <HandOver
          kind="items"
          ids={[...picked]}
          title={counted(picked.size, 'item', 'items')}
          close={() => setHanding(false)}
        />
      )}
      {changing && (
        <BulkDialog
          ids={changing === 'picked' ? [...picked] : null}
          shown={seen}
          filter={filter}
          count={changing === 'picked' ? picked.size : total}
          close={() => setChanging(null)}
        />
      )}
      <KeysHere />
    </section>
  )
}

function KeysHere() {
  return (
    <span className="ml-auto hidden gap-3 text-xs text-muted lg:flex">
      <span>
        <Kbd>↑</Kbd> <Kbd>↓</Kbd> move
      </span>
      <span>
        <Kbd>space</Kbd> pick
      </span>
      <span>
        <Kbd>⏎</Kbd> open
      </span>
      <span>
        <Kbd>/</Kbd> search
      </span>
    </span>
  )
}
