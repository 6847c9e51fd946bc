import { spanText } from '../compose.ts'
import type { RawItem, RawKey } from '../raw.ts'

/** A key as written, ready to be read against the options. */
export interface Statement {
  readonly text: string
  readonly raw: RawKey
}

/** Everything that the item says about its key, the one in its stem first. */
export function statementsOf(raw: RawItem, ownKey: RawKey | null): Statement[] {
  const keys = ownKey ? [ownKey, ...raw.keys] : raw.keys
  return keys.map((key) => ({
    raw: key,
    text: key.values
      .map((span) => spanText(span).trim())
      .filter(Boolean)
      .join(' ')
      .trim(),
  }))
}
