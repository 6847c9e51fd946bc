import type { AsideReason, Line } from '../model.ts'
import { kindNamed, type Remark } from '../words.ts'
import type { Piece } from './compose.ts'
import type { RawItem } from './raw.ts'

export interface RawPassage {
  readonly pieces: Piece[]
  readonly lines: Line[]
  /** Item numbers that it is for, both ends; null: all until the next passage. */
  readonly range: readonly [number, number] | null
}

export interface KeyBlock {
  readonly lines: Line[]
  /** How many items stand before it. */
  readonly after: number
  /** The first item since the block before. */
  readonly since: number
  /** Section label named in its title, lower case. */
  readonly section: string | null
}

export interface SortedLines {
  readonly items: RawItem[]
  readonly passages: RawPassage[]
  readonly keyBlocks: KeyBlock[]
  readonly aside: { readonly line: Line; readonly reason: AsideReason }[]
  readonly title: string | null
}

/** Cells of a row of keys behind its title: "| Answers, Part I | 1 B | 2 B |". */
export function keyCells(text: string): string[] {
  const cells = text.split('|').map((cell) => cell.trim())
  return cells.slice(2).filter((cell) => /^\(?(?:\d{1,3}|[ivx]{1,4})[).:\s-]+\S/i.test(cell))
}

export function giveRemark(item: RawItem, remark: Remark): void {
  if (remark.role === 'points') item.points = Number(remark.value)
  else if (remark.role === 'kind') item.kindSaid = kindNamed(remark.value)
  else item[remark.role] = remark.value
}
