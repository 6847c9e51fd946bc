import { KIND_NAMES } from '../item/kind-names.ts'
import type { ItemKind } from '../item/model.ts'

/** Kinds that can be asked for; the others are made by hand. */
export const ASKED_KINDS = ['single', 'multiple', 'truefalse', 'short', 'numeric', 'cloze', 'match', 'order'] as const
export type AskedKind = (typeof ASKED_KINDS)[number] & ItemKind

/** Levels of the revised taxonomy of Anderson & Krathwohl (2001), lowest first; common practice in the trade. */
export const COGNITIVE_LEVELS = ['remember', 'understand', 'apply', 'analyse', 'evaluate', 'create'] as const
export type CognitiveLevel = (typeof COGNITIVE_LEVELS)[number]

export const DIFFICULTIES = ['easy', 'medium', 'hard'] as const
export type Difficulty = (typeof DIFFICULTIES)[number]

/** What is asked of whoever drafts. */
export interface WritingRequest {
  readonly counts: Readonly<Partial<Record<AskedKind, number>>>
  /** Whom the items are for, as in "grade 9" or "B1"; empty: nobody in particular. */
  readonly level: string
  /** Language of the items, as a word; empty: that of the source. */
  readonly language: string
  /** What students are to be able to do, one a line; empty: whatever the source is about. */
  readonly outcomes?: string
  /** Absent: as it comes. */
  readonly difficulty?: Difficulty
  readonly cognitive?: readonly CognitiveLevel[]
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

export function countAsked({ counts }: Pick<WritingRequest, 'counts'>): number {
  return Object.values(counts).reduce((sum, count) => sum + count, 0)
}

/** Items that a request is about, beyond its source. */
export interface RequestItems {
  /** As they stand in the draft: others are wanted in their place. */
  readonly instead?: readonly string[]
  /** Stems that are there and stay: nothing is to be asked twice. */
  readonly kept?: readonly string[]
}

/**
 * A request as text to give to whoever drafts: what is wanted, the layout, what to heed, and the source. The reply is read
 * as a draft like any other.
 */
export function requestText(request: WritingRequest, source: string, { instead, kept }: RequestItems = {}): string {
  const asked = ASKED_KINDS.flatMap((kind) => {
    const count = request.counts[kind] ?? 0
    return count > 0 ? [{ kind, count }] : []
  })
  const wanted = asked.map(({ kind, count }) => `- ${count} × ${KIND_NAMES[kind].toLowerCase()}`)
  const layouts = asked.map(({ kind }) => `${KIND_NAMES[kind]}:\n${LAYOUTS[kind]}`)
  const count = countAsked(request)
  return [
    `Write ${count}${instead?.length ? ' other' : ''} question${count === 1 ? '' : 's'} about the text at the end.`,
    wanted.join('\n'),
    heed(request).join('\n'),
    `Lay them out exactly like this, numbered through, with an empty line between two questions and nothing before or after:\n\n${layouts.join('\n\n')}`,
    ...(instead?.length ? [`In place of these, and not the same again:\n\n${instead.map(indented).join('\n\n')}`] : []),
    ...(kept?.length ? [`Asked already, not to be asked twice:\n\n${kept.map(indented).join('\n')}`] : []),
    `The text:\n\n${source.trim()}`,
  ].join('\n\n')
}

/** What is to be heeded, a sentence each. */
function heed({ level, language, outcomes = '', difficulty, cognitive = [], remarks }: WritingRequest): string[] {
  const aims = outcomes
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
  return [
    ...(level ? [`They are for: ${level}.`] : []),
    ...(language ? [`Write them in ${language}.`] : []),
    ...(aims.length ? [`They are to find out whether students can: ${aims.join('; ')}.`] : []),
    ...(difficulty ? [`They are to be ${difficulty} for these readers.`] : []),
    ...(cognitive.length ? [`They ask students to ${cognitive.join(', ')}.`] : []),
    'Each question rests on one sentence of the text, and can be answered from the text alone.',
    'Exactly the given answers are right. Wrong options come from the same text and are of the same kind as the right one.',
    'Options are about as long as each other, and the place of the right one changes.',
    ...(remarks.trim() ? [`Besides: ${remarks.trim()}`] : []),
  ]
}

/** Asks for a reading where there is only a topic. `words`: about as many. */
export function readingText(
  topic: string,
  words: number,
  { level, language }: Pick<WritingRequest, 'level' | 'language'>,
) {
  return [
    `Write a reading of about ${words} words on: ${oneLine(topic)}`,
    [
      ...(level ? [`It is for: ${level}.`] : []),
      ...(language ? [`Write it in ${language}.`] : []),
      'State facts in whole sentences, in paragraphs with an empty line between them.',
      'Give the reading alone: nothing before or after, no questions.',
    ].join('\n'),
  ].join('\n\n')
}

/** What a variant of an item is to be. */
export type VariantAim =
  | { readonly to: 'easier' | 'harder' }
  | { readonly to: 'level'; readonly level: string }
  | { readonly to: 'language'; readonly language: string }

/** Asks for a variant. `item`: the item in tidy notation, with its key. */
export function variantText(item: string, aim: VariantAim): string {
  const how =
    aim.to === 'level'
      ? `Say this question for other readers: ${oneLine(aim.level)}.`
      : aim.to === 'language'
        ? `Translate this question into ${oneLine(aim.language)}.`
        : `Make this question ${aim.to}.`
  return [
    how,
    [
      'It asks the same, and the same answer stays right.',
      'Keep the layout exactly: the number, the letters of the options, the line of the answer. Nothing before or after.',
    ].join('\n'),
    `The question:\n\n${item.trim()}`,
  ].join('\n\n')
}

function oneLine(text: string): string {
  return text.replace(/\s+/g, ' ').trim()
}

/** Set in, so that no line of an item is taken for one of the request. */
function indented(text: string): string {
  return text.trim().replace(/^/gm, '    ')
}
