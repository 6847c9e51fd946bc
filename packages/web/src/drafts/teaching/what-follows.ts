import type { LinePart, Reading } from '@zakuska/core'

/** What of a reading is compared: what each line was taken for, and how many items came out. */
export interface Outcome {
  readonly parts: Reading['parts']
  readonly items: number
  /** Items that something is left to decide about. */
  readonly undecided: number
}

/** What becomes of a draft if something is said about some of its lines. */
export interface Following {
  /** Lines that become the same as those that were spoken of. */
  readonly alike: readonly number[]
  /** Lines that become something else by it. */
  readonly others: readonly ChangedLine[]
  readonly items: readonly [before: number, after: number]
  readonly undecided: readonly [before: number, after: number]
  /** False where the lines that were spoken of cannot be that where they stand. */
  readonly holds: boolean
}

export interface ChangedLine {
  readonly line: number
  readonly part: LinePart
}

export function outcomeOf(reading: Pick<Reading, 'parts' | 'items'>): Outcome {
  const undecided = reading.items.filter((item) => item.marks.some((mark) => mark.severity !== 'told')).length
  return { parts: reading.parts, items: reading.items.length, undecided }
}

/** @param said lines, counted from 1, and what they are said to be; null where no line was spoken of. */
export function whatFollows(
  before: Outcome,
  after: Outcome,
  said: { readonly lines: readonly number[]; readonly part: LinePart } | null,
): Following {
  const own = new Set(said?.lines)
  const alike: number[] = []
  const others: ChangedLine[] = []
  after.parts.forEach((part, at) => {
    if (part === null || part === before.parts[at] || own.has(at + 1)) return
    if (part === said?.part) alike.push(at + 1)
    else others.push({ line: at + 1, part })
  })
  return {
    alike,
    others,
    items: [before.items, after.items],
    undecided: [before.undecided, after.undecided],
    holds: said === null || said.lines.every((line) => isPart(after.parts[line - 1], said.part)),
  }
}

/** Whether a line came out as what was said of it; what is set aside may be a heading or not. */
function isPart(found: LinePart | null | undefined, said: LinePart): boolean {
  const isAside = (part: LinePart | null | undefined): boolean => part === 'heading' || part === 'none'
  return found === said || (isAside(found) && isAside(said))
}

/** The lines that change, with what they become, for the margin. */
export function changedLines(following: Following, part: LinePart): readonly ChangedLine[] {
  return [...following.alike.map((line) => ({ line, part })), ...following.others]
}
