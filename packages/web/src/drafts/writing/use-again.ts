import { editsForItems, readDraft, type Item } from '@zakuska/core'
import { useEffect, useRef, useState } from 'react'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { useReply, useWritingChanges, type Reply } from '../../writing/queries'
import type { DeskItem } from '../desk-state'
import { applyToEditor } from '../editor'
import type { Desk } from '../use-desk'

const LONGEST_SAID = 160

interface Asked {
  readonly id: string
  /** The items that others are to take over from. */
  readonly refs: readonly string[]
}

export interface Again {
  readonly asked: Asked | null
  readonly reply: Reply | undefined
  readonly begin: (asked: Asked) => void
}

/**
 * Items that are drafted again. When the reply is whole, its items go where the old ones stand by then; one undo takes all
 * of it back. It goes on while the dialog is closed.
 */
export function useAgain(desk: Desk, done: () => void): Again {
  const tell = useTell()
  const { setTaken } = useWritingChanges()
  const [asked, begin] = useState<Asked | null>(null)
  const reply = useReply(asked?.id ?? null).data
  const taken = useRef<string | null>(null)
  useEffect(() => {
    const editor = desk.view()
    if (!asked || !reply || reply.id !== asked.id || !editor || !desk.reading) return
    if (reply.state === 'writing' || taken.current === reply.id) return
    taken.current = reply.id
    const { refs } = asked
    const fresh = reply.state === 'done' ? readDraft({ text: reply.text }).items.map(({ item }) => item) : []
    const instead = matched(desk.items, refs, fresh)
    if (!instead.size) {
      // It was told of now, and waits for nobody any more.
      setTaken.mutate(reply.id)
      return tell(whyNothing(reply), { tone: 'trouble' })
    }
    applyToEditor(editor, editsForItems({ text: editor.state.doc.toString() }, desk.reading, instead))
    // Only once it is saved may the server stop offering it.
    void desk.flush().then((saved) => saved && setTaken.mutate(reply.id))
    const left = refs.length - instead.size
    const stay = left ? ` For ${left} nothing else came; ${left === 1 ? 'it stays' : 'they stay'}.` : ''
    tell(`${counted(instead.size, 'item was', 'items were')} drafted again.${stay}`, { undo: desk.undo })
    done()
  }, [desk, asked, reply, setTaken, tell, done])
  return { asked, reply: asked && reply?.id === asked.id ? reply : undefined, begin }
}

/** What came where no item did, in its own words. */
function whyNothing({ why, text, sentTo }: Reply): string {
  const said = text.replace(/\s+/g, ' ').trim().slice(0, LONGEST_SAID)
  return (
    why ?? (said ? `No question came instead; ${sentTo.split(',')[0] ?? ''} says: “${said}”` : 'Nothing came instead.')
  )
}

/** New items by the place of those that they take over from: of the same kind first, then whatever is left. */
export function matched(
  items: readonly DeskItem[],
  refs: readonly string[],
  fresh: readonly Item[],
): Map<number, Item> {
  const left = [...fresh]
  const found = new Map<number, Item>()
  const places = items.flatMap(({ followed }, at) => (refs.includes(followed.ref) ? at : []))
  for (const isSameKind of [true, false])
    for (const at of places) {
      if (found.has(at)) continue
      const next = left.findIndex(({ kind }) => !isSameKind || kind === items[at]?.read.item.kind)
      const [item] = next < 0 ? [] : left.splice(next, 1)
      if (item) found.set(at, item)
    }
  return found
}
