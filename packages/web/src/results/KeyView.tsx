import {
  keyedBy,
  keyInWords,
  isGraded,
  responseText,
  sampleDifferences,
  spellingsOf,
  withAccepted,
  type Item,
  type SampleDifference,
} from '@zakuska/core'
import { format } from 'date-fns'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import { KeyGlyph } from '../parts/KeyGlyph'
import { May } from '../people/May'
import { RegradePreview, type Regrade } from './RegradePreview'
import type { SittingAttempt } from './queries'
import type { ViewProps } from './SittingDesk'
import { stemLine } from './words'

const FIELD = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5'

/** The key by which this sitting is graded, item by item; what changes is shown before it is done. */
export function KeyView({ sitting, looked }: ViewProps) {
  const [changed, setChanged] = useState<ReadonlyMap<number, Item>>(new Map())
  const [leftOut, setLeftOut] = useState<readonly number[]>(sitting.settings.leftOut)
  const [why, setWhy] = useState<readonly string[]>([])
  const [asked, setAsked] = useState<Regrade | null>(null)
  const isSame =
    leftOut.length === sitting.settings.leftOut.length && leftOut.every((one) => sitting.settings.leftOut.includes(one))
  const change = (place: number, body: Item, because: string): void => {
    setChanged((now) => new Map(now).set(place, body))
    setWhy((now) => (now.includes(because) ? now : [...now, because]))
  }
  const start = (): void => {
    setChanged(new Map())
    setLeftOut(sitting.settings.leftOut)
    setWhy([])
  }
  const mended = sitting.items.flatMap(({ inBank }, place) =>
    inBank && !changed.has(place) ? [{ place, inBank }] : [],
  )
  return (
    <div className="grid gap-x-8 gap-y-6 px-3 py-4 sm:px-[18px] xl:grid-cols-[minmax(0,1fr)_380px]">
      <section aria-label="Key by item" className="min-w-0">
        {mended.length > 0 && (
          <div className="mb-4 border-l-4 border-mustard pl-3">
            <p>
              ◐ Since it was taken, the key of {counted(mended.length, 'item was', 'items were')} mended in the bank:{' '}
              {mended.map(({ place }) => place + 1).join(', ')}.
            </p>
            <May right="results">
              <Button
                className="mt-1"
                onClick={() =>
                  mended.forEach(({ place, inBank }) =>
                    change(place, inBank, `item ${place + 1}: its key was mended in the bank`),
                  )
                }
              >
                Take the mended {mended.length === 1 ? 'key' : 'keys'}
              </Button>
            </May>
          </div>
        )}
        <ol>
          {sitting.items.map(({ body }, place) => (
            <KeyLine
              key={place}
              place={place}
              body={changed.get(place) ?? body}
              isChanged={changed.has(place)}
              attempts={looked.counted}
              change={(next, because) => change(place, next, because)}
              isOut={leftOut.includes(place)}
              setOut={(out) => {
                setLeftOut((now) => (out ? [...now, place] : now.filter((one) => one !== place)))
                setWhy((now) => [
                  ...now.filter((one) => one !== `item ${place + 1} is left out`),
                  ...(out ? [`item ${place + 1} is left out`] : []),
                ])
              }}
            />
          ))}
        </ol>
        {(changed.size > 0 || !isSame) && (
          <div
            className="sticky bottom-0 flex flex-wrap items-center gap-2 border-t border-ink bg-paper py-2"
            role="status"
          >
            <span>{counted(changed.size + (isSame ? 0 : 1), 'change', 'changes')}, not graded yet.</span>
            <Button tone="lead" onClick={() => setAsked({ items: changed, leftOut, why: why.join('; ') })}>
              See what changes for whom
            </Button>
            <Button tone="quiet" onClick={start}>
              Undo all
            </Button>
          </div>
        )}
      </section>
      <aside className="grid content-start gap-6">
        <SampleKey sitting={sitting} looked={looked} change={change} />
        <section aria-label="Regrades">
          <h2 className="text-[15px] font-semibold">Regrades</h2>
          {sitting.regradings.length === 0 && <p className="text-muted">The key is as it was when it was taken.</p>}
          <ul>
            {sitting.regradings.map(({ id, at, by, why: because, changes }) => (
              <li key={id} className="border-b border-line py-1">
                {because}
                <span className="block text-xs text-muted">
                  {by}, {format(at, 'd MMM HH:mm')} · {counted(changes.length, 'score', 'scores')} changed
                </span>
              </li>
            ))}
          </ul>
        </section>
      </aside>
      <RegradePreview
        sitting={sitting}
        regrade={asked}
        close={(done) => {
          setAsked(null)
          if (done) {
            setChanged(new Map())
            setWhy([])
          }
        }}
      />
    </div>
  )
}

