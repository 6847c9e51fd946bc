import { FORMAT_IDS } from '@zakuska/core'

/** Everything that items can be written as. */
export const FILE_TARGETS = [...FORMAT_IDS, 'csv', 'xlsx', 'game-sheet', 'items', 'draft'] as const
export type FileTarget = (typeof FILE_TARGETS)[number]

export function isFileTarget(name: string): name is FileTarget {
  return (FILE_TARGETS as readonly string[]).includes(name)
}
