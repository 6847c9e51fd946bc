import type { Item, Response } from '@zakuska/core'

export interface AnswerProps {
  readonly body: Item
  /** Names the fields apart from those of other items. */
  readonly name: string
  readonly response: Response | null
  readonly answer: (response: Response) => void
  readonly locked: boolean
}

export const BOX = 'border-b border-ink bg-transparent px-1'
