import type { EditorView } from '@codemirror/view'
import type { Sentence } from '@zakuska/core'
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent, lazy, Suspense } from 'react'
import { useParams } from 'react-router'
import { Head } from '../parts/Head'
import { useSession } from '../people/session'
import { Button } from '../parts/Button'
import { HandOver } from '../people/HandOver'
import { May, useMay } from '../people/May'
import { Others } from '../people/Others'
import { Problem, Waiting } from '../parts/Empty'
import { sameDoubts, type DeskItem } from './desk-state'
import { DeskCard } from './DeskCard'
import { DecideTray } from './DecideTray'
import { KeyPane } from './KeyPane'
import { KeysDialog } from './KeysDialog'
import { MergeDialog } from './merge/MergeDialog'
import { useDraft, type SavedDraft } from './queries'
import { ToBankDialog } from './ToBankDialog'
import { SendOn } from './SendOn'
import { PartMenu } from './teaching/PartMenu'
import { EvidenceButton, EvidenceDialog, useEvidence } from './writing/EvidenceDialog'
import { ReadingDialog } from './writing/ReadingDialog'
import { useBeside } from './writing/use-beside'
import { ReplyBar } from './writing/ReplyBar'
import { useAgain } from './writing/use-again'
import { useDraftReply } from './writing/use-draft-reply'
import type { SaveState } from './desk/saver'
import { useDesk, type Desk } from './use-desk'

const AgainDialog = lazy(() => import('./writing/AgainDialog').then((part) => ({ default: part.AgainDialog })))

export function DraftDeskPage() {
  const { id = '' } = useParams()
  const draft = useDraft(id)
  const session = useSession()
  if (draft.isPending) return <Waiting what="the draft" />
  if (draft.isError) return <Problem error={draft.error} again={() => void draft.refetch()} />
  return <DraftDesk key={draft.data.id} draft={draft.data} personName={session.data?.name ?? ''} />
}

const SAVE_WORDS: Readonly<Record<SaveState, string>> = {
  saved: 'saved',
  waiting: 'kept as you type',
  saving: 'saving …',
  offline: 'not saved yet; kept in this browser',
  conflict: 'somebody else changed it, too; kept in this browser',
}

