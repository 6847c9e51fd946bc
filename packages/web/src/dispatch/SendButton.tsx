import { useEffect, useRef, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import type { Paper } from '../papers/queries'
import { type Accepted, goingOf, remedyList, type Row } from './fit-rows'
import type { Course } from './GoesTo'
import { type Connection, type DeliverySummary, useDispatchChanges } from './queries'

interface SendButtonProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly accepted: Accepted
  readonly course: Course
  readonly connection: Connection | undefined
  readonly before: DeliverySummary | undefined
}

/** The one next step; where one comes straight from a draft or the bank, it waits for Enter. */
export function SendButton({ paper, rows, accepted, course, connection, before }: SendButtonProps) {
  const { send } = useDispatchChanges()
  const navigate = useNavigate()
  const tell = useTell()
  const [search] = useSearchParams()
  const [ids] = useState<Map<string, string>>(() => new Map())
  const button = useRef<HTMLButtonElement>(null)
  const isStraight = search.has('straight') || before !== undefined
  useEffect(() => {
    if (isStraight) button.current?.focus()
  }, [isStraight])
  const { count: going } = goingOf(rows, connection?.destination, course.includeUnsigned)
  const papers = course.versions.length ? course.versions : [paper.id]
  const isReady = connection && going > 0 && !(course.into === 'add' && !course.addTo && !before)
  const go = async (): Promise<void> => {
    if (!connection || send.isPending) return
    const { connectionId, into, addTo, addAt, includeUnsigned, forAll } = course
    const isSet = Object.keys(forAll).some((name) => name !== 'exceptions')
    try {
      const sent = []
      for (const paperId of papers) {
        // The same delivery however often the button is pressed, and however the answer gets lost.
        const id = ids.get(paperId) ?? crypto.randomUUID()
        ids.set(paperId, id)
        const given = {
          ...{ id, paperId, connectionId, into, includeUnsigned },
          ...(into === 'add' && { addTo, ...(addAt !== null && { addAt }) }),
          remedies: remedyList(accepted, (destination) => destination === connection.destination),
          ...(isSet && { forAll }),
          ...(before && paperId === before.paperId && { again: before.id }),
        }
        sent.push(await send.mutateAsync(given))
      }
      const [only, ...others] = sent
      void navigate(only && !others.length ? `/dispatch/${only.id}` : '/dispatch')
      if (others.length) tell(`${sent.length} versions are on their way, each on its own.`)
    } catch (error) {
      tell(error instanceof Error ? error.message : 'It was not sent.', { tone: 'trouble' })
    }
  }
  return (
    <Button ref={button} tone="lead" disabled={!isReady || send.isPending} onClick={() => void go()}>
      {send.isPending
        ? 'Sending …'
        : papers.length > 1 || course.versions.length
          ? `Send ${counted(papers.length, 'version', 'versions')} to ${connection?.name ?? '…'}`
          : before
            ? `Send again to ${connection?.name ?? '…'}`
            : `Send ${counted(going, 'item', 'items')} to ${connection?.name ?? '…'}`}
    </Button>
  )
}
