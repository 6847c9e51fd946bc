import type { DraftSource } from '@zakuska/core'
import { useCallback, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { keepPicture } from '../parts/keep-picture'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { draftOfBoxes, type DrawnBox, inOrder, proposeBox } from './boxes'
import { useStart } from './use-start'
import { openFile, titleOf, waiting } from './files'
import { cutPicture, type PageBox, type ShownPage } from './pdf-pages'
import { usePages } from './pages/use-pages'
import { PageView } from './pages/PageView'
import { BoxCard } from './pages/BoxCard'

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
      const source = await draftOf(ordered, pages)
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
      <PagesHead file={file} count={count} readAll={readAll} busy={busy} takeBoxes={takeBoxes} ordered={ordered} />
      <div className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[auto_1fr] lg:overflow-hidden">
        <PageSide
          setNumber={setNumber}
          number={number}
          count={count}
          shown={shown}
          add={add}
          ordered={ordered}
          chosen={chosen}
          setChosen={setChosen}
          change={change}
          remove={remove}
        />
        <BoxList
          ordered={ordered}
          unnamed={unnamed}
          pages={pages}
          chosen={chosen}
          setChosen={setChosen}
          setNumber={setNumber}
          change={change}
          remove={remove}
        />
      </div>
    </>
  )
}

/** The boxes as one draft, pictures cut out and kept. */
async function draftOf(boxes: readonly DrawnBox[], pages: ReadonlyMap<number, ShownPage>): Promise<DraftSource> {
  const pictures = new Map<string, string>()
  for (const box of boxes) {
    const page = pages.get(box.page)
    if (box.as === 'picture' && page) pictures.set(box.id, await keepPicture(await cutPicture(page, box)))
  }
  const texts = new Map([...pages].map(([at, page]) => [at, page.text] as const))
  return draftOfBoxes(boxes, texts, pictures)
}

function PagesHead({
  file,
  count,
  readAll,
  busy,
  takeBoxes,
  ordered,
}: {
  readonly file: File
  readonly count: number
  readonly readAll: () => Promise<void>
  readonly busy: string | null
  readonly takeBoxes: () => Promise<void>
  readonly ordered: readonly DrawnBox[]
}) {
  return (
    <Head title={titleOf(file.name)} about={counted(count, 'page', 'pages')}>
      <Button onClick={() => void readAll()} disabled={busy !== null}>
        Read all pages as text
      </Button>
      <Button tone="lead" onClick={() => void takeBoxes()} disabled={!ordered.length || busy !== null}>
        {busy ?? `Make a draft of ${counted(ordered.length, 'box', 'boxes')}`}
      </Button>
    </Head>
  )
}

function BoxList({
  ordered,
  unnamed,
  pages,
  chosen,
  setChosen,
  setNumber,
  change,
  remove,
}: {
  readonly ordered: readonly DrawnBox[]
  readonly unnamed: number
  readonly pages: ReadonlyMap<number, ShownPage>
  readonly chosen: string | null
  readonly setChosen: (next: string | null) => void
  readonly setNumber: (next: number) => void
  readonly change: (box: DrawnBox) => void
  readonly remove: (id: string) => void
}) {
  return (
    <section aria-label="Boxes in reading order" className="bg-sheet p-4 lg:min-h-0 lg:overflow-y-auto">
      <h2 className="mb-1 font-ui text-[13px] font-semibold">
        {counted(ordered.length, 'box', 'boxes')}, in reading order
      </h2>
      {!ordered.length && (
        <p className="text-muted">
          Drag over the page to draw a box round a question, a graph or a formula. A box comes in as text where its text
          reads well, else as a picture.
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
  )
}

/** One page with its boxes, and the way to the others. */
function PageSide({
  setNumber,
  number,
  count,
  shown,
  add,
  ordered,
  chosen,
  setChosen,
  change,
  remove,
}: {
  readonly setNumber: (next: number) => void
  readonly number: number
  readonly count: number
  readonly shown: ShownPage | undefined
  readonly add: (box: PageBox) => void
  readonly ordered: readonly DrawnBox[]
  readonly chosen: string | null
  readonly setChosen: (next: string | null) => void
  readonly change: (box: DrawnBox) => void
  readonly remove: (id: string) => void
}) {
  return (
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
  )
}