function DraftDesk({ draft, personName }: { readonly draft: SavedDraft; readonly personName: string }) {
  const pane = useRef<HTMLDivElement>(null)
  const [dialog, setDialog] = useState<'bank' | 'keys' | 'copy' | 'evidence' | 'again' | null>(null)
  const [keyShown, setKeyShown] = useState(false)
  const [later, setLater] = useState(false)
  const [side, setSide] = useState<'text' | 'items'>('text')
  // The first draft is the one that is edited; later copies from the server only bring its version.
  const [first] = useState(draft)
  const itemsNow = useRef<readonly DeskItem[]>([])
  const level = useCallback((editor: EditorView) => keepLevel(editor, pane.current, itemsNow.current), [])
  const toItems = useCallback(
    () => pane.current?.querySelector<HTMLElement>('[data-here="true"], [data-item]')?.focus(),
    [],
  )
  const mayWrite = useMay('write')
  const maySignOff = useMay('sign-off')
  const onward = useRef<HTMLDivElement>(null)
  const wentOn = useCallback((next: number | null) => goOn(next, pane.current, onward.current), [])
  const desk = useDesk(first, { personName, scrolled: level, toItems, wentOn, mayWrite, maySignOff })
  useEffect(() => {
    itemsNow.current = desk.items
  })
  // An empty draft waits for what is pasted.
  const isEmpty = first.text === ''
  const { view } = desk
  useEffect(() => {
    if (isEmpty) view()?.focus()
    // Once, when it opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isEmpty])
  const asIn = useMemo(() => sameDoubts(desk.items), [desk.items])
  const evidence = useEvidence(first.source, desk.items)
  const [shownIn, setShownIn] = useState<readonly Sentence[] | null>(null)
  const beside = useBeside(evidence, desk.items, setShownIn)
  const closeDialog = useCallback(() => setDialog(null), [])
  const again = useAgain(desk, closeDialog)
  const replies = useDraftReply(
    draft.id,
    first.source !== null,
    desk,
    mayWrite ? personName : null,
    again.asked?.id ?? null,
  )
  const signed = desk.items.filter((item) => item.followed.signOff).length
  const { nextTrouble } = desk
  useEffect(() => {
    const anywhere = (event: globalThis.KeyboardEvent): void => {
      if (event.key !== 'F8' || event.defaultPrevented) return
      event.preventDefault()
      nextTrouble(event.shiftKey ? -1 : 1)
    }
    window.addEventListener('keydown', anywhere)
    return () => window.removeEventListener('keydown', anywhere)
  }, [nextTrouble])
  useEffect(() => {
    pane.current?.querySelector('[data-here="true"]')?.scrollIntoView({ block: 'nearest' })
  }, [desk.here])
  return (
    <>
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
        <Others place={`draft:${draft.id}`} />
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
            <SendOn draftId={draft.id} desk={desk} signed={signed} askBank={() => setDialog('bank')} />
          </div>
        </May>
      </Head>
      {replies.reply && (
        <ReplyBar
          reply={replies.reply}
          read={desk.items.length}
          isFresh={replies.isFresh}
          isMissing={replies.isMissing}
          putIn={replies.putIn}
        />
      )}
      <div className="grid min-h-0 flex-1 md:grid-cols-[1fr_44px_1fr]">
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
        <Hairline desk={desk} pane={pane.current} />
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
      </div>
      {keyShown && (
        <KeyPane
          text={desk.keyText ?? ''}
          change={mayWrite ? (text) => desk.setKeyText(text || null) : undefined}
          close={() => setKeyShown(false)}
        />
      )}
      <DecideTray desk={desk} showKeys={() => setDialog('keys')} />
      <ToBankDialog draftId={draft.id} desk={desk} open={dialog === 'bank'} close={() => setDialog(null)} />
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
            draftId={draft.id}
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
      {dialog === 'copy' && <HandOver kind="draft" ids={[draft.id]} title={desk.title} close={() => setDialog(null)} />}
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

/** Keys of the item side: letters set the key, Enter signs off and goes on, Backspace takes back, arrows walk. */
function paneKeys(event: KeyboardEvent, desk: Desk): void {
  const index = Number((event.target as HTMLElement).closest<HTMLElement>('[data-item]')?.dataset['item'] ?? -1)
  const item = desk.items[index]
  const handled = ((): boolean => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z')
      return done(() => (event.shiftKey ? desk.redo() : desk.undo()))
    if (event.ctrlKey || event.metaKey || event.altKey || !item) return false
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp')
      return done(() => focusItem(event.currentTarget as HTMLElement, index + (event.key === 'ArrowDown' ? 1 : -1)))
    if (event.key === 'Enter' && (event.target as HTMLElement).dataset['item'] !== undefined)
      return done(() => desk.signOff(index))
    if (event.key === 'Backspace' && (event.target as HTMLElement).dataset['item'] !== undefined)
      return done(() => desk.takeBack(index))
    if (event.key === 'Escape')
      return done(() => {
        desk.goTo(index)
        desk.view()?.focus()
      })
    return keyByLetter(event.key, item, index, desk)
  })()
  if (handled) event.preventDefault()
}

function done(run: () => void): true {
  run()
  return true
}

function keyByLetter(key: string, { read }: DeskItem, index: number, desk: Desk): boolean {
  if (!/^[a-z]$/i.test(key)) return false
  const letter = key.toLowerCase()
  if (read.item.kind === 'truefalse') {
    if (letter !== 't' && letter !== 'f') return false
    return done(() => desk.setKey(index, letter === 't' ? 0 : 1))
  }
  const option = letter.charCodeAt(0) - 97
  if ((read.item.kind !== 'single' && read.item.kind !== 'multiple') || option >= read.item.options.length) return false
  return done(() => desk.setKey(index, option))
}

/** The next item that waits; where none does, the next step. Who signs off in the text stays there. */
function goOn(next: number | null, pane: HTMLElement | null, onward: HTMLElement | null): void {
  if (next === null) return onward?.querySelector<HTMLElement>('[data-lead]')?.focus()
  if (pane && !document.activeElement?.closest('.cm-editor')) focusItem(pane, next)
}

function focusItem(pane: HTMLElement, index: number): void {
  pane.querySelector<HTMLElement>(`[data-item="${index}"]`)?.focus()
}

/** Scrolls the items so that the one at the top of the text stands level with its lines. */
function keepLevel(editor: EditorView, pane: HTMLElement | null, items: readonly DeskItem[]): void {
  if (!pane || pane.contains(document.activeElement)) return
  const top = editor.scrollDOM.scrollTop
  const block = editor.lineBlockAtHeight(top)
  const at = items.findLastIndex((item) => item.read.from <= block.from)
  const card = pane.querySelector<HTMLElement>(`[data-item="${Math.max(0, at)}"]`)
  if (!card) return
  const from = Math.min(items[Math.max(0, at)]?.read.from ?? 0, editor.state.doc.length)
  const into = at < 0 ? 0 : Math.max(0, top - editor.lineBlockAt(from).top)
  pane.scrollTop = at < 0 && top < 40 ? 0 : card.offsetTop - pane.offsetTop + Math.min(into, card.offsetHeight)
}

/** The line that joins the item worked on to its text. */
function Hairline({ desk, pane }: { readonly desk: Desk; readonly pane: HTMLElement | null }) {
  const svg = useRef<SVGSVGElement>(null)
  const [path, setPath] = useState('')
  const { here, items } = desk
  const editor = desk.view()
  useEffect(() => {
    const draw = (): void => setPath(hairline(svg.current, editor, pane, items[here], here))
    draw()
    const scroller = editor?.scrollDOM
    scroller?.addEventListener('scroll', draw)
    pane?.addEventListener('scroll', draw)
    window.addEventListener('resize', draw)
    return () => {
      scroller?.removeEventListener('scroll', draw)
      pane?.removeEventListener('scroll', draw)
      window.removeEventListener('resize', draw)
    }
  }, [editor, pane, items, here])
  return (
    <div className="relative hidden border-x border-line bg-paper md:block">
      <svg ref={svg} className="absolute inset-0 size-full text-mustard" aria-hidden="true">
        <path d={path} fill="none" stroke="currentColor" strokeWidth="1.4" />
      </svg>
    </div>
  )
}

function hairline(
  svg: SVGSVGElement | null,
  editor: EditorView | null,
  pane: HTMLElement | null,
  item: DeskItem | undefined,
  here: number,
): string {
  const card = pane?.querySelector<HTMLElement>(`[data-item="${here}"]`)
  if (!svg || !editor || !card || !item || item.read.from > editor.state.doc.length) return ''
  const box = svg.getBoundingClientRect()
  const line = editor.lineBlockAt(item.read.from)
  const left = editor.documentTop + line.top + line.height / 2 - box.top
  const right = card.getBoundingClientRect().top + 24 - box.top
  const inside = (y: number): boolean => y > -200 && y < box.height + 200
  return inside(left) && inside(right)
    ? `M0 ${left} C ${box.width / 2} ${left}, ${box.width / 2} ${right}, ${box.width} ${right}`
    : ''
}
