import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { ApiProblem, type Schemas } from '../api/client'
import { useTell } from '../parts/notices'
import { mergePapers, PARTS } from './merge-papers'
import { type Paper, paperQuery, usePaperChanges } from './queries'
import type { PaperState } from './paper-parts'

export type ItemOf = ReadonlyMap<string, Schemas['ItemDto']>

export type ChangePaper = (part: Partial<PaperState>) => void

const SAVE_AFTER_MS = 500

function stateOf(paper: Paper): PaperState {
  const { title, instructions, entries, shuffleItems, shuffleOptions, sections } = paper
  const { identity, timeLimit, attempts, feedbackWhen, rules } = paper
  return {
    title,
    instructions,
    entries,
    shuffleItems,
    shuffleOptions,
    sections,
    identity,
    timeLimit,
    attempts,
    feedbackWhen,
    rules,
  }
}

/** Keeps what is edited and saves it shortly after; the newest edit wins, one save at a time. */
export function usePaperState(paper: Paper, isReadOnly = false) {
  const { save } = usePaperChanges()
  const client = useQueryClient()
  const tell = useTell()
  const [state, setState] = useState(() => stateOf(paper))
  const live = useRef({ state, agreed: state, version: paper.version, timer: 0, running: false, dirty: false })
  const push = useRef<() => void>(() => undefined)
  useEffect(() => {
    /** Somebody else changed the paper, too: both go together, and where both changed the same, one chooses. */
    const meet = async (): Promise<void> => {
      const theirs = await client.fetchQuery({ ...paperQuery(paper.id), staleTime: 0 })
      const now = live.current
      const { state: merged, clashes } = mergePapers(now.agreed, now.state, stateOf(theirs))
      Object.assign(now, { state: merged, agreed: stateOf(theirs), version: theirs.version, dirty: true })
      setState(merged)
      const by = theirs.updatedBy ?? 'Somebody'
      if (clashes.length)
        tell(`${by} changed ${clashes.map((one) => PARTS[one]).join(', ')}, too. Yours is kept; undo takes theirs.`, {
          tone: 'trouble',
          undo: () => change(Object.fromEntries(clashes.map((one) => [one, stateOf(theirs)[one]]))),
        })
      else tell(`What ${by} changed meanwhile is in this paper now.`)
    }
    push.current = () => {
      const now = live.current
      if (now.running || !now.dirty) return
      now.dirty = false
      now.running = true
      const sent = now.state
      save
        .mutateAsync({ id: paper.id, given: { ...sent, version: now.version } })
        .then((saved) => {
          now.version = saved.version
          now.agreed = sent
        })
        .catch((error: unknown) => {
          if (error instanceof ApiProblem && error.status === 409) return meet()
          tell(error instanceof Error ? error.message : 'The paper was not saved.', { tone: 'trouble' })
        })
        .finally(() => {
          now.running = false
          if (now.dirty) push.current()
        })
    }
  })
  useEffect(
    () => () => {
      window.clearTimeout(live.current.timer)
      push.current()
    },
    [],
  )
  const change: ChangePaper = (part) => {
    if (isReadOnly) return
    live.current.state = { ...live.current.state, ...part }
    live.current.dirty = true
    setState(live.current.state)
    window.clearTimeout(live.current.timer)
    live.current.timer = window.setTimeout(() => push.current(), SAVE_AFTER_MS)
  }
  /** Waits until what was edited is on the server, for what is reckoned there. */
  const flush = async (): Promise<void> => {
    window.clearTimeout(live.current.timer)
    push.current()
    while (live.current.running || live.current.dirty) await new Promise((resolve) => setTimeout(resolve, 50))
  }
  return { state, change, flush, saving: save.isPending }
}
