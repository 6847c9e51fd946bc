import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { useFacets } from '../bank/queries'
import { useDeliveries } from '../dispatch/queries'
import { counted } from '../parts/item-words'
import { useSittings } from '../results/queries'

interface Waiting {
  readonly to: string
  readonly what: string
  readonly count: number
  readonly isTrouble?: boolean
}

/** What waits at each station, the first of it first; a station where nothing waits is left out. */
export function WaitsHere({ drafts }: { readonly drafts: readonly Schemas['DraftSummaryDto'][] }) {
  const facets = useFacets({})
  const deliveries = useDeliveries()
  const sittings = useSittings()
  const troubled = drafts.filter(({ troubleCount }) => troubleCount > 0)
  const unsigned = drafts.filter(
    ({ itemCount, signedCount, troubleCount }) => troubleCount === 0 && signedCount < itemCount,
  )
  const unproven = (deliveries.data ?? []).filter(
    ({ state, disagreeing }) => state === 'failed' || state === 'stopped' || (disagreeing ?? 0) > 0,
  )
  const taken = (sittings.data ?? []).filter(({ underWay, isOpen }) => isOpen && underWay > 0)
  const waiting: readonly Waiting[] = [
    {
      to: troubled.length === 1 ? `/drafts/${troubled[0]?.id ?? ''}` : '/drafts',
      what: `${counted(troubled.length, 'draft', 'drafts')} with something to decide`,
      count: troubled.length,
      isTrouble: true,
    },
    {
      to: unsigned.length === 1 ? `/drafts/${unsigned[0]?.id ?? ''}` : '/drafts',
      what: `${counted(unsigned.length, 'draft', 'drafts')} to sign off`,
      count: unsigned.length,
    },
    {
      to: '/bank/sign-off',
      what: `${counted(facets.data?.waiting ?? 0, 'item', 'items')} of the bank to sign off`,
      count: facets.data?.waiting ?? 0,
    },
    {
      to: unproven.length === 1 ? `/dispatch/${unproven[0]?.id ?? ''}` : '/dispatch',
      what: `${counted(unproven.length, 'delivery', 'deliveries')} not proven`,
      count: unproven.length,
      isTrouble: true,
    },
    {
      to: taken.length === 1 ? `/results/${taken[0]?.id ?? ''}` : '/results',
      what: `${counted(taken.length, 'paper', 'papers')} being taken just now`,
      count: taken.length,
    },
  ]
  const shown = waiting.filter(({ count }) => count > 0)
  return (
    <section aria-label="What waits" className="min-w-0 px-1">
      <h2 className="mb-1 text-xs font-semibold text-muted">What waits</h2>
      {shown.length ? (
        <ul>
          {shown.map(({ to, what, isTrouble }) => (
            <li key={what}>
              <Link to={to} className={`block py-1 hover:underline ${isTrouble ? 'text-beet' : ''}`}>
                <span aria-hidden="true">{isTrouble ? '◆ ' : '◐ '}</span>
                {what}
              </Link>
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-muted">
          <span aria-hidden="true">✓ </span>Nothing. What is decided, signed and proven stays so.
        </p>
      )}
    </section>
  )
}
