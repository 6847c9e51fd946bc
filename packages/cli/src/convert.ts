import type { Item } from '@zakuska/core'
import { writeFileAs, type FileTarget } from '@zakuska/documents'

export interface Converted {
  readonly bytes: Uint8Array
  /** One line for each thing that does not arrive as it is. */
  readonly losses: readonly string[]
}

/** Writes items in a format. */
export async function convertItems(
  items: readonly Item[],
  target: FileTarget,
  title: string | null,
): Promise<Converted> {
  const { bytes, losses } = await writeFileAs(items, target, { title, as: 'bank' })
  return { bytes, losses: losses.map((loss) => `item ${loss.item + 1}: ${loss.says}`) }
}
