import { useCallback, useMemo, useState } from 'react'
import { useReply, useRepliesOf, useWritingChanges, type Reply } from '../../writing/queries'
import type { Desk } from '../use-desk'
import { restOf, useReplyText } from './use-reply-text'

export interface DraftReply {
  /** The newest reply that the draft was asked for. */
  readonly reply: Reply | undefined
  /** All that was ever drafted for it, to tell what a person changed since. */
  readonly drafted: readonly string[]
  readonly isMissing: boolean
  /** It came while the draft was open: what it lacks is worth a word. */
  readonly isFresh: boolean
  readonly putIn: () => void
}

/** The writing service's replies for a draft, and the newest of them into its text as it grows. */
export function useDraftReply(
  draftId: string,
  hasSource: boolean,
  desk: Desk,
  /** Who looks on, where they may write. */
  writer: string | null,
  againId: string | null,
): DraftReply {
  const all = useRepliesOf([draftId], hasSource).data
  // Other questions that came while nobody was here wait to be put in, too.
  const newest = useMemo(() => all?.find((one) => isForDraft(one, againId)), [all, againId])
  const reply = useReply(newest?.id ?? null).data
  const [fresh, setFresh] = useState<string | null>(null)
  if (reply?.state === 'writing' && fresh !== reply.id) setFresh(reply.id)
  const { setTaken } = useWritingChanges()
  const { flush, view } = desk
  const { mutate } = setTaken
  const id = reply?.id
  const isWhole = reply?.state === 'done'
  const whole = useCallback(() => {
    // Only once it is saved may the server stop offering it.
    void flush().then((saved) => saved && id !== undefined && isWhole && mutate(id))
  }, [flush, id, isWhole, mutate])
  // The editor is there once something was read. It grows on one desk only: that of who asked for it.
  const target = { view, mayWrite: writer !== null && reply?.by === writer, whole }
  const { putIn } = useReplyText(desk.reading ? reply : undefined, target)
  const text = desk.view()?.state.doc.toString() ?? ''
  const isMissing =
    reply !== undefined &&
    !reply.isTaken &&
    reply.state !== 'writing' &&
    desk.reading !== null &&
    restOf(reply.text, text).trim() !== ''
  return {
    reply,
    drafted: useMemo(() => (all ?? []).map((one) => one.text).concat(reply ? [reply.text] : []), [all, reply]),
    isMissing,
    isFresh: reply !== undefined && fresh === reply.id,
    putIn,
  }
}

function isForDraft({ id, purpose, isTaken, text }: Reply, againId: string | null): boolean {
  return purpose === 'items' || (purpose === 'again' && !isTaken && text.trim() !== '' && id !== againId)
}
