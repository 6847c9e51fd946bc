import { fitItem } from '../fit/fit.ts'
import type { FormatLimits } from '../fit/limits.ts'
import { isGraded, type Item } from '../item/model.ts'
import { probesOf, type Probe, type ProbeKind } from '../grade/probes.ts'
import type { Response } from '../grade/response.ts'

/** `announced`: grades otherwise, as the fit report said before. `unanswered`: nothing came back. */
export type ProbeVerdict = 'agrees' | 'announced' | 'disagrees' | 'unanswered'

export interface ProvenProbe extends Probe {
  /** Share that was earned there, in `[0, 1]`; null where nothing came back. */
  readonly got: number | null
  readonly verdict: ProbeVerdict
}

export interface ItemProof {
  /** Index among the items that were to be proven. */
  readonly item: number
  /** `ungraded`: nobody grades such an item by a key, so there is nothing to prove. */
  readonly verdict: 'proven' | 'announced' | 'disagrees' | 'not-sent' | 'ungraded'
  readonly probes: readonly ProvenProbe[]
}

/** Largest difference between two shares that is rounding: formats write weights with five decimals. */
const SHARE_TOLERANCE = 0.0005

/**
 * Compares what core expects of every probe with what was graded elsewhere. A difference counts as
 * announced only where the limits named that very probe before.
 *
 * @param graded gives the share earned there by the n-th item's response; null where there is no answer.
 * @returns one proof per item, in order.
 */
export function proveItems(
  items: readonly Item[],
  limits: FormatLimits,
  graded: (item: number, response: Response, probe: number) => number | null,
): ItemProof[] {
  return items.map((item, index) => {
    const fit = fitItem(item, limits)
    if (fit.verdict === 'cannot') return { item: index, verdict: 'not-sent', probes: [] }
    if (!isGraded(item.kind)) return { item: index, verdict: 'ungraded', probes: [] }
    const announced = new Set(fit.reasons.flatMap((reason) => reason.affects ?? []))
    const probes = probesOf(item).map((probe, at): ProvenProbe => {
      const got = graded(index, probe.response, at)
      return { ...probe, got, verdict: verdictOf(probe, got, announced.has(probe.kind)) }
    })
    return { item: index, verdict: overall(probes), probes }
  })
}

function verdictOf(probe: Probe, got: number | null, announced: boolean): ProbeVerdict {
  if (got === null) return 'unanswered'
  if (Math.abs(got - probe.share) <= SHARE_TOLERANCE) return 'agrees'
  // An announced change may move a share; it may never give full points to what earns none here, letters and blanks apart.
  const less: readonly ProbeKind[] = ['key-part', 'key-plus', 'wrong-pair', 'wrong-order', 'wrong-option', 'wrong-gap']
  const stillLess = !less.includes(probe.kind) || got < 1 - SHARE_TOLERANCE
  return announced && stillLess ? 'announced' : 'disagrees'
}

function overall(probes: readonly ProvenProbe[]): ItemProof['verdict'] {
  if (!probes.length || probes.some((probe) => probe.verdict === 'disagrees' || probe.verdict === 'unanswered'))
    return 'disagrees'
  return probes.some((probe) => probe.verdict === 'announced') ? 'announced' : 'proven'
}
