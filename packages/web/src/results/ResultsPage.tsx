import { format } from 'date-fns'
import { Link, useNavigate } from 'react-router'
import { useDeliveries, type DeliverySummary } from '../dispatch/queries'
import { nounOf, serviceName } from '../dispatch/words'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { May } from '../people/May'
import { useSittingChanges, useSittings, type SittingSummary } from './queries'

/** The tray of sittings, and of what was handed out and not fetched yet. */
export function ResultsPage() {
  const sittings = useSittings()
  const deliveries = useDeliveries()
  const fetched = new Set(sittings.data?.map(({ deliveryId }) => deliveryId))
  const waiting = (deliveries.data ?? []).filter(({ id, address }) => address !== null && !fetched.has(id))
  const isEmpty = sittings.data?.length === 0 && deliveries.data !== undefined && waiting.length === 0
  return (
    <>
      <Head title="Results" about={sittings.data && counted(sittings.data.length, 'sitting', 'sittings')}>
        <May right="results" to="read responses">
          <Link to="/results/read" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
            Read a response file…
          </Link>
        </May>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto">
        {(sittings.isPending || deliveries.isPending) && <Waiting what="the results" />}
        {sittings.isError && <Problem error={sittings.error} again={() => void sittings.refetch()} />}
        {isEmpty && (
          <Empty title="Nothing to bring back yet">
            <p>
              Send a paper as a form, quiz or game, or open it here for the class: from the paper’s desk, “Hand out
              here”. Responses that you have as a file are read, too.
            </p>
            <p className="mt-4">
              <Link className="underline" to="/papers">
                Go to the papers
              </Link>
            </p>
          </Empty>
        )}
        {waiting.length > 0 && (
          <section aria-label="Not fetched yet">
            <ul>
              {waiting.map((delivery) => (
                <NotFetched key={delivery.id} delivery={delivery} />
              ))}
            </ul>
          </section>
        )}
        <ul aria-label="Sittings">
          {sittings.data?.map((sitting) => (
            <SittingLine key={sitting.id} sitting={sitting} />
          ))}
        </ul>
      </div>
    </>
  )
}

const LINE =
  'flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-3 py-2.5 focus-within:bg-here hover:bg-here sm:px-[18px]'

function NotFetched({ delivery }: { readonly delivery: DeliverySummary }) {
  const { ofDelivery } = useSittingChanges()
  const navigate = useNavigate()
  const tell = useTell()
  return (
    <li className={LINE}>
      <span className="min-w-0 flex-1 font-text text-base font-medium">{delivery.title}</span>
      <span className="text-muted">
        {delivery.connectionName || serviceName(delivery.destination)}, {nounOf(delivery.destination)},{' '}
        {format(delivery.createdAt, 'd MMM')}
      </span>
      <span className="w-36 text-right text-mustard-ink">◐ not fetched yet</span>
      <May right="results">
        <Button
          disabled={ofDelivery.isPending}
          aria-label={`Fetch responses of ${delivery.title}`}
          onClick={() =>
            ofDelivery.mutate(delivery.id, {
              onSuccess: ({ sitting }) => void navigate(`/results/${sitting.id}`),
              onError: (error) => tell(error.message, { tone: 'trouble' }),
            })
          }
        >
          {ofDelivery.isPending ? 'Fetching …' : 'Fetch responses'}
        </Button>
      </May>
    </li>
  )
}

function SittingLine({ sitting }: { readonly sitting: SittingSummary }) {
  const { remove, undelete } = useSittingChanges()
  const tell = useTell()
  return (
    <li className={LINE}>
      <Link to={`/results/${sitting.id}`} className="min-w-0 flex-1 font-text text-base font-medium">
        {sitting.title}
      </Link>
      <span className="text-muted">
        {sourceText(sitting)}, {format(sitting.createdAt, 'd MMM')}
      </span>
      <span className="w-44 text-right tabular-nums">
        {sitting.isOpen && <span className="text-dill">✓ open · </span>}
        {counted(sitting.attempts, 'response', 'responses')}
        {sitting.underWay > 0 && <span className="block text-xs text-mustard-ink">◐ {sitting.underWay} under way</span>}
      </span>
      <May right="delete">
        <Button
          tone="quiet"
          aria-label={`Delete the results of ${sitting.title}`}
          onClick={() =>
            remove.mutate(sitting.id, {
              onSuccess: () =>
                tell(`The results of “${sitting.title}” were deleted.`, { undo: () => undelete.mutate(sitting.id) }),
              onError: (error) => tell(error.message, { tone: 'trouble' }),
            })
          }
        >
          Delete
        </Button>
      </May>
    </li>
  )
}

export function sourceText({ source, destination }: Pick<SittingSummary, 'source' | 'destination'>): string {
  if (source === 'here') return 'taken here'
  if (source === 'file') return 'read from a file'
  return destination === null ? 'fetched' : `${serviceName(destination)}, ${nounOf(destination)}`
}
