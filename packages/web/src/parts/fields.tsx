import type { InputHTMLAttributes } from 'react'

const FIELD = 'mt-0.5 w-full rounded-[3px] border border-edge bg-sheet px-2.5 py-1.5'

/** A field with its name above it. */
export function Field({
  name,
  hint,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { readonly name: string; readonly hint?: string }) {
  return (
    <label className="block">
      {name}
      <input {...rest} className={FIELD} />
      {hint && <span className="text-xs text-muted">{hint}</span>}
    </label>
  )
}

/** One sentence of what went wrong. */
export function Fault({ error }: { readonly error: Error | null }) {
  if (!error) return null
  return (
    <p role="alert" className="text-beet">
      <span aria-hidden="true">◆ </span>
      {error.message}
    </p>
  )
}

export const PASSWORD_HINT = 'Ten letters at least; several words that belong to nobody are best.'
