import { DESTINATIONS, fitItem, fitPaper, plainText, REMEDIES, type Item, type PaperPlan } from '@zakuska/core'

const STEM_WIDTH = 46
export const FIT_NAMES = DESTINATIONS.map((destination) => destination.id)

/** What a destination would change or leave out, an item a row; null where the destination is not known. */
export function fitReport(items: readonly Item[], plan: PaperPlan | null, name: string): string | null {
  const destination = DESTINATIONS.find((one) => one.id === name)
  if (!destination) return null
  const fits = items.map((item) => fitItem(item, destination.limits))
  const rows = fits.map((fit, index) => {
    const item = items[index]
    const stem = plainText(item?.stem).replace(/\s+/g, ' ').slice(0, STEM_WIDTH).padEnd(STEM_WIDTH)
    const reasons = fit.reasons.map((reason) => {
      const remedy = reason.remedy && item && REMEDIES[reason.remedy].suits(item) ? REMEDIES[reason.remedy].label : null
      return `\n        ${reason.says}.${remedy ? ` Remedy: ${remedy.toLowerCase()}.` : ''}`
    })
    return `${String(index + 1).padStart(4)}  ${stem}  ${(item?.kind ?? '').padEnd(10)}  ${fit.verdict.replace('-', ' ')}${reasons.join('')}`
  })
  const count = (verdict: string): number => fits.filter((fit) => fit.verdict === verdict).length
  const sum = `${destination.name}: ${count('as-is')} as is, ${count('changes')} with changes, ${count('cannot')} cannot go\n`
  const ofPaper = plan ? fitPaper(plan, destination.paper).map((loss) => `      the paper: ${loss.says}.`) : []
  return [...ofPaper, ...rows, sum].join('\n')
}
