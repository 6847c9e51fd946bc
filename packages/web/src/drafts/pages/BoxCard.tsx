import { useEffect, useMemo, useState } from 'react'
import { Button } from '../../parts/Button'
import { type DrawnBox, textIn } from '../boxes'
import { cutPicture, type ShownPage } from '../pdf-pages'

export function BoxCard({
  box,
  number,
  page,
  here,
  choose,
  change,
  remove,
}: {
  readonly box: DrawnBox
  readonly number: number
  readonly page: ShownPage
  readonly here: boolean
  readonly choose: () => void
  readonly change: (box: DrawnBox) => void
  readonly remove: (id: string) => void
}) {
  const text = useMemo(() => textIn(page.text, box), [page, box])
  return (
    <li className={`border-l-4 py-1 pl-3 ${here ? 'border-mustard' : 'border-line'}`}>
      <div className="mb-1 flex flex-wrap items-center gap-2">
        <button type="button" className="font-semibold underline-offset-2 hover:underline" onClick={choose}>
          Box {number}, page {box.page + 1}
        </button>
        <span role="group" aria-label={`How box ${number} comes in`} className="inline-flex">
          {(['text', 'picture'] as const).map((as) => (
            <Button
              key={as}
              aria-pressed={box.as === as}
              className={`!py-0 ${box.as === as ? '!border-ink font-semibold' : ''}`}
              onClick={() => change({ ...box, as })}
            >
              as {as}
            </Button>
          ))}
        </span>
        <Button tone="quiet" className="ml-auto !py-0" onClick={() => remove(box.id)}>
          Remove
        </Button>
      </div>
      {box.as === 'text' ? (
        <pre
          tabIndex={0}
          role="group"
          aria-label={`Text of box ${number}`}
          className="max-h-40 overflow-auto font-mono text-xs whitespace-pre-wrap"
        >
          {text || 'No text lies in this box.'}
        </pre>
      ) : (
        <PictureFields box={box} page={page} change={change} />
      )}
    </li>
  )
}

function PictureFields({
  box,
  page,
  change,
}: {
  readonly box: DrawnBox
  readonly page: ShownPage
  readonly change: (box: DrawnBox) => void
}) {
  const [address, setAddress] = useState('')
  const { x, y, width, height } = box
  useEffect(() => {
    let left = false
    void cutPicture(page, { x, y, width, height }).then((blob) => {
      if (left) return
      const reader = new FileReader()
      reader.onload = () => setAddress(typeof reader.result === 'string' ? reader.result : '')
      reader.readAsDataURL(blob)
    })
    return () => {
      left = true
    }
  }, [page, x, y, width, height])
  return (
    <div className="grid gap-2">
      {address && (
        <img
          src={address}
          alt={box.alt}
          className="max-w-full border border-line bg-white"
          style={{ width: box.shownWidth }}
        />
      )}
      <label className="grid gap-0.5">
        <span className="text-xs text-muted">What the picture shows, for those who cannot see it</span>
        <input
          value={box.alt}
          maxLength={300}
          onChange={(event) => change({ ...box, alt: event.target.value })}
          className="rounded-[3px] border border-edge bg-sheet px-2 py-1"
        />
      </label>
      <label className="flex items-center gap-2">
        <span className="text-xs text-muted">Width</span>
        <input
          type="range"
          min={80}
          max={640}
          step={10}
          value={box.shownWidth}
          onChange={(event) => change({ ...box, shownWidth: Number(event.target.value) })}
        />
        <span className="text-xs text-muted tabular-nums">{box.shownWidth} px</span>
      </label>
    </div>
  )
}
