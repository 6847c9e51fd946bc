import type { DeskItem } from '../desk-state'

/** The place of the next item after this one that nobody has signed off, from the first on again; null: none waits. */
export function nextWaiting(items: readonly DeskItem[], { followed }: DeskItem): number | null {
  const here = items.findIndex((one) => one.followed.ref === followed.ref)
  const places = [...items.keys()]
  const next = [...places.slice(here + 1), ...places.slice(0, Math.max(0, here))].find(
    (at) => !items[at]?.followed.signOff,
  )
  return next ?? null
}
