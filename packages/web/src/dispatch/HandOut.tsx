import { format } from 'date-fns'
import { useState } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { Fault } from '../parts/fields'
import { May } from '../people/May'
import { useConnections, useDispatchChanges, type Delivery } from './queries'
import { QrCode } from './QrCode'
import { nounOf, serviceName } from './words'

/** What a class needs to come to it: the address, as letters and as a code to point a phone at, and a text to paste. */
export function HandOut({ delivery, address }: { readonly delivery: Delivery; readonly address: string }) {
  const { setOpen, removeThere } = useDispatchChanges()
  const tell = useTell()
  const [asking, setAsking] = useState(false)
  const kinds = useConnections().data?.destinations
  const knowsPeople = kinds?.find(({ id }) => id === delivery.destination)?.knowsPeople === true
  const noun = nounOf(delivery.destination)
  const text = classText(delivery, address)
  const copy = (what: string, said: string): void =>
    void navigator.clipboard.writeText(what).then(
      () => tell(said),
      () => tell('It could not be copied. Mark it and copy it by hand.', { tone: 'trouble' }),
    )
  const failed = setOpen.error ?? removeThere.error
  return (
    <section aria-label="Handing out" className="mt-6 border-t border-line pt-3">
      <h2 className="text-[15px] font-semibold">Handing out</h2>
      <QrCode address={address} name={delivery.title} />
      <p className="font-mono text-xs break-all">
        <a href={address} target="_blank" rel="noreferrer" className="underline">
          {address}
        </a>
      </p>
      {delivery.joinCode !== null && (
        <p className="pt-2">
          Join code <b className="font-mono text-lg tracking-widest">{delivery.joinCode}</b>
        </p>
      )}
      <div className="flex flex-wrap gap-2 pt-2">
        <Button onClick={() => copy(address, 'The address was copied.')}>Copy the address</Button>
        <Button onClick={() => copy(text, 'The text for the class was copied.')}>Copy a text for the class</Button>
      </div>
      <p className="mt-2 border-l-2 border-line pl-2 text-xs whitespace-pre-line text-muted">{text}</p>
      <May right="dispatch">
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <span>{delivery.isOpen ? `The ${noun} is open.` : `The ${noun} is closed: nobody can answer.`}</span>
          <Button
            disabled={setOpen.isPending}
            onClick={() => setOpen.mutate({ id: delivery.id, isOpen: !delivery.isOpen })}
          >
            {delivery.isOpen ? 'Close it' : 'Open it'}
          </Button>
          <Button tone="quiet" onClick={() => setAsking(true)}>
            Take it away there…
          </Button>
        </div>
      </May>
      <May right="dispatch">
        <Opening key={`${delivery.opensAt ?? ''}${delivery.closesAt ?? ''}`} delivery={delivery} />
      </May>
      {knowsPeople && (
        <May right="dispatch">
          <WhoMayAnswer key={delivery.people?.join() ?? ''} delivery={delivery} />
        </May>
      )}
      {failed && (
        <p role="alert" className="pt-2 text-beet">
          ◆ {failed.message}
        </p>
      )}
      <TakeAwayDialog asking={asking} setAsking={setAsking} noun={noun} delivery={delivery} removeThere={removeThere} />
    </section>
  )
}

function TakeAwayDialog({
  asking,
  setAsking,
  noun,
  delivery,
  removeThere,
}: {
  readonly asking: boolean
  readonly setAsking: (next: boolean) => void
  readonly noun: string
  readonly delivery: Delivery
  readonly removeThere: ReturnType<typeof useDispatchChanges>['removeThere']
}) {
  return (
    <Dialog
      open={asking}
      close={() => setAsking(false)}
      title={`Take the ${noun} away in ${serviceName(delivery.destination)}?`}
    >
      <p>
        Its address ends, and answers that were not fetched are gone with it. The paper and this line of the log stay
        here.
      </p>
      <div className="mt-4 flex gap-2">
        <Button
          disabled={removeThere.isPending}
          onClick={() => removeThere.mutate(delivery.id, { onSettled: () => setAsking(false) })}
        >
          Take it away
        </Button>
        <Button onClick={() => setAsking(false)}>Leave it there</Button>
      </div>
    </Dialog>
  )
}

