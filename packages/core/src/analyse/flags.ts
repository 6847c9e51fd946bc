import type { Item } from '../item/model.ts'
import type { OptionCount, OptionThirds } from './options.ts'
import type { PaperFigures } from './scores.ts'

/** What an item's figures give reason to look at. The limits are common practice, and ours where practice has none. */
export type FlagCode =
  | 'key-doubtful'
  | 'backwards'
  | 'hardly-tells-apart'
  | 'very-hard'
  | 'very-easy'
  | 'given-away'
  | 'dead-option'
  | 'draws-the-best'
  | 'often-open'

export interface Flag {
  readonly code: FlagCode
  /** Of the option that it is about. */
  readonly option?: string
  /** The figure behind it: a share or a correlation. */
  readonly figure: number
}

/** Fewer people are told nothing: one of them would change it. */
export const LEAST_FOR_FLAGS = 10
/** Who chooses from what is told only with so many. */
const LEAST_FOR_OPTIONS = 20

interface Known {
  readonly difficulty: number
  readonly itemRest: number | null
  readonly options: OptionThirds | null
}

/** What a teacher should look at, most telling first. */
export function flagsOf(item: Item, known: Known, { attempts, items }: PaperFigures, place: number): Flag[] {
  const people = attempts.length
  if (people < LEAST_FOR_FLAGS) return []
  const { difficulty, itemRest, options } = known
  const rival = options && rivalOf(options)
  const open = (items[place]?.open ?? 0) / people
  const isBackwards = itemRest !== null && itemRest < -0.05
  const flags: Flag[] = []
  if (isBackwards && rival) flags.push({ code: 'key-doubtful', option: rival.id, figure: itemRest })
  else if (isBackwards) flags.push({ code: 'backwards', figure: itemRest })
  else if (itemRest !== null && itemRest < 0.1 && difficulty < 0.9)
    flags.push({ code: 'hardly-tells-apart', figure: itemRest })
  if (difficulty < 0.25) flags.push({ code: 'very-hard', figure: difficulty })
  const lower = options && lowerRight(options)
  if (lower !== null && lower >= 0.9 && people >= LEAST_FOR_OPTIONS) flags.push({ code: 'given-away', figure: lower })
  else if (difficulty > 0.95) flags.push({ code: 'very-easy', figure: difficulty })
  if (open > 0.2) flags.push({ code: 'often-open', figure: open })
  return [
    ...flags,
    ...(options && people >= LEAST_FOR_OPTIONS && !isBackwards && difficulty <= 0.9 ? optionFlags(item, options) : []),
  ]
}

/** A distractor that more of the upper third took than the key. */
function rivalOf({ options }: OptionThirds): OptionCount | null {
  const best = Math.max(0, ...options.filter(({ isKey }) => isKey).map(({ upper }) => upper))
  const [rival] = options.filter(({ isKey, upper }) => !isKey && upper > best).sort((a, b) => b.upper - a.upper)
  return rival ?? null
}

/** Share of the lower third that took the one key; null where there are several, or none. */
function lowerRight({ options, sizes }: OptionThirds): number | null {
  const keys = options.filter(({ isKey }) => isKey)
  const [key] = keys
  return key && keys.length === 1 && sizes.lower ? key.lower / sizes.lower : null
}

function optionFlags(item: Item, { options, sizes }: OptionThirds): Flag[] {
  if (item.kind === 'truefalse') return []
  return options.flatMap(({ id, isKey, upper, middle, lower }): Flag[] => {
    if (isKey) return []
    if (upper + middle + lower === 0) return [{ code: 'dead-option', option: id, figure: 0 }]
    const draws = sizes.upper > 0 && upper / sizes.upper > 0.15 && upper > lower * 1.5
    return draws ? [{ code: 'draws-the-best', option: id, figure: upper / sizes.upper }] : []
  })
}
