import type { Facts } from '../facts/facts.ts'
import { bucket } from './bucket.ts'
import { about, leadSort, shareName } from './feature-names.ts'
import type { Surroundings } from './surroundings.ts'

/** What is true of one line in its draft, by name; a value other than 1 is a share. */
export type FeatureSink = (name: string, value?: number) => void

type Value = string | number | boolean

/**
 * Features that follow from a few values of a line, and from nothing else: lines with the same values have the same
 * ones, and what they add up to is worked out once.
 */
export interface Family {
  /** Null: none of the features is true of the line. */
  valuesOf(draft: Surroundings, at: number): readonly Value[] | null
  push(values: readonly Value[], push: FeatureSink): void
}

function family<Values extends readonly Value[]>(
  valuesOf: (draft: Surroundings, at: number) => Values | null,
  push: (values: Values, push: FeatureSink) => void,
): Family {
  return { valuesOf, push: push }
}

/** Names everything that speaks for or against a role of the line at `at`. */
export function featuresOf(draft: Surroundings, at: number, push: FeatureSink): void {
  for (const one of FAMILIES) {
    const values = one.valuesOf(draft, at)
    if (values) one.push(values, push)
  }
}

const looks = family(
  ({ looks: own, facts }, at) => {
    const look = (offset: number): string => own[at + offset] ?? 'edge'
    const gap = (line: number): string => (facts[line]?.unit.gap ? '_' : '')
    return [look(-2), look(-1), gap(at), look(0), gap(at + 1), look(1), look(2)] as const
  },
  ([before2, before, gap, here, gapBehind, behind, behind2], push) => {
    push(`look ${here}`)
    push(`look ${gap}${here}`)
    push(`look ${here}${gapBehind}+`)
    push(`before ${before}`)
    push(`behind ${behind}`)
    push(`before2 ${before2}`)
    push(`behind2 ${behind2}`)
    push(`look ${before} ${gap}${here}`)
    push(`look ${here}${gapBehind} ${behind}`)
    push(`look ${before} ${gap}${here}${gapBehind} ${behind}`)
  },
)

const own = family(
  (draft, at) => {
    const { end, words, run, flags } = draft.facts[at] as Facts
    return [
      draft.looks[at] ?? '',
      end,
      words <= 1 ? '1' : words <= 3 ? '3' : words <= 7 ? '7' : words <= 15 ? '15' : 'many',
      Math.min(5, run.length),
      run[0]?.label === 0,
      run[0]?.value === 0,
      [...flags].join(),
    ] as const
  },
  ([look, end, words, run, isFromStart, isFromFirst, flags], push) => {
    push('any')
    if (flags) for (const flag of flags.split(',')) push(`is ${flag}`)
    push(`end ${end}`)
    push(`${look} end ${end}`)
    push(`words ${words}`)
    push(`${look} words ${words}`)
    if (run < 2) return
    push('run')
    push(`run of ${run}`)
    push(`${look} run`)
    if (isFromStart) push('run from the start')
    if (isFromFirst) push('run from the first')
  },
)

const dress = family(
  (draft, at) => {
    const { gaps, glued, box, columns, bold, slanted, coloured, heading, label } = draft.facts[at] as Facts
    const look = draft.looks[at]
    return [
      Math.min(2, gaps),
      glued?.role ?? '',
      look !== 'box' && look !== 'ticked' ? (box ?? '') : '',
      columns > 2,
      bold,
      slanted,
      coloured,
      heading,
      label?.lead ? leadSort(label.lead) : '',
    ] as const
  },
  ([gaps, glued, box, hasColumns, bold, isSlanted, isColoured, isHeading, lead], push) => {
    if (gaps) push(gaps > 1 ? 'gaps' : 'gap')
    if (glued) push(`glued ${glued}`)
    if (box) push(`box ${box}`)
    if (hasColumns) push('columns')
    if (bold !== 'none') push(`bold ${bold}`)
    if (isSlanted) push('slanted')
    if (isColoured) push('coloured')
    if (isHeading) push('heading')
    if (lead) push(`lead ${lead}`)
  },
)

