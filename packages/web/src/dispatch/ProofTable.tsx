import { plainText, type Item, type ItemProof, type ProvenProbe } from '@zakuska/core'
import { Fragment, useState } from 'react'
import { responseText } from '../parts/response-text'
import { PROBE_WORDS } from './probe-sheet'
import { proofsOf } from './proofs'
import type { Delivery } from './queries'

/** Item by item: what became of it there, and whether its key grades right. */
export function ProofTable({ delivery }: { readonly delivery: Delivery }) {
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
          const body = item.body
          return (
            <Fragment key={item.name}>
              <tr className={`border-b border-line align-top ${open === index ? 'bg-here' : ''}`}>
                <td className="py-2 pr-3 text-right font-text font-semibold text-muted">{index + 1}</td>
                <td className="py-2 pr-3 font-text text-[15px] leading-snug">
                  {plainText(body.stem)}
                  {item.since && (
                    <span className="block font-ui text-xs text-mustard-ink">◐ {SINCE_WORDS[item.since]}</span>
                  )}
                  {item.changes.length > 0 && (
                    <span className="block font-ui text-xs text-muted">{item.changes.join(' · ')}</span>
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

const SINCE_WORDS = {
  edited: 'changed here since',
  key: 'its key changed here since',
  removed: 'not in the paper any more',
} as const

function Arrived({
  outcome,
  why,
}: {
  readonly outcome: Delivery['items'][number]['outcome']
  readonly why: string | null
}) {
  if (outcome === 'created') return <span className="text-dill">✓ arrived</span>
  if (outcome === 'replaced') return <span className="text-dill">✓ replaced there</span>
  if (outcome === 'kept') return <span className="text-muted">is there as it is</span>
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
