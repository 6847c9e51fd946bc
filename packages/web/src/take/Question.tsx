import { isAnswered, isGraded, type Item, type Response } from '@zakuska/core'
import { useState } from 'react'
import { AnswerFields, AnswerStem } from '../parts/AnswerFields'
import { Button } from '../parts/Button'
import { counted, pointsText } from '../parts/item-words'
import { RichText } from '../parts/RichText'
import { type Attempt, type ShownItem, takeCalls } from './calls'
import { canSpeak, speak } from './speak'

interface QuestionProps {
  readonly item: ShownItem
  readonly at: number
  readonly attempt: Attempt
  readonly calls: ReturnType<typeof takeCalls>
  readonly response: Response | null
  readonly answer: (response: Response) => void
  readonly n: () => number
  readonly told: (item: ShownItem) => void
}

export function Question({ item, at, attempt, calls, response, answer, n, told }: QuestionProps) {
  const body = item.body
  const section =
    item.section !== null && item.section !== (attempt.items[at - 1]?.section ?? null)
      ? attempt.sections[item.section]
      : null
  const number = attempt.items.slice(0, at + 1).filter((one) => one.body.kind !== 'note').length
  const isPractice = attempt.mode === 'practice'
  const isSpent = attempt.tries !== null && item.tries >= attempt.tries
  const locked = attempt.isHandedIn || (isPractice && (item.solved || isSpent))
  const fields = { body, name: String(number), response, answer, locked }
  return (
    <li className="mb-7" id={`question-${at}`}>
      {section && (
        <div className="mb-3 border-b border-ink pb-1">
          <h2 className="text-[17px] font-semibold">{section.title}</h2>
          {section.instructions && <p className="font-text text-[15px] whitespace-pre-line">{section.instructions}</p>}
        </div>
      )}
      <fieldset lang={body.language}>
        <legend className="w-full font-text text-[16.5px] leading-[1.42]">
          <span className="flex items-baseline gap-3">
            {body.kind !== 'note' && <span className="font-semibold text-muted">{number}</span>}
            <span className="min-w-0 flex-1" dir="auto">
              {body.passage && <RichText content={body.passage} />}
              <AnswerStem {...fields} />
            </span>
            {body.kind !== 'note' && body.kind !== 'scale' && (
              <span className="shrink-0 font-ui text-xs text-muted">{pointsText(body.points)}</span>
            )}
          </span>
        </legend>
        <div className="pt-1.5 font-text text-[15px] sm:pl-7" dir="auto">
          <AnswerFields {...fields} />
        </div>
      </fieldset>
      <div className="flex flex-wrap items-center gap-2 pt-1.5 font-ui sm:pl-7">
        {isPractice && isGraded(body.kind) && !attempt.isHandedIn && (
          <Practice {...{ item, at, body, calls, response, n, told, locked }} most={attempt.tries} />
        )}
        {canSpeak() && (
          <Button
            tone="quiet"
            className="!px-1.5 text-xs text-muted"
            aria-label={`Read question ${number} aloud`}
            onClick={() => speak(body)}
          >
            Read aloud
          </Button>
        )}
      </div>
      <Told item={item} body={body} />
    </li>
  )
}

interface PracticeProps extends Pick<QuestionProps, 'item' | 'at' | 'calls' | 'response' | 'n' | 'told'> {
  readonly body: Item
  readonly most: number | null
  readonly locked: boolean
}

function Practice({ item, at, calls, response, n, told, most, locked }: PracticeProps) {
  const [error, setError] = useState<string | null>(null)
  const [isBusy, setIsBusy] = useState(false)
  const [wasWrong, setWasWrong] = useState(item.tries > 0 && !item.solved)
  const run = async (call: () => Promise<ShownItem>): Promise<ShownItem | null> => {
    setIsBusy(true)
    setError(null)
    try {
      const next = await call()
      told(next)
      return next
    } catch (reason) {
      setError(reason instanceof Error ? reason.message : 'It could not be checked. Try it again.')
      return null
    } finally {
      setIsBusy(false)
    }
  }
  const check = async (): Promise<void> => {
    if (!response) return
    const next = await run(() => calls.check({ at, n: n(), response }))
    setWasWrong(next !== null && !next.solved)
  }
  return (
    <>
      {!locked && (
        <Button disabled={isBusy || !response || !isAnswered(response)} onClick={() => void check()}>
          {item.tries ? 'Check again' : 'Check'}
        </Button>
      )}
      {!locked && item.hints.length < item.hintCount && (
        <Button disabled={isBusy} onClick={() => void run(() => calls.hint(at))}>
          {item.hints.length ? 'One more hint' : 'A hint'}
        </Button>
      )}
      <span role="status">
        {item.solved ? (
          <span className="text-dill">✓ Right{item.tries > 1 && ` at the ${ordinal(item.tries)} try`}.</span>
        ) : wasWrong ? (
          <span className="text-beet">
            ◆ Not right
            {most === null
              ? ': try again.'
              : most > item.tries
                ? `: ${counted(most - item.tries, 'try', 'tries')} left.`
                : '.'}
          </span>
        ) : null}
      </span>
      {error && (
        <span role="alert" className="text-beet">
          ◆ {error}
        </span>
      )}
    </>
  )
}

function ordinal(count: number): string {
  return ['', 'first', 'second', 'third'][count] ?? `${count}th`
}

/** Hints that were asked for, what counts as the same, and what may be told afterwards. */
function Told({ item, body }: { readonly item: ShownItem; readonly body: Item }) {
  const { told, hints, same } = item
  const isWhole = told !== null && told.points === told.of
  return (
    <div className="sm:pl-7">
      {hints.map((hint, at) => (
        <div key={at} className="mt-1 border-l-2 border-mustard pl-2 font-text text-[14.5px]">
          <span className="font-ui text-xs text-muted">Hint {at + 1} </span>
          <RichText content={hint} />
        </div>
      ))}
      {(told !== null || item.tries > 0) && same.length > 0 && (
        <p className="pt-1 text-xs text-muted">What counts as the same: {same.join('; ')}.</p>
      )}
      {told && isGraded(body.kind) && (
        <p className={`pt-1 ${isWhole ? 'text-dill' : 'text-beet'}`}>
          {isWhole ? '✓' : '◆'} {Number((told.points ?? 0).toFixed(2))} of {pointsText(told.of)}
          {!isWhole && told.key && <span className="text-ink"> · right: {told.key}</span>}
        </p>
      )}
      {told && body.kind === 'essay' && (
        <p className="pt-1 text-mustard-ink">
          {told.points === null ? '◐ Your teacher reads this.' : `${told.points} of ${pointsText(told.of)}`}
        </p>
      )}
      {told?.feedback && (
        <div className="pt-1 font-text text-[14.5px] text-muted">
          <RichText content={told.feedback} />
        </div>
      )}
      {told?.remark && <p className="pt-1">Your teacher: {told.remark}</p>}
    </div>
  )
}
