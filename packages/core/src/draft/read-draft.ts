import type { DraftSource, Reading } from './model.ts'
import { unitsOf } from './facts/units.ts'
import { surround } from './roles/read-roles.ts'
import type { ReaderWeights } from './roles/weights.ts'
import { parseWeights } from './roles/weights.ts'
import { WEIGHTS_TABLE } from './roles/weights-table.ts'
import type { Notation } from './teaching/model.ts'
import { fittingNotations } from './teaching/notation.ts'
import { cleanLines } from './text/clean.ts'
import { weighDraft, weighNotation } from './weigh-draft.ts'

let weights: ReaderWeights | null = null

/**
 * Reads a draft: text → lines and their facts → series and groups → the role of each line, all lines together → records
 * → keys by fit → kinds → doubt. Never throws on any text, loses no line, and takes time linear in the text.
 *
 * @returns items in draft order; every line with text is in an item, in a passage, or in `aside`.
 */
export function readDraft(source: DraftSource): Reading {
  return weighDraft(source, theWeights())
}

/** What was taught about a draft, as a notation that others can be read by. */
export function notationOf(source: DraftSource, name: string): Notation {
  return weighNotation(source, theWeights(), name)
}

/** Of notations those that are about lines of a draft, so that it is worth reading it by them; three at most. */
export function notationsFor(source: DraftSource, notations: readonly Notation[]): Notation[] {
  return notations.length ? fittingNotations(surround(unitsOf(cleanLines(source))), notations) : []
}

/** Read once, and only where a draft is read: the table is long. */
function theWeights(): ReaderWeights {
  return (weights ??= parseWeights(WEIGHTS_TABLE))
}
