import {
  FORMATS,
  plainText,
  proofSummary,
  proveAgainst,
  proveFormat,
  type FormatId,
  type HeldElsewhere,
  type ItemProof,
  type Item,
} from '@zakuska/core'

export interface ProofReport {
  readonly text: string
  readonly agrees: boolean
}

const STEM_WIDTH = 46

/** A table of the key proof, an item a row, with its figures at the end. */
export function proofReport(items: readonly Item[], to: FormatId, title: string | null): ProofReport {
  const proof = proveFormat(items, FORMATS[to], title ?? 'Items')
  const rows = proof.proofs.map((one) => row(one, items[one.item], proof.changedKeys.includes(one.item)))
  const { sent, wrong, probes, agreeing, announced, ungraded, notSent } = proofSummary(proof)
  const summary = `${sent - wrong.length} of ${sent} items proven in ${FORMATS[to].name}; ${agreeing} of ${probes} probes agree, ${announced} differ as announced; ${ungraded} not graded by a key, ${notSent} not sent\n`
  return { text: [...rows, summary].join('\n'), agrees: wrong.length === 0 }
}

/** The same of a file that was made before: does it grade as these items say? */
export function proofAgainst(items: readonly Item[], held: HeldElsewhere, name: string): ProofReport {
  const proof = proveAgainst(items, held)
  const missing = new Set(proof.missing)
  const rows = proof.proofs.map((one) =>
    row(one, items[one.item], proof.changedKeys.includes(one.item), missing.has(one.item)),
  )
  const { sent, wrong, probes, agreeing, announced, ungraded } = proofSummary(proof)
  const more = proof.more.map((stem) => `      only in ${name}: ${stem.slice(0, STEM_WIDTH)}`)
  const summary = `${sent - wrong.length} of ${sent} items proven in ${name}; ${agreeing} of ${probes} probes agree, ${announced} differ as announced; ${ungraded} not graded by a key, ${missing.size} missing there\n`
  return {
    text: [...rows, ...more, summary].join('\n'),
    agrees: wrong.length === 0 && missing.size === 0 && sent + ungraded > 0,
  }
}

function row(proof: ItemProof, item: Item | undefined, keyChanged: boolean, isMissing = false): string {
  const stem = plainText(item?.stem).replace(/\s+/g, ' ').slice(0, STEM_WIDTH).padEnd(STEM_WIDTH)
  const agree = proof.probes.filter((probe) => probe.verdict === 'agrees').length
  const verdict = isMissing ? 'not there' : keyChanged && proof.verdict !== 'not-sent' ? 'key changed' : proof.verdict
  return `${String(proof.item + 1).padStart(4)}  ${stem}  ${(item?.kind ?? '').padEnd(10)} ${`${agree}/${proof.probes.length}`.padStart(7)}  ${verdict}`
}
