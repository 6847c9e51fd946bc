import type { FollowedItem, SourceStyle, TaughtLine } from '@zakuska/core'
import type { SavedDraft } from '../queries'
import { carried, clashesOf, mergedText, type Choice, type Clash } from './merge-texts'

/** A draft as it was last agreed on with the server. */
export interface Agreed {
  readonly title: string
  readonly text: string
  readonly keyText: string | null
  readonly followed: readonly FollowedItem[]
}

/** What stands on the desk. */
export interface OnDesk extends Agreed {
  readonly styles: readonly SourceStyle[]
  readonly taught: readonly TaughtLine[]
}

export interface Met extends OnDesk {
  /** Items that only the other one knows: they are known when they are read. */
  readonly theirItems: readonly FollowedItem[]
}

/** Lines that both changed, of the text and then of the key. */
export function clashesWith(base: Agreed, mine: OnDesk, theirs: SavedDraft): Clash[] {
  return [...clashesOf(textsOf(base, mine, theirs)), ...clashesOf(keysOf(base, mine, theirs))]
}

/** What two made of one draft, put together. */
export function meet(base: Agreed, mine: OnDesk, theirs: SavedDraft, choices: readonly Choice[] = []): Met {
  const texts = textsOf(base, mine, theirs)
  const text = mergedText(texts, choices)
  const keyText = mergedText(keysOf(base, mine, theirs), choices.slice(clashesOf(texts).length))
  const ranges = <Range extends { from: number; to: number }>(
    own: readonly Range[],
    other: readonly Range[],
  ): Range[] => unique([...carried(own, mine.text, text), ...carried(other, theirs.text, text)])
  const theirItems = theirs.followed as FollowedItem[]
  return {
    title: mine.title === base.title ? theirs.title : mine.title,
    text,
    keyText: keyText.trim() ? keyText : null,
    styles: ranges<SourceStyle>(mine.styles, theirs.styles).sort((a, b) => a.from - b.from),
    taught: ranges<TaughtLine>(mine.taught, theirs.taught),
    followed: mine.followed.map((item) => withTheirs(item, base.followed, theirItems)),
    theirItems: carried(
      theirItems.filter(({ ref }) => !mine.followed.some((own) => own.ref === ref)),
      theirs.text,
      text,
    ),
  }
}

/** A sign-off that only the other one gave or took back counts. */
function withTheirs(mine: FollowedItem, base: readonly FollowedItem[], theirs: readonly FollowedItem[]): FollowedItem {
  const their = theirs.find(({ ref }) => ref === mine.ref)
  if (!their) return mine
  const was = base.find(({ ref }) => ref === mine.ref)
  const bankItemId = mine.bankItemId ?? their.bankItemId
  const isMine = mine.signOff?.fingerprint !== was?.signOff?.fingerprint
  return isMine
    ? { ...mine, bankItemId }
    : { ...mine, bankItemId, signOff: their.signOff, lostSignOff: their.lostSignOff }
}

function textsOf(base: Agreed, mine: OnDesk, theirs: SavedDraft) {
  return { base: base.text, mine: mine.text, theirs: theirs.text }
}

function keysOf(base: Agreed, mine: OnDesk, theirs: SavedDraft) {
  return { base: base.keyText ?? '', mine: mine.keyText ?? '', theirs: theirs.keyText ?? '' }
}

function unique<Range>(ranges: readonly Range[]): Range[] {
  return [...new Map(ranges.map((range) => [JSON.stringify(range), range])).values()]
}
