import type { GoldItem } from '../gold.ts'
import type { Dice } from './dice.ts'
import type { MadeLines } from './lines.ts'
import type { Notation } from './notation.ts'

/** Who writes a draft: in which notation, on which lines, by which chance. */
export interface Hand {
  readonly notation: Notation
  readonly dice: Dice
  readonly lines: MadeLines
}

/** One item on its way into a draft. */
export interface Placed {
  readonly item: GoldItem
  readonly id: string
  /** As a list of keys names it, where that is not its own label. */
  readonly listed?: string
  /** Shown beside the item, when its key is not left to a list. */
  readonly shown: boolean
}

export function isKeyed(item: GoldItem, at: number): boolean {
  return item.kind !== 'order' && item.key.includes(at)
}
