import { useRef } from 'react'
import { Button } from './Button'

/** A button that asks for a file. `name`: what the file is for, to who cannot see the button. */
export function FileButton({
  name,
  accept,
  open,
  disabled = false,
  tone = 'plain',
  children,
}: {
  readonly name: string
  readonly accept: string
  readonly open: (file: File | undefined) => unknown
  readonly disabled?: boolean
  readonly tone?: 'plain' | 'lead'
  readonly children: string
}) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={name}
        onChange={(event) => {
          void open(event.target.files?.[0])
          // The same file may be chosen once more.
          event.target.value = ''
        }}
      />
      <Button tone={tone} onClick={() => input.current?.click()} disabled={disabled}>
        {children}
      </Button>
    </>
  )
}
