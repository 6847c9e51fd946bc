import { format } from 'date-fns'
import { useState, type ReactNode } from 'react'
import { QrCode } from '../dispatch/QrCode'
import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { Fault } from '../people/fields'
import { May, useMay } from '../people/May'
import { useRosters, useSittingChanges, type Sitting, type Taking } from './queries'

const FIELD = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5'

/** How a class comes to it, and who may take it, when, and how often. */
export function TakingView({ sitting }: { readonly sitting: Sitting }) {
  const { taking, code } = sitting
  if (!taking || code === null) return null
  return (
    <div className="grid gap-x-10 gap-y-6 px-3 py-4 sm:px-[18px] lg:grid-cols-[320px_minmax(0,1fr)]">
      <Address sitting={sitting} code={code} />
      <Settings key={sitting.version} sitting={sitting} taking={taking} />
    </div>
  )
}

function Address({ sitting, code }: { readonly sitting: Sitting; readonly code: string }) {
  const tell = useTell()
  const address = `${window.location.origin}/take/${code}`
  const text = `${sitting.title}\nOpen this address: ${address}\nOr go to ${window.location.host}/take and type the code ${code}.`
  const copy = (what: string, said: string): void =>
    void navigator.clipboard.writeText(what).then(
      () => tell(said),
      () => tell('It could not be copied. Mark it and copy it by hand.', { tone: 'trouble' }),
    )
  return (
    <section aria-label="Address">
      <p role="status" className="text-base">
        {stateText(sitting)}
      </p>
      <QrCode address={address} name={sitting.title} />
      <p className="font-mono text-xs break-all">
        <a href={address} target="_blank" rel="noreferrer" className="underline">
          {address}
        </a>
      </p>
      <p className="pt-2">
        Code to join <b className="font-mono text-lg tracking-widest">{code}</b>
      </p>
      <div className="flex flex-wrap gap-2 pt-2">
        <Button onClick={() => copy(address, 'The address was copied.')}>Copy the address</Button>
        <Button onClick={() => copy(text, 'The text for the class was copied.')}>Copy a text for the class</Button>
      </div>
      <p className="pt-3 text-muted">
        {counted(sitting.attempts, 'person has', 'people have')} handed in
        {sitting.underWay > 0 && `, ${sitting.underWay} ${sitting.underWay === 1 ? 'is' : 'are'} at it`}.
      </p>
    </section>
  )
}

function stateText({ isOpen, taking }: Sitting): ReactNode {
  if (isOpen) return <span className="text-dill">✓ Open: anybody who may can take it now.</span>
  if (taking?.isOpen && taking.opensAt && new Date(taking.opensAt) > new Date())
    return <span className="text-mustard-ink">◐ Opens {format(taking.opensAt, 'd MMM HH:mm')}.</span>
  return <span className="text-beet">◆ Closed: nobody can take it.</span>
}

/** How sure it is that each person answers once, in plain words. */
function sureness({ who, attempts }: Taking): string {
  if (who === 'code')
    return 'Sure as long as codes are kept: a name opens only with its own code. With it, people can go on on another device.'
  if (who === 'list') return 'Fairly sure: only names on the list open it, but who knows a name can write it.'
  return attempts === null
    ? 'Anybody who has the address, by the name that is typed, as often as they like.'
    : 'Not very sure: it goes by the browser and the typed name. Somebody can take another browser and another name.'
}

