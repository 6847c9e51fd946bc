import type { editsForItems, Item } from '@zakuska/core'
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
  const fresh = useItemsOf(reply)
  useEffect(() => {
    const editor = desk.view()
    if (!asked || !reply || reply.id !== asked.id || !editor || !desk.reading) return
    if (reply.state === 'writing' || taken.current === reply.id || !fresh) return
    taken.current = reply.id
    const { refs } = asked
    const instead = matched(desk.items, refs, fresh.items)
    if (!instead.size) {
      // It was told of now, and waits for nobody any more.
      setTaken.mutate(reply.id)
      return tell(whyNothing(reply), { tone: 'trouble' })
    }
    applyToEditor(editor, fresh.editsForItems({ text: editor.state.doc.toString() }, desk.reading, instead))
    // Only once it is saved may the server stop offering it.
    void desk.flush().then((saved) => saved && setTaken.mutate(reply.id))
    const left = refs.length - instead.size
    const stay = left ? ` For ${left} nothing else came; ${left === 1 ? 'it stays' : 'they stay'}.` : ''
    tell(`${counted(instead.size, 'item was', 'items were')} drafted again.${stay}`, { undo: desk.undo })
    done()
  }, [desk, asked, reply, fresh, setTaken, tell, done])
  return { asked, reply: asked && reply?.id === asked.id ? reply : undefined, begin }
}

interface Fresh {
  readonly id: string
  /** Items of a reply that is whole; of one that was cut, none. */
  readonly items: readonly Item[]
  readonly editsForItems: typeof editsForItems
}

/** What a reply that has ended holds, and the reader to put it in with; null until both are there. */
function useItemsOf(reply: Reply | undefined): Fresh | null {
  const [read, setRead] = useState<Fresh | null>(null)
  const { id, state, text = '' } = reply ?? {}
  useEffect(() => {
    if (!id || state === undefined || state === 'writing') return
    void import('./items-in').then(({ itemsIn, editsForItems }) =>
      setRead({ id, items: state === 'done' ? itemsIn(text) : [], editsForItems }),
    )
  }, [id, state, text])
  return read?.id === id ? read : null
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
