import type { ReactNode } from 'react'

export function Row({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div className="grid grid-cols-1 items-center gap-x-2 gap-y-1 sm:grid-cols-[7.5rem_minmax(0,1fr)]">
      <span className="text-muted">{label}</span>
      <span className="flex flex-wrap gap-1.5">{children}</span>
    </div>
  )
}
