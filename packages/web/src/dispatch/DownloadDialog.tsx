import { isFormatId } from '@zakuska/core'
import { useState } from 'react'
import { Link } from 'react-router'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useTell, type Tell } from '../parts/notices'
import { type Paper, usePapers } from '../papers/queries'
import { type Accepted, remedyList, type Row } from './fit-rows'
import { probeSheet } from './probe-sheet'
import { useColumnLayouts, useFileProofs } from './queries'
import { UnsignedQuestion } from './UnsignedQuestion'
import { FILES, goingText } from './download/files'
import { MorePapers, ProofText } from './download/MorePapers'

export interface AskProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly unsigned: number
  readonly accepted: Accepted
  readonly open: boolean
  readonly close: () => void
}

/** Where a file can go, which files are of use there, best first, and how they are loaded there in general. */
const PLACES: readonly {
  readonly id: string
  readonly name: string
  readonly targets: readonly string[]
  readonly steps: string
}[] = [
  {
    id: 'site',
    name: 'A course site',
    targets: ['qti21', 'cc13', 'qti12', 'qti30', 'qti22', 'gift', 'aiken'],
    steps:
      'Open the item bank or the question list of your course and look for “import”. Choose the format by its name: QTI 2.1 or Common Cartridge where the site offers it, else QTI 1.2, else GIFT. Give it the file as it is, zip and all. Then look at one item, and answer it once.',
  },
  {
    id: 'form',
    name: 'An online form',
    targets: ['xlsx', 'csv'],
    steps:
      'Forms mostly take a table. Load it through the form’s own import or an add-on for it, and say which column is which: the headers name them. Make the form a quiz before, so that keys and points find their place.',
  },
  {
    id: 'game',
    name: 'A live game',
    targets: ['game-sheet', 'xlsx', 'csv'],
    steps:
      'Games mostly take a table of their own. Open the game’s empty template and compare its columns with those of the sheet: time, question, right options, options. Where they differ, copy column by column.',
  },
  { id: 'paper', name: 'Paper', targets: [], steps: '' },
  { id: 'other', name: 'Somewhere else', targets: FILES.map(({ target }) => target), steps: '' },
]

