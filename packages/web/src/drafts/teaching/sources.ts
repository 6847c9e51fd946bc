import type { EditorView } from '@codemirror/view'
import type { DraftSource, Reading } from '@zakuska/core'
import type { RefObject } from 'react'
import type { Reader } from '../use-reader'
import type { Taught } from './taught-layer'

/** What teaching goes by: the text, who reads it, and how it is read now. */
export interface TeachingSources {
  readonly view: RefObject<EditorView | null>
  readonly reader: Reader
  /** The draft as it stands, with what would be taught. */
  readonly sourceWith: (taught: Taught) => DraftSource
  readonly reading: Reading | null
  readonly taught: Taught
}
