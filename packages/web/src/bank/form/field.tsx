import type { Item } from '@zakuska/core'
import type { ReactNode } from 'react'

export const FIELD = 'rounded-[3px] border border-edge bg-sheet px-2 py-1'

export const LEGEND = 'mb-0.5 text-xs font-semibold text-muted'

export const PARTED = ' | '

export type SetPart = (part: Partial<Item>) => void

export function Labelled({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="grid min-w-0 grid-cols-1 gap-0.5">
      <span className="text-xs font-semibold text-muted">{name}</span>
      {children}
    </div>
  )
}

export function Tick({
  label,
  on,
  set,
}: {
  readonly label: string
  readonly on: boolean
  readonly set: (on: boolean) => void
}) {
  return (
    <label>
      <input
        type="checkbox"
        checked={on}
        onChange={(event) => set(event.target.checked)}
        className="mr-1.5 accent-ink"
      />
      {label}
    </label>
  )
}
