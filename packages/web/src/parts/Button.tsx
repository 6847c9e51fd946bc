import type { ButtonHTMLAttributes, Ref } from 'react'

type Tone = 'plain' | 'lead' | 'quiet'

const TONES: Readonly<Record<Tone, string>> = {
  plain: 'border-line bg-sheet hover:border-edge',
  lead: 'border-mustard bg-mustard font-semibold text-on-mustard hover:brightness-95',
  quiet: 'border-transparent hover:border-line',
}

/** A button; `lead` is the one next step of a screen. */
export function Button({
  tone = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { readonly tone?: Tone; readonly ref?: Ref<HTMLButtonElement> }) {
  return (
    <button
      type="button"
      {...rest}
      className={`rounded-[3px] border px-2.5 py-1 whitespace-nowrap disabled:cursor-not-allowed disabled:opacity-60 ${TONES[tone]} ${className}`}
    />
  )
}

export function Kbd({ children }: { readonly children: string }) {
  return (
    <kbd className="rounded-[3px] border border-b-2 border-line bg-sheet px-1 font-mono text-[11px] text-muted">
      {children}
    </kbd>
  )
}
