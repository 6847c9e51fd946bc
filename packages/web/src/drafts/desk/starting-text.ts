import type { SourceStyle } from '@zakuska/core'
import { readBackup } from '../backup'
import type { SavedDraft } from '../queries'
import type { Taught } from '../teaching/taught-layer'

/** What a desk begins with: the saved draft, or what the browser kept of it. */
export interface StartingText {
  readonly title: string
  readonly text: string
  readonly styles: readonly SourceStyle[]
  readonly keyText: string | null
  readonly taught: Taught
  readonly restored: boolean
  /** The version that the text goes on from, and its text. */
  readonly version: number
  readonly base: string
}

export function startingText(draft: SavedDraft): StartingText {
  const kept = readBackup(draft.id)
  const { title, text, styles, keyText } = draft
  const taught: Taught = { lines: draft.taught, notation: draft.notation }
  const same =
    kept?.text === text &&
    (kept.keyText ?? null) === keyText &&
    JSON.stringify(kept.taught ?? taught) === JSON.stringify(taught)
  const isOlder = kept !== null && kept.version < draft.version
  // Without what it goes on from, what is older cannot be put together with what is newer.
  if (!kept || same || (isOlder && kept.base === undefined))
    return { title, text, styles, keyText, taught, restored: false, version: draft.version, base: text }
  return {
    title: kept.title,
    text: kept.text,
    styles: kept.styles ?? [],
    keyText: kept.keyText ?? null,
    taught: kept.taught ?? NOTHING_TAUGHT,
    restored: true,
    version: kept.version,
    base: kept.base ?? text,
  }
}

const NOTHING_TAUGHT: Taught = { lines: [], notation: null }