/** From when until when it is open; the server sees to it. */
function Opening({ delivery }: { readonly delivery: Delivery }) {
  const { setOpening } = useDispatchChanges()
  const [from, setFrom] = useState(localTime(delivery.opensAt))
  const [until, setUntil] = useState(localTime(delivery.closesAt))
  const isSet = delivery.opensAt !== null || delivery.closesAt !== null
  return (
    <details className="mt-2" open={isSet}>
      <summary className="cursor-pointer">
        {isSet ? (
          <span className="text-mustard-ink">
            ◐ {delivery.opensAt !== null && `opens ${format(delivery.opensAt, 'd MMM HH:mm')}`}
            {isSet && delivery.opensAt !== null && delivery.closesAt !== null && ', '}
            {delivery.closesAt !== null && `closes ${format(delivery.closesAt, 'd MMM HH:mm')}`}
          </span>
        ) : (
          'Open from and until'
        )}
      </summary>
      <form
        className="grid gap-1 pt-1"
        onSubmit={(event) => {
          event.preventDefault()
          setOpening.mutate({ id: delivery.id, opensAt: isoTime(from), closesAt: isoTime(until) })
        }}
      >
        <label className="flex items-baseline justify-between gap-2">
          From
          <input
            type="datetime-local"
            className={TIME}
            value={from}
            onChange={(event) => setFrom(event.target.value)}
          />
        </label>
        <label className="flex items-baseline justify-between gap-2">
          Until
          <input
            type="datetime-local"
            className={TIME}
            value={until}
            onChange={(event) => setUntil(event.target.value)}
          />
        </label>
        <p className="text-xs text-muted">Left open: from now on, and until it is closed by hand.</p>
        <Fault error={setOpening.error} />
        <Button type="submit" className="justify-self-start" disabled={setOpening.isPending}>
          Keep these times
        </Button>
      </form>
    </details>
  )
}

/** Anybody with the address, or the people of a list by the names that they give there. */
function WhoMayAnswer({ delivery }: { readonly delivery: Delivery }) {
  const { setPeople } = useDispatchChanges()
  const [names, setNames] = useState(delivery.people?.join('\n') ?? '')
  const people = names
    .split('\n')
    .map((name) => name.trim())
    .filter(Boolean)
  const set = (next: string[] | null): void => setPeople.mutate({ id: delivery.id, people: next })
  return (
    <details className="mt-2" open={delivery.people !== null}>
      <summary className="cursor-pointer">
        {delivery.people === null ? (
          'Who may answer: anybody with the address'
        ) : (
          <span className="text-mustard-ink">
            ◐ Only {counted(delivery.people.length, 'person', 'people')} of a list may answer
          </span>
        )}
      </summary>
      <form
        className="grid grid-cols-[minmax(0,1fr)] gap-1 pt-1"
        onSubmit={(event) => {
          event.preventDefault()
          set(people)
        }}
      >
        <label>
          Names, a line each
          <textarea
            className={`${TIME} block w-full`}
            rows={5}
            value={names}
            onChange={(event) => setNames(event.target.value)}
          />
        </label>
        <p className="text-xs text-muted">
          A name is asked for there and must be on the list. It is no password: who knows a name can write it.
        </p>
        <Fault error={setPeople.error} />
        <div className="flex flex-wrap gap-2">
          <Button type="submit" disabled={setPeople.isPending || !people.length}>
            Only these may answer
          </Button>
          {delivery.people !== null && (
            <Button tone="quiet" disabled={setPeople.isPending} onClick={() => set(null)}>
              Let anybody answer
            </Button>
          )}
        </div>
      </form>
    </details>
  )
}

const TIME = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5'

function localTime(iso: string | null): string {
  return iso === null ? '' : format(iso, "yyyy-MM-dd'T'HH:mm")
}

function isoTime(local: string): string | null {
  return local === '' ? null : new Date(local).toISOString()
}

/** Plain text for a letter or a chat with the class. */
export function classText(delivery: Pick<Delivery, 'title' | 'destination' | 'joinCode'>, address: string): string {
  const join = delivery.joinCode === null ? '' : `\nCode to join: ${delivery.joinCode}`
  return `${delivery.title}\nOpen this address: ${address}${join}`
}
