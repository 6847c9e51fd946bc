import { DESTINATIONS, fitItem, KIND_NAMES, plainText, type Destination, type Fit, type Item } from '@zakuska/core'
import { Fragment, useMemo, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { asKept, counted, pointsText } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { usePaper, type Paper } from '../papers/queries'
import { DeliveryLine } from './DeliveryLine'
import { useConnection, useDeliveries, useDispatchChanges } from './queries'

export function SendPage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  if (paper.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  return <Send paper={paper.data} />
}

interface Row {
  readonly id: string
  readonly body: Item
  readonly signed: boolean
  readonly fits: readonly Fit[]
}

/** What fits where is said before anything is sent. */
function Send({ paper }: { readonly paper: Paper }) {
  const rows = useMemo(() => rowsOf(paper), [paper])
  const deliveries = useDeliveries()
  const connection = useConnection()
  const [asking, setAsking] = useState<'send' | 'download' | null>(null)
  const unsigned = rows.filter((row) => !row.signed).length
  const own = deliveries.data?.filter((delivery) => delivery.paperId === paper.id) ?? []
  const points = rows.reduce((sum, row) => sum + row.body.points, 0)
  return (
    <>
      <Head
        title={
          <h1 className="text-xl font-semibold tracking-tight">
            <Link to={`/papers/${paper.id}`} className="hover:underline">
              {paper.title}
            </Link>
          </h1>
        }
        about={`${counted(rows.length, 'item', 'items')} · ${pointsText(points)} · ${unsigned ? `${unsigned} not signed off` : 'all signed off'}`}
      >
        <Button disabled={!rows.length} onClick={() => setAsking('download')}>
          Download…
        </Button>
        <Button tone="lead" disabled={!rows.length || !connection.data?.hasToken} onClick={() => setAsking('send')}>
          Send to Breakwater
        </Button>
      </Head>
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_330px] lg:overflow-hidden">
        <section aria-label="Fit" className="min-w-0 overflow-x-auto px-2 py-1 lg:overflow-y-auto" tabIndex={0}>
          {rows.length ? (
            <FitTable rows={rows} />
          ) : (
            <Empty title="This paper has no items yet">
              <Link className="underline" to={`/papers/${paper.id}`}>
                Add items to it
              </Link>
            </Empty>
          )}
        </section>
        <aside className="border-t border-line bg-sheet px-[18px] py-4 lg:overflow-y-auto lg:border-t-0 lg:border-l">
          {connection.data && !connection.data.hasToken && (
            <p className="mb-3 border-l-4 border-mustard pl-3">
              There is no connection to Breakwater yet.{' '}
              <Link className="underline" to="/dispatch">
                Set one up
              </Link>
            </p>
          )}
          <h2 className="text-[15px] font-semibold">What went where</h2>
          {own.length === 0 && <p className="pt-1 text-muted">This paper was not sent yet.</p>}
          <ul>
            {own.map((delivery) => (
              <DeliveryLine key={delivery.id} delivery={delivery} />
            ))}
          </ul>
        </aside>
      </div>
      <SendDialog
        paper={paper}
        rows={rows}
        unsigned={unsigned}
        open={asking === 'send'}
        close={() => setAsking(null)}
      />
      <DownloadDialog
        paper={paper}
        rows={rows}
        unsigned={unsigned}
        open={asking === 'download'}
        close={() => setAsking(null)}
      />
    </>
  )
}

function rowsOf(paper: Paper): Row[] {
  return paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    if (!item) return []
    const body: Item = { ...asKept(item.body), points: entry.points }
    return [
      {
        id: item.id,
        body,
        signed: item.signOff !== null,
        fits: DESTINATIONS.map((destination) => fitItem(body, destination.limits)),
      },
    ]
  })
}

