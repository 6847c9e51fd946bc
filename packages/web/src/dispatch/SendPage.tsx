import { type Destination, DESTINATIONS } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted, pointsText } from '../parts/item-words'
import { type Paper, usePaper, usePapers } from '../papers/queries'
import { May } from '../people/May'
import { DeliveryLine } from './DeliveryLine'
import { DownloadDialog } from './DownloadDialog'
import { type Accepted, acceptedIn, destinationsWith, goingOf, remediedAll, type Row, rowsOf } from './fit-rows'
import { type Course, GoesTo, NO_COURSE } from './GoesTo'
import type { Schemas } from '../api/client'
import {
  type Connection,
  type Delivery,
  type DeliverySummary,
  type DestinationKind,
  useConnections,
  useDeliveries,
  useDelivery,
  useTold,
} from './queries'
import { Fit, SHOWN_FIRST } from './Fit'
import { WhatGoes } from './WhatGoes'
import { SendButton } from './SendButton'

export function SendPage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  const connections = useConnections()
  const deliveries = useDeliveries()
  const [search] = useSearchParams()
  const again = search.get('again')
  const before = useDelivery(again)
  if (again !== null && before.isPending) return <Waiting what="what was sent" />
  if (paper.isPending || connections.isPending || deliveries.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  if (connections.isError) return <Problem error={connections.error} again={() => void connections.refetch()} />
  return (
    <Send
      key={`${id}${again ?? ''}`}
      paper={paper.data}
      connections={connections.data.connections}
      deliveries={deliveries.data ?? []}
      before={before.data?.paperId === id ? before.data : undefined}
    />
  )
}

/** What fits where is said before anything is sent; nothing changes that was not accepted. */
function Send({
  paper,
  connections,
  deliveries,
  before,
}: {
  readonly paper: Paper
  readonly connections: readonly Connection[]
  readonly deliveries: readonly DeliverySummary[]
  /** What is sent again. */
  readonly before: Delivery | undefined
}) {
  const [accepted, setAccepted] = useState<Accepted>(() => acceptedIn(before?.asked?.remedies ?? ''))
  const [search, setSearch] = useSearchParams()
  const [course, setCourse] = useState<Course>(() => ({
    ...NO_COURSE,
    connectionId: firstConnection(connections, deliveries, before),
    ...(before?.asked && {
      includeUnsigned: before.asked.includeUnsigned,
      forAll: { exceptions: [], ...before.asked.forAll },
    }),
  }))
  const change = (part: Partial<Course>): void => setCourse((now) => ({ ...now, ...part }))
  const connection = connections.find(({ id }) => id === course.connectionId)
  const told = useTold(connection?.id).data?.told ?? connection?.told
  const destinations = useMemo(() => destinationsWith(connection?.destination, told), [connection?.destination, told])
  const rows = useMemo(() => rowsOf(paper, accepted, destinations), [paper, accepted, destinations])
  const target = destinations.find(({ id }) => id === connection?.destination)
  const kind = useConnections().data?.destinations.find(({ id }) => id === connection?.destination)
  const shown = shownIn(search.get('for'), connection?.destination)
  const show = (id: string, on: boolean): void => {
    const next = DESTINATIONS.map((one) => one.id as string).filter((one) => (one === id ? on : shown.includes(one)))
    if (next.length) setSearch({ for: next.join(',') }, { replace: true })
  }
  const versions = (usePapers().data ?? []).filter(({ versionOf }) => versionOf === paper.id)
  const [downloading, setDownloading] = useState(false)
  const unsigned = rows.filter((row) => !row.signed).length
  const own = deliveries.filter((delivery) => delivery.paperId === paper.id)
  const points = rows.reduce((sum, row) => sum + row.body.points, 0)
  return (
    <>
      <SendHead
        paper={paper}
        rows={rows}
        points={points}
        unsigned={unsigned}
        setDownloading={setDownloading}
        accepted={accepted}
        course={course}
        connection={connection}
        before={before}
      />
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_300px] lg:overflow-hidden">
        <Fit rows={rows} shown={shown} show={show} paper={paper} accepted={accepted} setAccepted={setAccepted} />
        <Beside
          before={before}
          course={course}
          change={change}
          connections={connections}
          kind={kind}
          rows={rows}
          versions={versions}
          connection={connection}
          target={target}
          accepted={accepted}
          setAccepted={setAccepted}
          own={own}
        />
      </div>
      <DownloadDialog {...{ paper, rows, unsigned, accepted }} open={downloading} close={() => setDownloading(false)} />
    </>
  )
}

