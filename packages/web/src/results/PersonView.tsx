import { isGraded, keyInWords, responseText, type Item, type ScoredAttempt } from '@zakuska/core'
import { format } from 'date-fns'
import { Link } from 'react-router'
import { Empty } from '../parts/Empty'
import { KeyGlyph } from '../parts/KeyGlyph'
import type { ViewProps } from './view-props'
import { percent, points, stemLine } from './words'
import type { Sitting, SittingAttempt } from './queries'

/** One person: every answer beside the key, with the points, and how they came about. */
export function PersonView({ sitting, looked, attemptId }: ViewProps & { readonly attemptId: string }) {
  const { counted, bodies, analysis } = looked
  const attempt = sitting.attemptList.find(({ id }) => id === attemptId)
  const at = counted.findIndex(({ id }) => id === attemptId)
  const scored = analysis.figures.attempts[at]
  if (!attempt) return <Empty title="There is no such attempt">It may have come in anew. Go back to everybody.</Empty>
  const others = sitting.attemptList.filter(
    ({ person, id }) => person !== null && person === attempt.person && id !== attempt.id,
  )
  const possible = analysis.figures.pointsPossible
  const { history } = attempt
  const regraded = sitting.regradings.flatMap((one) =>
    one.changes.filter((change) => change.attemptId === attempt.id).map((change) => ({ ...one, ...change })),
  )
  return (
    <div className="px-3 py-4 sm:px-[18px]">
      <Neighbours sitting={sitting} at={at} counted={counted} />
      <h2 className="pt-1 text-lg font-semibold">{attempt.student}</h2>
      <p>
        {scored ? (
          <b>
            {points(scored.total)} of {points(possible)} ({percent(possible ? scored.total / possible : 0)})
          </b>
        ) : (
          'This attempt does not count: another of this person does.'
        )}
        {attempt.submittedAt && (
          <span className="text-muted"> · handed in {format(attempt.submittedAt, 'd MMM yyyy HH:mm')}</span>
        )}
        {others.map((one) => (
          <span key={one.id}>
            {' · '}
            <Link to={`/results/${sitting.id}/people/${one.id}`} className="underline">
              another attempt
            </Link>
          </span>
        ))}
      </p>
      <AnswerTable bodies={bodies} attempt={attempt} scored={scored} />
      {(history.length > 0 || regraded.length > 0) && (
        <section aria-label="How the score came about" className="pt-4">
          <h3 className="text-[15px] font-semibold">How the score came about</h3>
          <ul className="text-muted">
            {[
              ...history.map((one) => ({
                at: one.at,
                says: `${one.by} gave item ${one.item + 1} ${one.after === null ? 'back to the key' : points(one.after)}${one.before === null ? '' : `, before ${points(one.before)}`}`,
              })),
              ...regraded.map((one) => ({
                at: one.at,
                says: `regraded by ${one.by}, ${points(one.before)} became ${points(one.after)}: ${one.why}`,
              })),
            ]
              .sort((a, b) => a.at.localeCompare(b.at))
              .map(({ at: time, says }) => (
                <li key={time + says}>
                  {format(time, 'd MMM HH:mm')} {says}
                </li>
              ))}
          </ul>
        </section>
      )}
    </div>
  )
}

function AnswerTable({
  bodies,
  attempt,
  scored,
}: {
  readonly bodies: readonly Item[]
  readonly attempt: SittingAttempt
  readonly scored: ScoredAttempt | undefined
}) {
  return (
    <table className="mt-3 w-full max-w-5xl border-collapse">
      <thead>
        <tr className="border-b border-ink text-left text-xs">
          <th className="w-9 py-1.5">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-1.5 font-semibold">Item</th>
          <th className="w-[26%] py-1.5 font-semibold">Answer</th>
          <th className="w-[26%] py-1.5 font-semibold">Key</th>
          <th className="w-24 py-1.5 text-right font-semibold">Points</th>
        </tr>
      </thead>
      <tbody>
        {bodies.map((body, place) => {
          if (body.kind === 'note') return null
          const response = attempt.responses[place]
          const earned = scored?.points[place] ?? null
          const isWhole = earned === body.points
          return (
            <tr key={place} className="border-b border-line align-top">
              <td className="py-1.5 pr-3 text-right font-text text-muted">{place + 1}</td>
              <td className="py-1.5 pr-3 font-text">{stemLine(body, 140)}</td>
              <td className="py-1.5 pr-3 break-words whitespace-pre-line">
                {response ? responseText(body, response) : <span className="text-muted">left open</span>}
                {attempt.remarks[place] && (
                  <p className="pt-0.5 text-xs text-muted">Remark: {attempt.remarks[place]}</p>
                )}
              </td>
              <td className="py-1.5 pr-3">
                {isGraded(body.kind) && (
                  <>
                    <KeyGlyph /> {keyInWords(body)}
                  </>
                )}
              </td>
              <td
                className={`py-1.5 text-right tabular-nums ${isWhole ? 'text-dill' : earned === null ? 'text-mustard-ink' : 'text-beet'}`}
              >
                {body.kind === 'scale' ? (
                  <span className="text-muted">–</span>
                ) : earned === null ? (
                  '◐ to read'
                ) : (
                  `${isWhole ? '✓' : '◆'} ${points(earned)} of ${body.points}`
                )}
                {attempt.given[place] !== undefined && <span className="block text-xs text-muted">by hand</span>}
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

/** The way to who stands before and behind. */
function Neighbours({
  sitting,
  at,
  counted,
}: {
  readonly sitting: Sitting
  readonly at: number
  readonly counted: readonly SittingAttempt[]
}) {
  return (
    <p className="text-muted print:hidden">
      <Link to={`/results/${sitting.id}/people`} className="underline">
        Everybody
      </Link>
      {at > 0 && counted[at - 1] && (
        <>
          {' · '}
          <Link to={`/results/${sitting.id}/people/${counted[at - 1]?.id ?? ''}`} className="underline">
            the one before
          </Link>
        </>
      )}
      {counted[at + 1] && (
        <>
          {' · '}
          <Link to={`/results/${sitting.id}/people/${counted[at + 1]?.id ?? ''}`} className="underline">
            the next
          </Link>
        </>
      )}
    </p>
  )
}
