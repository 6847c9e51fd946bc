import type { ItemProof } from '@zakuska/core'
import { format } from 'date-fns'
import { Fragment } from 'react'
import { Link, useParams } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { May } from '../people/May'
import { Standing } from './DeliveryLine'
import { HandOut } from './HandOut'
import { ProofTable } from './ProofTable'
import { proofsOf } from './proofs'
import { isGoing, useDelivery, useDispatchChanges, type Delivery } from './queries'
import { intoWords, serviceName } from './words'

const LINK = 'rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge'

/** One delivery: how far it is, what arrived, and whether every key grades right there. */
export function DeliveryPage() {
  const { id = '' } = useParams()
  const delivery = useDelivery(id)
  const { retry, stop } = useDispatchChanges()
  if (delivery.isPending) return <Waiting what="the delivery" />
  if (delivery.isError) return <Problem error={delivery.error} again={() => void delivery.refetch()} />
  const data = delivery.data
  const failed = retry.error ?? stop.error
  return (
    <>
      <Head
        title={data.title}
        about={`${data.connectionName || serviceName(data.destination)} · ${intoWords(data)} · sent by ${data.sentBy}, ${format(data.createdAt, 'd MMM HH:mm')}`}
      >
        <Link to={`/papers/${data.paperId}`} className={LINK}>
          The paper
        </Link>
        <May right="dispatch">
          {(data.state === 'queued' || data.state === 'sending') && (
            <Button onClick={() => stop.mutate(data.id)} disabled={stop.isPending}>
              Stop
            </Button>
          )}
          {(data.state === 'failed' || data.state === 'stopped') && (
            <Button tone="lead" onClick={() => retry.mutate(data.id)} disabled={retry.isPending}>
              Take it up again
            </Button>
          )}
        </May>
        {data.manage !== null && (
          <a href={data.manage} target="_blank" rel="noreferrer" className={LINK}>
            Host the game
          </a>
        )}
        {data.address !== null && (
          <Link
            to={`/results/of/${data.id}`}
            className="rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard"
          >
            Results
          </Link>
        )}
      </Head>
      {failed && <Problem error={failed} />}
      {data.state !== 'done' && <Going delivery={data} />}
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_330px] lg:overflow-hidden">
        <section aria-label="Key proof" className="min-w-0 overflow-x-auto px-2 py-1 lg:overflow-y-auto" tabIndex={0}>
          <ProofTable delivery={data} />
        </section>
        <aside className="border-t border-line bg-sheet px-[18px] py-4 lg:overflow-y-auto lg:border-t-0 lg:border-l">
          <Summary delivery={data} />
          <Since delivery={data} />
          {data.address !== null && <HandOut delivery={data} address={data.address} />}
        </aside>
      </div>
    </>
  )
}

function Going({ delivery }: { readonly delivery: Delivery }) {
  const share = delivery.total ? Math.round((100 * delivery.done) / delivery.total) : 0
  return (
    <div className="border-b border-line px-[18px] py-3" role="status">
      <Standing delivery={delivery} />
      {isGoing(delivery) && (
        <div
          role="progressbar"
          aria-label="Delivery"
          aria-valuenow={share}
          aria-valuemin={0}
          aria-valuemax={100}
          className="mt-1 h-1.5 border border-ink bg-paper"
        >
          <div className="h-full bg-ink" style={{ width: `${share}%` }} />
        </div>
      )}
    </div>
  )
}

function Summary({ delivery }: { readonly delivery: Delivery }) {
  const proofs = proofsOf(delivery)
  const sent = proofs?.filter((proof) => proof.verdict !== 'not-sent') ?? []
  const probes = sent.flatMap((proof) => proof.probes)
  const lines = [
    ['Keys graded there as full marks', probes.filter((probe) => probe.kind === 'key')],
    ['Wrong answers that earned less', probes.filter((probe) => probe.share < 1)],
    [
      'Spellings and blanks that count as the same',
      probes.filter((probe) => probe.share === 1 && probe.kind !== 'key'),
    ],
  ] as const
  return (
    <>
      <h2 className="text-[15px] font-semibold">Key proof at {serviceName(delivery.destination)}</h2>
      {proofs ? (
        <>
          <dl className="my-3 grid grid-cols-[1fr_auto] gap-x-3 gap-y-1">
            {lines
              .filter(([, list]) => list.length)
              .map(([name, list]) => (
                <Fragment key={name}>
                  <dt>{name}</dt>
                  <dd className="text-right font-semibold tabular-nums">
                    {list.filter((probe) => probe.verdict === 'agrees').length} of {list.length}
                  </dd>
                </Fragment>
              ))}
          </dl>
          <Verdict delivery={delivery} sent={sent} />
        </>
      ) : (
        <p className="py-2 text-muted">Runs once the items have arrived.</p>
      )}
    </>
  )
}

function Verdict({ delivery, sent }: { readonly delivery: Delivery; readonly sent: readonly ItemProof[] }) {
  const wrong = sent.filter((proof) => proof.verdict === 'disagrees')
  const announced = sent.filter((proof) => proof.verdict === 'announced').length
  if (wrong.length)
    return (
      <p role="alert" className="border border-l-4 border-beet bg-beet-wash px-3 py-2 font-semibold text-beet">
        ◆ {counted(wrong.length, 'item grades', 'items grade')} otherwise there than here:{' '}
        {wrong.map((proof) => proof.item + 1).join(', ')}. Do not hand it out before this is mended.
      </p>
    )
  return (
    <p className="text-dill">
      <span aria-hidden="true">✓ </span>Proven {delivery.provenAt && format(delivery.provenAt, 'd MMM HH:mm')} · what
      was sent is what is graded
      {announced > 0 && `; ${counted(announced, 'item grades', 'items grade')} in part as the fit said before`}
    </p>
  )
}

/** What changed here since it went, and the way to bring it there. */
function Since({ delivery }: { readonly delivery: Delivery }) {
  const { edited, keys, added, removed } = delivery.since
  const parts = [
    edited ? `${counted(edited, 'item was', 'items were')} changed` : '',
    keys ? `${counted(keys, 'key', 'keys')} among them` : '',
    added ? `${added} added` : '',
    removed ? `${removed} taken out` : '',
  ].filter(Boolean)
  if (!parts.length || isGoing(delivery)) return null
  return (
    <p className="mt-3 border-l-4 border-mustard pl-3">
      <span className="text-mustard-ink">◐ Since then {parts.join(', ')}.</span>{' '}
      <May right="dispatch">
        <Link className="underline" to={`/dispatch/paper/${delivery.paperId}?again=${delivery.id}`}>
          Send again
        </Link>
      </May>
    </p>
  )
}
