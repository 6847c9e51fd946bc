import { DESTINATIONS, type Destination } from '@zakuska/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted, pointsText } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { usePaper, usePapers, type Paper } from '../papers/queries'
import { May } from '../people/May'
import { DeliveryLine } from './DeliveryLine'
import { DownloadDialog } from './DownloadDialog'
import {
  acceptedIn,
  destinationsWith,
  goingOf,
  remediedAll,
  remedyList,
  rowsOf,
  type Accepted,
  type Going,
  type Row,
} from './fit-rows'
import { ComparedWith, FitTable } from './FitTable'
import { GoesTo, NO_COURSE, type Course } from './GoesTo'
import {
  useConnections,
  useDeliveries,
  useDelivery,
  useDispatchChanges,
  useTold,
  type Connection,
  type Delivery,
  type DeliverySummary,
} from './queries'

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

/** Compared with besides where it goes, until somebody chooses. */
const SHOWN_FIRST = ['qti21', 'gift', 'form']

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
      <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[1fr_300px] lg:overflow-hidden">
        <section
          aria-label="Fit"
          className="order-2 min-w-0 overflow-x-auto px-2 py-1 lg:order-1 lg:overflow-y-auto"
          tabIndex={0}
        >
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
      </div>
      <DownloadDialog {...{ paper, rows, unsigned, accepted }} open={downloading} close={() => setDownloading(false)} />
    </>
  )
}

/** In one line what leaves, and one step for what cannot as it is. */
function WhatGoes({
  going,
  remedies,
  takeAll,
}: {
  readonly going: Going
  /** Remedies that would help where something cannot go. */
  readonly remedies: number
  readonly takeAll: () => void
}) {
  const { count, changed, left } = going
  return (
    <div className="mt-3 border-t border-line pt-2" role="status">
      <p>
        {counted(count, 'item goes', 'items go')}
        {changed > 0 && `, ${changed} with changes`}
        {left > 0 && (
          <span className="text-beet">
            ; <span aria-hidden="true">◆ </span>
            {counted(left, 'cannot and stays', 'cannot and stay')} behind
          </span>
        )}
        .
      </p>
      {left > 0 && remedies > 0 && (
        <Button className="mt-1" onClick={takeAll}>
          Take the remedies for {left === 1 ? 'it' : 'them'}
        </Button>
      )}
    </div>
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

interface SendButtonProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly accepted: Accepted
  readonly course: Course
  readonly connection: Connection | undefined
  readonly before: DeliverySummary | undefined
}

/** The one next step; where one comes straight from a draft or the bank, it waits for Enter. */
function SendButton({ paper, rows, accepted, course, connection, before }: SendButtonProps) {
  const { send } = useDispatchChanges()
  const navigate = useNavigate()
  const tell = useTell()
  const [search] = useSearchParams()
  const [ids] = useState<Map<string, string>>(() => new Map())
  const button = useRef<HTMLButtonElement>(null)
  const isStraight = search.has('straight') || before !== undefined
  useEffect(() => {
    if (isStraight) button.current?.focus()
  }, [isStraight])
  const { count: going } = goingOf(rows, connection?.destination, course.includeUnsigned)
  const papers = course.versions.length ? course.versions : [paper.id]
  const isReady = connection && going > 0 && !(course.into === 'add' && !course.addTo && !before)
  const go = async (): Promise<void> => {
    if (!connection || send.isPending) return
    const { connectionId, into, addTo, addAt, includeUnsigned, forAll } = course
    const isSet = Object.keys(forAll).some((name) => name !== 'exceptions')
    try {
      const sent = []
      for (const paperId of papers) {
        // The same delivery however often the button is pressed, and however the answer gets lost.
        const id = ids.get(paperId) ?? crypto.randomUUID()
        ids.set(paperId, id)
        const given = {
          ...{ id, paperId, connectionId, into, includeUnsigned },
          ...(into === 'add' && { addTo, ...(addAt !== null && { addAt }) }),
          remedies: remedyList(accepted, (destination) => destination === connection.destination),
          ...(isSet && { forAll }),
          ...(before && paperId === before.paperId && { again: before.id }),
        }
        sent.push(await send.mutateAsync(given))
      }
      const [only, ...others] = sent
      void navigate(only && !others.length ? `/dispatch/${only.id}` : '/dispatch')
      if (others.length) tell(`${sent.length} versions are on their way, each on its own.`)
    } catch (error) {
      tell(error instanceof Error ? error.message : 'It was not sent.', { tone: 'trouble' })
    }
  }
  return (
    <Button ref={button} tone="lead" disabled={!isReady || send.isPending} onClick={() => void go()}>
      {send.isPending
        ? 'Sending …'
        : papers.length > 1 || course.versions.length
          ? `Send ${counted(papers.length, 'version', 'versions')} to ${connection?.name ?? '…'}`
          : before
            ? `Send again to ${connection?.name ?? '…'}`
            : `Send ${counted(going, 'item', 'items')} to ${connection?.name ?? '…'}`}
    </Button>
  )
}
