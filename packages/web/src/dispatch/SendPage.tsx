import {
  DESTINATIONS,
  fitItem,
  fitPaper,
  inPaper,
  isFormatId,
  KIND_NAMES,
  plainText,
  planOf,
  remedied,
  REMEDIES,
  type Destination,
  type Fit,
  type Item,
  type RemedyId,
} from '@zakuska/core'
import { Fragment, useMemo, useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { Dialog } from '../parts/Dialog'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { asKept, counted, pointsText } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { usePaper, type Paper } from '../papers/queries'
import { DeliveryLine } from './DeliveryLine'
import {
  useColumnLayouts,
  useConnection,
  useDeliveries,
  useDispatchChanges,
  useFileProofs,
  type FileProof,
} from './queries'

export function SendPage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  if (paper.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  return <Send paper={paper.data} />
}

/** Something that an item is compared with, and what was accepted to make it fit. */
interface Column {
  readonly destination: Destination
  readonly fit: Fit
  /** Remedies that were accepted for this item there. */
  readonly taken: readonly RemedyId[]
  /** How many items it becomes there. */
  readonly becomes: number
}

interface Row {
  readonly id: string
  readonly body: Item
  readonly signed: boolean
  /** One for each destination, in the order of `DESTINATIONS`. */
  readonly columns: readonly Column[]
}

/** Accepted remedies by destination and item, as `destination:item`. */
type Accepted = Readonly<Record<string, readonly RemedyId[]>>

const SHOWN_FIRST = ['breakwater', 'qti21', 'gift', 'form']

/** What fits where is said before anything is sent; nothing changes that was not accepted. */
function Send({ paper }: { readonly paper: Paper }) {
  const [accepted, setAccepted] = useState<Accepted>({})
  const rows = useMemo(() => rowsOf(paper, accepted), [paper, accepted])
  const [search, setSearch] = useSearchParams()
  const shown = search.get('for')?.split(',') ?? SHOWN_FIRST
  const show = (id: string, on: boolean): void => {
    const next = DESTINATIONS.map((one) => one.id as string).filter((one) => (one === id ? on : shown.includes(one)))
    if (next.length) setSearch({ for: next.join(',') }, { replace: true })
  }
  const deliveries = useDeliveries()
  const connection = useConnection()
  const [asking, setAsking] = useState<'send' | 'download' | null>(null)
  const unsigned = rows.filter((row) => !row.signed).length
  const own = deliveries.data?.filter((delivery) => delivery.paperId === paper.id) ?? []
  const points = rows.reduce((sum, row) => sum + row.body.points, 0)
  const dialog = { paper, rows, unsigned, accepted, close: () => setAsking(null) }
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
        <May right="dispatch" to="send">
          <Button tone="lead" disabled={!rows.length || !connection.data?.hasToken} onClick={() => setAsking('send')}>
            Send to Breakwater
          </Button>
        </May>
      </Head>
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_280px] lg:overflow-hidden">
        <section aria-label="Fit" className="min-w-0 overflow-x-auto px-2 py-1 lg:overflow-y-auto" tabIndex={0}>
          {rows.length ? (
            <>
              <ComparedWith shown={shown} show={show} />
              <FitTable paper={paper} rows={rows} shown={shown} accepted={accepted} accept={setAccepted} />
            </>
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
      <SendDialog {...dialog} open={asking === 'send'} />
      <DownloadDialog {...dialog} open={asking === 'download'} />
    </>
  )
}

function rowsOf(paper: Paper, accepted: Accepted): Row[] {
  return paper.entries.flatMap((entry, index) => {
    const item = paper.items[index]
    if (!item) return []
    const body = inPaper(asKept(item.body), entry, paper.shuffleOptions)
    const columns = DESTINATIONS.map((destination) =>
      columnOf(destination, body, accepted[`${destination.id}:${item.id}`] ?? []),
    )
    return [{ id: item.id, body, signed: item.signOff !== null, columns }]
  })
}

/** The fit of what an item becomes: where remedies split it, that of the part which fits least. */
function columnOf(destination: Destination, body: Item, taken: readonly RemedyId[]): Column {
  const parts = remedied(body, taken)
  const fits = parts.map((part) => fitItem(part, destination.limits))
  const worst = fits.find((fit) => fit.verdict === 'cannot') ?? fits.find((fit) => fit.verdict === 'changes') ?? fits[0]
  return { destination, fit: worst ?? { verdict: 'as-is', reasons: [] }, taken, becomes: parts.length }
}

function ComparedWith({
  shown,
  show,
}: {
  readonly shown: readonly string[]
  readonly show: (id: string, on: boolean) => void
}) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1 px-1 pt-2 pb-1">
      <legend className="sr-only">Compared with</legend>
      <span className="text-muted">Compared with</span>
      {DESTINATIONS.map((destination) => (
        <label key={destination.id}>
          <input
            type="checkbox"
            checked={shown.includes(destination.id)}
            onChange={(event) => show(destination.id, event.target.checked)}
            className="mr-1 accent-ink"
          />
          {destination.name}
        </label>
      ))}
    </fieldset>
  )
}

