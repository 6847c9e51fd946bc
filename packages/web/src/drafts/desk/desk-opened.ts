import { useState } from 'react'
import type { Sentence } from '@zakuska/core'

export type DeskDialog = 'bank' | 'keys' | 'copy' | 'evidence' | 'again'

/** On a narrow screen, the one that is shown. */
export type Side = 'text' | 'items'

/** What of a desk is open: a person's view of it, kept nowhere. */
export interface DeskOpened {
  readonly dialog: DeskDialog | null
  readonly open: (dialog: DeskDialog) => void
  /** Closes the dialog. The same function for as long as the desk stands. */
  readonly close: () => void
  /** The sentences of the reading that are shown in it; null: it is closed. */
  readonly sentences: readonly Sentence[] | null
  readonly showSentences: (sentences: readonly Sentence[] | null) => void
  readonly keyShown: boolean
  readonly showKey: (shown: boolean) => void
  readonly side: Side
  readonly turn: () => void
  /** What two people wrote is put together at another time. */
  readonly meetsLater: boolean
  readonly meetLater: (later: boolean) => void
}

export function useDeskOpened(): DeskOpened {
  const [dialog, setDialog] = useState<DeskDialog | null>(null)
  const [close] = useState(() => (): void => setDialog(null))
  const [sentences, showSentences] = useState<readonly Sentence[] | null>(null)
  const [keyShown, showKey] = useState(false)
  const [side, setSide] = useState<Side>('text')
  const [meetsLater, meetLater] = useState(false)
  const turn = (): void => setSide(side === 'text' ? 'items' : 'text')
  return {
    ...{ dialog, open: setDialog, close, sentences, showSentences },
    ...{ keyShown, showKey, side, turn, meetsLater, meetLater },
  }
}
