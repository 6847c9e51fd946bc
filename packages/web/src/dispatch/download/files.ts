import { type Destination, DESTINATIONS, isService } from '@zakuska/core'
import { counted } from '../../parts/item-words'
import type { Row } from '../fit-rows'

/** A file that a paper can be had as, with the destination whose limits it has. */
interface FileKind {
  readonly target: string
  readonly name: string
  readonly what: string
  readonly destination: Destination
}

export const FILES: readonly FileKind[] = DESTINATIONS.flatMap((destination): FileKind[] => {
  const { id, file, name, what } = destination
  if (file === 'game-sheet') return [{ target: file, name: 'Game sheet', what: 'table for a live game', destination }]
  return file === null || isService(id) ? [] : [{ target: file, name, what, destination }]
})

export function goingText(rows: readonly Row[], destination: Destination): string {
  const columns = rows.flatMap((row) => row.columns.filter((one) => one.destination === destination))
  const cannot = columns.filter((one) => one.fit.verdict === 'cannot').length
  const changed = columns.filter((one) => one.fit.verdict === 'changes').length
  const count = columns.reduce((sum, one) => sum + (one.fit.verdict === 'cannot' ? 0 : one.becomes), 0)
  return [
    counted(count, 'item', 'items'),
    ...(changed ? [`${changed} with changes`] : []),
    ...(cannot ? [`${cannot} left out`] : []),
  ].join(', ')
}
