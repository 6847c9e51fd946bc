import { KIND_NAMES, type Item } from '@zakuska/core'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useReadyMade } from './queries'

type ReadyMadeSet = Schemas['ReadyMadeSetDto']

/** The sets that come with this server, by outcome: each opens to be looked through, and copied. */
export function ReadyMadePage() {
  const sets = useReadyMade()
  const [text, setText] = useState('')
  const found = sets.data?.filter((set) => matches(set, text)) ?? []
  return (
    <>
      <Head title="Ready-made sets" about="to look through and copy; what you copy is yours to change">
        <Link to="/bank" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
          Item bank
        </Link>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto px-3 py-4 sm:px-[18px]">
        {sets.isPending && <Waiting what="the sets" />}
        {sets.isError && <Problem error={sets.error} again={() => void sets.refetch()} />}
        {sets.data?.length === 0 && (
          <Empty title="No sets came with this server">
            <p>They come with the demo. Items of a colleague are handed over by a link: ask for one.</p>
          </Empty>
        )}
        {!!sets.data?.length && (
          <div className="mx-auto max-w-3xl">
            <input
              type="search"
              aria-label="Find by outcome or title"
              placeholder="Outcome or title"
              className="mb-3 w-full rounded-[3px] border border-edge bg-sheet px-2.5 py-1.5"
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
            <p role="status" className="mb-2 text-muted">
              {found.length ? counted(found.length, 'set', 'sets') : 'No set is about that.'}
            </p>
            <ul className="border-t border-line">
              {found.map((set) => (
                <li key={set.id} className="border-b border-line">
                  <Link
                    to={`/copy/${set.id}`}
                    className="grid gap-x-4 px-2 py-2.5 hover:bg-sheet sm:grid-cols-[1fr_auto]"
                  >
                    <span className="font-text text-[17px]">{set.title}</span>
                    <span className="text-muted">{counted(set.kinds.length, 'item', 'items')}</span>
                    <span>{set.outcome}</span>
                    <span className="text-muted">{set.here > 0 && `✓ ${set.here} in your bank`}</span>
                    <span className="text-muted sm:col-span-2">{kindsOf(set.kinds)}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </div>
        )}
      </div>
    </>
  )
}

function matches(set: ReadyMadeSet, text: string): boolean {
  const all = `${set.outcome} ${set.title}`.toLowerCase()
  return text
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word))
}

/** "2 single choice, numeric". */
function kindsOf(kinds: readonly string[]): string {
  const counts = new Map<string, number>()
  for (const kind of kinds) counts.set(kind, (counts.get(kind) ?? 0) + 1)
  return [...counts]
    .map(([kind, count]) => `${count > 1 ? `${count} ` : ''}${KIND_NAMES[kind as Item['kind']].toLowerCase()}`)
    .join(', ')
}
