import { fitPaper, type Assets, type Item, type PaperPlan } from '@zakuska/core'
import { paperLimitsOf, writeFileAs, type FileTarget } from '@zakuska/documents'

export interface Converted {
  readonly bytes: Uint8Array
  /** One line for each thing that does not arrive as it is. */
  readonly losses: readonly string[]
}

/** Writes items in a format; as a paper where they come from one. */
export async function convertItems(
  items: readonly Item[],
  target: FileTarget,
  title: string | null,
  plan: PaperPlan | null,
  assets?: Assets,
): Promise<Converted> {
  const { bytes, losses } = await writeFileAs(items, target, {
    title,
    as: plan ? 'paper' : 'bank',
    ...(plan && { plan }),
    ...(assets && { assets }),
  })
  const ofPaper = plan ? fitPaper(plan, paperLimitsOf(target)) : []
  return {
    bytes,
    losses: [
      ...ofPaper.map((loss) => `the paper: ${loss.says}`),
      ...losses.map((loss) => `item ${loss.item + 1}: ${loss.says}`),
    ],
  }
}
