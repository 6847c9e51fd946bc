import type { Facts } from '../facts/facts.ts'
import { truthOf } from '../truth-words.ts'
import type { BlockPlace } from './blocks.ts'
import { bucket } from './bucket.ts'
import type { Surroundings } from './surroundings.ts'

/** What is true of one line in its draft, by name; a value other than 1 is a share. */
export type FeatureSink = (name: string, value?: number) => void

/** Names everything that speaks for or against a role of the line at `at`. */
export function featuresOf(draft: Surroundings, at: number, push: FeatureSink): void {
  const facts = draft.facts[at] as Facts
  looks(draft, at, push)
  own(facts, draft.looks[at] ?? '', push)
  neighbours(draft, facts, at, push)
  place(draft, at, push)
  position(draft, at, push)
  blocks(draft, facts, at, push)
  habits(draft, at, push)
}

function looks(draft: Surroundings, at: number, push: FeatureSink): void {
  const look = (offset: number): string => draft.looks[at + offset] ?? 'edge'
  const [before, here, behind] = [look(-1), look(0), look(1)]
  const gap = draft.facts[at]?.unit.gap ? '_' : ''
  const gapBehind = draft.facts[at + 1]?.unit.gap ? '_' : ''
  push(`look ${here}`)
  push(`look ${gap}${here}`)
  push(`look ${here}${gapBehind}+`)
  push(`before ${before}`)
  push(`behind ${behind}`)
  push(`before2 ${look(-2)}`)
  push(`behind2 ${look(2)}`)
  push(`look ${before} ${gap}${here}`)
  push(`look ${here}${gapBehind} ${behind}`)
  push(`look ${before} ${gap}${here}${gapBehind} ${behind}`)
}

function own(facts: Facts, look: string, push: FeatureSink): void {
  push('any')
  for (const flag of facts.flags) push(`is ${flag}`)
  push(`end ${facts.end}`)
  push(`${look} end ${facts.end}`)
  const words =
    facts.words <= 1 ? '1' : facts.words <= 3 ? '3' : facts.words <= 7 ? '7' : facts.words <= 15 ? '15' : 'many'
  push(`words ${words}`)
  push(`${look} words ${words}`)
  if (facts.run.length > 1) {
    push('run')
    push(`run of ${Math.min(5, facts.run.length)}`)
    push(`${look} run`)
    if (facts.run[0]?.label === 0) push('run from the start')
    if (facts.run[0]?.value === 0) push('run from the first')
  }
  if (facts.gaps) push(facts.gaps > 1 ? 'gaps' : 'gap')
  if (facts.glued) push(`glued ${facts.glued.role}`)
  if (facts.box && look !== 'box' && look !== 'ticked') push(`box ${facts.box}`)
  if (facts.columns > 2) push('columns')
  if (facts.bold !== 'none') push(`bold ${facts.bold}`)
  if (facts.slanted) push('slanted')
  if (facts.coloured) push('coloured')
  if (facts.heading) push('heading')
  if (facts.label?.lead) push(`lead ${leadSort(facts.label.lead)}`)
}

/** What a mark before the number is: a judgement, a letter, room for one. */
function leadSort(lead: string): string {
  const inner = lead.replace(/[_()[\]\s.…:]/g, '')
  if (!inner) return 'room'
  return truthOf(inner, true) === null ? (inner.length === 1 ? 'letter' : 'other') : 'judgement'
}

function neighbours(draft: Surroundings, facts: Facts, at: number, push: FeatureSink): void {
  const { unit } = facts
  const before = draft.facts[at - 1]
  const behind = draft.facts[at + 1]
  push(`gap ${Math.min(2, unit.gap)}`)
  if (behind) push(`gap behind ${Math.min(2, behind.unit.gap)}`)
  if (behind && behind.run.length > 1) push('run behind')
  if (unit.prefix.speaker) push(unit.prefix.speaker === draft.speaker ? 'main speaker' : 'other speaker')
  if (!before) return
  const indent = unit.indent - before.unit.indent
  const step = indent > 1 ? 'deeper' : indent < -1 ? 'out' : 'same'
  push(`indent ${step}`)
  push(`before end ${before.end}`)
  const isFull = before.unit.to >= draft.width * 0.82
  const starts = facts.flags.has('lowercase') ? 'small' : facts.label || facts.bullet ? 'label' : 'capital'
  push(`${unit.gap ? '_' : ''}${isFull ? 'full' : 'short'} ${before.end} ${starts}`)
  push(`${unit.gap ? '_' : ''}${isFull ? 'full' : 'short'} ${step} ${starts}`)
  if (before.run.length > 1) push('run before')
  const hang = before.unit.indent + (before.body > 0 ? before.body : 0)
  if (Math.abs(unit.indent - hang) <= 1 && before.body > 0) push(unit.gap ? 'hangs_' : 'hangs')
  if (unit.prefix.quotes !== before.unit.prefix.quotes)
    push(unit.prefix.quotes > before.unit.prefix.quotes ? 'quote begins' : 'quote ends')
  if (unit.prefix.quotes) push('quoted')
  if (unit.prefix.speaker && unit.prefix.speaker !== before.unit.prefix.speaker) push('speaker changes')
}

