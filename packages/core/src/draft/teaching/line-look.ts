import type { Facts } from '../facts/facts.ts'
import type { SeriesPlace } from '../series/series.ts'
import { lookOf } from '../roles/look.ts'
import type { Surroundings } from '../roles/surroundings.ts'
import type { LineLook } from './model.ts'

const SIGN = /^[^\p{L}\p{N}\s_]{1,4}/u
const TAIL = /[^\p{L}\p{N}\s.?!,;:…。？！"'”»)\]_]{1,4}$/u

/** How a line looks, as others can look. */
export function lineLook(draft: Surroundings, at: number): LineLook {
  const facts = draft.facts[at] as Facts
  const sort = sortOf(facts, draft.places[at] ?? null)
  const sign = '>'.repeat(facts.unit.prefix.quotes) + (SIGN.exec(facts.unit.text)?.[0] ?? '')
  const tail = TAIL.exec(facts.unit.text)?.[0]
  const label = facts.label && !facts.label.weak ? facts.label.dress : undefined
  const word = facts.cue?.from === 0 ? facts.cue.word : undefined
  const isMarked = label !== undefined || word !== undefined || sign !== ''
  return {
    sort,
    ...(label !== undefined && { label }),
    ...(word !== undefined && { word }),
    ...(sign !== '' && label === undefined && { sign }),
    ...(tail !== undefined && { tail }),
    ...(!isMarked && plainLook(draft, at)),
  }
}

/** Looks that differ only in how much is said; the lines of one part differ in that, too. */
const PLAIN = new Set(['short', 'phrase', 'short-sentence', 'sentence', 'text', 'asks', 'gap', 'colon'])

function sortOf(facts: Facts, place: SeriesPlace | null): string {
  const script = facts.label && !facts.label.weak ? facts.label.script : null
  if (script) return place && place.series.members.length > 1 ? `${script}-${Math.min(2, place.series.depth)}` : script
  const look = lookOf(facts, null)
  return PLAIN.has(look) ? 'plain' : look
}

function plainLook(draft: Surroundings, at: number): Partial<LineLook> {
  const facts = draft.facts[at] as Facts
  const { since = 0, until = 0 } = draft.paragraphs[at] ?? {}
  const dress = facts.bold === 'all' ? 'bold' : facts.slanted ? 'slanted' : facts.coloured ? 'coloured' : undefined
  return {
    end: facts.end,
    ...(dress && { dress }),
    place: since === 0 ? (until === 0 ? 'alone' : 'first') : until === 0 ? 'last' : 'inside',
  }
}

/** One name for all lines that look the same. */
export function lookName(look: LineLook): string {
  const { sort, label, word, sign, tail, end, dress, place } = look
  return [sort, label, word, sign, tail, end, dress, place].map((part) => part ?? '').join('\u0001')
}
