import { unitsOf } from '../draft/facts/units.ts'
import { cleanLines } from '../draft/text/clean.ts'
import type { Reading } from '../draft/model.ts'
import { surround } from '../draft/roles/read-roles.ts'
import { ROLE_INDEX } from '../draft/roles/roles.ts'
import type { Example } from './fit-roles.ts'
import { ownDrafts } from './generate/own-notation.ts'
import { redressed } from './generate/redress.ts'
import { madeBits, makeDraft, type Stock } from './generate/draft.ts'
import type { LabelledDraft } from './gold.ts'

const OUT = 1 << ROLE_INDEX.out

/** Items and lines out of labelled drafts, to make other drafts of. */
export function stockOf(drafts: readonly LabelledDraft[], examples: readonly Example[]): Stock {
  const outLines = examples.flatMap((example) =>
    example.draft.facts.flatMap((facts, at) =>
      example.allowed[at] === OUT &&
      facts.words > 1 &&
      facts.bars === 0 &&
      !facts.flags.has('rule') &&
      facts.unit.text.length < 140
        ? [facts.unit.text]
        : [],
    ),
  )
  return {
    items: drafts.flatMap((draft) => draft.gold.items),
    outLines,
    passages: drafts.flatMap((draft) => (draft.gold.passages ?? []).map((passage) => passage.text)),
  }
}

/** Made drafts as examples; one whose lines come out in another number than they were written is left out. */
export function madeExamples(stock: Stock, count: number, firstSeed: number, keptOut = false): Example[] {
  return Array.from({ length: count }, (_none, at) => makeDraft(firstSeed + at, stock, keptOut)).flatMap((made) => {
    const draft = surround(unitsOf(cleanLines({ text: made.text })))
    return draft.facts.length === made.roles.length ? [{ name: made.name, draft, allowed: madeBits(made.roles) }] : []
  })
}

/** Labelled drafts in other dress: `times` copies of each, without those that come out in other lines. */
export function redressedExamples(examples: readonly Example[], times: number, firstSeed: number): Example[] {
  return examples.flatMap((example, at) =>
    Array.from({ length: times }, (_none, turn) => redressed(example, firstSeed + at * times + turn)).filter(
      (one) => one !== null,
    ),
  )
}

/** Readings of labelled drafts in our own notation; one whose lines come out in another number is left out. */
export function ownExamples(readings: readonly Reading[], firstSeed: number): Example[] {
  return readings
    .flatMap((reading, at) => ownDrafts(reading, firstSeed + at))
    .flatMap((own, at) => {
      const draft = surround(unitsOf(cleanLines({ text: own.text })))
      const isWhole = draft.facts.length === own.roles.length
      return isWhole ? [{ name: `own ${at}`, draft, allowed: madeBits(own.roles) }] : []
    })
}
