import { byOutcome, byTag, WHICH_COUNTS, type GroupFigures, type WhichCounts } from '@zakuska/core'
import { useEffect } from 'react'
import { Link, useSearchParams } from 'react-router'
import { Fault } from '../parts/fields'
import { useMay } from '../people/May'
import { ItemBars } from './charts/ItemBars'
import { ScoreChart } from './charts/ScoreChart'
import { useSittingChanges } from './queries'
import type { ViewProps } from './view-props'
import { percent, points, reliabilityWord, smallClass } from './words'

/** How the class did: figures, scores, what was missed most, by outcome and tag. */
export function ScoresView({ sitting, looked }: ViewProps) {
  const { bodies, analysis, counted } = looked
  const { figures, spread, reliability } = analysis
  const { threshold } = sitting.settings
  const edge = threshold * figures.pointsPossible
  const low = figures.attempts.filter(({ total }) => total < edge).length
  const said = smallClass(counted.length)
  const [search, setSearch] = useSearchParams()
  const isPrinting = search.has('print')
  useEffect(() => {
    if (!isPrinting) return
    setSearch({}, { replace: true })
    // When it is drawn.
    const timer = setTimeout(() => window.print(), 300)
    return () => clearTimeout(timer)
  }, [isPrinting, setSearch])
  const facts: readonly (readonly [string, string])[] = [
    [points(figures.pointsPossible), 'points possible'],
    [points(Number((spread?.mean ?? 0).toFixed(1))), 'average'],
    [points(spread?.median ?? 0), 'median'],
    [points(Number((spread?.deviation ?? 0).toFixed(1))), 'spread (standard deviation)'],
    [String(counted.length), counted.length === 1 ? 'person' : 'people'],
    [String(low), 'under the threshold'],
  ]
  return (
    <div className="grid gap-x-10 gap-y-6 px-3 py-4 sm:px-[18px] lg:grid-cols-[470px_minmax(0,1fr)]">
      <section aria-label="Scores" className="grid content-start gap-5">
        {said && <p className="border-l-4 border-mustard pl-3 text-mustard-ink">◐ {said}</p>}
        <dl className="flex flex-wrap gap-x-7 gap-y-2">
          {facts.map(([value, name]) => (
            <div key={name} className="flex flex-col-reverse text-xs text-muted">
              <dt>{name}</dt>
              <dd className="font-text text-[23px] leading-tight font-semibold text-ink tabular-nums">{value}</dd>
            </div>
          ))}
        </dl>
        <ScoreChart
          totals={figures.attempts.map(({ total }) => total)}
          possible={figures.pointsPossible}
          average={spread?.mean ?? 0}
          threshold={threshold}
        />
        <Settings sitting={sitting} looked={looked} />
        {reliability && counted.length >= 5 && (
          <div>
            <h2 className="text-[15px] font-semibold">How far one score can be trusted</h2>
            <p>
              Alpha {reliability.alpha.toFixed(2).replace('-', '−')}
              {reliability.kr20 !== null && ' (KR-20)'}: {reliabilityWord(reliability.alpha)}.{' '}
              {reliability.alpha > 0 &&
                `A person’s points would mostly lie within ${points(Number(reliability.error.toFixed(1)))} either way if the same person took another such paper.`}
            </p>
          </div>
        )}
      </section>
      <section aria-label="What was missed" className="grid min-w-0 content-start gap-6">
        <ItemBars items={analysis.items} bodies={bodies} />
        <div className="grid gap-6 sm:grid-cols-2">
          <Groups name="By outcome" groups={byOutcome(bodies, figures, sitting.settings)} />
          <Groups name="By tag" groups={byTag(bodies, figures, sitting.settings)} />
        </div>
        <PeopleTable sitting={sitting} looked={looked} />
      </section>
    </div>
  )
}

const WHICH_WORDS: Readonly<Record<WhichCounts, string>> = { last: 'the last', first: 'the first', best: 'the best' }

