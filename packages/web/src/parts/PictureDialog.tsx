import type { Picture } from '@zakuska/core'
import { useEffect, useRef, useState } from 'react'
import { Button } from './Button'
import { Dialog } from './Dialog'
import { keepPicture } from './keep-picture'

const SIDES = ['left', 'right', 'top', 'bottom'] as const
type Side = (typeof SIDES)[number]
/** Percent of the width or height that is cut off at each side. */
type Crop = Readonly<Record<Side, number>>

const WHOLE: Crop = { left: 0, right: 0, top: 0, bottom: 0 }
const MOST_CUT = 90
const LEAST_WIDTH = 16
const MOST_WIDTH = 2000

/** What a picture shows, in words; its width; what is cut off. Cutting makes a new picture, the old one stays as it is. */
export function PictureDialog({
  picture,
  save,
  close,
}: {
  readonly picture: Picture
  /** Null takes the picture out. */
  readonly save: (picture: Picture | null) => void
  readonly close: () => void
}) {
  const [alt, setAlt] = useState(picture.alt)
  const [width, setWidth] = useState(picture.width === undefined ? '' : String(picture.width))
  const [crop, setCrop] = useState<Crop>(WHOLE)
  const [problem, setProblem] = useState<string | null>(null)
  const image = useImage(picture.asset)
  const isCut = SIDES.some((side) => crop[side] > 0)
  const keep = async (): Promise<void> => {
    const { width: _width, ...rest } = picture
    const pixels = Number(width)
    const sized =
      width === '' ? rest : { ...rest, width: Math.round(Math.min(MOST_WIDTH, Math.max(LEAST_WIDTH, pixels))) }
    try {
      const asset = isCut && image ? await keepPicture(await cut(image, crop)) : picture.asset
      save({ ...sized, asset, alt: alt.trim() })
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'The picture was not kept.')
    }
  }
  return (
    <Dialog open close={close} title="Picture" wide>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          // The dialog stands in the form of the item, which must not be saved by it.
          event.stopPropagation()
          void keep()
        }}
      >
        {image && <Preview image={image} crop={crop} />}
        <label className="grid gap-1">
          <span className="text-xs font-semibold text-muted">What it shows, for who cannot see it</span>
          <input
            autoFocus
            value={alt}
            onChange={(event) => setAlt(event.target.value)}
            className="rounded-[3px] border border-edge bg-sheet px-2 py-1"
          />
        </label>
        <SizeFields width={width} setWidth={setWidth} crop={crop} setCrop={setCrop} />
        {!alt.trim() && (
          <p className="text-mustard-ink">
            <span aria-hidden="true">◇ </span>Without words it tells nothing to who cannot see it.
          </p>
        )}
        {problem && (
          <p role="alert" className="text-beet">
            ◆ {problem}
          </p>
        )}
        <div className="flex gap-2">
          <Button tone="lead" type="submit">
            Keep
          </Button>
          <Button onClick={() => save(null)}>Take it out</Button>
          <Button tone="quiet" className="ml-auto" onClick={close}>
            Leave
          </Button>
        </div>
      </form>
    </Dialog>
  )
}

/** Width, and what is cut off at each side. */
function SizeFields({
  width,
  setWidth,
  crop,
  setCrop,
}: {
  readonly width: string
  readonly setWidth: (next: string) => void
  readonly crop: Crop
  readonly setCrop: (next: Crop) => void
}) {
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-2">
      <label>
        Width, pixels{' '}
        <input
          type="number"
          min={LEAST_WIDTH}
          max={MOST_WIDTH}
          placeholder="its own"
          value={width}
          onChange={(event) => setWidth(event.target.value)}
          className="w-24 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-right"
        />
      </label>
      {SIDES.map((side) => (
        <label key={side} className="text-muted">
          cut {side}{' '}
          <input
            type="number"
            min={0}
            max={MOST_CUT}
            value={crop[side]}
            onChange={(event) => {
              const share = event.target.valueAsNumber
              if (share >= 0 && share <= MOST_CUT) setCrop({ ...crop, [side]: share })
            }}
            className="w-14 rounded-[3px] border border-edge bg-sheet px-1 py-0.5 text-right text-ink"
          />{' '}
          %
        </label>
      ))}
    </div>
  )
}

function useImage(asset: string): HTMLImageElement | null {
  const [image, setImage] = useState<HTMLImageElement | null>(null)
  useEffect(() => {
    if (!asset) return
    const loading = new Image()
    loading.onload = () => setImage(loading)
    loading.src = `/api/assets/${asset}`
    return () => {
      loading.onload = null
    }
  }, [asset])
  return image
}

function Preview({ image, crop }: { readonly image: HTMLImageElement; readonly crop: Crop }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (canvas.current) draw(canvas.current, image, crop)
  }, [image, crop])
  return (
    <canvas ref={canvas} aria-hidden="true" className="max-h-72 max-w-full justify-self-start border border-line" />
  )
}

/** The part that is left, at its own size. */
function draw(canvas: HTMLCanvasElement, image: HTMLImageElement, crop: Crop): void {
  const [x, y] = [(image.naturalWidth * crop.left) / 100, (image.naturalHeight * crop.top) / 100]
  canvas.width = Math.max(1, Math.round((image.naturalWidth * (100 - crop.left - crop.right)) / 100))
  canvas.height = Math.max(1, Math.round((image.naturalHeight * (100 - crop.top - crop.bottom)) / 100))
  canvas.getContext('2d')?.drawImage(image, x, y, canvas.width, canvas.height, 0, 0, canvas.width, canvas.height)
}

function cut(image: HTMLImageElement, crop: Crop): Promise<Blob> {
  const canvas = document.createElement('canvas')
  draw(canvas, image, crop)
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be cut.'))), 'image/png'),
  )
}
