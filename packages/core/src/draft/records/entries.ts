import type { Facts } from '../facts/facts.ts'
import type { RunPart } from '../facts/runs.ts'
import { spanOf, type Entry } from './record.ts'

/** The alternatives of one line: those of its run, or the line as one. */
export function entriesIn(facts: Facts, run: readonly RunPart[], form: 'run' | 'line'): Entry[] {
  return form === 'run' ? run.map((part, at) => runEntry(facts, part, at)) : [lineEntry(facts)]
}

function runEntry(facts: Facts, part: RunPart, at: number): Entry {
  const { unit } = facts
  return {
    id: part.id,
    value: part.value,
    dress: part.dress,
    labelText: unit.text.slice(part.label, part.from).trim(),
    pieces: [{ span: spanOf(unit, part.from, part.to), join: 'paragraph' }],
    remarks: [],
    lead: at === 0 ? unit.text.slice(0, part.label).trim() : '',
    ticked: at === 0 && facts.box === 'ticked',
    boxed: at === 0 && facts.box !== null,
    unit,
    inRow: true,
  }
}

function lineEntry(facts: Facts): Entry {
  const { unit } = facts
  const label = facts.label ?? undefined
  const from = Math.min(unit.text.length, facts.cue && label === undefined && facts.cue.role === 'other' && isOptionWord(facts) ? facts.cue.to : facts.body)
  return {
    id: label?.id ?? '',
    value: label?.value ?? -1,
    dress: label?.dress ?? (facts.box ? 'box' : facts.bullet ? 'bullet' : ''),
    labelText: unit.text.slice(0, from).trim(),
    pieces: [{ span: spanOf(unit, from, unit.text.length), join: 'paragraph' }],
    remarks: [],
    lead: label?.lead ?? '',
    ticked: facts.box === 'ticked',
    boxed: facts.box !== null,
    unit,
    inRow: false,
  }
}

/** "OPTION A:", "Choice 2:" */
function isOptionWord(facts: Facts): boolean {
  return /\s(?:[a-z]|\d)$/.test(facts.cue?.word ?? '')
}

/** Columns of options that are read across, `a … c …`, put back into the order of their labels. */
export function inLabelOrder(entries: Entry[]): void {
  if (!entries.some((entry) => entry.inRow) || entries.some((entry) => entry.value < 0)) return
  const places = new Set(entries.map((entry) => entry.value))
  const isWhole = places.size === entries.length && entries.every((entry) => entry.value < entries.length)
  if (isWhole) entries.sort((a, b) => a.value - b.value)
}
