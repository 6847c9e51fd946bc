import type { RefObject } from 'react'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { May, useMay } from '../people/May'
import { Others } from '../people/Others'
import type { DeskItem } from './desk-state'
import type { SavedDraft } from './queries'
import { SendOn } from './SendOn'
import { EvidenceButton, type Found } from './writing/EvidenceDialog'
import type { DeskOpened } from './desk/desk-opened'
import type { SaveState } from './desk/saver'
import type { Desk } from './use-desk'

const SAVE_WORDS: Readonly<Record<SaveState, string>> = {
  saved: 'saved',
  waiting: 'kept as you type',
  saving: 'saving …',
  offline: 'not saved yet; kept in this browser',
  conflict: 'somebody else changed it, too; kept in this browser',
}

export function DeskHead({
  desk,
  opened,
  first,
  evidence,
  onward,
}: {
  readonly desk: Desk
  readonly opened: DeskOpened
  readonly first: SavedDraft
  readonly evidence: Found | null
  readonly onward: RefObject<HTMLDivElement | null>
}) {
  const mayWrite = useMay('write')
  const signed = desk.items.filter((item) => item.followed.signOff).length
  return (
    <Head
      title={
        <h1 className="min-w-0">
          <input
            aria-label="Title of the draft"
            value={desk.title}
            readOnly={!mayWrite}
            onChange={(event) => desk.setTitle(event.target.value)}
            className="w-[min(24rem,70vw)] border-b border-transparent bg-transparent font-text text-xl font-semibold tracking-tight hover:border-line"
          />
        </h1>
      }
      about={<span role="status">{SAVE_WORDS[desk.saveState]}</span>}
    >
      {desk.meeting && opened.meetsLater && (
        <Button onClick={() => opened.meetLater(false)}>Put both together …</Button>
      )}
      <Others place={`draft:${first.id}`} />
      <Progress items={desk.items} signed={signed} />
      <Button className="md:hidden" onClick={opened.turn}>
        {opened.side === 'text' ? 'Show items' : 'Show text'}
      </Button>
      {(mayWrite || desk.keyText?.trim()) && (
        <Button aria-expanded={opened.keyShown} onClick={() => opened.showKey(!opened.keyShown)}>
          Key{desk.keyText?.trim() ? ' ✓' : '…'}
        </Button>
      )}
      <EvidenceButton found={evidence} open={() => opened.open('evidence')} />
      <May right="write" to="change drafts">
        {first.source !== null && desk.items.length > 0 && (
          <Button onClick={() => opened.open('again')}>Draft again…</Button>
        )}
        <Button onClick={desk.tidy}>Tidy the text</Button>
        <Button onClick={() => opened.open('copy')}>Hand over</Button>
        <div ref={onward} className="flex gap-2">
          <Button disabled={!desk.items.length} onClick={() => opened.open('bank')}>
            {signed ? `Put ${signed} in the bank` : 'Put in the bank'}
          </Button>
          <SendOn draftId={first.id} desk={desk} signed={signed} askBank={() => opened.open('bank')} />
        </div>
      </May>
    </Head>
  )
}

const MAX_DOTS = 24

function Progress({ items, signed }: { readonly items: readonly DeskItem[]; readonly signed: number }) {
  if (!items.length) return null
  return (
    <span className="flex items-center gap-1.5 whitespace-nowrap">
      {items.length <= MAX_DOTS && (
        <span aria-hidden="true" className="inline-flex gap-[3px]">
          {items.map((item) => (
            <span
              key={item.followed.ref}
              className={`size-[9px] rounded-full border ${item.followed.signOff ? 'border-ink bg-ink' : item.read.marks.some((mark) => mark.severity === 'trouble') ? 'border-beet bg-beet-wash' : 'border-ink'}`}
            />
          ))}
        </span>
      )}
      <span>
        <b>
          {signed} of {items.length}
        </b>{' '}
        <span className="text-muted">signed off</span>
      </span>
    </span>
  )
}