function FitTable({ rows }: { readonly rows: readonly Row[] }) {
  const [open, setOpen] = useState<string | null>(null)
  return (
    <table className="w-full min-w-[640px] border-collapse">
      <thead>
        <tr className="border-b border-ink text-left align-bottom">
          <th className="w-10 py-2">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-2 font-semibold">Item</th>
          {DESTINATIONS.map((destination) => (
            <th key={destination.id} className="w-36 py-2 pr-2 font-semibold">
              {destination.name}
              <span className="block text-[11px] font-normal text-muted">{destination.what}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <Fragment key={row.id}>
            <tr className={`border-b border-line align-top ${open?.startsWith(`${row.id}:`) ? 'bg-here' : ''}`}>
              <td className="py-2 pr-3 text-right font-text font-semibold text-muted">{index + 1}</td>
              <td className="py-2 pr-3">
                <Link to={`/bank/${row.id}`} className="font-text text-[15.5px] leading-snug hover:underline">
                  {plainText(row.body.stem)}
                </Link>
                <span className="block text-xs text-muted">
                  {KIND_NAMES[row.body.kind]} · {row.body.points}
                  {!row.signed && <span className="text-beet"> · not signed off</span>}
                </span>
              </td>
              {row.fits.map((fit, at) => (
                <td key={DESTINATIONS[at]?.id} className="py-2 pr-2">
                  <FitCell
                    fit={fit}
                    open={open === `${row.id}:${at}`}
                    toggle={() => setOpen(open === `${row.id}:${at}` ? null : `${row.id}:${at}`)}
                    name={DESTINATIONS[at]?.name ?? ''}
                  />
                </td>
              ))}
            </tr>
            {open?.startsWith(`${row.id}:`) && <OpenFit row={row} at={Number(open.split(':')[1])} />}
          </Fragment>
        ))}
      </tbody>
    </table>
  )
}

function FitCell({
  fit,
  open,
  toggle,
  name,
}: {
  readonly fit: Fit
  readonly open: boolean
  readonly toggle: () => void
  readonly name: string
}) {
  if (fit.verdict === 'as-is')
    return (
      <span className="text-muted">
        <span aria-hidden="true">· </span>as is
      </span>
    )
  const cannot = fit.verdict === 'cannot'
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-label={`${name}: ${cannot ? 'cannot' : 'changes'}`}
      onClick={toggle}
      className={`text-left ${cannot ? 'font-semibold text-beet' : 'text-mustard-ink'} underline decoration-dotted underline-offset-2`}
    >
      <span aria-hidden="true">{cannot ? '◆ ' : '◐ '}</span>
      {cannot ? (
        'cannot'
      ) : fit.reasons.length === 1 ? (
        <span className="text-xs">{fit.reasons[0]?.says}</span>
      ) : (
        counted(fit.reasons.length, 'change', 'changes')
      )}
    </button>
  )
}

function OpenFit({ row, at }: { readonly row: Row; readonly at: number }) {
  const destination: Destination | undefined = DESTINATIONS[at]
  const fit = row.fits[at]
  return (
    <tr className="border-b border-line bg-here">
      <td />
      <td colSpan={1 + DESTINATIONS.length} className="pb-3">
        <p className="text-muted">For {destination?.name} only; the bank stays as it is.</p>
        <ul className="list-disc pl-5">
          {fit?.reasons.map((reason) => (
            <li key={reason.feature}>{reason.says}.</li>
          ))}
        </ul>
        {fit?.reasons.some((reason) => reason.feature === 'no-key') && (
          <Link to={`/bank/${row.id}`} className="underline">
            Give it a key
          </Link>
        )}
      </td>
    </tr>
  )
}

interface AskProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly unsigned: number
  readonly open: boolean
  readonly close: () => void
}