function place(draft: Surroundings, at: number, push: FeatureSink): void {
  const here = draft.places[at]
  push(`group ${bucket(draft.groupSizes[draft.groups[at] ?? 0] ?? 0)}`)
  if (!here) return
  const { series, label } = here
  const sort = label.script === 'word' ? 'word' : label.script === 'number' ? 'num' : 'let'
  const size = bucket(series.members.length)
  const asking = draft.asking[series.id] ?? 0
  push(`${sort}${series.depth} of ${size}`)
  push(`${sort} asking ${asking > 0.6 ? 'most' : asking > 0.2 ? 'some' : asking > 0 ? 'few' : 'none'}`)
  if (series.repeats) {
    const fitting = draft.fitting[series.id] ?? 0
    push(`${sort} again`)
    push(`${sort} again fits ${fitting > 0.6 ? 'most' : fitting > 0.25 ? 'some' : fitting > 0 ? 'few' : 'none'}`)
    push(`${sort} again asks ${asking > 0.3 ? 'some' : 'few'}`)
  }
  if (label.above) push(`${sort} under ${series.depth}`)
  if (label.dress === 'x') push(`${sort} bare`)
  if (here.at > 0 && label.dress !== series.members[here.at - 1]?.label.dress) push('other dress')
}

function position(draft: Surroundings, at: number, push: FeatureSink): void {
  const [first, last] = draft.main
  const zone =
    at >= draft.keysFrom ? 'keys' : first < 0 ? 'no numbers' : at < first ? 'head' : at > last ? 'tail' : 'body'
  push(`zone ${zone}`)
  push(`zone ${zone} ${draft.looks[at] ?? ''}`)
  if (at === 0) push('first')
  if (at === 1) push('second')
  if (at === draft.facts.length - 1) push('last')
  if (at === draft.facts.length - 2) push('last but one')
}

/** Where the line stands between two numbers of the main numbering, and in its paragraph, with what stands round it. */
function blocks(draft: Surroundings, facts: Facts, at: number, push: FeatureSink): void {
  const look = draft.looks[at] ?? ''
  const [first, last] = draft.main
  const own = draft.numbered[at]
  if (own && first >= 0 && at >= first) {
    const zone = at > last ? 'last' : 'in'
    push(`number ${zone} ${about(own)}`)
    push(`number ${zone} ${about(own)} ${look}`)
    push(`number since ${Math.min(5, own.since)}`)
    if (own.since > 0 && own.since < 3) push(`number since ${own.since} ${facts.end}`)
  }
  const paragraph = draft.paragraphs[at]
  if (!paragraph) return
  const since = Math.min(3, paragraph.since)
  const until = Math.min(3, paragraph.until)
  push(`paragraph ${since} ${until}`)
  push(`paragraph ${since} ${about(paragraph)}`)
  push(`paragraph ${since} ${until} ${look}`)
  push(`paragraph ${about(paragraph)} ${look}`)
}

/** What lines with the same sign do, and what the line says again. */
function habits(draft: Surroundings, at: number, push: FeatureSink): void {
  const echo = draft.echoes[at]
  if (echo) {
    push(echo)
    push(`${echo} ${draft.looks[at] ?? ''}`)
  }
  const parted = draft.parted[at]
  if (parted) {
    push(`parted ${parted.asks ? 'asks' : 'says'} ${parted.isShort ? 'short' : 'long'}`)
    push(`parted ${draft.looks[at] ?? ''}`)
  }
  const habit = draft.habits[at]
  if (!habit) return
  push(habit.name)
  push(habit.countedName)
  if (echo) push(`${habit.name} ${echo}`)
}

function about(place: BlockPlace): string {
  const sign = (is: boolean, mark: string): string => (is ? mark : '')
  return `${sign(place.optionsAbove, 'o')}${sign(place.keyAbove, 'k')}/${sign(place.optionsBelow, 'o')}${sign(place.keyBelow, 'k')}`
}