function Settings({ sitting, taking }: { readonly sitting: Sitting; readonly taking: Taking }) {
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
          {next.mode === 'test' ? (
            <Row name="Points and feedback">
              <select
                className={FIELD}
                aria-label="When points and feedback are told"
                value={next.feedbackWhen}
                onChange={(event) =>
                  set({
                    feedbackWhen:
                      (['after', 'closed', 'never'] as const).find((one) => one === event.target.value) ?? 'after',
                  })
                }
              >
                <option value="after">after handing in</option>
                <option value="closed">after it is closed</option>
                <option value="never">never</option>
              </select>
            </Row>
          ) : (
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
          )}
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

function Row({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="grid gap-x-4 sm:grid-cols-[140px_minmax(0,1fr)]">
      <span className="text-muted">{name}</span>
      <div>{children}</div>
    </div>
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

function People({
  names,
  people,
  next,
  setNames,
}: {
  readonly names: string
  readonly people: Taking['people']
  readonly next: Taking
  readonly setNames: (text: string) => void
}) {
  const { rosters, keep } = useRosters()
  const [name, setName] = useState('')
  const tell = useTell()
  return (
    <div className="grid gap-1 pt-1">
      {Boolean(rosters.data?.length) && (
        <label>
          Take the list{' '}
          <select
            className={FIELD}
            value=""
            onChange={(event) => {
              const roster = rosters.data?.find(({ id }) => id === event.target.value)
              if (roster)
                setNames(roster.people.map((one) => (one.code ? `${one.name}\t${one.code}` : one.name)).join('\n'))
            }}
          >
            <option value="">choose</option>
            {rosters.data?.map((roster) => (
              <option key={roster.id} value={roster.id}>
                {roster.name} ({roster.people.length})
              </option>
            ))}
          </select>
        </label>
      )}
      <label>
        Names, a line each
        <textarea
          className={`${FIELD} block w-full`}
          rows={6}
          value={names}
          onChange={(event) => setNames(event.target.value)}
        />
      </label>
      {next.who === 'code' && people.length > 0 && (
        <details>
          <summary className="text-muted">
            Codes to give out, made for {counted(people.length, 'name', 'names')}
          </summary>
          <ul className="max-h-48 overflow-y-auto font-mono text-xs" tabIndex={0} aria-label="Codes">
            {people.map((one) => (
              <li key={one.name}>
                {one.code} {one.name}
              </li>
            ))}
          </ul>
        </details>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <input
          className={FIELD}
          placeholder="Name of this list"
          aria-label="Name of this list"
          value={name}
          maxLength={80}
          onChange={(event) => setName(event.target.value)}
        />
        <Button
          disabled={!name.trim() || !people.length || keep.isPending}
          onClick={() =>
            keep.mutate(
              { name: name.trim(), people },
              {
                onSuccess: () => tell(`The list “${name.trim()}” was kept for other sittings.`),
                onError: (error) => tell(error.message, { tone: 'trouble' }),
              },
            )
          }
        >
          Keep this list
        </Button>
      </div>
    </div>
  )
}

const CODE_SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'

/** Names of the lines; who had a code keeps it, a code behind a tab is taken, others get one where codes are asked for. */
export function peopleIn(text: string, known: Taking['people'], who: Taking['who']): Taking['people'] {
  const codes = new Map(known.map(({ name, code }) => [name, code]))
  const seen = new Set<string>()
  return text.split('\n').flatMap((line) => {
    const [name = '', given = ''] = line.split('\t').map((part) => part.trim())
    if (!name || seen.has(name)) return []
    seen.add(name)
    const code = given || codes.get(name) || (who === 'code' ? codeFor(name) : '')
    return [{ name: name.slice(0, 120), code }]
  })
}

/** Kept from drawing to drawing: a new code must not come with every letter that is typed. */
const made = new Map<string, string>()

function codeFor(name: string): string {
  let code = made.get(name)
  if (!code) {
    const numbers = crypto.getRandomValues(new Uint8Array(6))
    code = [...numbers].map((one) => CODE_SIGNS[one % CODE_SIGNS.length]).join('')
    made.set(name, code)
  }
  return code
}

/** What the server takes of it. */
function bare({
  mode,
  isOpen,
  opensAt,
  closesAt,
  who,
  people,
  attempts,
  timeLimit,
  feedbackWhen,
  tries,
  shuffleItems,
  shuffleOptions,
}: Taking): Taking {
  return {
    mode,
    isOpen,
    opensAt,
    closesAt,
    who,
    people,
    attempts,
    timeLimit,
    feedbackWhen,
    tries,
    shuffleItems,
    shuffleOptions,
  }
}
