import { max, rollups, scaleBand, scaleLinear, sum } from 'd3'
import { eachDayOfInterval, format, startOfDay, subDays, type EachDayOfIntervalResult } from 'date-fns'
import { Chart, Figures } from '../parts/chart/Chart'
import type { ReplySummary } from './queries'
import type { ScaleLinear, ScaleBand } from 'd3-scale'

const WIDTH = 640
const HEIGHT = 150
const BOTTOM = 20
const LEFT = 44
const DAYS = 30
/** Hatches by person, told apart without colour. */
const FILLS = ['fill-ink', 'fill-mustard', 'fill-dill', 'fill-muted'] as const

/** Units of the last thirty days, day by day and person by person. */
export function UnitsChart({
  entries,
  today = new Date(),
}: {
  readonly entries: readonly ReplySummary[]
  readonly today?: Date
}) {
  const days = eachDayOfInterval({ start: subDays(startOfDay(today), DAYS - 1), end: startOfDay(today) })
  const shown = entries.filter(({ at }) => startOfDay(at) >= (days[0] ?? today))
  const people = [...new Set(shown.map(({ by }) => by))].sort()
  const byDay = new Map(
    rollups(
      shown,
      (own) => people.map((name) => sum(own, ({ by, units }) => (by === name ? units : 0))),
      ({ at }) => startOfDay(at).getTime(),
    ),
  )
  const totals = people.map((name) => sum(shown, ({ by, units }) => (by === name ? units : 0)))
  const most = max([...byDay.values()], (units) => sum(units)) ?? 0
  const x = scaleBand(days.map(String), [LEFT, WIDTH - 14]).padding(0.25)
  const y = scaleLinear([0, Math.max(1, most)], [HEIGHT - BOTTOM, 8]).nice(3)
  return (
    <Chart
      name="Units by day"
      says={`${sum(totals).toLocaleString('en')} units in thirty days, ${people.map((name, at) => `${(totals[at] ?? 0).toLocaleString('en')} by ${name}`).join(', ')}.`}
      table={
        <Figures
          head={['Day', ...people]}
          rows={days.flatMap((day) => {
            const units = byDay.get(day.getTime())
            return units ? [[format(day, 'd MMM'), ...units]] : []
          })}
        />
      }
    >
      <Bars y={y} days={days} byDay={byDay} x={x} people={people} />
      <ul className="flex flex-wrap gap-x-4 text-xs">
        {people.map((name, at) => (
          <li key={name} className="flex items-center gap-1.5">
            <svg viewBox="0 0 10 10" className="size-[10px]" aria-hidden="true">
              <rect width="10" height="10" className={FILLS[at % FILLS.length]} />
            </svg>
            {name}
          </li>
        ))}
      </ul>
    </Chart>
  )
}

function Bars({
  y,
  days,
  byDay,
  x,
  people,
}: {
  readonly y: ScaleLinear<number, number, never>
  readonly days: EachDayOfIntervalResult<{ start: Date; end: Date }, undefined>
  readonly byDay: Map<number, number[]>
  readonly x: ScaleBand<string>
  readonly people: readonly string[]
}) {
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full max-w-[700px] min-w-[480px]" aria-hidden="true">
      {y.ticks(3).map((tick) => (
        <g key={tick}>
          <line x1={LEFT} x2={WIDTH} y1={y(tick)} y2={y(tick)} className="stroke-line" />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="fill-muted text-[10.5px]">
            {tick.toLocaleString('en')}
          </text>
        </g>
      ))}
      {days.map((day, at) => {
        const units = byDay.get(day.getTime()) ?? []
        const left = x(String(day)) ?? 0
        return (
          <g key={String(day)}>
            {units.map((own, place) => {
              const below = sum(units.slice(0, place))
              return (
                <rect
                  key={people[place]}
                  x={left}
                  width={x.bandwidth()}
                  y={y(below + own)}
                  height={Math.max(0, y(below) - y(below + own))}
                  className={`${FILLS[place % FILLS.length]} stroke-sheet`}
                />
              )
            })}
            {at % 5 === 4 && (
              <text
                x={left + x.bandwidth() / 2}
                y={HEIGHT - 5}
                textAnchor="middle"
                className="fill-muted text-[10.5px]"
              >
                {format(day, 'd MMM')}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}
