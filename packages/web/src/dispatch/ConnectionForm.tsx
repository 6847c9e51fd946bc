import { useState } from 'react'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { useConnection, useDispatchChanges } from './queries'

const FIELD = 'w-full rounded-[3px] border border-edge bg-sheet px-2 py-1'

/** How this workspace reaches Breakwater; tried before it is kept. */
export function ConnectionForm() {
  const connection = useConnection()
  const { connect } = useDispatchChanges()
  const [open, setOpen] = useState(false)
  const [url, setUrl] = useState<string | null>(null)
  const [token, setToken] = useState('')
  if (!connection.data) return null
  const { hasToken, url: known } = connection.data
  return (
    <div className="mt-6">
      <h2 className="mb-1 text-[15px] font-semibold">Connection to Breakwater</h2>
      {hasToken && !open ? (
        <p className="flex items-center gap-3">
          <span className="text-dill">
            <span aria-hidden="true">✓ </span>connected to {known}
          </span>
          <May right="dispatch">
            <Button onClick={() => setOpen(true)}>Change</Button>
          </May>
        </p>
      ) : (
        <form
          className="grid max-w-md gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            connect.mutate(
              { url: url ?? known, token },
              {
                onSuccess: () => {
                  setOpen(false)
                  setToken('')
                },
              },
            )
          }}
        >
          <label>
            Address
            <input className={FIELD} value={url ?? known} onChange={(event) => setUrl(event.target.value)} />
          </label>
          <label>
            Token
            <input
              className={FIELD}
              type="password"
              autoComplete="off"
              value={token}
              onChange={(event) => setToken(event.target.value)}
            />
          </label>
          {connect.error && (
            <p role="alert" className="text-beet">
              ◆ {connect.error.message}
            </p>
          )}
          <div className="flex gap-2">
            <Button tone="lead" type="submit" disabled={connect.isPending || !token}>
              {connect.isPending ? 'Trying …' : 'Try and keep'}
            </Button>
            {hasToken && <Button onClick={() => setOpen(false)}>Leave as it is</Button>}
          </div>
        </form>
      )}
    </div>
  )
}
