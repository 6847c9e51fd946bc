import { plainText } from '@zakuska/core'
import { useState } from 'react'
import { useBankSearch } from '../bank/queries'
import { Button } from '../parts/Button'
import type { Entry } from './paper-parts'

/** Items found in the bank, to be put on the paper one by one. */
export function AddItems({
  entries,
  add,
}: {
  readonly entries: readonly Entry[]
  readonly add: (entry: Entry) => void
}) {
  const [text, setText] = useState('')
  const found = useBankSearch({ filter: text ? { text } : {}, sort: 'newest' })
  const items = found.data?.pages.flatMap((page) => page.items)
  const there = new Set(entries.map((entry) => entry.itemId))
  return (
    <div className="grid gap-3">
      <h2 className="text-[15px] font-semibold">From the bank</h2>
      <input
        type="search"
        autoFocus
        aria-label="Search the bank"
        placeholder="Search words"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="rounded-[3px] border border-ink bg-sheet px-2.5 py-1"
      />
      <ul aria-label="Found items">
        {items?.map((item) => {
          const body = item.body
          return (
            <li key={item.id} className="flex items-start gap-2 border-b border-line py-1.5">
              <span className="min-w-0 flex-1 font-text text-[14.5px] leading-snug">
                {plainText(body.stem)}
                {item.signOff === null && <span className="block font-ui text-xs text-beet">◆ not signed off</span>}
              </span>
              <Button
                disabled={there.has(item.id)}
                aria-label={`Add: ${plainText(body.stem).slice(0, 60)}`}
                onClick={() => add({ itemId: item.id, points: body.points, required: false })}
              >
                {there.has(item.id) ? 'on it' : 'Add'}
              </Button>
            </li>
          )
        })}
      </ul>
      {items?.length === 0 && <p className="text-muted">Nothing in the bank matches.</p>}
    </div>
  )
}
