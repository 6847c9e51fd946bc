import { scaleLinear } from 'd3'
import type { Item, ItemAnalysis } from '@zakuska/core'
import { discriminationWord, percent, signed, stemLine } from '../words'
import { Chart, Figures } from '../../parts/chart/Chart'
import type { ScaleLinear } from 'd3-scale'

const WIDTH = 460
const HEIGHT = 300
const MARGIN = { top: 14, right: 28, bottom: 40, left: 52 }

/** Difficulty across, how well an item tells people apart upwards; what a teacher should look at is named. */
export function ItemPlot({
  items,
  bodies,
}: {
  readonly items: readonly ItemAnalysis[]
  readonly bodies: readonly Item[]
}) {
  const drawn = items.filter((item) => item.counts && item.itemRest !== null)
  const lowest = Math.min(-0.2, ...drawn.map(({ itemRest }) => itemRest ?? 0))
  const x = scaleLinear([0, 1], [MARGIN.left, WIDTH - MARGIN.right])
  const y = scaleLinear(
    [Math.floor(lowest * 10) / 10, Math.max(0.6, ...drawn.map(({ itemRest }) => itemRest ?? 0))],
    [HEIGHT - MARGIN.bottom, MARGIN.top],
  )
  const odd = drawn.filter(({ flags }) => flags.length > 0)
  return (
    <Chart
      name="Difficulty and discrimination"
      says={`Right: easy. Up: those who did well have it, the others do not. ${odd.length ? `Named: ${odd.map(({ item }) => item + 1).join(', ')}.` : 'None stands out.'}`}
      table={
        <Figures
          head={['Item', 'Share of points', 'Discrimination', 'tells apart', 'Stem']}
          rows={drawn.map(({ item, difficulty, itemRest }) => [
            ...[item + 1, percent(difficulty), signed(itemRest), discriminationWord(itemRest, difficulty)],
            bodies[item] ? stemLine(bodies[item], 60) : '',
          ])}
        />
      }
    >
      <Plot x={x} y={y} drawn={drawn} />
    </Chart>
  )
}

function Plot({
  x,
  y,
  drawn,
}: {
  readonly x: ScaleLinear<number, number, never>
  readonly y: ScaleLinear<number, number, never>
  readonly drawn: readonly ItemAnalysis[]
}) {
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full max-w-[520px] min-w-[360px]" aria-hidden="true">
      <rect
        x={x(0)}
        width={x(1) - x(0)}
        y={y(0)}
        height={Math.max(0, y.range()[0] ? (y.range()[0] ?? 0) - y(0) : 0)}
        className="fill-beet-wash"
      />
      {x.ticks(5).map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y={HEIGHT - MARGIN.bottom + 15}
          textAnchor="middle"
          className="fill-muted text-[11px]"
        >
          {percent(tick)}
        </text>
      ))}
      {y.ticks(6).map((tick) => (
        <g key={tick}>
          <line x1={x(0)} x2={x(1)} y1={y(tick)} y2={y(tick)} className={tick === 0 ? 'stroke-beet' : 'stroke-line'} />
          <text x={MARGIN.left - 8} y={y(tick) + 4} textAnchor="end" className="fill-muted text-[11px]">
            {tick.toFixed(1).replace('-', '−')}
          </text>
        </g>
      ))}
      <text x={(x(0) + x(1)) / 2} y={HEIGHT - 6} textAnchor="middle" className="fill-ink text-[11.5px]">
        share of the points earned
      </text>
      <text
        transform={`translate(13 ${(y(0) + MARGIN.top) / 2}) rotate(-90)`}
        textAnchor="middle"
        className="fill-ink text-[11.5px]"
      >
        tells people apart
      </text>
      {drawn.map(({ item, difficulty, itemRest, flags }) => {
        const isOdd = flags.length > 0
        const [cx, cy] = [x(difficulty), y(itemRest ?? 0)]
        return (
          <g key={item}>
            {isOdd ? (
              <rect
                x={cx - 4.5}
                y={cy - 4.5}
                width={9}
                height={9}
                transform={`rotate(45 ${cx} ${cy})`}
                className="fill-beet"
              />
            ) : (
              <circle cx={cx} cy={cy} r={4} className="fill-ink" />
            )}
            {isOdd && (
              <text
                x={cx + (difficulty > 0.9 ? -9 : 9)}
                y={cy + 4}
                textAnchor={difficulty > 0.9 ? 'end' : 'start'}
                className="fill-beet text-[12px]"
              >
                {item + 1}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}
