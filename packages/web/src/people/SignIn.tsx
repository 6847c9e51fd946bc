import { classValidatorResolver } from '@hookform/resolvers/class-validator'
import { IsEmail, Length } from 'class-validator'
import { useForm } from 'react-hook-form'
import { Button } from '../parts/Button'
import { useSignIn } from './session'

class Given {
  @IsEmail({}, { message: 'Give your e-mail address.' })
  email = ''

  @Length(1, 200, { message: 'Give your password.' })
  password = ''
}

const FIELD = 'mt-0.5 w-full rounded-[3px] border border-edge bg-sheet px-2.5 py-1.5'

export function SignIn() {
  const signIn = useSignIn()
  const { register, handleSubmit, formState } = useForm<Given>({
    resolver: classValidatorResolver(Given),
    defaultValues: { email: '', password: '' },
  })
  const problem = formState.errors.email?.message ?? formState.errors.password?.message ?? signIn.error?.message
  return (
    <main className="mx-auto grid h-full max-w-sm content-center px-5">
      <h1 className="text-3xl font-semibold tracking-tight">Zakuska</h1>
      <p className="mt-1 mb-6 font-text text-[15px] text-muted">Drafted questions in, proven keys out.</p>
      <form
        noValidate
        onSubmit={(event) => void handleSubmit((given) => signIn.mutate({ ...given }))(event)}
        className="grid gap-3"
      >
        <label>
          E-mail
          <input type="email" autoComplete="username" autoFocus className={FIELD} {...register('email')} />
        </label>
        <label>
          Password
          <input type="password" autoComplete="current-password" className={FIELD} {...register('password')} />
        </label>
        {problem && (
          <p role="alert" className="text-beet">
            <span aria-hidden="true">◆ </span>
            {problem}
          </p>
        )}
        <Button tone="lead" type="submit" disabled={signIn.isPending}>
          {signIn.isPending ? 'Signing in …' : 'Sign in'}
        </Button>
      </form>
    </main>
  )
}
