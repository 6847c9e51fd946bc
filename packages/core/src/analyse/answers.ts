import { shareEarned } from '../grade/grade.ts'
import { isAnswered, type Response } from '../grade/response.ts'
import { responseText } from '../grade/response-text.ts'
import type { ClozeItem, Item, ShortItem } from '../item/model.ts'
import type { Attempt } from './scores.ts'

/** Answers that are the same letter by letter, but for blanks at the ends, with how many gave them. */
export interface GivenAnswer {
  readonly text: string
  readonly response: Response
  readonly count: number
  /** Of the points, in `[0, 1]`; null: a person grades it. */
  readonly share: number | null
}

/** All answers to one item, most frequent first; what was left open is not among them. */
export function answersTo(item: Item, attempts: readonly Attempt[], place: number): GivenAnswer[] {
  const found = new Map<string, { response: Response; count: number }>()
  for (const { responses } of attempts) {
    const response = responses[place]
    if (!response || !isAnswered(response)) continue
    const text = responseText(item, response)
    const known = found.get(text)
    if (known) known.count++
    else found.set(text, { response, count: 1 })
  }
  return [...found]
    .map(([text, { response, count }]) => ({
      ...{ text, response, count },
      share: item.kind === 'essay' || item.kind === 'scale' ? null : shareEarned(item, response),
    }))
    .sort((a, b) => b.count - a.count || a.text.localeCompare(b.text, 'en'))
}

/** A spelling that was typed, was not right, and could be accepted. */
export interface Spelling {
  readonly text: string
  readonly count: number
  /** Of a cloze: the gap. */
  readonly gap: number | null
}

/** What was typed into a short answer or the gaps of a cloze and is not accepted, most frequent first. */
export function spellingsOf(item: Item, attempts: readonly Attempt[], place: number): Spelling[] {
  if (item.kind !== 'short' && item.kind !== 'cloze') return []
  const found = new Map<string, { text: string; count: number; gap: number | null }>()
  const note = (typed: string, gap: number | null): void => {
    const text = typed.replace(/\s+/g, ' ').trim()
    if (!text || isAcceptedIn(item, text, gap)) return
    const name = `${gap ?? ''}:${text.toLocaleLowerCase('en')}`
    const known = found.get(name)
    if (known) known.count++
    else found.set(name, { text, count: 1, gap })
  }
  for (const { responses } of attempts) {
    const response = responses[place]
    if (response?.kind === 'text') note(response.text, null)
    if (response?.kind === 'gaps' && item.kind === 'cloze')
      response.texts.forEach((text, gap) => {
        if (!item.gaps[gap]?.choices) note(text, gap)
      })
  }
  return [...found.values()].sort((a, b) => b.count - a.count || a.text.localeCompare(b.text, 'en'))
}

function isAcceptedIn(item: ShortItem | ClozeItem, text: string, gap: number | null): boolean {
  if (item.kind === 'short') return shareEarned(item, { kind: 'text', text }) === 1
  const own = item.gaps[gap ?? 0]
  return own !== undefined && shareEarned({ ...item, gaps: [own] }, { kind: 'gaps', texts: [text] }) === 1
}

/** The item with one more accepted answer; as it was, where it takes none. */
export function withAccepted(item: Item, text: string, gap: number | null): Item {
  if (item.kind === 'short') return item.key.includes(text) ? item : { ...item, key: [...item.key, text] }
  if (item.kind !== 'cloze') return item
  return {
    ...item,
    gaps: item.gaps.map((one, at) =>
      at === gap && !one.key.includes(text) ? { ...one, key: [...one.key, text] } : one,
    ),
  }
}
