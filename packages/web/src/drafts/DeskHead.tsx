import type { RefObject } from 'react'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { Others } from '../people/Others'
import type { DeskItem } from './desk-state'
import type { SavedDraft } from './queries'
import { SendOn } from './SendOn'
import { EvidenceButton, type Found } from './writing/EvidenceDialog'
import type { SaveState } from './desk/saver'
import type { Desk } from './use-desk'

const SAVE_WORDS: Readonly<Record<SaveState, string>> = {
  saved: 'saved',
  waiting: 'kept as you type',
  saving: 'saving …',
  offline: 'not saved yet; kept in this browser',
  conflict: 'somebody else changed it, too; kept in this browser',
}

export type Opened = 'bank' | 'keys' | 'copy' | 'evidence' | 'again' | null

export type Side = 'text' | 'items'

export function DeskHead({
  desk,
  mayWrite,
  later,
  setLater,
  signed,
  setSide,
  side,
  keyShown,
  setKeyShown,
  evidence,
  setDialog,
  first,
  onward,
}: {
  readonly desk: Desk
  readonly mayWrite: boolean
  readonly later: boolean
  readonly setLater: (next: boolean) => void
  readonly signed: number
  readonly setSide: (next: Side) => void
  readonly side: Side
  readonly keyShown: boolean
  readonly setKeyShown: (next: boolean) => void
  readonly evidence: Found | null
  readonly setDialog: (next: Opened) => void
  readonly first: SavedDraft
  readonly onward: RefObject<HTMLDivElement | null>
}) {
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
      {desk.meeting && later && <Button onClick={() => setLater(false)}>Put both together …</Button>}
      <Others place={`draft:${first.id}`} />
      <Progress items={desk.items} signed={signed} />
      <Button className="md:hidden" onClick={() => setSide(side === 'text' ? 'items' : 'text')}>
        {side === 'text' ? 'Show items' : 'Show text'}
      </Button>
      {(mayWrite || desk.keyText?.trim()) && (
        <Button aria-expanded={keyShown} onClick={() => setKeyShown(!keyShown)}>
          Key{desk.keyText?.trim() ? ' ✓' : '…'}
        </Button>
      )}
      <EvidenceButton found={evidence} open={() => setDialog('evidence')} />
      <May right="write" to="change drafts">
        {first.source !== null && desk.items.length > 0 && (
          <Button onClick={() => setDialog('again')}>Draft again…</Button>
        )}
        <Button onClick={desk.tidy}>Tidy the text</Button>
        <Button onClick={() => setDialog('copy')}>Hand over</Button>
        <div ref={onward} className="flex gap-2">
          <Button disabled={!desk.items.length} onClick={() => setDialog('bank')}>
            {signed ? `Put ${signed} in the bank` : 'Put in the bank'}
          </Button>
          <SendOn draftId={first.id} desk={desk} signed={signed} askBank={() => setDialog('bank')} />
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
