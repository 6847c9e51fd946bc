import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { Button } from '../parts/Button'
import { Problem } from '../parts/Empty'
import { useTell } from '../parts/notices'
import { Fault, Field } from '../parts/fields'
import { May } from '../people/May'
import { useConnectionChanges, useConnections, type Connection, type DestinationKind } from './queries'
import { serviceName } from './words'

/** How this workspace reaches its destinations: each by its name, several of a kind where they are wanted. */
export function Connections() {
  const known = useConnections()
  const { remove } = useConnectionChanges()
  const [form, setForm] = useState<{ readonly again: Connection | null } | null>(null)
  const tell = useTell()
  if (known.isError) return <Problem error={known.error} again={() => void known.refetch()} />
  if (!known.data) return null
  const { connections, destinations } = known.data
  return (
    <section className="mt-8" aria-label="Connections">
      <div className="mb-1 flex items-baseline gap-3">
        <h2 className="text-[15px] font-semibold">Connections</h2>
        <May right="dispatch" to="connect a destination">
          {!form && (
            <Button tone="quiet" className="ml-auto" onClick={() => setForm({ again: null })}>
              Connect a destination
            </Button>
          )}
        </May>
      </div>
      <Returned />
      {!connections.length && !form && (
        <p className="text-muted">Nothing is connected yet. Files can be downloaded from any paper all the same.</p>
      )}
      <ul>
        {connections.map((one) => (
          <li key={one.id} className="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-b border-line py-2">
            <span className="min-w-0">
              <b>{one.name}</b> <span className="text-muted">{serviceName(one.destination)}</span>
              <span className="block truncate font-mono text-xs text-muted">{one.url}</span>
              {one.ended !== null && (
                <span className="block text-xs text-beet">
                  <span aria-hidden="true">◆ </span>
                  {one.ended}
                </span>
              )}
            </span>
            <May right="dispatch">
              <span className="flex gap-1">
                <Button
                  tone={one.ended === null ? 'quiet' : 'lead'}
                  className="!py-0.5"
                  aria-label={`Connect ${one.name} anew`}
                  onClick={() => setForm({ again: one })}
                >
                  Connect anew
                </Button>
                <Button
                  tone="quiet"
                  className="!py-0.5"
                  aria-label={`Give up ${one.name}`}
                  onClick={() =>
                    remove.mutate(one.id, {
                      onSuccess: () => tell(`“${one.name}” was given up. What was sent by it stays in the log.`),
                      onError: (error) => tell(error.message, { tone: 'trouble' }),
                    })
                  }
                >
                  Give up
                </Button>
              </span>
            </May>
          </li>
        ))}
      </ul>
      {form && (
        <ConnectionForm
          key={form.again?.id ?? ''}
          destinations={destinations}
          again={form.again}
          close={() => setForm(null)}
        />
      )}
    </section>
  )
}

/** What came of a consent, once the browser is back. */
function Returned() {
  const [params] = useSearchParams()
  const [connected, refused] = [params.get('connected'), params.get('refused')]
  if (refused !== null)
    return (
      <p role="alert" className="my-2 border-l-4 border-beet pl-3">
        ◆ {refused}
      </p>
    )
  if (connected === null) return null
  return (
    <p role="status" className="my-2 border-l-4 border-dill pl-3">
      ✓ “{connected}” is connected. Choose it where you send a paper.
    </p>
  )
}

function ConnectionForm({
  destinations,
  again,
  close,
}: {
  readonly destinations: readonly DestinationKind[]
  /** The one that is made anew. */
  readonly again: Connection | null
  readonly close: () => void
}) {
  const { connect, ask } = useConnectionChanges()
  const [id, setId] = useState(again?.destination ?? destinations[0]?.id ?? 'inlet')
  const kind = destinations.find((one) => one.id === id)
  const [name, setName] = useState(again?.name ?? '')
  const [url, setUrl] = useState(again?.url ?? null)
  const [token, setToken] = useState('')
  if (!kind) return null
  const isByPage = kind.connects === 'consent'
  const change = isByPage ? ask : connect
  const address = url ?? kind.address
  return (
    <form
      className="mt-3 grid max-w-md gap-2 border-l-4 border-mustard pl-3"
      aria-label="Connect a destination"
      onSubmit={(event) => {
        event.preventDefault()
        const given = {
          ...{ destination: id, url: address, name: name.trim() || kind.name },
          ...(again && { id: again.id }),
        }
        if (isByPage) ask.mutate(given)
        else connect.mutate({ ...given, token }, { onSuccess: close })
      }}
    >
      <label>
        Kind{' '}
        <select
          className="ml-1 rounded-[3px] border border-edge bg-sheet px-1.5 py-1"
          value={id}
          disabled={again !== null}
          autoFocus
          onChange={(event) => setId(event.target.value as typeof id)}
        >
          {destinations.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}, {one.noun === 'quiz' ? 'course site' : one.noun === 'form' ? 'online forms' : 'live game'}
            </option>
          ))}
        </select>
      </label>
      <Field
        name="Called here"
        value={name}
        placeholder={kind.name}
        maxLength={80}
        onChange={(event) => setName(event.target.value)}
      />
      <Field name="Address" value={address} onChange={(event) => setUrl(event.target.value)} />
      {isByPage ? (
        <p className="text-muted">
          {kind.name} asks you on its own page whether Zakuska may make forms and read answers, and sends you back.
        </p>
      ) : (
        <Field
          name="Token"
          type="password"
          autoComplete="off"
          value={token}
          onChange={(event) => setToken(event.target.value)}
        />
      )}
      <Fault error={change.error} />
      <div className="flex gap-2">
        <Button tone="lead" type="submit" disabled={change.isPending || (!isByPage && !token)}>
          {change.isPending ? 'Trying …' : isByPage ? `Go to ${kind.name}` : 'Try and keep'}
        </Button>
        <Button onClick={close}>Leave</Button>
      </div>
    </form>
  )
}
