import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useToBank } from './queries'
import type { Desk } from './use-desk'

/** Counts what goes and what stays before anything is put into the bank. */
export function ToBankDialog({
  draftId,
  desk,
  open,
  close,
}: {
  readonly draftId: string
  readonly desk: Desk
  readonly open: boolean
  readonly close: () => void
}) {
  const toBank = useToBank(draftId)
  const [result, setResult] = useState<Schemas['ToBankResultDto'] | null>(null)
  const signed = desk.items.filter((item) => item.followed.signOff).length
  const unsigned = desk.items.length - signed
  const leave = (): void => {
    setResult(null)
    toBank.reset()
    close()
  }
  const put = async (includeUnsigned: boolean): Promise<void> => {
    await desk.flush()
    toBank.mutate(
      { includeUnsigned },
      {
        onSuccess: (done) => {
          desk.accept(done.draft)
          setResult(done)
        },
      },
    )
  }
  return (
    <Dialog open={open} close={leave} title={result ? 'Put in the bank' : 'Put items in the bank'}>
      {result ? (
        <Outcome result={result} close={leave} />
      ) : (
        <>
          <p>
            {counted(signed, 'item is', 'items are')} signed off
            {unsigned > 0 && (
              <>
                ; <b>{unsigned}</b> {unsigned === 1 ? 'is' : 'are'} not: nobody has vouched for{' '}
                {unsigned === 1 ? 'it' : 'them'} yet
              </>
            )}
            .
          </p>
          {toBank.error && (
            <p role="alert" className="mt-2 text-beet">
              ◆ {toBank.error.message}
            </p>
          )}
          <div className="mt-4 flex flex-wrap gap-2">
            <Button tone="lead" disabled={!signed || toBank.isPending} onClick={() => void put(false)}>
              Put the {signed} signed in
            </Button>
            {unsigned > 0 && (
              <Button disabled={toBank.isPending} onClick={() => void put(true)}>
                Put all {desk.items.length} in, {unsigned} unsigned
              </Button>
            )}
            <Button tone="quiet" onClick={leave}>
              Leave
            </Button>
          </div>
        </>
      )}
    </Dialog>
  )
}

function Outcome({ result, close }: { readonly result: Schemas['ToBankResultDto']; readonly close: () => void }) {
  return (
    <>
      <p>
        {counted(result.created, 'item is', 'items are')} new in the bank
        {result.updated > 0 && `, ${counted(result.updated, 'was', 'were')} updated`}
        {result.unchanged > 0 && `, ${counted(result.unchanged, 'was', 'were')} there as they are`}.
      </p>
      {result.leftOut.length > 0 && (
        <>
          <p className="mt-2">Left in the draft:</p>
          <ul className="mt-1 list-disc pl-5 text-muted">
            {result.leftOut.map((one) => (
              <li key={one.line}>
                line {one.line}: {one.why}
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-4 flex gap-2">
        <Link
          to="/bank"
          className="rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard"
        >
          Open the bank
        </Link>
        <Button onClick={close}>Go on with the draft</Button>
      </div>
    </>
  )
}
