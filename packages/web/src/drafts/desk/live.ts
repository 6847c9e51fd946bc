import type { DraftSource, FollowedItem } from '@zakuska/core'
import type { SavedDraft } from '../queries'
import type { Taught } from '../teaching/taught-layer'
import { WhenRead } from '../when-read'
import type { DeskContent } from './saver'
import type { StartingText } from './starting-text'

type Mutable<Type> = { -readonly [Name in keyof Type]: Type[Name] }

/** What stands on the desk at this moment, ahead of what the page shows of it. */
export interface Live extends Mutable<DeskContent> {
  /** Signed items that a half-typed word hides for a moment: they are known again when they show. */
  dormant: readonly FollowedItem[]
  /** Steps that wait for the reading of the text as it stands. */
  readonly steps: WhenRead
  /** The reading that the page shows. */
  shownVersion: number
}

export function liveFrom(start: StartingText, draft: SavedDraft): Live {
  return {
    title: start.title,
    text: start.text,
    styles: start.styles,
    keyText: start.keyText,
    taught: start.taught,
    followed: draft.followed as readonly FollowedItem[],
    dormant: [],
    steps: new WhenRead(),
    shownVersion: 0,
  }
}

/** What there is to read, with what a person said of its lines. */
export function sourceOf({ text, styles, keyText }: DeskContent, { lines, notation }: Taught): DraftSource {
  return {
    text,
    styles,
    ...(keyText?.trim() && { keyText }),
    ...(lines.length > 0 && { taught: lines }),
    ...(notation && { notation }),
  }
}
