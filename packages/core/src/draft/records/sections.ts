import type { Facts } from '../facts/facts.ts'
import { trueFalseLead, trueFalseTail } from '../truth-words.ts'
import { cues } from '../words.ts'
import { findPoints, pointsEach } from '../points.ts'
import { NO_SECTION, type Section } from './record.ts'

const ID = /^\W{0,3}(?:\p{L}{2,14}\s+)?(?:al\s)?([IVX]{1,5}|\p{Lu}|\d{1,2})(?:-\p{L}+)?(?=[\s.):–—-]|$)/u

/** What the lines above an item say about it and those that follow; the section before where they say nothing. */
export function sectionFrom(heads: readonly Facts[], before: Section): Section {
  const own = heads.filter((facts) => speaks(facts))
  if (!own.length) return before
  const texts = own.map((facts) => facts.unit.text.replace(/^#+\s*/, ''))
  const text = texts.join('\n')
  const first = own.find((facts) => facts.label !== null || facts.flags.has('section'))
  const points = texts.map((one) => pointsEach(one)).find((one) => one !== null) ?? null
  return {
    ...NO_SECTION,
    index: before.index + 1,
    text,
    id: idOf(first),
    truth: texts.some((one) => saysTruth(one)),
    essay: texts.some((one) => cues.asksEssay(one)),
    match: texts.some((one) => cues.asksMatch(one)),
    order: texts.some((one) => cues.asksOrder(one)),
    pointsEach: points,
    pointsInAll: points === null ? (findPoints(text)?.points ?? null) : null,
  }
}

function speaks(facts: Facts): boolean {
  const { flags } = facts
  if (flags.has('rule') || flags.has('identity')) return false
  return (
    facts.heading ||
    flags.has('section') ||
    flags.has('instruction') ||
    facts.label !== null ||
    flags.has('truthTail') ||
    flags.has('truthLead') ||
    saysTruth(facts.unit.text) ||
    facts.bold === 'all' ||
    flags.has('capitals') ||
    facts.end === 'colon' ||
    flags.has('points') ||
    flags.has('asksMatch') ||
    flags.has('asksOrder') ||
    pointsEach(facts.unit.text) !== null ||
    (!flags.has('chatter') && facts.words < 14 && facts.end !== 'comma')
  )
}

function saysTruth(text: string): boolean {
  return (
    trueFalseLead(text.replace(/^[^\p{L}]*(?:[IVX]{1,4}|\p{Lu}|\d{1,2})[.):]\s*/u, '')) !== null ||
    trueFalseTail(text) !== null ||
    cues.judges(text)
  )
}

function idOf(facts: Facts | undefined): string {
  if (!facts) return ''
  const label = [facts.label].find((one) => one !== null && one.id !== '')
  const plain = facts.unit.text.replace(/^#+\s*/, '')
  return label?.id ?? ID.exec(plain)?.[1]?.toLowerCase() ?? cues.sectionLabel(plain) ?? ''
}
