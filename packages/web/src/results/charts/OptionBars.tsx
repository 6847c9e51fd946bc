import { scaleLinear } from 'd3'
import { THIRDS, type Item, type OptionThirds, type Third } from '@zakuska/core'
import { optionName } from '../words'
import { Chart, Figures } from '../../parts/chart/Chart'

const WIDTH = 560
const ROW = 46
const LABEL = 230
const FILLS: Readonly<Record<Third, string>> = { upper: 'fill-ink', middle: 'fill-edge', lower: 'fill-line' }

/** How many of each third took each option; the key is marked. */
export function OptionBars({ item, thirds }: { readonly item: Item; readonly thirds: OptionThirds }) {
  const most = Math.max(1, ...thirds.options.flatMap((one) => THIRDS.map((third) => one[third])))
  const x = scaleLinear([0, most], [LABEL, WIDTH - 40])
  const height = thirds.options.length * ROW + 22
  return (
    <Chart
      name="Who took which option"
      says="By thirds of the class: those with the most points, the middle, those with the fewest."
      table={
        <Figures
          head={['Option', 'upper third', 'middle', 'lower third']}
          rows={[
            ...thirds.options.map((one) => [
              `${one.isKey ? 'key: ' : ''}${optionName(item, one.id)}`,
              ...THIRDS.map((third) => one[third]),
            ]),
            ['left open', ...THIRDS.map((third) => thirds.open[third])],
          ]}
        />
      }
    >
      <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full max-w-[600px] min-w-[440px]" aria-hidden="true">
        {THIRDS.map((third, at) => (
          <g key={third} transform={`translate(${LABEL + at * 96} 10)`}>
            <rect width={10} height={10} y={-8} className={`${FILLS[third]} stroke-edge`} />
            <text x={15} y={1} className="fill-muted text-[11px]">
              {third === 'middle' ? 'middle' : `${third} third`}
            </text>
          </g>
        ))}
        {thirds.options.map((one, at) => {
          const y = 20 + at * ROW
          return (
            <g key={one.id}>
              {one.isKey && <KeyMark x={4} y={y + 14} />}
              <text x={24} y={y + 24} className="fill-ink text-[12px]">
                {optionName(item, one.id).slice(0, 34)}
              </text>
              {THIRDS.map((third, place) => (
                <g key={third}>
                  <rect
                    x={x(0)}
                    y={y + 2 + place * 13}
                    height={11}
                    width={Math.max(0.5, x(one[third]) - x(0))}
                    className={`${FILLS[third]} stroke-edge`}
                  />
                  <text x={x(one[third]) + 5} y={y + 11 + place * 13} className="fill-muted text-[10.5px]">
                    {one[third]}
                  </text>
                </g>
              ))}
            </g>
          )
        })}
      </svg>
    </Chart>
  )
}

/** The key glyph, drawn into a chart. */
function KeyMark({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <g transform={`translate(${x} ${y}) scale(0.6)`} fill="none" strokeWidth={2.4} className="stroke-dill">
      <circle cx="7.5" cy="15.5" r="5.5" />
      <path d="m21 2-9.6 9.6M15.5 7.5 19 11" />
    </g>
  )
}
