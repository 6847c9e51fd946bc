import { format } from 'date-fns'
import { type ReactNode, useRef } from 'react'
import { QrCode } from '../dispatch/QrCode'
import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { useMay } from '../people/May'
import { type Sitting, useLetMove } from './queries'
import { Settings } from './taking/Settings'

/** How a class comes to it, and who may take it, when, and how often. */
export function TakingView({ sitting }: { readonly sitting: Sitting }) {
  const { taking, code } = sitting
  if (!taking || code === null) return null
  return (
    <div className="grid gap-x-10 gap-y-6 px-3 py-4 sm:px-[18px] lg:grid-cols-[320px_minmax(0,1fr)]">
      <Address sitting={sitting} code={code} />
      <Settings key={sitting.version} sitting={sitting} taking={taking} />
    </div>
  )
}

function Address({ sitting, code }: { readonly sitting: Sitting; readonly code: string }) {
  const tell = useTell()
  const address = `${window.location.origin}/take/${code}`
  const text = `${sitting.title}\nOpen this address: ${address}\nOr go to ${window.location.host}/take and type the code ${code}.`
  const copy = (what: string, said: string): void =>
    void navigator.clipboard.writeText(what).then(
      () => tell(said),
      () => tell('It could not be copied. Mark it and copy it by hand.', { tone: 'trouble' }),
    )
  return (
    <section aria-label="Address">
      <p role="status" className="text-base">
        {stateText(sitting)}
      </p>
      <QrCode address={address} name={sitting.title} />
      <p className="font-mono text-xs break-all">
        <a href={address} target="_blank" rel="noreferrer" className="underline">
          {address}
        </a>
      </p>
      <p className="pt-2">
        Code to join <b className="font-mono text-lg tracking-widest">{code}</b>
      </p>
      <div className="flex flex-wrap gap-2 pt-2">
        <Button onClick={() => copy(address, 'The address was copied.')}>Copy the address</Button>
        <Button onClick={() => copy(text, 'The text for the class was copied.')}>Copy a text for the class</Button>
      </div>
      <p className="pt-3 text-muted">
        {counted(sitting.attempts, 'person has', 'people have')} handed in
        {sitting.underWay > 0 && `, ${sitting.underWay} ${sitting.underWay === 1 ? 'is' : 'are'} at it`}.
      </p>
      {sitting.taking?.who === 'code' && <UnderWay sitting={sitting} />}
    </section>
  )
}

/** Who has begun: by a code of one's own they go on on another device only where a teacher lets them. */
function UnderWay({ sitting }: { readonly sitting: Sitting }) {
  const letMove = useLetMove(sitting.id)
  const may = useMay('dispatch')
  const tell = useTell()
  const list = useRef<HTMLUListElement>(null)
  if (!sitting.underWayList.length) return null
  return (
    <ul ref={list} aria-label="At it now" className="grid max-h-64 gap-1 overflow-y-auto pt-2" tabIndex={0}>
      {sitting.underWayList.map(({ id, student, mayMove }) => (
        <li key={id} className="flex flex-wrap items-center justify-between gap-2">
          <span>{student}</span>
          {mayMove ? (
            <span className="text-muted">✓ may switch device</span>
          ) : (
            may && (
              <Button
                disabled={letMove.isPending}
                onClick={() =>
                  letMove.mutate(id, {
                    // The button goes; whoever came by keyboard stays in the list.
                    onSuccess: () => list.current?.focus(),
                    onError: (error) => tell(error.message, { tone: 'trouble' }),
                  })
                }
              >
                Allow another device
              </Button>
            )
          )}
        </li>
      ))}
    </ul>
  )
}

function stateText({ isOpen, taking }: Sitting): ReactNode {
  if (isOpen) return <span className="text-dill">✓ Open: anybody who may can take it now.</span>
  if (taking?.isOpen && taking.opensAt && new Date(taking.opensAt) > new Date())
    return <span className="text-mustard-ink">◐ Opens {format(taking.opensAt, 'd MMM HH:mm')}.</span>
  return <span className="text-beet">◆ Closed: nobody can take it.</span>
}
