import { format } from 'date-fns'
import { NavLink, useParams } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { HeatTable } from './charts/HeatTable'
import { HandOnView } from './HandOnView'
import { ItemsView } from './ItemsView'
import { KeyView } from './KeyView'
import { PersonView } from './PersonView'
import { type Sitting, useLooked, useSitting, useSittingChanges } from './queries'
import { ReadingView } from './ReadingView'
import { sourceText } from './ResultsPage'
import { ScoresView } from './ScoresView'
import { TakingView } from './TakingView'
import type { ViewProps } from './view-props'

/** One sitting: its scores, items and people, its key, and what goes elsewhere. */
export function SittingDeskPage() {
  const { id = '', view = 'scores', attempt } = useParams()
  const sitting = useSitting(id)
  if (sitting.isPending) return <Waiting what="the results" />
  if (sitting.isError) return <Problem error={sitting.error} again={() => void sitting.refetch()} />
  return <SittingDesk sitting={sitting.data} view={attempt === undefined ? view : 'people'} attemptId={attempt} />
}

const VIEWS = [
  ['scores', 'Scores'],
  ['items', 'Items'],
  ['people', 'Everybody'],
  ['reading', 'To read'],
  ['key', 'Key and points'],
  ['out', 'Hand on'],
] as const

function SittingDesk({
  sitting,
  view,
  attemptId,
}: {
  readonly sitting: Sitting
  readonly view: string
  readonly attemptId: string | undefined
}) {
  const looked = useLooked(sitting)
  if (!looked) return <Waiting what="the figures" />
  const waiting = looked.analysis.figures.items.reduce((sum, item) => sum + item.waiting, 0)
  const { fetchedAt, source } = sitting
  return (
    <>
      <Head
        title={sitting.title}
        about={[
          sourceText(sitting),
          counted(looked.counted.length, 'person', 'people'),
          ...(sitting.underWay ? [`${sitting.underWay} under way`] : []),
          ...(fetchedAt && source === 'delivery' ? [`fetched ${format(fetchedAt, 'd MMM HH:mm')}`] : []),
        ].join(' · ')}
      >
        {source === 'delivery' && <FetchAgain id={sitting.id} />}
      </Head>
      <nav
        aria-label="Views of the results"
        className="flex shrink-0 gap-x-1 overflow-x-auto border-b border-line px-3 sm:px-[18px] print:hidden"
      >
        {[...(source === 'here' ? ([['taking', 'Handing out']] as const) : []), ...VIEWS].map(([name, label]) => (
          <NavLink
            key={name}
            to={name === 'scores' ? `/results/${sitting.id}` : `/results/${sitting.id}/${name}`}
            end={name !== 'people'}
            className={({ isActive }) =>
              `border-b-2 px-2.5 py-1.5 whitespace-nowrap ${isActive ? 'border-mustard font-semibold' : 'border-transparent text-muted hover:text-ink'}`
            }
          >
            {label}
            {name === 'reading' && waiting > 0 && <span className="ml-1 text-mustard-ink">◐ {waiting}</span>}
          </NavLink>
        ))}
      </nav>
      <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
        <View {...{ sitting, looked, view, attemptId }} />
      </div>
    </>
  )
}

function View({
  sitting,
  looked,
  view,
  attemptId,
}: ViewProps & { readonly view: string; readonly attemptId: string | undefined }) {
  if (view === 'taking') return <TakingView sitting={sitting} />
  if (!looked.counted.length)
    return (
      <Empty title="Nobody has handed in yet">
        {sitting.source === 'here'
          ? 'Give the class the address; what is handed in appears here by itself.'
          : 'Fetch again later.'}
      </Empty>
    )
  switch (view) {
    case 'items':
      return <ItemsView sitting={sitting} looked={looked} />
    case 'people':
      return attemptId === undefined ? (
        <div className="bg-sheet px-3 py-3 sm:px-[18px]">
          <HeatTable looked={looked} sittingId={sitting.id} />
        </div>
      ) : (
        <PersonView sitting={sitting} looked={looked} attemptId={attemptId} />
      )
    case 'reading':
      return <ReadingView sitting={sitting} looked={looked} />
    case 'key':
      return <KeyView sitting={sitting} looked={looked} />
    case 'out':
      return <HandOnView sitting={sitting} looked={looked} />
    default:
      return <ScoresView sitting={sitting} looked={looked} />
  }
}

function FetchAgain({ id }: { readonly id: string }) {
  const { fetch } = useSittingChanges(id)
  const tell = useTell()
  return (
    <Button
      className="print:hidden"
      disabled={fetch.isPending}
      onClick={() =>
        fetch.mutate(undefined, {
          onSuccess: ({ fresh, known }) =>
            tell(
              fresh
                ? `${counted(fresh, 'response', 'responses')} came in; ${known} were here before.`
                : 'Nothing new came in.',
            ),
          onError: (error) => tell(error.message, { tone: 'trouble' }),
        })
      }
    >
      {fetch.isPending ? 'Fetching …' : 'Fetch again'}
    </Button>
  )
}
