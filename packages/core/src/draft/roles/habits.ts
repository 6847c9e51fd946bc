import type { Facts } from '../facts/facts.ts'
import type { BlockPlace } from './blocks.ts'
import { bucket } from './bucket.ts'

/**
 * What lines with one sign do in a draft, whatever the sign is: a sign that stands once in each paragraph, at its end,
 * is no sign of options.
 */
export interface SignHabit {
  readonly count: number
  /** Shares of its lines that begin a paragraph, end one, and stand beside another one of them. */
  readonly first: number
  readonly last: number
  readonly beside: number
  /** What it comes to in a word or two, and with how many lines have it. */
  readonly name: string
  readonly countedName: string
}

/** By line: the habit of its sign; null where it has none, or where it is the only one. */
export function signHabits(facts: readonly Facts[], paragraphs: readonly BlockPlace[]): readonly (SignHabit | null)[] {
  const lines = new Map<string, number[]>()
  const signs = facts.map((one) => signOf(one))
  signs.forEach((sign, at) => {
    if (sign === '') return
    const own = lines.get(sign)
    if (own) own.push(at)
    else lines.set(sign, [at])
  })
  const habits = new Map<string, SignHabit>()
  for (const [sign, own] of lines) {
    if (own.length < 2) continue
    const share = (test: (at: number) => boolean): number => own.filter(test).length / own.length
    habits.set(
      sign,
      habitOf({
        count: own.length,
        first: share((at) => paragraphs[at]?.since === 0),
        last: share((at) => paragraphs[at]?.until === 0),
        beside: share(
          (at) =>
            (signs[at - 1] === sign && facts[at]?.unit.gap === 0) ||
            (signs[at + 1] === sign && facts[at + 1]?.unit.gap === 0),
        ),
      }),
    )
  }
  return signs.map((sign) => habits.get(sign) ?? null)
}

const MOSTLY = 0.7

function habitOf(shares: Omit<SignHabit, 'name' | 'countedName'>): SignHabit {
  const { count, first, last, beside } = shares
  const place = first > MOSTLY ? 'first' : last > MOSTLY ? 'last' : first + last > MOSTLY ? 'ends' : 'inside'
  const runs = beside > MOSTLY ? 'runs' : beside < 1 - MOSTLY ? 'single' : 'mixed'
  const name = `sign ${place} ${runs}`
  return { ...shares, name, countedName: `${name} ${bucket(count)}` }
}

const SIGNS = /^[^\p{L}\p{N}\s_]{1,4}/u

/** The notation that a line starts with: its label's dress, its word, or its signs; empty where it has none. */
function signOf({ unit, label, cue }: Facts): string {
  if (cue?.from === 0) return `word ${cue.word.replace(/\d+|\b\p{L}$/u, '')}`
  if (label && !label.weak) return `label ${label.script} ${label.dress}`
  const quotes = '>'.repeat(unit.prefix.quotes)
  return `${quotes}${SIGNS.exec(unit.text)?.[0] ?? ''}`
}

/** What a line says again of what stands above it in its block, or what is said again below it. */
export type Echo = 'says a line above' | 'is said below' | 'names a label above' | 'holds a line above'

const LONGEST_BLOCK = 12
const SHORTEST_HELD = 3

/**
 * By line: the text of a line above in the same block that it repeats, names by its label, or holds among other words.
 * Keys do so, in any language and behind any sign. Linear: a block is looked at as far as its `LONGEST_BLOCK` lines.
 */
export function echoes(facts: readonly Facts[], starts: readonly boolean[]): readonly (Echo | null)[] {
  const found: (Echo | null)[] = facts.map(() => null)
  const bodies = facts.map((one) => bodyOf(one))
  let from = 0
  facts.forEach((one, at) => {
    if (starts[at] || at - from > LONGEST_BLOCK) from = at
    const body = bodies[at] ?? ''
    if (!body) return
    for (let above = at - 1; above > from; above--) {
      const other = bodies[above] ?? ''
      if (other === body) {
        found[at] = 'says a line above'
        found[above] ??= 'is said below'
        return
      }
      if (body.length <= 2 && facts[above]?.label?.id === body && facts[above]?.label?.script !== one.label?.script) {
        found[at] = 'names a label above'
        return
      }
      if (other.length > SHORTEST_HELD && body.length > other.length && ` ${body} `.includes(` ${other} `))
        found[at] ??= 'holds a line above'
    }
  })
  return found
}

const LONGEST_BODY = 120

/** What a line says behind its label, its word and its signs, for comparing. */
function bodyOf({ unit, body, cue }: Facts): string {
  const from = cue?.from === 0 ? cue.to : body
  return unit.text
    .slice(from, from + LONGEST_BODY)
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
}

const BETWEEN = /->|=>|→|⇒|::|\.{3}|…|\s[=–—|/]\s|:\s|\t|\s{3,}|[?？]\s(?!\s*(?:->|=>|→|⇒|::|\.{3}|…|[=–—|/]\s))/gu
const SHORTEST_ASKED = 5
const LONGEST_ASKED = 160
const LONGEST_SAID = 60
const FEWEST_PARTED = 3
const SHARE_PARTED = 0.4

/** How a line is parted where most lines of its draft are parted in the same way: what stands before and behind. */
export interface Parted {
  readonly asks: boolean
  readonly isShort: boolean
}

/** By line: a sign inside it that many lines have, as between questions and their answers. */
export function partedLines(facts: readonly Facts[]): readonly (Parted | null)[] {
  const parts = facts.map(({ unit, body }) => partOf(unit.text, body))
  const counts = new Map<string, number>()
  for (const part of parts) if (part) counts.set(part.sign, (counts.get(part.sign) ?? 0) + 1)
  return parts.map((part) => {
    const count = part ? (counts.get(part.sign) ?? 0) : 0
    return part && count >= FEWEST_PARTED && count >= facts.length * SHARE_PARTED ? part : null
  })
}

/** The first sign in a text that could part a question from its answer. */
function partOf(text: string, from: number): (Parted & { readonly sign: string }) | null {
  BETWEEN.lastIndex = from + SHORTEST_ASKED - 1
  const found = BETWEEN.exec(text)
  if (!found || found.index > from + LONGEST_ASKED) return null
  const said = text.slice(found.index + found[0].length).trim()
  if (!said || said.length > LONGEST_SAID) return null
  const isMark = /[?？]/.test(found[0])
  const asks = isMark || /[?？]\s*$/.test(text.slice(0, found.index))
  return { sign: isMark ? '?' : found[0].trim(), asks, isShort: said.split(/\s+/).length <= 4 }
}