/** What of several attempts counts, and under what share a score is low. */
function Settings({ sitting }: ViewProps) {
  const { save } = useSittingChanges(sitting.id)
  const may = useMay('results')
  const people = new Set(sitting.attemptList.map(({ person, id }) => person ?? id)).size
  const more = sitting.attemptList.length - people
  const set = (part: Partial<typeof sitting.settings>): void =>
    save.mutate({ version: sitting.version, title: sitting.title, settings: { ...sitting.settings, ...part } })
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 print:hidden">
      <label>
        Threshold{' '}
        <input
          type="number"
          min={0}
          max={100}
          step={5}
          disabled={!may}
          className="w-16 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5"
          key={sitting.settings.threshold}
          defaultValue={Math.round(sitting.settings.threshold * 100)}
          onBlur={(event) => {
            const share = Math.min(100, Math.max(0, Number(event.target.value))) / 100
            if (share !== sitting.settings.threshold) set({ threshold: share })
          }}
        />{' '}
        %
      </label>
      <label>
        Of several attempts counts{' '}
        <select
          className="rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5"
          disabled={!may}
          value={sitting.settings.which}
          onChange={(event) => set({ which: WHICH_COUNTS.find((one) => one === event.target.value) ?? 'last' })}
        >
          {WHICH_COUNTS.map((which) => (
            <option key={which} value={which}>
              {WHICH_WORDS[which]}
            </option>
          ))}
        </select>
      </label>
      {more > 0 && (
        <span className="text-xs text-muted">
          {more === 1
            ? 'One attempt of somebody who has another does not count.'
            : `${more} attempts of people who have another do not count.`}
        </span>
      )}
      <Fault error={save.error} />
    </div>
  )
}

function Groups({ name, groups }: { readonly name: string; readonly groups: readonly GroupFigures[] }) {
  if (!groups.length) return null
  return (
    <div>
      <h2 className="text-[15px] font-semibold">{name}</h2>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-ink text-left text-xs">
            <th className="py-1 font-semibold">
              {name.replace('By ', '').replace(/^./, (sign) => sign.toUpperCase())}
            </th>
            <th className="py-1 text-right font-semibold">Items</th>
            <th className="py-1 text-right font-semibold">Share of points</th>
          </tr>
        </thead>
        <tbody>
          {[...groups]
            .sort((a, b) => a.share - b.share)
            .map((group) => (
              <tr key={group.name} className="border-b border-line">
                <th scope="row" className="max-w-60 truncate py-1 text-left font-normal">
                  {group.name}
                </th>
                <td className="text-right tabular-nums">{group.items.length}</td>
                <td className={`text-right tabular-nums ${group.share < 0.5 ? 'text-beet' : ''}`}>
                  {group.share < 0.5 && '◆ '}
                  {percent(group.share)}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </div>
  )
}

function PeopleTable({ sitting, looked }: ViewProps) {
  const { figures } = looked.analysis
  const edge = sitting.settings.threshold * figures.pointsPossible
  const rows = looked.counted
    .map((attempt, at) => ({ attempt, scored: figures.attempts[at] }))
    .sort(
      (a, b) => (b.scored?.total ?? 0) - (a.scored?.total ?? 0) || a.attempt.student.localeCompare(b.attempt.student),
    )
  return (
    <div>
      <h2 className="text-[15px] font-semibold">People</h2>
      <div
        className="max-h-96 overflow-y-auto print:max-h-none"
        tabIndex={0}
        role="group"
        aria-label="People by points"
      >
        <table className="w-full max-w-xl border-collapse">
          <thead>
            <tr className="border-b border-ink text-left text-xs">
              <th className="py-1 font-semibold">Person</th>
              <th className="py-1 text-right font-semibold">Points</th>
              <th className="py-1 text-right font-semibold">Share</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ attempt, scored }) => {
              const total = scored?.total ?? 0
              return (
                <tr key={attempt.id} className="border-b border-line">
                  <th scope="row" className="py-1 text-left font-normal">
                    <Link to={`/results/${sitting.id}/people/${attempt.id}`} className="block py-1 hover:underline">
                      {attempt.student}
                    </Link>
                    {(scored?.waiting ?? 0) > 0 && (
                      <span className="text-xs text-mustard-ink"> ◐ {scored?.waiting} to read</span>
                    )}
                  </th>
                  <td className="text-right tabular-nums">{points(total)}</td>
                  <td className={`text-right tabular-nums ${total < edge ? 'text-beet' : ''}`}>
                    {total < edge && <span aria-label="under the threshold">◆ </span>}
                    {percent(figures.pointsPossible ? total / figures.pointsPossible : 0)}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </div>
  )
}
