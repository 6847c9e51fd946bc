import { useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { Fault, Field, PASSWORD_HINT } from '../parts/fields'
import { useFirstRun } from './queries'

/** Makes the first owner and workspace of a new server, once. */
export function FirstRunPage() {
  const { state, make } = useFirstRun()
  const [params] = useSearchParams()
  const navigate = useNavigate()
  const [given, setGiven] = useState({
    token: params.get('token') ?? '',
    workspace: '',
    name: '',
    email: '',
    password: '',
  })
  const set = (part: Partial<typeof given>): void => setGiven((now) => ({ ...now, ...part }))
  if (state.isPending) return <Waiting what="Zakuska" />
  if (state.isError) return <Problem error={state.error} again={() => void state.refetch()} />
  return (
    <main className="mx-auto max-w-sm px-5 py-12">
      <h1 className="text-3xl font-semibold tracking-tight">Zakuska</h1>
      {state.data.isOpen ? (
        <>
          <p className="mt-1 mb-6 font-text text-[15px] text-muted">
            Nobody is here yet. Make yourself the first owner; everybody else comes by your invitation.
          </p>
          <form
            noValidate
            className="grid gap-3"
            onSubmit={(event) => {
              event.preventDefault()
              make.mutate(given, { onSuccess: () => void navigate('/drafts') })
            }}
          >
            <Field
              name="Token"
              hint="It was printed when the server started."
              value={given.token}
              autoComplete="off"
              onChange={(event) => set({ token: event.target.value })}
            />
            <Field
              name="Name of the workspace"
              autoFocus
              value={given.workspace}
              placeholder="Evening course"
              onChange={(event) => set({ workspace: event.target.value })}
            />
            <NewPerson given={given} set={set} />
            <Fault error={make.error} />
            <Button tone="lead" type="submit" disabled={make.isPending}>
              {make.isPending ? 'Making it …' : 'Begin'}
            </Button>
          </form>
        </>
      ) : (
        <p className="mt-2 text-muted">
          This server has its first owner.{' '}
          <a href="/" className="underline">
            Sign in
          </a>
        </p>
      )}
    </main>
  )
}

interface Given {
  readonly name: string
  readonly email: string
  readonly password: string
}

/** Name, address and password of somebody new. */
export function NewPerson({ given, set }: { readonly given: Given; readonly set: (part: Partial<Given>) => void }) {
  return (
    <>
      <Field
        name="Your name"
        autoComplete="name"
        value={given.name}
        onChange={(event) => set({ name: event.target.value })}
      />
      <Field
        name="E-mail"
        type="email"
        autoComplete="username"
        value={given.email}
        onChange={(event) => set({ email: event.target.value })}
      />
      <Field
        name="Password"
        type="password"
        autoComplete="new-password"
        hint={PASSWORD_HINT}
        value={given.password}
        onChange={(event) => set({ password: event.target.value })}
      />
    </>
  )
}
