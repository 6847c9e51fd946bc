import type { PaperPlan } from '../formats/paper-plan.ts'

/** A paper as a workspace keeps it. */
export interface PlannedPaper extends Pick<
  PaperPlan,
  'instructions' | 'identity' | 'attempts' | 'shuffleItems' | 'feedbackWhen'
> {
  /** Minutes; null: as long as it takes. */
  readonly timeLimit: number | null
  readonly sections: readonly { readonly id: string; readonly title: string; readonly instructions: string }[]
}

const SECONDS = 60

/**
 * What a paper says besides its items, as formats carry it.
 *
 * @param entries the entries that go out, in order; one that becomes several items is given as often.
 */
export function planOf(
  paper: PlannedPaper,
  entries: readonly { readonly sectionId?: string | null; readonly required: boolean }[],
): PaperPlan {
  const index = new Map(paper.sections.map((section, at) => [section.id, at]))
  const { instructions, identity, attempts, shuffleItems, feedbackWhen, timeLimit } = paper
  return {
    instructions,
    identity,
    attempts,
    shuffleItems,
    feedbackWhen,
    timeLimit: timeLimit === null ? null : timeLimit * SECONDS,
    sections: paper.sections.map((section) => ({ title: section.title, instructions: section.instructions })),
    places: entries.map((entry) => ({ section: index.get(entry.sectionId ?? '') ?? null, required: entry.required })),
  }
}