const around = family(
  (draft, at) => {
    const { unit } = draft.facts[at] as Facts
    const behind = draft.facts[at + 1]
    const { speaker } = unit.prefix
    return [
      Math.min(2, unit.gap),
      behind ? Math.min(2, behind.unit.gap) : -1,
      behind !== undefined && behind.run.length > 1,
      speaker ? (speaker === draft.speaker ? 'main speaker' : 'other speaker') : '',
      unit.prefix.quotes > 0,
    ] as const
  },
  ([gap, gapBehind, isRunBehind, speaker, isQuoted], push) => {
    push(`gap ${gap}`)
    if (gapBehind >= 0) push(`gap behind ${gapBehind}`)
    if (isRunBehind) push('run behind')
    if (speaker) push(speaker)
    if (isQuoted) push('quoted')
  },
)

const before = family(
  (draft, at) => {
    const facts = draft.facts[at] as Facts
    const above = draft.facts[at - 1]
    if (!above) return null
    const { unit } = facts
    const indent = unit.indent - above.unit.indent
    const hang = above.unit.indent + (above.body > 0 ? above.body : 0)
    const quotes = unit.prefix.quotes - above.unit.prefix.quotes
    return [
      unit.gap ? '_' : '',
      above.end,
      indent > 1 ? 'deeper' : indent < -1 ? 'out' : 'same',
      above.unit.to >= draft.width * 0.82 ? 'full' : 'short',
      facts.flags.has('lowercase') ? 'small' : facts.label || facts.bullet ? 'label' : 'capital',
      above.run.length > 1,
      Math.abs(unit.indent - hang) <= 1 && above.body > 0,
      quotes > 0 ? 'quote begins' : quotes < 0 ? 'quote ends' : '',
      Boolean(unit.prefix.speaker) && unit.prefix.speaker !== above.unit.prefix.speaker,
    ] as const
  },
  ([gap, end, step, full, starts, isRun, hangs, quote, speakerChanges], push) => {
    push(`indent ${step}`)
    push(`before end ${end}`)
    push(`${gap}${full} ${end} ${starts}`)
    push(`${gap}${full} ${step} ${starts}`)
    if (isRun) push('run before')
    if (hangs) push(gap ? 'hangs_' : 'hangs')
    if (quote) push(quote)
    if (speakerChanges) push('speaker changes')
  },
)

const group = family(
  (draft, at) => [bucket(draft.groupSizes[draft.groups[at] ?? 0] ?? 0)] as const,
  ([size], push) => push(`group ${size}`),
)

const place = family(
  (draft, at) => {
    const here = draft.places[at]
    if (!here) return null
    const { series, label } = here
    const asking = draft.asking[series.id] ?? 0
    return [
      label.script === 'word' ? 'word' : label.script === 'number' ? 'num' : 'let',
      series.depth,
      bucket(series.members.length),
      shareName(asking, 0.6, 0.2),
      series.repeats ? shareName(draft.fitting[series.id] ?? 0, 0.6, 0.25) : '',
      asking > 0.3 ? 'some' : 'few',
      Boolean(label.above),
      label.dress === 'x',
      here.at > 0 && label.dress !== series.members[here.at - 1]?.label.dress,
    ] as const
  },
  ([sort, depth, size, asking, fits, asksAgain, isUnder, isBare, isOther], push) => {
    push(`${sort}${depth} of ${size}`)
    push(`${sort} asking ${asking}`)
    if (fits) {
      push(`${sort} again`)
      push(`${sort} again fits ${fits}`)
      push(`${sort} again asks ${asksAgain}`)
    }
    if (isUnder) push(`${sort} under ${depth}`)
    if (isBare) push(`${sort} bare`)
    if (isOther) push('other dress')
  },
)

