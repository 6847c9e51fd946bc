import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Fault, Field } from '../parts/fields'
import { OneTimeLink } from './OneTimeLink'
import { useCopyLinkChanges } from './queries'

const DAYS = [7, 30, 90, 366] as const

/** Makes a link by which another workspace copies items, a paper or a draft. */
export function HandOver({
  kind,
  ids,
  title: own,
  close,
}: {
  readonly kind: Schemas['NewCopyLinkDto']['kind']
  readonly ids: readonly string[]
  readonly title: string
  readonly close: () => void
}) {
  const { make } = useCopyLinkChanges()
  const [title, setTitle] = useState(own)
  const [days, setDays] = useState<number>(30)
  if (make.data)
    return (
      <OneTimeLink
        title="Hand it over by this link"
        about="Whoever has the link and an account here can take a copy of their own, until it expires or you take it back (under the workspace’s name, above). It is shown only here."
        path={`/copy/${make.data.token}`}
        close={close}
      />
    )
  return (
    <Dialog open close={close} title="Hand over a copy">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          make.mutate({ kind, ids: [...ids], title, days })
        }}
      >
        <p className="text-muted">
          The copy keeps sign-offs, sources and categories. It does not take along how students did, and nothing stays
          shared.
        </p>
        <Field name="Called" value={title} onChange={(event) => setTitle(event.target.value)} />
        <label>
          For
          <select
            className="ml-2 rounded-[3px] border border-edge bg-sheet px-1.5 py-1"
            value={days}
            onChange={(event) => setDays(Number(event.target.value))}
          >
            {DAYS.map((one) => (
              <option key={one} value={one}>
                {one === 366 ? 'a year' : `${one} days`}
              </option>
            ))}
          </select>
        </label>
        <Fault error={make.error} />
        <div className="flex gap-2">
          <Button tone="lead" type="submit" disabled={make.isPending}>
            Make the link
          </Button>
          <Button tone="quiet" onClick={close}>
            Close
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
