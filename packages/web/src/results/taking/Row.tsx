import type { ReactNode } from 'react'

export function Row({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="grid gap-x-4 sm:grid-cols-[140px_minmax(0,1fr)]">
      <span className="text-muted">{name}</span>
      <div>{children}</div>
    </div>
  )
}
