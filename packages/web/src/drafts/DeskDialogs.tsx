import { lazy, Suspense } from 'react'
import { HandOver } from '../people/HandOver'
import { KeysDialog } from './KeysDialog'
import { MergeDialog } from './merge/MergeDialog'
import type { SavedDraft } from './queries'
import { ToBankDialog } from './ToBankDialog'
import { PartMenu } from './teaching/PartMenu'
import { EvidenceDialog, type Found } from './writing/EvidenceDialog'
import { ReadingDialog } from './writing/ReadingDialog'
import type { Again } from './writing/use-again'
import type { DraftReply } from './writing/use-draft-reply'
import type { Desk } from './use-desk'
import type { DeskOpened } from './desk/desk-opened'

const AgainDialog = lazy(() => import('./writing/AgainDialog').then((part) => ({ default: part.AgainDialog })))

/** What opens over the desk. */
export function DeskDialogs({
  desk,
  opened,
  first,
  evidence,
  replies,
  again,
}: {
  readonly desk: Desk
  readonly opened: DeskOpened
  readonly first: SavedDraft
  readonly evidence: Found | null
  readonly replies: DraftReply
  readonly again: Again
}) {
  const { dialog, close, sentences } = opened
  return (
    <>
      <ToBankDialog draftId={first.id} desk={desk} open={dialog === 'bank'} close={close} />
      <PartMenu teaching={desk.teaching} toText={() => desk.view()?.focus()} />
      <EvidenceDialog found={evidence} items={desk.items} open={dialog === 'evidence'} close={close} goTo={desk.goTo} />
      {sentences && first.source !== null && (
        <ReadingDialog source={first.source} sentences={sentences} close={() => opened.showSentences(null)} />
      )}
      {dialog === 'again' && first.source !== null && (
        <Suspense>
          <AgainDialog
            draftId={first.id}
            source={first.source}
            desk={desk}
            drafted={replies.drafted}
            found={evidence}
            first={desk.here}
            again={again}
            close={close}
          />
        </Suspense>
      )}
      <KeysDialog open={dialog === 'keys'} close={close} />
      {dialog === 'copy' && <HandOver kind="draft" ids={[first.id]} title={desk.title} close={close} />}
      {desk.meeting && !opened.meetsLater && (
        <MergeDialog
          by={desk.meeting.theirs.updatedBy ?? 'Somebody'}
          clashes={desk.meeting.clashes}
          settle={desk.settle}
          close={() => opened.meetLater(true)}
        />
      )}
    </>
  )
}
