import type { Facts } from '../facts/facts.ts'
import { labelsAt, type LabelFact } from '../facts/labels.ts'
import type { DraftSeries } from '../series/series.ts'

/**
 * By line: whether it bears a letter below a number, and a list of keys further down gives that number a key for each of
 * these letters ("2 (a) 5 cm (b) yes"). Such letters are those of questions: of options one is named, not every one.
 */
export function listedParts(facts: readonly Facts[], series: DraftSeries, keysFrom: number): readonly boolean[] {
  const listed = lettersListed(facts, keysFrom)
  const found = facts.map(() => false)
  if (!listed.size) return found
  for (const { members } of series.all) {
    const first = members[0]
    if (!first || members.length < FEWEST || !isLetter(first.label) || first.unit >= keysFrom) continue
    const number = numberAbove(facts, first.unit)
    if (number !== null && (listed.get(number) ?? 0) >= members.length)
      for (const { unit } of members) if (unit < keysFrom) found[unit] = true
  }
  return found
}

const FEWEST = 2
const FURTHEST = 12

function isNumber({ script }: LabelFact): boolean {
  return script === 'number' || script === 'word'
}

function isLetter(label: LabelFact): boolean {
  return !isNumber(label) && label.script !== 'circled'
}

function numberAbove(facts: readonly Facts[], from: number): string | null {
  for (let at = from - 1; at >= Math.max(0, from - FURTHEST); at--) {
    const label = facts[at]?.label
    if (label && isNumber(label)) return label.id
  }
  return null
}

/** How many letters each number of a list of keys gives something for, in its own line or in those below it. */
function lettersListed(facts: readonly Facts[], keysFrom: number): ReadonlyMap<string, number> {
  const counts = new Map<string, number>()
  let number: string | null = null
  for (const { unit, label, run, labels } of facts.slice(keysFrom)) {
    if (label && isNumber(label)) number = label.id
    if (number === null) continue
    const inRow = run.filter((part, at) => part.value === at && !part.box).length
    const behind = label && isNumber(label) ? labelsAt(unit.text.slice(label.to)) : labels
    const bearsLetter = behind.some((one) => isLetter(one) && !one.weak)
    counts.set(number, (counts.get(number) ?? 0) + Math.max(inRow, bearsLetter ? 1 : 0))
  }
  return counts
}
