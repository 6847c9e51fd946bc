import type { Format, WriteSettings } from '../formats/format.ts'
import type { Assets } from '../fit/limits.ts'
import { isSameItem } from '../item/same-item.ts'
import type { Item } from '../item/model.ts'
import { proveItems, type ItemProof } from './prove.ts'
import { translate } from './translate.ts'

export interface FormatProof {
  readonly proofs: readonly ItemProof[]
  /** Indexes of items that came back with another key than they left with. */
  readonly changedKeys: readonly number[]
}

/** A proof in figures. */
export interface ProofSummary {
  /** Items that went along and are graded. */
  readonly sent: number
  /** Indexes of those whose key or grading is not what it was. */
  readonly wrong: readonly number[]
  readonly probes: number
  readonly agreeing: number
  /** Probes that grade otherwise, as the fit report said before. */
  readonly announced: number
  readonly ungraded: number
  readonly notSent: number
}

export function proofSummary({ proofs, changedKeys }: FormatProof): ProofSummary {
  const sent = proofs.filter((proof) => proof.verdict !== 'not-sent' && proof.verdict !== 'ungraded')
  const probes = sent.flatMap((proof) => proof.probes)
  const count = (verdict: string): number => probes.filter((probe) => probe.verdict === verdict).length
  const ungraded = proofs.filter((proof) => proof.verdict === 'ungraded').length
  return {
    sent: sent.length,
    wrong: sent
      .filter((proof) => proof.verdict === 'disagrees' || changedKeys.includes(proof.item))
      .map((proof) => proof.item),
    probes: probes.length,
    agreeing: count('agrees'),
    announced: count('announced'),
    ungraded,
    notSent: proofs.length - sent.length - ungraded,
  }
}

/** Writes items in a format, reads them back by the format's own rules, and grades the key and every probe. */
export function proveFormat(items: readonly Item[], format: Format, title: string, assets?: Assets): FormatProof {
  const settings: WriteSettings = { title, as: 'bank', ...(assets && { assets }) }
  const written = format.write(items, settings)
  const grade = format.grader(written.data)
  const back = format.read(written.data).items
  const place = new Map(written.written.map((index, at) => [index, at]))
  const proofs = proveItems(items, format.limits, (item, response) => {
    const at = place.get(item)
    const sent = items[item]
    const received = at === undefined ? undefined : back[at]
    return at === undefined || !sent || !received ? null : grade(at, translate(response, sent, received))
  })
  const changedKeys = written.written.filter((index, at) => {
    const [sent, received] = [items[index], back[at]]
    if (!sent || !received) return true
    // A kind that becomes another, as announced, says its key in other words; the probes prove it.
    const announced = sent.kind !== received.kind && format.limits[`kind-${sent.kind}`]?.verdict === 'changes'
    return !announced && !isSameItem(sent, received).key
  })
  return { proofs, changedKeys }
}
