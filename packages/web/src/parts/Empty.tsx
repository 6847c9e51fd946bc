import type { ReactNode } from 'react'

/** What a tray says when there is nothing in it: why, and the next step. */
export function Empty({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="mx-auto max-w-md px-6 py-16 text-center">
      <h2 className="text-lg font-semibold">{title}</h2>
      <div className="mt-2 text-muted">{children}</div>
    </div>
  )
}

export function Waiting({ what }: { readonly what: string }) {
  return (
    <p className="px-6 py-10 text-center text-muted" role="status">
      Loading {what} …
    </p>
  )
}

export function Problem({ error, again }: { readonly error: Error; readonly again?: () => void }) {
  return (
    <div role="alert" className="m-4 rounded-[3px] border border-l-4 border-beet bg-sheet px-4 py-3">
      <p>
        <span aria-hidden="true">◆ </span>
        {error.message}
      </p>
      {again && (
        <button type="button" className="mt-1 underline" onClick={again}>
          Try again
        </button>
      )}
    </div>
  )
}
