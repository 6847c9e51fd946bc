import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, dataOf } from '../api/client'
import { straightOn, usePaperOf } from '../papers/paper-of'
import { Button } from '../parts/Button'
import { useTell } from '../parts/notices'
import { useMay } from '../people/May'
import { useToBank } from './queries'
import type { Desk } from './use-desk'

/** New items of a draft that are compared with the bank at most. */
const MOST_COMPARED = 200

/**
 * One step from signed items to sending them: they go to the bank, a paper is made of them, and what fits where stands
 * there. What says nearly the same as an item of the bank is looked at first.
 */
export function SendOn({
  draftId,
  desk,
  signed,
  askBank,
}: {
  readonly draftId: string
  readonly desk: Desk
  readonly signed: number
  readonly askBank: () => void
}) {
  const toBank = useToBank(draftId)
  const paperOf = usePaperOf()
  const navigate = useNavigate()
  const tell = useTell()
  const [isGoing, setGoing] = useState(false)
  const maySend = useMay('dispatch')
  const send = async (): Promise<void> => {
    setGoing(true)
    try {
      await desk.flush()
      const fresh = desk.items.filter(({ followed }) => followed.bankItemId === null && followed.signOff)
      const bodies = fresh.slice(0, MOST_COMPARED).map(({ read }) => ({ ...read.item }))
      const near = bodies.length ? await dataOf(api.POST('/api/items/near', { body: { bodies } })) : []
      const alike = near.filter((one) => one.near.length).length
      if (alike) {
        tell(`${alike} of them say nearly the same as what is in the bank. Say what becomes of them first.`)
        return askBank()
      }
      const { draft } = await toBank.mutateAsync({ includeUnsigned: false })
      desk.accept(draft)
      const itemIds = draft.followed.flatMap(({ signOff, bankItemId }) => (signOff && bankItemId ? [bankItemId] : []))
      void navigate(straightOn(await paperOf(desk.title, itemIds)))
    } catch (error) {
      tell(error instanceof Error ? error.message : 'They were not sent.', { tone: 'trouble' })
    } finally {
      setGoing(false)
    }
  }
  if (!maySend) return null
  return (
    <Button tone="lead" data-lead="" disabled={!signed || isGoing} onClick={() => void send()}>
      {isGoing ? 'To the bank …' : signed ? `Send ${signed === 1 ? 'it' : `the ${signed}`}…` : 'Send…'}
    </Button>
  )
}
