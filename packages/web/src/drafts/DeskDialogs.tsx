import type { Sentence } from '@zakuska/core'
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
import type { Opened } from './DeskHead'

const AgainDialog = lazy(() => import('./writing/AgainDialog').then((part) => ({ default: part.AgainDialog })))

/** What opens over the desk. */
export function DeskDialogs({
  desk,
  dialog,
  setDialog,
  evidence,
  shownIn,
  first,
  setShownIn,
  replies,
  again,
  closeDialog,
  later,
  setLater,
}: {
  readonly desk: Desk
  readonly dialog: Opened
  readonly setDialog: (next: Opened) => void
  readonly evidence: Found | null
  readonly shownIn: readonly Sentence[] | null
  readonly first: SavedDraft
  readonly setShownIn: (next: readonly Sentence[] | null) => void
  readonly replies: DraftReply
  readonly again: Again
  readonly closeDialog: () => void
  readonly later: boolean
  readonly setLater: (next: boolean) => void
}) {
  return (
    <>
      <ToBankDialog draftId={first.id} desk={desk} open={dialog === 'bank'} close={() => setDialog(null)} />
      <PartMenu teaching={desk.teaching} toText={() => desk.view()?.focus()} />
      <EvidenceDialog
        found={evidence}
        items={desk.items}
        open={dialog === 'evidence'}
        close={() => setDialog(null)}
        goTo={desk.goTo}
      />
      {shownIn && first.source !== null && (
        <ReadingDialog source={first.source} sentences={shownIn} close={() => setShownIn(null)} />
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
            close={closeDialog}
          />
        </Suspense>
      )}
      <KeysDialog open={dialog === 'keys'} close={() => setDialog(null)} />
      {dialog === 'copy' && <HandOver kind="draft" ids={[first.id]} title={desk.title} close={() => setDialog(null)} />}
      {desk.meeting && !later && (
        <MergeDialog
          by={desk.meeting.theirs.updatedBy ?? 'Somebody'}
          clashes={desk.meeting.clashes}
          settle={desk.settle}
          close={() => setLater(true)}
        />
      )}
    </>
  )
}
