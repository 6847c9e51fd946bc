import { useQuery } from '@tanstack/react-query'
import { format } from 'date-fns'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { api, dataOf } from '../api/client'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { Fault, Field } from '../parts/fields'
import { AttemptPage } from './AttemptPage'
import { type About, deviceName, keepToken, keptToken } from './calls'
import { Sheet } from './Sheet'

/** Where a class takes a paper: by its code, nobody signs in. */
export function TakePage() {
  const { code = '' } = useParams()
  const plain = code.toUpperCase().replace(/[^A-Z0-9]/g, '')
  return plain ? <Sitting key={plain} code={plain} /> : <AskCode />
}

function AskCode() {
  const navigate = useNavigate()
  const [code, setCode] = useState('')
  return (
    <Sheet>
      <h1 className="text-xl font-semibold">Take a paper</h1>
      <form
        className="mt-4 grid max-w-xs gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          void navigate(`/take/${code.trim().toUpperCase()}`)
        }}
      >
        <Field
          name="Code to join"
          value={code}
          autoFocus
          autoCapitalize="characters"
          autoComplete="off"
          required
          onChange={(event) => setCode(event.target.value)}
        />
        <Button tone="lead" type="submit">
          Go on
        </Button>
      </form>
    </Sheet>
  )
}

function Sitting({ code }: { readonly code: string }) {
  const [token, setToken] = useState(() => keptToken(code))
  const about = useQuery({
    queryKey: ['take', code],
    queryFn: () => dataOf(api.GET('/api/take/{code}', { params: { path: { code } } })),
    enabled: token === null,
    retry: false,
  })
  const open = (fresh: string | null): void => {
    keepToken(code, fresh)
    setToken(fresh)
  }
  if (token !== null) return <AttemptPage key={token} code={code} token={token} leave={() => open(null)} />
  if (about.isPending) return <Waiting what="the paper" />
  if (about.isError)
    return (
      <Sheet>
        <Problem error={about.error} again={() => void about.refetch()} />
        <p className="px-4 text-muted">Is the code {code} as your teacher gave it?</p>
      </Sheet>
    )
  return <Begin code={code} about={about.data} open={open} />
}

function Begin({
  code,
  about,
  open,
}: {
  readonly code: string
  readonly about: About
  readonly open: (token: string) => void
}) {
  const [fields, setFields] = useState<Readonly<Record<string, string>>>({})
  const [own, setOwn] = useState('')
  const [error, setError] = useState<Error | null>(null)
  const [isBusy, setIsBusy] = useState(false)
  const begin = async (): Promise<void> => {
    setIsBusy(true)
    setError(null)
    try {
      const body = { fields: { ...fields }, code: own, device: deviceName() }
      const { token } = await dataOf(api.POST('/api/take/{code}', { params: { path: { code } }, body }))
      open(token)
    } catch (reason) {
      setError(reason instanceof Error ? reason : new Error('It could not be begun. Try it again.'))
      setIsBusy(false)
    }
  }
  return (
    <Sheet>
      <h1 className="text-2xl font-semibold">{about.title}</h1>
      <p className="pt-1 text-muted">
        {[
          about.mode === 'practice' ? 'Practice' : counted(about.itemCount, 'question', 'questions'),
          ...(about.timeLimit === null ? [] : [`${about.timeLimit} minutes from when you begin`]),
          ...(about.attempts === 1 ? ['each may hand in once'] : []),
          ...(about.closesAt === null ? [] : [`open until ${format(about.closesAt, 'd MMM HH:mm')}`]),
        ].join(' · ')}
      </p>
      {about.instructions && <p className="pt-3 font-text text-[15.5px] whitespace-pre-line">{about.instructions}</p>}
      {about.state === 'closed' && <p className="pt-4 text-beet">◆ This is closed.</p>}
      {about.state === 'early' && (
        <p className="pt-4 text-mustard-ink">
          ◐ This is not open yet{about.opensAt && `: it opens ${format(about.opensAt, 'd MMM HH:mm')}`}.
        </p>
      )}
      {about.state === 'open' && (
        <BeginForm
          begin={begin}
          about={about}
          fields={fields}
          setFields={setFields}
          own={own}
          setOwn={setOwn}
          error={error}
          isBusy={isBusy}
        />
      )}
      <GoOn open={open} />
    </Sheet>
  )
}

function BeginForm({
  begin,
  about,
  fields,
  setFields,
  own,
  setOwn,
  error,
  isBusy,
}: {
  readonly begin: () => Promise<void>
  readonly about: About
  readonly fields: Readonly<Record<string, string>>
  readonly setFields: (next: Readonly<Record<string, string>>) => void
  readonly own: string
  readonly setOwn: (next: string) => void
  readonly error: Error | null
  readonly isBusy: boolean
}) {
  return (
    <form
      className="mt-5 grid max-w-sm gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void begin()
      }}
    >
      {about.identity.map((name, at) => (
        <Field
          key={name}
          name={name}
          required
          maxLength={120}
          autoFocus={at === 0}
          autoComplete="off"
          value={fields[name] ?? ''}
          onChange={(event) => setFields({ ...fields, [name]: event.target.value })}
        />
      ))}
      {about.who === 'code' && (
        <Field
          name="Your own code"
          required
          maxLength={20}
          autoComplete="off"
          autoCapitalize="characters"
          value={own}
          onChange={(event) => setOwn(event.target.value)}
        />
      )}
      <Fault error={error} />
      <Button tone="lead" type="submit" className="justify-self-start !px-5 !py-1.5 text-base" disabled={isBusy}>
        {isBusy ? 'Beginning …' : 'Begin'}
      </Button>
    </form>
  )
}

/** Begun on another device: the code that was shown there. */
function GoOn({ open }: { readonly open: (token: string) => void }) {
  const [token, setToken] = useState('')
  return (
    <details className="pt-6 text-muted">
      <summary>I have begun on another device</summary>
      <form
        className="flex flex-wrap items-end gap-2 pt-2 text-ink"
        onSubmit={(event) => {
          event.preventDefault()
          open(token.trim().toUpperCase())
        }}
      >
        <Field
          name="Code to go on"
          placeholder="ABCD-EFGH-JKLM"
          required
          value={token}
          autoComplete="off"
          autoCapitalize="characters"
          onChange={(event) => setToken(event.target.value)}
        />
        <Button type="submit">Go on</Button>
      </form>
    </details>
  )
}
