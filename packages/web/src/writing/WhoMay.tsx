import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Fault } from '../parts/fields'
import { useWritingChanges, useWritingPeople } from './queries'

type Allowance = Schemas['AllowanceDto']

/** Who may use writing help, and how much of it in a month. */
export function WhoMay({ service }: { readonly service: { readonly cap: number } }) {
  const people = useWritingPeople(true)
  const { allow } = useWritingChanges()
  return (
    <section aria-label="Who may use it">
      <h2 className="mb-1 text-xs font-semibold text-muted">Who may use it</h2>
      <Fault error={people.error ?? allow.error} />
      <ul>
        {people.data?.map((person) => (
          <Person
            key={person.personId}
            person={person}
            cap={service.cap}
            set={(isAllowed, cap) => allow.mutate({ id: person.personId, isAllowed, cap })}
          />
        ))}
      </ul>
    </section>
  )
}

function Person({
  person,
  cap,
  set,
}: {
  readonly person: Allowance
  readonly cap: number
  readonly set: (isAllowed: boolean, cap: number | null) => void
}) {
  const { name, isAllowed, used } = person
  const [own, setOwn] = useState(person.cap === null ? '' : String(person.cap))
  const keep = (): void => {
    const next = own.trim() === '' ? null : Math.max(0, Math.round(Number(own)) || 0)
    if (next !== person.cap) set(isAllowed, next)
  }
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5">
      <label className="flex min-w-36 flex-1 items-baseline gap-2">
        <input type="checkbox" checked={isAllowed} onChange={(event) => set(event.target.checked, person.cap)} />
        <span>
          {name}
          <span className="block text-xs text-muted tabular-nums">{used.toLocaleString('en')} this month</span>
        </span>
      </label>
      <input
        type="number"
        min={0}
        aria-label={`Units a month for ${name}`}
        className="w-24 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-right"
        placeholder={cap.toLocaleString('en')}
        disabled={!isAllowed}
        value={own}
        onChange={(event) => setOwn(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep()
        }}
      />
    </li>
  )
}
