import { useState } from 'react'
import { Button } from '../parts/Button'
import { Fault, Field } from '../parts/fields'
import { useSignIn } from './session'

export function SignIn() {
  const signIn = useSignIn()
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  return (
    <main className="mx-auto grid h-full max-w-sm content-center px-5">
      <h1 className="text-3xl font-semibold tracking-tight">Zakuska</h1>
      <p className="mt-1 mb-6 font-text text-[15px] text-muted">Drafted questions in, proven keys out.</p>
      <form
        noValidate
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          signIn.mutate({ email, password })
        }}
      >
        <Field
          name="E-mail"
          type="email"
          autoComplete="username"
          autoFocus
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        <Field
          name="Password"
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
        <Fault error={signIn.error} />
        <Button tone="lead" type="submit" disabled={signIn.isPending}>
          {signIn.isPending ? 'Signing in …' : 'Sign in'}
        </Button>
      </form>
    </main>
  )
}
