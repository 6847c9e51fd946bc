import { Link } from 'react-router'
import { Head } from '../parts/Head'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted, pointsText } from '../parts/item-words'
import { usePapers } from '../papers/queries'
import { Connections } from './Connections'
import { DeliveryLine } from './DeliveryLine'
import { useDeliveries } from './queries'

/** What can be sent, where to, and what went where. */
export function DispatchPage() {
  const deliveries = useDeliveries()
  const papers = usePapers()
  const loud = deliveries.data?.filter(({ disagreeing }) => disagreeing).length ?? 0
  return (
    <>
      <Head
        title="Dispatch"
        about={
          deliveries.data &&
          `${counted(deliveries.data.length, 'delivery', 'deliveries')}${loud ? ` · ◆ ${counted(loud, 'grades', 'grade')} otherwise there` : ''}`
        }
      />
      <div className="grid min-h-0 flex-1 content-start gap-x-10 overflow-y-auto px-3 sm:px-[18px] lg:grid-cols-[1fr_1fr]">
        <div className="py-4">
          <section aria-label="Papers to send">
            <h2 className="mb-1 text-[15px] font-semibold">Papers to send</h2>
            {papers.isPending && <Waiting what="the papers" />}
            {papers.data?.length === 0 && <Empty title="No papers yet">Put a paper together first.</Empty>}
            <ul>
              {papers.data?.map((paper) => (
                <li key={paper.id} className="flex items-baseline gap-3 border-b border-line py-2">
                  <Link to={`/dispatch/paper/${paper.id}`} className="min-w-0 flex-1 font-text text-base font-medium">
                    {paper.title}
                  </Link>
                  <span className="text-muted">
                    {counted(paper.itemCount, 'item', 'items')} · {pointsText(paper.points)}
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <Connections />
        </div>
        <section className="py-4" aria-label="What went where">
          <h2 className="mb-1 text-[15px] font-semibold">What went where</h2>
          {deliveries.isPending && <Waiting what="the deliveries" />}
          {deliveries.isError && <Problem error={deliveries.error} again={() => void deliveries.refetch()} />}
          {deliveries.data?.length === 0 && (
            <p className="py-4 text-muted">Nothing was sent yet. Choose a paper, see what fits, and send it.</p>
          )}
          <ul>
            {deliveries.data?.map((delivery) => (
              <DeliveryLine key={delivery.id} delivery={delivery} />
            ))}
          </ul>
        </section>
      </div>
    </>
  )
}
