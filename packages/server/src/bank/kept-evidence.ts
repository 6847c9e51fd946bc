import type { EvidenceVerdict } from '@zakuska/core'
import type { KeptEvidence } from './bank.entities.ts'

export const VERDICTS: readonly string[] = [
  'said',
  'otherwise',
  'unsure',
  'not-found',
  'nothing-to-find',
] satisfies EvidenceVerdict[]
const MOST_SENTENCES = 50

/** Evidence out of an archive, which anybody may have written; what is none is left out. */
export function readEvidence(given: unknown): KeptEvidence | null {
  if (typeof given !== 'object' || given === null) return null
  const { verdict, source, sentences } = given as Record<string, unknown>
  if (typeof verdict !== 'string' || !VERDICTS.includes(verdict) || !Array.isArray(sentences)) return null
  return {
    verdict: verdict as EvidenceVerdict,
    source: typeof source === 'string' ? source : '',
    sentences: sentences.slice(0, MOST_SENTENCES).flatMap((one: unknown) => {
      const { text, place, time } = (one ?? {}) as Record<string, unknown>
      return typeof text === 'string' && Number.isInteger(place)
        ? [{ text, place: Number(place), time: typeof time === 'number' ? time : null }]
        : []
    }),
  }
}
