import { isGraded, keyInWords, responseText, type Item, type ScoredAttempt } from '@zakuska/core'
import { format } from 'date-fns'
import { Link } from 'react-router'
import { Empty } from '../parts/Empty'
import { type ItemColumn, type ItemLine, ItemTable } from '../parts/ItemTable'
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
  const lines = bodies.flatMap((body, place): ItemLine[] => {
    if (body.kind === 'note') return []
    const response = attempt.responses[place]
    const remark = attempt.remarks[place]
    const answer = (
      <div className="break-words whitespace-pre-line">
        {response ? responseText(body, response) : <span className="text-muted">left open</span>}
        {remark && <p className="pt-0.5 text-xs text-muted">Remark: {remark}</p>}
      </div>
    )
    const key = isGraded(body.kind) && (
      <>
        <KeyGlyph /> {keyInWords(body)}
      </>
    )
    const earned = (
      <Earned body={body} earned={scored?.points[place] ?? null} isByHand={attempt.given[place] !== undefined} />
    )
    return [{ key: place, number: place + 1, item: stemLine(body, 140), cells: [answer, key, earned] }]
  })
  return <ItemTable className="mt-3 max-w-5xl" columns={COLUMNS} lines={lines} />
}

const COLUMNS: readonly ItemColumn[] = [
  { name: 'Answer', width: 'sm:w-[26%]' },
  { name: 'Key', width: 'sm:w-[26%]' },
  { name: 'Points', width: 'w-24', figures: true },
]

function Earned({
  body,
  earned,
  isByHand,
}: {
  readonly body: Item
  readonly earned: number | null
  readonly isByHand: boolean
}) {
  const isWhole = earned === body.points
  const says = earned === null ? '◐ to read' : `${isWhole ? '✓' : '◆'} ${points(earned)} of ${body.points}`
  const tone = isWhole ? 'text-dill' : earned === null ? 'text-mustard-ink' : 'text-beet'
  return (
    <>
      {body.kind === 'scale' ? <span className="text-muted">–</span> : <span className={tone}>{says}</span>}
      {isByHand && <span className="block text-xs text-muted">by hand</span>}
    </>
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
