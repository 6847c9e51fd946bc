import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { useTell } from '../parts/notices'
import { May } from '../people/May'
import { useDispatchChanges, type Delivery } from './queries'
import { nounOf, serviceName } from './words'

/** What a class needs to come to it: the address, as letters and as a code to point a phone at, and a text to paste. */
export function HandOut({ delivery, address }: { readonly delivery: Delivery; readonly address: string }) {
  const { setOpen, removeThere } = useDispatchChanges()
  const tell = useTell()
  const [asking, setAsking] = useState(false)
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
      {failed && (
        <p role="alert" className="pt-2 text-beet">
          ◆ {failed.message}
        </p>
      )}
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
    </section>
  )
}

/** Plain text for a letter or a chat with the class. */
export function classText(delivery: Pick<Delivery, 'title' | 'destination' | 'joinCode'>, address: string): string {
  const join = delivery.joinCode === null ? '' : `\nCode to join: ${delivery.joinCode}`
  return `${delivery.title}\nOpen this address: ${address}${join}`
}

/** The address as a QR code (ISO/IEC 18004), to look at and to take along as SVG or PNG with the address under it. */
function QrCode({ address, name }: { readonly address: string; readonly name: string }) {
  const code = useQuery({
    queryKey: ['dispatch', 'qr', address],
    queryFn: async () => (await import('./qr-code')).qrCode(address),
    staleTime: Infinity,
  })
  if (!code.data) return null
  const { svg, png } = code.data
  const file = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')
  return (
    <figure className="my-2">
      <img src={svg} alt={`QR code of ${address}`} className="size-40 bg-white p-1" />
      <figcaption className="flex gap-3 pt-1 text-xs">
        <a className="underline" href={svg} download={`${file}.svg`}>
          QR code as SVG
        </a>
        <a className="underline" href={png} download={`${file}.png`}>
          as PNG
        </a>
      </figcaption>
    </figure>
  )
}
