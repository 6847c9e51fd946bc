import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { saveBeforeLeaving } from '../parts/leaving'
import { useTell } from '../parts/notices'
import { PARTS } from './merge-papers'
import type { PaperState } from './paper-parts'
import { PaperSaver, type SavedPaper } from './paper-saver'
import { paperQuery, usePaperChanges, type Paper } from './queries'

export type ItemOf = ReadonlyMap<string, Schemas['ItemDto']>

export type ChangePaper = (part: Partial<PaperState>) => void

function savedOf(paper: Paper): SavedPaper {
  const { title, instructions, entries, shuffleItems, shuffleOptions, sections } = paper
  const { identity, timeLimit, attempts, feedbackWhen, rules } = paper
  return {
    state: {
      ...{ title, instructions, entries, shuffleItems, shuffleOptions, sections },
      ...{ identity, timeLimit, attempts, feedbackWhen, rules },
    },
    version: paper.version,
    by: paper.updatedBy,
  }
}

/** Keeps what is edited and saves it shortly after. */
// eslint-disable-next-line max-lines-per-function -- short callbacks over the same refs, none of use without the others
export function usePaperState(paper: Paper, isReadOnly = false) {
  const { save } = usePaperChanges()
  const client = useQueryClient()
  const tell = useTell()
  const [state, setState] = useState(() => savedOf(paper).state)
  const [isWaiting, setWaiting] = useState(false)
  const latest = useRef({ save, tell })
  const met = useRef<(theirs: SavedPaper, clashes: readonly (keyof PaperState)[]) => void>(() => undefined)
  const [saver] = useState(
    () =>
      new PaperSaver({
        start: savedOf(paper),
        send: (given, version) => latest.current.save.mutateAsync({ id: paper.id, given: { ...given, version } }),
        fetch: async () => savedOf(await client.fetchQuery({ ...paperQuery(paper.id), staleTime: 0 })),
        show: setState,
        waits: setWaiting,
        met: (theirs, clashes) => met.current(theirs, clashes),
        failed: (error) =>
          latest.current.tell(`${error.message} It is tried again until it is saved.`, { tone: 'trouble' }),
      }),
  )
  useLayoutEffect(() => {
    latest.current = { save, tell }
    met.current = ({ state: theirs, by }, clashes) => {
      const who = by ?? 'Somebody'
      if (!clashes.length) return tell(`What ${who} changed meanwhile is in this paper now.`)
      tell(`${who} changed ${clashes.map((one) => PARTS[one]).join(', ')}, too. Yours is kept; undo takes theirs.`, {
        tone: 'trouble',
        undo: () => saver.change(Object.fromEntries(clashes.map((one) => [one, theirs[one]]))),
      })
    }
  })
  useEffect(() => {
    saver.open()
    const stay = saveBeforeLeaving(() => saver.flush())
    return () => {
      stay()
      saver.close()
    }
  }, [saver])
  const change: ChangePaper = useCallback(
    (part) => {
      if (!isReadOnly) saver.change(part)
    },
    [isReadOnly, saver],
  )
  /** Waits until what was edited is on the server, for what is reckoned there. */
  const flush = useCallback(() => saver.flush(), [saver])
  return { state, change, flush, saving: save.isPending, isWaiting }
}
