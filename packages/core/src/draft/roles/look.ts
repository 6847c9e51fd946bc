import type { Facts } from '../facts/facts.ts'
import { roleOfHeader } from '../columns/layout.ts'
import type { SeriesPlace } from '../series/series.ts'

/**
 * How a line looks: one name for the sort of line that a person sees before reading it. The first test that holds
 * names it; what else is true of the line is said by its other features.
 */
export function lookOf(facts: Facts, place: SeriesPlace | null): string {
  const { flags } = facts
  if (flags.has('code')) return 'code'
  if (flags.has('rule')) return 'rule'
  if (flags.has('blankLine')) return 'lines'
  if (facts.cue && facts.cue.role !== 'other') return `cue-${facts.cue.role}${isBare(facts) ? '-bare' : ''}`
  if (place) return seriesLook(place)
  if (facts.box) return facts.box === 'ticked' ? 'ticked' : 'box'
  if (facts.bullet) return 'bullet'
  if (facts.heading) return 'heading'
  if (flags.has('arrow')) return 'arrow'
  if (flags.has('bracketed')) return 'bracketed'
  return wordLook(facts)
}

/** "Answer:", with what it says on the lines below. */
function isBare({ cue, unit }: Facts): boolean {
  return !/[\p{L}\p{N}_.…]/u.test(unit.text.slice(cue?.to ?? 0))
}

function seriesLook({ series, at, label }: SeriesPlace): string {
  const sort =
    label.script === 'word'
      ? 'word'
      : label.script === 'number' || label.script === 'circled'
        ? 'num'
        : label.script === 'roman'
          ? 'rom'
          : 'let'
  if (series.members.length === 1) return `${sort}-lone`
  if (series.repeats) return `${sort}${series.depth}-again`
  return `${sort}${Math.min(2, series.depth)}${series.depth > 0 && at === 0 ? '-first' : ''}`
}

/** "STEM:", "OPTION A:", "Type:": a field that is named as the head of a column would be. */
function fieldLook(word: string): string {
  const role = roleOfHeader(word)
  return role ? `field-${role}` : 'field'
}

function wordLook(facts: Facts): string {
  const { flags } = facts
  if (flags.has('keyTitle')) return 'key-title'
  if (flags.has('section')) return 'section'
  if (flags.has('identity')) return 'identity'
  if (flags.has('chatter')) return 'chatter'
  if (flags.has('instruction')) return 'instruction'
  if (facts.cue) return fieldLook(facts.cue.word)
  if (flags.has('truthWord')) return 'truth'
  if (flags.has('letter')) return 'letter'
  if (flags.has('number')) return 'number'
  if (facts.end === 'asks') return 'asks'
  if (facts.gaps > 0) return 'gap'
  if (facts.end === 'colon') return 'colon'
  if (facts.columns > 1) return 'cells'
  if (flags.has('pairSign')) return 'pair'
  if (flags.has('capitals')) return 'capitals'
  if (facts.words <= 3) return 'short'
  if (facts.words <= 8) return facts.end === 'stop' ? 'short-sentence' : 'phrase'
  return facts.end === 'stop' ? 'sentence' : 'text'
}