function SendHead({
  paper,
  rows,
  points,
  unsigned,
  setDownloading,
  accepted,
  course,
  connection,
  before,
}: {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly points: number
  readonly unsigned: number
  readonly setDownloading: (next: boolean) => void
  readonly accepted: Accepted
  readonly course: Course
  readonly connection: Connection | undefined
  readonly before: Delivery | undefined
}) {
  return (
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
      <Link to={`/results/here/${paper.id}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
        Hand out here…
      </Link>
      <Button disabled={!rows.length} onClick={() => setDownloading(true)}>
        As a file…
      </Button>
      <May right="dispatch" to="send">
        <SendButton {...{ paper, rows, accepted, course, connection, before }} />
      </May>
    </Head>
  )
}

function Beside({
  before,
  course,
  change,
  connections,
  kind,
  rows,
  versions,
  connection,
  target,
  accepted,
  setAccepted,
  own,
}: {
  readonly before: Delivery | undefined
  readonly course: Course
  readonly change: (part: Partial<Course>) => void
  readonly connections: readonly Connection[]
  readonly kind: DestinationKind | undefined
  readonly rows: readonly Row[]
  readonly versions: readonly Schemas['PaperSummaryDto'][]
  readonly connection: Connection | undefined
  readonly target: Destination | undefined
  readonly accepted: Accepted
  readonly setAccepted: (next: Accepted) => void
  readonly own: readonly DeliverySummary[]
}) {
  return (
    <aside className="order-1 border-line bg-sheet px-[18px] py-4 lg:order-2 lg:overflow-y-auto lg:border-l">
      {before && (
        <p className="mb-3 border-l-4 border-mustard pl-3">
          Sent again: only what changed since goes, in its place where the destination can.
        </p>
      )}
      <GoesTo {...{ course, change, connections, kind, rows }} versions={before ? [] : versions} />
      {connection && target && (
        <WhatGoes
          going={goingOf(rows, connection.destination, course.includeUnsigned)}
          remedies={remedyCount(remediedAll(rows, target, accepted), accepted)}
          takeAll={() => setAccepted(remediedAll(rows, target, accepted))}
        />
      )}
      <h2 className="mt-5 text-[15px] font-semibold">What went where</h2>
      {own.length === 0 && <p className="pt-1 text-muted">This paper was not sent yet.</p>}
      <ul>
        {own.map((delivery) => (
          <DeliveryLine key={delivery.id} delivery={delivery} />
        ))}
      </ul>
    </aside>
  )
}

function remedyCount(all: Accepted, now: Accepted): number {
  const count = (accepted: Accepted): number => Object.values(accepted).reduce((sum, taken) => sum + taken.length, 0)
  return count(all) - count(now)
}

/** By which it went last, else the one that was used last of all. */
function firstConnection(
  connections: readonly Connection[],
  deliveries: readonly DeliverySummary[],
  before: DeliverySummary | undefined,
): string {
  const works = (id: string | null | undefined): boolean =>
    connections.some((one) => one.id === id && one.ended === null)
  const last = deliveries.find(({ connectionId }) => works(connectionId))
  const [first] = connections.filter(({ ended }) => ended === null)
  const wanted = [before?.connectionId, last?.connectionId, first?.id].find(works)
  return wanted ?? ''
}

/** Where it goes stands first; then what was chosen to compare with. */
function shownIn(asked: string | null, destination: Destination['id'] | undefined): readonly string[] {
  const chosen = asked?.split(',') ?? SHOWN_FIRST
  return destination === undefined || chosen.includes(destination) ? chosen : [destination, ...chosen]
}
