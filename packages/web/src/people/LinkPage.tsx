import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useSession } from './session'
import { SignIn } from './SignIn'
import { Button } from '../parts/Button'
import { Waiting } from '../parts/Empty'
import { Fault, Field, PASSWORD_HINT } from '../parts/fields'
import { NewPerson } from './FirstRunPage'
import { roleName } from './May'
import { useLink } from './queries'

/** What a one-time link is for: coming into a workspace, or a new password. */
export function LinkPage({ token }: { readonly token: string }) {
  const { link } = useLink(token)
  if (link.isPending) return <Waiting what="the link" />
  return (
    <main className="mx-auto max-w-sm px-5 py-12">
      <h1 className="mb-4 text-3xl font-semibold tracking-tight">Zakuska</h1>
      {link.isError ? (
        <>
          <Fault error={link.error} />
          <p className="mt-3">
            <a href="/" className="underline">
              Go to the sign-in
            </a>
          </p>
        </>
      ) : link.data.kind === 'password' ? (
        <NewPassword token={token} person={link.data.person ?? ''} />
      ) : (
        <Invitation token={token} link={link.data} />
      )}
    </main>
  )
}

function Invitation({
  token,
  link,
}: {
  readonly token: string
  readonly link: NonNullable<ReturnType<typeof useLink>['link']['data']>
}) {
  const session = useSession()
  const { takeUp } = useLink(token)
  const navigate = useNavigate()
  const [hasAccount, setHasAccount] = useState(false)
  const [given, setGiven] = useState({ name: '', email: '', password: '' })
  const join = (who: typeof given | object): void =>
    takeUp.mutate(who, { onSuccess: () => void navigate('/drafts', { replace: true }) })
  const about = (
    <p className="mb-5 font-text text-[15px] text-muted">
      {link.madeBy} invites you to <b className="text-ink">{link.workspace}</b>, as{' '}
      {link.role ? roleName(link.role) : 'a viewer'}.
    </p>
  )
  if (session.data)
    return (
      <>
        {about}
        <Fault error={takeUp.error} />
        <Button tone="lead" onClick={() => join({})} disabled={takeUp.isPending}>
          Join as {session.data.name}
        </Button>
      </>
    )
  if (hasAccount)
    return (
      <>
        {about}
        <SignIn />
      </>
    )
  return (
    <>
      {about}
      <form
        noValidate
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          join(given)
        }}
      >
        <NewPerson given={given} set={(part) => setGiven((now) => ({ ...now, ...part }))} />
        <Fault error={takeUp.error} />
        <Button tone="lead" type="submit" disabled={takeUp.isPending}>
          Join
        </Button>
        <Button tone="quiet" onClick={() => setHasAccount(true)}>
          I have an account
        </Button>
      </form>
    </>
  )
}

function NewPassword({ token, person }: { readonly token: string; readonly person: string }) {
  const { takeUp } = useLink(token)
  const navigate = useNavigate()
  const [password, setPassword] = useState('')
  return (
    <form
      noValidate
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        takeUp.mutate({ password }, { onSuccess: () => void navigate('/drafts', { replace: true }) })
      }}
    >
      <p className="font-text text-[15px] text-muted">A new password for {person}. Every other session ends with it.</p>
      <Field
        name="New password"
        type="password"
        autoComplete="new-password"
        autoFocus
        hint={PASSWORD_HINT}
        value={password}
        onChange={(event) => setPassword(event.target.value)}
      />
      <Fault error={takeUp.error} />
      <Button tone="lead" type="submit" disabled={takeUp.isPending}>
        Set it and sign in
      </Button>
    </form>
  )
}
