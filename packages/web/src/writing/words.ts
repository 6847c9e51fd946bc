import type { ReplySummary, Writing } from './queries'

export function unitsText(units: number): string {
  return `${units.toLocaleString('en')} ${units === 1 ? 'unit' : 'units'}`
}

/** What units cost in the workspace's currency; empty where they have no price. */
export function costText(
  units: number,
  { price, currency }: { readonly price: number; readonly currency: string },
): string {
  return price > 0 ? `${((units / 1000) * price).toFixed(2)} ${currency}`.trim() : ''
}

/** How much of a month is used, in one sentence. */
export function usedText({ used, cap }: Pick<Writing, 'used' | 'cap'>): string {
  return `${used.toLocaleString('en')} of ${cap.toLocaleString('en')} units used this month`
}

export const STATE_WORDS: Readonly<Record<ReplySummary['state'], string>> = {
  writing: 'being written',
  done: 'whole',
  cut: 'cut at its limit',
  failed: 'broke off',
  stopped: 'stopped',
}

export const PURPOSE_WORDS: Readonly<Record<ReplySummary['purpose'], string>> = {
  items: 'questions',
  again: 'other questions',
  reading: 'a reading',
  variant: 'a variant',
}
