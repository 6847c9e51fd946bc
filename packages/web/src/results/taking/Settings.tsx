import { format } from 'date-fns'
import { useState } from 'react'
import { Button } from '../../parts/Button'
import { Fault } from '../../parts/fields'
import { May, useMay } from '../../people/May'
import { type Sitting, type Taking, useSittingChanges } from '../queries'
import { bare, People } from './People'
import { peopleIn } from './people-in'
import { FIELD } from '../../parts/field-class'
import { Row } from './Row'
import type { Schemas } from '../../api/client'

/** How sure it is that each person answers once, in plain words. */
function sureness({ who, attempts }: Taking): string {
  if (who === 'code')
    return 'Sure as long as codes are kept secret: a name opens only with its own code. Switching to another device needs your permission.'
  if (who === 'list') return 'Fairly sure: only names on the list open it, but who knows a name can write it.'
  return attempts === null
    ? 'Anybody who has the address, by the name that is typed, as often as they like.'
    : 'Not very sure: it goes by the browser and the typed name, and names that look alike count as one. Somebody can take another browser and another name.'
}

export function Settings({ sitting, taking }: { readonly sitting: Sitting; readonly taking: Taking }) {
  const { setTaking } = useSittingChanges(sitting.id)
  const may = useMay('dispatch')
  const [next, setNext] = useState<Taking>(taking)
  const [names, setNames] = useState(taking.people.map(({ name }) => name).join('\n'))
  const [isChanged, setIsChanged] = useState(false)
  const set = (part: Partial<Taking>): void => {
    setNext((now) => ({ ...now, ...part }))
    setIsChanged(true)
  }
  const send = (given: Taking): void => setTaking.mutate(bare(given), { onSuccess: () => setIsChanged(false) })
  const people = peopleIn(names, next.people, next.who)
  return (
    <section aria-label="Who, when and how" className="max-w-2xl">
      <OpenNow taking={taking} setTaking={setTaking} send={send} />
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          send({ ...next, people })
        }}
      >
        <fieldset disabled={!may} className="grid gap-3">
          <Row name="As">
            {(['test', 'practice'] as const).map((mode) => (
              <label key={mode} className="mr-4">
                <input
                  type="radio"
                  name="mode"
                  className="mr-1 accent-ink"
                  checked={next.mode === mode}
                  onChange={() => set({ mode })}
                />
                {mode === 'test' ? 'a test' : 'practice: check, hints, try again'}
              </label>
            ))}
          </Row>
          <Row name="Open from">
            <Time value={next.opensAt} set={(opensAt) => set({ opensAt })} label="Open from" />
            <span className="px-2 text-muted">until</span>
            <Time value={next.closesAt} set={(closesAt) => set({ closesAt })} label="Open until" />
          </Row>
          <WhoRow next={next} set={set} names={names} people={people} setNames={setNames} setIsChanged={setIsChanged} />
          <Row name="How often">
            <Amount
              value={next.attempts}
              most={100}
              set={(attempts) => set({ attempts })}
              label="How often by each"
              none="as often as they like"
              unit="by each"
            />
          </Row>
          <Row name="Time">
            <Amount
              value={next.timeLimit}
              most={1440}
              set={(timeLimit) => set({ timeLimit })}
              label="Minutes"
              none="as long as it takes"
              unit="minutes"
            />
          </Row>
          {next.mode === 'test' ? <FeedbackRow next={next} set={set} /> : <TriesRow next={next} set={set} />}
          <OrderRow next={next} set={set} />
        </fieldset>
        <Fault error={setTaking.error} />
        {isChanged && (
          <div className="flex items-center gap-3">
            <Button tone="lead" type="submit" disabled={setTaking.isPending}>
              Keep these settings
            </Button>
            <span className="text-mustard-ink">◐ not kept yet</span>
          </div>
        )}
      </form>
    </section>
  )
}

function TriesRow({ next, set }: { readonly next: Taking; readonly set: (part: Partial<Taking>) => void }) {
  return (
    <Row name="Tries">
      <Amount
        value={next.tries}
        most={20}
        set={(tries) => set({ tries })}
        label="Tries for each item"
        none="as many as they like"
        unit="for each item"
      />
    </Row>
  )
}

