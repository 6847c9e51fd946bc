import type { SourceStyle, TextEdit } from '@zakuska/core'
import { diffArrays } from 'diff'
import { diff3Merge } from 'node-diff3'

/** A text as it was when two went on from it, and what each made of it. */
export interface Sides {
  readonly base: string
  readonly mine: string
  readonly theirs: string
}

/** Lines that both changed. */
export interface Clash {
  readonly mine: string
  readonly theirs: string
}

export type Choice = 'mine' | 'theirs' | 'both'

/** A stretch that is settled, or one that both changed. */
type Stretch = { readonly lines: readonly string[] } | { readonly clash: { mine: string[]; theirs: string[] } }

function stretchesOf({ base, mine, theirs }: Sides): Stretch[] {
  return diff3Merge(linesOf(mine), linesOf(base), linesOf(theirs), { excludeFalseConflicts: true }).map(
    ({ ok, conflict }): Stretch =>
      conflict ? { clash: { mine: conflict.a, theirs: conflict.b } } : { lines: ok ?? [] },
  )
}

function linesOf(text: string): string[] {
  return text.split('\n')
}

/** What both changed differently; empty: the two go together by themselves. */
export function clashesOf(sides: Sides): Clash[] {
  return stretchesOf(sides).flatMap((one) =>
    'clash' in one ? [{ mine: one.clash.mine.join('\n'), theirs: one.clash.theirs.join('\n') }] : [],
  )
}

/** The two texts in one; where both changed a line, as chosen, or both where nothing was. */
export function mergedText(sides: Sides, choices: readonly Choice[] = []): string {
  let at = 0
  return stretchesOf(sides)
    .flatMap((one) => {
      if ('lines' in one) return one.lines
      const choice = choices[at++] ?? 'both'
      const { mine, theirs } = one.clash
      return choice === 'mine' ? mine : choice === 'theirs' ? theirs : [...mine, ...theirs]
    })
    .join('\n')
}

/** The edits by lines that turn one text into another. */
export function editsBetween(from: string, to: string): TextEdit[] {
  const edits: TextEdit[] = []
  let at = 0
  for (const part of diffArrays(withBreaks(from), withBreaks(to))) {
    const text = part.value.join('')
    if (part.removed) {
      edits.push({ from: at, to: at + text.length, insert: '' })
      at += text.length
    } else if (part.added) {
      const last = edits.at(-1)
      if (last?.to === at) edits[edits.length - 1] = { ...last, insert: last.insert + text }
      else edits.push({ from: at, to: at, insert: text })
    } else at += text.length
  }
  return edits
}

/** Lines with their breaks, so that their lengths add up to the text's. */
function withBreaks(text: string): string[] {
  return text.split(/(?<=\n)/)
}

/** Ranges of one text where they are in another: those whose lines are the same there. */
export function carried<Range extends Pick<SourceStyle, 'from' | 'to'>>(
  ranges: readonly Range[],
  from: string,
  to: string,
): Range[] {
  const edits = editsBetween(from, to)
  return ranges.flatMap((range) => {
    const before = edits.filter((edit) => edit.to <= range.from)
    const isTouched = edits.some((edit) => edit.from < range.to && edit.to > range.from)
    const moved = before.reduce((sum, edit) => sum + edit.insert.length - (edit.to - edit.from), 0)
    return isTouched ? [] : [{ ...range, from: range.from + moved, to: range.to + moved }]
  })
}