interface KeyLineProps {
  readonly place: number
  readonly body: Item
  readonly isChanged: boolean
  readonly attempts: readonly SittingAttempt[]
  readonly change: (body: Item, because: string) => void
  readonly isOut: boolean
  readonly setOut: (isOut: boolean) => void
}

function KeyLine({ place, body, isChanged, attempts, change, isOut, setOut }: KeyLineProps) {
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

/** The key out of one person's answers: what disagrees with the items' own keys is decided one by one. */
function SampleKey({
  sitting,
  looked,
  change,
}: ViewProps & { readonly change: (place: number, body: Item, because: string) => void }) {
  const [chosen, setChosen] = useState('')
  const [decided, setDecided] = useState<ReadonlySet<number>>(new Set())
  const sample = sitting.attemptList.find(({ id }) => id === chosen)
  const differences = useMemo(
    () => (sample ? sampleDifferences(looked.bodies, sample.responses) : []),
    [looked.bodies, sample],
  )
  const open = differences.filter(({ item }) => !decided.has(item))
  const decide = (difference: SampleDifference, take: boolean): void => {
    if (take && difference.changed)
      change(
        difference.item,
        difference.changed,
        `item ${difference.item + 1}: the key as ${sample?.student ?? ''} answered`,
      )
    setDecided((now) => new Set([...now, difference.item]))
  }
  return (
    <section aria-label="Key from a sample submission">
      <h2 className="text-[15px] font-semibold">Key from a sample submission</h2>
      <p className="text-muted">Somebody answered as it should be? Compare with the key before anything is graded.</p>
      <select
        className={`${FIELD} mt-1 w-full`}
        aria-label="Whose answers"
        value={chosen}
        onChange={(event) => {
          setChosen(event.target.value)
          setDecided(new Set())
        }}
      >
        <option value="">whose answers?</option>
        {sitting.attemptList.map(({ id, student }) => (
          <option key={id} value={id}>
            {student}
          </option>
        ))}
      </select>
      {sample && (
        <p role="status" className="pt-1">
          {differences.length === 0
            ? '✓ These answers and the key say the same.'
            : `◐ They disagree in ${counted(differences.length, 'item', 'items')}; ${open.length ? `${open.length} to decide.` : 'all decided.'}`}
        </p>
      )}
      <ul>
        {open.map((difference) => {
          const body = looked.bodies[difference.item]
          if (!body) return null
          return (
            <li key={difference.item} className="border-b border-line py-2">
              <p className="font-text">
                {difference.item + 1}. {stemLine(body, 90)}
              </p>
              <dl className="grid grid-cols-[70px_1fr] gap-x-2">
                <dt className="text-muted">key</dt>
                <dd>{difference.key ? keyInWords(body) : 'none'}</dd>
                <dt className="text-muted">sample</dt>
                <dd>{difference.sample ? responseText(body, difference.sample) : 'left open'}</dd>
              </dl>
              <div className="flex flex-wrap gap-2 pt-1">
                {difference.changed && (
                  <Button className="!py-0" onClick={() => decide(difference, true)}>
                    Take the sample’s
                  </Button>
                )}
                <Button tone="quiet" className="!py-0" onClick={() => decide(difference, false)}>
                  Keep the key
                </Button>
              </div>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
