import { Chance } from './chance.ts'
import { understand, type Kind } from './asked.ts'
import { Drafter, type Drafted } from './items.ts'
import { factsIn } from './facts.ts'
import { laidOut, MANNERS, type Manner } from './manners.ts'
import { withMistakes } from './mistakes.ts'
import { readingOn, type Reading } from './readings.ts'
import { sentencesIn } from './source.ts'
import { variantOf } from './variants.ts'

/** How the service writes, until it is told otherwise. */
export interface Temper {
  /** Null: by chance. */
  readonly manner: Manner | null
  /** Share of items that are wrong on purpose, in `[0, 1]`. */
  readonly mistakes: number
  readonly seed: number
}

export interface Written {
  readonly text: string
  /** Empty for a reading or a variant. */
  readonly items: readonly Drafted[]
}

const NAMES: Readonly<Record<Kind, string>> = {
  single: 'single choice questions',
  multiple: 'multiple response questions',
  truefalse: 'true/false questions',
  short: 'short answer questions',
  numeric: 'numeric questions',
  cloze: 'cloze questions',
  match: 'matching questions',
  order: 'ordering questions',
}

const SCARCE: readonly Kind[] = ['cloze', 'short', 'multiple', 'order', 'match']

/** The whole reply to a request in words. @throws Problem where it is not understood or cannot be done. */
export function write(request: string, { manner, mistakes, seed }: Temper, readings: readonly Reading[]): Written {
  const asked = understand(request)
  if (asked.what === 'reading') return { text: readingOn(asked.topic, asked.words, readings), items: [] }
  if (asked.what === 'variant') return { text: variantOf(asked.item, asked.how), items: [] }
  const chance = new Chance(seed)
  const sentences = sentencesIn(asked.source)
  const drafter = new Drafter(factsIn(sentences), sentences, chance, { avoid: asked.known, wishes: asked.wishes })
  // What few sentences can give is made first, and all stands in the order in which it was asked for.
  const order = asked.counts.map(([kind]) => kind)
  const made = [...asked.counts]
    .sort(([a], [b]) => SCARCE.indexOf(b) - SCARCE.indexOf(a))
    .map(([kind, count]) => ({ kind, count, items: drafter.make(kind, count) }))
    .sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind))
  const items = withMistakes(
    made.flatMap((one) => one.items),
    mistakes,
    chance,
  )
  const short = made.flatMap(({ kind, count, items: got }) =>
    got.length < count ? [`Note: the text gives ${got.length ? `only ${got.length}` : 'no'} ${NAMES[kind]}.`] : [],
  )
  return { text: laidOut(items, manner ?? chance.one(MANNERS) ?? 'as-asked', short), items }
}
