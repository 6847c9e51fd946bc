import { DESTINATIONS } from '@zakuska/core'
import type { DeliverySummary } from './queries'

export function serviceName(id: DeliverySummary['destination']): string {
  return DESTINATIONS.find((one) => one.id === id)?.name ?? id
}

const NOUNS: Readonly<Record<DeliverySummary['destination'], string>> = {
  inlet: 'form',
  breakwater: 'quiz',
  foghorn: 'game',
}

/** What people open there. */
export function nounOf(id: DeliverySummary['destination']): string {
  return NOUNS[id]
}

/** "new quiz", "added to a form", "item bank". */
export function intoWords({ destination, into }: Pick<DeliverySummary, 'destination' | 'into'>): string {
  if (into === 'bank') return 'item bank'
  return into === 'add' ? `added to a ${nounOf(destination)}` : nounOf(destination)
}
