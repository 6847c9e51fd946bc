import { plainText, type ItemProof, type Item, type ProbeKind, type ProvenProbe } from '@zakuska/core'
import { format } from 'date-fns'
import { Fragment, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { asKept, counted } from '../parts/item-words'
import { responseText } from '../parts/response-text'
import { Standing } from './DeliveryLine'
import { isGoing, useDelivery, useDispatchChanges, type Delivery } from './queries'

/** One delivery: how far it is, what arrived, and whether every key grades right there. */
export function DeliveryPage() {
  const { id = '' } = useParams()
  const delivery = useDelivery(id)
  const { retry } = useDispatchChanges()
  if (delivery.isPending) return <Waiting what="the delivery" />
  if (delivery.isError) return <Problem error={delivery.error} again={() => void delivery.refetch()} />
  const data = delivery.data
  return (
    <>
      <Head
        title={data.title}
        about={`Breakwater · ${data.into === 'quiz' ? 'quiz' : 'item bank'} · sent by ${data.sentBy}, ${format(data.createdAt, 'd MMM HH:mm')}`}
      >
        <Link to={`/dispatch/paper/${data.paperId}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
          Back to the paper
        </Link>
        {data.state === 'failed' && (
          <Button tone="lead" onClick={() => retry.mutate(data.id)}>
            Send again
          </Button>
        )}
        {data.address && (
          <a
            href={data.address}
            target="_blank"
            rel="noreferrer"
            className="rounded-[3px] border border-line bg-sheet px-2.5 py-1"
          >
            Open the quiz
          </a>
        )}
        {data.address && (
          <Link
            to={`/results/${data.id}`}
            className="rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard"
          >
            Results
          </Link>
        )}
      </Head>
      {isGoing(data) || data.state === 'failed' ? <Going delivery={data} /> : null}
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_330px] lg:overflow-hidden">
        <section aria-label="Key proof" className="min-w-0 overflow-x-auto px-2 py-1 lg:overflow-y-auto" tabIndex={0}>
          <ProofTable delivery={data} />
        </section>
        <aside className="border-t border-line bg-sheet px-[18px] py-4 lg:overflow-y-auto lg:border-t-0 lg:border-l">
          <Summary delivery={data} />
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

function proofsOf(delivery: Delivery): readonly ItemProof[] | null {
  return delivery.proof as unknown as readonly ItemProof[] | null
}

function Summary({ delivery }: { readonly delivery: Delivery }) {
  const proofs = proofsOf(delivery)
  const sent = proofs?.filter((proof) => proof.verdict !== 'not-sent') ?? []
  const probes = sent.flatMap((proof) => proof.probes)
  const keys = probes.filter((probe) => probe.kind === 'key')
  const same = probes.filter((probe) => probe.share === 1 && probe.kind !== 'key')
  const less = probes.filter((probe) => probe.share < 1)
  const changed = delivery.items.filter((item) => item.changedSince).length
  const lines = [
    ['Keys graded there as full marks', keys],
    ['Wrong answers that earned less', less],
    ['Spellings and blanks that count as the same', same],
  ] as const
  return (
    <>
      <h2 className="text-[15px] font-semibold">Key proof at Breakwater</h2>
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
      {changed > 0 && (
        <p className="mt-3 border-l-4 border-mustard pl-3">
          <span className="text-mustard-ink">◐ {counted(changed, 'item', 'items')} changed here since.</span>{' '}
          <Link className="underline" to={`/dispatch/paper/${delivery.paperId}`}>
            Send again
          </Link>
        </p>
      )}
      {delivery.address && (
        <div className="mt-4">
          <h3 className="font-ui text-xs font-semibold text-muted">Address for the class</h3>
          <p className="font-mono text-xs break-all">{delivery.address}</p>
        </div>
      )}
    </>
  )
}

function Verdict({ delivery, sent }: { readonly delivery: Delivery; readonly sent: readonly ItemProof[] }) {
  const wrong = sent.filter((proof) => proof.verdict === 'disagrees')
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
    </p>
  )
}

function ProofTable({ delivery }: { readonly delivery: Delivery }) {
  const [open, setOpen] = useState<number | null>(null)
  const proofs = proofsOf(delivery)
  return (
    <table className="w-full min-w-[560px] border-collapse">
      <thead>
        <tr className="border-b border-ink text-left">
          <th className="w-10 py-2">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-2 font-semibold">Item</th>
          <th className="w-28 py-2 font-semibold">Arrived</th>
          <th className="w-28 py-2 font-semibold">Probes</th>
          <th className="w-40 py-2 font-semibold">Verdict</th>
        </tr>
      </thead>
      <tbody>
        {delivery.items.map((item, index) => {
          const proof = proofs?.[index]
          const body = asKept(item.body)
          return (
            <Fragment key={item.itemId}>
              <tr className={`border-b border-line align-top ${open === index ? 'bg-here' : ''}`}>
                <td className="py-2 pr-3 text-right font-text font-semibold text-muted">{index + 1}</td>
                <td className="py-2 pr-3 font-text text-[15px] leading-snug">
                  {plainText(body.stem)}
                  {item.changedSince && (
                    <span className="block font-ui text-xs text-mustard-ink">◐ changed here since</span>
                  )}
                </td>
                <td className="py-2">
                  <Arrived outcome={item.outcome} why={item.why} />
                </td>
                <td className="py-2 tabular-nums">
                  {proof?.probes.length ? (
                    <button
                      type="button"
                      aria-expanded={open === index}
                      className="underline decoration-dotted underline-offset-2"
                      onClick={() => setOpen(open === index ? null : index)}
                    >
                      {proof.probes.filter((probe) => probe.verdict === 'agrees').length} of {proof.probes.length}
                    </button>
                  ) : (
                    '–'
                  )}
                </td>
                <td className="py-2">
                  {proof ? <ProofWord verdict={proof.verdict} /> : <span className="text-muted">not yet</span>}
                </td>
              </tr>
              {open === index && proof && (
                <tr className="border-b border-line bg-here">
                  <td />
                  <td colSpan={4} className="pb-3">
                    <Probes body={body} probes={proof.probes} />
                  </td>
                </tr>
              )}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}

function Arrived({
  outcome,
  why,
}: {
  readonly outcome: Delivery['items'][number]['outcome']
  readonly why: string | null
}) {
  if (outcome === 'created') return <span className="text-dill">✓ arrived</span>
  if (outcome === 'waiting') return <span className="text-muted">waits</span>
  return (
    <span className="text-beet">
      ◆ {outcome === 'refused' ? 'refused' : 'left out'}
      {why && <span className="block text-xs">{why}</span>}
    </span>
  )
}

function ProofWord({ verdict }: { readonly verdict: ItemProof['verdict'] }) {
  switch (verdict) {
    case 'proven':
      return <span className="text-dill">✓ proven</span>
    case 'announced':
      return <span className="text-mustard-ink">◐ as announced</span>
    case 'disagrees':
      return <b className="text-beet">◆ grades otherwise</b>
    case 'not-sent':
      return <span className="text-muted">not sent</span>
    case 'ungraded':
      return <span className="text-muted">not graded by a key</span>
  }
}

const PROBE_WORDS: Readonly<Record<ProbeKind, string>> = {
  key: 'the key',
  accepted: 'another accepted answer',
  'letter-case': 'other letter case',
  accents: 'without accents',
  blanks: 'more blanks',
  'wrong-option': 'a wrong option',
  'key-part': 'one key missing',
  'key-plus': 'one too many',
  misspelt: 'another spelling',
  'band-edge': 'the end of the range',
  outside: 'outside the range',
  'wrong-gap': 'one gap wrong',
  'wrong-pair': 'one pair wrong',
  'wrong-order': 'another order',
  empty: 'nothing',
}

function Probes({ body, probes }: { readonly body: Item; readonly probes: readonly ProvenProbe[] }) {
  return (
    <table className="mt-1 w-full max-w-2xl">
      <thead>
        <tr className="text-left text-xs text-muted">
          <th className="font-semibold">Probe</th>
          <th className="font-semibold">Response</th>
          <th className="text-right font-semibold">Expected</th>
          <th className="text-right font-semibold">Graded there</th>
          <th className="pl-4 font-semibold">Verdict</th>
        </tr>
      </thead>
      <tbody>
        {probes.map((probe, index) => (
          <tr key={index}>
            <td>{PROBE_WORDS[probe.kind]}</td>
            <td className="font-text">{responseText(body, probe.response)}</td>
            <td className="text-right tabular-nums">{points(probe.share, body)}</td>
            <td className="text-right tabular-nums">{probe.got === null ? '–' : points(probe.got, body)}</td>
            <td className="pl-4">
              {probe.verdict === 'agrees' ? (
                <span className="text-dill">✓ agrees</span>
              ) : probe.verdict === 'announced' ? (
                <span className="text-mustard-ink">◐ as announced</span>
              ) : (
                <b className="text-beet">◆ {probe.verdict === 'unanswered' ? 'no answer' : 'differs'}</b>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function points(share: number, body: Item): string {
  return String(Number((share * body.points).toFixed(3)))
}
