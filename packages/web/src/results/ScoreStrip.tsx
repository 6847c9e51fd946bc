import { group, scaleLinear } from 'd3'

const WIDTH = 430
const MARGIN = 8
const DOT = 10
const MAX_TICKS = 7

/** Every student a dot, over the points they have. The table beside it says the same in figures. */
export function ScoreStrip({
  totals,
  possible,
  average,
}: {
  readonly totals: readonly number[]
  readonly possible: number
  readonly average: number
}) {
  const x = scaleLinear([0, Math.max(possible, 1)], [MARGIN, WIDTH - MARGIN])
  const stacks = [...group(totals, (total) => Math.round(total)).entries()]
  const tallest = Math.max(1, ...stacks.map(([, dots]) => dots.length))
  const step = Math.min(DOT, 130 / tallest)
  const base = 22 + tallest * step
  const rightHalf = x(average) > WIDTH - 90
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${base + 22}`}
      className="w-full max-w-[430px]"
      role="img"
      aria-label={`Scores of ${totals.length} students, from 0 to ${possible}; average ${average.toFixed(1)}`}
    >
      <line x1={MARGIN - 4} x2={WIDTH - MARGIN + 4} y1={base} y2={base} className="stroke-ink" />
      {stacks.map(([total, dots]) =>
        dots.map((_dot, index) => (
          <circle
            key={`${total}-${index}`}
            cx={x(total)}
            cy={base - 6 - index * step}
            r={Math.min(4, step / 2)}
            className="fill-ink"
          />
        )),
      )}
      <line x1={x(average)} x2={x(average)} y1={6} y2={base} className="stroke-mustard" strokeWidth={1.5} />
      <text
        x={x(average) + (rightHalf ? -5 : 5)}
        y={14}
        textAnchor={rightHalf ? 'end' : 'start'}
        className="fill-mustard-ink text-[11px]"
      >
        average {average.toFixed(1)}
      </text>
      {x.ticks(Math.min(MAX_TICKS, Math.max(1, possible))).map((tick) => (
        <text key={tick} x={x(tick)} y={base + 16} textAnchor="middle" className="fill-muted text-[11px]">
          {tick}
        </text>
      ))}
    </svg>
  )
}
