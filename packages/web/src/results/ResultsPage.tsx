import { format } from 'date-fns'
import { Link } from 'react-router'
import { useDeliveries } from '../dispatch/queries'
import { nounOf, serviceName } from '../dispatch/words'
import { Head } from '../frame/Frame'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'

/** Deliveries that students can take. */
export function ResultsPage() {
  const deliveries = useDeliveries()
  const quizzes = deliveries.data?.filter((delivery) => delivery.address !== null) ?? []
  return (
    <>
      <Head
        title="Results"
        about={deliveries.data && counted(quizzes.length, 'paper handed out', 'papers handed out')}
      />
      <div className="min-h-0 flex-1 overflow-y-auto">
        {deliveries.isPending && <Waiting what="the results" />}
        {deliveries.isError && <Problem error={deliveries.error} again={() => void deliveries.refetch()} />}
        {deliveries.data && quizzes.length === 0 && (
          <Empty title="Nothing to bring back yet">
            <p>Once a paper was sent as a form, quiz or game, its responses are fetched here.</p>
            <p className="mt-4">
              <Link className="underline" to="/dispatch">
                Go to Dispatch
              </Link>
            </p>
          </Empty>
        )}
        <ul aria-label="Quizzes">
          {quizzes.map((quiz) => (
            <li
              key={quiz.id}
              className="flex items-center gap-4 border-b border-line px-3 py-2.5 focus-within:bg-here hover:bg-here sm:px-[18px]"
            >
              <Link to={`/results/${quiz.id}`} className="min-w-0 flex-1 font-text text-base font-medium">
                {quiz.title}
              </Link>
              <span className="text-muted">
                {quiz.connectionName || serviceName(quiz.destination)}, {nounOf(quiz.destination)},{' '}
                {format(quiz.createdAt, 'd MMM')}
              </span>
              <span className="w-40 text-right">
                {quiz.responseCount === null ? (
                  <span className="text-mustard-ink">◐ not fetched yet</span>
                ) : (
                  counted(quiz.responseCount, 'response', 'responses')
                )}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </>
  )
}
