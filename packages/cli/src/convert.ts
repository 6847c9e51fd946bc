import { fitPaper, type Assets, type Item, type PaperPlan } from '@zakuska/core'
import { paperLimitsOf, writeFileAs, type FileTarget } from '@zakuska/documents'

export interface Converted {
  readonly bytes: Uint8Array
  /** One line for each thing that does not arrive as it is. */
  readonly losses: readonly string[]
}

/** What a file held: items, and where they come from one, their paper. */
export interface ToConvert {
  readonly items: readonly Item[]
  readonly title: string | null
  readonly plan: PaperPlan | null
  readonly assets?: Assets
  readonly categories?: readonly string[]
}

/** Writes items in a format; as a paper where they come from one. */
export async function convertItems(
  { items, title, plan, assets, categories }: ToConvert,
  target: FileTarget,
): Promise<Converted> {
  const { bytes, losses } = await writeFileAs(items, target, {
    title,
    as: plan ? 'paper' : 'bank',
    ...(plan && { plan }),
    ...(assets && { assets }),
    ...(categories && { categories }),
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
