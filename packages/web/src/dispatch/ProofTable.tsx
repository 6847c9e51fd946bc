import { plainText, type Item, type ItemProof, type ProvenProbe } from '@zakuska/core'
import { useState } from 'react'
import { type ItemColumn, type ItemLine, ItemTable } from '../parts/ItemTable'
import { responseText } from '../parts/response-text'
import { PROBE_WORDS } from './probe-sheet'
import { proofsOf } from './proofs'
import type { Delivery } from './queries'

/** Item by item: what became of it there, and whether its key grades right. */
export function ProofTable({ delivery }: { readonly delivery: Delivery }) {
  const [open, setOpen] = useState<number | null>(null)
  const proofs = proofsOf(delivery)
  const lines = delivery.items.map((item, index): ItemLine => {
    const proof = proofs?.[index]
    const isOpen = open === index
    return {
      key: item.name,
      number: index + 1,
      item: <Sent item={item} />,
      cells: [
        <Arrived key="arrived" outcome={item.outcome} why={item.why} />,
        <Counted key="probes" proof={proof} isOpen={isOpen} toggle={() => setOpen(isOpen ? null : index)} />,
        proof ? <ProofWord verdict={proof.verdict} /> : <span className="text-muted">not yet</span>,
      ],
      below: isOpen && proof && <Probes body={item.body} probes={proof.probes} />,
    }
  })
  return <ItemTable className="min-w-[560px]" columns={COLUMNS} lines={lines} />
}

const COLUMNS: readonly ItemColumn[] = [
  { name: 'Arrived', width: 'w-28' },
  { name: 'Probes', width: 'w-28' },
  { name: 'Verdict', width: 'w-40' },
]

/** What is asked, what of it is different here by now, and what the way changed. */
function Sent({ item }: { readonly item: Delivery['items'][number] }) {
  return (
    <>
      {plainText(item.body.stem)}
      {item.since && <span className="block font-ui text-xs text-mustard-ink">◐ {SINCE_WORDS[item.since]}</span>}
      {item.changes.length > 0 && <span className="block font-ui text-xs text-muted">{item.changes.join(' · ')}</span>}
    </>
  )
}

/** How many probes agree, and the way to them. */
function Counted({
  proof,
  isOpen,
  toggle,
}: {
  readonly proof: ItemProof | undefined
  readonly isOpen: boolean
  readonly toggle: () => void
}) {
  if (!proof?.probes.length) return '–'
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      className="tabular-nums underline decoration-dotted underline-offset-2"
      onClick={toggle}
    >
      {proof.probes.filter((probe) => probe.verdict === 'agrees').length} of {proof.probes.length}
    </button>
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
