import { plainText, type Attempt, type ItemFigures, type Item, type PaperFigures } from '@zakuska/core'
import { format } from 'date-fns'
import { Fragment, useState } from 'react'
import { useParams } from 'react-router'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted, letterOf } from '../parts/item-words'
import { KeyGlyph } from '../parts/KeyGlyph'
import { useFetchResponses, useResults } from './queries'
import { ScoreStrip } from './ScoreStrip'

/** Scores and figures of one delivery. */
export function ResultsDeskPage() {
  const { id = '' } = useParams()
  const results = useResults(id)
  const fetchAll = useFetchResponses(id)
  if (results.isPending) return <Waiting what="the results" />
  if (results.isError) return <Problem error={results.error} again={() => void results.refetch()} />
  const figures = results.data.figures as unknown as PaperFigures | null
  const items = results.data.items as unknown as readonly Item[]
  const attempts = results.data.attempts as unknown as readonly Attempt[]
  return (
    <>
      <Head
        title={results.data.title}
        about={
          results.data.fetchedAt
            ? `${counted(attempts.length, 'response', 'responses')}, fetched ${format(results.data.fetchedAt, 'd MMM HH:mm')} · key from the items`
            : 'not fetched yet'
        }
      >
        <Button tone={figures ? 'plain' : 'lead'} disabled={fetchAll.isPending} onClick={() => fetchAll.mutate()}>
          {fetchAll.isPending ? 'Fetching …' : figures ? 'Fetch again' : 'Fetch responses'}
        </Button>
        {figures && (
          <a
            href={`/api/deliveries/${id}/results/sheet.csv`}
            download
            className="rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard"
          >
            Results sheet (CSV)
          </a>
        )}
      </Head>
      {fetchAll.error && <Problem error={fetchAll.error} />}
      {!figures && (
        <Empty title="No responses fetched yet">
          When the class has handed in, fetch the responses: scores and figures appear here.
        </Empty>
      )}
      {figures && figures.attempts.length === 0 && <Empty title="Nobody has handed in yet">Fetch again later.</Empty>}
      {figures && figures.attempts.length > 0 && <Figures figures={figures} items={items} attempts={attempts} />}
    </>
  )
}

const LOW = 0.5

function Figures({
  figures,
  items,
  attempts,
}: {
  readonly figures: PaperFigures
  readonly items: readonly Item[]
  readonly attempts: readonly Attempt[]
}) {
  const low = figures.items.filter((item) => item.shareRight < LOW).length
  return (
    <div className="grid min-h-0 flex-1 overflow-y-auto lg:grid-cols-[470px_1fr] lg:overflow-hidden">
      <section
        aria-label="Scores"
        tabIndex={0}
        className="grid content-start gap-5 border-line px-[18px] py-4 lg:overflow-y-auto lg:border-r"
      >
        <dl className="flex flex-wrap gap-x-7 gap-y-2">
          {(
            [
              [figures.pointsPossible, 'points possible'],
              [(figures.average ?? 0).toFixed(1), 'average'],
              [figures.attempts.length, 'students'],
              [low, low === 1 ? 'item under half right' : 'items under half right'],
            ] as const
          ).map(([value, name]) => (
            <div key={name} className="flex flex-col-reverse text-xs text-muted">
              <dt>{name}</dt>
              <dd className="font-text text-[23px] leading-tight font-semibold text-ink tabular-nums">{value}</dd>
            </div>
          ))}
        </dl>
        <div>
          <h2 className="mb-1 text-[15px] font-semibold">Scores</h2>
          <ScoreStrip
            totals={figures.attempts.map((attempt) => attempt.total)}
            possible={figures.pointsPossible}
            average={figures.average ?? 0}
          />
        </div>
        <StudentTable figures={figures} />
      </section>
      <section aria-label="Items" tabIndex={0} className="bg-sheet px-3 py-3 sm:px-5 lg:overflow-y-auto">
        <ItemTable figures={figures} items={items} attempts={attempts} />
      </section>
    </div>
  )
}

