import type { Mark } from '@zakuska/core'
import type { EditorView } from '@codemirror/view'
import type { DeskItem } from '../desk-state'

/** Who sits at the desk, and what the page does round it. */
export interface DeskHooks {
  readonly personName: string
  readonly scrolled: (view: EditorView) => void
  readonly toItems: () => void
  /** An item was signed off; the place of the next that waits, null where none does. */
  readonly wentOn: (next: number | null) => void
  /** Who may not write looks on; who may sign off does only that. */
  readonly mayWrite: boolean
  readonly maySignOff: boolean
}

/** What the page shows at this moment, for what is done between two renders. */
export interface Now {
  readonly hooks: DeskHooks
  readonly items: readonly DeskItem[]
  /** All marks of the newest reading, those of items and those of the draft. */
  readonly marks: readonly Mark[]
}
