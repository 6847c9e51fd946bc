import { stableJson } from '@zakuska/core'
import type { Entry, PaperState } from './paper-parts'

/** What each part of a paper is called in a sentence. */
export const PARTS: Readonly<Record<keyof PaperState, string>> = {
  title: 'the title',
  instructions: 'the instructions',
  entries: 'the items',
  shuffleItems: 'whether items change places',
  shuffleOptions: 'whether options change places',
  sections: 'the sections',
  identity: 'what students write above',
  timeLimit: 'the time limit',
  attempts: 'the attempts',
  feedbackWhen: 'when feedback is shown',
  rules: 'the rules to draw by',
}

export interface MergedPaper {
  readonly state: PaperState
  /** Parts that both changed differently; mine stands in the state. */
  readonly clashes: readonly (keyof PaperState)[]
}

/** Puts together what two made of one paper. Of the items what each added is there, and what each took out is gone. */
export function mergePapers(base: PaperState, mine: PaperState, theirs: PaperState): MergedPaper {
  const clashes: (keyof PaperState)[] = []
  const merged = Object.entries(mine).map(([name, own]: [string, unknown]) => {
    const part = name as keyof PaperState
    const [was, now, other] = [base[part], own, theirs[part]].map(stableJson)
    if (now === other || was === other) return [name, own]
    if (was === now) return [name, theirs[part]]
    if (part === 'entries') return [name, mergeEntries(base.entries, mine.entries, theirs.entries)]
    clashes.push(part)
    return [name, own]
  })
  return { state: Object.fromEntries(merged) as PaperState, clashes }
}

/** My order with their new items behind, without what they took out; an entry that only they changed is as they have it. */
function mergeEntries(base: readonly Entry[], mine: readonly Entry[], theirs: readonly Entry[]): Entry[] {
  const [was, own, other] = [base, mine, theirs].map((entries) => new Map(entries.map((one) => [one.itemId, one]))) as [
    Map<string, Entry>,
    Map<string, Entry>,
    Map<string, Entry>,
  ]
  const kept = mine.flatMap((entry) => {
    const their = other.get(entry.itemId)
    const before = was.get(entry.itemId)
    if (!their) return before ? [] : [entry]
    return [before && stableJson(before) === stableJson(entry) ? their : entry]
  })
  return [...kept, ...theirs.filter(({ itemId }) => !own.has(itemId) && !was.has(itemId))]
}