/** The paper as files; each is written, read back and proven before it is downloaded. */
export function DownloadDialog({ paper, rows, unsigned, accepted, open, close }: AskProps) {
  const [include, setInclude] = useState(false)
  const [chosen, setChosen] = useState<readonly string[]>([])
  const [placeId, setPlaceId] = useState('')
  const place = PLACES.find(({ id }) => id === placeId)
  const layouts = useColumnLayouts()
  const [layout, setLayout] = useState('')
  const hasTable = chosen.includes('csv') || chosen.includes('xlsx')
  const tell = useTell()
  const going = rows.filter((row) => include || row.signed)
  const asked = {
    formats: chosen.join(','),
    unsigned: include ? ('true' as const) : ('false' as const),
    remedies: remedyList(accepted, (destination) =>
      FILES.some((file) => file.destination.id === destination && chosen.includes(file.target)),
    ),
    ...(hasTable && layout && { layout }),
  }
  const [more, setMore] = useState<readonly string[]>([])
  const others = (usePapers().data ?? []).filter(({ id }) => id !== paper.id)
  const query = new URLSearchParams({ ...asked, ...(more.length > 0 && { with: more.join(',') }) })
  const fileCount = chosen.length * (1 + more.length)
  const proofs = useFileProofs(paper, asked)
  const toggle = (id: string, on: boolean): void =>
    setChosen(FILES.map((one) => one.target).filter((one) => (one === id ? on : chosen.includes(one))))
  return (
    <Dialog open={open} close={close} title={`Download “${paper.title}”`} wide>
      <UnsignedQuestion unsigned={unsigned} include={include} set={setInclude} />
      <PlaceFields placeId={placeId} setPlaceId={setPlaceId} setChosen={setChosen} chosen={chosen} />
      {place?.id === 'paper' && (
        <p>
          For paper, key and answer sheet as PDF or document,{' '}
          <Link className="underline" to={`/papers/${paper.id}`}>
            print it from its desk
          </Link>
          .
        </p>
      )}
      {place && place.targets.length > 0 && (
        <FilesOfPlace place={place} chosen={chosen} toggle={toggle} going={going} proofs={proofs} />
      )}
      {chosen.length > 0 && others.length > 0 && (
        <MorePapers papers={others} more={more} setMore={setMore} asked={{ ...asked, remedies: '' }} />
      )}
      {hasTable && Boolean(layouts.data?.length) && (
        <label className="mt-3 block">
          Columns of the table{' '}
          <select
            value={layout}
            onChange={(event) => setLayout(event.target.value)}
            className="rounded-[3px] border border-edge bg-sheet px-2 py-0.5"
          >
            <option value="">as Zakuska lays them out</option>
            {layouts.data?.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <Steps
        chosen={chosen}
        paper={paper}
        query={query}
        tell={tell}
        fileCount={fileCount}
        place={place}
        going={going}
        close={close}
      />
    </Dialog>
  )
}

function Steps({
  chosen,
  paper,
  query,
  tell,
  fileCount,
  place,
  going,
  close,
}: {
  readonly chosen: readonly string[]
  readonly paper: Paper
  readonly query: URLSearchParams
  readonly tell: Tell
  readonly fileCount: number
  readonly place:
    | { readonly id: string; readonly name: string; readonly targets: readonly string[]; readonly steps: string }
    | undefined
  readonly going: readonly Row[]
  readonly close: () => void
}) {
  return (
    <div className="sticky bottom-0 mt-4 flex flex-wrap gap-2 bg-sheet pt-2">
      {chosen.length ? (
        <a
          className="rounded-[3px] border border-mustard bg-mustard px-3 py-1 font-semibold text-on-mustard"
          href={`/api/papers/${paper.id}/file?${query.toString()}`}
          download
          onClick={() => tell(`${counted(fileCount, 'file is', 'files are')} on the way to your downloads.`)}
        >
          Download {counted(fileCount, 'file', 'files')}
        </a>
      ) : (
        <Button tone="lead" disabled>
          Choose a file
        </Button>
      )}
      {place && place.targets.length > 0 && (
        <a
          className="rounded-[3px] border border-line bg-sheet px-3 py-1"
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(probeSheet(going.map(({ body }) => body)))}`}
          download={`${paper.title}, probes.csv`}
        >
          Sheet of probes to try by hand
        </a>
      )}
      <Button onClick={close}>Close</Button>
    </div>
  )
}

/** The files that a place takes, each with its proof, and how to load it there. */
function FilesOfPlace({
  place,
  chosen,
  toggle,
  going,
  proofs,
}: {
  readonly place: {
    readonly id: string
    readonly name: string
    readonly targets: readonly string[]
    readonly steps: string
  }
  readonly chosen: readonly string[]
  readonly toggle: (id: string, on: boolean) => void
  readonly going: readonly Row[]
  readonly proofs: ReturnType<typeof useFileProofs>
}) {
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <fieldset>
        <legend className="text-xs font-semibold text-muted">Files; several come as one zip</legend>
        {place.targets
          .flatMap((target) => FILES.find((file) => file.target === target) ?? [])
          .map(({ target, name, what, destination }) => (
            <label key={target} className="flex items-baseline gap-2 border-t border-line py-1">
              <input
                type="checkbox"
                checked={chosen.includes(target)}
                onChange={(event) => toggle(target, event.target.checked)}
                className="accent-ink"
              />
              <span>
                <b>{name}</b> <span className="text-muted">{what}</span>
                <span className="block text-xs text-muted">{goingText(going, destination)}</span>
                {chosen.includes(target) && isFormatId(target) && (
                  <ProofText
                    proof={proofs.data?.find((one) => one.format === target)}
                    pending={proofs.isFetching}
                    failed={proofs.isError}
                  />
                )}
              </span>
            </label>
          ))}
      </fieldset>
      {place.steps && (
        <section aria-label="How to load it there">
          <h3 className="font-ui text-xs font-semibold text-muted">How to load it there</h3>
          <p className="pt-1 text-muted">{place.steps}</p>
        </section>
      )}
    </div>
  )
}

function PlaceFields({
  placeId,
  setPlaceId,
  setChosen,
  chosen,
}: {
  readonly placeId: string
  readonly setPlaceId: (next: string) => void
  readonly setChosen: (next: readonly string[]) => void
  readonly chosen: readonly string[]
}) {
  return (
    <fieldset className="mb-3">
      <legend className="text-xs font-semibold text-muted">Where is it going?</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {PLACES.map(({ id, name, targets }) => (
          <label key={id}>
            <input
              type="radio"
              name="place"
              className="mr-1.5 accent-ink"
              checked={placeId === id}
              onChange={() => {
                setPlaceId(id)
                setChosen(id === 'other' ? chosen : targets.slice(0, 1))
              }}
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