interface FitTableProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly shown: readonly string[]
  readonly accepted: Accepted
  readonly accept: (accepted: Accepted) => void
}

function FitTable({ paper, rows, shown, accepted, accept }: FitTableProps) {
  const [open, setOpen] = useState<string | null>(null)
  const columns = DESTINATIONS.filter((destination) => shown.includes(destination.id))
  return (
    <table className="w-full border-collapse" style={{ minWidth: `${280 + columns.length * 108}px` }}>
      <thead>
        <tr className="border-b border-ink text-left align-bottom">
          <th className="w-10 py-2">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-2 font-semibold">Item</th>
          {columns.map((destination) => (
            <th key={destination.id} className="w-32 py-2 pr-2 font-semibold">
              {destination.name}
              <span className="block text-[11px] font-normal text-muted">{destination.what}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <PaperFit paper={paper} columns={columns} />
        {rows.map((row, index) => {
          const own = row.columns.filter((column) => shown.includes(column.destination.id))
          const opened = own.find((column) => open === `${row.id}:${column.destination.id}`)
          return (
            <Fragment key={row.id}>
              <tr className={`border-b border-line align-top ${opened ? 'bg-here' : ''}`}>
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
                {own.map((column) => {
                  const id = `${row.id}:${column.destination.id}`
                  return (
                    <td key={id} className="py-2 pr-2">
                      <FitCell column={column} open={open === id} toggle={() => setOpen(open === id ? null : id)} />
                    </td>
                  )
                })}
              </tr>
              {opened && (
                <OpenFit row={row} column={opened} rows={rows} span={own.length} accepted={accepted} accept={accept} />
              )}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}

/** What of the paper itself does not arrive: its sections, instructions, time and the like. */
function PaperFit({ paper, columns }: { readonly paper: Paper; readonly columns: readonly Destination[] }) {
  const [open, setOpen] = useState<string | null>(null)
  const plan = planOf(paper, paper.entries)
  const about = [
    paper.sections.length ? counted(paper.sections.length, 'section', 'sections') : '',
    plan.instructions.trim() ? 'instructions' : '',
    paper.identity.join(', '),
    paper.timeLimit === null ? '' : counted(paper.timeLimit, 'minute', 'minutes'),
    paper.attempts === null ? '' : counted(paper.attempts, 'attempt', 'attempts'),
    paper.shuffleItems ? 'items mixed' : '',
  ]
  const opened = columns.find((destination) => destination.id === open)
  const losses = opened ? fitPaper(plan, opened.paper) : []
  return (
    <>
      <tr className={`border-b border-line align-top ${opened ? 'bg-here' : ''}`}>
        <td />
        <td className="py-2 pr-3">
          The paper itself
          <span className="block text-xs text-muted">{about.filter(Boolean).join(' · ') || 'its items in order'}</span>
        </td>
        {columns.map((destination) => {
          const count = fitPaper(plan, destination.paper).length
          return (
            <td key={destination.id} className="py-2 pr-2">
              {count === 0 ? (
                <AsIs />
              ) : (
                <button
                  type="button"
                  aria-expanded={open === destination.id}
                  aria-label={`The paper itself, ${destination.name}: changes`}
                  onClick={() => setOpen(open === destination.id ? null : destination.id)}
                  className="text-left text-mustard-ink underline decoration-dotted underline-offset-2"
                >
                  <span aria-hidden="true">◐ </span>
                  {counted(count, 'change', 'changes')}
                </button>
              )}
            </td>
          )
        })}
      </tr>
      {opened && (
        <tr className="border-b border-line bg-here">
          <td />
          <td colSpan={1 + columns.length} className="pb-3">
            <p className="text-muted">What {opened.name} does not take over from the paper:</p>
            <ul className="grid gap-1 pt-1">
              {losses.map((loss) => (
                <li key={loss.feature}>– {loss.says}.</li>
              ))}
            </ul>
          </td>
        </tr>
      )}
    </>
  )
}

function AsIs() {
  return (
    <span className="text-muted">
      <span aria-hidden="true">· </span>as is
    </span>
  )
}

function FitCell({
  column: { destination, fit, taken, becomes },
  open,
  toggle,
}: {
  readonly column: Column
  readonly open: boolean
  readonly toggle: () => void
}) {
  if (fit.verdict === 'as-is' && !taken.length) return <AsIs />
  const cannot = fit.verdict === 'cannot'
  const tone = cannot
    ? 'font-semibold text-beet'
    : taken.length && fit.verdict === 'as-is'
      ? 'text-dill'
      : 'text-mustard-ink'
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-label={`${destination.name}: ${fit.verdict === 'as-is' ? 'fits with a remedy' : cannot ? 'cannot' : 'changes'}`}
      onClick={toggle}
      className={`text-left ${tone} underline decoration-dotted underline-offset-2`}
    >
      <span aria-hidden="true">{cannot ? '◆ ' : fit.verdict === 'as-is' ? '✓ ' : '◐ '}</span>
      {cannot ? (
        'cannot'
      ) : fit.verdict === 'as-is' ? (
        'fits'
      ) : fit.reasons.length === 1 ? (
        <span className="text-xs">{fit.reasons[0]?.says}</span>
      ) : (
        counted(fit.reasons.length, 'change', 'changes')
      )}
      {taken.length > 0 && (
        <span className="block text-xs font-normal">{becomes > 1 ? `as ${becomes} items` : 'with a remedy'}</span>
      )}
    </button>
  )
}

interface OpenFitProps {
  readonly row: Row
  readonly column: Column
  readonly rows: readonly Row[]
  readonly span: number
  readonly accepted: Accepted
  readonly accept: (accepted: Accepted) => void
}

function OpenFit({ row, column, rows, span, accepted, accept }: OpenFitProps) {
  const { destination, fit, taken } = column
  const name = (id: string): string => `${destination.id}:${id}`
  const take = (remedy: RemedyId, ids: readonly string[]): void =>
    accept({
      ...accepted,
      ...Object.fromEntries(ids.map((id) => [name(id), [...(accepted[name(id)] ?? []), remedy]])),
    })
  const alike = (remedy: RemedyId): string[] =>
    rows.flatMap((one) => {
      const there = one.columns.find((other) => other.destination === destination)
      const asks = there?.fit.reasons.some((reason) => reason.remedy === remedy)
      return asks && REMEDIES[remedy].suits(one.body) ? [one.id] : []
    })
  return (
    <tr className="border-b border-line bg-here">
      <td />
      <td colSpan={1 + span} className="pb-3">
        <p className="text-muted">For {destination.name} only; the bank stays as it is.</p>
        <ul className="grid gap-1 pt-1">
          {fit.reasons.map((reason) => {
            const { remedy } = reason
            const suits = remedy !== undefined && REMEDIES[remedy].suits(row.body)
            const others = remedy === undefined ? [] : alike(remedy)
            return (
              <li key={reason.feature} className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
                <span>– {reason.says}.</span>
                {suits && (
                  <Button className="!py-0" onClick={() => take(remedy, [row.id])}>
                    {REMEDIES[remedy].label}
                  </Button>
                )}
                {suits && others.length > 1 && (
                  <Button tone="quiet" className="!py-0" onClick={() => take(remedy, others)}>
                    the same for all {others.length}
                  </Button>
                )}
                {reason.feature === 'no-key' && (
                  <Link to={`/bank/${row.id}`} className="underline">
                    Give it a key
                  </Link>
                )}
              </li>
            )
          })}
        </ul>
        {taken.length > 0 && (
          <p className="flex flex-wrap items-baseline gap-3 pt-1">
            <span>
              Accepted: {taken.map((id) => REMEDIES[id].label.toLowerCase()).join(', ')}
              {column.becomes > 1 && `; it becomes ${column.becomes} items`}.
            </span>
            <Button tone="quiet" className="!py-0" onClick={() => accept({ ...accepted, [name(row.id)]: [] })}>
              Take back
            </Button>
          </p>
        )}
      </td>
    </tr>
  )
}

/** Accepted remedies as the server takes them. */
function remedyList(accepted: Accepted, of: (destination: string) => boolean): string {
  return Object.entries(accepted)
    .filter(([name]) => of(name.split(':')[0] ?? ''))
    .flatMap(([name, remedies]) => remedies.map((remedy) => `${name}:${remedy}`))
    .join(',')
}

interface AskProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly unsigned: number
  readonly accepted: Accepted
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

function SendDialog({ paper, rows, unsigned, accepted, open, close }: AskProps) {
  const { send } = useDispatchChanges()
  const navigate = useNavigate()
  const [into, setInto] = useState<'quiz' | 'bank'>('quiz')
  const [include, setInclude] = useState(false)
  const [id] = useState(() => crypto.randomUUID())
  const there = (row: Row): Column | undefined => row.columns.find((one) => one.destination.id === 'breakwater')
  const cannot = rows.filter((row) => there(row)?.fit.verdict === 'cannot').length
  const going = rows
    .filter((row) => there(row)?.fit.verdict !== 'cannot' && (include || row.signed))
    .reduce((sum, row) => sum + (there(row)?.becomes ?? 1), 0)
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
              {
                id,
                paperId: paper.id,
                into,
                includeUnsigned: include,
                remedies: remedyList(accepted, (destination) => destination === 'breakwater'),
              },
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

const FILES = DESTINATIONS.filter((destination) => destination.file !== null && destination.id !== 'breakwater')

function DownloadDialog({ paper, rows, unsigned, accepted, open, close }: AskProps) {
  const [include, setInclude] = useState(false)
  const [chosen, setChosen] = useState<readonly string[]>([])
  const layouts = useColumnLayouts()
  const [layout, setLayout] = useState('')
  const hasTable = chosen.includes('csv') || chosen.includes('xlsx')
  const tell = useTell()
  const going = rows.filter((row) => include || row.signed)
  const asked = {
    formats: chosen.join(','),
    unsigned: include ? ('true' as const) : ('false' as const),
    remedies: remedyList(accepted, (destination) => chosen.includes(destination)),
    ...(hasTable && layout && { layout }),
  }
  const query = new URLSearchParams(asked)
  const proofs = useFileProofs(paper, asked)
  const toggle = (id: string, on: boolean): void =>
    setChosen(FILES.map((one) => one.id as string).filter((one) => (one === id ? on : chosen.includes(one))))
  return (
    <Dialog open={open} close={close} title={`Download “${paper.title}”`} wide>
      <UnsignedQuestion unsigned={unsigned} include={include} set={setInclude} />
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <fieldset>
          <legend className="text-xs font-semibold text-muted">Files; several come as one zip</legend>
          {FILES.map((destination) => (
            <label key={destination.id} className="flex items-baseline gap-2 border-t border-line py-1">
              <input
                type="checkbox"
                checked={chosen.includes(destination.id)}
                onChange={(event) => toggle(destination.id, event.target.checked)}
                className="accent-ink"
              />
              <span>
                <b>{destination.name}</b> <span className="text-muted">{destination.what}</span>
                <span className="block text-xs text-muted">{goingText(going, destination)}</span>
                {chosen.includes(destination.id) && isFormatId(destination.id) && (
                  <ProofText
                    proof={proofs.data?.find((one) => one.format === destination.id)}
                    pending={proofs.isFetching}
                    failed={proofs.isError}
                  />
                )}
              </span>
            </label>
          ))}
        </fieldset>
        <LoadingSteps />
      </div>
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
      <div className="mt-4 flex gap-2">
        {chosen.length ? (
          <a
            className="rounded-[3px] border border-mustard bg-mustard px-3 py-1 font-semibold text-on-mustard"
            href={`/api/papers/${paper.id}/file?${query.toString()}`}
            download
            onClick={() => tell(`${counted(chosen.length, 'file is', 'files are')} on the way to your downloads.`)}
          >
            Download {counted(chosen.length, 'file', 'files')}
          </a>
        ) : (
          <Button tone="lead" disabled>
            Choose a file
          </Button>
        )}
        <Button onClick={close}>Close</Button>
      </div>
    </Dialog>
  )
}

/** Whether every key and every other probe is graded in the file as it is here. */
function ProofText({
  proof,
  pending,
  failed,
}: {
  readonly proof: FileProof | undefined
  readonly pending: boolean
  readonly failed: boolean
}) {
  // A proof of what was chosen before says nothing of what is chosen now.
  if (pending) return <span className="block text-xs text-muted">Proving the keys …</span>
  if (failed)
    return (
      <span role="alert" className="block text-xs text-beet">
        ◆ The keys could not be proven. Close this and try again.
      </span>
    )
  if (!proof?.sent) return null
  const told = proof.announced ? `, ${proof.announced} graded otherwise, as the fit says` : ''
  if (proof.wrong.length)
    return (
      <span role="alert" className="block text-xs text-beet">
        ◆ Not as here: {proof.wrong.map((stem) => `“${stem}”`).join(', ')}
      </span>
    )
  return (
    <span className="block text-xs text-dill">
      ✓ Keys proven: {counted(proof.sent, 'item', 'items')}, {proof.agreeing} of {proof.probes} probes graded as here
      {told}
    </span>
  )
}

function goingText(rows: readonly Row[], destination: Destination): string {
  const columns = rows.flatMap((row) => row.columns.filter((one) => one.destination === destination))
  const cannot = columns.filter((one) => one.fit.verdict === 'cannot').length
  const changed = columns.filter((one) => one.fit.verdict === 'changes').length
  const count = columns.reduce((sum, one) => sum + (one.fit.verdict === 'cannot' ? 0 : one.becomes), 0)
  return [
    counted(count, 'item', 'items'),
    ...(changed ? [`${changed} with changes`] : []),
    ...(cannot ? [`${cannot} left out`] : []),
  ].join(', ')
}

const STEPS = [
  [
    'A course site',
    'Open the item bank or the question list of your course, look for “import”, and choose the format by its name: QTI 2.1 or 1.2 where the site offers it, else GIFT. Give it the file as it is, zip and all.',
  ],
  [
    'An online form',
    'Forms mostly take a table. Load the XLSX or CSV through the form’s own import or an add-on for it, and say which column is which: the headers name them.',
  ],
  [
    'A live game',
    'Games mostly take a table of their own. Open the game’s empty template, and copy the columns over from the XLSX: question, options, key, time limit.',
  ],
] as const

function LoadingSteps() {
  return (
    <section aria-label="How to load a file">
      <h3 className="font-ui text-xs font-semibold text-muted">How to load a file</h3>
      <dl className="grid gap-2 pt-1">
        {STEPS.map(([where, how]) => (
          <div key={where}>
            <dt className="font-semibold">{where}</dt>
            <dd className="text-muted">{how}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
