import { KIND_NAMES } from '../item/kind-names.ts'
import type { ItemKind } from '../item/model.ts'

/** Kinds that can be asked for; the others are made by hand. */
export const ASKED_KINDS = ['single', 'multiple', 'truefalse', 'short', 'numeric', 'cloze', 'match', 'order'] as const
export type AskedKind = (typeof ASKED_KINDS)[number] & ItemKind

/** What is asked of whoever drafts. */
export interface WritingRequest {
  readonly counts: Readonly<Partial<Record<AskedKind, number>>>
  /** Whom the items are for, as in "grade 9" or "B1"; empty: nobody in particular. */
  readonly level: string
  /** Language of the items, as a word; empty: that of the source. */
  readonly language: string
  /** Anything besides. */
  readonly remarks: string
}

/** How each kind is laid out, in a notation that the reader surely reads. */
const LAYOUTS: Readonly<Record<AskedKind, string>> = {
  single: 'N. The question?\na) an option\nb) an option\nc) an option\nd) an option\nAnswer: b',
  multiple:
    'N. The question? Choose all that apply.\na) an option\nb) an option\nc) an option\nd) an option\nAnswer: a, c',
  truefalse: 'N. True or false: A statement.\nAnswer: True',
  short: 'N. The question that is answered in a word or two?\nAnswer: the word / another word that is right, too',
  numeric: 'N. The question that is answered by a number?\nAnswer: 12.5 ± 0.5',
  cloze: 'N. A sentence with a _____ and a second _____.\nAnswer: first word; second word',
  match: 'N. Match each with its partner.\none – its partner\ntwo – its partner\nthree – its partner',
  order: 'N. Put in order:\na) the second step\nb) the first step\nc) the last step\nAnswer: b, a, c',
}

export function countAsked({ counts }: WritingRequest): number {
  return Object.values(counts).reduce((sum, count) => sum + count, 0)
}

/**
 * A request as text to give to any assistant that writes: what is wanted, the layout, what to heed, and the source. The
 * reply is read as a draft like any other.
 */
export function requestText(request: WritingRequest, source: string): string {
  const asked = ASKED_KINDS.flatMap((kind) => {
    const count = request.counts[kind] ?? 0
    return count > 0 ? [{ kind, count }] : []
  })
  const wanted = asked.map(({ kind, count }) => `- ${count} × ${KIND_NAMES[kind].toLowerCase()}`)
  const layouts = asked.map(({ kind }) => `${KIND_NAMES[kind]}:\n${LAYOUTS[kind]}`)
  return [
    `Write ${countAsked(request)} questions about the text at the end.`,
    wanted.join('\n'),
    [
      ...(request.level ? [`They are for: ${request.level}.`] : []),
      ...(request.language ? [`Write them in ${request.language}.`] : []),
      'Each question rests on one sentence of the text, and can be answered from the text alone.',
      'Exactly the given answers are right. Wrong options come from the same text and are of the same kind as the right one.',
      'Options are about as long as each other, and the place of the right one changes.',
      ...(request.remarks ? [request.remarks] : []),
    ].join('\n'),
    `Lay them out exactly like this, numbered through, with an empty line between two questions and nothing before or after:\n\n${layouts.join('\n\n')}`,
    `The text:\n\n${source.trim()}`,
  ].join('\n\n')
}
