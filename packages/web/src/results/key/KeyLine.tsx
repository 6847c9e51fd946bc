import { isGraded, type Item, keyedBy, keyInWords, responseText, spellingsOf, withAccepted } from '@zakuska/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { Button } from '../../parts/Button'
import { KeyGlyph } from '../../parts/KeyGlyph'
import { May } from '../../people/May'
import type { SittingAttempt } from '../queries'
import { stemLine } from '../words'
import { FIELD } from '../../parts/field-class'

interface KeyLineProps {
  readonly place: number
  readonly body: Item
  readonly isChanged: boolean
  readonly attempts: readonly SittingAttempt[]
  readonly change: (body: Item, because: string) => void
  readonly isOut: boolean
  readonly setOut: (isOut: boolean) => void
}

export function KeyLine({ place, body, isChanged, attempts, change, isOut, setOut }: KeyLineProps) {
  const [search] = useSearchParams()
  const isAsked = search.get('item') === String(place)
  const line = useRef<HTMLLIElement>(null)
  useEffect(() => {
    if (isAsked) line.current?.scrollIntoView({ block: 'center' })
  }, [isAsked])
  if (body.kind === 'note' || body.kind === 'scale') return null
  return (
    <li ref={line} className={`flex gap-3 border-b border-line py-2 ${isChanged || isAsked ? 'bg-here' : ''}`}>
      <span className="w-7 shrink-0 text-right font-text text-muted">{place + 1}</span>
      <div className="min-w-0 flex-1">
        <p className={`font-text ${isOut ? 'text-muted line-through' : ''}`}>{stemLine(body, 160)}</p>
        {isGraded(body.kind) && (
          <p className="flex flex-wrap items-baseline gap-x-2">
            <span>
              <KeyGlyph /> {keyInWords(body) || <span className="text-beet">◆ no key</span>}
            </span>
            {isChanged && <span className="text-xs text-mustard-ink">◐ changed, not graded yet</span>}
          </p>
        )}
        <May right="results">
          <OtherKey body={body} place={place} change={change} />
          <Spellings body={body} place={place} attempts={attempts} change={change} />
        </May>
      </div>
      <div className="grid shrink-0 content-start gap-1 text-right">
        <label className="text-xs text-muted">
          Points{' '}
          <input
            type="number"
            min={0}
            max={1000}
            step="any"
            className={`${FIELD} w-16 text-right text-ink`}
            key={body.points}
            defaultValue={body.points}
            aria-label={`Points of item ${place + 1}`}
            onBlur={(event) => {
              const next = Number(event.target.value)
              if (next !== body.points && next >= 0 && next <= 1000)
                change({ ...body, points: next }, `item ${place + 1} has ${next} points`)
            }}
          />
        </label>
        <label className="text-xs text-muted">
          <input
            type="checkbox"
            className="mr-1 accent-ink"
            checked={isOut}
            onChange={(event) => setOut(event.target.checked)}
          />
          left out
        </label>
      </div>
    </li>
  )
}

/** Another option as the key, where one is chosen. */
function OtherKey({ body, place, change }: Pick<KeyLineProps, 'body' | 'place' | 'change'>) {
  if (body.kind === 'truefalse')
    return (
      <Button
        tone="quiet"
        className="!px-0 text-xs underline"
        onClick={() =>
          change(
            { ...body, key: [body.key[0] !== true] },
            `item ${place + 1}: ${body.key[0] === true ? 'False' : 'True'} is the key`,
          )
        }
      >
        Make {body.key[0] === true ? 'False' : 'True'} the key
      </Button>
    )
  if (body.kind !== 'single') return null
  return (
    <label className="text-xs text-muted">
      Another key{' '}
      <select
        className={FIELD}
        value={body.key[0] ?? ''}
        aria-label={`Key of item ${place + 1}`}
        onChange={(event) => {
          const next = keyedBy(body, { kind: 'choice', chosen: [event.target.value] })
          if (next) change(next, `item ${place + 1}: ${keyInWords(next)} is the key`)
        }}
      >
        {body.options.map(({ id }) => (
          <option key={id} value={id}>
            {responseText(body, { kind: 'choice', chosen: [id] })}
          </option>
        ))}
      </select>
    </label>
  )
}

const MOST_SPELLINGS = 6

/** "12 wrote bowlin: count it as right?" */
function Spellings({ body, place, attempts, change }: Omit<KeyLineProps, 'isChanged' | 'isOut' | 'setOut'>) {
  const spellings = useMemo(() => spellingsOf(body, attempts, place), [body, attempts, place])
  const [all, setAll] = useState(false)
  if (!spellings.length) return null
  return (
    <ul className="pt-1">
      {(all ? spellings : spellings.slice(0, MOST_SPELLINGS)).map(({ text, count, gap }) => (
        <li key={`${gap ?? ''}${text}`} className="flex flex-wrap items-baseline gap-x-2">
          <span>
            {count} wrote <i className="font-text">{text}</i>
            {gap !== null && ` in gap ${gap + 1}`}
          </span>
          <Button
            tone="quiet"
            className="text-xs underline"
            aria-label={`Count “${text}” as right in item ${place + 1}`}
            onClick={() => change(withAccepted(body, text, gap), `item ${place + 1}: “${text}” counts as right`)}
          >
            Count it as right
          </Button>
        </li>
      ))}
      {!all && spellings.length > MOST_SPELLINGS && (
        <li>
          <button type="button" className="text-xs text-muted underline" onClick={() => setAll(true)}>
            {spellings.length - MOST_SPELLINGS} more
          </button>
        </li>
      )}
    </ul>
  )
}
