import { scaleLinear } from 'd3'
import type { Item, ItemAnalysis } from '@zakuska/core'
import { percent, stemLine } from '../words'
import { Chart, Figures } from '../../parts/chart/Chart'
import { Hatch } from './ScoreChart'

const WIDTH = 640
const ROW = 21
const LABEL = 330
const TOP = 8
/** Items that people earned less than this of are hard. */
const HARD = 0.5

/** Items from hardest to easiest. */
export function ItemBars({
  items,
  bodies,
}: {
  readonly items: readonly ItemAnalysis[]
  readonly bodies: readonly Item[]
}) {
  const ordered = items.filter((item) => item.counts).sort((a, b) => a.difficulty - b.difficulty)
  const x = scaleLinear([0, 1], [LABEL, WIDTH - 44])
  const height = TOP + ordered.length * ROW + 18
  const hard = ordered.filter(({ difficulty }) => difficulty < HARD).length
  const stem = (place: number): string => (bodies[place] ? stemLine(bodies[place], 46) : '')
  return (
    <Chart
      name="Items, hardest first"
      says={`Share of its points that was earned on each; ${hard} under a half.`}
      table={
        <Figures
          head={['Item', 'Share of points', 'Stem']}
          rows={ordered.map(({ item, difficulty }) => [item + 1, percent(difficulty), stem(item)])}
        />
      }
    >
      <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full max-w-[700px] min-w-[520px]" aria-hidden="true">
        <Hatch id="hard-items" />
        {[0, 0.25, 0.5, 0.75, 1].map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={TOP} y2={height - 16} className="stroke-line" />
            <text x={x(tick)} y={height - 4} textAnchor="middle" className="fill-muted text-[10.5px]">
              {percent(tick)}
            </text>
          </g>
        ))}
        {ordered.map(({ item, difficulty }, at) => {
          const y = TOP + at * ROW
          return (
            <g key={item}>
              <text x={22} y={y + 13} textAnchor="end" className="fill-muted text-[11.5px]">
                {item + 1}
              </text>
              <text x={32} y={y + 13} className="fill-ink text-[11.5px]">
                {stem(item)}
              </text>
              <rect
                x={x(0)}
                width={Math.max(0.5, x(difficulty) - x(0))}
                y={y + 4}
                height={11}
                className={difficulty < HARD ? 'stroke-beet' : 'fill-ink'}
                fill={difficulty < HARD ? 'url(#hard-items)' : undefined}
              />
              <text x={x(difficulty) + 5} y={y + 13} className="fill-ink text-[11px]">
                {percent(difficulty)}
              </text>
            </g>
          )
        })}
      </svg>
    </Chart>
  )
}
