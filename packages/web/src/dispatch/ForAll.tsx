import { plainText } from '@zakuska/core'
import type { Schemas } from '../api/client'
import type { Row } from './fit-rows'
import { FIELD } from '../parts/field-class'

export type ForAllSettings = Schemas['ForAllDto']

const FEEDBACK = [
  ['each', 'after each item'],
  ['after', 'after handing in'],
  ['never', 'never'],
] as const

/** What holds for all items of this delivery; what is left as it is comes from the paper. */
export function ForAll({
  settings,
  change,
  rows,
}: {
  readonly settings: ForAllSettings
  readonly change: (settings: ForAllSettings) => void
  readonly rows: readonly Row[]
}) {
  const exceptions = settings.exceptions ?? []
  const isSet = Object.entries(settings).some(([name, value]) => name !== 'exceptions' && value !== undefined)
  const set = (part: { readonly [Name in keyof ForAllSettings]?: ForAllSettings[Name] | undefined }): void => {
    const next = Object.entries({ ...settings, ...part }).filter(([, value]) => value !== undefined)
    change(Object.fromEntries(next))
  }
  return (
    <details className="border-t border-line pt-2">
      <summary className="cursor-pointer font-semibold">
        Set for all {isSet && <span className="font-normal text-mustard-ink">◐ differs from the paper</span>}
      </summary>
      <div className="grid gap-2 pt-2">
        <p className="text-xs text-muted">For this time only. What is left open stays as the paper has it.</p>
        <Amount
          name="Points each"
          unit=""
          least={0}
          most={1000}
          value={settings.points}
          set={(points) => set({ points })}
        />
        <Amount
          name="Time each"
          unit="seconds"
          least={5}
          most={3600}
          value={settings.timeLimit}
          set={(timeLimit) => set({ timeLimit })}
        />
        <YesNo name="Must be answered" value={settings.required} set={(required) => set({ required })} />
        <YesNo name="Items change places" value={settings.shuffleItems} set={(shuffleItems) => set({ shuffleItems })} />
        <YesNo
          name="Options change places"
          value={settings.shuffleOptions}
          set={(shuffleOptions) => set({ shuffleOptions })}
        />
        <label className="flex items-baseline justify-between gap-2">
          Feedback
          <select
            className={FIELD}
            value={settings.feedbackWhen ?? ''}
            onChange={(event) => set({ feedbackWhen: FEEDBACK.find(([name]) => name === event.target.value)?.[0] })}
          >
            <option value="">as in the paper</option>
            {FEEDBACK.map(([name, label]) => (
              <option key={name} value={name}>
                {label}
              </option>
            ))}
          </select>
        </label>
        {isSet && <Exceptions rows={rows} exceptions={exceptions} set={set} />}
      </div>
    </details>
  )
}

function Exceptions({
  rows,
  exceptions,
  set,
}: {
  readonly rows: readonly Row[]
  readonly exceptions: readonly string[]
  readonly set: (part: {
    readonly exceptions?: string[] | undefined
    readonly feedbackWhen?: 'each' | 'after' | 'never' | undefined
    readonly points?: number | undefined
    readonly required?: boolean | undefined
    readonly shuffleItems?: boolean | undefined
    readonly shuffleOptions?: boolean | undefined
    readonly timeLimit?: number | undefined
  }) => void
}) {
  return (
    <fieldset>
      <legend className="text-xs font-semibold text-muted">Except</legend>
      {rows.map((row, at) => (
        <label key={row.id} className="mr-2 inline-block" title={plainText(row.body.stem)}>
          <input
            type="checkbox"
            className="mr-0.5 accent-ink"
            checked={exceptions.includes(row.id)}
            onChange={(event) =>
              set({
                exceptions: event.target.checked ? [...exceptions, row.id] : exceptions.filter((one) => one !== row.id),
              })
            }
          />
          <span className="sr-only">item </span>
          {at + 1}
        </label>
      ))}
    </fieldset>
  )
}

function Amount({
  name,
  unit,
  least,
  most,
  value,
  set,
}: {
  readonly name: string
  readonly unit: string
  readonly least: number
  readonly most: number
  readonly value: number | undefined
  readonly set: (value: number | undefined) => void
}) {
  return (
    <label className="flex items-baseline justify-between gap-2">
      {name}
      <span>
        <input
          type="number"
          className={`${FIELD} w-20 text-right`}
          placeholder="as is"
          min={least}
          max={most}
          value={value ?? ''}
          onChange={(event) => {
            const given = event.target.valueAsNumber
            set(Number.isNaN(given) ? undefined : Math.min(most, Math.max(least, given)))
          }}
        />{' '}
        {unit}
      </span>
    </label>
  )
}

function YesNo({
  name,
  value,
  set,
}: {
  readonly name: string
  readonly value: boolean | undefined
  readonly set: (value: boolean | undefined) => void
}) {
  return (
    <label className="flex items-baseline justify-between gap-2">
      {name}
      <select
        className={FIELD}
        value={value === undefined ? '' : value ? 'yes' : 'no'}
        onChange={(event) => set(event.target.value === '' ? undefined : event.target.value === 'yes')}
      >
        <option value="">as in the paper</option>
        <option value="yes">yes</option>
        <option value="no">no</option>
      </select>
    </label>
  )
}
