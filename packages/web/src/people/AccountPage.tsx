import { format } from 'date-fns'
import { useState, type ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { useSession } from './session'
import { Button } from '../parts/Button'
import { Waiting } from '../parts/Empty'
import { useTell } from '../parts/notices'
import { Fault, Field, PASSWORD_HINT } from '../parts/fields'
import { usePeopleChanges, useSessions } from './queries'

/** What is one's own: name, address, password, and where one is signed in. */
export function AccountPage() {
  const person = useSession().data
  if (!person) return <Waiting what="your account" />
  return (
    <>
      <Head title="Your account" about={person.email} />
      <div className="min-h-0 flex-1 overflow-y-auto px-3 py-5 sm:px-[18px]">
        <div className="grid max-w-4xl gap-8 md:grid-cols-2">
          <Profile key={person.email} person={person} />
          <Password />
          <Sessions />
        </div>
      </div>
    </>
  )
}

/** A part of a page under its own head. */
export function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="min-w-0">
      <h2 className="mb-2 text-base font-semibold">{title}</h2>
      {children}
    </section>
  )
}

function Profile({ person }: { readonly person: Schemas['PersonDto'] }) {
  const { profile } = usePeopleChanges()
  const tell = useTell()
  const [given, setGiven] = useState({ name: person.name, email: person.email, password: '' })
  const hasNewAddress = given.email.trim().toLowerCase() !== person.email
  return (
    <Part title="Name and address">
      <form
        noValidate
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          profile.mutate(hasNewAddress ? given : { name: given.name, email: given.email }, {
            onSuccess: () => tell('Your name and address are kept.'),
          })
        }}
      >
        <Field
          name="Name"
          autoComplete="name"
          value={given.name}
          onChange={(event) => setGiven({ ...given, name: event.target.value })}
        />
        <Field
          name="E-mail"
          type="email"
          autoComplete="email"
          value={given.email}
          onChange={(event) => setGiven({ ...given, email: event.target.value })}
        />
        {hasNewAddress && (
          <Field
            name="Your password, to change the address"
            type="password"
            autoComplete="current-password"
            value={given.password}
            onChange={(event) => setGiven({ ...given, password: event.target.value })}
          />
        )}
        <Fault error={profile.error} />
        <div>
          <Button type="submit" disabled={profile.isPending}>
            Keep
          </Button>
        </div>
      </form>
    </Part>
  )
}

function Password() {
  const { password } = usePeopleChanges()
  const tell = useTell()
  const [given, setGiven] = useState({ old: '', password: '' })
  return (
    <Part title="Password">
      <form
        noValidate
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          password.mutate(given, {
            onSuccess: () => {
              setGiven({ old: '', password: '' })
              tell('The new password counts from now on. You were signed out everywhere else.')
            },
          })
        }}
      >
        <Field
          name="The one that you have"
          type="password"
          autoComplete="current-password"
          value={given.old}
          onChange={(event) => setGiven({ ...given, old: event.target.value })}
        />
        <Field
          name="New one"
          type="password"
          autoComplete="new-password"
          hint={PASSWORD_HINT}
          value={given.password}
          onChange={(event) => setGiven({ ...given, password: event.target.value })}
        />
        <Fault error={password.error} />
        <div>
          <Button type="submit" disabled={password.isPending}>
            Change it
          </Button>
        </div>
      </form>
    </Part>
  )
}

function Sessions() {
  const sessions = useSessions()
  const { endSessions } = usePeopleChanges()
  const tell = useTell()
  const list = sessions.data ?? []
  return (
    <Part title="Where you are signed in">
      <ul className="grid gap-1.5">
        {list.map((session, at) => (
          <li key={at} className="border-b border-line pb-1.5">
            {browserName(session.agent)}
            {session.isThis && <b> · this one</b>}
            <span className="block text-xs text-muted">
              since {session.since ? format(session.since, 'd MMM yyyy, HH:mm') : 'some time'}
            </span>
          </li>
        ))}
      </ul>
      {list.length > 1 && (
        <Button
          className="mt-3"
          disabled={endSessions.isPending}
          onClick={() =>
            endSessions.mutate(undefined, { onSuccess: () => tell('You are signed out everywhere else.') })
          }
        >
          Sign out everywhere else
        </Button>
      )}
    </Part>
  )
}

const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/iphone|ipad/i, 'a phone or tablet'],
  [/android/i, 'a phone or tablet'],
  [/windows|macintosh|linux|x11|cros/i, 'a computer'],
]

/** What kind of machine a browser says that it is on; its own long name says nothing to anybody. */
function browserName(agent: string): string {
  return `A browser on ${SYSTEMS.find(([pattern]) => pattern.test(agent))?.[1] ?? 'another machine'}`
}
