import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/Button'
import { useTell, type Tell } from '../parts/notices'
import { Fault, Field } from '../parts/fields'
import { useWritingChanges, type Writing } from './queries'

type Given = Schemas['SetWritingServiceDto']
type Provider = Given['provider']

const PROVIDERS: Readonly<Record<Provider, string>> = {
  skerry: 'Skerry, which ships with Zakuska',
  chat: 'a chat model, by the common JSON over HTTP',
}

/** The writing service: which, where, with which key, within which limits, at what price. Nothing is on before it is set. */
export function ServiceForm({ writing }: { readonly writing: Writing }) {
  const { service, allowed } = writing
  const [given, setGiven] = useState<Given>(() => startOf(writing))
  const [key, setKey] = useState('')
  const { setService, removeService } = useWritingChanges()
  const tell = useTell()
  const set = (more: Partial<Given>): void => setGiven({ ...given, ...more })
  const number = (name: 'words' | 'units' | 'price' | 'cap') => ({
    type: 'number',
    min: 0,
    required: true,
    step: name === 'price' ? 'any' : 1,
    value: given[name],
    onChange: (event: { readonly target: { readonly value: string } }) => set({ [name]: Number(event.target.value) }),
  })
  const save = (): void =>
    setService.mutate(
      { ...given, ...(key && { key }) },
      { onSuccess: () => tell(`${given.name} was tried, and is the writing service now.`) },
    )
  return (
    <form
      aria-label="The service"
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <h2 className="text-xs font-semibold text-muted">The service</h2>
      <label className="block">
        What it is
        <ProviderChoice given={given} set={set} />
      </label>
      <Field
        name="Its name here"
        required
        maxLength={80}
        value={given.name}
        onChange={(event) => set({ name: event.target.value })}
      />
      <Field
        name="Address"
        type="url"
        required
        value={given.url}
        hint={allowed.length ? `This server calls ${allowed.join(', ')} only.` : 'This server calls this machine only.'}
        onChange={(event) => set({ url: event.target.value })}
      />
      <Field
        name="Key"
        type="password"
        autoComplete="off"
        value={key}
        placeholder={service?.hasKey ? 'the one that is kept' : ''}
        hint="Kept sealed, and shown to nobody."
        onChange={(event) => setKey(event.target.value)}
      />
      {given.provider === 'chat' && (
        <Field
          name="Model"
          required
          maxLength={120}
          value={given.model}
          onChange={(event) => set({ model: event.target.value })}
        />
      )}
      <Limits number={number} given={given} set={set} />
      <Field
        name="Units a person may use in a month"
        hint="Unless it is said otherwise of somebody below. Months begin at midnight UTC."
        {...number('cap')}
      />
      <Fault error={setService.error ?? removeService.error} />
      <Steps setService={setService} service={service} removeService={removeService} tell={tell} />
    </form>
  )
}

function ProviderChoice({ given, set }: { readonly given: Given; readonly set: (more: Partial<Given>) => void }) {
  return (
    <select
      className="mt-0.5 w-full rounded-[3px] border border-edge bg-sheet px-1.5 py-1.5"
      value={given.provider}
      onChange={(event) => set({ provider: event.target.value as Provider })}
    >
      {Object.entries(PROVIDERS).map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  )
}

function Steps({
  setService,
  service,
  removeService,
  tell,
}: {
  readonly setService: ReturnType<typeof useWritingChanges>['setService']
  readonly service: Schemas['WritingServiceDto'] | null
  readonly removeService: ReturnType<typeof useWritingChanges>['removeService']
  readonly tell: Tell
}) {
  return (
    <div className="flex gap-2">
      <Button tone="lead" type="submit" disabled={setService.isPending}>
        {setService.isPending ? 'Trying it …' : 'Try it and keep it'}
      </Button>
      {service && (
        <Button
          onClick={() =>
            removeService.mutate(undefined, {
              onSuccess: () => tell('Writing help is off, and its key is gone. The book stays.'),
            })
          }
        >
          Switch it off
        </Button>
      )}
    </div>
  )
}

function Limits({
  number,
  given,
  set,
}: {
  readonly number: (name: 'cap' | 'price' | 'units' | 'words') => {
    type: string
    min: number
    required: boolean
    step: string | number
    value: number
    onChange: (event: { readonly target: { readonly value: string } }) => void
  }
  readonly given: Given
  readonly set: (more: Partial<Given>) => void
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field name="Words of a request" {...number('words')} />
      <Field name="Units of a reply" {...number('units')} />
      <Field name="Price of 1,000 units" {...number('price')} />
      <Field
        name="Currency"
        maxLength={8}
        value={given.currency}
        onChange={(event) => set({ currency: event.target.value })}
      />
    </div>
  )
}

function startOf({ service, allowed }: Writing): Given {
  if (!service)
    return {
      ...{ provider: 'skerry', name: 'Skerry', url: allowed[0] ?? '', model: '' },
      ...{ words: 3000, units: 2500, price: 0, currency: '', cap: 20_000 },
    }
  const { hasKey: _hasKey, ...rest } = service
  return rest
}
