import type { Item, ItemAnalysis, ScoredAttempt } from '@zakuska/core'
import { useState } from 'react'
import { Button } from '../../parts/Button'
import { useTell } from '../../parts/notices'
import { Link } from 'react-router'
import type { Looked, SittingAttempt } from '../queries'
import { percent, points, stemLine } from '../words'
import { heatCell, heatDrawing } from './heat-drawing'
import { download } from '../../parts/chart/picture'

/** More rows nobody compares by eye, and no page draws quickly. */
const MOST_ROWS = 400

/** Everybody and every item: what was earned where, sorted both ways so that gaps stand together. */
export function HeatTable({ looked, sittingId }: { readonly looked: Looked; readonly sittingId: string }) {
  const [byPoints, setByPoints] = useState(true)
  const [byDifficulty, setByDifficulty] = useState(true)
  const { bodies, counted, analysis } = looked
  const scored = analysis.figures.attempts
  const people = counted.map((attempt, at) => ({ attempt, scored: scored[at] }))
  const rows = [...people].sort((a, b) =>
    byPoints
      ? (b.scored?.total ?? 0) - (a.scored?.total ?? 0) || a.attempt.student.localeCompare(b.attempt.student)
      : a.attempt.student.localeCompare(b.attempt.student),
  )
  const items = analysis.items.filter((item) => item.counts)
  const columns = byDifficulty ? [...items].sort((a, b) => b.difficulty - a.difficulty) : items
  const tell = useTell()
  const take = async (as: 'svg' | 'png'): Promise<void> => {
    const drawing = heatDrawing(
      columns.map(({ item }) => String(item + 1)),
      rows.slice(0, MOST_ROWS).map(({ attempt, scored: own }) => ({
        name: attempt.student,
        total: points(own?.total ?? 0),
        shares: columns.map(({ item }) => shareOf(bodies[item], own?.points[item] ?? null)),
      })),
    )
    // Its colours are the page's, so it has to stand on it while it is copied.
    drawing.style.position = 'absolute'
    drawing.style.visibility = 'hidden'
    document.body.append(drawing)
    await download(drawing, 'Everybody', as)
      .catch(() => tell('The picture could not be made.', { tone: 'trouble' }))
      .finally(() => drawing.remove())
  }
  return (
    <div>
      <HeatSettings
        byPoints={byPoints}
        setByPoints={setByPoints}
        byDifficulty={byDifficulty}
        setByDifficulty={setByDifficulty}
        take={take}
      />
      {rows.length > MOST_ROWS && (
        <p className="pb-2 text-xs text-muted">
          The first {MOST_ROWS} of {rows.length} are shown; the results sheet has all.
        </p>
      )}
      <div className="relative overflow-x-auto" tabIndex={0} role="group" aria-label="Everybody and every item">
        <Cells columns={columns} bodies={bodies} rows={rows} sittingId={sittingId} />
      </div>
    </div>
  )
}

function Cells({
  columns,
  bodies,
  rows,
  sittingId,
}: {
  readonly columns: readonly ItemAnalysis[]
  readonly bodies: readonly Item[]
  readonly rows: readonly { attempt: SittingAttempt; scored: ScoredAttempt | undefined }[]
  readonly sittingId: string
}) {
  return (
    <table className="border-collapse">
      <caption className="sr-only">What everybody earned on every item</caption>
      <thead>
        <tr>
          <th scope="col" className="sticky left-0 bg-sheet pr-3 text-left align-bottom font-semibold">
            Person
          </th>
          <th scope="col" className="pr-3 text-right align-bottom font-semibold">
            Points
          </th>
          {columns.map(({ item, difficulty }) => (
            <th key={item} scope="col" className="w-7 px-0.5 pb-0.5 text-center align-bottom text-[11px] font-normal">
              <span title={bodies[item] && stemLine(bodies[item])}>{item + 1}</span>
              <span className="block text-[9.5px] text-muted">{percent(difficulty).replace(' %', '')}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.slice(0, MOST_ROWS).map(({ attempt, scored: own }) => (
          <tr key={attempt.id}>
            <th scope="row" className="sticky left-0 max-w-52 truncate bg-sheet pr-3 text-left font-normal">
              <Link to={`/results/${sittingId}/people/${attempt.id}`} className="block py-1 hover:underline">
                {attempt.student}
              </Link>
            </th>
            <td className="pr-3 text-right tabular-nums">{points(own?.total ?? 0)}</td>
            {columns.map(({ item }) => (
              <Cell key={item} item={item} body={bodies[item]} earned={own?.points[item] ?? null} />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function HeatSettings({
  byPoints,
  setByPoints,
  byDifficulty,
  setByDifficulty,
  take,
}: {
  readonly byPoints: boolean
  readonly setByPoints: (next: boolean) => void
  readonly byDifficulty: boolean
  readonly setByDifficulty: (next: boolean) => void
  readonly take: (as: 'svg' | 'png') => Promise<void>
}) {
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 pb-2">
      <label>
        <input
          type="checkbox"
          className="mr-1.5 accent-ink"
          checked={byPoints}
          onChange={(event) => setByPoints(event.target.checked)}
        />
        People by points
      </label>
      <label>
        <input
          type="checkbox"
          className="mr-1.5 accent-ink"
          checked={byDifficulty}
          onChange={(event) => setByDifficulty(event.target.checked)}
        />
        Items from easy to hard
      </label>
      <span className="flex items-center gap-3 text-xs text-muted">
        {[1, 0.5, 0, null].map((share) => (
          <span key={String(share)} className="flex items-center gap-1">
            <span className={`inline-flex size-[15px] items-center justify-center text-[11px] ${cellClass(share)}`}>
              {cellSign(share)}
            </span>
            {share === null ? 'to read' : share === 1 ? 'all points' : share === 0 ? 'none' : 'some'}
          </span>
        ))}
      </span>
      <span className="flex gap-1 text-xs print:hidden">
        <Button tone="quiet" className="text-muted underline" onClick={() => void take('svg')}>
          SVG
        </Button>
        <Button tone="quiet" className="text-muted underline" onClick={() => void take('png')}>
          PNG
        </Button>
      </span>
    </div>
  )
}

function Cell({
  item,
  body,
  earned,
}: {
  readonly item: number
  readonly body: Item | undefined
  readonly earned: number | null
}) {
  const share = shareOf(body, earned)
  const says = share === null ? 'to read' : `${points(earned ?? 0)} of ${body?.points ?? 0}`
  return (
    <td className="p-px text-center">
      <span
        title={`Item ${item + 1}: ${says}`}
        className={`mx-auto flex size-[18px] items-center justify-center text-[11px] leading-none ${cellClass(share)}`}
      >
        <span aria-hidden="true">{cellSign(share)}</span>
        <span className="sr-only">{says}</span>
      </span>
    </td>
  )
}

function shareOf(body: Item | undefined, earned: number | null): number | null {
  if (earned === null) return null
  return body?.points ? earned / body.points : 0
}

const GROUNDS: Readonly<Record<string, string>> = {
  sheet: 'border border-dashed border-edge',
  'dill-wash': 'bg-dill-wash text-dill',
  'mustard-wash': 'bg-mustard-wash text-mustard-ink',
  'beet-wash': 'bg-beet-wash text-beet',
}

function cellSign(share: number | null): string {
  return heatCell(share).sign
}

function cellClass(share: number | null): string {
  return GROUNDS[heatCell(share).ground] ?? ''
}
