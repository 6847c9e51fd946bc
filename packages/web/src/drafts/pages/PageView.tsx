import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react'
import { type DrawnBox, nudged } from '../boxes'
import type { PageBox, ShownPage } from '../pdf-pages'
import { PAGE_WIDTH } from './use-pages'

const STEP = 4

interface PageViewProps {
  readonly page: ShownPage
  readonly boxes: readonly DrawnBox[]
  readonly numberOf: (box: DrawnBox) => number
  readonly chosen: string | null
  readonly choose: (id: string) => void
  readonly add: (box: PageBox) => void
  readonly change: (box: DrawnBox) => void
  readonly remove: (id: string) => void
}

export function PageView({ page, boxes, numberOf, chosen, choose, add, change, remove }: PageViewProps) {
  const place = useRef<HTMLDivElement>(null)
  const [drawn, setDrawn] = useState<PageBox | null>(null)
  const scale = PAGE_WIDTH / page.text.width
  useEffect(() => {
    const { canvas } = page
    canvas.style.width = `${PAGE_WIDTH}px`
    canvas.setAttribute('aria-hidden', 'true')
    const holder = place.current
    holder?.prepend(canvas)
    return () => canvas.remove()
  }, [page])
  const pointAt = (event: PointerEvent): { x: number; y: number } => {
    const box = place.current?.getBoundingClientRect()
    return { x: (event.clientX - (box?.left ?? 0)) / scale, y: (event.clientY - (box?.top ?? 0)) / scale }
  }
  const from = useRef<{ x: number; y: number } | null>(null)
  return (
    <div
      ref={place}
      className="relative w-fit cursor-crosshair touch-none border border-line bg-white select-none"
      onPointerDown={(event) => {
        if (event.button !== 0) return
        event.currentTarget.setPointerCapture(event.pointerId)
        from.current = pointAt(event)
      }}
      onPointerMove={(event) => {
        const start = from.current
        if (!start) return
        const now = pointAt(event)
        setDrawn({
          x: Math.max(0, Math.min(start.x, now.x)),
          y: Math.max(0, Math.min(start.y, now.y)),
          width: Math.abs(now.x - start.x),
          height: Math.abs(now.y - start.y),
        })
      }}
      onPointerUp={() => {
        if (drawn) add(drawn)
        from.current = null
        setDrawn(null)
      }}
    >
      {boxes.map((box) => (
        <BoxFrame
          key={box.id}
          box={box}
          scale={scale}
          number={numberOf(box)}
          here={box.id === chosen}
          choose={() => choose(box.id)}
          nudge={(by) => change(nudged(box, page.text, by))}
          remove={() => remove(box.id)}
        />
      ))}
      {drawn && (
        <div
          className="pointer-events-none absolute border-2 border-dashed border-mustard"
          style={{
            left: drawn.x * scale,
            top: drawn.y * scale,
            width: drawn.width * scale,
            height: drawn.height * scale,
          }}
        />
      )}
    </div>
  )
}

/** A box on the page; arrows move it, with Shift they size it, Delete removes it. */
function BoxFrame({
  box,
  scale,
  number,
  here,
  choose,
  nudge,
  remove,
}: {
  readonly box: DrawnBox
  readonly scale: number
  readonly number: number
  readonly here: boolean
  readonly choose: () => void
  readonly nudge: (by: Partial<PageBox>) => void
  readonly remove: () => void
}) {
  const keys = (event: KeyboardEvent): void => {
    const way = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key]
    if (way) nudge(event.shiftKey ? { width: way[0] ?? 0, height: way[1] ?? 0 } : { x: way[0] ?? 0, y: way[1] ?? 0 })
    else if (event.key === 'Delete' || event.key === 'Backspace') remove()
    else return
    event.preventDefault()
  }
  const last = useRef<{ x: number; y: number } | null>(null)
  const drag = (event: PointerEvent, size: boolean): void => {
    event.stopPropagation()
    const before = last.current
    if (!before) return
    const by = { x: (event.clientX - before.x) / scale, y: (event.clientY - before.y) / scale }
    nudge(size ? { width: by.x, height: by.y } : by)
    last.current = { x: event.clientX, y: event.clientY }
  }
  const grab = (event: PointerEvent<HTMLElement>): void => {
    event.stopPropagation()
    event.currentTarget.setPointerCapture(event.pointerId)
    last.current = { x: event.clientX, y: event.clientY }
    choose()
  }
  const drop = (event: PointerEvent): void => {
    event.stopPropagation()
    last.current = null
  }
  return (
    <div
      role="button"
      tabIndex={0}
      aria-label={`Box ${number}, ${box.as}; arrows move it, with Shift they size it`}
      onFocus={choose}
      onKeyDown={keys}
      onPointerDown={grab}
      onPointerMove={(event) => drag(event, false)}
      onPointerUp={drop}
      className={`absolute cursor-move border-2 ${here ? 'border-mustard bg-mustard/15' : 'border-ink/60 bg-ink/5'}`}
      style={{ left: box.x * scale, top: box.y * scale, width: box.width * scale, height: box.height * scale }}
    >
      <span className="absolute top-0 left-0 bg-ink px-1.5 text-xs font-semibold text-paper">{number}</span>
      <span
        aria-hidden="true"
        onPointerDown={grab}
        onPointerMove={(event) => drag(event, true)}
        onPointerUp={drop}
        className="absolute -right-1.5 -bottom-1.5 size-3.5 cursor-nwse-resize border-2 border-paper bg-ink"
      />
    </div>
  )
}
