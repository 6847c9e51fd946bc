import { truthOf } from '../truth-words.ts'
import type { BlockPlace } from './blocks.ts'

/** What a mark before the number is: a judgement, a letter, room for one. */
export function leadSort(lead: string): string {
  const inner = lead.replace(/[_()[\]\s.…:]/g, '')
  if (!inner) return 'room'
  return truthOf(inner, true) === null ? (inner.length === 1 ? 'letter' : 'other') : 'judgement'
}

/** What a share of a series comes to, in words. */
export function shareName(share: number, most: number, some: number): string {
  return share > most ? 'most' : share > some ? 'some' : share > 0 ? 'few' : 'none'
}

/** What stands above and below a line in its block, in a word. */
export function about(place: BlockPlace): string {
  const sign = (is: boolean, mark: string): string => (is ? mark : '')
  return `${sign(place.optionsAbove, 'o')}${sign(place.keyAbove, 'k')}/${sign(place.optionsBelow, 'o')}${sign(place.keyBelow, 'k')}`
}
