import { FORMATS, isFormatId, tidyText, type Item } from '@zakuska/core'
import { packZip, writeItemsJson } from '@zakuska/documents'

export const TARGETS = ['gift', 'qti21', 'items', 'draft'] as const
export type Target = (typeof TARGETS)[number]

export function isTarget(name: string): name is Target {
  return (TARGETS as readonly string[]).includes(name)
}

export interface Converted {
  readonly bytes: Uint8Array
  /** One line for each thing that does not arrive as it is. */
  readonly losses: readonly string[]
}

/** Writes items in a format; deterministic. */
export function convertItems(items: readonly Item[], target: Target, title: string | null): Converted {
  if (!isFormatId(target))
    return {
      bytes: Buffer.from(target === 'items' ? writeItemsJson(items, title) : tidyText(items, title)),
      losses: [],
    }
  const written = FORMATS[target].write(items, { title: title ?? 'Items', as: 'bank' })
  const bytes = written.data.form === 'text' ? Buffer.from(written.data.text) : packZip(written.data.files)
  return { bytes, losses: written.losses.map((loss) => `item ${loss.item + 1}: ${loss.says}`) }
}