function OpenNow({
  taking,
  setTaking,
  send,
}: {
  readonly taking: Taking
  readonly setTaking: ReturnType<typeof useSittingChanges>['setTaking']
  readonly send: (given: Taking) => void
}) {
  return (
    <div className="flex flex-wrap gap-2 pb-3">
      <May right="dispatch" to="open or close it">
        <Button
          tone={taking.isOpen ? 'plain' : 'lead'}
          disabled={setTaking.isPending}
          onClick={() =>
            send({ ...taking, isOpen: !taking.isOpen, ...(!taking.isOpen && { opensAt: null, closesAt: null }) })
          }
        >
          {taking.isOpen ? 'Close it now' : 'Open it now'}
        </Button>
      </May>
      {taking.isOpen && <span className="self-center text-xs text-muted">Closing hands in what was saved.</span>}
    </div>
  )
}

function OrderRow({ next, set }: { readonly next: Taking; readonly set: (part: Partial<Taking>) => void }) {
  return (
    <Row name="Order">
      <label className="mr-4">
        <input
          type="checkbox"
          className="mr-1 accent-ink"
          checked={next.shuffleItems}
          onChange={(event) => set({ shuffleItems: event.target.checked })}
        />
        items differ by person
      </label>
      <label>
        <input
          type="checkbox"
          className="mr-1 accent-ink"
          checked={next.shuffleOptions}
          onChange={(event) => set({ shuffleOptions: event.target.checked })}
        />
        options differ by person
      </label>
    </Row>
  )
}

function FeedbackRow({ next, set }: { readonly next: Taking; readonly set: (part: Partial<Taking>) => void }) {
  return (
    <Row name="Points and feedback">
      <select
        className={FIELD}
        aria-label="When points and feedback are told"
        value={next.feedbackWhen}
        onChange={(event) =>
          set({
            feedbackWhen: (['after', 'closed', 'never'] as const).find((one) => one === event.target.value) ?? 'after',
          })
        }
      >
        <option value="after">after handing in</option>
        <option value="closed">after it is closed</option>
        <option value="never">never</option>
      </select>
    </Row>
  )
}

function WhoRow({
  next,
  set,
  names,
  people,
  setNames,
  setIsChanged,
}: {
  readonly next: Taking
  readonly set: (part: Partial<Taking>) => void
  readonly names: string
  readonly people: readonly Schemas['ListedDto'][]
  readonly setNames: (next: string) => void
  readonly setIsChanged: (next: boolean) => void
}) {
  return (
    <Row name="Who may take it">
      <select
        className={FIELD}
        aria-label="Who may take it"
        value={next.who}
        onChange={(event) =>
          set({
            who: (['anyone', 'list', 'code'] as const).find((one) => one === event.target.value) ?? 'anyone',
          })
        }
      >
        <option value="anyone">anyone with the address</option>
        <option value="list">names on a list</option>
        <option value="code">names on a list, each with a code</option>
      </select>
      <p className="text-xs text-muted">{sureness(next)}</p>
      {next.who !== 'anyone' && (
        <People
          {...{ names, people, next }}
          setNames={(text) => {
            setNames(text)
            setIsChanged(true)
          }}
        />
      )}
    </Row>
  )
}

function Time({
  value,
  set,
  label,
}: {
  readonly value: string | null
  readonly set: (iso: string | null) => void
  readonly label: string
}) {
  return (
    <input
      type="datetime-local"
      aria-label={label}
      className={FIELD}
      value={value === null ? '' : format(value, "yyyy-MM-dd'T'HH:mm")}
      onChange={(event) => set(event.target.value === '' ? null : new Date(event.target.value).toISOString())}
    />
  )
}

function Amount({
  value,
  most,
  set,
  label,
  none,
  unit,
}: {
  readonly value: number | null
  readonly most: number
  readonly set: (value: number | null) => void
  readonly label: string
  readonly none: string
  readonly unit: string
}) {
  return (
    <>
      <input
        type="number"
        min={1}
        max={most}
        aria-label={label}
        className={`${FIELD} w-20`}
        value={value ?? ''}
        onChange={(event) =>
          set(event.target.value === '' ? null : Math.min(most, Math.max(1, Math.round(Number(event.target.value)))))
        }
      />{' '}
      <span className="text-muted">{value === null ? none : unit}</span>
    </>
  )
}
