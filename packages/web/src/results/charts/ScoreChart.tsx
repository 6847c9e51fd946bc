import { bin, group, max, scaleLinear } from 'd3'
import { counted } from '../../parts/item-words'
import { points } from '../words'
import { Chart, Figures } from '../../parts/chart/Chart'

const WIDTH = 440
const MARGIN = 12
const HEIGHT = 120
const TOP = 26
/** More people are drawn as bars. */
const MOST_DOTS = 90
const BARS = 20

interface ScoreChartProps {
  readonly totals: readonly number[]
  readonly possible: number
  readonly average: number
  /** Share under which a score is low. */
  readonly threshold: number
}

/** Every person a dot over the points they have; many people as bars. Under the threshold they are hatched. */
export function ScoreChart({ totals, possible, average, threshold }: ScoreChartProps) {
  const most = Math.max(possible, max(totals) ?? 0, 1)
  const x = scaleLinear([0, most], [MARGIN, WIDTH - MARGIN])
  const edge = threshold * possible
  const low = totals.filter((total) => total < edge).length
  const base = TOP + HEIGHT
  const isLeft = x(average) > WIDTH - 90
  return (
    <Chart
      name="Scores"
      says={`${counted(totals.length, 'person', 'people')} from 0 to ${points(possible)} points; ${low} under the threshold of ${points(edge)}.`}
      table={<ScoreTable totals={totals} />}
    >
      <svg viewBox={`0 0 ${WIDTH} ${base + 34}`} className="w-full max-w-[440px] min-w-[300px]" aria-hidden="true">
        <Hatch id="low-scores" />
        <rect x={x(0)} width={Math.max(0, x(edge) - x(0))} y={TOP} height={HEIGHT} className="fill-beet-wash" />
        {totals.length <= MOST_DOTS ? (
          <Dots totals={totals} x={x} base={base} edge={edge} />
        ) : (
          <Bars totals={totals} x={x} base={base} edge={edge} most={most} />
        )}
        <line x1={MARGIN - 4} x2={WIDTH - MARGIN + 4} y1={base} y2={base} className="stroke-ink" />
        <line x1={x(edge)} x2={x(edge)} y1={TOP} y2={base + 4} className="stroke-beet" strokeDasharray="3 2" />
        <text x={x(edge)} y={base + 30} textAnchor="middle" className="fill-beet text-[11px]">
          threshold {points(edge)}
        </text>
        <line x1={x(average)} x2={x(average)} y1={12} y2={base} className="stroke-mustard" strokeWidth={1.5} />
        <text
          x={x(average) + (isLeft ? -5 : 5)}
          y={18}
          textAnchor={isLeft ? 'end' : 'start'}
          className="fill-mustard-ink text-[11px]"
        >
          average {points(Number(average.toFixed(1)))}
        </text>
        {x.ticks(Math.min(8, Math.max(1, most))).map((tick) => (
          <text key={tick} x={x(tick)} y={base + 15} textAnchor="middle" className="fill-muted text-[11px]">
            {tick}
          </text>
        ))}
      </svg>
    </Chart>
  )
}

interface DrawnProps {
  readonly totals: readonly number[]
  readonly x: (value: number) => number
  readonly base: number
  readonly edge: number
}

function Dots({ totals, x, base, edge }: DrawnProps) {
  const stacks = [...group(totals, (total) => Math.round(total * 2) / 2).entries()]
  const tallest = Math.max(1, ...stacks.map(([, dots]) => dots.length))
  const step = Math.min(10, (HEIGHT - 8) / tallest)
  return stacks.flatMap(([total, dots]) =>
    dots.map((own, index) => (
      <circle
        key={`${total}-${index}`}
        cx={x(total)}
        cy={base - 6 - index * step}
        r={Math.min(4, step / 2)}
        className={own < edge ? 'fill-beet' : 'fill-ink'}
      />
    )),
  )
}

function Bars({ totals, x, base, edge, most }: DrawnProps & { readonly most: number }) {
  const bins = bin().domain([0, most]).thresholds(BARS)([...totals])
  const y = scaleLinear([0, max(bins, (one) => one.length) ?? 1], [0, HEIGHT - 8])
  return bins.map((one) => (
    <rect
      key={one.x0}
      x={x(one.x0 ?? 0) + 0.5}
      width={Math.max(1, x(one.x1 ?? 0) - x(one.x0 ?? 0) - 1)}
      y={base - y(one.length)}
      height={y(one.length)}
      className={(one.x1 ?? 0) <= edge ? 'stroke-beet' : 'fill-ink'}
      fill={(one.x1 ?? 0) <= edge ? 'url(#low-scores)' : undefined}
    />
  ))
}

/** Hatched: what is low is told by more than a colour. */
export function Hatch({ id }: { readonly id: string }) {
  return (
    <defs>
      <pattern id={id} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="5" height="5" className="fill-beet-wash" />
        <rect width="2.4" height="5" className="fill-beet" />
      </pattern>
    </defs>
  )
}

function ScoreTable({ totals }: { readonly totals: readonly number[] }) {
  const rows = [...group(totals, (total) => total).entries()].sort(([a], [b]) => b - a)
  return <Figures head={['Points', 'People']} rows={rows.map(([total, own]) => [points(total), own.length])} />
}
