import { format } from 'date-fns'
import { Link } from 'react-router'
import type { DeliverySummary } from './queries'
import { intoWords, serviceName } from './words'

const STATES: Readonly<Record<DeliverySummary['state'], string>> = {
  queued: 'waits its turn',
  sending: 'is being sent',
  proving: 'key proof runs',
  done: 'arrived',
  failed: 'did not arrive',
  stopped: 'stopped',
}

/** One line of what went where. */
export function DeliveryLine({ delivery }: { readonly delivery: DeliverySummary }) {
  return (
    <li className="grid grid-cols-[5.5rem_1fr] gap-x-3 border-b border-line py-2">
      <span className="text-muted">{format(delivery.createdAt, 'd MMM HH:mm')}</span>
      <span className="min-w-0">
        <Link to={`/dispatch/${delivery.id}`} className="font-semibold underline-offset-2 hover:underline">
          {delivery.title}
        </Link>{' '}
        · {delivery.connectionName || serviceName(delivery.destination)}, {intoWords(delivery)}
        {delivery.again !== null && ', again'}
        {delivery.address !== null && !delivery.isOpen && ', closed'}
        <span className="block text-xs">
          <Standing delivery={delivery} />
        </span>
      </span>
    </li>
  )
}

export function Standing({ delivery }: { readonly delivery: DeliverySummary }) {
  if (delivery.state === 'failed')
    return (
      <span className="text-beet">
        <span aria-hidden="true">◆ </span>
        {STATES.failed}: {delivery.why}
      </span>
    )
  if (delivery.state === 'stopped')
    return (
      <span className="text-mustard-ink">
        <span aria-hidden="true">◐ </span>
        {STATES.stopped} after {delivery.done} of {delivery.total}
      </span>
    )
  if (delivery.state !== 'done')
    return (
      <span className="text-mustard-ink">
        <span aria-hidden="true">◐ </span>
        {STATES[delivery.state]}, {delivery.done} of {delivery.total}
        {delivery.why !== null && `: ${delivery.why}`}
      </span>
    )
  if (delivery.disagreeing)
    return (
      <span className="text-beet">
        <span aria-hidden="true">◆ </span>
        {delivery.disagreeing} {delivery.disagreeing === 1 ? 'key is' : 'keys are'} graded otherwise there
      </span>
    )
  return (
    <span className="text-dill">
      <span aria-hidden="true">✓ </span>
      {STATES.done}, keys proven
    </span>
  )
}
