import { useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { useTell } from '../parts/notices'
import { usePaperChanges, type Paper } from './queries'

export type Entry = Schemas['PaperEntryDto']
export type Section = Schemas['PaperSectionDto']
export type Rule = Schemas['PaperRuleDto']
export type ItemOf = ReadonlyMap<string, Schemas['ItemDto']>

/** What a person edits of a paper. */
export interface PaperState {
  readonly title: string
  readonly instructions: string
  readonly entries: Entry[]
  readonly shuffleItems: boolean
  readonly shuffleOptions: boolean
  readonly sections: Section[]
  readonly identity: string[]
  readonly timeLimit: number | null
  readonly attempts: number | null
  readonly feedbackWhen: Paper['feedbackWhen']
  readonly rules: Rule[]
}

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
export function usePaperState(paper: Paper) {
  const { save } = usePaperChanges()
  const tell = useTell()
  const [state, setState] = useState(() => stateOf(paper))
  const live = useRef({ state, version: paper.version, timer: 0, running: false, dirty: false })
  const push = useRef<() => void>(() => undefined)
  useEffect(() => {
    push.current = () => {
      const now = live.current
      if (now.running || !now.dirty) return
      now.dirty = false
      now.running = true
      save
        .mutateAsync({ id: paper.id, given: { ...now.state, version: now.version } })
        .then((saved) => {
          now.version = saved.version
        })
        .catch((error: unknown) =>
          tell(error instanceof Error ? error.message : 'The paper was not saved.', { tone: 'trouble' }),
        )
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