function UnsignedQuestion({
  unsigned,
  include,
  set,
}: {
  readonly unsigned: number
  readonly include: boolean
  readonly set: (include: boolean) => void
}) {
  if (!unsigned) return null
  return (
    <div className="my-3 border-l-4 border-beet pl-3">
      <p>
        <b>{counted(unsigned, 'item is', 'items are')} not signed off.</b> Nobody has vouched for{' '}
        {unsigned === 1 ? 'it' : 'them'} yet.
      </p>
      <label className="block pt-1">
        <input type="radio" checked={!include} onChange={() => set(false)} className="mr-2 accent-ink" />
        Leave {unsigned === 1 ? 'it' : 'them'} out
      </label>
      <label className="block">
        <input type="radio" checked={include} onChange={() => set(true)} className="mr-2 accent-ink" />
        Take {unsigned === 1 ? 'it' : 'them'} along
      </label>
    </div>
  )
}

function SendDialog({ paper, rows, unsigned, open, close }: AskProps) {
  const { send } = useDispatchChanges()
  const navigate = useNavigate()
  const [into, setInto] = useState<'quiz' | 'bank'>('quiz')
  const [include, setInclude] = useState(false)
  const [id] = useState(() => crypto.randomUUID())
  const cannot = rows.filter((row) => row.fits[0]?.verdict === 'cannot').length
  const going = rows.filter((row) => row.fits[0]?.verdict !== 'cannot' && (include || row.signed)).length
  return (
    <Dialog open={open} close={close} title={`Send “${paper.title}” to Breakwater`}>
      <fieldset>
        <legend className="text-xs font-semibold text-muted">As</legend>
        <label className="block">
          <input type="radio" checked={into === 'quiz'} onChange={() => setInto('quiz')} className="mr-2 accent-ink" />a
          quiz that students take
        </label>
        <label className="block">
          <input type="radio" checked={into === 'bank'} onChange={() => setInto('bank')} className="mr-2 accent-ink" />
          items in an item bank there
        </label>
      </fieldset>
      <UnsignedQuestion unsigned={unsigned} include={include} set={setInclude} />
      {cannot > 0 && <p className="my-2">{counted(cannot, 'item', 'items')} cannot go and will be left out.</p>}
      {send.error && (
        <p role="alert" className="my-2 text-beet">
          ◆ {send.error.message}
        </p>
      )}
      <div className="mt-4 flex gap-2">
        <Button
          tone="lead"
          disabled={send.isPending || going === 0}
          onClick={() =>
            send.mutate(
              { id, paperId: paper.id, into, includeUnsigned: include },
              { onSuccess: (delivery) => void navigate(`/dispatch/${delivery.id}`) },
            )
          }
        >
          Send {counted(going, 'item', 'items')}
        </Button>
        <Button onClick={close}>Leave</Button>
      </div>
    </Dialog>
  )
}

function DownloadDialog({ paper, rows, unsigned, open, close }: AskProps) {
  const [include, setInclude] = useState(false)
  const tell = useTell()
  const files = DESTINATIONS.map((destination, at) => ({ destination, at })).filter(
    ({ destination }) => destination.id !== 'breakwater',
  )
  return (
    <Dialog open={open} close={close} title={`Download “${paper.title}”`}>
      <UnsignedQuestion unsigned={unsigned} include={include} set={setInclude} />
      <ul className="grid gap-2">
        {files.map(({ destination, at }) => {
          const going = rows.filter((row) => include || row.signed)
          const changed = going.filter((row) => row.fits[at]?.verdict === 'changes').length
          const cannot = going.filter((row) => row.fits[at]?.verdict === 'cannot').length
          return (
            <li key={destination.id} className="flex items-center gap-3 border-t border-line pt-2">
              <span className="flex-1">
                <b>{destination.name}</b> <span className="text-muted">{destination.what}</span>
                <span className="block text-xs text-muted">
                  {counted(going.length - cannot, 'item', 'items')}
                  {changed > 0 && `, ${changed} with changes`}
                  {cannot > 0 && `, ${cannot} left out`}
                </span>
              </span>
              <a
                className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge"
                href={`/api/papers/${paper.id}/file?format=${destination.format}&unsigned=${include}`}
                download
                onClick={() => tell(`${destination.name} is on its way to your downloads.`)}
              >
                Download
              </a>
            </li>
          )
        })}
      </ul>
    </Dialog>
  )
}
