import type { Response } from '../grade/response.ts'
import type { Item, Option } from '../item/model.ts'
import { chanceOf, shuffled } from './chance.ts'

/** An item as it may reach who answers it, and what its answers mean here. */
export interface StudentItem {
  readonly item: Item
  /** Ids of the options here, in the order in which they are shown; null: there are none. */
  readonly optionIds: readonly string[] | null
  /** Of a matching item: the places of its right sides in the order shown. */
  readonly rightOrder: readonly number[] | null
}

/**
 * Takes the key out of an item, and all that hints at it: feedback, sample answer, rubric, weights, the names of its
 * options, the order of right sides and of choices in gaps. Two items that differ in their key alone look the same.
 *
 * @param item with its options in the order in which they are to be shown.
 * @param seed the same for as long as somebody answers it.
 */
// eslint-disable-next-line max-lines-per-function -- one short case for each kind
export function forStudent(item: Item, seed: number): StudentItem {
  const chance = chanceOf(seed)
  const { feedback: _feedback, hint: _hint, ...open } = item
  const none = { optionIds: null, rightOrder: null }
  switch (open.kind) {
    case 'single':
    case 'multiple': {
      const { weights: _weights, ...rest } = open
      // How credit is shared tells how many are keyed.
      const bare = {
        ...rest,
        key: [],
        options: renamed(open.options),
        ...(rest.kind === 'multiple' && { credit: 'all' as const }),
      }
      return { ...none, item: bare, optionIds: idsOf(open.options) }
    }
    case 'order':
      return { ...none, item: { ...open, key: [], options: renamed(open.options) }, optionIds: idsOf(open.options) }
    case 'truefalse':
    case 'numeric':
    case 'short':
      return { ...none, item: { ...open, key: [] } }
    case 'cloze':
      return {
        ...none,
        item: {
          ...open,
          gaps: open.gaps.map(({ choices }) => ({ key: [], ...(choices && { choices: mixed(choices) }) })),
          ...(open.wordBank && { wordBank: mixed(open.wordBank) }),
        },
      }
    case 'match': {
      const rightOrder = shuffled(
        open.right.map((_side, place) => place),
        chance,
      )
      const right = rightOrder.map((place) => open.right[place] ?? [])
      return { ...none, item: { ...open, key: [], right }, rightOrder }
    }
    case 'grid':
      return { ...none, item: { ...open, key: [] } }
    case 'essay': {
      const { sample: _sample, rubric: _rubric, ...rest } = open
      return { ...none, item: rest }
    }
    case 'scale':
    case 'note':
      return { ...none, item: open }
  }

  /** Sorted first, so that the order they were written in tells nothing. */
  function mixed(texts: readonly string[]): string[] {
    return shuffled([...texts].sort(), chance)
  }
}

function idsOf(options: readonly Option[]): string[] {
  return options.map(({ id }) => id)
}

function renamed(options: readonly Option[]): Option[] {
  return options.map(({ content }, place) => ({ id: shownId(place), content }))
}

function shownId(place: number): string {
  return `s${place + 1}`
}

/** A response as it came from who answers, in the names of the item here; what names nothing is passed over. */
export function fromStudent({ optionIds, rightOrder }: StudentItem, response: Response): Response {
  const named = (id: string): string[] => optionIds?.filter((_one, place) => shownId(place) === id) ?? []
  if (response.kind === 'choice') return { kind: 'choice', chosen: [...new Set(response.chosen.flatMap(named))] }
  if (response.kind === 'order') return { kind: 'order', ids: [...new Set(response.ids.flatMap(named))] }
  if (response.kind !== 'pairs' || !rightOrder) return response
  return {
    kind: 'pairs',
    pairs: response.pairs.flatMap(([left, shown]) => {
      const right = rightOrder[shown]
      return right === undefined ? [] : [[left, right] as const]
    }),
  }
}

/** The other way: a response that is kept here, in the names that who answers was shown. */
export function toStudent({ optionIds, rightOrder }: StudentItem, response: Response): Response {
  const shown = (id: string): string[] => {
    const place = optionIds?.indexOf(id) ?? -1
    return place < 0 ? [] : [shownId(place)]
  }
  if (response.kind === 'choice') return { kind: 'choice', chosen: response.chosen.flatMap(shown) }
  if (response.kind === 'order') return { kind: 'order', ids: response.ids.flatMap(shown) }
  if (response.kind !== 'pairs' || !rightOrder) return response
  return { kind: 'pairs', pairs: response.pairs.map(([left, right]) => [left, rightOrder.indexOf(right)] as const) }
}

/** Whether a response is of the kind that the item takes, and of no more than it has places for. */
export function fitsItem(item: Item, response: Response): boolean {
  const kinds: Readonly<Record<Item['kind'], Response['kind'] | null>> = {
    ...{ single: 'choice', multiple: 'choice', truefalse: 'truth', short: 'text', numeric: 'text', cloze: 'gaps' },
    ...{ match: 'pairs', grid: 'pairs', order: 'order', scale: 'step', essay: 'text', note: null },
  }
  if (kinds[item.kind] !== response.kind) return false
  if (response.kind === 'gaps') return item.kind === 'cloze' && response.texts.length <= item.gaps.length
  return item.kind !== 'single' || response.kind !== 'choice' || response.chosen.length <= 1
}
