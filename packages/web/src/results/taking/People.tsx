import { useState } from 'react'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { useTell, type Tell } from '../../parts/notices'
import { type Taking, useRosters } from '../queries'
import { FIELD } from '../../parts/field-class'

export function People({
  names,
  people,
  next,
  setNames,
}: {
  readonly names: string
  readonly people: readonly Taking['people'][number][]
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
      <KeepList name={name} setName={setName} people={people} keep={keep} tell={tell} />
    </div>
  )
}

function KeepList({
  name,
  setName,
  people,
  keep,
  tell,
}: {
  readonly name: string
  readonly setName: (next: string) => void
  readonly people: readonly Taking['people'][number][]
  readonly keep: ReturnType<typeof useRosters>['keep']
  readonly tell: Tell
}) {
  return (
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
            { name: name.trim(), people: [...people] },
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
  )
}

/** What the server takes of it. */
export function bare({
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
