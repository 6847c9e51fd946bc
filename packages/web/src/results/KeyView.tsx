import type { Item } from '@zakuska/core'
import { format } from 'date-fns'
import { useState } from 'react'
import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import { May } from '../people/May'
import { type Regrade, RegradePreview } from './RegradePreview'
import type { ViewProps } from './view-props'
import { KeyLine } from './key/KeyLine'
import { SampleKey } from './key/SampleKey'
import type { Sitting, Looked } from './queries'

/** The key by which this sitting is graded, item by item; what changes is shown before it is done. */
export function KeyView({ sitting, looked }: ViewProps) {
  const [changed, setChanged] = useState<ReadonlyMap<number, Item>>(new Map())
  const [leftOut, setLeftOut] = useState<readonly number[]>(sitting.settings.leftOut)
  const [why, setWhy] = useState<readonly string[]>([])
  const [asked, setAsked] = useState<Regrade | null>(null)
  const isSame =
    leftOut.length === sitting.settings.leftOut.length && leftOut.every((one) => sitting.settings.leftOut.includes(one))
  const change = (place: number, body: Item, because: string): void => {
    setChanged((now) => new Map(now).set(place, body))
    setWhy((now) => (now.includes(because) ? now : [...now, because]))
  }
  const start = (): void => {
    setChanged(new Map())
    setLeftOut(sitting.settings.leftOut)
    setWhy([])
  }
  const mended = sitting.items.flatMap(({ inBank }, place) =>
    inBank && !changed.has(place) ? [{ place, inBank }] : [],
  )
  return (
    <div className="grid gap-x-8 gap-y-6 px-3 py-4 sm:px-[18px] xl:grid-cols-[minmax(0,1fr)_380px]">
      <section aria-label="Key by item" className="min-w-0">
        {mended.length > 0 && <Mended mended={mended} change={change} />}
        <ol>
          {sitting.items.map(({ body }, place) => (
            <KeyLine
              key={place}
              place={place}
              body={changed.get(place) ?? body}
              isChanged={changed.has(place)}
              attempts={looked.counted}
              change={(next, because) => change(place, next, because)}
              isOut={leftOut.includes(place)}
              setOut={(out) => {
                setLeftOut((now) => (out ? [...now, place] : now.filter((one) => one !== place)))
                setWhy((now) => [
                  ...now.filter((one) => one !== `item ${place + 1} is left out`),
                  ...(out ? [`item ${place + 1} is left out`] : []),
                ])
              }}
            />
          ))}
        </ol>
        {(changed.size > 0 || !isSame) && (
          <div
            className="sticky bottom-0 flex flex-wrap items-center gap-2 border-t border-ink bg-paper py-2"
            role="status"
          >
            <span>{counted(changed.size + (isSame ? 0 : 1), 'change', 'changes')}, not graded yet.</span>
            <Button tone="lead" onClick={() => setAsked({ items: changed, leftOut, why: why.join('; ') })}>
              See what changes for whom
            </Button>
            <Button tone="quiet" onClick={start}>
              Undo all
            </Button>
          </div>
        )}
      </section>
      <Beside sitting={sitting} looked={looked} change={change} />
      <RegradePreview
        sitting={sitting}
        regrade={asked}
        close={(done) => {
          setAsked(null)
          if (done) {
            setChanged(new Map())
            setWhy([])
          }
        }}
      />
    </div>
  )
}

function Mended({
  mended,
  change,
}: {
  readonly mended: readonly { place: number; inBank: Item }[]
  readonly change: (place: number, body: Item, because: string) => void
}) {
  return (
    <div className="mb-4 border-l-4 border-mustard pl-3">
      <p>
        ◐ Since it was taken, the key of {counted(mended.length, 'item was', 'items were')} mended in the bank:{' '}
        {mended.map(({ place }) => place + 1).join(', ')}.
      </p>
      <May right="results">
        <Button
          className="mt-1"
          onClick={() =>
            mended.forEach(({ place, inBank }) =>
              change(place, inBank, `item ${place + 1}: its key was mended in the bank`),
            )
          }
        >
          Take the mended {mended.length === 1 ? 'key' : 'keys'}
        </Button>
      </May>
    </div>
  )
}

function Beside({
  sitting,
  looked,
  change,
}: {
  readonly sitting: Sitting
  readonly looked: Looked
  readonly change: (place: number, body: Item, because: string) => void
}) {
  return (
    <aside className="grid content-start gap-6">
      <SampleKey sitting={sitting} looked={looked} change={change} />
      <section aria-label="Regrades">
        <h2 className="text-[15px] font-semibold">Regrades</h2>
        {sitting.regradings.length === 0 && <p className="text-muted">The key is as it was when it was taken.</p>}
        <ul>
          {sitting.regradings.map(({ id, at, by, why: because, changes }) => (
            <li key={id} className="border-b border-line py-1">
              {because}
              <span className="block text-xs text-muted">
                {by}, {format(at, 'd MMM HH:mm')} · {counted(changes.length, 'score', 'scores')} changed
              </span>
            </li>
          ))}
        </ul>
      </section>
    </aside>
  )
}
