import type { ElementNode } from '../../../content/markup.ts'
import type { Item } from '../../../item/model.ts'
import type { QtiValue } from '../process.ts'

/** What every item has, before its kind is known. */
export type Common = Omit<Extract<Item, { kind: 'note' }>, 'kind'>

/** An item file on its way to an item. */
export interface Reading {
  readonly root: ElementNode
  readonly body: ElementNode
  readonly interactions: readonly ElementNode[]
  readonly common: Common
  readonly declaration: (interaction: ElementNode) => ElementNode | undefined
  /** Takes what the item says and has no place here. */
  readonly say: (reason: string) => void
  /** Most that it can earn. */
  readonly most: number
  /** What a response earns by the item's own rules. */
  readonly raw: (responses: ReadonlyMap<string, QtiValue>) => number
  /** The same for the right response; MAXSCORE where the rules give nothing for it. */
  readonly score: (responses: ReadonlyMap<string, QtiValue>) => number
}
