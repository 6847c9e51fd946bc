import { format } from 'date-fns'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { Button } from '../parts/Button'
import { useTell } from '../parts/notices'
import { straightOn, usePaperOf } from './paper-of'

/** From picked items straight to sending: a paper is made of them, and what fits where stands there. */
export function SendPicked({ itemIds }: { readonly itemIds: readonly string[] }) {
  const paperOf = usePaperOf()
  const navigate = useNavigate()
  const tell = useTell()
  const [isGoing, setGoing] = useState(false)
  const send = (): void => {
    setGoing(true)
    paperOf(`From the bank, ${format(new Date(), 'd MMM HH:mm')}`, itemIds)
      .then((id) => navigate(straightOn(id)))
      .catch((error: unknown) =>
        tell(error instanceof Error ? error.message : 'They were not sent.', { tone: 'trouble' }),
      )
      .finally(() => setGoing(false))
  }
  return (
    <Button disabled={isGoing} onClick={send}>
      Send them…
    </Button>
  )
}
