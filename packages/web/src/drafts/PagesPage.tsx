import type { PDFDocumentProxy } from 'pdfjs-dist'
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { Link } from 'react-router'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { keepPicture } from '../parts/keep-picture'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { draftOfBoxes, inOrder, nudged, proposeBox, textIn, type DrawnBox } from './boxes'
import { useStart } from './use-start'
import { openFile, titleOf, waiting } from './files'
import { cutPicture, drawPage, openPdf, type PageBox, type ShownPage } from './pdf-pages'

const PAGE_WIDTH = 640
const STEP = 4

/** Pages of a PDF, with boxes drawn round what is to come into a draft. */
export function PagesPage() {
  const [file] = useState(waiting.pdf)
  return file ? (
    <Pages file={file} />
  ) : (
    <>
      <Head title="Pages of a PDF" />
      <Empty title="No PDF is open">
        <p>Open a PDF file from the drafts.</p>
        <Link className="mt-4 inline-block underline" to="/drafts">
          To the drafts
        </Link>
      </Empty>
    </>
  )
}

function usePages(file: File, number: number) {
  const [pdf, setPdf] = useState<PDFDocumentProxy | null>(null)
  const [pages, setPages] = useState<ReadonlyMap<number, ShownPage>>(new Map())
  const [error, setError] = useState<Error | null>(null)
  useEffect(() => {
    let left = false
    let opened: PDFDocumentProxy | null = null
    openPdf(file)
      .then((one) => {
        opened = one
        if (left) void one.destroy()
        else setPdf(one)
      })
      .catch(() => setError(new Error('This PDF is broken, or locked with a password, and cannot be shown.')))
    return () => {
      left = true
      void opened?.destroy()
    }
  }, [file])
  useEffect(() => {
    if (!pdf || pages.has(number)) return
    let left = false
    pdf
      .getPage(number + 1)
      .then((page) => drawPage(page, PAGE_WIDTH))
      .then((shown) => {
        if (!left) setPages((known) => new Map(known).set(number, shown))
      })
      .catch(() => setError(new Error(`Page ${number + 1} cannot be shown.`)))
    return () => {
      left = true
    }
  }, [pdf, number, pages])
  return { count: pdf?.numPages ?? 0, pages, error }
}

function Pages({ file }: { readonly file: File }) {
  const [number, setNumber] = useState(0)
  const { count, pages, error } = usePages(file, number)
  const [boxes, setBoxes] = useState<readonly DrawnBox[]>([])
  const [chosen, setChosen] = useState<string | null>(null)
  const [busy, setBusy] = useState<string | null>(null)
  const start = useStart()
  const tell = useTell()
  const ordered = useMemo(() => inOrder(boxes), [boxes])
  const shown = pages.get(number)
  const change = useCallback(
    (box: DrawnBox) => setBoxes((known) => known.map((one) => (one.id === box.id ? box : one))),
    [],
  )
  const remove = useCallback((id: string) => setBoxes((known) => known.filter((one) => one.id !== id)), [])
  const add = (box: PageBox): void => {
    const made = shown && proposeBox(number, shown.text, box)
    if (!made) return
    setBoxes([...boxes, made])
    setChosen(made.id)
  }
  const run = async (what: string, work: () => Promise<void>): Promise<void> => {
    setBusy(what)
    try {
      await work()
    } catch (problem) {
      tell(problem instanceof Error ? problem.message : 'That did not work.', { tone: 'trouble' })
    } finally {
      setBusy(null)
    }
  }
  const readAll = (): Promise<void> =>
    run('Reading all pages …', async () => {
      const opened = await openFile(file)
      await start({ title: opened.name, text: opened.text, styles: opened.styles })
    })
  const takeBoxes = (): Promise<void> =>
    run('Taking the boxes …', async () => {
      const pictures = new Map<string, string>()
      for (const box of ordered) {
        const page = pages.get(box.page)
        if (box.as === 'picture' && page) pictures.set(box.id, await keepPicture(await cutPicture(page, box)))
      }
      const texts = new Map([...pages].map(([at, page]) => [at, page.text] as const))
      const source = draftOfBoxes(ordered, texts, pictures)
      await start({ title: titleOf(file.name), text: source.text, styles: source.styles ?? [] })
    })
  if (error)
    return (
      <>
        <Head title={titleOf(file.name)} />
        <Problem error={error} />
      </>
    )
  if (!count) return <Waiting what="the pages" />
  const unnamed = ordered.filter((box) => box.as === 'picture' && !box.alt.trim()).length
  return (
    <>
      <Head title={titleOf(file.name)} about={counted(count, 'page', 'pages')}>
        <Button onClick={() => void readAll()} disabled={busy !== null}>
          Read all pages as text
        </Button>
        <Button tone="lead" onClick={() => void takeBoxes()} disabled={!ordered.length || busy !== null}>
          {busy ?? `Make a draft of ${counted(ordered.length, 'box', 'boxes')}`}
        </Button>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[auto_1fr] lg:overflow-hidden">
        <section aria-label="Page" className="overflow-x-auto bg-rye p-3 lg:min-h-0 lg:overflow-y-auto">
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <Button onClick={() => setNumber(number - 1)} disabled={number === 0}>
              Previous page
            </Button>
            <span className="tabular-nums">
              Page {number + 1} of {count}
            </span>
            <Button onClick={() => setNumber(number + 1)} disabled={number === count - 1}>
              Next page
            </Button>
            <Button
              disabled={!shown}
              onClick={() =>
                shown &&
                add({
                  x: shown.text.width * 0.1,
                  y: shown.text.height * 0.1,
                  width: shown.text.width * 0.8,
                  height: shown.text.height * 0.2,
                })
              }
            >
              Add a box
            </Button>
          </div>
          {shown ? (
            <PageView
              page={shown}
              boxes={ordered.filter((box) => box.page === number)}
              numberOf={(box) => ordered.indexOf(box) + 1}
              chosen={chosen}
              choose={setChosen}
              add={add}
              change={change}
              remove={remove}
            />
          ) : (
            <Waiting what="the page" />
          )}
        </section>
        <section aria-label="Boxes in reading order" className="bg-sheet p-4 lg:min-h-0 lg:overflow-y-auto">
          <h2 className="mb-1 font-ui text-[13px] font-semibold">
            {counted(ordered.length, 'box', 'boxes')}, in reading order
          </h2>
          {!ordered.length && (
            <p className="text-muted">
              Drag over the page to draw a box round a question, a graph or a formula. A box comes in as text where its
              text reads well, else as a picture.
            </p>
          )}
          {unnamed > 0 && (
            <p className="text-mustard-ink">
              <span aria-hidden="true">◐ </span>
              {counted(unnamed, 'picture has', 'pictures have')} no description yet.
            </p>
          )}
          <ol className="grid gap-3 pt-2">
            {ordered.map((box, index) => {
              const page = pages.get(box.page)
              return (
                page && (
                  <BoxCard
                    key={box.id}
                    box={box}
                    number={index + 1}
                    page={page}
                    here={box.id === chosen}
                    choose={() => {
                      setChosen(box.id)
                      setNumber(box.page)
                    }}
                    change={change}
                    remove={remove}
                  />
                )
              )
            })}
          </ol>
        </section>
      </div>
    </>
  )
}

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

function PageView({ page, boxes, numberOf, chosen, choose, add, change, remove }: PageViewProps) {
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

function BoxCard({
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
