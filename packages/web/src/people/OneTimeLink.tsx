import { useRef, useState } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'

/** A link that is shown once: to be copied now. */
export function OneTimeLink({
  title,
  about,
  path,
  close,
}: {
  readonly title: string
  readonly about: string
  readonly path: string
  readonly close: () => void
}) {
  const address = window.location.origin + path
  const field = useRef<HTMLInputElement>(null)
  const [copied, setCopied] = useState(false)
  const copy = (): void => {
    field.current?.select()
    navigator.clipboard.writeText(address).then(
      () => setCopied(true),
      // Without leave to write there, the address stands selected.
      () => undefined,
    )
  }
  return (
    <Dialog open close={close} title={title}>
      <p className="mb-3 text-muted">{about}</p>
      <input
        ref={field}
        readOnly
        aria-label="Link"
        value={address}
        onFocus={(event) => event.target.select()}
        className="mb-3 w-full rounded-[3px] border border-edge bg-sheet px-2.5 py-1.5 font-mono text-[12px]"
      />
      <div className="flex items-center gap-2">
        <Button tone="lead" onClick={copy}>
          Copy the link
        </Button>
        <Button tone="quiet" onClick={close}>
          Done
        </Button>
        <span role="status" className="text-muted">
          {copied && 'Copied.'}
        </span>
      </div>
    </Dialog>
  )
}
