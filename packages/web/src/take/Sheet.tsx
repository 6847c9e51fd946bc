import type { ReactNode } from 'react'

export function Sheet({ children }: { readonly children: ReactNode }) {
  return (
    <main className="min-h-full bg-rye px-3 py-4 sm:py-8">
      <div className="mx-auto max-w-[680px] border border-line bg-sheet px-4 py-6 sm:px-12 sm:py-9">{children}</div>
    </main>
  )
}
