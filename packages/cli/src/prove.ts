import { FORMATS, plainText, proveFormat, type FormatId, type ItemProof, type Item } from '@zakuska/core'

export interface ProofReport {
  readonly text: string
  readonly agrees: boolean
}

const STEM_WIDTH = 46

/** A table of the key proof, an item a row, with its figures at the end. */
export function proofReport(items: readonly Item[], to: FormatId, title: string | null): ProofReport {
  const { proofs, changedKeys } = proveFormat(items, FORMATS[to], title ?? 'Items')
  const rows = proofs.map((proof) => row(proof, items[proof.item], changedKeys.includes(proof.item)))
  const sent = proofs.filter((proof) => proof.verdict !== 'not-sent' && proof.verdict !== 'ungraded')
  const ungraded = proofs.filter((proof) => proof.verdict === 'ungraded').length
  const wrong = sent.filter((proof) => proof.verdict === 'disagrees' || changedKeys.includes(proof.item))
  const probes = sent.flatMap((proof) => proof.probes)
  const agreeing = probes.filter((probe) => probe.verdict === 'agrees').length
  const announced = probes.filter((probe) => probe.verdict === 'announced').length
  const summary = `${sent.length - wrong.length} of ${sent.length} items proven in ${FORMATS[to].name}; ${agreeing} of ${probes.length} probes agree, ${announced} differ as announced; ${ungraded} not graded by a key, ${proofs.length - sent.length - ungraded} not sent\n`
  return { text: [...rows, summary].join('\n'), agrees: wrong.length === 0 }
}

function row(proof: ItemProof, item: Item | undefined, keyChanged: boolean): string {
  const stem = plainText(item?.stem).replace(/\s+/g, ' ').slice(0, STEM_WIDTH).padEnd(STEM_WIDTH)
  const agree = proof.probes.filter((probe) => probe.verdict === 'agrees').length
  const verdict = keyChanged && proof.verdict !== 'not-sent' ? 'key changed' : proof.verdict
  return `${String(proof.item + 1).padStart(4)}  ${stem}  ${(item?.kind ?? '').padEnd(10)} ${`${agree}/${proof.probes.length}`.padStart(7)}  ${verdict}`
}