function StudentTable({ figures }: { readonly figures: PaperFigures }) {
  const ordered = [...figures.attempts].sort((a, b) => b.total - a.total || a.student.localeCompare(b.student))
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr className="border-b border-ink text-left text-xs">
          <th className="py-1 font-semibold">Student</th>
          <th className="py-1 text-right font-semibold">Points</th>
          <th className="py-1 text-right font-semibold">Share</th>
        </tr>
      </thead>
      <tbody>
        {ordered.map((attempt, index) => (
          <tr key={`${attempt.student}-${index}`} className="border-b border-line">
            <td className="py-1">{attempt.student}</td>
            <td className="text-right tabular-nums">{Number(attempt.total.toFixed(2))}</td>
            <td className="text-right tabular-nums">
              {percent(figures.pointsPossible ? attempt.total / figures.pointsPossible : 0)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function percent(share: number): string {
  return `${Math.round(100 * share)} %`
}

function ItemTable({
  figures,
  items,
  attempts,
}: {
  readonly figures: PaperFigures
  readonly items: readonly Item[]
  readonly attempts: readonly Attempt[]
}) {
  const [open, setOpen] = useState<number | null>(null)
  const hardest = [...figures.items].sort((a, b) => a.shareRight - b.shareRight)
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr className="border-b border-ink text-left text-xs">
          <th className="w-9 py-1.5">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-1.5 font-semibold">Most missed first</th>
          <th className="w-36 py-1.5 font-semibold">Right</th>
          <th className="w-16 py-1.5 text-right font-semibold">Share</th>
        </tr>
      </thead>
      <tbody>
        {hardest.map((figure) => {
          const item = items[figure.item]
          return (
            item && (
              <Fragment key={figure.item}>
                <tr className={`border-b border-line align-top ${open === figure.item ? 'bg-here' : ''}`}>
                  <td className="py-2 pr-3 text-right font-text text-muted">{figure.item + 1}</td>
                  <td className="py-2 pr-3">
                    <button
                      type="button"
                      aria-expanded={open === figure.item}
                      onClick={() => setOpen(open === figure.item ? null : figure.item)}
                      className="text-left font-text text-[15px] leading-snug"
                    >
                      {plainText(item.stem)}
                    </button>
                  </td>
                  <td className="py-3">
                    <Track share={figure.shareRight} />
                  </td>
                  <td className="py-2 text-right tabular-nums">
                    {percent(figure.shareRight)}
                    {figure.shareRight < LOW && <span className="sr-only"> low</span>}
                  </td>
                </tr>
                {open === figure.item && (
                  <tr className="border-b border-line bg-here">
                    <td />
                    <td colSpan={3} className="pb-3">
                      <Responses item={item} figure={figure} attempts={attempts} />
                    </td>
                  </tr>
                )}
              </Fragment>
            )
          )
        })}
      </tbody>
    </table>
  )
}

function Track({ share }: { readonly share: number }) {
  const fill =
    share < LOW
      ? { background: 'repeating-linear-gradient(135deg, var(--beet) 0 3px, var(--beet-wash) 3px 5px)' }
      : { background: 'var(--ink)' }
  return (
    <div aria-hidden="true" className="h-[9px] w-32 border border-ink bg-paper">
      <div className="h-full" style={{ width: `${100 * share}%`, ...fill }} />
    </div>
  )
}

/** What was chosen or typed, the key marked by its glyph. */
function Responses({
  item,
  figure,
  attempts,
}: {
  readonly item: Item
  readonly figure: ItemFigures
  readonly attempts: readonly Attempt[]
}) {
  const rows = rowsFor(item, figure, attempts)
  const most = Math.max(1, ...rows.map((row) => row.count))
  return (
    <div className="grid gap-1 pt-1">
      {rows.map((row) => (
        <div
          key={row.label}
          className="grid grid-cols-[18px_18px_minmax(0,1fr)_120px_30px] items-center gap-2 font-text text-[13.5px]"
        >
          <span className="font-ui text-xs text-muted">{row.letter}</span>
          <span>{row.keyed && <KeyGlyph />}</span>
          <span className="truncate">{row.label}</span>
          <span
            aria-hidden="true"
            className={`h-2 ${row.keyed ? 'bg-dill' : 'bg-edge'}`}
            style={{ width: `${(100 * row.count) / most}%` }}
          />
          <span className="text-right font-ui text-xs tabular-nums">{row.count}</span>
        </div>
      ))}
      {figure.open > 0 && (
        <p className="font-ui text-xs text-muted">{counted(figure.open, 'student', 'students')} left it open.</p>
      )}
    </div>
  )
}

interface ResponseRow {
  readonly letter: string
  readonly label: string
  readonly count: number
  readonly keyed: boolean
}

function rowsFor(item: Item, figure: ItemFigures, attempts: readonly Attempt[]): ResponseRow[] {
  if ('options' in item)
    return item.options.map((option, index) => ({
      letter: letterOf(index),
      label: plainText(option.content),
      count: figure.chosen[option.id] ?? 0,
      keyed: item.key.includes(option.id),
    }))
  if (item.kind === 'truefalse')
    return [true, false].map((value) => ({
      letter: value ? 't' : 'f',
      label: value ? 'True' : 'False',
      count: figure.chosen[String(value)] ?? 0,
      keyed: item.key[0] === value,
    }))
  const typed = new Map<string, number>()
  for (const attempt of attempts) {
    const response = attempt.responses[figure.item]
    if (response?.kind === 'text' && response.text.trim())
      typed.set(response.text.trim(), (typed.get(response.text.trim()) ?? 0) + 1)
  }
  return [...typed]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 8)
    .map(([label, count]) => ({
      letter: '',
      label,
      count,
      keyed: item.kind === 'short' && item.key.some((key) => key.toLowerCase() === label.toLowerCase()),
    }))
}
