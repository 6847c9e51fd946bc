import type { Mark } from '@zakuska/core'
import { type RefObject, useEffect, useMemo, useState } from 'react'
import { useParams } from 'react-router'
import { useSession } from '../people/session'
import { useMay } from '../people/May'
import { Problem, Waiting } from '../parts/Empty'
import { sameDoubts } from './desk-state'
import { DeskCard } from './DeskCard'
import { DecideTray } from './DecideTray'
import { KeyPane } from './KeyPane'
import { type SavedDraft, useDraft } from './queries'
import { useEvidence } from './writing/EvidenceDialog'
import { useBeside } from './writing/use-beside'
import { ReplyBar } from './writing/ReplyBar'
import { useAgain } from './writing/use-again'
import { useDraftReply } from './writing/use-draft-reply'
import { paneKeys, usePane, useTextFirst, useTroubleKey } from './desk/pane'
import { type Desk, useDesk } from './use-desk'
import type { Beside } from './writing/BesideItem'
import { type Side, useDeskOpened } from './desk/desk-opened'
import { DeskHead } from './DeskHead'
import { DeskDialogs } from './DeskDialogs'
import { Hairline } from './Hairline'

export function DraftDeskPage() {
  const { id = '' } = useParams()
  const draft = useDraft(id)
  const session = useSession()
  if (draft.isPending) return <Waiting what="the draft" />
  if (draft.isError) return <Problem error={draft.error} again={() => void draft.refetch()} />
  return <DraftDesk key={draft.data.id} draft={draft.data} personName={session.data?.name ?? ''} />
}

function DraftDesk({ draft, personName }: { readonly draft: SavedDraft; readonly personName: string }) {
  const opened = useDeskOpened()
  const { side } = opened
  // The first draft is the one that is edited; later copies from the server only bring its version.
  const [first] = useState(draft)
  const mayWrite = useMay('write')
  const maySignOff = useMay('sign-off')
  const { pane, onward, show, ...moves } = usePane()
  const desk = useDesk(first, { personName, ...moves, mayWrite, maySignOff })
  useEffect(() => show(desk.items))
  useTextFirst(desk, first.text === '')
  useTroubleKey(desk.nextTrouble)
  const asIn = useMemo(() => sameDoubts(desk.items), [desk.items])
  const evidence = useEvidence(first.source, desk.items)
  const beside = useBeside(evidence, desk.items, opened.showSentences)
  const again = useAgain(desk, opened.close)
  const replies = useDraftReply(
    draft.id,
    first.source !== null,
    desk,
    mayWrite ? personName : null,
    again.asked?.id ?? null,
  )
  useEffect(() => {
    pane.current?.querySelector('[data-here="true"]')?.scrollIntoView({ block: 'nearest' })
  }, [pane, desk.here])
  return (
    <>
      <DeskHead {...{ desk, opened, first, evidence, onward }} />
      {replies.reply && <ReplyBar {...replies} reply={replies.reply} read={desk.items.length} />}
      <div className="grid min-h-0 flex-1 md:grid-cols-[1fr_44px_1fr]">
        <TextPane side={side} desk={desk} />
        <Hairline desk={desk} pane={pane.current} />
        <ItemList pane={pane} desk={desk} side={side} asIn={asIn} beside={beside} />
      </div>
      {opened.keyShown && (
        <KeyPane
          text={desk.keyText ?? ''}
          change={mayWrite ? (text) => desk.setKeyText(text || null) : undefined}
          close={() => opened.showKey(false)}
        />
      )}
      <DecideTray desk={desk} showKeys={() => opened.open('keys')} />
      <DeskDialogs {...{ desk, opened, first, evidence, replies, again }} />
    </>
  )
}

function TextPane({ side, desk }: { readonly side: Side; readonly desk: Desk }) {
  return (
    <section
      aria-label="Drafted text"
      className={`draft-text relative min-h-0 overflow-hidden bg-rye ${side === 'text' ? '' : 'hidden md:block'}`}
    >
      <div ref={desk.attach} className="absolute inset-0" />
      {desk.reading && desk.view()?.state.doc.length === 0 && (
        <p className="pointer-events-none absolute top-[9px] left-[64px] font-mono text-[13px] text-muted">
          Paste or type questions here, as you have them.
        </p>
      )}
    </section>
  )
}

/** The items as they are read, each beside its text. */
function ItemList({
  pane,
  desk,
  side,
  asIn,
  beside,
}: {
  readonly pane: RefObject<HTMLDivElement | null>
  readonly desk: Desk
  readonly side: Side
  readonly asIn: ReadonlyMap<Mark, number>
  readonly beside: readonly Beside[]
}) {
  return (
    <section
      aria-label="Items"
      ref={pane}
      onKeyDown={(event) => paneKeys(event, desk)}
      className={`min-h-0 overflow-y-auto bg-sheet pb-[40vh] pl-1.5 ${side === 'items' ? '' : 'hidden md:block'}`}
    >
      {desk.items.map((item, index) => (
        <DeskCard
          key={item.followed.ref}
          item={item}
          index={index}
          here={index === desk.here}
          asIn={asIn}
          goTo={desk.goTo}
          setKey={desk.setKey}
          signOff={desk.signOff}
          takeBack={desk.takeBack}
          beside={beside[index]}
        />
      ))}
      {desk.reading && desk.items.length === 0 && (
        <p className="px-6 py-16 text-center text-muted">
          {desk.view()?.state.doc.length
            ? 'No question was found in this text yet.'
            : 'Items appear here as they are read.'}
        </p>
      )}
    </section>
  )
}
