import { REMEDIES, type RemedyId } from '@zakuska/core'

/** Remedies by destination and item, as `destination:item`, in the order in which they were accepted. */
export function acceptedRemedies(asked: string | undefined): Map<string, RemedyId[]> {
  const found = new Map<string, RemedyId[]>()
  for (const entry of (asked ?? '').split(',')) {
    const [destination, item, remedy] = entry.split(':')
    if (!destination || !item || !remedy || !Object.hasOwn(REMEDIES, remedy)) continue
    const name = `${destination}:${item}`
    found.set(name, [...(found.get(name) ?? []), remedy as RemedyId])
  }
  return found
}