const zones = family(
  (draft, at) => {
    const [first, last] = draft.main
    const zone =
      at >= draft.keysFrom ? 'keys' : first < 0 ? 'no numbers' : at < first ? 'head' : at > last ? 'tail' : 'body'
    const until = draft.facts.length - 1 - at
    return [zone, draft.looks[at] ?? '', Math.min(2, at), Math.min(2, until)] as const
  },
  ([zone, look, since, until], push) => {
    push(`zone ${zone}`)
    push(`zone ${zone} ${look}`)
    if (since < 2) push(since === 0 ? 'first' : 'second')
    if (until < 2) push(until === 0 ? 'last' : 'last but one')
  },
)

/** Where the line stands between two numbers of the main numbering, with what stands round it. */
const numbered = family(
  (draft, at) => {
    const here = draft.numbered[at]
    const [first, last] = draft.main
    if (!here || first < 0 || at < first) return null
    const end = here.since > 0 && here.since < 3 ? (draft.facts[at] as Facts).end : ''
    return [at > last ? 'last' : 'in', about(here), draft.looks[at] ?? '', Math.min(5, here.since), end] as const
  },
  ([zone, round, look, since, end], push) => {
    push(`number ${zone} ${round}`)
    push(`number ${zone} ${round} ${look}`)
    push(`number since ${since}`)
    if (end) push(`number since ${since} ${end}`)
  },
)

/** Where it stands in its paragraph. */
const paragraph = family(
  (draft, at) => {
    const here = draft.paragraphs[at]
    return here
      ? ([Math.min(3, here.since), Math.min(3, here.until), about(here), draft.looks[at] ?? ''] as const)
      : null
  },
  ([since, until, round, look], push) => {
    push(`paragraph ${since} ${until}`)
    push(`paragraph ${since} ${round}`)
    push(`paragraph ${since} ${until} ${look}`)
    push(`paragraph ${round} ${look}`)
  },
)

/** What lines with the same sign do, and what the line says again. */
const habits = family(
  (draft, at) => {
    const parted = draft.parted[at]
    const habit = draft.habits[at]
    const echo = draft.echoes[at] ?? ''
    if (!echo && !parted && !habit) return null
    const partedName = parted ? `parted ${parted.asks ? 'asks' : 'says'} ${parted.isShort ? 'short' : 'long'}` : ''
    return [draft.looks[at] ?? '', echo, partedName, habit?.name ?? '', habit?.countedName ?? ''] as const
  },
  ([look, echo, parted, habit, counted], push) => {
    if (echo) {
      push(echo)
      push(`${echo} ${look}`)
    }
    if (parted) {
      push(parted)
      push(`parted ${look}`)
    }
    if (!habit) return
    push(habit)
    push(counted)
    if (echo) push(`${habit} ${echo}`)
  },
)

/** What the line has in common with others anywhere in the draft, and what a line of its look ends with. */
const common = family(
  (draft, at) => {
    const again = draft.recurring[at] ?? ''
    const isListed = draft.listed[at] ?? false
    const { flags, columns } = draft.facts[at] as Facts
    const hasPoints = flags.has('points')
    return again || isListed || hasPoints || columns > 2
      ? ([draft.looks[at] ?? '', again, isListed, hasPoints, Math.min(5, columns)] as const)
      : null
  },
  ([look, again, isListed, hasPoints, columns], push) => {
    if (again) {
      push(`text ${again}`)
      push(`text ${again} ${look}`)
    }
    if (isListed) {
      push('listed part')
      push(`listed part ${look}`)
    }
    if (hasPoints) push(`points ${look}`)
    if (columns > 2) push(`columns ${columns} ${look}`)
  },
)

export const FAMILIES: readonly Family[] = [
  looks,
  own,
  dress,
  around,
  before,
  group,
  place,
  zones,
  numbered,
  paragraph,
  habits,
  common,
]
