import type { Mark } from '@zakuska/core'
import type { TroubleGroup } from '../desk-state'

type Stop = TroubleGroup['places'][number]

/**
 * The stop after or before the one that is shown; where none is, the first from the cursor on. Behind the last comes the
 * first again.
 */
export function nextStop(stops: readonly Stop[], shown: Mark | null, cursor: number, step: 1 | -1): Stop | undefined {
  const at = stops.findIndex(({ mark }) => mark === shown)
  if (at >= 0) return stops[(at + step + stops.length) % stops.length]
  const ahead =
    step === 1 ? stops.find(({ mark }) => mark.from >= cursor) : stops.findLast(({ mark }) => mark.from <= cursor)
  return ahead ?? stops.at(step === 1 ? 0 : -1)
}
