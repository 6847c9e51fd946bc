import type { KeptItem, MultipleItem } from '../item/model.ts'
import type { Response } from './response.ts'
import { isSameText } from './same-text.ts'

/**
 * Share of the item's points that a response earns, in `[0, 1]`. An item without a key earns nothing
 * for anybody; so does a response of another kind than the item takes.
 */
export function shareEarned(item: KeptItem, response: Response): number {
  switch (item.kind) {
    case 'single':
      return response.kind === 'choice' && item.key.length > 0 && sameIds(response.chosen, item.key) ? 1 : 0
    case 'multiple':
      return response.kind === 'choice' ? multipleShare(item, response.chosen) : 0
    case 'truefalse':
      return response.kind === 'truth' && response.value !== null && item.key[0] === response.value ? 1 : 0
    case 'short':
      return response.kind === 'text' &&
        response.text.trim() !== '' &&
        item.key.some((accepted) => isSameText(accepted, response.text, item.rules))
        ? 1
        : 0
  }
}

/** Points that a response earns, in `[0, item.points]`. */
export function pointsEarned(item: KeptItem, response: Response): number {
  return shareEarned(item, response) * item.points
}

/**
 * `all`: everything or nothing. `each`: a share per keyed option chosen, the same share taken back per
 * distractor chosen, never below nothing; so choosing all options never earns full points.
 */
function multipleShare(item: MultipleItem, chosen: readonly string[]): number {
  if (item.key.length === 0) return 0
  if (item.credit === 'all') return sameIds(chosen, item.key) ? 1 : 0
  const right = item.key.filter((id) => chosen.includes(id)).length
  const wrong = new Set(chosen.filter((id) => !item.key.includes(id))).size
  return Math.max(0, (right - wrong) / item.key.length)
}

function sameIds(a: readonly string[], b: readonly string[]): boolean {
  const ids = new Set(a)
  return ids.size === b.length && b.every((id) => ids.has(id))
}
